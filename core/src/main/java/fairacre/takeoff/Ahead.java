package fairacre.takeoff;

/**
 * Seasons ahead, for which it is reckoned what wears out and is renewed.
 *
 * @param from the first; what should have been renewed before is renewed then
 * @param until the season after the last, later than {@code from}
 */
public record Ahead(int from, int until) {
    public Ahead {
        if (until <= from) {
            throw new IllegalArgumentException("no season from " + from + " to " + until);
        }
    }

    boolean includes(int season) {
        return from <= season && season < until;
    }
}
