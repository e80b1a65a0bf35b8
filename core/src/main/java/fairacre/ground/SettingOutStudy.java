package fairacre.ground;

import fairacre.ground.SettingOut.BedMarks;
import fairacre.ground.SettingOut.Mark;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * Tape measurements for staking out beds. The base line is the plot's longest side: by Pythagoras a corner that lies p
 * along it and q off it is sqrt(p^2 + q^2) from one peg and sqrt((b - p)^2 + q^2) from the other.
 */
public final class SettingOutStudy {

    private SettingOutStudy() {}

    /** In whole feet or half metres, as the gardener measures; a rope of 12 n then makes the triangle. */
    public static SettingOut of(Site site, List<StandingBed> beds, Units units) {
        List<Point> corners = site.corners();
        int longest = 0;
        for (int i = 1; i < corners.size(); i++) {
            if (side(corners, i) > side(corners, longest)) {
                longest = i;
            }
        }
        Point first = corners.get(longest);
        Point second = corners.get((longest + 1) % corners.size());
        List<BedMarks> marks = new ArrayList<>();
        int stakes = 0;
        double string = 0;
        for (StandingBed bed : beds) {
            BedMarks of = marks(bed, first, second);
            marks.add(of);
            stakes += of.corners().size();
            string += Polygons.of(bed.corners()).getLength();
        }
        return new SettingOut(
                first,
                second,
                Length.metres(side(corners, longest)),
                triangle(site, units),
                marks,
                stakes,
                Length.metres(string));
    }

    private static BedMarks marks(StandingBed bed, Point first, Point second) {
        double base = first.distance(second).metres();
        double ux = (second.x().metres() - first.x().metres()) / base;
        double uy = (second.y().metres() - first.y().metres()) / base;
        List<Mark> corners = new ArrayList<>();
        for (Point corner : bed.corners()) {
            double dx = corner.x().metres() - first.x().metres();
            double dy = corner.y().metres() - first.y().metres();
            corners.add(new Mark(
                    first.distance(corner),
                    second.distance(corner),
                    Length.metres(dx * ux + dy * uy),
                    Length.metres(dy * ux - dx * uy)));
        }
        double diagonal = Math.hypot(
                bed.outline().length().metres(), bed.outline().width().metres());
        return new BedMarks(bed.id(), bed.name(), corners, Length.metres(diagonal));
    }

    /** The larger the triangle, the smaller the error: 6-8-10 before 3-4-5. */
    private static List<Length> triangle(Site site, Units units) {
        double step = units == Units.METRIC ? 0.5 : Length.feet(1).metres();
        Envelope bounds = site.ground().getEnvelopeInternal();
        double shorter = Math.min(bounds.getWidth(), bounds.getHeight());
        double longer = Math.max(bounds.getWidth(), bounds.getHeight());
        int times = (int) Math.floor(Math.min(shorter / (3 * step), longer / (4 * step)) + 1e-9);
        double unit = times < 1 ? Math.min(shorter / 3, longer / 4) : times * step;
        return List.of(Length.metres(3 * unit), Length.metres(4 * unit), Length.metres(5 * unit));
    }

    private static double side(List<Point> corners, int side) {
        return corners.get(side)
                .distance(corners.get((side + 1) % corners.size()))
                .metres();
    }
}
