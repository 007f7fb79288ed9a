package saltdrum.media.output;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.text.Quoted;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;

/** The kinds of files that can be made from a clip and its captions. */
public enum OutputKind {
    BURNED(
            new BurnedVideo(),
            "Video, captions burned in",
            "mp4",
            "video/mp4",
            "Captions are part of the picture and cannot be switched off."),
    CAPTIONED(
            new CaptionedVideo(),
            "Video with a caption stream",
            "mp4",
            "video/mp4",
            "Captions can be switched on and off. They look as the player has them, not as the style does."),
    CLEAN(new CleanVideo(), "Video without captions", "mp4", "video/mp4", "Without captions."),
    OVERLAY_PRORES(
            new OverlayFile(Overlay.Kind.PRORES),
            "Overlay for editing, ProRes 4444",
            "mov",
            "video/quicktime",
            "Only the captions, on a transparent background, for an editing program. Large."),
    OVERLAY_VP9(
            new OverlayFile(Overlay.Kind.VP9),
            "Overlay for the web, VP9",
            "webm",
            "video/webm",
            "Only the captions, on a transparent background. Small."),
    OVERLAY_PNG(
            new OverlayFile(Overlay.Kind.PNG),
            "Overlay, a picture a frame",
            "zip",
            "application/zip",
            "Only the captions, on a transparent background, one PNG for each frame."),
    SOUND(new SoundFile(), "Sound only", "m4a", "audio/mp4", "The clip’s sound without its picture."),
    STILL(
            new StillPicture(true),
            "Still with captions",
            "png",
            "image/png",
            "One frame of the video with its captions."),
    POSTER(
            new StillPicture(false),
            "Poster without captions",
            "png",
            "image/png",
            "One frame of the video without its captions."),
    PREVIEW_WEBP(
            new MovingPreviewFile(MovingPreview.Kind.WEBP),
            "Moving preview, WebP",
            "webp",
            "image/webp",
            "The first seconds with their captions, without sound."),
    PREVIEW_GIF(
            new MovingPreviewFile(MovingPreview.Kind.GIF),
            "Moving preview, GIF",
            "gif",
            "image/gif",
            "The first seconds with their captions, without sound."),
    SIDECAR(
            new SidecarFile(),
            "Caption file",
            "",
            "text/plain;charset=UTF-8",
            "A file beside the video, for platforms and players.");

    /** The kinds that are requested by name alone; a caption file also needs a format. */
    public static final List<OutputKind> NAMED =
            Arrays.stream(values()).filter(kind -> kind != SIDECAR).toList();

    public final String label;
    public final String ending;
    private final String mediaType;
    /** What it will be, in words. */
    public final String said;

    final OutputMaker maker;

    OutputKind(OutputMaker maker, String label, String ending, String mediaType, String said) {
        this.maker = maker;
        this.label = label;
        this.ending = ending;
        this.mediaType = mediaType;
        this.said = said;
    }

    /** The name on the command line: {@code overlay-prores}. */
    public String written() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it shows the captions as the style does. */
    public boolean styled() {
        return maker.styled();
    }

    /** Whether captions are in it in any way. */
    public boolean captions() {
        return maker.captions();
    }

    /** Whether it differs from language to language. */
    public boolean spoken() {
        return captions() && !allLanguages();
    }

    /** Whether one file holds all languages. */
    public boolean allLanguages() {
        return maker.allLanguages();
    }

    /** Whether it shows a picture, in a frame. */
    public boolean framed() {
        return maker.framed();
    }

    /** Whether a video of H.264 is encoded, whose quality can be chosen. */
    public boolean encoded() {
        return maker.encoded();
    }

    /** Whether many frames have to be encoded, which takes long; caption files, stills and copies need none. */
    public boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return maker.encodesFrames(info, frame, order);
    }

    /** Whether it can only be made from a clip with sound. */
    public boolean needsSound() {
        return maker.needsSound();
    }

    /** The media type (RFC 6838) of a file that was made here, by its extension; that of unknown bytes for any other. */
    public static String mediaType(String fileName) {
        String extension = fileName.substring(fileName.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (CaptionFormats.ALL.stream().anyMatch(format -> format.endings().contains(extension))) {
            return SIDECAR.mediaType;
        }
        return NAMED.stream()
                .filter(kind -> kind.ending.equals(extension))
                .map(kind -> kind.mediaType)
                .findFirst()
                .orElse("application/octet-stream");
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
