package fairacre.watch;

/** What can go wrong behind a valve. */
public enum Fault {
    /** A pipe is open somewhere: two fifths more run while the valve is open. */
    LEAK(1.4),
    /** Filter or drippers are clogged: three fifths run. */
    CLOGGED(0.6),
    /** Once opened it never shuts. */
    STUCK_OPEN(1),
    /** It never opens. */
    STUCK_SHUT(0),
    /** Nothing is heard of the meter while this valve is open. */
    SIGNAL_LOST(1);

    private final double share;

    Fault(double share) {
        this.share = share;
    }

    /** What runs while the valve is open, of what should. */
    double share() {
        return share;
    }
}
