package saltdrum.core.scene;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import saltdrum.core.colour.Colours;

/**
 * One shape of a picture, or the whole of it in pixels.
 *
 * @param path SVG path data in 1/1000 of the picture's width, y down, origin at its top left; the whole square for pixels
 * @param evenOdd which points are inside: by the even-odd rule, else nonzero (SVG 2, §13.4.2)
 * @param pixels what is drawn over the whole square, at several sizes, the largest first; empty for a shape in one colour
 */
public record PictureLayer(
        String path, String fill, boolean evenOdd, @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Pixels> pixels) {
    public PictureLayer {
        Colours.check(fill);
        pixels = pixels == null ? List.of() : List.copyOf(pixels);
    }

    public PictureLayer(String path, String fill, boolean evenOdd) {
        this(path, fill, evenOdd, List.of());
    }

    public static PictureLayer of(List<Pixels> sizes) {
        return new PictureLayer("M0 0L1000 0L1000 1000L0 1000Z", "#000000", false, sizes);
    }
}
