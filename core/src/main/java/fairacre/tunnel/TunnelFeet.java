package fairacre.tunnel;

import fairacre.build.Holder;
import fairacre.build.Material;
import fairacre.hoop.Stake;
import fairacre.hoop.StakesHold;
import fairacre.hoop.WindLift;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** Where the feet of a tunnel's bows stand, and what holds them when the wind lifts it. */
final class TunnelFeet {

    /** A stake is a pipe of 1 3/8 in that is driven 2 ft deep (common practice). */
    private static final Stake STAKE = new Stake(Length.inches(1.375), Length.feet(2));
    /**
     * What a metre of board holds by the soil that leans on it, newtons by the square of its depth: half of 12 kN/m³ of
     * loose garden soil, half of which presses sideways, 0.3 of which rubs on wood (common practice).
     */
    private static final double BY_THE_SOIL = 0.5 * 12_000 * 0.5 * 0.3;
    /** Of softwood, newtons to the cubic metre. */
    private static final double WOOD = Material.SOFTWOOD.leastDensity() * WindLift.GRAVITY;

    private final WalkInTunnel tunnel;
    private final TunnelFrame frame;
    private final List<Optional<StandingBed>> boards;

    TunnelFeet(WalkInTunnel tunnel, TunnelFrame frame, List<StandingBed> standing) {
        this.tunnel = tunnel;
        this.frame = frame;
        this.boards = frame.feet().stream()
                .flatMap(List::stream)
                .map(foot -> tunnel.footing() == TunnelFooting.BOARDS ? at(foot, standing) : none())
                .toList();
    }

    private static Optional<StandingBed> none() {
        return Optional.empty();
    }

    private static Optional<StandingBed> at(Point foot, List<StandingBed> standing) {
        Geometry spot = Polygons.line(List.of(foot));
        return standing.stream()
                .filter(bed -> bed.revision().holder() != Holder.GROUND
                        && bed.revision().holder() != Holder.MOUND
                        && !bed.revision().build().legs().isPositive())
                .filter(bed -> Polygons.of(bed.corners()).getExteriorRing().distance(spot)
                        <= TunnelStudy.AT_THE_EDGE + TunnelFrame.HAIR)
                .findFirst();
    }

    int onBoards() {
        return (int) boards.stream().filter(Optional::isPresent).count();
    }

    int onStakes() {
        return boards.size() - onBoards();
    }

    /**
     * Of a bow between the ends: for each foot on the ground so many stakes as hold it, for each on boards those that
     * hold what the boards don't.
     */
    StakesHold hold() {
        double lift = WindLift.on(
                        tunnel.weather().gust(),
                        tunnel.cover().closed(),
                        tunnel.place().width(),
                        tunnel.rise())
                * frame.apart().metres()
                / 2;
        int stakes = boards.stream()
                .mapToInt(bed -> bed.map(of -> besides(lift - held(of))).orElseGet(() -> STAKE.against(lift)))
                .sum();
        return StakesHold.of(tunnel.weather().gust().called(), lift, STAKE, stakes);
    }

    private static int besides(double left) {
        return left > 0 ? STAKE.against(left) : 0;
    }

    /** By the boards of a bed, as long as bows stand apart. */
    private double held(StandingBed bed) {
        double deep = bed.revision().height().metres();
        double aMetre = BY_THE_SOIL * deep * deep
                + WOOD * deep * bed.revision().thickness().metres();
        return aMetre * frame.apart().metres();
    }
}
