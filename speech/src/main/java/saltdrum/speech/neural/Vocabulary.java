package saltdrum.speech.neural;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.Json;

/**
 * Tokens to text and back. A token is a piece of a word; one that opens a word begins with “▁”; bytes that no piece holds
 * are written {@code <0xHH>}.
 */
final class Vocabulary {
    static final int BEGIN = 1;
    static final int END = 2;
    private static final String OPENS = "▁";

    private final String[] pieces;
    private final Map<String, Integer> ids = new HashMap<>();
    private final boolean[] punctuation;

    Vocabulary(Path file) {
        try {
            pieces = Json.read(Files.readString(file), String[].class, "vocabulary");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        for (int id = pieces.length - 1; id >= 0; id--) {
            ids.put(pieces[id], id);
        }
        punctuation = new boolean[pieces.length];
        for (int id = END + 1; id < pieces.length; id++) {
            String piece = pieces[id].replace(OPENS, "");
            punctuation[id] =
                    !piece.isEmpty() && !isByte(piece) && piece.codePoints().noneMatch(Character::isLetterOrDigit);
        }
    }

    /** The token's own text, empty for tokens that are not said. */
    String piece(int token) {
        return token > END && token < pieces.length ? pieces[token] : "";
    }

    boolean opensWord(int token) {
        return piece(token).startsWith(OPENS);
    }

    /** Neither opens a word nor goes on with one: a stop, a comma, a closing mark. */
    boolean isPunctuation(int token) {
        return token >= 0 && token < punctuation.length && punctuation[token];
    }

    private static boolean isByte(String piece) {
        return piece.length() == 6 && piece.startsWith("<0x");
    }

    /** @param ends text position after each token */
    record Text(String text, int[] ends) {}

    Text text(List<Integer> tokens) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        int[] ends = new int[tokens.size()];
        for (int i = 0; i < tokens.size(); i++) {
            String piece = piece(tokens.get(i));
            if (isByte(piece)) {
                bytes.write(Integer.parseInt(piece.substring(3, 5), 16));
            } else {
                bytes.writeBytes(piece.replace(OPENS, " ").getBytes(StandardCharsets.UTF_8));
            }
            ends[i] = bytes.toString(StandardCharsets.UTF_8).length();
        }
        return new Text(bytes.toString(StandardCharsets.UTF_8), ends);
    }

    /**
     * The tokens of a word or phrase that opens a word: pairs of pieces are joined, the earliest of the vocabulary first,
     * as the vocabulary was made (byte pair encoding). Empty where a character is in no piece.
     */
    List<Integer> tokens(String phrase) {
        List<String> parts = new ArrayList<>();
        (OPENS + phrase.strip().replaceAll("\\s+", OPENS)).codePoints().forEach(c -> parts.add(Character.toString(c)));
        while (true) {
            int best = Integer.MAX_VALUE;
            int at = -1;
            for (int i = 0; i + 1 < parts.size(); i++) {
                Integer id = ids.get(parts.get(i) + parts.get(i + 1));
                if (id != null && id < best) {
                    best = id;
                    at = i;
                }
            }
            if (at < 0) {
                break;
            }
            parts.set(at, parts.get(at) + parts.remove(at + 1));
        }
        return parts.stream().allMatch(ids::containsKey)
                ? parts.stream().map(ids::get).toList()
                : List.of();
    }
}
