package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Plan;
import fairacre.sun.StandStudy.StandSun;
import fairacre.sun.SunHours;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Crops that want more sun than they get, and those that stand behind taller ones. */
final class SunSnags {

    private final SnagContext context;
    private final Grown grown;

    SunSnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
    }

    List<Snag> find() {
        List<Planting> begun = grown.begun();
        if (begun.isEmpty()) {
            return List.of();
        }
        Map<UUID, StandSun> suns = CropSun.of(context.plan(), context.season(), context.memo());
        List<Snag> snags = new ArrayList<>();
        for (Planting planting : begun) {
            Optional.ofNullable(suns.get(planting.id())).ifPresent(sun -> {
                taller(planting, sun).ifPresent(snags::add);
                wanted(planting, sun).ifPresent(snags::add);
            });
        }
        return snags;
    }

    /** By the one that takes most, if the lower one has less than it wants. */
    private Optional<Snag> taller(Planting planting, StandSun sun) {
        return CropSun.lacking(context.plan(), planting, sun)
                .flatMap(lack -> CropSun.taker(sun))
                .flatMap(taker -> grown.plantings().stream()
                        .filter(each -> each.id().equals(taker.thing()))
                        .findFirst()
                        .map(tall -> snag(planting, sun, tall, taker)));
    }

    private Snag snag(Planting planting, StandSun sun, Planting tall, SunHours.Taker taker) {
        return grown.snag(
                        HusbandryRule.TALL_BEFORE_SHORT,
                        Weight.WARNING,
                        planting,
                        String.format(
                                Locale.ROOT,
                                "%s takes %.1f h of sun a day from %s, which has %.1f h and wants %d.",
                                tall.name(),
                                taker.hours(),
                                planting.name(),
                                sun.hours(),
                                planting.grown(context.plan()).sun()),
                        () -> grown.exchange(planting, plan -> isLit(plan, planting)))
                .by(taker.hours());
    }

    /** Where nothing that grows beside it is to blame. */
    private Optional<Snag> wanted(Planting planting, StandSun sun) {
        return CropSun.lacking(context.plan(), planting, sun)
                .filter(lack -> CropSun.taker(sun).isEmpty())
                .map(lack -> grown.snag(
                                HusbandryRule.SUN_WANTED,
                                lack >= 1 ? Weight.WARNING : Weight.NOTE,
                                planting,
                                String.format(
                                        Locale.ROOT,
                                        "%s has %.1f h of sun a day in %s and wants %d.",
                                        planting.name(),
                                        sun.hours(),
                                        grown.bed(planting),
                                        planting.grown(context.plan()).sun()),
                                () -> grown.exchange(planting, plan -> isLit(plan, planting)))
                        .by(lack));
    }

    /** Whether it has what it wants, and everybody else of the season who had it has it still. */
    private boolean isLit(Plan plan, Planting planting) {
        Map<UUID, StandSun> before = CropSun.of(context.plan(), context.season(), context.memo());
        Map<UUID, StandSun> after = CropSun.of(plan, context.season(), context.trials());
        return CropSun.lacking(plan, planting, after.get(planting.id())).isEmpty()
                && grown.begun().stream()
                        .filter(each -> CropSun.lacking(plan, each, before.get(each.id()))
                                .isEmpty())
                        .allMatch(each -> CropSun.lacking(plan, each, after.get(each.id()))
                                .isEmpty());
    }
}
