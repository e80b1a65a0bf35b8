package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import fairacre.tunnel.TunnelKinds;
import fairacre.tunnel.TunnelTold;
import fairacre.tunnel.WalkInTunnel;
import java.util.List;

/** The tunnels of a season: what each takes, its end with the door, and its long side. */
final class TunnelElevations {

    private final Plan plan;
    private final int season;
    private final Pages pages;
    private final Wording wording;

    TunnelElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
        this.wording = new Wording(plan.units());
    }

    void draw(List<TunnelTold> told) {
        List<WalkInTunnel> tunnels = TunnelKinds.tunnels(plan, season);
        told.forEach(each -> tunnels.stream()
                .filter(tunnel -> tunnel.id().equals(each.tunnel()))
                .forEach(tunnel -> draw(tunnel, each)));
    }

    private void draw(WalkInTunnel tunnel, TunnelTold told) {
        pages.makeRoom(Elevation.HIGH + 8 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(tunnel.name(), Pages.LONGEST_NAME));
        pages.paragraph(told.bows() + " bows of " + tunnel.pipe().label() + ", each " + length(told.bow()) + " long, "
                + length(told.apart()) + " apart; "
                + (tunnel.weather().ties() == 1
                        ? "a line of pipe along the ridge; "
                        : "lines of pipe along the ridge and a third of the way up; ")
                + wording.mass(told.kilograms()) + " of pipe. " + told.onBoards()
                + " feet are strapped to boards of beds, " + told.onStakes() + " stand on stakes.");
        pages.paragraph(tunnel.cover().label() + ": cut " + length(told.sheet().bought()) + " off a roll "
                + length(told.sheet().roll()) + " wide; over the bows goes a piece of "
                + length(told.sheet().length()) + " × " + length(told.sheet().width()) + "; "
                + (told.sheet().fromStrip()
                        ? "both ends come out of what is cut off along it."
                        : "both ends come out of the rest of the length."));
        told.aisles().stream()
                .findFirst()
                .ifPresent(aisle -> pages.paragraph("Least headroom where one walks: " + length(aisle.headroom()) + ", "
                        + (aisle.aside().isPositive()
                                ? length(aisle.aside()) + " from the middle."
                                : "in the middle.")));
        told.air()
                .ifPresent(air -> pages.paragraph("Doors"
                        + (tunnel.hip().isPresent() ? " and sides that roll up" : "") + " open "
                        + wording.share(air) + " of the floor."));
        told.cautions().forEach(pages::paragraph);
        end(tunnel, told);
        side(tunnel, told);
    }

    private void end(WalkInTunnel tunnel, TunnelTold told) {
        Elevation elevation = new Elevation(
                pages,
                plan.units(),
                tunnel.place().width().metres(),
                tunnel.rise().metres(),
                0);
        elevation.begin("The end with its door, " + length(tunnel.doorWidth()) + " × " + length(told.doorHeight()));
        elevation.line(
                Pens.BOLD,
                told.side().stream()
                        .map(place ->
                                elevation.spot(place.x().metres(), place.y().metres()))
                        .toList());
        // Seen from outside, what lies to the left of one who looks along the tunnel lies to the right.
        double middle = -tunnel.doorAside().metres();
        double half = tunnel.doorWidth().metres() / 2;
        double high = told.doorHeight().metres();
        elevation.line(Pens.FINE, middle - half, 0, middle - half, high);
        elevation.line(Pens.FINE, middle - half, high, middle + half, high);
        elevation.line(Pens.FINE, middle + half, high, middle + half, 0);
        elevation.end();
    }

    private void side(WalkInTunnel tunnel, TunnelTold told) {
        double length = tunnel.place().length().metres();
        double rise = tunnel.rise().metres();
        Elevation elevation = new Elevation(pages, plan.units(), length, rise, 0);
        elevation.begin("Its long side"
                + tunnel.hip()
                        .map(hip -> ", which rolls up to a board " + length(hip) + " high")
                        .orElse(""));
        for (int i = 0; i < told.bows(); i++) {
            double at = -length / 2 + length * i / (told.bows() - 1);
            elevation.line(Pens.BOLD, at, 0, at, rise);
        }
        elevation.line(Pens.FINE, -length / 2, rise, length / 2, rise);
        tunnel.hip().ifPresent(hip -> elevation.line(Pens.FINE, -length / 2, hip.metres(), length / 2, hip.metres()));
        elevation.end();
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
