package saltdrum.server.store.clip;

import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.firstdraft.DraftSettings;

/**
 * The settings of a workshop for all clips, or for those of one client.
 *
 * @param unsureBelow confidence below which words are marked for listening again, 0 to 1
 * @param zones what a phone lays over a picture
 * @param limits above which checks report a finding
 * @param draft what is done with clips that come in
 */
public record ClientSettings(double unsureBelow, SafeZones zones, Limits limits, DraftSettings draft) {
    public ClientSettings {
        zones = zones == null ? SafeZones.USUAL : zones;
        limits = limits == null ? Limits.USUAL : limits;
        draft = draft == null ? DraftSettings.USUAL : draft;
    }
}
