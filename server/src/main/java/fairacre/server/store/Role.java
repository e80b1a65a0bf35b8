package fairacre.server.store;

/** What somebody may do with a garden; each may do what those before may. */
public enum Role {
    /** Looks at everything and tries edits out. */
    READER,
    /** Also ticks off what is done: shopping. */
    HELPER,
    /** Also changes the plan and enters receipts. */
    EDITOR,
    /** Whose garden it is: also shares it and deletes it. */
    OWNER;

    public boolean includes(Role other) {
        return compareTo(other) >= 0;
    }
}
