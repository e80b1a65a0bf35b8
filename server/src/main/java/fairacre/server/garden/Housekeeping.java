package fairacre.server.garden;

import fairacre.server.store.AccountStore;
import fairacre.server.store.ChangeLog;
import fairacre.server.store.GardenStore;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Lets go of what is no longer kept, once a day. Several nodes may do it at once. */
@Component
public class Housekeeping {

    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    private final GardenStore gardens;
    private final ChangeLog log;
    private final AccountStore accounts;

    Housekeeping(GardenStore gardens, ChangeLog log, AccountStore accounts) {
        this.gardens = gardens;
        this.log = log;
        this.accounts = accounts;
    }

    /**
     * Guests whose time is over, gardens that can't be brought back any more, and edits that are too old to be told or
     * undone.
     */
    @Scheduled(initialDelay = 5, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    public void tidyUp() {
        int guests = accounts.forgetGuests();
        int gone = gardens.forget();
        int thinned = log.thin();
        if (guests + gone + thinned > 0) {
            LOG.info("Let go of {} guests, {} deleted gardens and {} old edits", guests, gone, thinned);
        }
    }
}
