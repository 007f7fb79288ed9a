package saltdrum.core.check;

import java.util.List;
import java.util.Set;

/** Finds problems of some kinds. */
public interface Check {
    Set<CheckKind> kinds();

    List<Finding> of(CheckInput subject);
}
