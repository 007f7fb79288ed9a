package saltdrum.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import saltdrum.core.text.Characters;
import saltdrum.core.text.Quoted;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** The one JSON reader and writer: strict about unknown fields, and errors are for a person. */
public final class Json {
    /** Strings as they may be kept, and records complete that have to be: for every reader of JSON that comes from outside. */
    public static final JacksonModule FROM_OUTSIDE = new SimpleModule("from outside") {
        @Override
        public void setupModule(SetupContext context) {
            super.setupModule(context);
            context.addValueInstantiators(new CompleteRecords());
        }
    }.addDeserializer(String.class, new KeptText());

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .addModule(FROM_OUTSIDE)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .changeDefaultPropertyInclusion(
                    v -> v.withValueInclusion(com.fasterxml.jackson.annotation.JsonInclude.Include.NON_NULL))
            .build();

    private Json() {}

    private static final class KeptText extends StdScalarDeserializer<String> {
        KeptText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            return Characters.kept(StringDeserializer.instance.deserialize(parser, context));
        }
    }

    public static <T> T read(String json, Class<T> type, String what) {
        return read(() -> MAPPER.readValue(json, type), what);
    }

    public static <T> T read(JsonNode json, Class<T> type, String what) {
        return read(() -> MAPPER.treeToValue(json, type), what);
    }

    private static <T> T read(Supplier<T> reader, String what) {
        try {
            T value = reader.get();
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
            throw new BadInputException("This is not a " + what + " we can read: " + trouble(e) + ".", e);
        }
    }

    /** What is wrong with a JSON text, in words for a person and without a full stop. */
    public static String trouble(JacksonException e) {
        String path = e.getPath().stream()
                .map(step -> step.getPropertyName() == null ? "" + (step.getIndex() + 1) : step.getPropertyName())
                .collect(Collectors.joining("."));
        String at = path.isEmpty() ? "" : " at " + Quoted.of(path);
        if (e instanceof UnrecognizedPropertyException unknown) {
            return Quoted.of(unknown.getPropertyName()) + " is unknown" + at;
        } else if (e instanceof InvalidTypeIdException kind) {
            return (kind.getTypeId() == null
                            ? "the kind is missing"
                            : Quoted.of(kind.getTypeId()) + " is not a known kind")
                    + at;
        } else if (e instanceof DatabindException) {
            return "this is not the expected value" + at;
        }
        return "it is no JSON"
                + (e.getLocation() == null
                        ? ""
                        : ", broken near line " + e.getLocation().getLineNr());
    }

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }

    /** A value as JSON of the type it is known by: one of several kinds says its kind. */
    public static JsonNode typed(Object value, Class<?> type) {
        return MAPPER.readTree(MAPPER.writerFor(type).writeValueAsString(value));
    }

    /** A text as a tree, bound to no type. @throws JacksonException where it is no JSON */
    public static JsonNode tree(String json) {
        return MAPPER.readTree(json);
    }

    /** A record as a tree that can be changed. */
    public static ObjectNode tree(Object value) {
        return MAPPER.valueToTree(value);
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
