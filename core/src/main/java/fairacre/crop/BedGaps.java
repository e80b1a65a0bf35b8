package fairacre.crop;

import fairacre.frost.FrostCalendar;
import fairacre.frost.FrostSpread;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Where beds lie bare for more than four weeks of the time without frost: from the last frost in five years of ten to
 * the first in five of ten.
 */
public final class BedGaps {

    /** Shorter gaps are what it takes to clear a bed and plant it again, days (common practice). */
    private static final int SHORT = 28;
    /** Parts of a bed that end so close together end at one place. */
    private static final double SAME = 1e-6;

    private record Time(LocalDate from, LocalDate until) {
        long days() {
            return ChronoUnit.DAYS.between(from, until);
        }
    }

    private final Plan plan;
    private final List<Planting> plantings;
    private final List<Time> growing;

    private BedGaps(Plan plan, int season) {
        this.plan = plan;
        this.plantings = PlantingKinds.plantings(plan, season);
        this.growing = growing(season);
    }

    /** Bed by bed in the order of their ids, in each by the calendar. */
    public static List<BedGap> of(Plan plan, int season, List<StandingBed> standing) {
        BedGaps gaps = new BedGaps(plan, season);
        return standing.stream().map(StandingBed::id).sorted().flatMap(gaps::of).toList();
    }

    /** Where the cold months lie within a season there are two times. */
    private List<Time> growing(int season) {
        FrostCalendar frost = FrostCalendar.of(plan);
        LocalDate begins = frost.inSeason(plan.yearBegins(), season);
        LocalDate ends = begins.plusYears(1);
        if (frost.last().isEmpty()) {
            return List.of(new Time(begins, ends));
        }
        LocalDate spring = frost.inSeason(frost.last().get().middle(), season);
        LocalDate autumn = frost.inSeason(frost.first().map(FrostSpread::middle).orElseThrow(), season);
        return spring.isBefore(autumn)
                ? List.of(new Time(spring, autumn))
                : List.of(new Time(begins, autumn), new Time(spring, ends));
    }

    private Stream<BedGap> of(UUID bed) {
        List<Planting> here =
                plantings.stream().filter(each -> each.bed().equals(bed)).toList();
        List<Double> along = edges(here.stream()
                .flatMap(each -> Stream.of(each.part().from(), each.part().to())));
        List<Double> across = edges(here.stream()
                .flatMap(each -> Stream.of(each.part().low(), each.part().high())));
        List<BedGap> gaps = new ArrayList<>();
        for (int j = 0; j + 1 < across.size(); j++) {
            for (int i = 0; i + 1 < along.size(); i++) {
                BedPart part = new BedPart(along.get(i), along.get(i + 1), across.get(j), across.get(j + 1));
                bare(here, part).forEach(time -> add(new BedGap(bed, part, time.from, time.until), gaps));
            }
        }
        return joinedAcross(gaps).stream()
                .sorted(Comparator.comparing(BedGap::from)
                        .thenComparing(gap -> gap.part().from()));
    }

    /** Of parts narrower than any planting may be nothing is told. */
    private static List<Double> edges(Stream<Double> planted) {
        List<Double> edges = new ArrayList<>();
        Stream.concat(Stream.of(0.0, 1.0), planted).sorted().forEach(edge -> {
            if (edges.isEmpty() || edge - edges.get(edges.size() - 1) > SAME) {
                edges.add(edge);
            }
        });
        return edges;
    }

    private List<Time> bare(List<Planting> here, BedPart part) {
        List<Planting> inPart = here.stream()
                .filter(planting -> planting.part().shares(part))
                .sorted(Comparator.comparing(Planting::from))
                .toList();
        List<Time> bare = new ArrayList<>();
        for (Time time : growing) {
            LocalDate since = time.from;
            for (Planting planting : inPart) {
                bare.add(new Time(since, earlier(planting.from(), time.until)));
                since = since.isBefore(planting.until()) ? planting.until() : since;
            }
            bare.add(new Time(since, time.until));
        }
        return bare.stream().filter(time -> time.days() > SHORT).toList();
    }

    private static LocalDate earlier(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }

    /** A gap that goes on in the next part along the bed is one. */
    private static void add(BedGap gap, List<BedGap> gaps) {
        for (int i = 0; i < gaps.size(); i++) {
            BedGap before = gaps.get(i);
            BedPart part = before.part();
            if (sameTime(before, gap)
                    && part.to() == gap.part().from()
                    && part.low() == gap.part().low()) {
                gaps.set(i, with(before, new BedPart(part.from(), gap.part().to(), part.low(), part.high())));
                return;
            }
        }
        gaps.add(gap);
    }

    private static List<BedGap> joinedAcross(List<BedGap> gaps) {
        List<BedGap> joined = new ArrayList<>();
        for (BedGap gap : gaps) {
            int below = -1;
            for (int i = 0; i < joined.size(); i++) {
                BedPart part = joined.get(i).part();
                if (sameTime(joined.get(i), gap)
                        && part.high() == gap.part().low()
                        && part.from() == gap.part().from()
                        && part.to() == gap.part().to()) {
                    below = i;
                }
            }
            if (below < 0) {
                joined.add(gap);
            } else {
                BedPart part = joined.get(below).part();
                joined.set(
                        below,
                        with(
                                gap,
                                new BedPart(
                                        part.from(),
                                        part.to(),
                                        part.low(),
                                        gap.part().high())));
            }
        }
        return joined;
    }

    private static boolean sameTime(BedGap one, BedGap other) {
        return one.from().equals(other.from()) && one.until().equals(other.until());
    }

    private static BedGap with(BedGap gap, BedPart part) {
        return new BedGap(gap.bed(), part, gap.from(), gap.until());
    }
}
