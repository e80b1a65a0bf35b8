package fairacre.years;

import fairacre.cost.CostStudy;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.journal.JournalEntry;
import fairacre.journal.Picked;
import fairacre.measure.Area;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.years.BedStory.Chapter;
import fairacre.years.BedStory.GrownThere;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Tells a bed through all seasons in which it stands and of which the plan or the journal says something. */
public final class BedStoryStudy {

    private final Plan plan;
    private final UUID bed;
    private final List<JournalEntry> entries;

    private BedStoryStudy(CostStudy costs, UUID bed, List<JournalEntry> entries) {
        this.plan = costs.takeoff().plan();
        this.bed = bed;
        Places places = new Places(costs);
        this.entries = entries.stream()
                .filter(entry -> places.bedOf(entry).filter(bed::equals).isPresent())
                .sorted(Comparator.comparing(JournalEntry::day))
                .toList();
    }

    /**
     * @param costs of the plan
     * @param entries of the journal that count, of all seasons; those about other places are left out
     * @throws fairacre.limits.RefusedException if there is no such bed
     */
    public static BedStory of(CostStudy costs, UUID bed, List<JournalEntry> entries) {
        return new BedStoryStudy(costs, bed, entries).story();
    }

    /** The bed, and all that is in it or makes work for it: what entries are about that belong to its story. */
    public static Set<UUID> places(CostStudy costs, UUID bed) {
        return new Places(costs).of(bed);
    }

    private BedStory story() {
        String name = plan.bed(bed).name();
        int first = plan.seasonsOfChange().get(0);
        return new BedStory(
                bed,
                name,
                IntStream.rangeClosed(first, last())
                        .boxed()
                        .flatMap(season -> plan.standing(season).stream()
                                .filter(standing -> standing.id().equals(bed))
                                .map(standing -> chapter(season, standing)))
                        .toList());
    }

    /** The last season of which there is something to tell. */
    private int last() {
        Stream<LocalDate> days = Stream.concat(
                entries.stream().map(JournalEntry::day), plantings().map(Planting::from));
        return Stream.concat(plan.seasonsOfChange().stream(), days.map(day -> Plan.season(day, plan.yearBegins())))
                .mapToInt(Integer::intValue)
                .max()
                .orElseThrow();
    }

    private Stream<Planting> plantings() {
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> planting.bed().equals(bed));
    }

    private Chapter chapter(int season, StandingBed standing) {
        LocalDate begins = plan.yearBegins().atYear(season);
        LocalDate ends = plan.yearBegins().atYear(season + 1);
        List<JournalEntry> happened = entries.stream()
                .filter(entry -> !entry.day().isBefore(begins) && entry.day().isBefore(ends))
                .toList();
        Area soil = SeasonStudy.soil(standing);
        Picked picked = Picked.of(happened);
        return new Chapter(
                season,
                standing.revision().from() == season,
                standing.outline().length(),
                standing.outline().width(),
                standing.revision().height(),
                standing.revision().holder(),
                soil,
                plantings()
                        .filter(planting -> planting.from().isBefore(ends)
                                && planting.until().isAfter(begins))
                        .sorted(Comparator.comparing(Planting::from).thenComparing(Planting::name))
                        .map(planting ->
                                new GrownThere(planting.id(), planting.name(), planting.from(), planting.until()))
                        .toList(),
                picked,
                SeasonStudy.hours(happened),
                Ratios.of(picked.kilograms(), soil.squareMetres()),
                happened.stream()
                        .filter(entry ->
                                entry.loss().isPresent() || entry.note().isPresent())
                        .toList());
    }
}
