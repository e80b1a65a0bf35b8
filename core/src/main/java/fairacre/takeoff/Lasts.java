package fairacre.takeoff;

/**
 * How many seasons something lasts. It is a range, because climate and care decide.
 *
 * @param least so long nearly all of it lasts, at least 1
 * @param renewed it is reckoned to be renewed after so many, at least 1
 * @param most longer hardly any of it lasts, at least {@code least}
 */
public record Lasts(int least, int renewed, int most) {

    private static final double PART = 0.25;

    /** Of what is known by a middling figure: it may last a quarter less or more (a guess). */
    public static Lasts about(int years) {
        return new Lasts(Math.max(1, (int) Math.floor(years * (1 - PART))), years, (int) Math.ceil(years * (1 + PART)));
    }

    /** Of what is known by its range: it is renewed in the middle, rounded up. */
    public static Lasts between(int least, int most) {
        return new Lasts(least, (least + most + 1) / 2, most);
    }

    /** The same, renewed as soon as the least is over. */
    public Lasts renewedEarly() {
        return new Lasts(least, least, most);
    }
}
