package saltdrum.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The one JSON reader and writer: strict about unknown fields, and errors are for a person. */
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .changeDefaultPropertyInclusion(
                    v -> v.withValueInclusion(com.fasterxml.jackson.annotation.JsonInclude.Include.NON_NULL))
            .build();

    private Json() {}

    public static <T> T read(String json, Class<T> type, String what) {
        try {
            T value = MAPPER.readValue(json, type);
            if (value == null) {
                throw new BadInputException("The " + what + " is empty.");
            }
            return value;
        } catch (JacksonException e) {
            for (Throwable cause = e; cause != null; cause = cause.getCause()) {
                if (cause instanceof SaltDrumException ours) {
                    throw ours;
                }
            }
            String where = e.getLocation() == null
                    ? ""
                    : " near line " + e.getLocation().getLineNr();
            throw new BadInputException(
                    "This is not a " + what + " we can read" + where + ": " + e.getOriginalMessage(), e);
        }
    }

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }

    public static byte[] bytes(Object value) {
        return MAPPER.writeValueAsBytes(value);
    }

    public static String writePretty(Object value) {
        return MAPPER.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(value) + "\n";
    }

    /** A text file that ships beside a class. */
    public static String resource(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The application is incomplete: " + name + " is missing.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
