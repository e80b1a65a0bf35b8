package fairacre.fence;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * What it takes to keep an animal out on foot.
 *
 * @param height of the fence above ground or snow, 0 to 3 m
 * @param mesh clear width of the widest opening or gap that it does not get through, 1 mm to 1 m
 * @param meshed how far up from the ground openings have to be so small, 0 to 3 m; above it climbs or slips through
 *     nothing
 * @param buried how deep the fence goes into the ground so that it does not dig under it, 0 to 1 m; 0 if it does not
 *     dig
 * @param apron how far mesh laid flat outwards does the same, 0 to 2 m; 0 if an apron does not help
 * @param climbs whether it climbs what gives it a foothold
 */
public record Needs(Length height, Length mesh, Length meshed, Length buried, Length apron, boolean climbs) {

    private static final Length HIGHEST = Length.metres(3);
    private static final Length FINEST = Length.millimetres(1);
    private static final Length WIDEST = Length.metres(1);
    private static final Length DEEPEST = Length.metres(1);
    private static final Length BROADEST = Length.metres(2);
    private static final long FIVE_CENTIMETRES = 50_000;

    public Needs {
        Limits.between(height, Length.ZERO, HIGHEST, "height");
        Limits.between(mesh, FINEST, WIDEST, "mesh");
        Limits.between(meshed, Length.ZERO, HIGHEST, "meshed");
        Limits.between(buried, Length.ZERO, DEEPEST, "buried");
        Limits.between(apron, Length.ZERO, BROADEST, "apron");
    }

    /** In inches. */
    static Needs inches(double height, double mesh, double meshed, double buried, double apron, boolean climbs) {
        return new Needs(
                Length.inches(height),
                Length.inches(mesh),
                Length.inches(meshed),
                Length.inches(buried),
                Length.inches(apron),
                climbs);
    }

    /** The same as it is said in metres: heights and depths down to whole 5 cm, 2.40 m for 8 ft. */
    Needs inMetres() {
        return new Needs(down(height), mesh, down(meshed), down(buried), down(apron), climbs);
    }

    private static Length down(Length length) {
        return new Length(length.micrometres() / FIVE_CENTIMETRES * FIVE_CENTIMETRES);
    }

    Needs withHeight(Length newHeight) {
        return new Needs(newHeight, mesh, meshed, buried, apron, climbs);
    }

    boolean digs() {
        return buried.isPositive() || apron.isPositive();
    }
}
