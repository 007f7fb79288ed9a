package saltdrum.core;

/** Marks records that callers send as JSON. Components without {@link MayBeMissing} are required. */
public interface FromOutside {}
