package fairacre.ground;

import fairacre.ground.Terraces.Step;
import fairacre.ground.Terraces.Terrace;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.SqueezeTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rectangle of sloping ground as terraces of equal breadth across its fall, each brought to the level at which its
 * own cut fills its own hollows, so that no soil is carried from one to another.
 */
public final class TerraceStudy {

    private static final int MOST = 20;

    private TerraceStudy() {}

    /**
     * @param count 1 to 20
     * @param room for loose soil in beds; the topmost spare soil is counted into it first
     * @throws RefusedException if the count is out of range or the terraces come out narrower than a bed may be
     */
    public static Terraces of(Levels levels, Rectangle ground, int count, SqueezeTest soil, Volume room) {
        if (count < 1 || count > MOST) {
            throw new RefusedException("terraces", count + " is out of range", "give between 1 and " + MOST);
        }
        boolean lengthwise = fallsLengthwise(levels, ground);
        Length breadth = Length.metres((lengthwise ? ground.length() : ground.width()).metres() / count);
        List<Terrace> terraces = new ArrayList<>();
        Volume left = room;
        for (int i = 0; i < count; i++) {
            double off = breadth.metres() * (i - (count - 1) / 2.0);
            Rectangle strip = ground.movedTo(lengthwise ? ground.at(off, 0) : ground.at(0, off), ground.turn())
                    .resized(lengthwise ? breadth : ground.length(), lengthwise ? ground.width() : breadth);
            Earthwork work = EarthworkStudy.of(levels, strip).to(Optional.empty(), soil, left);
            left = left.lessOrNone(work.intoBeds());
            terraces.add(new Terrace(strip, strip.corners(), work));
        }
        List<Step> steps = new ArrayList<>();
        for (int i = 1; i < count; i++) {
            double step = terraces.get(i).earthwork().level().metres()
                    - terraces.get(i - 1).earthwork().level().metres();
            steps.add(new Step(
                    Length.metres(Math.abs(step)), across(ground, lengthwise, breadth.metres() * (i - count / 2.0))));
        }
        return Terraces.of(terraces, steps);
    }

    /** From side to side of the ground, so far from its middle. */
    private static List<Point> across(Rectangle ground, boolean lengthwise, double off) {
        double half = (lengthwise ? ground.width() : ground.length()).metres() / 2;
        return lengthwise
                ? List.of(ground.at(off, -half), ground.at(off, half))
                : List.of(ground.at(-half, off), ground.at(half, off));
    }

    /** Whether the ground falls more from end to end than from side to side. */
    private static boolean fallsLengthwise(Levels levels, Rectangle ground) {
        double half = ground.length().metres() / 2;
        double halfWidth = ground.width().metres() / 2;
        double along = Math.abs(levels.at(ground.at(half, 0)) - levels.at(ground.at(-half, 0)));
        double across = Math.abs(levels.at(ground.at(0, halfWidth)) - levels.at(ground.at(0, -halfWidth)));
        return along >= across;
    }
}
