package saltdrum.core.parts;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.lang.reflect.Field;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;

/**
 * One part of a value.
 *
 * @param label for a person
 * @param least of a number; 0 for others, as are {@code most} and {@code step}
 * @param options of a choice; empty for others
 * @param of what an optional value is made of; null for others
 */
public record ValuePart(
        String name,
        String label,
        Control control,
        double least,
        double most,
        double step,
        String unit,
        List<Option> options,
        ValueParts of) {
    public enum Control {
        NUMBER,
        SWITCH,
        CHOICE,
        COLOUR,
        INK,
        CURVE,
        /** A value of several parts that may be missing. */
        OPTIONAL,
        TEXT
    }

    /** @param value as written in files */
    public record Option(String value, String label) {
        public static List<Option> of(Class<?> choice) {
            return Arrays.stream(choice.getEnumConstants())
                    .map(Enum.class::cast)
                    .map(Option::of)
                    .toList();
        }

        private static Option of(Enum<?> value) {
            try {
                Field field = value.getDeclaringClass().getField(value.name());
                JsonProperty written = field.getAnnotation(JsonProperty.class);
                Label says = field.getAnnotation(Label.class);
                return new Option(
                        written == null ? value.name() : written.value(), says == null ? value.name() : says.value());
            } catch (NoSuchFieldException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    static ValuePart of(RecordComponent component) {
        NumberRange within = component.getAnnotation(NumberRange.class);
        Label says = component.getAnnotation(Label.class);
        Control control = control(component);
        return new ValuePart(
                component.getName(),
                says == null ? component.getName() : says.value(),
                control,
                within == null ? 0 : within.least(),
                within == null ? 0 : within.most(),
                within == null ? 0 : within.step(),
                within == null ? "" : within.unit(),
                control == Control.CHOICE ? Option.of(component.getType()) : List.of(),
                control == Control.OPTIONAL ? ValueParts.ofType(component.getType()) : null);
    }

    private static Control control(RecordComponent component) {
        Class<?> type = component.getType();
        ControlHint own = component.getAnnotation(ControlHint.class);
        ControlHint known = own == null ? type.getAnnotation(ControlHint.class) : own;
        if (known != null) {
            return known.value();
        } else if (type == double.class || type == int.class) {
            return Control.NUMBER;
        } else if (type == boolean.class) {
            return Control.SWITCH;
        } else if (type.isEnum()) {
            return Control.CHOICE;
        }
        return type == String.class ? Control.COLOUR : Control.OPTIONAL;
    }
}
