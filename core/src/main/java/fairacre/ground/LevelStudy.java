package fairacre.ground;

import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.ground.BedLevel.Meaning;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import java.util.Arrays;
import java.util.List;

/** What the lie of the ground means for beds and walks. */
public final class LevelStudy {

    /** What a slope lets one do, from level to steep. */
    public enum Grade {
        /** Level for all purposes: under 1 in 48, the cross slope of 2010 ADA Standards 403.3. */
        LEVEL,
        /** A walk for wheels: up to 1 in 20, 2010 ADA Standards 403.3. */
        WHEELS,
        /** Too steep for wheels; beds are levelled in themselves up to about 1 in 12 (common practice). */
        FEET,
        /** Beds are levelled one by one, or the ground is terraced. */
        TERRACES
    }

    /** Under 1 : 48 ground is level for all purposes: 2010 ADA Standards 403.3 (cross slope). */
    public static final double LEVEL = 1 / 48.0;
    /** Up to 1 : 20 a walk is fit for a wheelchair: 2010 ADA Standards 403.3 (running slope). */
    public static final double WHEELS = 1 / 20.0;
    /** Up to 1 : 12 wheels are pushed up a ramp: 2010 ADA Standards 405.2. */
    public static final double RAMP = 1 / 12.0;
    /** Over 1 : 12 beds want levelling one by one or terracing: common practice. */
    public static final double TERRACES = 1 / 12.0;
    /** Retaining walls over about 4 ft are for local code and a licensed design. */
    public static final Length LICENSED = Length.feet(4);

    private static final Length SPADE = Length.inches(4);

    private final Levels levels;

    private LevelStudy(Levels levels) {
        this.levels = levels;
    }

    public static LevelStudy of(Levels levels) {
        return new LevelStudy(levels);
    }

    public BedLevel level(StandingBed bed) {
        Rectangle outline = bed.outline();
        double a = outline.length().metres() / 2;
        double b = outline.width().metres() / 2;
        double[] corners = {
            levels.at(outline.at(-a, -b)),
            levels.at(outline.at(a, -b)),
            levels.at(outline.at(a, b)),
            levels.at(outline.at(-a, b))
        };
        Length along = Length.metres((corners[0] + corners[3] - corners[1] - corners[2]) / 2);
        Length across = Length.metres((corners[0] + corners[1] - corners[2] - corners[3]) / 2);
        double most = Arrays.stream(corners).max().orElseThrow()
                - Arrays.stream(corners).min().orElseThrow();
        return new BedLevel(
                bed.id(),
                along.abs(),
                across.abs(),
                GroundFall.upTo(along, across),
                Length.metres(most),
                meaning(Length.metres(most), bed));
    }

    private static Meaning meaning(Length most, StandingBed bed) {
        if (most.compareTo(GroundFall.RAKED) <= 0) {
            return Meaning.LEVEL;
        }
        Length course =
                bed.frame().map(Frame::board).map(board -> board.width()).orElse(SPADE);
        if (most.compareTo(course.half()) <= 0) {
            return Meaning.DIG_IN;
        }
        return most.compareTo(course) <= 0 ? Meaning.PART_COURSE : Meaning.STEP;
    }

    public static Grade grade(double slope) {
        if (slope < LEVEL) {
            return Grade.LEVEL;
        }
        if (slope <= WHEELS) {
            return Grade.WHEELS;
        }
        return slope <= TERRACES ? Grade.FEET : Grade.TERRACES;
    }

    /** Rise over run, both without sign. */
    public record Slopes(double running, double cross) {}

    /**
     * Steepest running slope and cross slope of a walk between neighbouring corners: along its longer sides and along
     * its shorter ones. One that is dug in as deep as its ground falls across is laid level across.
     */
    public Slopes slopes(Walk walk) {
        List<Point> corners = walk.corners();
        double longest = 0;
        for (int i = 0; i < corners.size(); i++) {
            longest = Math.max(longest, length(corners, i));
        }
        double running = 0;
        double cross = 0;
        double acrossAll = 0;
        for (int i = 0; i < corners.size(); i++) {
            double fall = Math.abs(levels.at(corners.get(i)) - levels.at(corners.get((i + 1) % corners.size())));
            double slope = fall / length(corners, i);
            if (length(corners, i) > longest / 2) {
                running = Math.max(running, slope);
            } else {
                cross = Math.max(cross, slope);
                acrossAll = Math.max(acrossAll, fall);
            }
        }
        boolean levelled =
                walk.build().dugIn() && acrossAll <= walk.build().thickness().metres();
        return new Slopes(running, levelled ? 0 : cross);
    }

    private static double length(List<Point> corners, int side) {
        return corners.get(side)
                .distance(corners.get((side + 1) % corners.size()))
                .metres();
    }
}
