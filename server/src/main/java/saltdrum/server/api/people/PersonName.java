package saltdrum.server.api.people;

import saltdrum.core.BadInputException;

/** Validates the names of people. */
final class PersonName {
    private static final int MOST = 80;

    private PersonName() {}

    /** Without space around it and signs that cannot be seen; null is empty. */
    static String orEmpty(String typed) {
        String name = typed == null
                ? ""
                : typed.replaceAll("[\\p{Cc}\\p{Cf}\\p{Zl}\\p{Zp}]", " ").strip();
        if (name.length() > MOST) {
            throw new BadInputException("A name has at most " + MOST + " letters.");
        }
        return name;
    }

    static String of(String typed) {
        String name = orEmpty(typed);
        if (name.isEmpty()) {
            throw new BadInputException("Write your name, so that the others know who wrote this.");
        }
        return name;
    }
}
