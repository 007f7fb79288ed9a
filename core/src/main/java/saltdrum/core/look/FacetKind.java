package saltdrum.core.look;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.text.EmojiRule;
import saltdrum.core.text.Quoted;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** The type of a facet's values, with reading and writing. */
public sealed interface FacetKind<T> {
    /**
     * @param name of the facet, for errors
     * @throws BadInputException when that is no such value
     */
    T read(JsonNode json, String name);

    /** As {@link #read} takes it. */
    JsonNode write(T value);

    /** Calls the method of this kind. */
    <R> R match(Cases<R> cases);

    /** One method for each kind, so that the compiler finds every place that a new kind concerns. */
    interface Cases<R> {
        R number(Number number);

        R yesOrNo(Switch yesOrNo);

        R choice(Choice<?> choice);

        R family(Family family);

        R emoji(Emoji emoji);

        R value(Value<?> value);

        R several(Several<?> several);
    }

    /**
     * @param unit shown after the value; empty for none
     * @param step by which a wheel or an arrow key changes it
     */
    record Number(double least, double most, double step, String unit) implements FacetKind<Double> {
        @Override
        public Double read(JsonNode json, String name) {
            double value = json.isNumber() ? json.asDouble() : Double.NaN;
            if (!(value >= least && value <= most)) {
                throw new BadInputException(Quoted.of(name) + " is a number from " + ValueParts.plain(least) + " to "
                        + ValueParts.plain(most) + ", not " + Quoted.of(json.toString()) + ".");
            }
            return value;
        }

        @Override
        public JsonNode write(Double value) {
            return JsonNodeFactory.instance.numberNode(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.number(this);
        }
    }

    record Switch() implements FacetKind<Boolean> {
        @Override
        public Boolean read(JsonNode json, String name) {
            if (!json.isBoolean()) {
                throw new BadInputException(
                        Quoted.of(name) + " is true or false, not " + Quoted.of(json.toString()) + ".");
            }
            return json.asBoolean();
        }

        @Override
        public JsonNode write(Boolean value) {
            return JsonNodeFactory.instance.booleanNode(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.yesOrNo(this);
        }
    }

    record Choice<E extends Enum<E>>(Class<E> type) implements FacetKind<E> {
        @Override
        public E read(JsonNode json, String name) {
            return Arrays.stream(type.getEnumConstants())
                    .filter(value -> value.name().equals(json.asString("").toUpperCase(Locale.ROOT)))
                    .findFirst()
                    .orElseThrow(() -> new BadInputException(Quoted.of(name) + " is one of "
                            + Arrays.stream(type.getEnumConstants())
                                    .map(Enum::name)
                                    .collect(Collectors.joining(", "))
                            + ", not " + Quoted.of(json.toString()) + "."));
        }

        @Override
        public JsonNode write(E value) {
            return JsonNodeFactory.instance.stringNode(value.name());
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.choice(this);
        }
    }

    /** The name of a family. */
    record Family() implements FacetKind<String> {
        private static final int MOST_LETTERS = 100;

        @Override
        public String read(JsonNode json, String name) {
            String family = json.isString() ? json.asString() : "";
            if (family.isBlank() || family.length() > MOST_LETTERS) {
                throw new BadInputException(
                        Quoted.of(name) + " is the name of a typeface of at most " + MOST_LETTERS + " letters.");
            }
            return family;
        }

        @Override
        public JsonNode write(String value) {
            return JsonNodeFactory.instance.stringNode(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.family(this);
        }
    }

    /** One emoji, be it a sequence of many characters, or the name of a sticker; empty for none. */
    record Emoji() implements FacetKind<String> {
        private static final int MOST_LETTERS = 64;

        @Override
        public String read(JsonNode json, String name) {
            String emoji = json.isString() ? json.asString() : null;
            if (emoji == null
                    || emoji.length() > MOST_LETTERS
                    || !(emoji.isEmpty() || EmojiRule.one(emoji) || EmojiRule.sticker(emoji))) {
                throw new BadInputException(Quoted.of(name) + " is one emoji, a sticker's name, or empty for none, not "
                        + Quoted.of(json.toString()) + ".");
            }
            return emoji;
        }

        @Override
        public JsonNode write(String value) {
            return JsonNodeFactory.instance.stringNode(value);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.emoji(this);
        }
    }

    record Value<T>(Class<T> type) implements FacetKind<T> {
        @Override
        public T read(JsonNode json, String name) {
            return Json.read(json, type, "value of " + Quoted.of(name));
        }

        @Override
        public JsonNode write(T value) {
            return Json.typed(value, type);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.value(this);
        }
    }

    record Several<T>(Class<T> type, int most) implements FacetKind<List<T>> {
        @Override
        public List<T> read(JsonNode json, String name) {
            if (!json.isArray() || json.size() > most) {
                throw new BadInputException(Quoted.of(name) + " is a list of at most " + most + ".");
            }
            return json.valueStream()
                    .map(item -> Json.read(item, type, "value of " + Quoted.of(name)))
                    .toList();
        }

        @Override
        public JsonNode write(List<T> value) {
            var list = JsonNodeFactory.instance.arrayNode();
            value.forEach(item -> list.add(Json.typed(item, type)));
            return list;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.several(this);
        }
    }
}
