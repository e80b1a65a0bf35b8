package fairacre.server.garden;

import fairacre.server.store.CalendarAddressStore;
import fairacre.server.store.CalendarAddressStore.Addressed;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Private addresses at which a phone fetches a garden's calendar without signing in. Who knows the address reads the
 * calendar and nothing else, until it is taken back. The secret is told once; kept is its hash alone.
 */
@Service
public class CalendarAddressService {

    /** Bytes of chance: nobody guesses 256 bits. */
    private static final int SECRET = 32;

    private final GardenService gardens;
    private final CalendarAddressStore addresses;
    private final SecureRandom random = new SecureRandom();

    CalendarAddressService(GardenService gardens, CalendarAddressStore addresses) {
        this.gardens = gardens;
        this.addresses = addresses;
    }

    /** Makes an address in the place of the one that was there; its secret. */
    public String make(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        byte[] chance = new byte[SECRET];
        random.nextBytes(chance);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(chance);
        addresses.put(garden, hash(secret));
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
        return addresses.find(hash(secret)).orElseThrow(NoSuchGardenException::new);
    }

    private static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("every Java has SHA-256", missing);
        }
    }
}
