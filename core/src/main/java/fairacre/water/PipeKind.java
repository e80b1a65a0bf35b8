package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.measure.Units;

/**
 * Pipes and hoses by the bore that the water has. Bores of PVC are those of ASTM D1785, schedule 40; the others are
 * common practice. Walls of plastic are taken to be as rough as drawn tube, 1.5 micrometres.
 */
public enum PipeKind {
    TUBE_13("Polyethylene tube, 1/2 in", 15.2, false),
    TUBE_16("Polyethylene tube, 16 mm", 13.6, false),
    TUBE_19("Polyethylene tube, 3/4 in", 20.8, false),
    HOSE_13("Hose, 1/2 in", 12.7, true),
    HOSE_16("Hose, 5/8 in", 15.9, true),
    HOSE_19("Hose, 3/4 in", 19.1, true),
    PVC_13("PVC pipe, 1/2 in", 15.8, false),
    PVC_19("PVC pipe, 3/4 in", 20.9, false),
    PVC_25("PVC pipe, 1 in", 26.6, false);

    /** Height of the wall's roughness, metres (drawn tubing, Moody 1944). */
    static final double ROUGHNESS = 1.5e-6;

    private final String label;
    private final Length bore;
    private final boolean hose;

    PipeKind(String label, double boreMillimetres, boolean hose) {
        this.label = label;
        this.bore = Length.millimetres(boreMillimetres);
        this.hose = hose;
    }

    public String label() {
        return label;
    }

    /** Inside diameter. */
    public Length bore() {
        return bore;
    }

    /** What it is sold as, by length. */
    public PriceItem soldAs(Units units) {
        return WaterPrices.pipe(this, units);
    }

    /** Whether it is sold in straight lengths, not rolled up. */
    public boolean stiff() {
        return this == PVC_13 || this == PVC_19 || this == PVC_25;
    }

    /** Whether it is sold as a hose, with hose ends. */
    public boolean hose() {
        return hose;
    }
}
