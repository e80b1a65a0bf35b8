package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.SMALL;

import fairacre.arch.ArchStudy;
import fairacre.arch.ArchTold;
import fairacre.cover.CoverStudy;
import fairacre.cover.CoverTold;
import fairacre.furniture.FurnitureStudy;
import fairacre.furniture.FurnitureTold;
import fairacre.hoop.HoopStudy;
import fairacre.hoop.HoopTold;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.trellis.TrellisStudy;
import fairacre.trellis.TrellisTold;
import fairacre.tunnel.TunnelStudy;
import fairacre.tunnel.TunnelTold;
import java.util.List;
import java.util.stream.Stream;

/** What stands on or over the beds of a season as A4 pages to build by: each seen from its side, to scale. */
public final class StructureSheet {

    private StructureSheet() {}

    public static List<SheetDrawing> of(Plan plan, int season) {
        String title = plan.name() + ", structures " + season;
        Pages pages = new Pages(title);
        pages.line(LARGE, title);
        List<StandingBed> standing = plan.standing(season);
        List<HoopTold> hoops = HoopStudy.of(plan, season, standing).told();
        List<ArchTold> arches = ArchStudy.of(plan, season, standing).told();
        List<TrellisTold> trellises = TrellisStudy.of(plan, season, standing).told();
        List<CoverTold> covers = CoverStudy.of(plan, season, standing).told();
        List<TunnelTold> tunnels =
                TunnelStudy.of(plan, season, standing, Memo.none()).told();
        List<FurnitureTold> furniture = FurnitureStudy.told(plan, season);
        if (Stream.of(hoops, tunnels, covers, arches, trellises, furniture).allMatch(List::isEmpty)) {
            pages.line(SMALL, "No hoops, tunnels, covers, arches, trellises or furniture stand in this season.");
        }
        new HoopElevations(plan, season, pages).draw(hoops);
        new TunnelElevations(plan, season, pages).draw(tunnels);
        new CoverElevations(plan, season, pages).draw(covers);
        new ArchElevations(plan, season, pages).draw(arches);
        new TrellisElevations(plan, season, pages).draw(trellises);
        new FurnitureElevations(plan, season, pages).draw(furniture);
        return pages.end();
    }
}
