package saltdrum.server.store;

import org.springframework.stereotype.Component;
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
        return new House(workshop.unsureBelow(), zones(clips.get(clipId).clientId()));
    }

    /** @param clientId null for the workshop's own */
    public SafeZones zones(Long clientId) {
        SafeZones own = mapper.zones(clientId);
        if (own == null && clientId != null) {
            own = mapper.zones(null);
        }
        return own == null ? SafeZones.USUAL : own;
    }

    /** @param zones null for what is usual */
    public void setZones(Long clientId, SafeZones zones) {
        clients.check(clientId);
        mapper.setZones(clientId, zones);
    }
}
