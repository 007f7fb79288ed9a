package saltdrum.server.store;

import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;

/**
 * What a workshop has settled for all clips, and for those of one client.
 *
 * @param unsureBelow confidence below which words ask to be listened to again, 0 to 1
 * @param zones what a phone lays over a picture
 * @param limits from where on something is a finding
 */
public record ClientSettings(double unsureBelow, SafeZones zones, Limits limits) {
    public ClientSettings {
        zones = zones == null ? SafeZones.USUAL : zones;
        limits = limits == null ? Limits.USUAL : limits;
    }
}
