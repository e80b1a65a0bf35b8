package fairacre.sheet;

import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.List;
import java.util.Locale;

/**
 * What is sold in sheets. Sizes, weights and lives are common practice; inch plywood is as thick as its performance
 * category says (PS 1: 23/32 and 15/32 in). Prices are invented.
 */
public enum SheetGood {
    PLYWOOD_18("Exterior plywood, 18 mm", "Exterior plywood, 23/32 in", 18, 23.0 / 32, 10.8, 8, Make.SOLID, 22),
    PLYWOOD_12("Exterior plywood, 12 mm", "Exterior plywood, 15/32 in", 12, 15.0 / 32, 7.2, 6, Make.SOLID, 16),
    TWIN_WALL_6(
            "Twin-wall polycarbonate, 6 mm",
            "Twin-wall polycarbonate, 1/4 in",
            6,
            0.25,
            1.3,
            10,
            Make.CLEAR_WITH_FLUTES,
            18),
    TWIN_WALL_10(
            "Twin-wall polycarbonate, 10 mm",
            "Twin-wall polycarbonate, 3/8 in",
            10,
            0.375,
            1.7,
            10,
            Make.CLEAR_WITH_FLUTES,
            26),
    ACRYLIC_3("Clear acrylic, 3 mm", "Clear acrylic, 1/8 in", 3, 0.125, 3.6, 10, Make.CLEAR, 34);

    private enum Make {
        SOLID,
        CLEAR,
        CLEAR_WITH_FLUTES
    }

    /** Less than a whole sheet costs so much more by the area (a rough guess). */
    private static final double DEARER_CUT = 1.25;

    private final String metric;
    private final String inches;
    private final double millimetres;
    private final double thickInches;
    private final double kilograms;
    private final int years;
    private final Make make;
    private final double dollars;

    SheetGood(
            String metric,
            String inches,
            double millimetres,
            double thickInches,
            double kilograms,
            int years,
            Make make,
            double dollars) {
        this.metric = metric;
        this.inches = inches;
        this.millimetres = millimetres;
        this.thickInches = thickInches;
        this.kilograms = kilograms;
        this.years = years;
        this.make = make;
        this.dollars = dollars;
    }

    /** A size in which it is sold, its length along the flutes or the grain. */
    public record Size(Length length, Length width) {

        private static Size metres(double length, double width) {
            return new Size(Length.metres(length), Length.metres(width));
        }

        private static Size feet(double length, double width) {
            return new Size(Length.feet(length), Length.feet(width));
        }
    }

    public String label(Units units) {
        return units == Units.METRIC ? metric : inches;
    }

    public Length thickness(Units units) {
        return units == Units.METRIC ? Length.millimetres(millimetres) : Length.inches(thickInches);
    }

    public double kilogramsPerSquareMetre() {
        return kilograms;
    }

    /** So long it lasts out of doors. */
    public int years() {
        return years;
    }

    public boolean clear() {
        return make != Make.SOLID;
    }

    /** Whether its flutes run along its length: water has to run down in them, so parts can't be turned. */
    public boolean fluted() {
        return make == Make.CLEAR_WITH_FLUTES;
    }

    /** Largest first. */
    public List<Size> sizes(Units units) {
        boolean metric = units == Units.METRIC;
        return switch (make) {
            case SOLID ->
                metric
                        ? List.of(Size.metres(2.5, 1.25), Size.metres(1.25, 1.25), Size.metres(1.2, 0.6))
                        : List.of(Size.feet(8, 4), Size.feet(4, 4), Size.feet(4, 2));
            case CLEAR ->
                metric
                        ? List.of(Size.metres(2, 1), Size.metres(1, 1), Size.metres(1, 0.5))
                        : List.of(Size.feet(8, 4), Size.feet(4, 4), Size.feet(4, 2));
            case CLEAR_WITH_FLUTES ->
                metric
                        ? List.of(Size.metres(3, 1.05), Size.metres(2, 1.05), Size.metres(1, 1.05))
                        : List.of(Size.feet(8, 4), Size.feet(8, 2), Size.feet(4, 2));
        };
    }

    /** Whether a part is cut from some size of it. */
    public boolean holds(SheetPart part, Units units) {
        return sizes(units).stream().anyMatch(size -> part.fits(size.length(), size.width()));
    }

    public PriceItem item(Size size, Units units) {
        boolean metric = units == Units.METRIC;
        String key = metric
                ? Math.round(size.length().millimetres()) + "x"
                        + Math.round(size.width().millimetres()) + "mm"
                : Math.round(size.length().inches() / 12) + "x"
                        + Math.round(size.width().inches() / 12) + "ft";
        return new PriceItem(
                "sheet/" + name().toLowerCase(Locale.ROOT).replace('_', '-') + "/" + key,
                label(units) + ", a sheet of " + LengthText.format(size.length(), units) + " × "
                        + LengthText.format(size.width(), units));
    }

    /** US dollars for a sheet, invented. */
    double dollars(Size size, Units units) {
        double area = size.length().metres() * size.width().metres();
        return dollars * area * (size.equals(sizes(units).get(0)) ? 1 : DEARER_CUT);
    }
}
