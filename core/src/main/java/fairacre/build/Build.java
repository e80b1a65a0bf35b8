package fairacre.build;

import fairacre.goods.Filling;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.Optional;

/**
 * How a bed is built besides the boards of its frame. A bed on the ground with nothing on its edge is {@link #PLAIN}.
 *
 * @param kit the ready-made metal bed that it is; then it has no boards
 * @param cap boards laid flat on the frame
 * @param legs clear height under a table bed, from the ground to the underside of its box, 0 to 1 m; 0 for a bed on the
 *     ground
 * @param mound height to which the soil of a bed without a frame is heaped up, 0 to 0.6 m
 * @param filling empty for one good mix all through
 * @param fittings empty for the usual ones of its frame
 * @param wall in place of boards
 * @param drop what part-courses under the boards make up; empty on level ground, or where the bed is dug in
 * @param overhang how far what grows at the edge leans out over the walk, 0 to 1 m
 */
public record Build(
        Optional<Kit> kit,
        Optional<Cap> cap,
        Length legs,
        Length mound,
        Length overhang,
        Optional<Filling> filling,
        Optional<Fittings> fittings,
        Optional<Wall> wall,
        Optional<GroundFall> drop) {

    private static final Length LONGEST_LEGS = Length.metres(1);
    private static final Length HIGHEST_MOUND = Length.metres(0.6);
    private static final Length FURTHEST_OVERHANG = Length.metres(1);

    public static final Build PLAIN =
            new Build(Optional.empty(), Optional.empty(), Length.ZERO, Length.ZERO, Length.ZERO);

    public Build {
        kit = kit == null ? Optional.empty() : kit;
        cap = cap == null ? Optional.empty() : cap;
        legs = upTo(LONGEST_LEGS, legs, "legs");
        mound = upTo(HIGHEST_MOUND, mound, "mound");
        overhang = upTo(FURTHEST_OVERHANG, overhang, "overhang");
        fittings = fittings == null ? Optional.empty() : fittings;
        wall = wall == null ? Optional.empty() : wall;
        drop = drop == null ? Optional.empty() : drop.filter(fall -> !fall.isLevel());
        filling = filling == null ? Optional.empty() : filling.filter(mix -> !mix.equals(Filling.MIX));
    }

    /** Filled with one good mix, with the usual fittings. */
    public Build(Optional<Kit> kit, Optional<Cap> cap, Length legs, Length mound, Length overhang) {
        this(kit, cap, legs, mound, overhang, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** What it is filled with. */
    public Filling fill() {
        return filling.orElse(Filling.MIX);
    }

    /** The same for a box of boards: no kit, and no mound. */
    public Build boxed() {
        return new Build(Optional.empty(), cap, legs, Length.ZERO, overhang, filling, fittings, Optional.empty(), drop);
    }

    public Build withFilling(Filling newFilling) {
        return new Build(kit, cap, legs, mound, overhang, Optional.of(newFilling), fittings, wall, drop);
    }

    public Build withOverhang(Length newOverhang) {
        return new Build(kit, cap, legs, mound, newOverhang, filling, fittings, wall, drop);
    }

    public Build withLegs(Length newLegs) {
        return new Build(kit, cap, newLegs, mound, overhang, filling, fittings, wall, drop);
    }

    public Build withoutCap() {
        return new Build(kit, Optional.empty(), legs, mound, overhang, filling, fittings, wall, drop);
    }

    public Build withoutMound() {
        return new Build(kit, cap, legs, Length.ZERO, overhang, filling, fittings, wall, drop);
    }

    public Build withWall(Wall newWall) {
        return new Build(kit, cap, legs, mound, overhang, filling, fittings, Optional.of(newWall), drop);
    }

    public Build withUsualFittings() {
        return new Build(kit, cap, legs, mound, overhang, filling, Optional.empty(), wall, drop);
    }

    public Build withFittings(Fittings newFittings) {
        return new Build(kit, cap, legs, mound, overhang, filling, Optional.of(newFittings), wall, drop);
    }

    public Build withFall(GroundFall newDrop) {
        return new Build(kit, cap, legs, mound, overhang, filling, fittings, wall, Optional.of(newDrop));
    }

    private static Length upTo(Length most, Length value, String field) {
        return value == null ? Length.ZERO : Limits.between(value, Length.ZERO, most, field);
    }
}
