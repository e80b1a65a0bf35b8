package fairacre.server.api;

import fairacre.arrange.Alteration;
import fairacre.arrange.LargestRectangle;
import fairacre.arrange.Order;
import fairacre.cost.BedEdge;
import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.cost.CuttingPlan;
import fairacre.cost.FrameChoice;
import fairacre.cost.FrameComparison;
import fairacre.cost.FrameDrawing;
import fairacre.cost.FrameDrawings;
import fairacre.cost.SeasonSoil;
import fairacre.cost.SeasonWork;
import fairacre.fill.FillTakeoff;
import fairacre.fill.OwnMix;
import fairacre.frame.Families;
import fairacre.goods.Filling;
import fairacre.ground.BedLevel;
import fairacre.ground.LevelStudy;
import fairacre.ground.Levels;
import fairacre.ground.SettingOut;
import fairacre.ground.SettingOutStudy;
import fairacre.ground.SoilReading;
import fairacre.ground.TerraceStudy;
import fairacre.ground.Terraces;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.reach.EdgeAccess;
import fairacre.reach.HeightStudy;
import fairacre.reach.ReachStudy;
import fairacre.reach.WorkingHeight;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.JournalService;
import fairacre.server.store.Role;
import fairacre.sun.DaySun;
import fairacre.sun.ShelfStudy;
import fairacre.sun.ShelfZone;
import fairacre.sun.SunComparison;
import fairacre.sun.SunHours;
import fairacre.sun.SunMap;
import fairacre.sun.SunStudy;
import fairacre.walk.CarrierGround;
import fairacre.walk.CarrierStudy;
import fairacre.walk.Route;
import fairacre.walk.RouteStudy;
import fairacre.work.Pace;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is asked of a garden one question at a time, beside the judgement of the whole. Nothing here changes it. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class StudyController {

    private final GardenService gardens;
    private final JournalService journal;

    StudyController(GardenService gardens, JournalService journal) {
        this.gardens = gardens;
        this.journal = journal;
    }

    /**
     * The lie of the ground.
     *
     * @param slope fall over run
     * @param fallsTo degrees clockwise from straight up on the drawing
     * @param onALine whether all heights lie on one line, so that nothing is known of the fall across it
     */
    record Lie(double slope, double fallsTo, boolean onALine, LevelStudy.Grade grade, List<BedLevel> beds) {}

    /** Ground to be made level in so many terraces. */
    record ToLevel(Rectangle area, int terraces) {}

    /** A line drawn over the ground: how far it falls from its start to its end, fall over run, and what that means. */
    record Fall(Length fall, double slope, LevelStudy.Grade grade) {}

    /**
     * Who can be at which edge of a bed, and how its height suits them.
     *
     * @param canBeSatOn whether its cap is a bench
     */
    record AtTheBed(List<EdgeAccess> edges, List<WorkingHeight> heights, boolean canBeSatOn) {}

    /** What the soil tests mean, and the ways of clearing with their hours and cardboard for this plot. */
    record Soil(List<String> sentences, List<SchoolView> schools) {}

    record SchoolView(SoilReading.School school, double hours, double cardboard) {}

    /** The change that an order of beds would make; it is not made yet. */
    @PostMapping("/orders")
    @Needs(Role.READER)
    Change order(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody Order order) {
        return order.change(plan(owner, garden, season), season, UUID::randomUUID);
    }

    /** The change that altering a bed from a season on would make; it is not made yet. */
    @PostMapping("/alterations")
    @Needs(Role.READER)
    Change alteration(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody Alteration alteration) {
        return alteration.change(plan(owner, garden, season), season, UUID::randomUUID);
    }

    /** What a carrier of the garden can do in a season. */
    @GetMapping("/carriers/{carrier}")
    CarrierGround carrier(
            Owner owner, @PathVariable UUID garden, @PathVariable UUID carrier, @RequestParam int season) {
        GardenService.Walks walks = gardens.walks(owner.id(), garden, season);
        Plan plan = walks.plan();
        return CarrierStudy.of(walks.study(), plan.standing(season)).judge(carrier(plan, carrier));
    }

    /** The shortest ways of a carrier from a place to the beds. */
    @GetMapping("/carriers/{carrier}/routes")
    List<Route> routes(
            Owner owner,
            @PathVariable UUID garden,
            @PathVariable UUID carrier,
            @RequestParam int season,
            @RequestParam double x,
            @RequestParam double y) {
        GardenService.Walks walks = gardens.walks(owner.id(), garden, season);
        Plan plan = walks.plan();
        return RouteStudy.of(walks.study(), plan.standing(season), carrier(plan, carrier))
                .from(Point.place(x, y, "from"));
    }

    private static Carrier carrier(Plan plan, UUID carrier) {
        return plan.carriers().stream()
                .filter(c -> c.id().equals(carrier))
                .findFirst()
                .orElseThrow(() ->
                        new RefusedException("carrier", "there is no carrier " + carrier, "look at the newest plan"));
    }

    /** Empty while too few heights are known. */
    @GetMapping("/levels")
    Optional<Lie> levels(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = plan(owner, garden, season);
        return Levels.of(plan.site().levels())
                .map(levels -> new Lie(
                        levels.slope(),
                        levels.fallsTo(),
                        levels.onALine(),
                        LevelStudy.grade(levels.slope()),
                        plan.standing(season).stream()
                                .map(LevelStudy.of(levels)::level)
                                .toList()));
    }

    /** How the ground falls along a line. */
    @GetMapping("/levels/line")
    Fall fall(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam double x1,
            @RequestParam double y1,
            @RequestParam double x2,
            @RequestParam double y2) {
        Levels levels = known(plan(owner, garden));
        Point from = Point.place(x1, y1, "from");
        Point to = Point.place(x2, y2, "to");
        double slope = levels.slope(from, to);
        return new Fall(levels.fall(from, to), slope, LevelStudy.grade(slope));
    }

    @PostMapping("/earthwork")
    @Needs(Role.READER)
    Terraces earthwork(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody ToLevel wanted) {
        Plan plan = plan(owner, garden, season);
        if (wanted.area() == null) {
            throw new RefusedException("area", "it is missing", "say which ground is to be made level");
        }
        Volume beds = plan.standing(season).stream()
                .filter(bed -> bed.revision().from() == season)
                .map(bed -> FillTakeoff.of(bed.revision()).volume())
                .reduce(Volume.ZERO, Volume::plus);
        return TerraceStudy.of(
                known(plan),
                wanted.area(),
                wanted.terraces(),
                plan.site().soil().squeeze(),
                beds);
    }

    private static Levels known(Plan plan) {
        return Levels.of(plan.site().levels())
                .orElseThrow(() -> new RefusedException("levels", "too few heights are known", "give at least two"));
    }

    /** Edge by edge where the gardeners can be at a bed. */
    @GetMapping("/beds/{bed}/edges")
    AtTheBed edges(Owner owner, @PathVariable UUID garden, @PathVariable UUID bed, @RequestParam int season) {
        GardenService.Walks walks = gardens.walks(owner.id(), garden, season);
        Plan plan = walks.plan();
        StandingBed standing = plan.standing(season).stream()
                .filter(b -> b.id().equals(bed))
                .findFirst()
                .orElseThrow(() ->
                        new RefusedException("bed", "there is no such bed in " + season, "look at the newest plan"));
        return new AtTheBed(
                ReachStudy.of(walks.study(), plan.tending(bed)).edges(standing),
                plan.tending(bed).stream()
                        .map(gardener -> HeightStudy.of(standing.revision(), gardener))
                        .toList(),
                HeightStudy.canBeSatOn(standing.revision()));
    }

    /** Beds of equal outside size, and those that nearly agree. */
    @GetMapping("/families")
    Families families(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return Families.of(plan(owner, garden, season).standing(season));
    }

    /** Bags or loose, what is carried and what settles, for each season in which beds are filled. */
    @GetMapping("/soil-supply")
    List<SeasonSoil> soilSupply(Owner owner, @PathVariable UUID garden) {
        return gardens.costs(owner.id(), garden).soil();
    }

    /** What there is to do in each season to build what the bill buys. */
    @GetMapping("/work")
    List<SeasonWork> work(Owner owner, @PathVariable UUID garden) {
        CostStudy costs = gardens.costs(owner.id(), garden);
        return costs.work(Pace.of(costs.takeoff().plan(), journal.learned(owner.id(), garden)));
    }

    /** The mix of what is on hand; nothing if there is none of what roots grow in. */
    @GetMapping("/own-mix")
    Optional<Filling> ownMix(Owner owner, @PathVariable UUID garden) {
        return OwnMix.of(plan(owner, garden).supply());
    }

    /**
     * How the boards are cut that the bill buys, or those of some beds alone, at once: where the best layout is not
     * known yet, by the quick rule.
     */
    @GetMapping("/cutting")
    List<CuttingPlan> cutting(Owner owner, @PathVariable UUID garden, @RequestParam(defaultValue = "") Set<UUID> beds) {
        return gardens.cutting(owner.id(), garden, chosen(beds));
    }

    /** How the sheets are cut that the bill buys, or those of some things alone: at once, some by the quick rule. */
    @GetMapping("/cutting/sheets")
    List<CutSheets> sheets(Owner owner, @PathVariable UUID garden, @RequestParam(defaultValue = "") Set<UUID> beds) {
        return gardens.sheets(owner.id(), garden, chosen(beds));
    }

    /** Hours of direct sun of each bed of a season, on the middle day of each half-month. */
    @GetMapping("/sun")
    SunHours sun(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return sunStudy(owner, garden, season).hours();
    }

    /**
     * The sun on open ground as a grid, coarser than it could be where that would take long.
     *
     * @param day left out for the mean of the growing months
     */
    @GetMapping("/sun/map")
    SunMap sunMap(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> day) {
        return sunStudy(owner, garden, season).quickMap(day);
    }

    /** The shadows of a day, every half-hour. */
    @GetMapping("/sun/day")
    DaySun sunDay(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        return sunStudy(owner, garden, season).day(day);
    }

    /** What other ways with a feature or a bed would do to the sun of the beds; none is taken yet. */
    @PostMapping("/sun/comparisons")
    @Needs(Role.READER)
    List<SunComparison.OtherWay> sunComparisons(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam UUID thing) {
        return SunComparison.of(plan(owner, garden, season), season, thing, gardens.memo(owner.id(), garden));
    }

    /** The beds whose sun an edit would change that is being tried. */
    @PostMapping("/sun/tried")
    @Needs(Role.READER)
    List<SunComparison.Other> triedSun(
            Owner owner, @PathVariable UUID garden, @RequestBody GardenController.Trial trial) {
        return SunComparison.tried(
                plan(owner, garden, trial.season()),
                trial.season(),
                Limits.present(trial.change(), "change"),
                gardens.memo(owner.id(), garden));
    }

    /**
     * How far a shelf on each side of a thing may stand out without ever shading soil.
     *
     * @param first month that matters, 1 to 12
     * @param last one that matters; before the first, it is one of the next year
     */
    @PostMapping("/sun/shelves")
    @Needs(Role.READER)
    List<ShelfZone> shelves(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam UUID thing,
            @RequestParam int first,
            @RequestParam int last) {
        return ShelfStudy.of(plan(owner, garden, season), season, thing, first, last);
    }

    private SunStudy sunStudy(Owner owner, UUID garden, int season) {
        return SunStudy.of(plan(owner, garden, season), season, gardens.memo(owner.id(), garden));
    }

    /** Every bed if none is named. */
    static Predicate<UUID> chosen(Set<UUID> beds) {
        return bed -> beds.isEmpty() || beds.contains(bed);
    }

    /** The frame of a bed as it stands in a season, course by course; nothing without boards. */
    @GetMapping("/beds/{bed}/frame")
    Optional<FrameDrawing> frame(
            Owner owner, @PathVariable UUID garden, @PathVariable UUID bed, @RequestParam int season) {
        Plan plan = plan(owner, garden, season);
        return FrameDrawings.of(plan).drawing(plan.bed(bed), season);
    }

    /** Frames and walls that are to be compared for beds as they stand in a season. */
    record Comparing(int season, List<UUID> beds, List<BedEdge> choices) {}

    /** Kinds of frames and walls side by side for the same beds. */
    @PostMapping("/frame-comparison")
    @Needs(Role.READER)
    List<FrameChoice> compare(Owner owner, @PathVariable UUID garden, @RequestBody Comparing asked) {
        return FrameComparison.of(
                plan(owner, garden, asked.season()),
                Limits.present(asked.beds(), "beds"),
                asked.season(),
                Limits.present(asked.choices(), "choices"));
    }

    @GetMapping("/setting-out")
    SettingOut settingOut(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = plan(owner, garden, season);
        return SettingOutStudy.of(plan.site(), plan.standing(season), plan.units());
    }

    @GetMapping("/soil")
    Soil soil(Owner owner, @PathVariable UUID garden) {
        Plan plan = plan(owner, garden);
        double area = plan.site().area().squareMetres();
        return new Soil(
                SoilReading.of(plan.site().soil()),
                SoilReading.schools().stream()
                        .map(school -> new SchoolView(
                                school, school.hoursPerSquareMetre() * area, school.cardboardFactor() * area))
                        .toList());
    }

    /** Ground on which arrangements could be tried. */
    @GetMapping("/arrangements/ground")
    Optional<Rectangle> arrangeable(Owner owner, @PathVariable UUID garden) {
        return LargestRectangle.of(plan(owner, garden));
    }

    /** The plan, if it can be looked at in this season. */
    private Plan plan(Owner owner, UUID garden, int season) {
        Plan plan = plan(owner, garden);
        plan.seasonInView(season);
        return plan;
    }

    private Plan plan(Owner owner, UUID garden) {
        return gardens.get(owner.id(), garden).plan();
    }
}
