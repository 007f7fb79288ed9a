package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Some facets of a look with their values. Missing ones are inherited. Immutable. */
public final class LookPatch {
    public static final LookPatch NONE = new LookPatch(Map.of());

    /** In the order of {@link Facets#ALL}. */
    private final Map<Facet<?>, Object> values;
    /** Scenes are looked up by it, cue by cue. */
    private final int hash;

    private LookPatch(Map<Facet<?>, Object> values) {
        Map<Facet<?>, Object> ordered = new LinkedHashMap<>();
        for (Facet<?> facet : Facets.ALL) {
            if (values.containsKey(facet)) {
                ordered.put(facet, values.get(facet));
            }
        }
        this.values = ordered;
        this.hash = ordered.hashCode();
    }

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public static LookPatch read(Map<String, JsonNode> json) {
        Map<Facet<?>, Object> values = new LinkedHashMap<>();
        LookPatchForms.present(json).forEach((name, value) -> {
            Facet<?> facet = Facets.named(name);
            values.put(facet, facet.kind().read(value, name));
        });
        return values.isEmpty() ? NONE : new LookPatch(values);
    }

    @JsonValue
    public Map<String, JsonNode> json() {
        Map<String, JsonNode> json = new LinkedHashMap<>();
        values.keySet().forEach(facet -> json.put(facet.name(), written(facet)));
        return json;
    }

    private <T> JsonNode written(Facet<T> facet) {
        return facet.kind().write(get(facet));
    }

    public static <T> LookPatch of(Facet<T> facet, T value) {
        return new LookPatch(Map.of(facet, value));
    }

    /** The value of that facet, or null if it is inherited. */
    @SuppressWarnings("unchecked")
    public <T> T get(Facet<T> facet) {
        return (T) values.get(facet);
    }

    public Set<Facet<?>> facets() {
        return values.keySet();
    }

    public boolean isEmpty() {
        return values.isEmpty();
    }

    public <T> LookPatch with(Facet<T> facet, T value) {
        return of(facet, value).over(this);
    }

    /** This one where it says something, else the other. A place down without what it is a part of is one in the frame. */
    public LookPatch over(LookPatch under) {
        if (isEmpty()) {
            return under;
        }
        if (under.isEmpty()) {
            return this;
        }
        Map<Facet<?>, Object> merged = new LinkedHashMap<>(under.values);
        merged.putAll(values);
        if (values.containsKey(Facets.Y) && !values.containsKey(Facets.WITHIN)) {
            merged.remove(Facets.WITHIN);
        }
        return new LookPatch(merged);
    }

    public LookPatch without(Collection<? extends Facet<?>> facets) {
        Map<Facet<?>, Object> left = new LinkedHashMap<>(values);
        facets.forEach(left::remove);
        if (facets.contains(Facets.Y)) {
            left.remove(Facets.WITHIN);
        }
        return left.isEmpty() ? NONE : new LookPatch(left);
    }

    public LookPatch only(Collection<? extends Facet<?>> facets) {
        Map<Facet<?>, Object> left = new LinkedHashMap<>(values);
        left.keySet().retainAll(facets);
        return left.isEmpty() ? NONE : new LookPatch(left);
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof LookPatch patch && hash == patch.hash && values.equals(patch.values);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return json().toString();
    }

    /** For records that leave it out of their JSON where it says nothing. */
    public static final class Nothing {
        @Override
        public boolean equals(Object other) {
            return other == null || other instanceof LookPatch patch && patch.isEmpty();
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }
}
