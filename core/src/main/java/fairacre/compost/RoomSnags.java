package fairacre.compost;

import fairacre.judging.Moves;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.FreeGround;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/** Compost bays before which nobody can turn a heap: neither long side has room for a fork and a barrow. */
final class RoomSnags {

    /** So deep, along the whole row: 3 ft (common practice). */
    static final Length ROOM = Length.feet(3);
    /** Up to the edge of the plot: rounding to micrometres, metres. */
    private static final double SNUG = 5e-6;

    private final SnagContext context;

    RoomSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return context.plan().list(CompostKinds.BAYS).stream()
                .filter(bays -> bays.lifetime().includes(context.season()))
                .filter(bays -> !hasRoom(bays))
                .map(this::snag)
                .toList();
    }

    private boolean hasRoom(CompostBays bays) {
        return Stream.of(1, -1).anyMatch(side -> isOpen(before(bays.place(), side), bays));
    }

    /** The ground along a long side. */
    private static Polygon before(Rectangle place, int side) {
        double along = place.length().metres() / 2;
        double near = side * place.width().metres() / 2;
        double far = near + side * ROOM.metres();
        return Polygons.of(
                List.of(place.at(-along, near), place.at(along, near), place.at(along, far), place.at(-along, far)));
    }

    private boolean isOpen(Polygon ground, CompostBays bays) {
        return context.setting().site().ground().buffer(SNUG).covers(ground)
                && FreeGround.isFree(ground, context.setting().without(bays.id()), context.standing());
    }

    private Snag snag(CompostBays bays) {
        return Snag.of(
                        CompostRule.COMPOST_NO_ROOM,
                        Weight.WARNING,
                        "On neither long side of " + bays.name() + " is there "
                                + context.wording().length(ROOM)
                                + " of free ground to turn a heap and to fill a barrow.",
                        Optional.of(bays.place().centre()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> remedies(bays)))
                .about(context.ref(bays.id()));
    }

    private List<Remedy> remedies(CompostBays bays) {
        Optional<Remedy> moved = Moves.of(context.wording(), Moves.STEP, (dx, dy) -> Put.of(bays.shifted(dx, dy)))
                .filter(move -> hasRoom(move.change().thing())
                        && FreeGround.hasRoomFor(
                                move.change().thing().standing(), context.setting(), context.standing()))
                .limit(Moves.MOST_TRIED)
                .filter(move -> context.isSound(move.change()))
                .findFirst()
                .map(move -> move.remedy(bays.name()));
        return Stream.concat(
                        moved.stream(),
                        Stream.of(new Remedy("Do without " + bays.name(), new Remove<>(CompostKinds.BAYS, bays.id()))))
                .toList();
    }
}
