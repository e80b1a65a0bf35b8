package fairacre.cover;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.sheet.SheetGood;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A cover that stands on the edge of a bed.
 *
 * @param length outside, the longer side, 0.3 to 12 m
 * @param width outside, 0.3 to 3 m
 * @param sections of equal length that it is built of, 1 to 12
 * @param low height of the front of a cold frame above the edge of the bed, 0.1 to 2.5 m; of no matter for others
 * @param high height of its highest edge, 0.1 to 2.5 m, no less than {@code low}
 * @param walls of a cold frame, not clear; of no matter for others
 * @param pane of lids and cloches, clear; of no matter for cages
 * @param fabric round a cage; of no matter for others
 * @param places beds on which it stands, at most 100
 * @param lifetime begins in the season in which it is built; what comes in none was there before
 */
public record BedCover(
        UUID id,
        String name,
        CoverKind kind,
        Length length,
        Length width,
        int sections,
        Length low,
        Length high,
        SheetGood walls,
        SheetGood pane,
        Fabric fabric,
        List<BedPlace> places,
        Lifetime lifetime) {

    static final Length SMALLEST = Length.metres(0.3);
    static final Length LONGEST = Length.metres(12);
    static final Length WIDEST = Length.metres(3);
    static final Length LOWEST = Length.metres(0.1);
    private static final Length HIGHEST = Length.metres(2.5);
    static final int MOST_SECTIONS = 12;

    public BedCover {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(kind, "kind");
        Limits.between(length, SMALLEST, LONGEST, "length");
        Limits.between(width, SMALLEST, WIDEST, "width");
        if (width.compareTo(length) > 0) {
            throw new RefusedException("width", "its width is the shorter side", "give the longer side as its length");
        }
        Limits.between(sections, 1, MOST_SECTIONS, "sections");
        Limits.between(low, LOWEST, HIGHEST, "low");
        Limits.between(high, LOWEST, HIGHEST, "high");
        if (kind == CoverKind.COLD_FRAME && high.compareTo(low) < 0) {
            throw new RefusedException(
                    "high", "water would stand on the lid: its back is lower than its front", "make the back higher");
        }
        walls = walls == null ? SheetGood.PLYWOOD_18 : walls;
        if (walls.clear()) {
            throw new RefusedException("walls", "walls are cut from plywood", "choose plywood");
        }
        pane = pane == null ? SheetGood.TWIN_WALL_6 : pane;
        if (!pane.clear()) {
            throw new RefusedException("pane", "no light comes through it", "choose a clear sheet");
        }
        fabric = fabric == null || fabric == Fabric.NONE ? Fabric.INSECT_NET : fabric;
        places = BedPlace.check(places);
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** The beds on which it stands in a season. */
    public Stream<UUID> beds(int season) {
        return BedPlace.beds(places, lifetime, season);
    }

    BedCover withPlaces(List<BedPlace> newPlaces) {
        return new BedCover(
                id, name, kind, length, width, sections, low, high, walls, pane, fabric, newPlaces, lifetime);
    }

    /** Without the place on a bed that holds in a season. */
    BedCover without(UUID bed, int season) {
        return withPlaces(BedPlace.without(places, bed, season));
    }

    BedCover sized(Length newLength, Length newWidth) {
        return new BedCover(
                id, name, kind, newLength, newWidth, sections, low, high, walls, pane, fabric, places, lifetime);
    }

    BedCover inSections(int count) {
        return new BedCover(id, name, kind, length, width, count, low, high, walls, pane, fabric, places, lifetime);
    }

    public BedCover of(SheetGood newWalls, SheetGood newPane) {
        return new BedCover(
                id, name, kind, length, width, sections, low, high, newWalls, newPane, fabric, places, lifetime);
    }

    BedCover under(Fabric newFabric) {
        return new BedCover(
                id, name, kind, length, width, sections, low, high, walls, pane, newFabric, places, lifetime);
    }

    /** Of one section. */
    Length sectionLength() {
        return new Length(length.micrometres() / sections);
    }
}
