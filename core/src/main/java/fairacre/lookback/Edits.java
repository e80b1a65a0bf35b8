package fairacre.lookback;

import fairacre.appraisal.Appraisal;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.cost.KnownCuts;
import fairacre.cover.BedCover;
import fairacre.cover.CoverKind;
import fairacre.cover.CoverKinds;
import fairacre.cover.NewCovers;
import fairacre.crew.CrewKinds;
import fairacre.crew.WorkSeason;
import fairacre.crop.BedGaps;
import fairacre.crop.GapFillings;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.feeding.FeedingKinds;
import fairacre.feeding.Mulch;
import fairacre.feeding.MulchKind;
import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryKinds;
import fairacre.husbandry.SoilDisease;
import fairacre.judging.JudgingKinds;
import fairacre.judging.Remedy;
import fairacre.judging.SetAside;
import fairacre.judging.Snag;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/** Edits for the season after one that is looked back at; none that brings a snag which was not there. */
final class Edits {

    /** What frost took begins so much later, days (common practice). */
    private static final int AFTER_FROST = 14;
    /** Frost that takes what was planted later in the year is that of autumn. */
    private static final int LAST_OF_SPRING = 7;
    /** Depth of straw against drought (common practice). */
    private static final Length STRAW = Length.millimetres(75);
    /** Work is begun so many days earlier at most. */
    private static final long MOST_EARLIER = 28;

    private final Plan plan;
    private final int season;
    private final int coming;
    private final Memo memo;
    private Set<List<Object>> snags;

    Edits(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.coming = season + 1;
        this.memo = memo;
    }

    String cropName(String crop) {
        return Crops.of(crop).map(Crop::name).orElse(crop);
    }

    /** The bed that something is, or grows in. */
    Optional<UUID> bedOf(UUID place) {
        return plan.beds().stream().anyMatch(bed -> bed.id().equals(place))
                ? Optional.of(place)
                : plan.list(PlantingKinds.PLANTINGS).stream()
                        .filter(planting -> planting.id().equals(place))
                        .map(Planting::bed)
                        .findFirst();
    }

    Optional<Remedy> against(Lost lost) {
        return switch (lost.cause()) {
            case FROST -> lost.crop().flatMap(crop -> later(crop, lost.bed()));
            case DROUGHT -> lost.bed().flatMap(this::mulched);
            case INSECTS, ANIMALS -> lost.bed().flatMap(this::caged);
            case CLUBROOT -> lost.bed().flatMap(bed -> noted(bed, Disease.CLUBROOT));
            case WHITE_ROT -> lost.bed().flatMap(bed -> noted(bed, Disease.WHITE_ROT));
            case WET, SLUGS, BLIGHT, OTHER_DISEASE, BOLTED, OTHER -> Optional.empty();
        };
    }

    /** The next planting of a crop that spring frost took begins two weeks later in the year than the last. */
    private Optional<Remedy> later(String crop, Optional<UUID> bed) {
        Optional<LocalDate> lost = springs(crop, season)
                .filter(planting -> bed.stream().allMatch(planting.bed()::equals))
                .map(Planting::from)
                .min(Comparator.naturalOrder());
        return lost.flatMap(from -> {
            LocalDate day = from.plusYears(1).plusDays(AFTER_FROST);
            return springs(crop, coming)
                    .filter(planting -> planting.from().isBefore(day))
                    .min(Comparator.comparing(Planting::from))
                    .flatMap(planting -> later(planting, day));
        });
    }

    /** For as long as it was; if something else is in the way then, only until it would have been cleared. */
    private Optional<Remedy> later(Planting planting, LocalDate day) {
        String words = planting.name() + " in " + name(planting.bed()) + " from " + Wording.day(day) + " on, not from "
                + Wording.day(planting.from());
        return Stream.of(day.plusDays(planting.days()), planting.until())
                .filter(day::isBefore)
                .flatMap(end -> sound(words, Put.of(planting.raised(planting.raising(), day, end))).stream())
                .findFirst();
    }

    private Stream<Planting> springs(String crop, int year) {
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> planting.crop().equals(crop)
                        && Plan.season(planting.from(), plan.yearBegins()) == year
                        && planting.from().getMonthValue() <= LAST_OF_SPRING);
    }

    private Optional<Remedy> mulched(UUID bed) {
        boolean there = plan.list(FeedingKinds.MULCHES).stream()
                .anyMatch(mulch -> mulch.first() <= coming
                        && coming < mulch.first() + mulch.seasons()
                        && (mulch.beds().isEmpty() || mulch.beds().contains(bed)));
        return there || !stands(bed)
                ? Optional.empty()
                : sound(
                        "Lay straw on " + name(bed) + " in " + coming,
                        Put.of(new Mulch(
                                plan.newId("straw on " + bed + " in " + coming),
                                "Straw on " + name(bed),
                                MulchKind.STRAW,
                                STRAW,
                                coming,
                                1,
                                List.of(bed))));
    }

    private Optional<Remedy> caged(UUID bed) {
        boolean covered = plan.list(CoverKinds.COVERS).stream()
                .filter(cover ->
                        cover.kind() == CoverKind.NET_CAGE && cover.lifetime().includes(coming))
                .map(BedCover::places)
                .flatMap(List::stream)
                .anyMatch(place -> place.bed().equals(bed));
        if (covered || !stands(bed)) {
            return Optional.empty();
        }
        try {
            return sound(
                    "Build a net cage for " + name(bed) + " in " + coming,
                    NewCovers.on(plan, coming, CoverKind.NET_CAGE, List.of(bed), plan.newId("cage on " + bed)));
        } catch (RefusedException noBedForACage) {
            return Optional.empty();
        }
    }

    private Optional<Remedy> noted(UUID bed, Disease disease) {
        boolean known = plan.list(HusbandryKinds.SOIL_DISEASES).stream()
                .anyMatch(each -> each.bed().equals(bed) && each.disease() == disease);
        LocalDate found = plan.yearBegins().atYear(coming).minusDays(1);
        return known
                ? Optional.empty()
                : applied(
                        "Note " + disease.label() + " in " + name(bed) + ", which keeps its family away",
                        Put.of(new SoilDisease(plan.newId(disease + " in " + bed), disease, bed, found)));
    }

    /** What still ripens in the first long gap of the coming season. */
    Optional<Remedy> filling(UUID bed, int days) {
        return BedGaps.of(plan, coming, plan.standing(coming)).stream()
                .filter(gap -> gap.bed().equals(bed) && ChronoUnit.DAYS.between(gap.from(), gap.until()) >= days)
                .flatMap(gap -> GapFillings.of(plan, coming, gap).stream().limit(3))
                .flatMap(filling -> sound(
                        "Grow " + filling.planting().name() + " there from "
                                + Wording.day(filling.planting().from()),
                        Put.of(filling.planting()))
                        .stream())
                .findFirst();
    }

    Optional<Remedy> beginningEarlier(long days) {
        return CrewKinds.workOf(plan, season).flatMap(WorkSeason::begins).flatMap(begun -> {
            LocalDate day = begun.plusYears(1).minusDays(Math.min(days, MOST_EARLIER));
            Optional<WorkSeason> next = CrewKinds.workOf(plan, coming);
            boolean there = next.flatMap(WorkSeason::begins)
                    .filter(begins -> !begins.isAfter(day))
                    .isPresent();
            return there
                    ? Optional.empty()
                    : sound(
                            "Begin the work of " + coming + " on " + Wording.day(day),
                            Put.of(new WorkSeason(
                                    next.map(WorkSeason::id).orElseGet(() -> plan.newId("work of " + coming)),
                                    coming,
                                    Optional.of(day),
                                    next.flatMap(WorkSeason::ends),
                                    next.map(WorkSeason::order).orElse(List.of()),
                                    next.flatMap(WorkSeason::aim))));
        });
    }

    /** A snag that is seen again is meant to be there. */
    Optional<Remedy> bringingBack(SetAside aside) {
        return applied("Show this snag again", new Remove<>(JudgingKinds.SET_ASIDE, aside.id()));
    }

    private boolean stands(UUID bed) {
        return plan.standing(coming).stream().anyMatch(each -> each.id().equals(bed));
    }

    private String name(UUID bed) {
        return plan.nameOf(bed).orElse("");
    }

    private Optional<Remedy> applied(String words, Change change) {
        return plan.apply(change) instanceof Outcome.Applied
                ? Optional.of(new Remedy(words, change))
                : Optional.empty();
    }

    private Optional<Remedy> sound(String words, Change change) {
        return plan.apply(change) instanceof Outcome.Applied applied
                        && brings(applied.plan()).isEmpty()
                ? Optional.of(new Remedy(words, change))
                : Optional.empty();
    }

    private Set<List<Object>> brings(Plan after) {
        if (snags == null) {
            snags = snags(plan);
        }
        Set<List<Object>> more = snags(after);
        more.removeAll(snags);
        return more;
    }

    private Set<List<Object>> snags(Plan judged) {
        Set<List<Object>> found = new HashSet<>();
        // As an edit is judged while it is made: without remedies, and with boards laid out by the quick rule.
        for (Snag snag : Appraisal.of(judged, coming, memo, List.of(), KnownCuts.NONE)
                .preview()
                .snags()) {
            found.add(List.of(snag.rule(), snag.beds(), snag.things(), snag.gardeners()));
        }
        return found;
    }
}
