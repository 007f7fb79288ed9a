package saltdrum.core.format.ass;

import saltdrum.core.cue.Size;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.look.Look;

/** The picture size and the fonts for which an ASS file is written. */
record AssPage(Size size, FontHeights heights) {
    AssLook of(Look look) {
        return AssLook.of(look, size, heights);
    }
}
