package saltdrum.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.track.ColourProperty;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Property;

/** Every feature of the painters is in the book; a kind without a page fails here. */
class SceneBookTest {
    private final Set<Object> used = new HashSet<>();

    @Test
    void everyKindStandsOnAPage() throws ReflectiveOperationException {
        for (SceneBook.Page page : SceneBook.pages()) {
            collect(page.scene().parts());
        }
        for (Class<?> sealed : List.of(Mark.class, PaintLayer.class, Paint.class, Easing.class)) {
            assertThat(used).contains((Object[]) sealed.getPermittedSubclasses());
        }
        for (Class<? extends Enum<?>> names : List.of(Property.class, ColourProperty.class, PaintLayer.Join.class)) {
            assertThat(used).contains((Object[]) names.getEnumConstants());
        }
    }

    private void collect(Object value) throws ReflectiveOperationException {
        if (value instanceof Collection<?> all) {
            for (Object one : all) {
                collect(one);
            }
        } else if (value instanceof Enum<?>) {
            used.add(value);
        } else if (value instanceof Record) {
            used.add(value.getClass());
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                component.getAccessor().setAccessible(true);
                collect(component.getAccessor().invoke(value));
            }
        }
    }

    @Test
    void everyPageIsReadAsItWasWritten() {
        for (SceneBook.Page page : SceneBook.pages()) {
            assertThat(Json.read(Json.write(page.scene()), Scene.class, "scene"))
                    .isEqualTo(page.scene());
        }
    }

    @Test
    void pagesAreNamedApart() {
        Stream<String> names = SceneBook.pages().stream().map(SceneBook.Page::name);
        assertThat(names).doesNotHaveDuplicates().hasSizeGreaterThan(40);
    }
}
