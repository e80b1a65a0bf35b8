package fairacre.fence;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.goods.BulkGood;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.plan.WayIn;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Takes off fences: what comes in a season is bought in it, as it stands then. What comes in none was there before and
 * costs nothing.
 */
final class FenceWants {

    /** Staples or ties hold mesh to a post so far apart (common practice: 10 to 12 in). */
    private static final Length BETWEEN_STAPLES = Length.inches(12);
    /** An apron is pegged down so far apart (common practice: 2 ft). */
    private static final Length BETWEEN_PEGS = Length.feet(2);
    /** A cable is bought so much longer than it has to be (common practice). */
    private static final Length SPARE = Length.feet(2);
    /** Gravel rammed round a post: loose it takes more room. */
    private static final double RAMMED = 1.2;

    private final Takeoff takeoff;
    private final Plan plan;

    FenceWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    void takeOff() {
        plan.list(FenceKinds.FENCES).stream()
                .flatMap(fence -> fence.lifetime().from().stream())
                .distinct()
                .sorted()
                .forEach(this::takeOff);
        plan.waysIn().stream()
                .filter(gate -> gate.leaf().isPresent())
                .flatMap(gate -> gate.lifetime().from().stream())
                .distinct()
                .sorted()
                .forEach(this::gates);
    }

    private FenceStudy study(int season) {
        return FenceStudy.of(plan, season, plan.standing(season), takeoff.memo());
    }

    private void takeOff(int season) {
        study(season)
                .fences()
                .forEach(told -> FenceKinds.fences(plan, season).stream()
                        .filter(fence -> fence.id().equals(told.fence())
                                && fence.lifetime().beginsIn(season))
                        .forEach(fence -> fence(season, fence, told)));
    }

    private void fence(int season, Fence fence, FenceTold told) {
        Served served = Served.place(fence.id());
        takeoff.lasting(
                served,
                "Posts",
                fence.lifetime(),
                Lasts.about(fence.posts().years()),
                in -> posts(in, fence, told, served));
        takeoff.lasting(
                served,
                fence.kind().label(),
                fence.lifetime(),
                Lasts.about(fence.kind().years()),
                in -> {
                    mesh(in, fence, told, served);
                    boards(in, told.pieces(), served);
                    strings(in, fence, told, served);
                });
        braces(season, fence, told, served);
    }

    /** Those that are made in a season, with what is hung on the ones that come without their fence. */
    private void gates(int season) {
        FenceStudy study = study(season);
        study.gates().stream()
                .filter(told -> told.made().isPresent())
                .forEach(told -> plan.waysIn().stream()
                        .filter(gate ->
                                gate.id().equals(told.gate()) && gate.lifetime().beginsIn(season))
                        .forEach(gate -> gate(study, gate, told)));
    }

    private void gate(FenceStudy study, WayIn gate, GateTold told) {
        Optional<Fence> fence = plan.list(FenceKinds.FENCES).stream()
                .filter(each -> told.fence().filter(each.id()::equals).isPresent())
                .findFirst();
        GateMaker maker = GateMaker.of(gate, fence, plan.units()).orElseThrow();
        Served served = Served.place(gate.id());
        boolean alone = fence.filter(maker::comesWith).isEmpty();
        takeoff.lasting(served, "Leaf", gate.lifetime(), Lasts.about(GateMaker.YEARS), in -> {
            boards(in, maker.pieces(), served);
            maker.fittings().forEach((item, count) -> pieces(in, item, count, 1, served));
            length(in, FencePrices::cable, maker.cable(), served);
            takeoff.work(in, FenceRates.LEAF, maker.leaves(), served);
            if (alone || !gate.lifetime().beginsIn(in)) {
                study.hung(maker)
                        .forEach(tier -> pieces(
                                in,
                                FencePrices.mesh(maker.infill(), tier.height(), plan.units()),
                                tier.rolls().rolls(),
                                1,
                                served));
            }
        });
    }

    private void boards(int season, List<FencePiece> pieces, Served served) {
        pieces.forEach(piece -> Sawn.takeOff(takeoff, season, BillPart.FENCE, piece.kind(), piece.pieces(), served));
        takeoff.work(
                season,
                FenceRates.BOARD,
                pieces.stream().mapToInt(FencePiece::count).sum(),
                served);
    }

    private void posts(int season, Fence fence, FenceTold told, Served served) {
        if (told.posts().isEmpty()) {
            return;
        }
        told.posts()
                .forEach(post -> pieces(
                        season,
                        FencePrices.post(fence.posts(), post.role().strong(), post.bought(), plan.units()),
                        1,
                        1,
                        served));
        set(takeoff, season, Use.FENCE, fence.posts(), told.posts().size(), told.fill(), served);
    }

    /**
     * Sets posts that are bought.
     *
     * @param fill of all their holes
     */
    static void set(Takeoff takeoff, int season, Use use, PostKind kind, int posts, Volume fill, Served served) {
        Units units = takeoff.plan().units();
        takeoff.work(season, FenceRates.setting(kind), posts, served);
        if (kind == PostKind.WOOD_IN_CONCRETE) {
            takeoff.pieces(season, use.part(), FencePrices.mix(units), PostDepth.bags(fill, units), 1, served);
        } else if (kind == PostKind.WOOD_IN_GRAVEL) {
            takeoff.loose(season, use, BulkGood.BASE, Volume.litres(fill.litres() * RAMMED), served);
        }
    }

    private void mesh(int season, Fence fence, FenceTold told, Served served) {
        List<FenceTold.Tier> tiers = told.mesh();
        // The foot may be of the same netting in rolls of another length.
        int hung = tiers.size() - footTiers(fence);
        for (int i = 0; i < tiers.size(); i++) {
            FenceTold.Tier tier = tiers.get(i);
            PriceItem item = i < hung
                    ? FencePrices.mesh(fence.kind(), tier.height(), plan.units())
                    : FencePrices.foot(fence.foot().mesh().orElseThrow(), tier.height(), plan.units());
            pieces(season, item, tier.rolls().rolls(), 1, served);
        }
        if (tiers.isEmpty()) {
            return;
        }
        double metres = told.length().metres();
        takeoff.work(season, FenceRates.MESH, metres, served);
        double held = posts(fence, told) * (1 + Math.ceil(fence.height().metres() / BETWEEN_STAPLES.metres()));
        boolean steel = fence.posts() == PostKind.DRIVEN_STEEL;
        pieces(
                season,
                steel ? FencePrices.TIES : FencePrices.STAPLES,
                held,
                steel ? FencePrices.TIES_A_BAG : FencePrices.STAPLES_A_BOX,
                served);
        switch (fence.foot().way()) {
            case BURIED -> takeoff.work(season, FenceRates.BURYING, metres, served);
            case APRON -> {
                pieces(season, FencePrices.PEG, Math.ceil(metres / BETWEEN_PEGS.metres()), 1, served);
                takeoff.work(season, FenceRates.APRON, metres, served);
            }
            case BED -> takeoff.work(season, FenceRates.IN_BED, metres, served);
            case OPEN -> {}
        }
    }

    /** That mesh is held to; of what stands there already as many as its spans take. */
    private static double posts(Fence fence, FenceTold told) {
        return fence.posts() == PostKind.EXISTING
                ? 1 + Math.ceil(told.length().metres() / fence.kind().span().metres())
                : told.posts().size();
    }

    private int footTiers(Fence fence) {
        return fence.foot()
                .mesh()
                .map(mesh -> FenceRolls.tiers(
                                mesh.rollHeights(plan.units()), fence.foot().width())
                        .size())
                .orElse(0);
    }

    /** A rail from the top of the brace to its post, and a cable from its foot back, both ways of the panel. */
    private void braces(int season, Fence fence, FenceTold told, Served served) {
        double high = fence.height().metres();
        for (Length rail : told.braces()) {
            length(season, FencePrices::rail, rail.metres(), served);
            length(season, FencePrices::cable, 2 * Math.hypot(rail.metres(), high) + SPARE.metres(), served);
        }
        pieces(season, FencePrices.TENSIONER, told.braces().size(), 1, served);
        takeoff.work(season, FenceRates.BRACE, told.braces().size(), served);
    }

    private void strings(int season, Fence fence, FenceTold told, Served served) {
        int strings = fence.kind().strings(fence.height());
        if (strings > 0) {
            length(season, FencePrices::string, told.length().metres() * strings, served);
            takeoff.work(season, FenceRates.STRING, told.length().metres() * strings, served);
        }
    }

    private void pieces(int season, PriceItem item, double count, int toThePack, Served served) {
        takeoff.pieces(season, BillPart.FENCE, item, count, toThePack, served);
    }

    private void length(int season, Function<Units, PriceItem> item, double metres, Served served) {
        takeoff.length(season, BillPart.FENCE, item, Length.metres(metres), served);
    }
}
