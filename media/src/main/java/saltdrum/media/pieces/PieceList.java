package saltdrum.media.pieces;

import java.util.List;

/**
 * The digests of a burned video's pieces ({@code PieceGrid}).
 *
 * @param made everything but the captions: the clip, its frame, the encoder and the tools; hexadecimal
 * @param shown what the captions show in each piece, in their order; hexadecimal
 */
public record PieceList(String made, List<String> shown) {
    public PieceList {
        shown = List.copyOf(shown);
    }

    /** The number of these pieces that another video has; 0 if it was encoded differently. */
    int found(PieceList in) {
        if (!made.equals(in.made) || shown.size() != in.shown.size()) {
            return 0;
        }
        int same = 0;
        for (int i = 0; i < shown.size(); i++) {
            same += shown.get(i).equals(in.shown.get(i)) ? 1 : 0;
        }
        return same;
    }
}
