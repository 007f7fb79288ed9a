package saltdrum.speech.neural;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;

/** One language's model on disk: two networks, a vocabulary, and a page that says what they must be. */
record ModelFolder(String language, Path path) {
    static final String ENCODER = "encoder.onnx";
    static final String DECODER = "decoder.onnx";
    static final String VOCABULARY = "vocabulary.json";
    private static final String ABOUT = "model.json";
    private static final List<String> NEEDED = List.of(ENCODER, DECODER, VOCABULARY);

    /** Digests by file identity and modification, so that an unchanged file is read once. */
    private static final Map<Content, String> DIGESTS = new ConcurrentHashMap<>();

    private record Content(Path file, Object key, long bytes, FileTime modified, Check check) {}

    /** @param files by name; none where nothing is checked */
    private record About(int format, String name, Map<String, FileFacts> files) {}

    /**
     * @param crc32 in hexadecimal digits; if present, {@code sha256}, which takes ten times as long, is not checked
     */
    private record FileFacts(Long bytes, String sha256, String crc32) {}

    /** As its page names it, else the folder's own name. */
    String name() {
        try {
            String name = Json.read(Files.readString(file(ABOUT)), About.class, "speech model's page")
                    .name();
            return name == null ? path.getFileName().toString() : name;
        } catch (BadInputException | IOException none) {
            return path.getFileName().toString();
        }
    }

    Path file(String name) {
        return path.resolve(name);
    }

    /**
     * What is wrong with it, for a person to read, or null. Sizes first, which is quick; then every byte.
     */
    String trouble() {
        for (String name : NEEDED) {
            if (!Files.isRegularFile(file(name))) {
                return "The speech model for “" + language + "” lacks " + name + " in " + path + ".";
            }
        }
        if (!Files.isRegularFile(file(ABOUT))) {
            return null;
        }
        try {
            About about = Json.read(Files.readString(file(ABOUT)), About.class, "speech model's page");
            for (Map.Entry<String, FileFacts> fact :
                    (about.files() == null ? Map.<String, FileFacts>of() : about.files()).entrySet()) {
                String trouble = trouble(fact.getKey(), fact.getValue());
                if (trouble != null) {
                    return trouble;
                }
            }
            return null;
        } catch (BadInputException | UncheckedIOException | IOException e) {
            return "The speech model for “" + language + "” could not be read in " + path + ": " + e.getMessage();
        }
    }

    private String trouble(String name, FileFacts facts) throws IOException {
        Path file = file(name);
        if (!Files.isRegularFile(file)) {
            return "The speech model for “" + language + "” lacks " + name + " in " + path + ".";
        }
        long bytes = Files.size(file);
        if (facts.bytes() != null && bytes != facts.bytes()) {
            return "The speech model for “" + language + "” is " + (bytes < facts.bytes() ? "cut short" : "changed")
                    + ": " + name + " in " + path + " has " + bytes + " bytes, not " + facts.bytes() + ".";
        }
        Check check = facts.crc32() == null ? Check.SHA256 : Check.CRC32;
        String told = facts.crc32() == null ? facts.sha256() : facts.crc32();
        if (told != null && !told.equalsIgnoreCase(digest(file, check))) {
            return "The speech model for “" + language + "” is changed: " + name + " in " + path
                    + " is not the file that " + ABOUT + " names.";
        }
        return null;
    }

    /** Both detect accidental damage. */
    private enum Check {
        SHA256 {
            @Override
            String of(InputStream in) throws IOException {
                try {
                    MessageDigest digest = MessageDigest.getInstance("SHA-256");
                    new DigestInputStream(in, digest).transferTo(OutputStream.nullOutputStream());
                    return HexFormat.of().formatHex(digest.digest());
                } catch (NoSuchAlgorithmException e) {
                    throw new IllegalStateException(e);
                }
            }
        },
        CRC32 {
            @Override
            String of(InputStream in) throws IOException {
                CheckedInputStream checked = new CheckedInputStream(in, new CRC32());
                checked.transferTo(OutputStream.nullOutputStream());
                return HexFormat.of().toHexDigits((int) checked.getChecksum().getValue());
            }
        };

        abstract String of(InputStream in) throws IOException;
    }

    /** Read once: a model is checked at the start and again when it is loaded. */
    private static String digest(Path file, Check check) throws IOException {
        BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
        Content content = new Content(file.toRealPath(), now.fileKey(), now.size(), now.lastModifiedTime(), check);
        String known = DIGESTS.get(content);
        if (known == null) {
            try (InputStream in = Files.newInputStream(file)) {
                known = check.of(in);
            }
            DIGESTS.put(content, known);
        }
        return known;
    }
}
