package saltdrum.core.layout;

import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.scene.Mark;

/** The marks that are finally drawn, inside any groups. */
final class Leaves {
    private Leaves() {}

    static <T extends Mark> List<T> leaves(List<Mark> marks, Class<T> type) {
        return marks.stream()
                .flatMap(mark -> mark instanceof Mark.Group group
                        ? leaves(group.marks(), type).stream()
                        : Stream.of(mark).filter(type::isInstance).map(type::cast))
                .toList();
    }
}
