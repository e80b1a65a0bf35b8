package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.furniture.Furniture;
import fairacre.furniture.FurnitureKind;
import fairacre.furniture.FurnitureKinds;
import fairacre.furniture.FurnitureTold;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The furniture of a season, each seen from its longer side, with what it is cut from. */
final class FurnitureElevations {

    /** Legs are drawn so wide, and tops so thick, metres. */
    private static final double LEG = 0.08;

    private static final double TOP = 0.1;
    private static final double SHELF = 0.3;

    private final Plan plan;
    private final int season;
    private final Pages pages;

    FurnitureElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
    }

    void draw(List<FurnitureTold> told) {
        List<Furniture> all = FurnitureKinds.furniture(plan, season);
        told.forEach(each -> all.stream()
                .filter(furniture -> furniture.id().equals(each.furniture()))
                .forEach(furniture -> draw(furniture, each)));
    }

    private void draw(Furniture furniture, FurnitureTold told) {
        pages.makeRoom(Elevation.HIGH + 5 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(furniture.name(), Pages.LONGEST_NAME));
        String pieces = pieces(furniture, told);
        if (!pieces.isEmpty()) {
            pages.paragraph("Cut: " + pieces + ".");
        }
        told.cautions().forEach(pages::paragraph);
        double wide = furniture.place().longerSide().metres();
        double high = furniture.height().metres();
        Elevation elevation = new Elevation(pages, plan.units(), wide, high, 0);
        elevation.begin(furniture.kind().label() + " "
                + length(furniture.place().longerSide()) + " × "
                + length(furniture.place().shorterSide()) + ", "
                + new Wording(plan.units()).mass(told.kilograms()));
        double left = -wide / 2;
        double right = wide / 2;
        box(elevation, left, right, 0, high);
        if (furniture.kind() != FurnitureKind.OWN && furniture.kind() != FurnitureKind.LEAF_BIN) {
            elevation.line(Pens.FINE, left + LEG, 0, left + LEG, high - TOP);
            elevation.line(Pens.FINE, right - LEG, 0, right - LEG, high - TOP);
            elevation.line(Pens.FINE, left, high - TOP, right, high - TOP);
        }
        if (furniture.kind() == FurnitureKind.POTTING_BENCH) {
            elevation.line(Pens.FINE, left, high * SHELF, right, high * SHELF);
        }
        elevation.end();
    }

    private static void box(Elevation elevation, double left, double right, double low, double high) {
        elevation.line(Pens.BOLD, left, low, left, high);
        elevation.line(Pens.BOLD, left, high, right, high);
        elevation.line(Pens.BOLD, right, high, right, low);
    }

    private String pieces(Furniture furniture, FurnitureTold told) {
        Stream<String> boards = told.boards().stream()
                .map(part -> part.count() + " × " + part.board().label() + " " + length(part.length()));
        Stream<String> sheets = told.sheets().stream()
                .map(row -> row.count() + " × " + row.good().label(plan.units()) + " " + length(row.length()) + " × "
                        + length(row.width()));
        String all = Stream.concat(boards, sheets).collect(Collectors.joining("; "));
        return all.isEmpty() ? all : all + "; boards of " + furniture.material().label();
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
