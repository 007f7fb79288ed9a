package saltdrum.core.scene;

import saltdrum.core.colour.Colours;

/**
 * One shape of a picture.
 *
 * @param path SVG path data in 1/1000 of the picture's width, y down, origin at its top left
 * @param evenOdd which points are inside: by the even-odd rule, else nonzero (SVG 2, §13.4.2)
 */
public record PictureLayer(String path, String fill, boolean evenOdd) {
    public PictureLayer {
        Colours.check(fill);
    }
}
