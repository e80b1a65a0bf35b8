package fairacre.crew;

/** What a season's work is laid out for. */
public enum Aim {
    /** All is done as early as it can be. */
    EARLIEST,
    /** Hired machines are there on as few days as can be found. */
    FEWEST_HIRE_DAYS
}
