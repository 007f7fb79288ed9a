package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A typed value that is refused, or becomes another one, is said at its field. */
class TypedValuesTest extends OnTheBench {
    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    private void type(String label, String text) {
        field(label).click();
        page.keyboard().type(text);
        page.keyboard().press("Enter");
    }

    private Locator said() {
        return page.getByRole(AriaRole.ALERT).last();
    }

    @Test
    void numbersColoursAndTimesSayWhatBecameOfThem() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        word("Friday.").click();
        // A new clip has the style that was taken last, by another test perhaps.
        String weight = field("Weight").inputValue();
        type("Weight", "abc");
        assertThat(said()).hasText("“abc” is not a number. It stays " + weight + ".");
        assertThat(field("Weight")).hasValue(weight);
        type("Line height", "99");
        assertThat(said()).hasText("0.50 to 3.00: it is 3.00 now.");
        assertThat(field("Line height")).hasValue("3.00");

        page.locator("[aria-label^='Fill: #']").first().click();
        type("Fill, written", "yelow");
        assertThat(said()).containsText("“yelow” is not a colour");
        // The popover keeps the focus: what is typed next replaces the value.
        page.keyboard().type("gold");
        page.keyboard().press("Enter");
        assertThat(field("Fill, written")).hasValue("#ffd700");
        page.keyboard().press("Escape");

        page.navigate(server.url() + "/clips/" + clipId + "/words");
        word("thin").click();
        page.keyboard().press("t");
        type("The cue goes at", "0:99");
        assertThat(said()).containsText("“0:99” is not a time");
        type("The cue goes at", "0:09");
        assertThat(said()).containsText("0:09.000 is beyond what is beside it");
    }
}
