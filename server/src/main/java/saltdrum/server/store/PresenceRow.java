package saltdrum.server.store;

import saltdrum.core.MayBeMissing;

/**
 * A page that has a clip open.
 *
 * @param page names it until it is closed
 * @param name of whoever sits there; null where nobody signs in
 * @param cueId of the cue that is selected there or typed in; null for none
 */
public record PresenceRow(String page, @MayBeMissing String name, @MayBeMissing Long cueId, boolean typing) {}
