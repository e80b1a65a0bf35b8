package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Volume;
import fairacre.plan.Put;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What is wrong with when a garden is watered: hours and days that are too few, and barrels that run dry. */
final class ProgrammeSnags {

    /** Steps in which hours are made longer, minutes. */
    private static final int LONGER = 15;

    private static final double MINUTES = 60;
    private static final int MOST_BARRELS = 20;
    private static final int SUBSETS = 1 << WateringWindow.WEEK;

    private final SnagContext context;
    private final WaterStudy study;
    private final List<Zone> zones;
    private final WateringWindow window;

    ProgrammeSnags(SnagContext context) {
        this.context = context;
        this.study = context.study(WaterStudy.class);
        this.zones = study.zones();
        this.window = Programme.window(context.plan());
    }

    List<Snag> find() {
        if (zones.isEmpty()) {
            return List.of();
        }
        Programme programme = study.programme(zones, window);
        List<Snag> snags = new ArrayList<>();
        tooLong(programme).ifPresent(snags::add);
        tooSeldom(programme).ifPresent(snags::add);
        study.barrels().stream().flatMap(year -> dry(year).stream()).forEach(snags::add);
        return snags;
    }

    static String month(int month) {
        return Month.of(month).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private static String when(Programme.Week week) {
        return week.month().map(month -> "In " + month(month)).orElse("By the rule of thumb (25 mm a week)");
    }

    private Optional<Snag> tooLong(Programme programme) {
        Optional<Programme.Week> worst = programme.weeks().stream()
                .filter(Programme.Week::isLate)
                .max(Comparator.comparingDouble(Programme.Week::minutes));
        return worst.map(week -> {
            List<Zone> late = which(week, Timetable.Setting::late);
            return Snag.of(
                            WaterRule.WATERING_TOO_LONG,
                            Weight.WARNING,
                            when(week) + " all zones together run "
                                    + context.wording().hours(week.minutes() / MINUTES)
                                    + " a week; from " + WateringWindow.clock(window.opens()) + " to "
                                    + WateringWindow.clock(window.closes()) + " on " + days(window.days())
                                    + " there is no time left for " + names(late) + ".",
                            Optional.of(source(late.get(0)).place()),
                            beds(late),
                            List.of(),
                            context.remedies(() -> moreTime(late)))
                    .about(context.ref(late.get(0).source()))
                    .by(week.minutes());
        });
    }

    private Optional<Snag> tooSeldom(Programme programme) {
        Optional<Programme.Week> worst = programme.weeks().stream()
                .filter(Programme.Week::isSeldom)
                .max(Comparator.comparingDouble(Programme.Week::minutes));
        return worst.map(week -> {
            List<Zone> dry = which(week, Timetable.Setting::seldom);
            int lasts = IntStream.range(0, zones.size())
                    .filter(i -> week.zones().get(i).setting().seldom())
                    .map(i -> week.zones().get(i).lasts())
                    .min()
                    .orElseThrow();
            return Snag.of(
                            WaterRule.WATERING_TOO_SELDOM,
                            Weight.WARNING,
                            when(week) + " the soil of " + names(dry) + " holds out for "
                                    + (lasts == 1 ? "a day" : lasts + " days") + "; watering is allowed on "
                                    + days(window.days()) + " only.",
                            Optional.of(source(dry.get(0)).place()),
                            beds(dry),
                            List.of(),
                            context.remedies(this::moreDays))
                    .about(context.ref(dry.get(0).source()))
                    .by(1.0 / lasts);
        });
    }

    private interface Flaw {
        boolean isIn(Timetable.Setting setting);
    }

    private List<Zone> which(Programme.Week week, Flaw flaw) {
        return IntStream.range(0, zones.size())
                .filter(i -> flaw.isIn(week.zones().get(i).setting()))
                .mapToObj(zones::get)
                .toList();
    }

    private static String names(List<Zone> some) {
        return (some.size() == 1 ? "zone " : "zones ")
                + Wording.names(
                        some.stream().map(zone -> String.valueOf(zone.number())).toList());
    }

    private static String days(List<Integer> days) {
        return days.size() == WateringWindow.WEEK
                ? "every day"
                : Wording.names(days.stream().map(WateringWindow::day).toList());
    }

    private static List<UUID> beds(List<Zone> some) {
        return some.stream()
                .flatMap(zone -> zone.beds().stream())
                .map(BedWater::bed)
                .distinct()
                .sorted()
                .toList();
    }

    private WaterSource source(Zone zone) {
        return study.piping().source(zone.source());
    }

    /** The least that does, in steps of a quarter of an hour; or drippers that give twice as much. */
    private List<Remedy> moreTime(List<Zone> late) {
        List<Remedy> ways = new ArrayList<>();
        Stream.iterate(LONGER, more -> window.length() + more < WateringWindow.DAY, more -> more + LONGER)
                .map(more -> window.lasting(later(more)))
                .filter(longer ->
                        study.programme(zones, longer).weeks().stream().noneMatch(Programme.Week::isLate))
                .findFirst()
                .ifPresent(longer -> ways.add(
                        new Remedy("Allow watering until " + WateringWindow.clock(longer.closes()), Put.of(longer))));
        ways.addAll(new WaterRemedies(context, study.piping()).faster(late));
        return ways;
    }

    private int later(int more) {
        int closes = (window.closes() + more) % WateringWindow.DAY;
        return closes == 0 ? WateringWindow.DAY : closes;
    }

    /** The fewest days more that do. */
    private List<Remedy> moreDays() {
        int allowed = bits(window.days());
        return IntStream.range(1, SUBSETS)
                .filter(days -> (days & allowed) == allowed && days != allowed)
                .boxed()
                .sorted(Comparator.comparingInt(Integer::bitCount))
                .map(days -> window.with(IntStream.rangeClosed(1, WateringWindow.WEEK)
                        .filter(day -> (days & 1 << (day - 1)) != 0)
                        .boxed()
                        .toList()))
                .filter(more -> study.programme(zones, more).weeks().stream().noneMatch(Programme.Week::isSeldom))
                .findFirst()
                .map(more -> new Remedy(
                        "Allow watering on "
                                + days(more.days().stream()
                                        .filter(day -> !window.days().contains(day))
                                        .toList())
                                + " too",
                        Put.of(more)))
                .stream()
                .toList();
    }

    private static int bits(List<Integer> days) {
        return days.stream().mapToInt(day -> 1 << (day - 1)).sum();
    }

    private Optional<Snag> dry(BarrelYear year) {
        if (!year.isUsuallyDry()) {
            return Optional.empty();
        }
        List<BarrelYear.Month> dry =
                year.months().stream().filter(BarrelYear.Month::usuallyDry).toList();
        Barrel barrel = context.plan().list(WaterKinds.BARRELS).stream()
                .filter(each -> each.id().equals(year.barrel()))
                .findFirst()
                .orElseThrow();
        int worst = dry.stream().mapToInt(BarrelYear.Month::dryYears).max().orElseThrow();
        return Optional.of(Snag.of(
                        WaterRule.BARREL_DRY,
                        Weight.WARNING,
                        barrel.name() + " runs dry in "
                                + Wording.names(dry.stream()
                                        .map(each -> month(each.month()))
                                        .toList())
                                + ": in up to " + worst + " of " + year.years()
                                + " years its beds want for water then.",
                        Optional.of(barrel.place()),
                        beds(fedBy(barrel)),
                        List.of(),
                        context.remedies(() -> lasting(barrel)))
                .about(context.ref(barrel.id()))
                .by(year.months().stream().mapToInt(BarrelYear.Month::dryYears).sum()));
    }

    private List<Zone> fedBy(Barrel barrel) {
        return zones.stream().filter(zone -> zone.source().equals(barrel.id())).toList();
    }

    /** The fewest barrels like it that do; or what hangs on it is fed by the next source. */
    private List<Remedy> lasting(Barrel barrel) {
        List<Remedy> ways = new ArrayList<>();
        IntStream.rangeClosed(2, MOST_BARRELS)
                .filter(count -> count * barrel.holds().litres() <= Barrel.MOST_LITRES)
                .mapToObj(count ->
                        barrel.holding(Volume.litres(count * barrel.holds().litres())))
                .filter(more -> !study.year(more).orElseThrow().isUsuallyDry())
                .findFirst()
                .ifPresent(more -> ways.add(new Remedy(
                        "Let " + barrel.name() + " hold " + context.wording().water(more.holds())
                                + ", with further barrels joined to it",
                        Put.of(more))));
        ways.addAll(new WaterRemedies(context, study.piping()).instead(barrel));
        return ways;
    }
}
