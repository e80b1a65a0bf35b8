package fairacre.compost;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Rectangle;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.OpenPlaces;
import java.util.Optional;
import java.util.UUID;

/**
 * Compost bays to begin with: two cubes of 3 ft, or of a metre, near a way in ({@link OpenPlaces}). Two or three cubes
 * of 3 ft by the gate are common practice.
 */
public final class NewBays {

    private static final int BAYS = 2;
    private static final Length CUBE_IN_FEET = Length.feet(3);
    private static final Length CUBE_IN_METRES = Length.metres(1);

    private NewBays() {}

    /** The change that puts them there; in the middle of the plot where there is no room for them. */
    public static Put<CompostBays> in(Plan plan, int season, UUID id) {
        return in(plan, season, Optional.empty(), id);
    }

    /** @param gate way in that they are put near to; empty, or one that is closed in the season, for the first */
    public static Put<CompostBays> in(Plan plan, int season, Optional<UUID> gate, UUID id) {
        return new Put<>(
                CompostKinds.BAYS,
                new CompostBays(
                        id,
                        Names.free(
                                plan.list(CompostKinds.BAYS).stream()
                                        .map(CompostBays::name)
                                        .toList(),
                                "Compost"),
                        place(plan, season, gate),
                        BAYS,
                        cube(plan),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(BayWalls.BOARDS),
                        Lifetime.from(season)));
    }

    private static Length cube(Plan plan) {
        return plan.units() == Units.METRIC ? CUBE_IN_METRES : CUBE_IN_FEET;
    }

    private static Rectangle place(Plan plan, int season, Optional<UUID> gate) {
        Length length = cube(plan).times(BAYS).plus(BayWalls.BOARDS.thickness().times(BAYS + 1));
        Length width = cube(plan).plus(BayWalls.BOARDS.thickness().times(2));
        return OpenPlaces.first(plan, season, length, width, gate);
    }
}
