package fairacre.furniture;

import fairacre.furniture.Furniture.SheetRow;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.sheet.SheetPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Stands whose feet sink in, and pieces that no sheet holds. */
final class FurnitureSnags {

    /**
     * Half of 1500 pounds on the square foot, pascals: International Building Code, table 1806.2, clay (from memory);
     * half, since dug ground is loose (a guess).
     */
    static final double BORNE = 1500 * 47.880259 / 2;

    private final SnagContext context;

    FurnitureSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return FurnitureKinds.furniture(context.plan(), context.season()).stream()
                .flatMap(each -> Stream.concat(sinks(each).stream(), tooLarge(each)))
                .toList();
    }

    private double pressure(Furniture furniture) {
        return new FurnitureParts(context.plan(), furniture).pressure();
    }

    private Optional<Snag> sinks(Furniture stand) {
        double pressure = pressure(stand);
        if (pressure <= BORNE) {
            return Optional.empty();
        }
        return Optional.of(snag(
                        FurnitureRule.STAND_SINKS,
                        stand,
                        "Below full barrels the feet of " + stand.name() + " press with " + bar(pressure)
                                + "; soft ground bears " + bar(BORNE) + ".",
                        () -> Stream.concat(
                                        Stream.of(stand.onSlabs())
                                                .filter(other -> pressure(other) <= BORNE)
                                                .map(other ->
                                                        new Remedy("Lay a paving slab under each foot", Put.of(other))),
                                        Stream.of(without(stand)))
                                .toList())
                .by(pressure / BORNE - 1));
    }

    private String bar(double pascals) {
        return context.wording().pressure(Pressure.kilopascals(pascals / 1000));
    }

    private Stream<Snag> tooLarge(Furniture furniture) {
        return furniture.kind() == FurnitureKind.OWN
                ? furniture.sheets().stream()
                        .filter(row -> !isHeld(row, context.plan().units()))
                        .limit(1)
                        .map(row -> snag(
                                FurnitureRule.PIECE_TOO_LARGE,
                                furniture,
                                "No sheet on sale holds the piece of " + furniture.name() + " that is "
                                        + length(row.length()) + " × " + length(row.width())
                                        + "; it isn't on the bill.",
                                () -> List.of(cutInTwo(furniture), without(furniture))))
                : Stream.empty();
    }

    /** Every piece that no sheet holds in as few equal ones as sheets hold, across its longer side each time. */
    private Remedy cutInTwo(Furniture furniture) {
        Units units = context.plan().units();
        List<SheetRow> rows = new ArrayList<>();
        for (SheetRow row : furniture.sheets()) {
            SheetRow smaller = row;
            while (!isHeld(smaller, units) && smaller.count() * 2 <= SheetRow.MOST) {
                smaller = smaller.length().compareTo(smaller.width()) >= 0
                        ? new SheetRow(smaller.good(), smaller.length().half(), smaller.width(), smaller.count() * 2)
                        : new SheetRow(
                                smaller.good(),
                                smaller.length(),
                                smaller.width().half(),
                                smaller.count() * 2);
            }
            rows.add(smaller);
        }
        return new Remedy("Cut it from smaller pieces, joined on a batten", Put.of(furniture.cutFrom(rows)));
    }

    static boolean isHeld(SheetRow row, Units units) {
        return row.good().holds(part("Piece", row), units);
    }

    static SheetPart part(String name, SheetRow row) {
        return new SheetPart(
                name, row.length(), row.width(), row.count(), !row.good().fluted());
    }

    private static Remedy without(Furniture furniture) {
        return new Remedy("Do without " + furniture.name(), new Remove<>(FurnitureKinds.FURNITURE, furniture.id()));
    }

    private Snag snag(FurnitureRule rule, Furniture furniture, String words, Supplier<List<Remedy>> remedies) {
        return Snag.of(
                        rule,
                        Weight.WARNING,
                        words,
                        Optional.of(furniture.place().centre()),
                        List.of(),
                        List.of(),
                        context.remedies(remedies))
                .about(context.ref(furniture.id()));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
