package saltdrum.server.store.clip;

import org.springframework.stereotype.Component;
import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.firstdraft.DraftSettings;

/** The settings for a client's clips: the client's, or those of the workshop, or the defaults. */
@Component
public class ClientSettingsStore {
    private final ClientSettingsMapper mapper;
    private final ClientStore clients;

    ClientSettingsStore(ClientSettingsMapper mapper, ClientStore clients) {
        this.mapper = mapper;
        this.clients = clients;
    }

    public ClientSettings of(ClipRow clip) {
        return of(clip.clientId());
    }

    /** @param clientId null for the workshop's own */
    public ClientSettings of(Long clientId) {
        return mapper.of(clientId);
    }

    /** @param limits null for what is usual */
    public void setLimits(Long clientId, Limits limits) {
        clients.check(clientId);
        mapper.setLimits(clientId, limits);
    }

    /** @param zones null for what is usual */
    public void setZones(Long clientId, SafeZones zones) {
        clients.check(clientId);
        mapper.setZones(clientId, zones);
    }

    /** @param draft null for what is usual */
    public void setDraft(Long clientId, DraftSettings draft) {
        clients.check(clientId);
        mapper.setDraft(clientId, draft);
    }
}
