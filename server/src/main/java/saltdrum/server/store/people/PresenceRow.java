package saltdrum.server.store.people;

import saltdrum.core.MayBeMissing;

/**
 * A page that has a clip open.
 *
 * @param page its random id, until it is closed
 * @param name of its user; null if sign-in is off
 * @param cueId of the cue that is selected or being edited there; null for none
 */
public record PresenceRow(String page, @MayBeMissing String name, @MayBeMissing Long cueId, boolean typing) {}
