package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.husbandry.SprawlStudy.Close;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import java.util.List;

/** Crops that have no room to sprawl. */
final class SprawlSnags {

    private final SnagContext context;
    private final Grown grown;

    SprawlSnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
    }

    List<Snag> find() {
        return new SprawlStudy(context.plan(), context.season())
                .closes().stream().map(this::snag).toList();
    }

    private Snag snag(Close close) {
        Planting planting = close.sprawl().planting();
        String reaches = "At full size " + planting.name() + " reaches "
                + length(close.sprawl().leansOut(close.other())) + " out of " + grown.bed(planting);
        String words = close.over()
                .map(over -> reaches + " and creeps over " + over.name() + " in "
                        + close.other().name() + ".")
                .orElseGet(() -> reaches + ": the walk to " + close.other().name() + " is then " + width(close)
                        + ", too narrow for " + stuck(close) + ".");
        return grown.snag(
                HusbandryRule.SPRAWLS,
                Weight.NOTE,
                planting,
                words,
                () -> grown.exchange(planting, plan -> new SprawlStudy(plan, context.season()).hasRoom(planting.id())));
    }

    private String width(Close close) {
        return close.left() > 0 ? length(Length.metres(close.left())) + " wide" : "closed";
    }

    private String stuck(Close close) {
        return Wording.names(close.stuck().stream()
                .map(gardener -> gardener.name() + " (" + length(gardener.passing()) + ")")
                .toList());
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
