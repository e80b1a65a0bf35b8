package fairacre.server.api;

import fairacre.plan.Plan;
import fairacre.server.store.StoredGarden;

/**
 * A garden as the browser sees it.
 *
 * @param revision to be sent with every edit
 * @param canUndo whether there is an edit to take back
 * @param canRedo whether there is an edit to make again
 */
record GardenView(long revision, Plan plan, boolean canUndo, boolean canRedo) {

    static GardenView of(StoredGarden stored) {
        return new GardenView(stored.revision(), stored.plan(), stored.undo().isPresent(), stored.redo().isPresent());
    }
}
