package fairacre.work;

import fairacre.bill.Stage;
import java.util.List;

/**
 * One stage of the work comes before another.
 *
 * @param scope of which tasks that is said
 * @param reason one sentence
 */
public record Precedence(Stage before, Stage after, Scope scope, String reason) {

    /** Which tasks wait for which. */
    public enum Scope {
        /** All of the later stage for all of the earlier one. */
        GARDEN,
        /** Those for a bed, a walk or a fence for those for the same. */
        SAME_PLACE
    }

    /** All of them (common practice), by the stage that waits. */
    public static final List<Precedence> ALL = List.of(
            garden(Stage.CLEARING, Stage.DIGGING, "Roots and stones are out before levels are dug."),
            samePlace(Stage.CLEARING, Stage.FRAMES, "A frame stands on ground that was cleared."),
            samePlace(Stage.DIGGING, Stage.FRAMES, "A frame stands on ground that was dug level."),
            samePlace(Stage.CLEARING, Stage.FILL, "Filling goes on ground that was cleared."),
            samePlace(Stage.CLEARING, Stage.PLANTING, "What grows there is gone before anything is sown."),
            garden(Stage.DIGGING, Stage.PIPES, "Trenches are open before pipes are laid in them."),
            samePlace(Stage.DIGGING, Stage.BASE, "A base lies where the soil was dug out."),
            garden(Stage.PIPES, Stage.BASE, "Sleeves lie under a walk before its base is rammed."),
            garden(Stage.BASE, Stage.FRAMES, "A compactor wants room: frames come after the bases of walks."),
            samePlace(Stage.FRAMES, Stage.FILL, "A frame is pinned and level before soil leans on it."),
            samePlace(Stage.BASE, Stage.SURFACES, "The surface lies on the base."),
            garden(Stage.FILL, Stage.SURFACES, "Barrows and machines spoil a finished walk."),
            samePlace(Stage.POSTS, Stage.MESH, "Mesh hangs on its posts."),
            garden(Stage.FILL, Stage.MESH, "The fence stays open for machines until the beds are filled."),
            garden(Stage.MESH, Stage.GATES, "Gates are hung last, in an opening that has stopped moving."),
            garden(
                    Stage.FRAMES,
                    Stage.STRUCTURES,
                    "Hoops, arches and trellises are held by frames or stand between them."),
            garden(Stage.PIPES, Stage.LINES, "Lines are joined to pipes that lie."),
            samePlace(Stage.FILL, Stage.LINES, "Lines lie on the soil."),
            samePlace(Stage.FILL, Stage.PLANTING, "Plants want the soil in which they stay."),
            samePlace(Stage.LINES, Stage.PLANTING, "Lines are laid where no plant is trodden on."),
            samePlace(Stage.PLANTING, Stage.MULCH, "Mulch lies round plants; most seed does not come up through it."));

    private static Precedence garden(Stage before, Stage after, String reason) {
        return new Precedence(before, after, Scope.GARDEN, reason);
    }

    private static Precedence samePlace(Stage before, Stage after, String reason) {
        return new Precedence(before, after, Scope.SAME_PLACE, reason);
    }
}
