package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleSupplier;

/**
 * Cuts a sound into pieces that the model hears well: 10 to 18 s of speech, cut in pauses, or where activity is
 * lowest. Cuts at fixed intervals lose and double words; more than 40 s at once loops or invents text. The first
 * piece may be shorter, so that its words appear sooner. Streams: a piece is emitted as soon as its end is known.
 */
final class Pieces {
    static final double ON = 0.5;
    private static final double OFF = 0.35;
    private static final int OFF_FRAMES = 4;
    private static final int AROUND_MS = 200;
    private static final int LEAST_MS = 8_000;
    private static final int LEAST_FIRST_MS = 3_500;
    private static final int MOST_MS = 18_000;

    /** The first piece is cut in the first pause of this length, or in the longest before it is too long. */
    private static final int GOOD_PAUSE_MS = 300;

    private static final int MOST_FIRST_MS = 9_000;
    /** Shorter than any syllable. Common practice, no source. */
    private static final int SHORTEST_SPEECH_MS = 150;

    /** A pause this long always ends a piece: context across it does not help. */
    private static final int LONG_PAUSE_MS = 2_500;

    /** @param speechMs of it that is speech */
    record Piece(int fromMs, int toMs, int speechMs) {
        int lengthMs() {
            return toMs - fromMs;
        }
    }

    private record Stretch(int fromMs, int toMs) {
        int lengthMs() {
            return toMs - fromMs;
        }
    }

    private final BooleanSupplier hasFrame;
    private final DoubleSupplier nextFrame;
    private final double frameMs;
    private final int lengthMs;
    private final List<Double> activity = new ArrayList<>();
    private final List<Stretch> open = new ArrayList<>();
    private final List<Piece> ready = new ArrayList<>();
    private int heardMs;
    private boolean any;
    private int speechFrom = -1;
    private int quiet;
    private boolean ended;

    Pieces(VoiceActivity voice, int lengthMs) {
        this(voice::hasNext, voice::next, VoiceActivity.FRAME_MS, lengthMs);
    }

    Pieces(BooleanSupplier hasFrame, DoubleSupplier nextFrame, double frameMs, int lengthMs) {
        this.hasFrame = hasFrame;
        this.nextFrame = nextFrame;
        this.frameMs = frameMs;
        this.lengthMs = lengthMs;
    }

    /** The next piece, or null when there is none. */
    Piece next() {
        while (ready.isEmpty() && !ended) {
            if (hasFrame.getAsBoolean()) {
                frame(nextFrame.getAsDouble());
            } else {
                ended = true;
                if (speechFrom >= 0) {
                    stretch(new Stretch(ms(speechFrom), lengthMs));
                }
                close(lengthMs);
            }
        }
        return ready.isEmpty() ? null : ready.remove(0);
    }

    private int ms(int frame) {
        return (int) Math.min(lengthMs, Math.round(frame * frameMs));
    }

    private void frame(double probability) {
        activity.add(probability);
        int frame = activity.size() - 1;
        if (speechFrom < 0) {
            if (probability >= ON) {
                speechFrom = frame;
                quiet = 0;
            } else if (!open.isEmpty() && ms(frame) - last().toMs() >= LONG_PAUSE_MS) {
                close(ms(frame));
            }
            return;
        }
        quiet = probability < OFF ? quiet + 1 : 0;
        if (quiet == OFF_FRAMES) {
            stretch(new Stretch(ms(speechFrom), ms(frame - OFF_FRAMES + 1)));
            speechFrom = -1;
        } else if (ms(frame) - from(speechFrom) >= MOST_MS) {
            // No pause so far: the piece ends here, cut where activity is lowest.
            stretch(new Stretch(ms(speechFrom), ms(frame)));
            boolean goesOn = !open.isEmpty() && last().toMs() == ms(frame);
            speechFrom = goesOn ? (int) Math.round(open.remove(open.size() - 1).fromMs() / frameMs) : frame;
        }
    }

    private int from(int speechFrame) {
        return open.isEmpty() ? ms(speechFrame) : Math.min(open.get(0).fromMs(), ms(speechFrame));
    }

    private Stretch last() {
        return open.get(open.size() - 1);
    }

    private void stretch(Stretch stretch) {
        if (stretch.lengthMs() <= 0) {
            return;
        }
        boolean soon = !any
                && !open.isEmpty()
                && openMs() >= LEAST_FIRST_MS
                && stretch.fromMs() - last().toMs() >= GOOD_PAUSE_MS
                && stretch.lengthMs() >= SHORTEST_SPEECH_MS;
        if (soon) {
            close(stretch.fromMs());
        }
        open.add(stretch);
        while (openMs() >= (any ? MOST_MS : MOST_FIRST_MS)) {
            if (!cutInPause()) {
                if (openMs() < MOST_MS) {
                    return;
                }
                split();
            }
        }
    }

    private int openMs() {
        return last().toMs() - open.get(0).fromMs();
    }

    /** Cuts in the longest pause that leaves a piece long enough; false where there is none. */
    private boolean cutInPause() {
        int from = open.get(0).fromMs();
        int longest = 0;
        int at = -1;
        for (int i = 1; i < open.size(); i++) {
            int length = open.get(i - 1).toMs() - from;
            int pause = open.get(i).fromMs() - open.get(i - 1).toMs();
            boolean fits = length >= (any ? LEAST_MS : LEAST_FIRST_MS) && length <= MOST_MS;
            if (fits && pause >= longest) {
                longest = pause;
                at = i;
            }
        }
        if (at < 0) {
            return false;
        }
        List<Stretch> after = new ArrayList<>(open.subList(at, open.size()));
        open.subList(at, open.size()).clear();
        close(after.get(0).fromMs());
        open.addAll(after);
        return true;
    }

    /** Cuts the open stretches, longer than a piece may be, where activity is least. */
    private void split() {
        int from = open.get(0).fromMs();
        int first = (int) ((from + LEAST_MS) / frameMs);
        int end = Math.min(activity.size(), (int) ((from + MOST_MS - AROUND_MS) / frameMs));
        int best = Math.min(first, activity.size() - 1);
        for (int f = first; f < end; f++) {
            if (activity.get(f) < activity.get(best)) {
                best = f;
            }
        }
        int cut = ms(best);
        List<Stretch> after = new ArrayList<>();
        List<Stretch> before = new ArrayList<>();
        for (Stretch s : open) {
            if (s.fromMs() < cut) {
                before.add(new Stretch(s.fromMs(), Math.min(cut, s.toMs())));
            }
            if (s.toMs() > cut) {
                after.add(new Stretch(Math.max(cut, s.fromMs()), s.toMs()));
            }
        }
        open.clear();
        open.addAll(before);
        close(cut);
        open.addAll(after);
    }

    /** Makes a piece of the open stretches. @param nextMs where speech goes on, or where it is known to be quiet until */
    private void close(int nextMs) {
        if (open.isEmpty()) {
            return;
        }
        int from = Math.max(heardMs, open.get(0).fromMs() - AROUND_MS);
        int end = last().toMs();
        int to = Math.min(lengthMs, end + Math.min(AROUND_MS, Math.max(0, (nextMs - end) / 2)));
        int speech = open.stream().mapToInt(Stretch::lengthMs).sum();
        open.clear();
        if (speech < SHORTEST_SPEECH_MS) {
            return;
        }
        heardMs = to;
        any = true;
        ready.add(new Piece(from, to, speech));
    }
}
