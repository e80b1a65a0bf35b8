package fairacre.water;

import fairacre.measure.Units;

/**
 * Threads in which taps and barrels end. Hose thread is that of ASME B1.20.7, pipe thread that of ASME B1.20.1, G that
 * of ISO 228-1: none of them fits another, not even of the same size.
 */
public enum OutletThread {
    HOSE_19("3/4 in hose thread (NH)"),
    NPT_13("1/2 in pipe thread (NPT)"),
    NPT_19("3/4 in pipe thread (NPT)"),
    G_13("G 1/2 (BSP)"),
    G_19("G 3/4 (BSP)"),
    G_25("G 1 (BSP)");

    private final String label;

    OutletThread(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Of timers, filters and connectors in the shops: 3/4 in hose thread or G 3/4 (common practice). */
    public static OutletThread usual(Units units) {
        return units == Units.FEET_AND_INCHES ? HOSE_19 : G_19;
    }
}
