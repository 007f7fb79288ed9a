package saltdrum.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.TimeoutError;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds the controls of a page in its DOM, one of each kind: rows that repeat count once. What would leave the bench,
 * order work or delete something is answered with a refusal, so that the walk goes on on the same clip.
 */
final class ControlWalk {
    static final String SCRIPT =
            """
            () => {
              const CONTROLS = 'button, a[href], input, select, textarea, summary, [role=slider], [tabindex="0"]';
              const nameOf = (e) => (e.dataset.word ? 'word' : e.getAttribute('aria-label') || e.labels?.[0]?.textContent
                || e.textContent || e.title || e.placeholder || '').trim().replace(/[\\d:.]+/g, '#').slice(0, 60);
              const kindOf = (e) => [e.getAttribute('role') ?? e.localName, e.type ?? '', nameOf(e)].join(' ');
              const seen = (e) => !e.disabled && e.type !== 'file' && e.checkVisibility({ visibilityProperty: true })
                && e.getBoundingClientRect().width > 0;
              const folds = (e) => Number(e.hasAttribute('aria-expanded') && !e.hasAttribute('aria-haspopup'));
              const all = () => [...document.querySelectorAll(CONTROLS)].filter(seen);
              window.walk = {
                /** What shows or hides others comes last. */
                kinds: () => [...new Set(all().sort((a, b) => folds(a) - folds(b)).map(kindOf))],
                unfold: () => document.querySelectorAll('aside [aria-expanded=false]:not([aria-haspopup])')
                  .forEach((e) => e.click()),
                /** Its middle, where a pointer would reach it; null where something covers it. */
                at: async (kind) => {
                  const e = all().find((one) => kindOf(one) === kind);
                  if (!e) return null;
                  e.scrollIntoView({ block: 'center', inline: 'nearest' });
                  await new Promise((done) => setTimeout(done, 60));
                  const box = e.getBoundingClientRect();
                  const x = box.x + box.width / 2;
                  const y = box.y + box.height / 2;
                  const there = document.elementFromPoint(x, y);
                  return there && (e.contains(there) || there.contains(e)) ? [x, y] : null;
                },
                /** Whether the clip begins to play within half a minute; it rests again after that. */
                plays: async () => {
                  const video = document.querySelector('video');
                  for (let i = 0; i < 3000 && video.paused; i++) await new Promise((done) => setTimeout(done, 10));
                  const plays = !video.paused;
                  video.pause();
                  return plays;
                },
                open: () => document.querySelector('[role=dialog], [role=menu], [role=listbox], '
                  + '[aria-label="Back to the bench"]') !== null,
                typing: () => document.activeElement.matches('select, textarea, input:not([type]), input[type=text], '
                  + 'input[type=number], input[type=search]'),
                /** What has the keyboard although it was clicked; words and handles may keep it. */
                holder: () => {
                  const e = document.activeElement;
                  return e === document.body || e.dataset.word || e.matches('[role=slider]:not(input), [role=group], select')
                    ? '' : kindOf(e);
                },
                holds: () => kindOf(document.activeElement),
                isButton: () => {
                  const e = document.activeElement;
                  return e.matches('button:not([data-word]):not([role=radio]), input[type=checkbox], [role=switch]');
                },
                clicks: 0,
              };
              document.addEventListener('click', () => window.walk.clicks++, true);
            }
            """;

    /** Requests that change something: only these reach the server. */
    private static final String LET_THROUGH =
            ".*/(track/(edits|undo|redo|history|preview|places|merged)|attempt|presence/\\w+|plan|estimates|going|guess)(\\?.*)?";

    private final Page page;
    private final List<String> changes = new ArrayList<>();
    private final Set<Request> unanswered = new HashSet<>();

    ControlWalk(Page page) {
        this.page = page;
        page.addInitScript("document.addEventListener('DOMContentLoaded', " + SCRIPT + ")");
        page.onRequest(this::note);
        page.onRequestFinished(unanswered::remove);
        page.onRequestFailed(unanswered::remove);
        page.route("**/api/**", this::refuse);
        // A download or another page would end the walk.
        page.onDialog(dialog -> {
            if (dialog.type().equals("beforeunload")) {
                dialog.accept();
            } else {
                dialog.dismiss();
            }
        });
    }

    private void note(Request request) {
        if (request.isNavigationRequest() && request.frame() == page.mainFrame()) {
            // What the page before was still waiting for is never reported as done.
            unanswered.clear();
        }
        if (!request.method().equals("GET")
                && !request.url().matches(".*/(preview|places|attempt|presence/\\w+|plan|estimates|going)(\\?.*)?")) {
            changes.add(request.method() + " " + request.url().replaceAll("^.*?/api", ""));
            unanswered.add(request);
        }
    }

    private void refuse(Route route) {
        Request request = route.request();
        if (request.method().equals("GET") || request.url().matches(LET_THROUGH)) {
            route.resume();
        } else {
            route.fulfill(new Route.FulfillOptions()
                    .setStatus(409)
                    .setContentType("application/json")
                    .setBody("{\"detail\":\"Refused by the walk.\"}"));
        }
    }

    /** Waits until each change is answered: the next one waits for that in the page. */
    void settle() {
        awaitAnswers();
        page.waitForTimeout(50);
        awaitAnswers();
    }

    private void awaitAnswers() {
        try {
            page.waitForCondition(unanswered::isEmpty);
        } catch (TimeoutError e) {
            throw new AssertionError(
                    "Not answered: "
                            + unanswered.stream()
                                    .map(request -> request.method() + " " + request.url() + " " + request.postData())
                                    .toList(),
                    e);
        }
    }

    /** Changes that were sent since the last call. */
    List<String> changes() {
        List<String> sent = List.copyOf(changes);
        changes.clear();
        return sent;
    }

    /** Whether such a change is sent within half a minute. */
    boolean sends(String ending) {
        for (int i = 0; i < 600; i++) {
            if (changes().stream().anyMatch(change -> change.endsWith(ending))) {
                settle();
                return true;
            }
            page.waitForTimeout(50);
        }
        return false;
    }

    @SuppressWarnings("unchecked")
    List<String> kinds() {
        return (List<String>) page.evaluate("walk.kinds()");
    }

    /** Clicks one of the kind with the mouse. @return false where none is in reach */
    boolean click(String kind) {
        Object at = page.evaluate("kind => walk.at(kind)", kind);
        if (at == null) {
            return false;
        }
        List<?> point = (List<?>) at;
        page.mouse().click(((Number) point.get(0)).doubleValue(), ((Number) point.get(1)).doubleValue());
        page.waitForTimeout(120);
        return true;
    }

    /** Closes what is open: menus and dialogs keep the keyboard until then. */
    void closeAll() {
        for (int i = 0; i < 4 && is("walk.open() || walk.typing()"); i++) {
            page.keyboard().press("Escape");
            page.waitForTimeout(60);
        }
    }

    boolean is(String what) {
        return Boolean.TRUE.equals(page.evaluate(what));
    }

    String says(String what) {
        return String.valueOf(page.evaluate(what));
    }
}
