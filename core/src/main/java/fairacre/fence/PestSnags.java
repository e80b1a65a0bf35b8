package fairacre.fence;

import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Pests that get to beds, and where they get in. */
final class PestSnags {

    private final SnagContext context;
    private final FenceRemedies remedies;

    PestSnags(SnagContext context) {
        this.context = context;
        this.remedies = new FenceRemedies(context);
    }

    List<Snag> find() {
        List<Pest> pests = FenceKinds.pests(context.plan(), context.season());
        if (pests.isEmpty()) {
            return List.of();
        }
        List<PestRow> rows = FenceStudy.of(context.plan(), context.season(), context.standing(), context.memo())
                .pests();
        return rows.stream()
                .filter(row -> row.needs().isPresent() && !row.open().isEmpty())
                .flatMap(row -> snags(pest(pests, row.pest()), row).stream())
                .toList();
    }

    private static Pest pest(List<Pest> pests, UUID id) {
        return pests.stream().filter(pest -> pest.id().equals(id)).findFirst().orElseThrow();
    }

    private List<Snag> snags(Pest pest, PestRow row) {
        if (row.holes().isEmpty()) {
            return List.of(nothing(pest, row));
        }
        return row.holes().stream()
                .flatMap(hole -> hole.flaws().stream().map(flaw -> snag(pest, row, hole, flaw)))
                .toList();
    }

    private Snag nothing(Pest pest, PestRow row) {
        List<StandingBed> open = row.open().stream().map(context::bed).toList();
        String words = "Nothing keeps " + pest.name() + " from " + Wording.named(open) + ".";
        return Snag.of(
                        FenceRule.PEST_GETS_IN,
                        weight(pest),
                        words,
                        Optional.of(open.get(0).outline().centre()),
                        row.open(),
                        List.of(),
                        context.remedies(() -> remedies.ofNothing(pest)))
                .by(open.size());
    }

    private Snag snag(Pest pest, PestRow row, PestRow.Hole hole, FenceFlaw flaw) {
        Snag snag = Snag.of(
                        rule(flaw.reason()),
                        weight(pest),
                        words(pest, hole, flaw),
                        Optional.of(hole.place()),
                        row.open(),
                        List.of(),
                        context.remedies(() -> remedies.of(pest, hole, flaw)))
                .about(context.ref(hole.thing()));
        Length off = flaw.wants().minus(flaw.has()).abs();
        return off.isPositive() ? snag.by(off.metres()) : snag;
    }

    private static Weight weight(Pest pest) {
        return pest.pressing() == Pest.Pressing.HIGH ? Weight.WARNING : Weight.NOTE;
    }

    private static FenceRule rule(FenceFlaw.Reason reason) {
        return switch (reason) {
            case TOO_LOW -> FenceRule.FENCE_TOO_LOW;
            case MESH_TOO_WIDE -> FenceRule.FENCE_MESH_WIDE;
            case FOOT_OPEN, FOOT_TOO_SHORT, OUT_OF_BEDS -> FenceRule.FENCE_FOOT_OPEN;
            case FOOTHOLDS -> FenceRule.FENCE_CLIMBED;
            case ONLY_STRING -> FenceRule.FENCE_ONLY_STRING;
            case NO_GATE, GATE_GAP, GAP -> FenceRule.FENCE_GAP;
            case NOT_KNOWN -> FenceRule.FENCE_NOT_KNOWN;
        };
    }

    private String words(Pest pest, PestRow.Hole hole, FenceFlaw flaw) {
        String name = hole.name();
        String has = context.wording().length(flaw.has());
        String wants = context.wording().length(flaw.wants());
        return switch (flaw.reason()) {
            case TOO_LOW -> name + " is " + has + " high: for " + pest.name() + " it has to be " + wants + snow() + ".";
            case MESH_TOO_WIDE ->
                "The openings of " + name + " are " + has + " wide: " + pest.name() + " slip through more than " + wants
                        + ".";
            case FOOT_OPEN -> "Nothing closes the foot of " + name + ": " + pest.name() + " dig under it.";
            case FOOT_TOO_SHORT ->
                "The foot of " + name + " is closed for " + has + ": " + pest.name() + " dig under less than " + wants
                        + ".";
            case OUT_OF_BEDS ->
                name + " is not in a raised bed everywhere: " + pest.name() + " dig under it where it leaves them.";
            case FOOTHOLDS -> pest.name() + " climb " + name + ": its openings are footholds.";
            case ONLY_STRING -> name + " is only string: it does not stop " + pest.name() + " in this season.";
            case NO_GATE -> hole.name() + " is open: " + pest.name() + " walk in.";
            case GATE_GAP ->
                "There are " + has + " free below " + name + ": " + pest.name() + " slip through more than " + wants
                        + ".";
            case GAP -> name + " ends " + has + " from what it should meet: " + pest.name() + " get through.";
            case NOT_KNOWN ->
                "Nobody knows whether " + name + " stops " + pest.name() + ": its mesh, foot or height are not told.";
        };
    }

    private String snow() {
        Length snow = FenceKinds.snow(context.plan());
        return snow.isPositive() ? ", with " + context.wording().length(snow) + " of snow" : "";
    }
}
