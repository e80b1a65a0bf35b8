package fairacre.cover;

import fairacre.judging.Wording;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Site;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which way the low side of a cold frame looks when it is put on a bed: of its two ways, of a square one's four, the
 * one nearest to where the sun stands at noon.
 *
 * @param quarter by the compass: "south-east"
 * @param off degrees from due south, north of the equator, and from due north, south of it
 * @param from one end of the low side on the plot, {@code to} the other
 */
record CoverFacing(String quarter, double off, Point from, Point to) {

    private static final double HALF_TURN = 180;

    static CoverFacing of(Rectangle bed, Site site) {
        double noon = Math.toRadians(site.north() + (site.latitude() >= 0 ? HALF_TURN : 0));
        double sunX = Math.sin(noon);
        double sunY = Math.cos(noon);
        return longSides(bed).stream()
                .map(side -> of(bed, side, sunX, sunY, site.north()))
                .min(Comparator.comparingDouble(CoverFacing::off))
                .orElseThrow();
    }

    /** Corners of a side, counter-clockwise round the bed. */
    record Side(Point from, Point to) {}

    static List<Side> allSides(Rectangle bed) {
        List<Point> corners = bed.corners();
        return IntStream.range(0, corners.size())
                .mapToObj(i -> new Side(corners.get(i), corners.get((i + 1) % corners.size())))
                .toList();
    }

    private static List<Side> longSides(Rectangle bed) {
        List<Side> all = allSides(bed);
        return IntStream.range(0, all.size())
                .filter(i -> (i % 2 == 0 ? bed.length() : bed.width()).equals(bed.longerSide()))
                .mapToObj(all::get)
                .toList();
    }

    private static CoverFacing of(Rectangle bed, Side side, double sunX, double sunY, double north) {
        double x = (side.from.x().metres() + side.to.x().metres()) / 2
                - bed.centre().x().metres();
        double y = (side.from.y().metres() + side.to.y().metres()) / 2
                - bed.centre().y().metres();
        double cosine = (x * sunX + y * sunY) / Math.hypot(x, y);
        double off = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine))));
        return new CoverFacing(Wording.quarter(x, y, north), off, side.from, side.to);
    }
}
