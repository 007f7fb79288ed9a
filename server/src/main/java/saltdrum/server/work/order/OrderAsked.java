package saltdrum.server.work.order;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.delivery.NamePattern;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.burn.Quality;
import saltdrum.media.output.OutputKind;

/**
 * A requested order: every output of every clip in every style, frame and language listed. An empty entry means the
 * present one of the clip.
 *
 * @param languages of translations
 * @param frames by their labels: 9:16
 * @param sidecars kinds of caption files, by their names
 * @param pattern of file names ({@link NamePattern}); null for the usual one
 * @param momentMs of stills; null for the first cue's
 */
public record OrderAsked(
        List<String> clips,
        @MayBeMissing List<String> languages,
        @MayBeMissing List<String> styles,
        @MayBeMissing List<String> frames,
        @MayBeMissing List<OutputKind> outputs,
        @MayBeMissing List<String> sidecars,
        @MayBeMissing How how,
        @MayBeMissing String pattern,
        @MayBeMissing Long momentMs)
        implements FromOutside {
    private static final double BYTES = 1e6;

    public OrderAsked {
        clips = once(clips);
        languages = orNow(languages);
        styles = orNow(styles);
        frames = orNow(frames);
        outputs = outputs == null ? List.of() : outputs.stream().distinct().toList();
        sidecars = sidecars == null ? List.of() : once(sidecars);
        how = how == null ? How.USUAL : how;
        if (outputs.contains(OutputKind.SIDECAR)) {
            throw new BadInputException("Choose the caption files: “sidecars” lists them.");
        }
    }

    private static List<String> once(List<String> texts) {
        return texts.stream().distinct().toList();
    }

    private static List<String> orNow(List<String> texts) {
        return texts == null || texts.isEmpty() ? List.of("") : once(texts);
    }

    /**
     * How videos are encoded; every part may be missing.
     *
     * @param quality null for the usual one
     * @param preset of x264, in place of the quality's
     * @param crf in place of the quality's
     * @param keepCaptions whether caption streams of the clip go into the video as well
     * @param shortSide of the finished picture, pixels; null for its own
     * @param rate frames a second; null for the clip's own
     * @param megabytes that the file may have, in place of the quality
     */
    public record How(
            @MayBeMissing Quality quality,
            @MayBeMissing String preset,
            @MayBeMissing Integer crf,
            @MayBeMissing Boolean keepCaptions,
            @MayBeMissing Integer shortSide,
            @MayBeMissing Double rate,
            @MayBeMissing Double megabytes) {
        static final How USUAL = new How(null, null, null, null, null, null, null);

        BurnOrder encoding() {
            if (megabytes != null && !(megabytes > 0 && megabytes < 4096)) {
                throw new BadInputException("A file has more than 0 and less than 4,096 MB, not " + megabytes + ".");
            }
            BurnOrder usual = (quality == null ? Quality.GOOD : quality)
                    .order(
                            Boolean.TRUE.equals(keepCaptions),
                            rate,
                            megabytes == null ? null : Math.round(megabytes * BYTES));
            return new BurnOrder(
                    preset == null ? usual.preset() : preset,
                    crf == null ? usual.crf() : crf,
                    usual.keepCaptions(),
                    usual.rate(),
                    usual.mostBytes());
        }
    }
}
