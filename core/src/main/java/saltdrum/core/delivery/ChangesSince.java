package saltdrum.core.delivery;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/** What has changed in a track since a video was made of it, in words. */
public final class ChangesSince {
    private static final int MOST_NAMED = 3;

    private final Track then;
    private final Track now;
    private final List<String> said = new ArrayList<>();

    private ChangesSince(Track then, Track now) {
        this.then = then;
        this.now = now;
    }

    /**
     * One sentence a kind of change, words first. Words are the same by their ids, which stay with a word from edit to edit.
     *
     * @return empty where nothing that can be seen is different
     */
    public static List<String> of(Track then, Track now) {
        ChangesSince since = new ChangesSince(then, now);
        since.words();
        since.cues();
        since.looks();
        return List.copyOf(since.said);
    }

    private void words() {
        Map<Long, Word> old = new HashMap<>();
        then.words().forEach(word -> old.put(word.id(), word));
        List<String> retyped = new ArrayList<>();
        List<String> fresh = new ArrayList<>();
        int moved = 0;
        int stressed = 0;
        for (Word word : now.words().toList()) {
            Word before = old.remove(word.id());
            if (before == null) {
                fresh.add(Quoted.of(word.text()));
                continue;
            }
            if (!before.text().equals(word.text())) {
                retyped.add(Quoted.of(before.text()) + " is now " + Quoted.of(word.text()));
            }
            if (before.startMs() != word.startMs() || before.endMs() != word.endMs()) {
                moved++;
            }
            if (before.emphasis() != word.emphasis() || !before.look().equals(word.look())) {
                stressed++;
            }
        }
        if (!retyped.isEmpty()) {
            say(
                    retyped.size() <= MOST_NAMED
                            ? String.join("; ", retyped)
                            : retyped.size() + " words have another text");
        }
        named("New: ", fresh, "words are new");
        named(
                "Gone: ",
                old.values().stream().map(word -> Quoted.of(word.text())).toList(),
                "words are gone");
        counted(moved, "word has another time", "words have other times");
        counted(stressed, "word has another emphasis or colour", "words have another emphasis or colour");
    }

    private void cues() {
        Map<Long, Long> cueOfWord = new HashMap<>();
        Set<List<Object>> shapes = new HashSet<>();
        for (Cue cue : then.cues()) {
            shapes.add(shape(cue));
            cue.words().forEach(word -> cueOfWord.put(word.id(), cue.id()));
        }
        int broken = (int) now.cues().stream()
                .filter(cue -> cue.words().stream().allMatch(word -> cueOfWord.containsKey(word.id())))
                .filter(cue -> !shapes.contains(shape(cue)))
                .count();
        counted(broken, "cue has other breaks", "cues have other breaks");
        // By their words: a cue that was broken again has another id.
        Map<List<Object>, CueTime> times = new HashMap<>();
        Map<List<Long>, Cue> old = new HashMap<>();
        List<CueTime> before = CueTime.of(then);
        for (int i = 0; i < before.size(); i++) {
            Cue cue = then.cues().get(i);
            times.put(spoken(cue), before.get(i));
            old.put(ids(cue), cue);
        }
        int moved = 0;
        int looks = 0;
        List<CueTime> present = CueTime.of(now);
        for (int i = 0; i < present.size(); i++) {
            Cue cue = now.cues().get(i);
            CueTime time = times.get(spoken(cue));
            moved += time != null && !time.equals(present.get(i)) ? 1 : 0;
            Cue same = old.get(ids(cue));
            looks += same != null && !same.look().equals(cue.look()) ? 1 : 0;
        }
        counted(moved, "cue is shown at another time", "cues are shown at other times");
        counted(looks, "cue has another look", "cues have another look");
    }

    private static List<Long> ids(Cue cue) {
        return cue.words().stream().map(Word::id).toList();
    }

    private static List<Object> spoken(Cue cue) {
        return cue.words().stream()
                .<Object>map(word -> List.of(word.id(), word.startMs(), word.endMs()))
                .toList();
    }

    private static List<Object> shape(Cue cue) {
        return List.of(ids(cue), cue.lineStarts());
    }

    private void looks() {
        if (!then.language().equals(now.language())) {
            say("The language is " + now.language() + ", not " + then.language());
        }
        if (!then.style().equals(now.style())) {
            say("The style is " + now.style() + ", not " + then.style());
        } else if (!then.styling().equals(now.styling())) {
            say("The style was changed");
        }
        if (!then.frame().equals(now.frame())) {
            say("The frame has changed");
        }
        if (!then.beside().headlines().equals(now.beside().headlines())) {
            say("The headlines have changed");
        }
    }

    private void named(String before, List<String> words, String manyAre) {
        if (!words.isEmpty()) {
            say(words.size() <= MOST_NAMED ? before + String.join(", ", words) : words.size() + " " + manyAre);
        }
    }

    private void counted(int count, String one, String many) {
        if (count > 0) {
            say(count == 1 ? "1 " + one : count + " " + many);
        }
    }

    private void say(String sentence) {
        said.add(sentence + ".");
    }
}
