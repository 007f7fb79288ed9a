package saltdrum.speech.neural;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Activity is given here frame by frame, 100 ms each. */
class PiecesTest {
    private static final int FRAME_MS = 100;

    /** @param stretches seconds of speech, then of silence, and so on */
    private static List<Pieces.Piece> cut(double... stretches) {
        List<Double> frames = new ArrayList<>();
        boolean speech = true;
        for (double seconds : stretches) {
            for (int i = 0; i < Math.round(seconds * 10); i++) {
                frames.add(speech ? 0.9 : 0.05);
            }
            speech = !speech;
        }
        return cut(frames);
    }

    private static List<Pieces.Piece> cut(List<Double> frames) {
        int[] at = {0};
        Pieces pieces =
                new Pieces(() -> at[0] < frames.size(), () -> frames.get(at[0]++), FRAME_MS, frames.size() * FRAME_MS);
        List<Pieces.Piece> all = new ArrayList<>();
        for (Pieces.Piece piece = pieces.next(); piece != null; piece = pieces.next()) {
            all.add(piece);
        }
        return all;
    }

    @Test
    void silenceGivesNothing() {
        assertThat(cut(0, 30)).isEmpty();
        assertThat(cut(0, 2, 0.1, 2)).as("a click is no speech").isEmpty();
    }

    @Test
    void shortSpeechIsOnePieceWithALittleAroundIt() {
        assertThat(cut(0, 1, 2, 3)).containsExactly(new Pieces.Piece(800, 3200, 2000));
    }

    @Test
    void theFirstPieceEndsInTheFirstGoodPause() {
        List<Pieces.Piece> pieces = cut(4, 0.5, 5, 0.5, 5);
        assertThat(pieces.get(0)).isEqualTo(new Pieces.Piece(0, 4200, 4000));
    }

    @Test
    void laterPiecesAreCutInTheirLongestPause() {
        List<Pieces.Piece> pieces = cut(4, 0.5, 9, 0.5, 2, 1.5, 2, 0.5, 9);
        assertThat(pieces.get(1).toMs()).as("in the pause of 1.5 s").isEqualTo(16_200);
    }

    @Test
    void whoNeverPausesIsCutWhereActivityIsLeast() {
        List<Double> frames = new ArrayList<>(java.util.Collections.nCopies(400, 0.9));
        frames.set(130, 0.6);
        List<Pieces.Piece> pieces = cut(frames);
        assertThat(pieces.get(0).toMs()).isEqualTo(13_000);
        assertThat(pieces).allMatch(piece -> piece.lengthMs() <= 18_200);
        assertThat(pieces.get(pieces.size() - 1).toMs()).isEqualTo(40_000);
    }

    @Test
    void piecesNeitherOverlapNorLeaveSpeechOut() {
        java.util.Random random = new java.util.Random(4);
        for (int run = 0; run < 200; run++) {
            double[] stretches = random.doubles(2 + random.nextInt(30), 0.1, 9).toArray();
            List<Pieces.Piece> pieces = cut(stretches);
            int before = 0;
            for (Pieces.Piece piece : pieces) {
                assertThat(piece.fromMs()).isGreaterThanOrEqualTo(before).isLessThan(piece.toMs());
                assertThat(piece.lengthMs()).isLessThanOrEqualTo(18_500);
                before = piece.toMs();
            }
            double at = 0;
            for (int i = 0; i < stretches.length; i++) {
                double from = at;
                double to = at + Math.round(stretches[i] * 10) / 10.0;
                at = to;
                if (i % 2 == 0 && stretches[i] > 0.5) {
                    int middle = (int) ((from + to) * 500);
                    assertThat(pieces)
                            .as("%s at %d", Arrays.toString(stretches), middle)
                            .anyMatch(p -> p.fromMs() <= middle && p.toMs() >= middle);
                }
            }
        }
    }
}
