package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/**
 * Applies several edits in order, as one step. An edit that is no longer possible is skipped. Rounds of mending are
 * edits of this kind within one, which have no others within.
 */
public record ApplyRemedies(List<Edit> edits) implements Edit {
    private static final int MOST = 5000;

    public ApplyRemedies {
        edits = List.copyOf(edits);
        boolean deep = edits.stream().anyMatch(edit -> edit instanceof ApplyRemedies round && round.hasRounds());
        if (edits.isEmpty() || single(edits).count() > MOST || deep) {
            throw new BadInputException("One request makes 1 to " + MOST + " single edits.");
        }
    }

    private boolean hasRounds() {
        return edits.stream().anyMatch(ApplyRemedies.class::isInstance);
    }

    private static Stream<Edit> single(List<Edit> edits) {
        return edits.stream()
                .flatMap(edit -> edit instanceof ApplyRemedies round ? round.edits.stream() : Stream.of(edit));
    }

    @Override
    public Track on(Track track) {
        Track now = track;
        int done = 0;
        String why = "";
        for (Edit edit : inOrder()) {
            try {
                now = edit.on(now);
                done++;
            } catch (SaltDrumException e) {
                why = e.getMessage();
            }
        }
        if (done == 0) {
            throw new RefusedEditException(
                    edits.size() == 1 ? why : "None of these changes is possible. The last error: " + why);
        }
        return notByHand(track, now);
    }

    /** Breaks that a remedy made are not those of a person: a recipe may make others. */
    private static Track notByHand(Track before, Track after) {
        Set<Long> free = before.words()
                .filter(word -> word.pin() == Pin.FREE)
                .map(Word::id)
                .collect(Collectors.toSet());
        List<Cue> cues = after.cues().stream()
                .map(cue -> cue.withWords(cue.words().stream()
                        .map(word -> free.contains(word.id()) ? word.withPin(Pin.FREE) : word)
                        .toList()))
                .toList();
        return cues.equals(after.cues()) ? after : after.withCues(cues, after.nextId());
    }

    /** What follows the voice goes there together. */
    private List<Edit> inOrder() {
        List<Edit> order = new ArrayList<>();
        List<FollowVoice> voice = FollowVoice.among(edits).toList();
        if (!voice.isEmpty()) {
            order.add(FollowVoice.together(voice));
        }
        edits.stream().filter(edit -> !(edit instanceof FollowVoice)).forEach(order::add);
        return order;
    }

    @Override
    public String said(Track before) {
        List<Edit> all = single(edits).toList();
        String first = all.get(0).said(before);
        return all.size() == 1 ? first : first + ", and " + EditDescriptions.count(all.size() - 1, "more change");
    }

    @Override
    public List<String> styles() {
        return edits.stream().flatMap(edit -> edit.styles().stream()).toList();
    }
}
