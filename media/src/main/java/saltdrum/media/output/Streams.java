package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.media.burn.SoundPlan;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.ffmpeg.Conversion;
import saltdrum.media.ffmpeg.Ffmpeg;

/** Makes videos and sounds without encoding the picture. */
public final class Streams {
    /** Pictures that MP4 holds and players know. */
    private static final List<String> IN_MP4 = List.of("h264", "hevc", "av1", "mpeg4");

    private Streams() {}

    /** Whether the picture's codec can be copied into an MP4. */
    public static boolean fits(ClipInfo info) {
        return IN_MP4.contains(info.videoCodec());
    }

    /** Captions of one language. */
    private record Sidecar(Path file, String language) {}

    /**
     * Writes the video with switchable captions, as {@code mov_text}; earlier caption streams are left out. The
     * picture and, if MP4 supports its codec, the sound are copied.
     *
     * @param video whose picture is in the wanted frame
     * @param tracks one a language; the first one is the default
     */
    public static void captioned(
            Path video, ClipInfo info, List<Track> tracks, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        if (tracks.stream().allMatch(track -> track.cues().isEmpty())) {
            throw new BadInputException("There are no cues for a caption stream.");
        }
        List<Sidecar> sidecars = new ArrayList<>();
        try {
            for (Track track : tracks) {
                if (!track.cues().isEmpty()) {
                    Path file = Files.createTempFile(out.toAbsolutePath().getParent(), "captions", ".srt");
                    sidecars.add(new Sidecar(file, track.language()));
                    Files.writeString(
                            file, CaptionFormats.SRT.write(track, null, new Size(info.width(), info.height())));
                }
            }
            copy(video, info, sidecars, out, progress, stopped);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            sidecars.forEach(sidecar -> delete(sidecar.file));
        }
    }

    /** The video without any captions that could be switched on. */
    public static void clean(Path video, ClipInfo info, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        copy(video, info, List.of(), out, progress, stopped);
    }

    private static void copy(
            Path video,
            ClipInfo info,
            List<Sidecar> sidecars,
            Path out,
            DoubleConsumer progress,
            BooleanSupplier stopped) {
        if (!fits(info)) {
            throw new BadInputException("MP4 cannot hold this clip's picture as it is (" + info.videoCodec() + ").");
        }
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(video));
        for (Sidecar sidecar : sidecars) {
            command.addAll(List.of("-f", "srt", "-i", "file:" + sidecar.file));
        }
        command.addAll(List.of("-map", "0:v:0", "-map", "0:a?", "-c:v", "copy"));
        command.addAll(SoundPlan.of(info).arguments());
        for (int i = 0; i < sidecars.size(); i++) {
            command.addAll(List.of("-map", (i + 1) + ":0", "-metadata:s:s:" + i));
            command.add("language=" + threeLetters(sidecars.get(i).language));
            command.addAll(List.of("-disposition:s:" + i, i == 0 ? "default" : "0"));
        }
        if (!sidecars.isEmpty()) {
            command.addAll(List.of("-c:s", "mov_text"));
        }
        command.addAll(List.of("-strict", "-2", "-map_chapters", "-1", "-movflags", "+faststart", "-f", "mp4"));
        Conversion.run(
                command,
                out.toAbsolutePath().toString(),
                info.durationMs(),
                progress,
                stopped,
                "The video could not be put together");
    }

    /** MP4 names languages by three letters (ISO 639-2). */
    private static String threeLetters(String tag) {
        try {
            String three = Locale.forLanguageTag(tag).getISO3Language();
            return three.isEmpty() ? "und" : three;
        } catch (MissingResourceException unknown) {
            return "und";
        }
    }

    /** The sound alone as M4A: copied where that can hold it, else encoded. */
    public static void sound(Path video, ClipInfo info, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        if (info.sounds().isEmpty()) {
            throw new BadInputException("The clip has no sound.");
        }
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(video));
        boolean aac = info.sounds().get(0).codec().equals("aac");
        command.addAll(List.of("-map", "0:a:0", "-vn"));
        command.addAll(aac ? List.of("-c:a", "copy") : List.of("-c:a", "aac", "-b:a", "192k"));
        command.addAll(List.of("-map_chapters", "-1", "-movflags", "+faststart", "-f", "ipod"));
        Conversion.run(
                command,
                out.toAbsolutePath().toString(),
                info.durationMs(),
                progress,
                stopped,
                "The sound could not be written");
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
