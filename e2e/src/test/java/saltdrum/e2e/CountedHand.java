package saltdrum.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;

/** A hand at mouse and keyboard whose actions are counted: a click, a key with its modifiers, or one typed text. */
final class CountedHand {
    private final Page page;
    private int actions;

    CountedHand(Page page) {
        this.page = page;
    }

    int actions() {
        return actions;
    }

    void click(Locator what) {
        what.click();
        actions++;
    }

    void press(String key) {
        page.keyboard().press(key);
        actions++;
    }

    void type(String text) {
        page.keyboard().type(text);
        actions++;
    }

    void choose(Locator list, String label) {
        list.selectOption(new SelectOption().setLabel(label));
        actions++;
    }
}
