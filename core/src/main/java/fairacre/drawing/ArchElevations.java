package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.arch.Arch;
import fairacre.arch.ArchKinds;
import fairacre.arch.ArchTold;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Locale;

/** The arches of a season, each seen from its end. */
final class ArchElevations {

    private final Plan plan;
    private final int season;
    private final Pages pages;

    ArchElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
    }

    void draw(List<ArchTold> told) {
        List<Arch> arches = ArchKinds.arches(plan, season);
        told.forEach(each ->
                arches.stream().filter(arch -> arch.id().equals(each.arch())).forEach(arch -> draw(arch, each)));
    }

    private void draw(Arch arch, ArchTold told) {
        pages.makeRoom(Elevation.HIGH + 5 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(arch.name(), Pages.LONGEST_NAME));
        List<String> beds = told.beds().stream()
                .distinct()
                .map(bed -> plan.nameOf(bed).orElse("a bed that is gone"))
                .toList();
        String panel = "a panel " + length(arch.panel()) + " long and " + length(arch.width()) + " wide, "
                + String.format(Locale.ROOT, "%.0f kg", told.kilograms());
        if (told.rise().isEmpty()) {
            pages.paragraph("It can't be bent: " + panel + ", is no longer than its feet are apart.");
            return;
        }
        Elevation elevation = new Elevation(
                pages, plan.units(), told.span().metres(), told.rise().get().metres(), 0);
        elevation.begin((beds.isEmpty() ? "Of " : Wording.names(beds) + ": ")
                + panel
                + told.headroom()
                        .map(headroom -> "; " + length(headroom) + " of headroom")
                        .orElse(""));
        elevation.line(
                Pens.BOLD,
                told.side().stream()
                        .map(place ->
                                elevation.spot(place.x().metres(), place.y().metres()))
                        .toList());
        elevation.end();
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
