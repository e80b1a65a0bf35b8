package fairacre.tunnel;

import fairacre.arch.Headroom;
import fairacre.hoop.BowForm;
import fairacre.hoop.HoopPipe;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.tunnel.TunnelTold.TunnelAisle;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Tunnels in which one stoops or stifles, that can't be bent or covered, or that stand where something else does. */
final class TunnelSnags {

    /** A tunnel is made smaller in such steps. */
    private static final Length STEP = Length.millimetres(20);

    private final SnagContext context;
    private final TunnelStudy study;

    TunnelSnags(SnagContext context) {
        this.context = context;
        this.study = TunnelStudy.of(context.plan(), context.season(), context.standing(), context.memo());
    }

    List<Snag> find() {
        return TunnelKinds.tunnels(context.plan(), context.season()).stream()
                .flatMap(tunnel -> Stream.of(
                                low(tunnel), airless(tunnel), bent(tunnel), cutsBeds(tunnel), blocked(tunnel))
                        .flatMap(Optional::stream))
                .toList();
    }

    private TunnelFrame frame(WalkInTunnel tunnel) {
        return new TunnelFrame(context.plan().units(), tunnel);
    }

    private Optional<Snag> low(WalkInTunnel tunnel) {
        Length wanted = Headroom.wanted(context.plan());
        return study.aisles(tunnel).stream()
                .findFirst()
                .filter(aisle -> aisle.headroom().compareTo(wanted) < 0)
                .map(aisle -> snag(
                                TunnelRule.TUNNEL_LOW,
                                Weight.WARNING,
                                tunnel,
                                aisle.at(),
                                "In " + tunnel.name() + " the bows leave " + length(aisle.headroom())
                                        + " of headroom where one walks, " + where(aisle) + ": "
                                        + Headroom.tallest(context.plan())
                                                .map(gardener ->
                                                        gardener.name() + " stands " + length(wanted) + " tall.")
                                                .orElse(length(wanted) + " are wanted."),
                                () -> higher(tunnel, wanted, aisle))
                        .by(wanted.minus(aisle.headroom()).metres()));
    }

    private String where(TunnelAisle aisle) {
        return aisle.aside().isPositive() ? length(aisle.aside()) + " from its middle" : "in its middle";
    }

    /** As it is bent, and in other forms that do with lower bows; each no higher than it has to be. */
    private List<Remedy> higher(WalkInTunnel tunnel, Length wanted, TunnelAisle aisle) {
        Predicate<WalkInTunnel> does = other -> headroom(other, aisle).compareTo(wanted) >= 0;
        Optional<WalkInTunnel> own = least(tunnel, does);
        Length most = own.map(WalkInTunnel::rise).orElse(WalkInTunnel.HIGHEST.plus(STEP));
        Stream<Remedy> others = Arrays.stream(BowForm.values())
                .filter(form -> form != tunnel.form())
                .flatMap(form -> least(tunnel.rising(form, tunnel.rise()), does).stream())
                .filter(other -> other.rise().compareTo(most) < 0)
                .map(other -> new Remedy(
                        "Bend the bows otherwise (" + other.form().label() + "), " + length(other.rise()) + " high",
                        Put.of(other)));
        return Stream.concat(
                        own
                                .map(other ->
                                        new Remedy("Make the bows " + length(other.rise()) + " high", Put.of(other)))
                                .stream(),
                        others)
                .toList();
    }

    private Length headroom(WalkInTunnel tunnel, TunnelAisle aisle) {
        return frame(tunnel)
                .bow()
                .heightAt(aisle.aside())
                .minus(tunnel.pipe().diameter().half());
    }

    /** The tunnel with the lowest bows that do, no lower than they are. */
    private Optional<WalkInTunnel> least(WalkInTunnel tunnel, Predicate<WalkInTunnel> does) {
        return Stream.iterate(
                        context.wording().tidyUp(tunnel.rise()),
                        rise -> rise.compareTo(WalkInTunnel.HIGHEST) <= 0,
                        rise -> context.wording().tidyUp(rise.plus(Length.millimetres(1))))
                .map(rise -> tunnel.rising(tunnel.form(), rise))
                .filter(does)
                .findFirst();
    }

    private Optional<Snag> airless(WalkInTunnel tunnel) {
        TunnelFrame frame = frame(tunnel);
        if (!frame.airless()) {
            return Optional.empty();
        }
        double share = frame.air().orElseThrow();
        return Optional.of(snag(
                        TunnelRule.TUNNEL_AIRLESS,
                        Weight.WARNING,
                        tunnel,
                        tunnel.place().centre(),
                        "Doors and sides of " + tunnel.name() + " open "
                                + context.wording().share(share) + " of its floor; "
                                + context.wording().share(TunnelFrame.AIR) + " are wanted.",
                        () -> airier(tunnel))
                .by(TunnelFrame.AIR - share));
    }

    /** The lowest boards up to which both sides roll up that do; a second door where that does; both. */
    private List<Remedy> airier(WalkInTunnel tunnel) {
        Optional<Remedy> rolled = rolledUp(tunnel).map(other -> new Remedy(rolled(other), Put.of(other)));
        Optional<Remedy> door = Optional.of(tunnel.withDoors(2))
                .filter(other -> tunnel.doors() == 1 && !frame(other).airless())
                .map(other -> new Remedy("Put a door in the other end too", Put.of(other)));
        Optional<Remedy> both = rolledUp(tunnel.withDoors(2))
                .filter(other -> tunnel.doors() == 1 && rolled.isEmpty())
                .map(other -> new Remedy(rolled(other) + ", and put a door in the other end too", Put.of(other)));
        return Stream.of(rolled, door, both).flatMap(Optional::stream).toList();
    }

    private String rolled(WalkInTunnel tunnel) {
        return "Let both sides roll up to a board " + length(tunnel.hip().orElseThrow()) + " high";
    }

    private Optional<WalkInTunnel> rolledUp(WalkInTunnel tunnel) {
        Length lowest = tunnel.hip().orElse(WalkInTunnel.LOWEST_HIP);
        return Stream.iterate(
                        context.wording().tidyUp(lowest),
                        hip -> hip.compareTo(WalkInTunnel.HIGHEST_HIP) <= 0 && hip.compareTo(tunnel.rise()) < 0,
                        hip -> context.wording().tidyUp(hip.plus(Length.millimetres(1))))
                .map(tunnel::rollingUp)
                .filter(other -> !frame(other).airless())
                .findFirst();
    }

    private Optional<Snag> bent(WalkInTunnel tunnel) {
        TunnelFrame frame = frame(tunnel);
        if (!frame.bentTooTightly()) {
            return Optional.empty();
        }
        Length tightest = frame.bow().tightest();
        return Optional.of(snag(
                        TunnelRule.TUNNEL_BENT,
                        Weight.SERIOUS,
                        tunnel,
                        tunnel.place().centre(),
                        "The bows of " + tunnel.name() + " are bent to a radius of " + length(tightest) + ": "
                                + tunnel.pipe().label() + " bears "
                                + length(tunnel.pipe().tightest()) + ".",
                        () -> gentler(tunnel))
                .by(tunnel.pipe().tightest().minus(tightest).metres()));
    }

    private List<Remedy> gentler(WalkInTunnel tunnel) {
        Stream<Remedy> forms = Arrays.stream(BowForm.values())
                .filter(form -> form != tunnel.form())
                .map(form -> tunnel.rising(form, tunnel.rise()))
                .filter(other -> !frame(other).bentTooTightly())
                .map(other ->
                        new Remedy("Bend the bows otherwise: " + other.form().label(), Put.of(other)));
        Stream<Remedy> pipes = Arrays.stream(HoopPipe.values())
                .filter(pipe -> pipe != tunnel.pipe())
                .map(tunnel::of)
                .filter(other -> !frame(other).bentTooTightly())
                .map(other -> new Remedy("Take " + other.pipe().label(), Put.of(other)));
        Stream<Remedy> higher = least(tunnel, other -> !frame(other).bentTooTightly())
                .map(other -> new Remedy("Make the bows " + length(other.rise()) + " high", Put.of(other)))
                .stream();
        return Stream.of(forms, higher, pipes, Stream.of(without(tunnel)))
                .flatMap(some -> some)
                .toList();
    }

    private Optional<Snag> cutsBeds(WalkInTunnel tunnel) {
        List<StandingBed> cut = study.cut(tunnel);
        return cut.isEmpty()
                ? Optional.empty()
                : Optional.of(snag(
                                TunnelRule.TUNNEL_CUTS_BED,
                                Weight.SERIOUS,
                                tunnel,
                                cut.get(0).outline().centre(),
                                "A side or an end of " + tunnel.name() + " runs through " + Wording.named(cut) + ".",
                                () -> aroundBeds(tunnel, cut))
                        .by(cut.size()));
    }

    /** Round all beds that it touches, or as much smaller as leaves those out that it cuts. */
    private List<Remedy> aroundBeds(WalkInTunnel tunnel, List<StandingBed> cut) {
        List<StandingBed> all =
                Stream.concat(study.inside(tunnel).stream(), cut.stream()).toList();
        Optional<Remedy> larger = TunnelPlaces.around(all, tunnel.place())
                .flatMap(place -> placed(tunnel, place))
                .map(other ->
                        new Remedy("Let it stand round " + Wording.named(all) + ", " + size(other), Put.of(other)));
        Stream<Remedy> smaller = shrunk(tunnel, other -> study.cut(other).isEmpty());
        return Stream.of(larger.stream(), smaller, Stream.of(without(tunnel)))
                .flatMap(some -> some)
                .toList();
    }

    private static Optional<WalkInTunnel> placed(WalkInTunnel tunnel, Rectangle place) {
        boolean holds = place.length().compareTo(WalkInTunnel.LONGEST) <= 0
                && place.width().compareTo(WalkInTunnel.WIDEST) <= 0
                && TunnelPlaces.holdsDoor(tunnel, place.width());
        return holds ? Optional.of(tunnel.at(place)) : Optional.empty();
    }

    private Optional<Snag> blocked(WalkInTunnel tunnel) {
        return new TunnelRoom(context)
                .blocking(tunnel)
                .map(what -> snag(
                        TunnelRule.TUNNEL_BLOCKED,
                        Weight.SERIOUS,
                        tunnel,
                        what.place(),
                        what.name()
                                .map(name -> tunnel.name() + " stands where " + name + " is.")
                                .orElse(tunnel.name() + " reaches beyond the plot."),
                        () -> Stream.concat(
                                        shrunk(
                                                tunnel,
                                                other -> new TunnelRoom(context)
                                                        .blocking(other)
                                                        .isEmpty()),
                                        Stream.of(without(tunnel)))
                                .toList()));
    }

    /** Shorter at either end or slimmer on either side, each by as little as does. */
    private Stream<Remedy> shrunk(WalkInTunnel tunnel, Predicate<WalkInTunnel> does) {
        return Arrays.stream(TunnelPlaces.Side.values())
                .flatMap(side -> Stream.iterate(
                        context.wording().tidyUp(Length.millimetres(1)),
                        off -> TunnelPlaces.leaves(tunnel, side, off),
                        off -> context.wording().tidyUp(off.plus(STEP)))
                        .map(off -> tunnel.at(TunnelPlaces.without(tunnel.place(), side, off)))
                        .filter(does)
                        .findFirst()
                        .stream())
                .map(other -> new Remedy("Make it smaller, " + size(other), Put.of(other)));
    }

    private static Remedy without(WalkInTunnel tunnel) {
        return new Remedy("Do without " + tunnel.name(), new Remove<>(TunnelKinds.TUNNELS, tunnel.id()));
    }

    private Snag snag(
            TunnelRule rule,
            Weight weight,
            WalkInTunnel tunnel,
            Point at,
            String words,
            Supplier<List<Remedy>> remedies) {
        return Snag.of(rule, weight, words, Optional.of(at), List.of(), List.of(), context.remedies(remedies))
                .about(context.ref(tunnel.id()));
    }

    private String size(WalkInTunnel tunnel) {
        return length(tunnel.place().length()) + " × " + length(tunnel.place().width());
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
