package saltdrum.core.emphasis;

import java.util.List;

/**
 * A word that could be emphasised.
 *
 * @param score how strongly it asks for it; the more the stronger
 * @param because a few words each: “said louder”, “a number”
 */
public record Suggestion(long wordId, double score, List<String> because) {}
