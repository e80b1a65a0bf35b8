package fairacre.judging;

import fairacre.measure.Area;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.StandingBed;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Figures and directions in the gardener's units and words. */
public record Wording(Units units) {

    private static final int FEW = 3;
    private static final double SLANTED = 0.15;
    private static final List<String> QUARTERS =
            List.of("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west");
    private static final double KILOPASCALS_PER_BAR = 100;
    /** NIST Handbook 44, appendix C. */
    public static final double KILOGRAMS_PER_POUND = 0.45359237;

    private static final double LITRES_PER_CUBIC_METRE = 1000;
    /** 67.200625 cubic inches (NIST Handbook 44, appendix C). */
    private static final double LITRES_PER_DRY_QUART = 1.101220942715;

    private static final double LITRES_PER_CUBIC_YARD = 764.554857984;
    private static final double CUBIC_FEET_PER_CUBIC_YARD = 27;
    /** Of the United States. */
    public String length(Length length) {
        return LengthText.format(length, units);
    }

    public String area(Area area) {
        return units == Units.METRIC
                ? area(area, area.squareMetres(), 2, " m²")
                : area(area, area.squareFeet(), 1, " sq ft");
    }

    /** To so many decimals; what would be rounded away is said to be less than the least that is written. */
    private static String area(Area area, double size, int decimals, String unit) {
        BigDecimal rounded = BigDecimal.valueOf(size).setScale(decimals, RoundingMode.HALF_UP);
        return !area.isZero() && rounded.signum() == 0
                ? "under " + BigDecimal.ONE.movePointLeft(decimals).toPlainString() + unit
                : rounded.toPlainString() + unit;
    }

    /** To a tenth of a cubic metre or yard. */
    public String volume(Volume volume) {
        double litres = volume.litres();
        return String.format(
                Locale.ROOT,
                "%.1f %s",
                units == Units.METRIC ? litres / LITRES_PER_CUBIC_METRE : litres / LITRES_PER_CUBIC_YARD,
                units == Units.METRIC ? "m³" : "cu yd");
    }

    /** Of what is carried: litres up to a cubic metre, cubic feet up to a cubic yard; more to a hundredth of these. */
    public String loose(Volume volume) {
        double large = volume.litres() / (units == Units.METRIC ? LITRES_PER_CUBIC_METRE : LITRES_PER_CUBIC_YARD);
        if (large >= 1) {
            return String.format(Locale.ROOT, "%.2f %s", large, units == Units.METRIC ? "m³" : "cu yd");
        }
        return units == Units.METRIC
                ? String.format(Locale.ROOT, "%.0f L", volume.litres())
                : String.format(Locale.ROOT, "%.1f cu ft", large * CUBIC_FEET_PER_CUBIC_YARD);
    }

    /** Of water: litres, or gallons (US) where one measures in feet. */
    public String water(Volume volume) {
        double amount = units == Units.METRIC ? volume.litres() : volume.litres() / Flow.LITRES_PER_GALLON;
        return String.format(Locale.ROOT, "%.0f %s", amount, units == Units.METRIC ? "L" : "gal");
    }

    /** Of bar, or of pounds on the square inch where one measures in feet. */
    public String pressure(Pressure pressure) {
        return units == Units.METRIC
                ? String.format(Locale.ROOT, "%.2f bar", pressure.kilopascals() / KILOPASCALS_PER_BAR)
                : String.format(Locale.ROOT, "%.1f psi", pressure.psi());
    }

    /** To a tenth of a litre or a hundredth of a gallon in a minute. */
    public String flow(Flow flow) {
        return units == Units.METRIC
                ? String.format(Locale.ROOT, "%.1f L/min", flow.litresAMinute())
                : String.format(Locale.ROOT, "%.2f gal/min", flow.gallonsAMinute());
    }

    /** Of metres or feet in a second. */
    public String velocity(double metres) {
        return units == Units.METRIC
                ? String.format(Locale.ROOT, "%.1f m/s", metres)
                : String.format(
                        Locale.ROOT, "%.1f ft/s", metres / Length.feet(1).metres());
    }

    public String hours(double hours) {
        return String.format(Locale.ROOT, "%.1f h", hours);
    }

    /** @param celsius degrees */
    public String temperature(double celsius) {
        return units == Units.METRIC
                ? String.format(Locale.ROOT, "%.0f °C", celsius)
                : String.format(Locale.ROOT, "%.0f °F", 32 + 1.8 * celsius);
    }

    /** Whole kilograms or pounds. */
    public String mass(double kilograms) {
        return units == Units.METRIC
                ? Math.round(kilograms) + " kg"
                : Math.round(kilograms / KILOGRAMS_PER_POUND) + " lb";
    }

    /** What is eaten: to a tenth below ten kilograms or pounds, else whole. */
    public String food(double kilograms) {
        double much = units == Units.METRIC ? kilograms : kilograms / KILOGRAMS_PER_POUND;
        return String.format(Locale.ROOT, much > 0 && much < 10 ? "%.1f " : "%.0f ", much)
                + (units == Units.METRIC ? "kg" : "lb");
    }

    /** What is heaped in a vessel: litres, or dry quarts where one measures in feet; to a tenth below ten. */
    public String heaped(double litres) {
        double much = units == Units.METRIC ? litres : litres / LITRES_PER_DRY_QUART;
        return String.format(Locale.ROOT, much < 10 ? "%.1f " : "%.0f ", much) + (units == Units.METRIC ? "L" : "qt");
    }

    /** A share in whole per cent; less than one is said so rather than rounded to nothing. */
    public String share(double share) {
        long percent = Math.round(share * 100);
        return percent == 0 ? "under 1 %" : percent + " %";
    }

    /** Up to the next quarter inch or half centimetre: {@code 2.1 in} becomes {@code 2 1/4 in}. */
    public Length tidyUp(Length length) {
        long step = step();
        return new Length(Math.floorDiv(length.micrometres() + step - 1, step) * step);
    }

    /** Down to the next quarter inch or half centimetre. */
    public Length tidyDown(Length length) {
        return new Length(Math.floorDiv(length.micrometres(), step()) * step());
    }

    /** The next smaller whole step: {@code 2 in} becomes {@code 1 3/4 in}. */
    public Length stepDown(Length length) {
        return new Length(Math.floorDiv(length.micrometres() - 1, step()) * step());
    }

    /** The snags that a remedy brings, to go after its words; empty if it brings none. */
    public static String brought(List<Snag> snags) {
        if (snags.isEmpty()) {
            return "";
        }
        String first = snags.get(0).words().replaceFirst("[.]$", "");
        String more = snags.size() == 1 ? "" : " (and " + (snags.size() - 1) + " more)";
        return "; but then: " + first + more;
    }

    /** Where a move leads on the drawing: "right", "up and left". */
    public String direction(double dx, double dy) {
        double size = Math.hypot(dx, dy);
        String vertical = Math.abs(dy) < SLANTED * size ? "" : dy > 0 ? "up" : "down";
        String sideways = Math.abs(dx) < SLANTED * size ? "" : dx > 0 ? "right" : "left";
        return vertical.isEmpty() || sideways.isEmpty() ? vertical + sideways : vertical + " and " + sideways;
    }

    /** "1 May 2029". */
    public static String day(LocalDate day) {
        return DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH).format(day);
    }

    /**
     * The quarter of the sky to which a way on the drawing leads: "north-west".
     *
     * @param north degrees clockwise from straight up the drawing
     */
    public static String quarter(double dx, double dy, double north) {
        double degrees = Math.toDegrees(Math.atan2(dx, dy)) - north;
        return QUARTERS.get(Math.floorMod(Math.round(degrees / 360 * QUARTERS.size()), QUARTERS.size()));
    }

    public static String names(List<String> names) {
        if (names.size() < 2) {
            return String.join("", names);
        }
        String first = names.stream().limit(names.size() - 1L).collect(Collectors.joining(", "));
        return first + " and " + names.get(names.size() - 1);
    }

    /** Up to three beds by name, more by their number. */
    public static String named(List<StandingBed> beds) {
        return beds.size() <= FEW
                ? names(beds.stream().map(StandingBed::name).sorted().toList())
                : beds.size() + " beds";
    }

    private long step() {
        return units == Units.METRIC
                ? Length.millimetres(5).micrometres()
                : Length.inches(0.25).micrometres();
    }
}
