package saltdrum.core.format.ass;

import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.Size;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.look.Look;

/** The picture size and the fonts for which an ASS file is written. @param zones what a phone covers of it */
record AssPage(Size size, SafeZones zones, FontHeights heights) {
    AssLook of(Look look) {
        return AssLook.of(look, size, zones, heights);
    }
}
