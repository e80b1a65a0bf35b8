package fairacre.hoop;

import fairacre.measure.Length;

/**
 * What bows have to stand: how close they stand and what ties them. Bows every 3 to 4 ft and every 2 to 3 ft under
 * snow, tied along the ridge and a third of the way up both sides, are common practice.
 */
public enum HoopWeather {
    SHELTERED("Sheltered", 4, 1),
    WINDY("Windy", 3, 3),
    SNOWY("Snow", 2, 3);

    private final String label;
    private final Length apart;
    private final int ties;

    HoopWeather(String label, int feet, int ties) {
        this.label = label;
        this.apart = Length.feet(feet);
        this.ties = ties;
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
}
