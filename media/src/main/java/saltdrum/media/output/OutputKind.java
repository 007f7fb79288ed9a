package saltdrum.media.output;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/** What can be made of a clip and its captions. */
public enum OutputKind {
    BURNED("Video, captions burned in", "mp4", "Captions are part of the picture and cannot be switched off."),
    CAPTIONED(
            "Video with a caption stream",
            "mp4",
            "Captions can be switched on and off. They look as the player has them, not as the style does."),
    CLEAN("Video without captions", "mp4", "No captions at all."),
    OVERLAY_PRORES(
            "Overlay for editing, ProRes 4444",
            "mov",
            "The captions alone over nothing, for an editing program. Large."),
    OVERLAY_VP9("Overlay for the web, VP9", "webm", "The captions alone over nothing, small."),
    OVERLAY_PNG("Overlay, a picture a frame", "zip", "The captions alone over nothing, a PNG a frame."),
    SOUND("Sound only", "m4a", "The clip’s sound without its picture."),
    STILL("Still with captions", "png", "One picture of the film, captions in it."),
    POSTER("Poster without captions", "png", "One picture of the film without its captions."),
    PREVIEW_WEBP("Moving preview, WebP", "webp", "The first seconds with their captions, without sound."),
    PREVIEW_GIF("Moving preview, GIF", "gif", "The first seconds with their captions, without sound."),
    SIDECAR("Caption file", "", "A file beside the video, for platforms and players.");

    /** The kinds that are requested by name alone; a caption file also needs a format. */
    public static final List<OutputKind> NAMED =
            Arrays.stream(values()).filter(kind -> kind != SIDECAR).toList();

    public final String label;
    public final String ending;
    /** What it will be, in words. */
    public final String said;

    OutputKind(String label, String ending, String said) {
        this.label = label;
        this.ending = ending;
        this.said = said;
    }

    /** The name on the command line: {@code overlay-prores}. */
    public String written() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it shows the captions as the style does. */
    public boolean styled() {
        return captions() && this != CAPTIONED && this != SIDECAR;
    }

    /** Whether captions are in it in any way. */
    public boolean captions() {
        return this != CLEAN && this != SOUND && this != POSTER;
    }

    /** Whether it differs from language to language; a caption stream holds them all. */
    public boolean spoken() {
        return captions() && this != CAPTIONED;
    }

    /** Whether it shows a picture, in a frame. */
    public boolean framed() {
        return this != SOUND && this != SIDECAR;
    }

    /** Whether a video of H.264 is encoded, whose quality can be chosen. */
    public boolean encoded() {
        return this == BURNED || this == CAPTIONED || this == CLEAN;
    }

    /** @throws BadInputException if there is none of that name */
    public static OutputKind of(String written) {
        return NAMED.stream()
                .filter(kind -> kind.written().equalsIgnoreCase(written.strip()))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no output " + Quoted.of(written) + ". There are: "
                        + NAMED.stream().map(OutputKind::written).collect(Collectors.joining(", ")) + "."));
    }
}
