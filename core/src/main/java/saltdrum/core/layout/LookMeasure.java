package saltdrum.core.layout;

import java.util.List;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.look.Look;
import saltdrum.core.word.Word;

/** Measures lines in the look of a track at its full size, against the room that this has for them. */
final class LookMeasure implements LineMeasure {
    /** Names nothing: only the words and the track's look count. */
    private static final long NO_CUE = 1;

    private final LineLayout.Setting setting;

    LookMeasure(LineLayout.Setting setting) {
        this.setting = setting;
    }

    @Override
    public boolean tall() {
        return setting.design().height() > setting.design().width();
    }

    @Override
    public Lines of(List<Word> words, int lines) {
        if (words.isEmpty()) {
            return (start, end) -> true;
        }
        Cue all = new Cue(NO_CUE, words, List.of(), false);
        Look look = setting.cascade().ofTrack();
        List<MeasuredWord> measured =
                CueLines.measured(all, look, setting.typesetter().metrics(look.face()), setting);
        double[] to = new double[words.size() + 1];
        double[] gaps = new double[words.size()];
        for (int i = 0; i < measured.size(); i++) {
            gaps[i] = measured.get(i).gap();
            to[i + 1] = to[i] + gaps[i] + measured.get(i).width();
        }
        double room =
                BlockPlace.of(look, setting.zones(), setting.design(), lines).room(look);
        int characters = words.stream()
                .mapToInt(word -> ReadingSpeed.characters(word.text()) + 1)
                .sum();
        double typical = room * characters / Math.max(1, to[words.size()]);
        return new Lines() {
            @Override
            public boolean fit(int start, int end) {
                return to[end] - to[start] - gaps[start] <= room;
            }

            @Override
            public double characters() {
                return typical;
            }
        };
    }
}
