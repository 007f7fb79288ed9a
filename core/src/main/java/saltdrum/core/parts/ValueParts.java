package saltdrum.core.parts;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import tools.jackson.databind.JsonNode;

/**
 * Describes one kind of value by its parts.
 *
 * @param kind as written, if there are several kinds; empty if there is one
 * @param label for a person
 * @param about one more sentence; can be empty
 * @param blank the default for a new one: the record's constant {@code BLANK}
 */
public record ValueParts(String kind, String label, String about, List<ValuePart> parts, JsonNode blank) {
    private static final ClassValue<List<RecordComponent>> NUMBERS = new ClassValue<>() {
        @Override
        protected List<RecordComponent> computeValue(Class<?> type) {
            return Arrays.stream(type.getRecordComponents())
                    .filter(component -> component.isAnnotationPresent(NumberRange.class))
                    .toList();
        }
    };

    /**
     * The kinds of a type: a record itself, or the subtypes that it is written as.
     *
     * @return empty if no default for a new one is defined; then a person cannot choose it
     */
    public static List<ValueParts> kinds(Class<?> type) {
        JsonSubTypes kinds = type.getAnnotation(JsonSubTypes.class);
        List<Class<?>> records = kinds == null
                ? List.of(type)
                : Arrays.stream(kinds.value())
                        .<Class<?>>map(JsonSubTypes.Type::value)
                        .toList();
        return records.stream()
                .filter(record -> record.isRecord() && blank(record) != null)
                .map(ValueParts::ofType)
                .toList();
    }

    /** What a record is made of, part by part. */
    public static List<ValuePart> parts(Class<? extends Record> type) {
        return Arrays.stream(type.getRecordComponents()).map(ValuePart::of).toList();
    }

    /** What a type is called for a person. */
    public static String label(Class<?> type) {
        Label says = type.getAnnotation(Label.class);
        return says == null ? type.getSimpleName() : says.value();
    }

    static ValueParts ofType(Class<?> type) {
        Label says = type.getAnnotation(Label.class);
        Object blank = blank(type);
        return new ValueParts(
                kind(type),
                label(type),
                says == null ? "" : says.about(),
                Arrays.stream(type.getRecordComponents()).map(ValuePart::of).toList(),
                blank == null ? null : Json.typed(blank, declared(type)));
    }

    /** The constant {@code BLANK} of a record. */
    private static Object blank(Class<?> type) {
        try {
            return type.getField("BLANK").get(null);
        } catch (NoSuchFieldException e) {
            return null;
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a record is written as that is one of several kinds; empty for others. */
    public static String kind(Class<?> type) {
        JsonSubTypes kinds = declared(type).getAnnotation(JsonSubTypes.class);
        return kinds == null
                ? ""
                : Arrays.stream(kinds.value())
                        .filter(kind -> kind.value() == type)
                        .map(JsonSubTypes.Type::name)
                        .findFirst()
                        .orElse("");
    }

    private static Class<?> declared(Class<?> type) {
        return above(type)
                .filter(known -> known.isAnnotationPresent(JsonSubTypes.class))
                .findFirst()
                .orElse(type);
    }

    /** All interfaces of a type, however far up. */
    private static Stream<Class<?>> above(Class<?> type) {
        return Arrays.stream(type.getInterfaces()).flatMap(known -> Stream.concat(Stream.of(known), above(known)));
    }

    /**
     * @param values of the record's numbers that have a {@link NumberRange}, in their order
     * @throws BadInputException naming the first one out of range
     */
    public static void check(Class<? extends Record> type, double... values) {
        List<RecordComponent> numbers = NUMBERS.get(type);
        if (numbers.size() != values.length) {
            throw new IllegalArgumentException(type.getSimpleName() + " has " + numbers.size() + " numbers to check");
        }
        for (int i = 0; i < values.length; i++) {
            NumberRange within = numbers.get(i).getAnnotation(NumberRange.class);
            if (!(values[i] >= within.least() && values[i] <= within.most())) {
                Label says = numbers.get(i).getAnnotation(Label.class);
                throw new BadInputException("“" + (says == null ? numbers.get(i).getName() : says.value())
                        + "” is a number from " + plain(within.least()) + " to " + plain(within.most()) + ", not "
                        + plain(values[i]) + ".");
            }
        }
    }

    /** A number for a person: whole where it is. */
    public static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? String.valueOf((long) value)
                : String.valueOf(value);
    }
}
