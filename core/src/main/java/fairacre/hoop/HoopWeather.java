package fairacre.hoop;

import fairacre.fence.Gust;
import fairacre.measure.Length;

/**
 * What bows have to stand: how close they stand and what ties them. Bows every 3 to 4 ft and every 2 to 3 ft under
 * snow, tied along the ridge and a third of the way up both sides, are common practice.
 */
public enum HoopWeather {
    SHELTERED("Sheltered", 4, 1, Gust.NEAR_GALE),
    WINDY("Windy", 3, 3, Gust.GALE),
    SNOWY("Snow", 2, 3, Gust.GALE);

    private final String label;
    private final Length apart;
    private final int ties;
    private final Gust gust;

    HoopWeather(String label, int feet, int ties, Gust gust) {
        this.label = label;
        this.apart = Length.feet(feet);
        this.ties = ties;
        this.gust = gust;
    }

    public String label() {
        return label;
    }

    /** So far at most between two bows, from middle to middle. */
    public Length apart() {
        return apart;
    }

    /** Lines that tie the bows to each other: the ridge alone, or one on either side too. */
    public int ties() {
        return ties;
    }

    /** The wind that a sheet is held down against. */
    public Gust gust() {
        return gust;
    }
}
