package fairacre.tunnel;

import fairacre.arch.Headroom;
import fairacre.fence.FenceKinds;
import fairacre.hoop.BowForm;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopWeather;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.FreeGround;
import fairacre.shape.Memo;
import fairacre.shape.OpenPlaces;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Tunnels to begin with: with shoulders, so high that everybody walks upright in it, of the first pipe that bears it,
 * under film with sides that roll up.
 */
public final class NewTunnels {

    /** What tunnels are built of, in the order in which they are tried (common practice). */
    private static final List<HoopPipe> PIPES = List.of(HoopPipe.TUBE_35, HoopPipe.PVC_33, HoopPipe.CONDUIT_23);

    private static final double HAIR = 1e-6;

    private NewTunnels() {}

    /** The board up to which sides roll to begin with. */
    public static Length usualHip(Units units) {
        return units == Units.METRIC ? Length.metres(0.9) : Length.feet(3);
    }

    /**
     * The change that builds one.
     *
     * @param beds round which it stands, with its ridge along an aisle that leads through, or else along the longer
     *     way; empty for 10 x 20 ft or 3 x 6 m of free ground
     * @throws RefusedException if one of the beds does not stand in the season, no tunnel is large enough for them, or
     *     there is no free ground
     */
    public static Put<WalkInTunnel> over(Plan plan, int season, List<UUID> beds, UUID id, Memo memo) {
        List<StandingBed> standing = plan.standing(season);
        List<Rectangle> places =
                beds.isEmpty() ? List.of(open(plan, season, standing)) : around(plan, season, standing, beds);
        TunnelStudy study = TunnelStudy.of(plan, season, standing, memo);
        WalkInTunnel through = throughAnAisle(
                study,
                places.stream().map(place -> begun(plan, season, id, place)).toList());
        return Put.of(highEnough(plan, study, through));
    }

    private static Rectangle open(Plan plan, int season, List<StandingBed> standing) {
        boolean metric = plan.units() == Units.METRIC;
        Length length = metric ? Length.metres(6) : Length.feet(20);
        Length width = metric ? Length.metres(3) : Length.feet(10);
        Rectangle place = OpenPlaces.first(plan, season, length, width, Optional.empty());
        if (!FreeGround.isFree(Polygons.of(place.corners()), plan.setting(season), standing)) {
            throw new RefusedException(
                    "beds",
                    "there is no free ground of " + size(length, width, plan.units()),
                    "select beds round which it is to stand");
        }
        return place;
    }

    /** With its ridge along the longer way, and across. */
    private static List<Rectangle> around(Plan plan, int season, List<StandingBed> standing, List<UUID> beds) {
        List<StandingBed> chosen =
                standing.stream().filter(bed -> beds.contains(bed.id())).toList();
        if (chosen.size() < beds.stream().distinct().count()) {
            throw new RefusedException("beds", "not all of them stand in " + season, "choose beds that stand then");
        }
        Rectangle place = TunnelPlaces.around(chosen, chosen.get(0).outline()).orElseThrow();
        Rectangle along = place.length().compareTo(place.width()) >= 0 ? place : quarterTurned(place);
        List<Rectangle> ways = Stream.of(along, quarterTurned(along))
                .map(NewTunnels::largeEnough)
                .filter(way -> way.width().compareTo(WalkInTunnel.WIDEST) <= 0)
                .filter(way -> way.length().compareTo(WalkInTunnel.LONGEST) <= 0)
                .toList();
        if (ways.isEmpty()) {
            throw new RefusedException(
                    "beds",
                    "they take " + size(along.length(), along.width(), plan.units()) + " of ground",
                    "choose beds that lie within " + size(WalkInTunnel.LONGEST, WalkInTunnel.WIDEST, plan.units()));
        }
        return ways;
    }

    private static Rectangle largeEnough(Rectangle place) {
        return place.resized(
                Length.max(WalkInTunnel.SHORTEST, place.length()), Length.max(WalkInTunnel.SLIMMEST, place.width()));
    }

    private static String size(Length length, Length width, Units units) {
        return LengthText.format(length, units) + " × " + LengthText.format(width, units);
    }

    private static Rectangle quarterTurned(Rectangle place) {
        return new Rectangle(place.centre(), place.width(), place.length(), (place.turn() + 90) % 360);
    }

    private static WalkInTunnel begun(Plan plan, int season, UUID id, Rectangle place) {
        boolean metric = plan.units() == Units.METRIC;
        Length room = place.width().minus(WalkInTunnel.JAMB.times(2));
        Length door = Length.min(metric ? Length.metres(0.9) : Length.feet(3), room);
        return new WalkInTunnel(
                id,
                Names.free(
                        plan.list(TunnelKinds.TUNNELS).stream()
                                .map(WalkInTunnel::name)
                                .toList(),
                        "Tunnel"),
                place,
                BowForm.SHOULDERED,
                PIPES.get(0),
                metric ? Length.metres(2.1) : Length.feet(7),
                FenceKinds.snow(plan).isPositive() ? HoopWeather.SNOWY : HoopWeather.WINDY,
                TunnelFooting.BOARDS,
                Fabric.FILM,
                Optional.of(usualHip(plan.units())),
                2,
                door,
                Length.ZERO,
                0,
                false,
                Lifetime.from(season));
    }

    /**
     * Up to the next inch or two centimetres at which nobody stoops and the pipe bears it; as begun where none does.
     */
    private static WalkInTunnel highEnough(Plan plan, TunnelStudy study, WalkInTunnel through) {
        Length wanted = Headroom.wanted(plan);
        Optional<Length> aside = study.aisles(through).stream()
                .map(TunnelTold.TunnelAisle::aside)
                .max(Comparator.naturalOrder());
        Length step = plan.units() == Units.METRIC ? Length.millimetres(20) : Length.inches(1);
        return PIPES.stream()
                .flatMap(pipe -> Stream.iterate(
                        through.rise(), rise -> rise.compareTo(WalkInTunnel.HIGHEST) <= 0, rise -> rise.plus(step))
                        .map(rise -> through.of(pipe).rising(through.form(), rise))
                        .filter(tunnel -> does(plan, tunnel, aside, wanted))
                        .findFirst()
                        .stream())
                .findFirst()
                .orElse(through);
    }

    /**
     * The first way with doors on an aisle that leads from end to end, as near to the middle as one is; where none has
     * one, the first wider on its left by the room for it.
     */
    private static WalkInTunnel throughAnAisle(TunnelStudy study, List<WalkInTunnel> ways) {
        return ways.stream()
                .flatMap(tunnel -> onAnAisle(study, tunnel).stream())
                .findFirst()
                .or(() -> widened(ways.get(0)).flatMap(wider -> onAnAisle(study, wider)))
                .orElse(ways.get(0));
    }

    private static Optional<WalkInTunnel> widened(WalkInTunnel tunnel) {
        Length more = tunnel.doorWidth().plus(WalkInTunnel.JAMB.times(2));
        Rectangle place = tunnel.place();
        Length width = place.width().plus(more);
        return width.compareTo(WalkInTunnel.WIDEST) > 0
                ? Optional.empty()
                : Optional.of(tunnel.at(place.movedTo(place.at(0, more.metres() / 2), place.turn())
                        .resized(place.length(), width)));
    }

    private static Optional<WalkInTunnel> onAnAisle(TunnelStudy study, WalkInTunnel tunnel) {
        double half = tunnel.doorWidth().metres() / 2;
        double furthest = tunnel.place().width().metres() / 2 - half - WalkInTunnel.JAMB.metres();
        return study.atTheEnds(tunnel).stream()
                .map(span -> span.shared(new TunnelAisles.Span(-furthest - half, furthest + half)))
                .filter(span -> span.width() >= 2 * half - HAIR)
                .map(span -> Length.metres(span.nearest(half, 0)))
                .min(Comparator.comparing(Length::abs))
                .map(tunnel::withDoorAside);
    }

    private static boolean does(Plan plan, WalkInTunnel tunnel, Optional<Length> aside, Length wanted) {
        TunnelFrame frame = new TunnelFrame(plan.units(), tunnel);
        return !frame.bentTooTightly()
                && aside.filter(off -> frame.bow()
                                        .heightAt(off)
                                        .minus(tunnel.pipe().diameter().half())
                                        .compareTo(wanted)
                                < 0)
                        .isEmpty();
    }
}
