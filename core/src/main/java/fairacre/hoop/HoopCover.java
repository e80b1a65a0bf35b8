package fairacre.hoop;

import fairacre.measure.Length;
import java.util.Optional;

/**
 * What is laid over bows. Widths of mesh and years are common practice.
 *
 * <p>Of nets the mesh is told: what flies and is larger stays out.
 */
public enum HoopCover {
    NONE("Nothing", 0, 0),
    FLEECE("Fleece", 0, 2),
    FINE_NET("Net, mesh 0.8 mm", 0.8, 7),
    INSECT_NET("Net, mesh 1.3 mm", 1.3, 7),
    BUTTERFLY_NET("Net, mesh 7 mm", 7, 7),
    BIRD_NET("Net, mesh 20 mm", 20, 5),
    SHADE_CLOTH("Shade cloth", 0, 7),
    FILM("Clear film", 0, 4);

    private final String label;
    private final double millimetres;
    private final int years;

    HoopCover(String label, double millimetres, int years) {
        this.label = label;
        this.millimetres = millimetres;
        this.years = years;
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
}
