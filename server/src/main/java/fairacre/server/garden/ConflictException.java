package fairacre.server.garden;

import fairacre.server.store.StoredGarden;
import java.util.List;

/** An edit of an earlier state changes what was changed otherwise meanwhile; carries the newest state. */
public final class ConflictException extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient StoredGarden current;
    private final transient List<String> fields;

    /** @param fields such as "Gate: width" */
    public ConflictException(StoredGarden current, List<String> fields) {
        super("changed elsewhere meanwhile: " + String.join(", ", fields));
        this.current = current;
        this.fields = List.copyOf(fields);
    }

    public StoredGarden current() {
        return current;
    }

    public List<String> fields() {
        return fields;
    }
}
