package fairacre.cover;

import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import fairacre.sheet.SheetGood;
import fairacre.sun.ShadeSource.Shade;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The shadow of covers on their beds. The walls of a cold frame are dark, panes and nets take their share over all of
 * the bed; a cloche is taken as a box of two thirds of its height.
 */
final class CoverShade {

    /** Twin walls take a fifth of the light, a single clear one a twelfth (from memory). */
    private static final double TWIN_WALL = 0.2;

    private static final double SINGLE = 0.08;
    private static final double OF_A_CLOCHE = 2.0 / 3;
    /** Above the soil that it shades, metres. */
    private static final double JUST_ABOVE = 0.01;

    private CoverShade() {}

    static Stream<Shade> of(Plan plan, BedCover cover, int season) {
        List<StandingBed> standing = plan.standing(season);
        return cover.beds(season)
                .flatMap(id -> standing.stream().filter(bed -> bed.id().equals(id)))
                .filter(bed -> CoverFit.misfit(cover, bed.revision()).isEmpty())
                .flatMap(bed -> of(plan, cover, bed).stream());
    }

    private static List<Shade> of(Plan plan, BedCover cover, StandingBed bed) {
        double top = bed.revision().height().metres();
        double high = cover.high().metres();
        return switch (cover.kind()) {
            case COLD_FRAME -> coldFrame(plan, cover, bed, top);
            case CLOCHE -> List.of(over(cover, bed, top, high * OF_A_CLOCHE, pane(cover.pane())));
            case NET_CAGE -> List.of(over(cover, bed, top, high, cover.fabric().shade()));
        };
    }

    private static double pane(SheetGood pane) {
        return pane.fluted() ? TWIN_WALL : SINGLE;
    }

    private static Shade over(BedCover cover, StandingBed bed, double top, double high, double share) {
        return new Shade(cover.id(), Polygons.of(bed.corners()), top + JUST_ABOVE, top + high, share);
    }

    private static List<Shade> coldFrame(Plan plan, BedCover cover, StandingBed bed, double top) {
        CoverFacing facing = CoverFacing.of(bed.outline(), plan.site());
        double low = cover.low().metres();
        double high = cover.high().metres();
        double middle = (low + high) / 2;
        Length thick = cover.walls().thickness(plan.units());
        List<Shade> shades = new ArrayList<>();
        for (CoverFacing.Side side : CoverFacing.allSides(bed.outline())) {
            boolean front = side.from().equals(facing.from()) && side.to().equals(facing.to());
            boolean back =
                    !front && !side.from().equals(facing.to()) && !side.to().equals(facing.from());
            double height = front ? low : back ? high : middle;
            Footprint.along(List.of(side.from(), side.to()), thick).stream()
                    .map(Ring::polygon)
                    .forEach(wall -> shades.add(new Shade(cover.id(), wall, top, top + height, 1)));
        }
        shades.add(new Shade(
                cover.id(), Polygons.of(bed.corners()), top + middle, top + middle + JUST_ABOVE, pane(cover.pane())));
        return shades;
    }
}
