package saltdrum.server.store;

import org.springframework.stereotype.Component;
import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;

/** What holds for a client's clips: the client's own, else the workshop's, else what is usual. */
@Component
public class HouseStore {
    private final HouseMapper mapper;
    private final WorkshopStore workshop;
    private final ClientStore clients;
    private final ClipStore clips;

    HouseStore(HouseMapper mapper, WorkshopStore workshop, ClientStore clients, ClipStore clips) {
        this.mapper = mapper;
        this.workshop = workshop;
        this.clients = clients;
        this.clips = clips;
    }

    /** @throws NotFoundException when there is no such clip */
    public House of(String clipId) {
        Long client = clips.get(clipId).clientId();
        return new House(workshop.unsureBelow(), zones(client), limits(client));
    }

    /** @param clientId null for the workshop's own */
    public SafeZones zones(Long clientId) {
        SafeZones own = mapper.zones(clientId);
        if (own == null && clientId != null) {
            own = mapper.zones(null);
        }
        return own == null ? SafeZones.USUAL : own;
    }

    /** @param clientId null for the workshop's own */
    public Limits limits(Long clientId) {
        Limits own = mapper.limits(clientId);
        if (own == null && clientId != null) {
            own = mapper.limits(null);
        }
        return own == null ? Limits.USUAL : own;
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
}
