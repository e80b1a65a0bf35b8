package fairacre.server.garden;

import fairacre.limits.RefusedException;
import fairacre.server.store.HoldingStore;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How much an account may keep, so that nobody fills the disk for all. */
@Component
class Allowance {

    private static final long MEGABYTE = 1_000_000;

    private final HoldingStore holdings;
    private final int mostGardens;
    private final long mostMegabytes;
    private final int mostGardensOfAGuest;
    private final long mostMegabytesOfAGuest;

    /**
     * @param mostGardens of an account, with variants and with those that can be brought back
     * @param mostMegabytes of scans and photos beside them
     */
    Allowance(
            HoldingStore holdings,
            @Value("${fairacre.accounts.most-gardens}") int mostGardens,
            @Value("${fairacre.accounts.most-megabytes}") long mostMegabytes,
            @Value("${fairacre.guests.most-gardens}") int mostGardensOfAGuest,
            @Value("${fairacre.guests.most-megabytes}") long mostMegabytesOfAGuest) {
        this.holdings = holdings;
        this.mostGardens = mostGardens;
        this.mostMegabytes = mostMegabytes;
        this.mostGardensOfAGuest = mostGardensOfAGuest;
        this.mostMegabytesOfAGuest = mostMegabytesOfAGuest;
    }

    /** @throws RefusedException if the owner has as many gardens as one may have */
    void oneMoreGarden(UUID owner) {
        holdings.lock(owner);
        int most = holdings.isGuest(owner) ? mostGardensOfAGuest : mostGardens;
        if (holdings.gardens(owner) >= most) {
            throw new RefusedException(
                    "name",
                    "you have " + most + " gardens, with their variants and those that you deleted this week",
                    "delete some that you don't need; they are gone for good after a week");
        }
    }

    /**
     * What is sent at the same time may come to a bit more.
     *
     * @throws RefusedException if the owner's scans and photos would take more room than they may
     */
    void room(UUID owner, String field, long bytes) {
        long most = holdings.isGuest(owner) ? mostMegabytesOfAGuest : mostMegabytes;
        if (holdings.bytes(owner) + bytes > most * MEGABYTE) {
            throw new RefusedException(
                    field,
                    "scans and photos of all your gardens would take more than " + most + " MB",
                    "remove photos that you don't need, or delete a garden");
        }
    }
}
