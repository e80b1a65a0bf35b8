package fairacre.tunnel;

import fairacre.hoop.BowForm;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopWeather;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.over.Fabric;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A tunnel that one walks through.
 *
 * @param place from middle to middle of its feet; its length is that of its ridge, 1 to 30 m, its width 1.2 to 6 m
 * @param rise of its bows in the middle, 1 to 4 m
 * @param cover not {@link Fabric#NONE}
 * @param hip height of the boards along its sides up to which both sides roll up, 0.3 to 2 m and lower than the bows;
 *     empty where the sides don't roll up
 * @param doors 1, at the end to which its length points, or 2, one at either end
 * @param doorWidth 0.5 to 2 m
 * @param doorAside from the middle of an end to the middle of its door, to the left of one who looks along its length;
 *     negative to the right
 * @param wires along it for crops to hang on, at the height of a head, 0 to 12
 * @param hoseRail whether a rail for the hose hangs below the ridge
 * @param lifetime begins in the season in which it is built; what comes in none was there before
 */
public record WalkInTunnel(
        UUID id,
        String name,
        Rectangle place,
        BowForm form,
        HoopPipe pipe,
        Length rise,
        HoopWeather weather,
        TunnelFooting footing,
        Fabric cover,
        Optional<Length> hip,
        int doors,
        Length doorWidth,
        Length doorAside,
        int wires,
        boolean hoseRail,
        Lifetime lifetime) {

    static final Length SHORTEST = Length.metres(1);
    static final Length LONGEST = Length.metres(30);
    static final Length SLIMMEST = Length.metres(1.2);
    static final Length WIDEST = Length.metres(6);
    static final Length LOWEST = Length.metres(1);
    static final Length HIGHEST = Length.metres(4);
    static final Length LOWEST_HIP = Length.metres(0.3);
    static final Length HIGHEST_HIP = Length.metres(2);
    private static final Length SLIMMEST_DOOR = Length.metres(0.5);
    private static final Length WIDEST_DOOR = Length.metres(2);
    private static final int MOST_DOORS = 2;
    private static final int MOST_WIRES = 12;
    /** Left of an end on either side of its door. */
    static final Length JAMB = Length.millimetres(100);
    /** How thick its sides are taken to be. */
    private static final Length THICKNESS = Length.millimetres(50);

    public WalkInTunnel {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(place, "place");
        Limits.between(place.length(), SHORTEST, LONGEST, "place/length");
        Limits.between(place.width(), SLIMMEST, WIDEST, "place/width");
        Limits.present(form, "form");
        Limits.present(pipe, "pipe");
        Limits.between(rise, LOWEST, HIGHEST, "rise");
        Limits.present(weather, "weather");
        footing = footing == null ? TunnelFooting.STAKES : footing;
        cover = cover == null ? Fabric.FILM : cover;
        if (cover == Fabric.NONE) {
            throw new RefusedException("cover", "a tunnel has a sheet", "choose film, a net or a cloth");
        }
        hip = hip == null ? Optional.empty() : hip;
        Length top = rise;
        hip.ifPresent(board -> {
            Limits.between(board, LOWEST_HIP, HIGHEST_HIP, "hip");
            if (board.compareTo(top) >= 0) {
                throw new RefusedException(
                        "hip", "the sides would roll up over the top of the bows", "make it lower than the bows");
            }
        });
        Limits.between(doors, 1, MOST_DOORS, "doors");
        Limits.between(doorWidth, SLIMMEST_DOOR, WIDEST_DOOR, "doorWidth");
        doorAside = doorAside == null ? Length.ZERO : doorAside;
        if (doorAside
                        .abs()
                        .plus(doorWidth.half())
                        .plus(JAMB)
                        .compareTo(place.width().half())
                > 0) {
            throw new RefusedException(
                    doorAside.equals(Length.ZERO) ? "doorWidth" : "doorAside",
                    "the door is not within the end of the tunnel",
                    "leave " + JAMB.millimetres() + " mm on either side of it");
        }
        Limits.between(wires, 0, MOST_WIRES, "wires");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    WalkInTunnel at(Rectangle newPlace) {
        return with(newPlace, form, pipe, rise, hip, doors, doorAside);
    }

    WalkInTunnel rising(BowForm newForm, Length newRise) {
        return with(place, newForm, pipe, newRise, hip, doors, doorAside);
    }

    WalkInTunnel of(HoopPipe newPipe) {
        return with(place, form, newPipe, rise, hip, doors, doorAside);
    }

    WalkInTunnel rollingUp(Length newHip) {
        return with(place, form, pipe, rise, Optional.of(newHip), doors, doorAside);
    }

    WalkInTunnel withDoors(int newDoors) {
        return with(place, form, pipe, rise, hip, newDoors, doorAside);
    }

    WalkInTunnel withDoorAside(Length newAside) {
        return with(place, form, pipe, rise, hip, doors, newAside);
    }

    private WalkInTunnel with(
            Rectangle newPlace,
            BowForm newForm,
            HoopPipe newPipe,
            Length newRise,
            Optional<Length> newHip,
            int newDoors,
            Length newAside) {
        return new WalkInTunnel(
                id, name, newPlace, newForm, newPipe, newRise, weather, footing, cover, newHip, newDoors, doorWidth,
                newAside, wires, hoseRail, lifetime);
    }

    WalkInTunnel shifted(Length dx, Length dy) {
        return at(place.shifted(dx.metres(), dy.metres()));
    }

    /** As it stands on the plot: its sides and ends, through which nobody gets but by a door. */
    List<Feature> standing() {
        double along = place.length().metres() / 2;
        double across = place.width().metres() / 2;
        double left = doorAside.plus(doorWidth.half()).metres();
        double right = doorAside.minus(doorWidth.half()).metres();
        List<Point> leftSide = List.of(place.at(along, left), place.at(along, across), place.at(-along, across));
        List<Point> rightSide = List.of(place.at(-along, -across), place.at(along, -across), place.at(along, right));
        return doors == 1
                ? List.of(side(joined(leftSide, rightSide)))
                : List.of(
                        side(joined(leftSide, List.of(place.at(-along, left)))),
                        side(joined(List.of(place.at(-along, right)), rightSide)));
    }

    private static List<Point> joined(List<Point> some, List<Point> others) {
        return Stream.concat(some.stream(), others.stream()).toList();
    }

    private Feature side(List<Point> places) {
        return Feature.of(id, name, FeatureKind.TUNNEL, places, THICKNESS, Length.ZERO)
                .withHeight(rise)
                .withLifetime(lifetime);
    }
}
