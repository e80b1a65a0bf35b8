package fairacre.tunnel;

import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.sun.ShadeSource.Shade;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/** The shadow of a tunnel's sheet: it takes its share over all of its ground, as a box of the bows' mean height. */
final class TunnelShade {

    /** Above the highest bed in it, so that what lies in it is below the sheet, metres. */
    private static final double JUST_ABOVE = 0.01;

    private TunnelShade() {}

    static Stream<Shade> of(Plan plan, int season) {
        List<WalkInTunnel> tunnels = TunnelKinds.tunnels(plan, season);
        if (tunnels.isEmpty()) {
            return Stream.empty();
        }
        List<StandingBed> standing = plan.standing(season);
        return tunnels.stream().flatMap(tunnel -> shade(plan, tunnel, standing).stream());
    }

    private static Optional<Shade> shade(Plan plan, WalkInTunnel tunnel, List<StandingBed> standing) {
        Polygon ground = Polygons.of(tunnel.place().corners());
        double mean = new TunnelFrame(plan.units(), tunnel).endArea()
                / tunnel.place().width().metres();
        double low = JUST_ABOVE
                + standing.stream()
                        .filter(bed -> Polygons.of(bed.corners()).intersects(ground))
                        .mapToDouble(bed -> bed.revision().height().metres())
                        .max()
                        .orElse(0);
        return low < mean
                ? Optional.of(
                        new Shade(tunnel.id(), ground, low, mean, tunnel.cover().shade()))
                : Optional.empty();
    }
}
