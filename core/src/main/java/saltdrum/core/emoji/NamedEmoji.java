package saltdrum.core.emoji;

import java.util.List;

/**
 * An emoji with its name in one language.
 *
 * @param group 0 faces, 1 people, 3 nature, 4 food, 5 travel, 6 activities, 7 objects, 8 signs, 9 flags
 * @param name Unicode CLDR's short name
 */
public record NamedEmoji(String emoji, int group, String name, List<String> keywords) {}
