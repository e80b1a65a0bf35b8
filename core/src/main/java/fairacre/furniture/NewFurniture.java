package fairacre.furniture;

import fairacre.build.Material;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.OpenPlaces;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Furniture to begin with: of the usual size, where there is room for it near a way in. */
public final class NewFurniture {

    private NewFurniture() {}

    /** The change that builds it; in the middle of the plot where there is no room for it. */
    public static Put<Furniture> in(Plan plan, int season, FurnitureKind kind, UUID id) {
        Length length = kind.length(plan.units());
        Length width = kind.width(plan.units());
        return Put.of(at(plan, season, kind, OpenPlaces.first(plan, season, length, width, Optional.empty()), id));
    }

    private static Furniture at(Plan plan, int season, FurnitureKind kind, Rectangle place, UUID id) {
        Furniture begun = new Furniture(
                id,
                Names.free(
                        plan.list(FurnitureKinds.FURNITURE).stream()
                                .map(Furniture::name)
                                .toList(),
                        kind == FurnitureKind.OWN ? "Structure" : kind.label()),
                kind,
                place,
                kind.height(plan.units()),
                Material.SOFTWOOD,
                kind == FurnitureKind.BARREL_STAND,
                List.of(),
                List.of(),
                Lifetime.from(season));
        return kind == FurnitureKind.OWN ? listed(plan, begun, FurnitureKind.TABLE) : begun;
    }

    /**
     * The change that lists the pieces of furniture as the gardener's own, to be altered.
     *
     * @throws RefusedException if there is none of that id
     */
    public static Put<Furniture> owned(Plan plan, UUID id) {
        Furniture furniture = plan.list(FurnitureKinds.FURNITURE).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("furniture", "it isn't there", "choose one of the list"));
        return Put.of(listed(plan, furniture, furniture.kind()));
    }

    /** With the pieces of a kind listed as its own. */
    private static Furniture listed(Plan plan, Furniture furniture, FurnitureKind kind) {
        FurnitureParts parts = new FurnitureParts(plan, of(furniture, kind, furniture.boards()));
        return of(furniture, FurnitureKind.OWN, parts.boards());
    }

    private static Furniture of(Furniture furniture, FurnitureKind kind, List<BoardPart> boards) {
        return new Furniture(
                furniture.id(),
                furniture.name(),
                kind,
                furniture.place(),
                furniture.height(),
                furniture.material(),
                furniture.slabs(),
                boards,
                furniture.sheets(),
                furniture.lifetime());
    }
}
