package fairacre.server.garden;

import fairacre.server.store.CalendarAddressStore;
import fairacre.server.store.CalendarAddressStore.Addressed;
import fairacre.server.store.Secrets;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Private addresses at which a phone fetches a garden's calendar without signing in. Who knows the address reads the
 * calendar and nothing else, until it is taken back. The secret is told once; kept is its hash alone.
 */
@Service
public class CalendarAddressService {

    private final GardenService gardens;
    private final CalendarAddressStore addresses;

    CalendarAddressService(GardenService gardens, CalendarAddressStore addresses) {
        this.gardens = gardens;
        this.addresses = addresses;
    }

    /** Makes an address in the place of the one that was there; its secret. */
    public String make(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        String secret = Secrets.make();
        addresses.put(garden, Secrets.hash(secret));
        return secret;
    }

    public void takeBack(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        addresses.remove(garden);
    }

    /** When it was made; empty if there is none. */
    public Optional<OffsetDateTime> madeAt(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        return addresses.madeAt(garden);
    }

    /** @throws NoSuchGardenException for an address that was never made, or was taken back */
    public Addressed garden(String secret) {
        return addresses.find(Secrets.hash(secret)).orElseThrow(NoSuchGardenException::new);
    }
}
