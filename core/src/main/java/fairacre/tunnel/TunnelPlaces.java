package fairacre.tunnel;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.Optional;

/** On which ground a tunnel could stand. */
final class TunnelPlaces {

    /** Of a tunnel, seen along its length from its middle. */
    enum Side {
        FRONT(1, 0),
        BACK(-1, 0),
        LEFT(0, 1),
        RIGHT(0, -1);

        private final int along;
        private final int across;

        Side(int along, int across) {
            this.along = along;
            this.across = across;
        }
    }

    private TunnelPlaces() {}

    /** The least ground round beds, as a tunnel lies that is turned like another; empty without beds. */
    static Optional<Rectangle> around(List<StandingBed> beds, Rectangle like) {
        if (beds.isEmpty()) {
            return Optional.empty();
        }
        double[] along = {Double.MAX_VALUE, -Double.MAX_VALUE};
        double[] across = {Double.MAX_VALUE, -Double.MAX_VALUE};
        for (StandingBed bed : beds) {
            for (Point corner : bed.corners()) {
                double dx = corner.x().minus(like.centre().x()).metres();
                double dy = corner.y().minus(like.centre().y()).metres();
                widen(along, dx * like.alongX() + dy * like.alongY());
                widen(across, dy * like.alongX() - dx * like.alongY());
            }
        }
        return Optional.of(new Rectangle(
                like.at((along[0] + along[1]) / 2, (across[0] + across[1]) / 2),
                Length.metres(along[1] - along[0]),
                Length.metres(across[1] - across[0]),
                like.turn()));
    }

    private static void widen(double[] reach, double to) {
        reach[0] = Math.min(reach[0], to);
        reach[1] = Math.max(reach[1], to);
    }

    /** The ground without a strip along one side. */
    static Rectangle without(Rectangle place, Side side, Length off) {
        double half = -off.metres() / 2;
        return place.movedTo(place.at(side.along * half, side.across * half), place.turn())
                .resized(
                        side.along == 0 ? place.length() : place.length().minus(off),
                        side.across == 0 ? place.width() : place.width().minus(off));
    }

    /** Whether what is left is large enough for a tunnel with its door. */
    static boolean leaves(WalkInTunnel tunnel, Side side, Length off) {
        return side.along != 0
                ? tunnel.place().length().minus(off).compareTo(WalkInTunnel.SHORTEST) >= 0
                : holdsDoor(tunnel, tunnel.place().width().minus(off));
    }

    static boolean holdsDoor(WalkInTunnel tunnel, Length width) {
        return width.compareTo(WalkInTunnel.SLIMMEST) >= 0
                && tunnel.doorAside()
                                .abs()
                                .plus(tunnel.doorWidth().half())
                                .plus(WalkInTunnel.JAMB)
                                .compareTo(width.half())
                        <= 0;
    }
}
