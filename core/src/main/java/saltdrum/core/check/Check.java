package saltdrum.core.check;

import java.util.List;
import java.util.Set;

/** Looks for some kinds of findings. */
interface Check {
    Set<CheckKind> kinds();

    List<Finding> of(CheckInput subject);
}
