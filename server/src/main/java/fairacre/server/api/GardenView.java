package fairacre.server.api;

import fairacre.plan.OwnKinds;
import fairacre.plan.Plan;
import fairacre.plan.SeasonEvents;
import fairacre.server.api.CatalogueController.BoardView;
import fairacre.server.api.CatalogueController.ItemView;
import fairacre.server.api.CatalogueController.MaterialView;
import fairacre.server.api.CatalogueController.PipeView;
import fairacre.server.store.StoredGarden;
import fairacre.water.PipeKind;
import java.util.List;

/**
 * A garden as the browser sees it.
 *
 * @param revision to be sent with every edit
 * @param seasons in which something happens, and what
 * @param own what there is to choose from in this garden besides what every garden knows
 * @param canUndo whether there is an edit to take back
 * @param canRedo whether there is an edit to make again
 */
record GardenView(
        long revision, Plan plan, List<SeasonEvents> seasons, OwnCatalogue own, boolean canUndo, boolean canRedo) {

    record OwnCatalogue(
            List<MaterialView> materials, List<BoardView> boards, List<PipeView> pipes, List<ItemView> items) {

        static OwnCatalogue of(Plan plan) {
            OwnKinds own = OwnKinds.of(plan);
            return new OwnCatalogue(
                    own.materials().stream().map(MaterialView::of).toList(),
                    own.boards().stream().map(BoardView::of).toList(),
                    PipeKind.ownOf(plan).stream().map(PipeView::of).toList(),
                    own.items().stream().map(ItemView::of).toList());
        }
    }

    static GardenView of(StoredGarden stored) {
        return new GardenView(
                stored.revision(),
                stored.plan(),
                stored.plan().events(),
                OwnCatalogue.of(stored.plan()),
                stored.undo().isPresent(),
                stored.redo().isPresent());
    }
}
