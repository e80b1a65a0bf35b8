package fairacre.rotation;

import fairacre.crop.BedGap;
import fairacre.crop.BedGaps;
import fairacre.crop.GapFilling;
import fairacre.crop.GapFillings;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.husbandry.Company;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Green manure where the soil of planned years would lie bare, as far as some goes with what else grows there. */
final class Covers {

    private final YearsAsked asked;
    private final Memo memo;
    private final List<Planting> sown = new ArrayList<>();
    private Plan plan;

    private Covers(Plan plan, YearsAsked asked, Memo memo) {
        this.plan = plan;
        this.asked = asked;
        this.memo = memo;
    }

    /** @param plan with all that is planned */
    static List<Planting> of(Plan plan, YearsAsked asked, Memo memo) {
        Covers covers = new Covers(plan, asked, memo);
        for (int season = asked.first(); season <= asked.last(); season++) {
            covers.sow(season);
        }
        return covers.sown;
    }

    private void sow(int season) {
        Set<UUID> beds = asked.beds(plan).stream().map(StandingBed::id).collect(Collectors.toSet());
        List<StandingBed> standing = plan.standing(season).stream()
                .filter(bed -> beds.contains(bed.id()))
                .toList();
        for (BedGap gap : BedGaps.of(plan, season, standing)) {
            memo.goOn();
            cover(season, gap).ifPresent(this::add);
        }
    }

    private Optional<Planting> cover(int season, BedGap gap) {
        return GapFillings.covers(plan, season, gap)
                .map(GapFilling::planting)
                .filter(this::goes)
                .findFirst();
    }

    private void add(Planting cover) {
        Planting named = cover.called(id(cover));
        if (plan.apply(Put.of(named)) instanceof Outcome.Applied done) {
            plan = done.plan();
            sown.add(named);
        }
    }

    /** The same for the same crop, place and day: what was planned before stays what it is. */
    private static UUID id(Planting cover) {
        String words = "cover of " + cover.crop() + " in " + cover.bed() + " " + cover.part() + " on " + cover.from();
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
    }

    private boolean goes(Planting cover) {
        return others().noneMatch(other -> Rivals.isTooSoon(plan, other, cover) || Company.isBad(plan, other, cover));
    }

    private Stream<Planting> others() {
        return plan.list(PlantingKinds.PLANTINGS).stream();
    }
}
