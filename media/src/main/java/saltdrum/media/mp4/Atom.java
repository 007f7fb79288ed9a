package saltdrum.media.mp4;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A box of ISO/IEC 14496-12, §4.2: either bytes or more boxes.
 *
 * @param bytes after the head; null where there are children
 * @param children in their order; null where there are bytes
 */
record Atom(String type, byte[] bytes, List<Atom> children) {
    static final int HEAD = 8;

    /** Of what a film's tables hang on; all others stay as their bytes are. */
    private static final Set<String> NESTS = Set.of("moov", "trak", "mdia", "minf", "stbl");

    private static final int DEEPEST = 8;
    private static final int MOST_CHILDREN = 1_000;

    static Atom leaf(String type, byte[] bytes) {
        return new Atom(type, bytes, null);
    }

    static Atom read(String type, byte[] bytes) {
        return read(type, bytes, 0);
    }

    private static Atom read(String type, byte[] bytes, int depth) {
        if (!NESTS.contains(type) || depth == DEEPEST) {
            return leaf(type, bytes);
        }
        List<Atom> children = new ArrayList<>();
        ByteBuffer left = ByteBuffer.wrap(bytes);
        while (left.remaining() >= HEAD) {
            long size = Integer.toUnsignedLong(left.getInt());
            byte[] name = new byte[4];
            left.get(name);
            if (children.size() == MOST_CHILDREN) {
                throw new NotJoinableException(type + " is of more boxes than any of ours");
            }
            if (size < HEAD || size - HEAD > left.remaining()) {
                throw new NotJoinableException("a box of " + size + " bytes does not fit into " + type);
            }
            byte[] inside = new byte[(int) size - HEAD];
            left.get(inside);
            children.add(read(new String(name, StandardCharsets.ISO_8859_1), inside, depth + 1));
        }
        return new Atom(type, null, children);
    }

    /** The first child of that type. */
    Atom child(String wanted) {
        return children.stream()
                .filter(child -> child.type.equals(wanted))
                .findFirst()
                .orElseThrow(() -> new NotJoinableException("there is no " + wanted + " in " + type));
    }

    Atom at(String... path) {
        Atom found = this;
        for (String step : path) {
            found = found.child(step);
        }
        return found;
    }

    boolean has(String wanted) {
        return children.stream().anyMatch(child -> child.type.equals(wanted));
    }

    List<Atom> all(String wanted) {
        return children.stream().filter(child -> child.type.equals(wanted)).toList();
    }

    /** In place of the child of the same type; one that was not there comes last. */
    void put(Atom fresh) {
        for (int i = 0; i < children.size(); i++) {
            if (children.get(i).type.equals(fresh.type)) {
                children.set(i, fresh);
                return;
            }
        }
        children.add(fresh);
    }

    void remove(String unwanted) {
        children.removeIf(child -> child.type.equals(unwanted));
    }

    /** Bytes with the head. */
    long size() {
        return HEAD
                + (children == null
                        ? bytes.length
                        : children.stream().mapToLong(Atom::size).sum());
    }

    void write(ByteBuffer to) {
        to.putInt((int) size());
        to.put(type.getBytes(StandardCharsets.ISO_8859_1));
        if (children == null) {
            to.put(bytes);
        } else {
            children.forEach(child -> child.write(to));
        }
    }
}
