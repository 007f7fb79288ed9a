package saltdrum.speech.neural;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.speech.recognise.Term;

/** A glossary as a tree of tokens: each term as written, and with an initial capital. */
final class TermTree {
    /** A place in the tree. */
    static final class Node {
        final Map<Integer, Node> next = new HashMap<>();
        boolean ends;
    }

    final Node root = new Node();

    TermTree(List<Term> terms, Vocabulary vocabulary) {
        for (Term term : terms) {
            String written = term.written().strip();
            if (!written.isEmpty()) {
                add(vocabulary.tokens(written));
                int first = written.offsetByCodePoints(0, 1);
                add(vocabulary.tokens(written.substring(0, first).toUpperCase(Locale.ROOT) + written.substring(first)));
            }
        }
    }

    private void add(List<Integer> tokens) {
        Node node = root;
        for (int token : tokens) {
            node = node.next.computeIfAbsent(token, t -> new Node());
        }
        node.ends |= node != root;
    }

    boolean isEmpty() {
        return root.next.isEmpty();
    }
}
