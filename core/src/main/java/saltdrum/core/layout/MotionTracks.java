package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.CueTime;
import saltdrum.core.motion.Easing;
import saltdrum.core.motion.Entrance;
import saltdrum.core.motion.Spoken;
import saltdrum.core.scene.Keyframe;
import saltdrum.core.scene.Property;
import saltdrum.core.scene.PropertyTrack;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;
import saltdrum.core.word.Word;

/** Writes entrance, spoken behaviour and exit as keyframes in clip time. */
final class MotionTracks {
    private final Style style;
    private final CueTime time;
    private final boolean flowsOn;
    private final int leadInMs;
    private final double em;

    /**
     * @param flowsOn the next cue follows without a gap, so this one leaves without an exit
     * @param leadInMs how much before its sound a word shows
     */
    MotionTracks(Style style, CueTime time, boolean flowsOn, int leadInMs, double em) {
        this.style = style;
        this.time = time;
        this.flowsOn = flowsOn;
        this.leadInMs = Math.max(0, leadInMs);
        this.em = em;
    }

    List<PropertyTrack> ofWord(Word word, Voice voice) {
        List<PropertyTrack> tracks = new ArrayList<>();
        entrance(word, tracks);
        for (Spoken spoken : style.spoken()) {
            if (spoken instanceof Spoken.Tint tint && voice == style.plain()) {
                tracks.add(colours(
                        Keyframe.of(word.startMs(), voice.fill(), Easing.OUT),
                        Keyframe.of(word.startMs() + rise(word, tint.ms()), tint.fill(), Easing.HOLD),
                        Keyframe.of(word.endMs(), tint.fill(), Easing.OUT),
                        Keyframe.of(word.endMs() + tint.ms(), voice.fill(), Easing.HOLD)));
            } else if (spoken instanceof Spoken.Lift lift) {
                if (lift.scale() != 1) {
                    tracks.add(whileSpoken(Property.SCALE, word, lift.ms(), 1, lift.scale()));
                }
                if (lift.rise() != 0) {
                    tracks.add(whileSpoken(Property.Y, word, lift.ms(), 0, -lift.rise() * em));
                }
            } else if (spoken instanceof Spoken.Kindle kindle) {
                int from = Math.max(time.showMs(), word.startMs() - leadInMs);
                tracks.add(numbers(
                        Property.OPACITY,
                        Keyframe.of(from, kindle.before(), Easing.OUT),
                        Keyframe.of(from + kindle.ms(), 1, Easing.HOLD)));
            }
        }
        exit(tracks);
        return tracks;
    }

    List<PropertyTrack> ofBacking() {
        List<PropertyTrack> tracks = new ArrayList<>();
        if (style.entrance().kind() != Entrance.Kind.NONE) {
            tracks.add(
                    fadeIn(time.showMs(), within(time.showMs(), style.entrance().ms())));
        }
        exit(tracks);
        return tracks;
    }

    /** The plate runs out with the word and fades when it has been said. */
    List<PropertyTrack> ofSweep(Word word, Spoken.Sweep sweep) {
        List<PropertyTrack> tracks = new ArrayList<>();
        int run = Math.min(word.durationMs(), Math.max(sweep.ms(), word.durationMs() * 2 / 3));
        tracks.add(numbers(
                Property.EXTENT,
                Keyframe.of(word.startMs(), 0, Easing.OUT),
                Keyframe.of(word.startMs() + run, 1, Easing.HOLD)));
        tracks.add(numbers(
                Property.OPACITY,
                Keyframe.of(word.endMs(), 1, Easing.IN_OUT),
                Keyframe.of(word.endMs() + sweep.ms(), 0, Easing.HOLD)));
        exit(tracks);
        return tracks;
    }

    private void entrance(Word word, List<PropertyTrack> tracks) {
        Entrance entrance = style.entrance();
        boolean perWord = entrance.unit() == Entrance.Unit.WORD;
        int from = perWord ? Math.max(time.showMs(), word.startMs() - leadInMs) : time.showMs();
        int ms = within(from, entrance.ms());
        switch (entrance.kind()) {
            case NONE -> {
                if (perWord) {
                    tracks.add(appear(from));
                }
            }
            case POP -> {
                if (perWord && from > time.showMs()) {
                    tracks.add(appear(from));
                }
                tracks.add(numbers(
                        Property.SCALE,
                        Keyframe.of(from, 1 - 0.43 * entrance.amount(), Easing.OUT),
                        Keyframe.of(from + 0.45 * ms, 1 + entrance.amount(), Easing.IN_OUT),
                        Keyframe.of(from + ms, 1, Easing.HOLD)));
            }
            case RISE -> {
                tracks.add(fadeIn(from, ms));
                tracks.add(numbers(
                        Property.Y,
                        Keyframe.of(from, entrance.amount() * em, Easing.OUT),
                        Keyframe.of(from + ms, 0, Easing.HOLD)));
            }
            case FADE -> tracks.add(fadeIn(from, ms));
        }
    }

    private void exit(List<PropertyTrack> tracks) {
        int ms = Math.min(style.exitMs(), (time.hideMs() - time.showMs()) / 3);
        if (ms > 0 && !flowsOn) {
            tracks.add(numbers(
                    Property.OPACITY,
                    Keyframe.of(time.hideMs() - ms, 1, Easing.IN),
                    Keyframe.of(time.hideMs(), 0, Easing.HOLD)));
        }
    }

    private int within(int from, int ms) {
        return Math.max(1, Math.min(ms, (time.hideMs() - from) * 2 / 3));
    }

    private static int rise(Word word, int ms) {
        return Math.max(1, Math.min(ms, word.durationMs()));
    }

    private static PropertyTrack appear(int from) {
        return numbers(Property.OPACITY, Keyframe.of(from - 1, 0, Easing.HOLD), Keyframe.of(from, 1, Easing.HOLD));
    }

    private static PropertyTrack fadeIn(int from, int ms) {
        return numbers(Property.OPACITY, Keyframe.of(from, 0, Easing.OUT), Keyframe.of(from + ms, 1, Easing.HOLD));
    }

    private static PropertyTrack whileSpoken(Property property, Word word, int ms, double rest, double spoken) {
        return numbers(
                property,
                Keyframe.of(word.startMs(), rest, Easing.OUT),
                Keyframe.of(word.startMs() + rise(word, ms), spoken, Easing.HOLD),
                Keyframe.of(word.endMs(), spoken, Easing.IN_OUT),
                Keyframe.of(word.endMs() + ms, rest, Easing.HOLD));
    }

    private static PropertyTrack numbers(Property property, Keyframe... keys) {
        return new PropertyTrack(
                property,
                java.util.Arrays.stream(keys)
                        .map(k -> Keyframe.of(Math.round(k.t()), Math.round(k.value() * 1e4) / 1e4, k.easing()))
                        .toList());
    }

    private static PropertyTrack colours(Keyframe... keys) {
        return new PropertyTrack(Property.FILL, List.of(keys));
    }
}
