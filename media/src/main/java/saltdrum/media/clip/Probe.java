package saltdrum.media.clip;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Looks into an untrusted file. What is not a clip we can caption is refused in one sentence. */
public final class Probe {
    public static final int MOST_SIDE = 4096;
    public static final int MOST_MINUTES = 30;
    private static final JsonMapper JSON = new JsonMapper();

    private Probe() {}

    /** @throws BadInputException says what is wrong and what to do */
    public static ClipInfo of(Path file) {
        JsonNode root = ask(file);
        JsonNode video = null;
        List<ClipInfo.Sound> sounds = new ArrayList<>();
        List<ClipInfo.Captions> captions = new ArrayList<>();
        for (JsonNode stream : root.path("streams")) {
            String codec = stream.path("codec_name").asString("unknown");
            String language = stream.path("tags").path("language").asString("und");
            switch (stream.path("codec_type").asString("")) {
                case "video" -> {
                    if (video == null
                            && stream.path("disposition").path("attached_pic").asInt(0) == 0) {
                        video = stream;
                    }
                }
                case "audio" ->
                    sounds.add(new ClipInfo.Sound(
                            sounds.size(),
                            codec,
                            stream.path("channels").asInt(0),
                            Integer.parseInt(stream.path("sample_rate").asString("0")),
                            language));
                case "subtitle" -> captions.add(new ClipInfo.Captions(captions.size(), codec, language));
                default -> {}
            }
        }
        if (video == null) {
            throw new BadInputException(
                    sounds.isEmpty()
                            ? "This file has neither picture nor sound. Export the clip as MP4 and upload that."
                            : "This file has sound but no picture. Upload the video that the sound belongs to.");
        }
        return info(file, root.path("format"), video, sounds, captions);
    }

    /** What ffprobe says of a file that is there. */
    private static JsonNode ask(Path file) {
        try {
            if (!Files.isRegularFile(file)) {
                throw new BadInputException("There is no file “" + file.getFileName() + "”.");
            }
            if (Files.size(file) == 0) {
                throw new BadInputException("The file is empty (0 bytes). Export the clip again and upload that file.");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<String> command = Ffmpeg.ffprobe();
        command.addAll(List.of("-of", "json", "-show_format", "-show_streams"));
        command.addAll(Ffmpeg.clip(file));
        String answer = ToolRun.text(command, 30, run -> {
            throw unreadable(file, run.errors());
        });
        return JSON.readTree(answer);
    }

    private static BadInputException unreadable(Path file, String errors) {
        boolean indexMissing = errors.contains("moov atom not found") || errors.contains("truncat");
        if (indexMissing && beginsLikeMp4(file)) {
            return new BadInputException(
                    "The file is incomplete: its index is missing. Copy or export it again, and upload the whole file.");
        }
        if (errors.contains("whitelist")) {
            return new BadInputException(
                    "This is not a video but a text, a sound or a playlist that points to other files. Upload "
                            + "the video itself as MP4, MOV, WebM or MKV.");
        }
        return new BadInputException("This is not a readable video. Upload an MP4, MOV, WebM or MKV file.");
    }

    /** The first box of an ISO base media file (ISO/IEC 14496-12) names its kind in bytes 4 to 7. */
    private static boolean beginsLikeMp4(Path file) {
        try (var in = Files.newInputStream(file)) {
            String box = new String(in.readNBytes(8), java.nio.charset.StandardCharsets.ISO_8859_1);
            return box.length() == 8
                    && List.of("ftyp", "moov", "mdat", "free", "skip", "wide").contains(box.substring(4));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static ClipInfo info(
            Path file, JsonNode format, JsonNode video, List<ClipInfo.Sound> sounds, List<ClipInfo.Captions> captions) {
        int stored = video.path("width").asInt(0);
        int storedHeight = video.path("height").asInt(0);
        double told = number(format, "duration", number(video, "duration", 0));
        checkSize(stored, storedHeight);
        checkLength(told);
        ClipInfo.Ratio average = ratio(video.path("avg_frame_rate").asString("0/0"));
        ClipInfo.Ratio timeBase = ratio(video.path("time_base").asString("1/90000"));
        double rate = average.denominator() == 0 ? 0 : (double) average.numerator() / average.denominator();
        FrameTimes times = FrameTimes.of(file, number(format, "start_time", 0), timeBase);
        if (times.count() == 0) {
            throw new BadInputException(
                    "The file has a picture stream without a single frame. Copy or export it again, and upload "
                            + "the whole file.");
        }
        double seconds = told > 0 ? told : times.us(times.count() - 1) / 1e6 + (rate > 0 ? 1 / rate : 0.04);
        int rotation = rotation(video);
        ClipInfo.Ratio pixel =
                ratio(video.path("sample_aspect_ratio").asString("1:1").replace(':', '/'));
        boolean square = pixel.numerator() <= 0 || pixel.numerator() == pixel.denominator();
        int wide = square ? stored : (int) Math.round(stored * (double) pixel.numerator() / pixel.denominator());
        checkSize(wide, storedHeight);
        boolean turned = rotation % 180 != 0;
        return new ClipInfo(
                format.path("format_name").asString(""),
                Math.max(1, Math.round(seconds * 1000)),
                turned ? storedHeight : wide,
                turned ? wide : storedHeight,
                rotation,
                rate > 0 ? rate : times.count() / seconds,
                times.variable(),
                timeBase,
                number(format, "start_time", 0),
                video.path("codec_name").asString("unknown"),
                video.path("pix_fmt").asString("unknown"),
                new ClipInfo.Colour(
                        known(video, "color_space"),
                        known(video, "color_primaries"),
                        known(video, "color_transfer"),
                        known(video, "color_range")),
                (wide | storedHeight) % 2 != 0,
                square,
                List.copyOf(sounds),
                List.copyOf(captions));
    }

    private static void checkSize(int stored, int storedHeight) {
        if (stored < 16 || storedHeight < 16) {
            throw new BadInputException("The picture is " + stored + "x" + storedHeight
                    + " pixels, too small or damaged. Export the clip again.");
        }
        if (stored > MOST_SIDE || storedHeight > MOST_SIDE) {
            throw new BadInputException(
                    "The picture is " + stored + "x" + storedHeight + " pixels. The largest side allowed is "
                            + MOST_SIDE + ": export the clip at 1080x1920 and upload that.");
        }
    }

    private static void checkLength(double seconds) {
        // A cut between two frames is seldom to the second.
        if (seconds > MOST_MINUTES * 60 + 1) {
            throw new BadInputException("The clip runs " + (int) (seconds / 60) + " min " + (int) (seconds % 60)
                    + " s. The limit is " + MOST_MINUTES
                    + " minutes: cut out the part you need and upload that.");
        }
    }

    private static int rotation(JsonNode video) {
        int rotation = 0;
        for (JsonNode side : video.path("side_data_list")) {
            rotation =
                    side.has("rotation") ? Math.floorMod(-side.path("rotation").asInt(0), 360) : rotation;
        }
        return rotation;
    }

    private static double number(JsonNode node, String field, double otherwise) {
        String text = node.path(field).asString("");
        try {
            return text.isEmpty() || text.equals("N/A") ? otherwise : Double.parseDouble(text);
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }

    private static String known(JsonNode node, String field) {
        String value = node.path(field).asString("");
        return value.isEmpty() || value.equals("unknown") || value.equals("reserved") ? null : value;
    }

    private static ClipInfo.Ratio ratio(String text) {
        String[] parts = text.split("/");
        try {
            return new ClipInfo.Ratio(Long.parseLong(parts[0]), parts.length > 1 ? Long.parseLong(parts[1]) : 1);
        } catch (NumberFormatException e) {
            return new ClipInfo.Ratio(0, 0);
        }
    }
}
