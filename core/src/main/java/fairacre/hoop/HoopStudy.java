package fairacre.hoop;

import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** How the hoops of a season stand over its beds; {@link #told} tells it of each set. */
public final class HoopStudy {

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;

    private HoopStudy(Plan plan, int season, List<StandingBed> standing) {
        this.plan = plan;
        this.season = season;
        this.standing = standing;
    }

    public static HoopStudy of(Plan plan, int season, List<StandingBed> standing) {
        return new HoopStudy(plan, season, standing);
    }

    /** Of all sets of the season. */
    public List<HoopTold> told() {
        return HoopKinds.sets(plan, season).stream().map(this::told).toList();
    }

    private HoopTold told(HoopSet set) {
        HoopFit fit = HoopFit.of(plan, set);
        List<HoopsOverBed> over = over(set, fit);
        int bows = over.stream().mapToInt(HoopsOverBed::bows).sum();
        return new HoopTold(
                set.id(),
                fit.cut(),
                set.pipe().tightest(),
                over,
                bows,
                ties(set, bows),
                fit.cut().map(cut -> set.pipe().kilograms(cut) * bows).orElse(0.0),
                fit.glued(plan),
                standing.stream()
                        .filter(bed -> set.beds(season).noneMatch(bed.id()::equals))
                        .filter(fit::goesOver)
                        .map(StandingBed::id)
                        .toList(),
                cautions(set));
    }

    /** Its places of the season, each with how the bows stand there. */
    List<HoopsOverBed> over(HoopSet set, HoopFit fit) {
        return set.beds(season)
                .map(id -> bed(id).map(fit::over).orElseGet(() -> HoopsOverBed.not(id, HoopMisfit.NO_BED)))
                .toList();
    }

    private Optional<StandingBed> bed(UUID id) {
        return standing.stream().filter(bed -> bed.id().equals(id)).findFirst();
    }

    /** For every bow as much of each line as two may be apart: what is over goes to knots and to pegs at the ends. */
    static Length ties(HoopSet set, int bows) {
        return set.weather().apart().times((long) bows * set.weather().ties());
    }

    private static List<String> cautions(HoopSet set) {
        List<String> cautions = new ArrayList<>();
        if (set.pipe().glued()) {
            cautions.add(GluedBow.CAUTION);
        } else if (set.pipe().staysBent()) {
            cautions.add(
                    "Bend metal over a form, with gloves: ends are sharp. Cap the ends that stand up while no sheet"
                            + " is on.");
        }
        if (set.cover() == Fabric.FILM) {
            cautions.add("Open the ends whenever the sun is out: under closed film plants are scorched within hours.");
        }
        if (set.cover() != Fabric.NONE) {
            cautions.add(
                    "Bags on the edges hold it in a " + set.weather().gust().called()
                            + "; before a storm take the sheet off. Sweep snow off at once: what the bows bear is for the"
                            + " maker's table to say.");
        }
        return cautions;
    }
}
