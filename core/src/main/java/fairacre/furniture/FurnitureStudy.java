package fairacre.furniture;

import fairacre.measure.Pressure;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Optional;

/** What the furniture of a season is cut from; {@link #told} tells it of each. */
public final class FurnitureStudy {

    private static final double PASCALS = 1000;

    private FurnitureStudy() {}

    /** Of all furniture of the season. */
    public static List<FurnitureTold> told(Plan plan, int season) {
        return FurnitureKinds.furniture(plan, season).stream()
                .map(each -> told(plan, each))
                .toList();
    }

    private static FurnitureTold told(Plan plan, Furniture furniture) {
        FurnitureParts parts = new FurnitureParts(plan, furniture);
        return new FurnitureTold(
                furniture.id(),
                parts.boards(),
                parts.sheets(),
                parts.mesh(),
                parts.kilograms(),
                parts.holds(),
                parts.barrels(),
                Optional.of(parts.pressure())
                        .filter(pressure -> pressure > 0)
                        .map(pressure -> Pressure.kilopascals(pressure / PASCALS)),
                cautions(furniture.kind()));
    }

    private static List<String> cautions(FurnitureKind kind) {
        return switch (kind) {
            case BARREL_STAND ->
                List.of(
                        "A full barrel that tips crushes: stand it level, and strap it to a wall or a post. Close its lid"
                                + " against children and animals.");
            case TOOL_RACK ->
                List.of("Hang blades and tines towards the back, above the heads of children; have buried lines marked"
                        + " before you dig for its posts.");
            default -> List.of();
        };
    }
}
