package fairacre.trellis;

import fairacre.fence.Gust;

/** How hard it blows where a trellis stands. */
public enum TrellisWind {
    SHELTERED("Between houses or hedges", Gust.NEAR_GALE),
    OPEN("Open garden", Gust.GALE),
    EXPOSED("Hilltop or coast", Gust.STORM);

    private final String label;
    private final Gust gust;

    TrellisWind(String label, Gust gust) {
        this.label = label;
        this.gust = gust;
    }

    public String label() {
        return label;
    }

    /** What such a wind is called. */
    public String called() {
        return gust.called();
    }

    /** Metres a second. */
    public double speed() {
        return gust.speed();
    }

    /** Newtons on a square metre of it in full leaf. */
    double onLeaves() {
        return gust.onLeaves();
    }
}
