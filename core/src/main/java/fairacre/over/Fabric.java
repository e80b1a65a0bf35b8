package fairacre.over;

import fairacre.measure.Length;
import java.util.Optional;

/**
 * What is laid over bows and frames. Widths of mesh and years are common practice; shares of the light that is taken
 * are from memory.
 *
 * <p>Of nets the mesh is told: what flies and is larger stays out.
 */
public enum Fabric {
    NONE("Nothing", 0, 0, 0, 0),
    FLEECE("Fleece", 0, 2, 0.15, 1),
    FINE_NET("Net, mesh 0.8 mm", 0.8, 7, 0.2, 0.5),
    INSECT_NET("Net, mesh 1.3 mm", 1.3, 7, 0.12, 0.4),
    BUTTERFLY_NET("Net, mesh 7 mm", 7, 7, 0.05, 0.2),
    BIRD_NET("Net, mesh 20 mm", 20, 5, 0.03, 0.1),
    SHADE_CLOTH("Shade cloth", 0, 7, 0.5, 0.6),
    FILM("Clear film", 0, 4, 0.12, 1);

    private final String label;
    private final double millimetres;
    private final int years;
    private final double shade;
    private final double closed;

    Fabric(String label, double millimetres, int years, double shade, double closed) {
        this.label = label;
        this.millimetres = millimetres;
        this.years = years;
        this.shade = shade;
        this.closed = closed;
    }

    public String label() {
        return label;
    }

    /** Width of the mesh of a net; empty for what is closed, and for nothing. */
    public Optional<Length> mesh() {
        return millimetres > 0 ? Optional.of(Length.millimetres(millimetres)) : Optional.empty();
    }

    /** So long it lasts in the sun. */
    public int years() {
        return years;
    }

    /** Share of the light that it takes, 0 to 1. */
    public double shade() {
        return shade;
    }

    /** Share of it that stops the wind, 0 to 1: a rough guess for all but what is closed. */
    public double closed() {
        return closed;
    }
}
