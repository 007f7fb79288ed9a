package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Letters of every script, and words that are too long. */
class StyleScriptsTest extends AtTheStyle {
    @Test
    void everyScriptIsSetAndWhatHasNoLettersIsTold() throws Exception {
        String clipId = styled(
                "Scripts.mp4",
                """
                1
                00:00:00,200 --> 00:00:01,200
                潮が満ちる

                2
                00:00:01,300 --> 00:00:02,400
                البحر لا يغفر

                3
                00:00:02,500 --> 00:00:03,600
                น้ำขึ้น

                4
                00:00:03,700 --> 00:00:04,600
                tide 🌊 and \uD83E\uDEE9
                """);
        long version = version(clipId);
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Fill: one colour or several"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Blend"))
                .click();
        awaitVersionAfter(clipId, version);
        for (int ms : new int[] {900, 2000, 3200}) {
            pixels(ms);
            assertThat(inkOnStage()).as("at " + ms).isGreaterThan(1500);
        }
        assertThat(page.getByText("no letters for \uD83E\uDEE9")).hasCount(1);
        page.locator("a[data-step=render]").click();
        assertThat(page.getByText("One cue has characters that no typeface here has"))
                .isVisible();
    }

    @Test
    void aLongWordIsShrunkAndItsMeasureTold() throws Exception {
        String clipId = styled(
                "Long.mp4",
                """
                1
                00:00:00,200 --> 00:00:01,200
                Donaudampfschifffahrtsgesellschaft

                2
                00:00:01,300 --> 00:00:02,400
                Row home
                """);
        assertThat(page.getByText(Pattern.compile("set at \\d+\\s%"))).hasCount(1);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Place").setExact(true))
                .click();
        long version = version(clipId);
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Text that does not fit"))
                .selectOption("ALL");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByText(Pattern.compile("set at \\d+\\s%"))).hasCount(2);
    }
}
