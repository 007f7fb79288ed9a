package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Every view of the bench, looked at by axe-core 4.11 (rules of WCAG 2.2 and its best practices). */
class AccessTest extends OnTheBench {
    private String axe;

    /** What axe finds serious or critical, in words. */
    private String found() throws Exception {
        if (axe == null) {
            axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        }
        page.evaluate(axe);
        return (String)
                page.evaluate(
                        """
                async () => (await axe.run(document, { resultTypes: ['violations'] })).violations
                  .filter((v) => ['serious', 'critical'].includes(v.impact))
                  .map((v) => v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 120)).join(' · ')).join('\\n')
                """);
    }

    @Test
    void axeFindsNothingSerious() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        for (String step : new String[] {"breaks", "frame", "style", "check", "render", "words"}) {
            page.navigate(server.url() + "/clips/" + clipId + "/" + step);
            Locator word = page.locator("[data-word]").nth(4);
            word.click();
            page.locator("[data-word][aria-pressed=true]").waitFor();
            assertThat(found()).as(step).isEmpty();
        }
        page.keyboard().press("t");
        page.getByLabel("Lens").first().waitFor();
        assertThat(found()).as("lens").isEmpty();
        page.keyboard().press("r");
        page.getByLabel("Replace with").waitFor();
        assertThat(found()).as("replace").isEmpty();
        page.locator("[data-word]").nth(2).click();
        page.keyboard().press("h");
        page.getByText("The beginning").waitFor();
        assertThat(found()).as("history").isEmpty();
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        page.getByText("While typing").waitFor();
        assertThat(found()).as("keys").isEmpty();
        page.keyboard().press("Escape");
        page.locator("[data-word]")
                .nth(2)
                .click(new Locator.ClickOptions().setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
        page.getByRole(AriaRole.MENU).waitFor();
        assertThat(found()).as("menu").isEmpty();
        page.keyboard().press("Escape");
        page.navigate(server.url());
        page.getByText("Three coats").first().waitFor();
        assertThat(found()).as("clips").isEmpty();
        page.navigate(server.url() + "/workshop");
        page.getByText("How long finished files are kept").waitFor();
        assertThat(found()).as("workshop").isEmpty();
        page.navigate(server.url() + "/people");
        page.getByText("Only people at this machine").waitFor();
        assertThat(found()).as("people").isEmpty();
        String review = server.post("/api/clips/" + clipId + "/reviews", "{\"days\":7,\"note\":\"Have a look.\"}")
                .path("path")
                .asString();
        page.navigate(server.url() + review);
        page.getByText("Have a look.").waitFor();
        page.getByLabel("What you want to say").fill("Later, please.");
        assertThat(found()).as("review").isEmpty();
        page.navigate(server.url() + "/orders/new?clips=" + clipId);
        page.getByText("One file").waitFor();
        assertThat(found()).as("new order").isEmpty();
        String order = server.post(
                        "/api/orders",
                        "{\"clips\":[\"" + clipId + "\"],\"outputs\":[\"STILL\"],\"sidecars\":[\"SRT\"]}")
                .path("order")
                .path("id")
                .asString();
        page.navigate(server.url() + "/orders/" + order);
        page.getByText("2 of 2 files done").waitFor();
        assertThat(found()).as("order").isEmpty();
        page.getByTitle("Look at it, and its receipt").first().click();
        page.getByText("No problems").waitFor();
        assertThat(found()).as("receipt").isEmpty();
    }
}
