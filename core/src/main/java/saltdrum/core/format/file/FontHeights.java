package saltdrum.core.format.file;

import saltdrum.core.look.Face;

/**
 * The heights of fonts. What ASS calls the size of a font is not its em but, as in Windows, the height of its cell: the
 * ascent and descent that its OS/2 table has for Windows (libass, {@code ass_font.c}).
 */
public interface FontHeights {
    /** Where nothing is known of fonts. */
    FontHeights EM = face -> 1;

    /** The height of the cell, em. */
    double cellOf(Face face);
}
