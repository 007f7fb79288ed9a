package saltdrum.core;

/** What callers send as JSON: its records are made only when all is there that has to be, see {@link MayBeMissing}. */
public interface FromOutside {}
