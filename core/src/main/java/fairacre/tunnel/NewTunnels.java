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
import fairacre.outline.Rectangle;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
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

    /** The largest pipes first try: what tunnels are built of (common practice). */
    private static final List<HoopPipe> PIPES = List.of(HoopPipe.TUBE_35, HoopPipe.PVC_33, HoopPipe.CONDUIT_23);

    private static final Length HIP = Length.feet(3);

    private static final Length METRIC_HIP = Length.metres(0.9);
    private static final double HAIR = 1e-6;

    private NewTunnels() {}

    /**
     * The change that builds one.
     *
     * @param beds round which it stands, its ridge along the longer way; empty for 10 x 20 ft or 3 x 6 m of free ground
     * @throws RefusedException if one of the beds does not stand in the season, or a tunnel is not large enough for
     *     them
     */
    public static Put<WalkInTunnel> over(Plan plan, int season, List<UUID> beds, UUID id, Memo memo) {
        List<StandingBed> standing = plan.standing(season);
        Rectangle place = beds.isEmpty() ? open(plan, season) : around(plan, season, standing, beds);
        WalkInTunnel begun = begun(plan, season, id, place);
        return Put.of(highEnough(plan, TunnelStudy.of(plan, season, standing, memo), begun));
    }

    private static Rectangle open(Plan plan, int season) {
        boolean metric = plan.units() == Units.METRIC;
        return OpenPlaces.first(
                plan,
                season,
                metric ? Length.metres(6) : Length.feet(20),
                metric ? Length.metres(3) : Length.feet(10),
                Optional.empty());
    }

    private static Rectangle around(Plan plan, int season, List<StandingBed> standing, List<UUID> beds) {
        List<StandingBed> chosen =
                standing.stream().filter(bed -> beds.contains(bed.id())).toList();
        if (chosen.size() < beds.stream().distinct().count()) {
            throw new RefusedException("beds", "not all of them stand in " + season, "choose beds that stand then");
        }
        Rectangle like = chosen.get(0).outline();
        Rectangle place = TunnelPlaces.around(chosen, like).orElseThrow();
        Rectangle along = place.length().compareTo(place.width()) >= 0 ? place : quarterTurned(place);
        Rectangle wide = along.resized(
                Length.max(WalkInTunnel.SHORTEST, along.length()), Length.max(WalkInTunnel.SLIMMEST, along.width()));
        if (wide.width().compareTo(WalkInTunnel.WIDEST) > 0 || wide.length().compareTo(WalkInTunnel.LONGEST) > 0) {
            throw new RefusedException(
                    "beds",
                    "they take " + size(wide.length(), wide.width(), plan.units()) + " of ground",
                    "choose beds that lie within " + size(WalkInTunnel.LONGEST, WalkInTunnel.WIDEST, plan.units()));
        }
        return wide;
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
                Optional.of(metric ? METRIC_HIP : HIP),
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
    private static WalkInTunnel highEnough(Plan plan, TunnelStudy study, WalkInTunnel begun) {
        Length wanted = Headroom.wanted(plan);
        WalkInTunnel through = throughAnAisle(study, begun);
        Optional<Length> aside = study.aisles(through).stream()
                .map(TunnelTold.TunnelAisle::aside)
                .max(Comparator.naturalOrder());
        Length step = plan.units() == Units.METRIC ? Length.millimetres(20) : Length.inches(1);
        return PIPES.stream()
                .flatMap(pipe -> Stream.iterate(
                        begun.rise(), rise -> rise.compareTo(WalkInTunnel.HIGHEST) <= 0, rise -> rise.plus(step))
                        .map(rise -> through.of(pipe).rising(through.form(), rise))
                        .filter(tunnel -> does(plan, tunnel, aside, wanted))
                        .findFirst()
                        .stream())
                .findFirst()
                .orElse(through);
    }

    /**
     * With its doors on an aisle that leads from end to end, as near to the middle as one is; where there is none,
     * wider on its left by the room for one.
     */
    private static WalkInTunnel throughAnAisle(TunnelStudy study, WalkInTunnel tunnel) {
        return onAnAisle(study, tunnel)
                .or(() -> widened(tunnel).flatMap(wider -> onAnAisle(study, wider)))
                .orElse(tunnel);
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
