package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.TestDatabase;
import saltdrum.server.access.TestCodes;

/** An owner who signs in with a code, asks that of everybody, and reads the record. */
class SecondStepTest extends WithVisitors {
    private static void signIn(Page page, String email) {
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(PASSWORD);
        button(page, "Sign in").click();
    }

    /** @return the secret of the app */
    private static String setUp(Page page) {
        button(page, "Set it up").click();
        assertThat(page.getByLabel("Picture for the app")).isVisible();
        String secret = page.getByText(Pattern.compile("^([A-Z2-7]{4} ){7}[A-Z2-7]{4}$"))
                .innerText()
                .replace(" ", "");
        page.locator("input[autocomplete=current-password]").last().fill(PASSWORD);
        page.getByLabel("The code that the app shows").fill(TestCodes.of(secret, 0));
        button(page, "Turn it on").click();
        assertThat(page.getByLabel("Recovery codes").locator("li")).hasCount(10);
        return secret;
    }

    @Test
    void whoSignsInShowsACodeToo() throws Exception {
        RunningServer server = RunningServer.own(
                TestDatabase.own(), "second-step", "--salt-drum.url=http://localhost:{port}", "--salt-drum.hearers=0");
        try {
            walk(server);
        } finally {
            server.end();
        }
    }

    private void walk(RunningServer server) throws Exception {
        // Passkeys are bound to a name: a bare number has none.
        String home = server.url().replace("127.0.0.1", "localhost");
        Page ada = visitor(1280, false);
        ada.navigate(home);
        assertThat(ada.getByText("There is no owner yet")).isVisible();
        join(ada, Files.readString(server.data().resolve("owner-link.txt")).strip(), "Ada Quill", "ada@quay.example");
        ada.navigate(home + "/people");
        ada.getByLabel("Name of the new person").fill("Bo Tarn");
        button(ada, "Make a link").click();
        String invitation = ada.getByLabel("Link", new Page.GetByLabelOptions().setExact(true))
                .inputValue();
        Page bo = visitor(1280, false);
        join(bo, invitation, "Bo Tarn", "bo@quay.example");

        String secret = setUp(ada);
        String recovery = ada.getByLabel("Recovery codes").locator("li").first().innerText();
        button(ada, "I have them").click();
        assertThat(ada.getByText("with a second step")).isVisible();
        ada.getByLabel("Require a second step of everyone").click();
        assertThat(ada.getByLabel("Require a second step of everyone")).isChecked();

        // Bo is signed out, and cannot go on before he has one too.
        signIn(bo, "bo@quay.example");
        assertThat(bo.getByText("This workshop requires a code")).isVisible();
        String his = setUp(bo);
        button(bo, "I have them: sign in").click();
        signIn(bo, "bo@quay.example");
        bo.getByLabel("Code of your app").fill("000000");
        button(bo, "Sign in").click();
        assertThat(bo.getByRole(AriaRole.ALERT)).containsText("password or code is wrong");
        bo.getByLabel("Code of your app").fill(TestCodes.of(his, 1));
        button(bo, "Sign in").click();
        assertThat(button(bo, "Add a clip")).isVisible();

        ada.getByLabel("You are Ada Quill").click();
        ada.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        signIn(ada, "ada@quay.example");
        ada.getByLabel("Code of your app").fill(recovery);
        button(ada, "Sign in").click();
        assertThat(ada.getByLabel("You are Ada Quill")).isVisible();
        ada.navigate(home + "/people");
        Locator record = ada.getByLabel("Entries");
        assertThat(record).containsText("Bo Tarn");
        assertThat(record).containsText("Set up a second step");
        assertThat(record).containsText("Settled whether a second step is asked of all");
        Download csv = ada.waitForDownload(
                () -> ada.getByText("Save it as a table (CSV)").click());
        assertThat(Files.readString(csv.path())).contains("\"Bo Tarn\",\"Set up a second step\"");
        assertThat(secret).isNotEqualTo(his);
        passkey(ada, home);
    }

    /** With an authenticator as the browser itself plays it (WebAuthn Level 2, 11.2, “Virtual Authenticators”). */
    private static void passkey(Page ada, String home) {
        CDPSession browser = ada.context().newCDPSession(ada);
        browser.send("WebAuthn.enable");
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        JsonObject authenticator = new JsonObject();
        authenticator.add("options", options);
        browser.send("WebAuthn.addVirtualAuthenticator", authenticator);

        ada.getByLabel("Name of the passkey").fill("My telephone");
        button(ada, "Add a passkey").click();
        assertThat(ada.getByText("My telephone").first()).isVisible();
        assertThat(ada.getByLabel("Entries")).containsText("Added a passkey");
        ada.getByLabel("You are Ada Quill").click();
        ada.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        button(ada, "Sign in with a passkey").click();
        assertThat(ada.getByLabel("You are Ada Quill")).isVisible();
        ada.navigate(home + "/people");
        assertThat(ada.getByLabel("Entries")).containsText("Signed in with a passkey");
        button(ada, "Remove My telephone").click();
        assertThat(ada.getByLabel("Remove My telephone")).isHidden();
        ada.getByLabel("You are Ada Quill").click();
        ada.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        button(ada, "Sign in with a passkey").click();
        assertThat(ada.getByRole(AriaRole.ALERT)).isVisible();
    }
}
