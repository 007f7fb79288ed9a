package saltdrum.media.pieces;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import saltdrum.media.burn.Burn;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.ScenePainter;

/** Identifies everything that a film depends on besides its captions, such as the versions of encoder and painter. */
final class RenderFingerprint {
    private static final int SILENCE_SECONDS = 30;

    private RenderFingerprint() {}

    static String digest(Burn burn, String of) {
        MessageDigest digest = sha256();
        for (Object part :
                List.of(of, burn.making(), Tools.SAID, Runtime.getRuntime().availableProcessors())) {
            digest.update(part.toString().getBytes(StandardCharsets.UTF_8));
            digest.update((byte) 0);
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Queried once. */
    private static final class Tools {
        static final String SAID = ffmpeg() + painter();
    }

    private static String ffmpeg() {
        StringBuilder said = new StringBuilder();
        try (ToolRun run = new ToolRun(List.of("ffmpeg", "-version"), SILENCE_SECONDS)) {
            run.eachLine(line -> said.append(line).append('\n'));
            run.await();
        }
        return said.toString();
    }

    /** Of the code that paints: a file of classes, or a folder of them while it is being worked on. */
    private static String painter() {
        try {
            Path code = Path.of(ScenePainter.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            MessageDigest digest = sha256();
            try (DigestOutputStream sink = new DigestOutputStream(java.io.OutputStream.nullOutputStream(), digest);
                    Stream<Path> files = Files.walk(code)) {
                for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                    try (InputStream in = Files.newInputStream(file)) {
                        in.transferTo(sink);
                    }
                }
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }
}
