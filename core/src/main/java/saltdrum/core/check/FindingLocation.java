package saltdrum.core.check;

/**
 * The location of a finding.
 *
 * @param cueId 0 for the track
 * @param wordId 0 where no one word is meant
 * @param ms clip time to look at: the worst moment where there is one
 * @param fromMs up to {@code toMs}, clip time
 */
public record FindingLocation(long cueId, long wordId, int ms, int fromMs, int toMs) {}
