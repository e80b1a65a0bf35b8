package fairacre.hoop;

import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Optional;

/**
 * What bows are made of. Pipe of outside diameter d that is bent to a radius R is stretched on its outside by d / 2R;
 * what a material bears of that for long says how tightly it may be bent: R = d / 2e. Plastics keep their spring and
 * may be bent to another width; metal is bent for good, on a form. Diameters and weights are from makers' tables, from
 * memory; what a material bears is common practice: for PE a radius of twenty diameters, for PVC of twenty-five, for
 * wire of five, for steel conduit the 4 in and 5 in of a hand bender, for tube of fence rails some seventeen, on a
 * form.
 *
 * <p>Bows of wood are glued up of strips on a form. A strip of softwood bends dry to 125 times its thickness (AITC 117
 * for glued laminated timber, from memory), and none is sawn thinner than 3 mm (common practice).
 */
public enum HoopPipe {
    PE_20("PE pipe, 20 mm", 20, 0.025, 0.12, Sold.COIL, 10),
    PE_25("PE pipe, 25 mm", 25, 0.025, 0.17, Sold.COIL, 10),
    PVC_21("PVC pipe, 1/2 in (21.3 mm)", 21.3, 0.02, 0.24, Sold.STICKS, 6),
    WIRE_4("Galvanised wire, 4 mm", 4, 0.1, 0.1, Sold.WIRE, 10),
    CONDUIT_18("Steel conduit, 1/2 in (17.9 mm)", 17.9, 0.088, 0.45, Sold.STICKS_OF_STEEL, 20),
    PVC_33("PVC pipe, 1 in (33.4 mm)", 33.4, 0.02, 0.48, Sold.STICKS, 6),
    CONDUIT_23("Steel conduit, 3/4 in (23.4 mm)", 23.4, 0.092, 0.69, Sold.STICKS_OF_STEEL, 20),
    TUBE_35("Galvanised steel tube, 1 3/8 in (34.9 mm)", 34.9, 0.03, 1.1, Sold.STICKS_OF_STEEL, 20),
    STRIPS_22("Strips of softwood, glued up 22 mm thick", 22, Strips.stretch(22), 0.24, Sold.STRIPS, 8),
    STRIPS_45("Strips of softwood, glued up 45 mm thick", 45, Strips.stretch(45), 0.86, Sold.STRIPS, 8);

    private enum Sold {
        COIL,
        STICKS,
        WIRE,
        STICKS_OF_STEEL,
        STRIPS
    }

    private final String label;
    private final Length diameter;
    private final double stretch;
    private final double kilogramsPerMetre;
    private final Sold sold;
    private final int years;

    HoopPipe(String label, double millimetres, double stretch, double kilogramsPerMetre, Sold sold, int years) {
        this.label = label;
        this.diameter = Length.millimetres(millimetres);
        this.stretch = stretch;
        this.kilogramsPerMetre = kilogramsPerMetre;
        this.sold = sold;
        this.years = years;
    }

    public String label() {
        return label;
    }

    /** Outside. */
    public Length diameter() {
        return diameter;
    }

    /** The least radius that its middle line may be bent to. */
    public Length tightest() {
        return Length.metres(diameter.metres() / (2 * stretch));
    }

    /** Whether it stays as it is bent, and goes with one width only. */
    public boolean staysBent() {
        return sold == Sold.WIRE || sold == Sold.STICKS_OF_STEEL || sold == Sold.STRIPS;
    }

    /** Whether bows are glued up of strips, and are not bent out of pipe or wire. */
    public boolean glued() {
        return sold == Sold.STRIPS;
    }

    /** The board that the strips are ripped from: they are as wide as it is thick. */
    Board stripBoard(Units units) {
        boolean metric = units == Units.METRIC;
        return this == STRIPS_22 ? metric ? Board.M22X150 : Board.B5_4X6 : metric ? Board.M38X150 : Board.B2X6;
    }

    /** How long a piece is that is sold; empty where it is sold by length, and of strips. */
    public Optional<Length> stick(Units units) {
        return sold == Sold.STICKS || sold == Sold.STICKS_OF_STEEL
                ? Optional.of(units == Units.METRIC ? Length.metres(3) : Length.feet(10))
                : Optional.empty();
    }

    public double kilograms(Length length) {
        return kilogramsPerMetre * length.metres();
    }

    /** So long it lasts in the sun (common practice). */
    public int years() {
        return years;
    }
}
