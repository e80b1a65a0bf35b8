package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.cover.BedCover;
import fairacre.cover.CoverKind;
import fairacre.cover.CoverKinds;
import fairacre.cover.CoverTold;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The covers of a season, each seen from its end, with what it is cut from. */
final class CoverElevations {

    private final Plan plan;
    private final int season;
    private final Pages pages;

    CoverElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
    }

    void draw(List<CoverTold> told) {
        List<BedCover> covers = CoverKinds.covers(plan, season);
        told.forEach(each ->
                covers.stream().filter(cover -> cover.id().equals(each.cover())).forEach(cover -> draw(cover, each)));
    }

    private void draw(BedCover cover, CoverTold told) {
        pages.makeRoom(Elevation.HIGH + 5 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(cover.name(), Pages.LONGEST_NAME));
        pages.paragraph(pieces(told));
        aslant(cover, told).ifPresent(pages::paragraph);
        told.cautions().forEach(pages::paragraph);
        double wide = cover.width().metres();
        double high = cover.high().metres();
        Elevation elevation = new Elevation(pages, plan.units(), wide, high, 0);
        elevation.begin(heading(cover, told));
        double left = -wide / 2;
        double right = wide / 2;
        switch (cover.kind()) {
            case COLD_FRAME -> {
                elevation.line(Pens.BOLD, left, 0, left, cover.low().metres());
                elevation.line(Pens.BOLD, right, 0, right, high);
                elevation.line(Pens.BOLD, left, cover.low().metres(), right, high);
            }
            case CLOCHE -> {
                elevation.line(Pens.BOLD, left, 0, 0, high);
                elevation.line(Pens.BOLD, 0, high, right, 0);
            }
            case NET_CAGE -> {
                elevation.line(Pens.BOLD, left, 0, left, high);
                elevation.line(Pens.BOLD, left, high, right, high);
                elevation.line(Pens.BOLD, right, high, right, 0);
            }
        }
        elevation.end();
    }

    /** How parts are sawn that don't have square corners. */
    private Optional<String> aslant(BedCover cover, CoverTold told) {
        return switch (cover.kind()) {
            case COLD_FRAME ->
                Optional.of("Saw \"two sides\" aslant, from "
                        + length(told.sideEnds().get(0)) + " at one end to "
                        + length(told.sideEnds().get(1)) + " at the other: both halves are alike.");
            case CLOCHE ->
                Optional.of("Saw two triangles out of \"two ends\", each " + length(cover.width()) + " wide and "
                        + length(cover.high()) + " high, one of them upside down.");
            case NET_CAGE -> Optional.empty();
        };
    }

    private String heading(BedCover cover, CoverTold told) {
        List<String> beds = told.on().stream()
                .filter(on -> on.misfit().isEmpty())
                .map(on -> plan.nameOf(on.bed()).orElse("a bed that is gone")
                        + on.faces().map(faces -> " (front " + faces + ")").orElse(""))
                .toList();
        String sections = told.section().equals(cover.length())
                ? "in one piece"
                : "in " + cover.sections() + " sections, each " + length(told.section()) + " long and "
                        + mass(told.sectionKilograms());
        String lid = cover.kind() == CoverKind.COLD_FRAME
                ? "; front " + length(cover.low()) + " high; lid of " + mass(told.lidKilograms())
                        + String.format(Locale.ROOT, ", leaning by %.0f°, prop ", told.tilt())
                        + length(told.prop())
                : "";
        return cover.kind().label() + " " + length(cover.length()) + " × " + length(cover.width()) + " outside, "
                + sections + lid + (beds.isEmpty() ? "" : "; on " + Wording.names(beds));
    }

    private String pieces(CoverTold told) {
        Stream<String> sheets = told.sheets().stream()
                .map(piece -> piece.count() + " × " + piece.name().toLowerCase(Locale.ROOT) + " "
                        + length(piece.length()) + " × " + length(piece.width()) + " of " + piece.from());
        Stream<String> battens =
                told.battens().stream().map(piece -> piece.count() + " × batten " + length(piece.length()));
        return Stream.concat(sheets, battens).collect(Collectors.joining("; ", "Cut: ", "."));
    }

    private String mass(double kilograms) {
        return new Wording(plan.units()).mass(kilograms);
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
