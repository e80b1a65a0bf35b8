package fairacre.cover;

import fairacre.measure.Length;
import fairacre.measure.Units;

/** Covers that are lifted on and off; heights to begin with are common practice, in inches and in centimetres. */
public enum CoverKind {
    COLD_FRAME(
            "Cold frame",
            "A box with clear lids: weeks earlier in spring, but somebody opens it on every sunny day.",
            9,
            0.22,
            15,
            0.38),
    CLOCHE(
            "Cloche",
            "Clear panes that lean together over the rows: light and soon moved; wind takes it unless it is pegged.",
            0,
            0,
            18,
            0.45),
    NET_CAGE(
            "Net cage",
            "Battens with a net all round and on top: nothing gets in, and bees don't either: lift it while fruit sets.",
            0,
            0,
            36,
            0.9);

    private final String label;
    private final String remark;
    private final double lowInches;
    private final double lowMetres;
    private final double highInches;
    private final double highMetres;

    CoverKind(String label, String remark, double lowInches, double lowMetres, double highInches, double highMetres) {
        this.label = label;
        this.remark = remark;
        this.lowInches = lowInches;
        this.lowMetres = lowMetres;
        this.highInches = highInches;
        this.highMetres = highMetres;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    /** Of the front, of what has one. */
    Length usualLow(Units units) {
        Length usual = units == Units.METRIC ? Length.metres(lowMetres) : Length.inches(lowInches);
        return usual.isPositive() ? usual : BedCover.LOWEST;
    }

    Length usualHigh(Units units) {
        return units == Units.METRIC ? Length.metres(highMetres) : Length.inches(highInches);
    }
}
