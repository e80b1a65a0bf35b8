package fairacre.server.garden;

import fairacre.server.store.StoredGarden;

/** An edit was made on a revision that is not the newest any more; carries the newest. */
public final class StaleRevisionException extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient StoredGarden current;

    public StaleRevisionException(StoredGarden current) {
        super("the garden has been changed meanwhile and is at revision " + current.revision());
        this.current = current;
    }

    public StoredGarden current() {
        return current;
    }
}
