package saltdrum.core.check;

import saltdrum.core.edit.Edit;

/**
 * An ordinary edit that mends a finding; it was tried before it is offered.
 *
 * @param said what it does, in a few words
 * @param measured the measure afterwards, in the finding's unit; null where it is not a number
 */
public record Remedy(String said, Edit edit, Double measured) {}
