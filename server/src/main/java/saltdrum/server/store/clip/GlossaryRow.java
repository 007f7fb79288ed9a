package saltdrum.server.store.clip;

/** A name or trade term; {@code sayAs} in ordinary words, or null when its spelling says it. */
public record GlossaryRow(String term, String sayAs) {}
