package fairacre.appraisal;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.barrel;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.compost;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.manifold;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.sprinklers;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.walk;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.arch.ArchRule;
import fairacre.bed.BedRule;
import fairacre.bill.BillPart;
import fairacre.bill.Budget;
import fairacre.bill.MoneyText;
import fairacre.bill.Share;
import fairacre.bill.Stage;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.catalogue.SeedOnHand;
import fairacre.compost.CompostRule;
import fairacre.cost.CostStudy;
import fairacre.cost.DeliveryRule;
import fairacre.cost.Purse;
import fairacre.cover.CoverKind;
import fairacre.cover.CoverRule;
import fairacre.crew.CrewKinds;
import fairacre.crop.BedPart;
import fairacre.crop.CropRule;
import fairacre.crop.Planting;
import fairacre.fence.Fence;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKind;
import fairacre.fence.FenceRule;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.fence.PostKind;
import fairacre.fill.FillRule;
import fairacre.fill.Recipe;
import fairacre.frame.FrameRule;
import fairacre.furniture.Furniture;
import fairacre.furniture.FurnitureKind;
import fairacre.furniture.FurnitureRule;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Supply;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopRule;
import fairacre.hoop.HoopSet;
import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryRule;
import fairacre.judging.JudgingRule;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.SetAside;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.ledger.Paid;
import fairacre.ledger.PurseRule;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.over.Fabric;
import fairacre.over.OverRule;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.GroundChange;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange.PutSupply;
import fairacre.plan.Put;
import fairacre.plan.Ref;
import fairacre.plan.Remove;
import fairacre.plan.Site;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.reach.ReachRule;
import fairacre.schedule.ScheduleRule;
import fairacre.sheet.SheetGood;
import fairacre.sun.SunRule;
import fairacre.surface.BuildUps;
import fairacre.surface.SurfaceRule;
import fairacre.testing.Gardens;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisRule;
import fairacre.tunnel.TunnelRule;
import fairacre.walk.WalkRule;
import fairacre.water.Gear;
import fairacre.water.Tap;
import fairacre.water.WaterRule;
import fairacre.wheels.WheelRule;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class AppraisalTest {

    private static final List<Gardener> ADA = List.of(gardener("Ada", 0.6, 0.6));

    /** A plan for every rule, with a flaw that breaks it. */
    private static Map<Rule, Plan> flawed() {
        return Flawed.PLANS;
    }

    /** Drawn up and judged once: that takes longer than most tests. */
    private static final class Flawed {
        static final Map<Rule, Plan> PLANS = Map.copyOf(drawnUp());
        static final Map<Rule, List<Snag>> JUDGED = new HashMap<>();
    }

    private static Map<Rule, Plan> drawnUp() {
        Map<Rule, Plan> plans = new HashMap<>();
        plans.put(BedRule.BED_OVERLAP, plot(10, 10, ADA, bed("Beans", 5, 5, 2, 1), bed("Kale", 5.5, 5.5, 2, 1)));
        plans.put(BedRule.BED_OFF_PLOT, plot(10, 10, ADA, bed("Beans", 9.8, 5, 2, 1)));
        plans.put(ReachRule.REACH_NOBODY, plot(10, 10, ADA, bed("Beans", 5, 5, 3, 1.6)));
        plans.put(
                ReachRule.REACH_GARDENER,
                plot(
                        10,
                        10,
                        List.of(gardener("Long", 0.8, 0.6), gardener("Short", 0.5, 0.6)),
                        bed("Beans", 5, 5, 3, 1.4)));
        plans.put(WalkRule.WALK_TOO_NARROW, plot(10, 10, ADA, bed("Beans", 5, 4, 3, 1), bed("Kale", 5, 5.4, 3, 1)));
        plans.put(WalkRule.EDGE_STRIP, plot(10, 10, ADA, bed("Beans", 5, 0.9, 3, 1.2)));
        plans.put(
                FrameRule.SIDE_SPLICED,
                plot(10, 10, ADA, bed("Beans", 5, 5, 6, 1, 0, Optional.of(cedar(Board.B2X6, 1)))));
        plans.put(
                PurseRule.BUDGET_EXCEEDED,
                plot(10, 10, ADA, bed("Beans", 5, 5, 3, 1, 0, Optional.of(cedar(Board.B2X10, 3))))
                        .apply(new Change.SetBudget(new Budget(Money.of(EUR, 20), BigDecimal.TEN)))
                        .orThrow());
        plans.put(
                PurseRule.SHARE_EXCEEDED,
                with(
                        plot(10, 10, ADA, bed("Beans", 5, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1)))),
                        new Change.SetBudget(new Budget(Money.of(EUR, 1000), BigDecimal.TEN)
                                .withShare(Share.of(BillPart.FRAMES, Money.of(EUR, 5))))));
        plans.put(
                PurseRule.PRICE_MISSING,
                plot(10, 10, ADA, bed("Beans", 5, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))))
                        .apply(new Change.ClearPrice(GoodsPrices.SOIL_BAG_LITRES))
                        .orThrow()
                        .apply(new Change.ClearPrice(GoodsPrices.SOIL_DELIVERY))
                        .orThrow());
        Plan beans = plot(10, 10, ADA, bed("Beans", 5, 5, 2, 1));
        plans.put(
                BedRule.BED_ON_FEATURE,
                with(beans, Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 5.5, 4, 7.5, 4, 7.5, 6, 5.5, 6))));
        plans.put(
                BedRule.BED_IN_KEEP_OFF,
                with(beans, Put.of(feature("Septic field", FeatureKind.KEEP_OFF, 0, 1, 6.5, 4, 9, 4, 9, 6, 6.5, 6))));
        plans.put(
                BedRule.BED_OVER_LINE,
                with(beans, Put.of(feature("Cable", FeatureKind.BURIED_LINE, 0, 0.5, 0, 4.2, 10, 4.2))));
        plans.put(BedRule.BED_UNDER_TREE, with(beans, Put.of(feature("Plum", FeatureKind.TREE, 0.2, 2, 5, 6.8))));
        plans.put(
                WalkRule.CARRIER_SHUT_OUT,
                with(beans, Put.of(gate("Gate", 5, 0, 1)), Put.of(carrier("Barrow", 1.1, true, 0))));
        plans.put(WalkRule.WAY_IN_TOO_NARROW, with(plot(10, 10, ADA), Put.of(gate("Gate", 5, 0, 0.5))));
        plans.put(
                WalkRule.WAY_IN_BLOCKED,
                with(plot(10, 10, ADA, bed("Beans", 5, 0.5, 1.5, 1)), Put.of(gate("Gate", 5, 0, 1))));
        GroundChange slope = new GroundChange.SetLevels(
                List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 1), height(10, 10, 1)));
        plans.put(BedRule.BED_ON_SLOPE, with(plot(10, 10, ADA, bed("Beans", 5, 5, 1, 3)), slope));
        plans.put(
                SurfaceRule.NO_DRAIN_BEHIND_WALL,
                with(
                        plot(10, 10, ADA),
                        slope,
                        Put.of(feature("Bank wall", FeatureKind.RETAINING_WALL, 0.3, 0, 1, 5, 9, 5))));
        plans.put(
                WheelRule.WALK_TOO_STEEP,
                with(
                        plot(10, 10, List.of(seated("Ines", 0.5, 0.92))),
                        slope,
                        Put.of(new Walk(
                                Gardens.id("Way"), "Way", WalkGrade.MAIN, Surfacing.PAVERS, Site.rectangle(2, 10)))));
        plans.put(
                WheelRule.WALK_STEP,
                with(
                        plot(10, 10, List.of(seated("Ines", 0.5, 0.92))),
                        Put.of(new Walk(
                                Gardens.id("Way"),
                                "Way",
                                WalkGrade.MAIN,
                                Surfacing.PAVERS,
                                Site.rectangle(2, 5),
                                new WalkBuild(BuildUps.usual(Surfacing.PAVERS), false, false)))));
        plans.put(
                WheelRule.GROUND_TOO_STEEP,
                with(
                        plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                        slope,
                        Put.of(gate("Gate", 5, 0, 1))));
        plans.put(
                WheelRule.BARE_GROUND,
                with(
                        plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                        Put.of(gate("Gate", 5, 0, 1))));
        plans.put(
                WalkRule.SURFACE_UNFIT,
                with(
                        plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                        Put.of(new Walk(
                                Gardens.id("Way"),
                                "Way",
                                WalkGrade.MAIN,
                                Surfacing.WOOD_CHIP,
                                Site.rectangle(10, 2)))));
        Plan low = plot(10, 10, ADA, bed("Beans", 5, 3, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))));
        plans.put(
                SurfaceRule.WALK_RAISES_GROUND,
                with(
                        low,
                        Put.of(new Walk(
                                Gardens.id("Way"),
                                "Way",
                                WalkGrade.MAIN,
                                Surfacing.LOOSE_GRAVEL,
                                Site.rectangle(10, 2.5),
                                new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), false, false)))));
        plans.put(
                FillRule.WOOD_IN_SHALLOW_BED,
                Gardens.rebuilt(low, "Beans", r -> r.withBuild(r.build().withFilling(Recipe.WOOD_BELOW.filling()))));
        Plan deep = plot(10, 10, ADA, bed("Beans", 5, 5, 5, 1.2, 0, Optional.of(cedar(Board.M47X200, 2))));
        plans.put(
                CompostRule.COMPOST_FAR,
                with(
                        plot(12, 6, ADA, bed("Beans", 2, 3, 2, 1)),
                        Put.of(compost("Heaps", 10, 3, 0).wanted(Length.metres(4)))));
        plans.put(
                CompostRule.COMPOST_NO_ROOM,
                with(plot(12, 6, ADA, bed("Beans", 8, 3.8, 2, 1)), Put.of(compost("Heaps", 8, 5.2, 0))));
        flawedWater(plans);
        flawedFence(plans);
        flawedWork(plans);
        plans.put(DeliveryRule.LOAD_STOPS_AT_GATE, with(deep, Put.of(gate("Gate", 5, 0, 1))));
        plans.put(DeliveryRule.ALL_IN_BAGS, with(deep, new PutSupply(new Supply(false, false, 0, List.of()))));
        plans.put(
                SurfaceRule.FABRIC_UNDER_STONE,
                with(
                        plot(10, 10, ADA),
                        Put.of(new Walk(
                                Gardens.id("Way"),
                                "Way",
                                WalkGrade.MAIN,
                                Surfacing.LOOSE_GRAVEL,
                                Site.rectangle(10, 2),
                                new WalkBuild(
                                        List.of(
                                                new Layer(LayerKind.FABRIC, Length.ZERO),
                                                new Layer(LayerKind.STONE, Length.inches(2))),
                                        false,
                                        false)))));
        plans.put(
                WalkRule.NO_TURNING,
                with(
                        plot(3.9, 2.8, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 1.95, 1.4, 2, 0.5)),
                        Put.of(gate("Gate", 2, 0, 1))));
        Plan inesBeans = plot(
                10,
                10,
                List.of(seated("Ines", 0.5, 0.92)),
                bed("Beans", 5, 5, 1, 0.9, 0, Optional.of(cedar(Board.B2X10, 2))));
        plans.put(
                ReachRule.HEIGHT_UNFIT,
                Gardens.rebuilt(inesBeans, "Beans", r -> r.withFrame(Optional.of(cedar(Board.B2X10, 1)))));
        plans.put(
                ReachRule.NO_KNEE_ROOM,
                Gardens.rebuilt(
                        inesBeans,
                        "Beans",
                        r -> new BedRevision(
                                SEASON,
                                r.outline(),
                                r.shape(),
                                Optional.of(cedar(Board.B2X10, 1)),
                                false,
                                new Build(
                                        Optional.empty(),
                                        Optional.empty(),
                                        Length.inches(20),
                                        Length.ZERO,
                                        Length.ZERO))));
        plans.put(
                ReachRule.FITTING_UNFIT,
                with(
                        inesBeans,
                        Put.of(Feature.of(
                                        Gardens.id("Tap"),
                                        "Tap",
                                        FeatureKind.TAP,
                                        List.of(Point.metres(1, 1)),
                                        Length.ZERO,
                                        Length.ZERO)
                                .withHeight(Length.metres(0.2)))));
        plans.put(
                WalkRule.THING_SHUT_OUT,
                with(
                        beans,
                        Put.of(feature("Wall", FeatureKind.WALL, 0.2, 0, 0, 8, 10, 8)),
                        Put.of(gate("Gate", 5, 0, 1)),
                        Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 3, 9))));
        plans.put(
                WalkRule.AISLE_TOO_NARROW,
                plot(10, 10, ADA, Gardens.shaped("Comb", Gardens.rectangle(5, 5, 4, 2, 0), Gardens.comb(3, 0.5, 1.1))));
        plans.put(
                WalkRule.DEAD_END,
                with(
                        plot(
                                10,
                                10,
                                List.of(seated("Ines", 0.5, 0.92)),
                                bed("Beans", 3, 7, 1, 4, 0, Optional.of(cedar(Board.B2X10, 2))),
                                bed("Kale", 4.92, 7, 1, 4, 0, Optional.of(cedar(Board.B2X10, 2))),
                                bed("Across", 4, 9.5, 3, 0.9, 0, Optional.of(cedar(Board.B2X10, 2)))),
                        Put.of(gate("Gate", 5, 0, 1))));
        plans.put(
                WalkRule.NO_PASSING,
                with(
                        plot(
                                70,
                                3.4,
                                List.of(seated("Ines", 0.5, 0.92)),
                                bed("Long", 35, 1.7, 66, 0.5, 0, Optional.of(cedar(Board.B2X10, 2)))),
                        Put.of(gate("Gate", 0, 1, 1))));
        plans.put(ReachRule.NO_GARDENER, plot(10, 10, List.of(), bed("Beans", 5, 5, 2, 1)));
        return plans;
    }

    /** One bed, or two, that a tap waters through one run. */
    private static void flawedWork(Map<Rule, Plan> plans) {
        Plan byTwo = with(
                plot(20, 20, ADA, bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
                Put.of(Gardens.fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)),
                Put.of(Gardens.workFrom("2027-03-06")),
                Put.of(Gardens.weekends("Ada", 6)),
                Put.of(Gardens.weekends("Bo", 6)));
        plans.put(ScheduleRule.WORK_UNDONE, with(byTwo, new Remove<>(CrewKinds.WORKERS, Gardens.id("Bo"))));
        plans.put(
                ScheduleRule.WORK_PAST_END,
                with(byTwo, Put.of(Gardens.workFrom("2027-03-06").ending(LocalDate.of(2027, 3, 7)))));
        plans.put(
                ScheduleRule.WORK_TOO_LATE,
                with(
                        byTwo,
                        Put.of(Gardens.planting("Tomatoes", "tomato", "Beans", "2027-05-22", "2027-10-01")),
                        Put.of(Gardens.delivery("Plants", SEASON, "2027-06-05", Stage.PLANTING))));
        String mesh = WorkStudy.of(CostStudy.of(byTwo), SEASON, Pace.of(List.of())).tasks().stream()
                .map(PlannedTask::key)
                .filter(key -> key.contains("fence/mesh"))
                .findFirst()
                .orElseThrow();
        plans.put(ScheduleRule.SETTLED_TOO_EARLY, with(byTwo, Put.of(Gardens.kept(mesh, "2027-03-06"))));
        plans.put(
                ScheduleRule.NO_REST_IN_HEAT,
                with(
                        byTwo,
                        Put.of(Gardens.ownTask("Pond", SEASON, Stage.DIGGING, 20)),
                        Put.of(Gardens.climate(22, 0))));
        plans.put(
                ScheduleRule.HIRE_IDLE,
                with(
                        byTwo,
                        Put.of(Gardens.hire(
                                "Auger", 60, Optional.empty(), List.of("2027-03-06", "2027-07-03"), Stage.POSTS))));
    }

    private static void flawedFence(Map<Rule, Plan> plans) {
        Plan bare = plot(20, 20, ADA, bed("Beans", 10, 10, 2, 1));
        Change gate = Put.of(gate("Gate", 10, 5, 1).in(Gardens.id("Ring")));
        Change deer = Put.of(Gardens.pest("Deer", PestKind.DEER, Pest.Pressing.HIGH));
        Change rabbits = Put.of(Gardens.pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW));
        plans.put(FenceRule.PEST_GETS_IN, with(bare, deer));
        plans.put(FenceRule.FENCE_TOO_LOW, with(bare, deer, fenced(FenceKind.WOVEN_WIRE, 1.8), gate));
        plans.put(FenceRule.FENCE_MESH_WIDE, with(bare, rabbits, fenced(FenceKind.WOVEN_WIRE, 1.8), gate));
        plans.put(FenceRule.FENCE_FOOT_OPEN, with(bare, rabbits, fenced(FenceKind.RABBIT_NETTING, 1.2), gate));
        plans.put(
                FenceRule.FENCE_CLIMBED,
                with(
                        bare,
                        Put.of(Gardens.pest("Goats", PestKind.GOATS, Pest.Pressing.LOW)),
                        fenced(FenceKind.FIELD_FENCE, 1.3),
                        gate));
        plans.put(FenceRule.FENCE_ONLY_STRING, with(bare, rabbits, fenced(FenceKind.STRINGS, 1.4), gate));
        plans.put(
                FenceRule.FENCE_GAP,
                with(
                        bare,
                        deer,
                        fenced(FenceKind.WOVEN_WIRE, 2.5),
                        Put.of(gate("Gate", 10, 5, 1).withSwing(Swing.OPEN).in(Gardens.id("Ring")))));
        plans.put(
                FenceRule.FENCE_NOT_KNOWN,
                with(
                        bare,
                        rabbits,
                        Put.of(feature("Old", FeatureKind.FENCE, 0.05, 0, 0, 0, 20, 0, 20, 20, 0, 20, 0, 0)),
                        Put.of(gate("Gate", 10, 0, 1))));
        WayIn leafed = gate("Gate", 10, 5, 1).in(Gardens.id("Ring")).hung(Gardens.leaf(1.05, 0.05));
        Change mesh = fenced(FenceKind.WELDED_MESH, 1.2);
        plans.put(
                FenceRule.GATE_HITS,
                with(plot(20, 20, ADA, bed("Beans", 10, 10, 2, 1), bed("Kale", 10, 6.2, 2, 1)), mesh, Put.of(leafed)));
        plans.put(
                FenceRule.GATE_UPHILL,
                with(
                        bare,
                        mesh,
                        Put.of(leafed),
                        new GroundChange.SetLevels(List.of(height(10, 5, 0), height(10, 15, 2), height(0, 5, 0)))));
        Change ines = Put.of(seated("Ines", 0.5, 0.92));
        plans.put(FenceRule.GATE_LATCH, with(bare, ines, mesh, Put.of(leafed.hung(Gardens.leaf(1.5, 0.05)))));
        plans.put(
                FenceRule.GATE_NO_ROOM,
                with(
                        plot(20, 20, ADA, bed("Beans", 10, 10, 2, 1), bed("Kale", 10, 6.9, 2, 1)),
                        ines,
                        mesh,
                        Put.of(leafed)));
        plans.put(
                FenceRule.GATE_NARROWER_THAN_WALK, with(bare, mesh, Put.of(leafed), Put.of(walk("Path", 9, 5, 2, 4))));
        plans.put(
                FenceRule.GATE_POST_WEAK,
                with(
                        bare,
                        ring(FenceKind.BOARDS, 1.8, PostKind.DRIVEN_STEEL),
                        Put.of(gate("Gate", 10, 5, 2.3)
                                .in(Gardens.id("Ring"))
                                .hung(Gardens.leaf(1.05, 0.05).high(Length.metres(1.8))))));
        plans.put(
                SunRule.TRELLIS_SHADES,
                with(
                        bare,
                        Put.of(feature("Trellis", FeatureKind.TRELLIS, 0.05, 0, 9, 9.4, 11, 9.4)
                                .withHeight(Length.metres(2)))));
        plans.put(SunRule.TALL_THING_SHADES, with(bare, Put.of(compost("Heaps", 10, 8.8, 0))));
        plans.put(
                HoopRule.HOOPS_DONT_FIT,
                with(bare, Put.of(tunnel(Optional.empty(), Optional.of(1.5), HoopPipe.PE_20, Fabric.FLEECE))));
        plans.put(
                HoopRule.HOOP_TOO_TIGHT,
                with(bare, Put.of(tunnel(Optional.of(0.8), Optional.empty(), HoopPipe.PE_25, Fabric.FLEECE))));
        Plan netted =
                with(bare, Put.of(tunnel(Optional.of(0.4), Optional.empty(), HoopPipe.PE_20, Fabric.BUTTERFLY_NET)));
        plans.put(OverRule.NET_CATCHES, netted);
        plans.put(
                OverRule.NET_TOO_WIDE,
                with(netted, Put.of(Gardens.pest("Flea beetles", PestKind.FLEA_BEETLE, Pest.Pressing.LOW))));
        plans.put(
                HoopRule.HOOPS_TWICE,
                with(
                        bare,
                        Put.of(Gardens.hoops("Tunnel", 0.3, "Beans")),
                        Put.of(Gardens.hoops("Second tunnel", 0.3, "Beans"))));
        plans.put(
                CoverRule.COVER_DOESNT_FIT,
                with(bare, Put.of(Gardens.cover("Lights", CoverKind.CLOCHE, 3, 1.2, 3, "Beans"))));
        Plan small = plot(20, 20, ADA, bed("Beans", 10, 10, 2, 0.9));
        plans.put(
                CoverRule.COVER_TWICE,
                with(
                        small,
                        Put.of(Gardens.cover("Lights", CoverKind.CLOCHE, 2, 0.9, 2, "Beans")),
                        Put.of(Gardens.cover("Cage", CoverKind.CLOCHE, 2, 0.9, 2, "Beans"))));
        plans.put(
                CoverRule.COVER_NO_SHEET,
                with(small, Put.of(Gardens.cover("Lights", CoverKind.CLOCHE, 2, 0.9, 1, "Beans"))));
        plans.put(
                CoverRule.COVER_HEAVY,
                with(
                        small,
                        Put.of(Gardens.cover("Lights", CoverKind.COLD_FRAME, 2, 0.9, 1, "Beans")
                                .of(SheetGood.PLYWOOD_18, SheetGood.ACRYLIC_3))));
        plans.put(
                CoverRule.COVER_TURNED_AWAY,
                with(
                        plot(20, 20, ADA, bed("Beans", 10, 10, 0.9, 2), bed("Kale", 14, 10, 2, 0.9)),
                        Put.of(Gardens.cover("Lights", CoverKind.COLD_FRAME, 2, 0.9, 2, "Beans"))));
        plans.put(
                FurnitureRule.STAND_SINKS,
                with(bare, Put.of(Gardens.furniture("Stand", FurnitureKind.BARREL_STAND, 15, 15, 0.7, 0.7))));
        plans.put(
                FurnitureRule.PIECE_TOO_LARGE,
                with(
                        bare,
                        Put.of(Gardens.ofSheets(
                                "Roof",
                                15,
                                15,
                                new Furniture.SheetRow(
                                        SheetGood.PLYWOOD_18, Length.metres(3), Length.metres(1.3), 1)))));
        Plan rows = plot(20, 20, ADA, bed("Beans", 10, 11.1, 6, 1.2), bed("Kale", 10, 8.9, 6, 1.2));
        Plan slimRows = plot(20, 20, ADA, bed("Beans", 10, 10.8, 6, 0.6), bed("Kale", 10, 9.2, 6, 0.6));
        plans.put(TunnelRule.TUNNEL_LOW, with(rows, Put.of(Gardens.tunnel("Tunnel", 10, 10, 6, 3.4, 1.8, 2))));
        plans.put(TunnelRule.TUNNEL_AIRLESS, with(rows, Put.of(Gardens.tunnel("Tunnel", 10, 10, 6, 3.4, 2.1, 1))));
        plans.put(TunnelRule.TUNNEL_BENT, with(slimRows, Put.of(Gardens.tunnel("Tunnel", 10, 10, 6, 2.2))));
        plans.put(TunnelRule.TUNNEL_CUTS_BED, with(rows, Put.of(Gardens.tunnel("Tunnel", 10, 10, 5, 3.4))));
        plans.put(TunnelRule.TUNNEL_BLOCKED, with(rows, Put.of(Gardens.tunnel("Tunnel", 10, 18.5, 6, 3.4))));
        Plan opposite = plot(20, 20, ADA, bed("Beans", 8, 10, 2, 3), bed("Kale", 12, 10, 2, 3));
        plans.put(ArchRule.ARCH_OFF_SOIL, with(nearby(), Put.of(Gardens.arch("Arch", 8.9, 14, 10.1, 14))));
        plans.put(ArchRule.ARCH_TOO_LOW, with(opposite, Put.of(Gardens.arch("Arch", 8.9, 10, 11.1, 10))));
        plans.put(
                ArchRule.ARCH_BLOCKED,
                with(
                        plot(20, 20, ADA, bed("Beans", 8.3, 10, 2, 3), bed("Kale", 11.7, 10, 2, 3)),
                        Put.of(Gardens.arch("Arch", 9.25, 10, 10.75, 10)),
                        Put.of(feature("Wall", FeatureKind.WALL, 0.1, 0, 9.6, 9, 9.6, 11)
                                .withHeight(Length.metres(3)))));
        plans.put(ArchRule.ARCH_TOO_SHORT, with(opposite, Put.of(Gardens.arch("Arch", 7.05, 10, 12.95, 10))));
        Planting carrots = Gardens.planting("Carrots", "carrot", "Beans", "2027-04-01", "2027-08-01");
        plans.put(
                CropRule.CROP_NOWHERE,
                with(bare, Put.of(Gardens.planting("Carrots", "carrot", "Nowhere", "2027-04-01", "2027-08-01"))));
        plans.put(
                CropRule.CROP_TWICE,
                with(
                        bare,
                        Put.of(carrots),
                        Put.of(Gardens.planting("Leeks", "leek", "Beans", "2027-07-01", "2027-12-01"))));
        plans.put(
                CropRule.CROP_EARLY,
                with(bare, Put.of(Gardens.planting("Tomatoes", "tomato", "Beans", "2027-04-20", "2027-09-01"))));
        plans.put(
                CropRule.CROP_COLD_SOIL,
                with(
                        bare,
                        Put.of(Gardens.climate("Weather", "Weather")),
                        Put.of(Gardens.planting("Roots", "carrot", "Beans", "2027-02-10", "2027-08-01"))));
        plans.put(CropRule.CROP_BARE, with(bare, Put.of(carrots)));
        Plan two = plot(20, 20, ADA, bed("Beans", 10, 10, 2, 1), bed("Kale", 10, 14, 2, 1), bed("Leek", 10, 6, 2, 1));
        Plan rotated = with(
                two,
                Put.of(Gardens.planting("Old carrots", "carrot", "Beans", "2026-04-20", "2026-10-10")),
                Put.of(Gardens.planting("Carrots", "carrot", "Beans", "2027-04-20", "2027-10-10")),
                Put.of(Gardens.planting("Chard", "chard", "Kale", "2027-04-28", "2027-10-10")));
        plans.put(
                CropRule.CROP_BED_GOES,
                with(
                        bare,
                        new Change.RetireBed(Gardens.id("Beans"), Optional.of(2030)),
                        Put.of(Gardens.planting("Berries", "strawberry", "Beans", "2027-04-10", "2031-04-10"))));
        plans.put(HusbandryRule.FAMILY_BACK, rotated);
        plans.put(
                HusbandryRule.TOO_FEW_BEDS,
                with(
                        bare,
                        Put.of(Gardens.planting("Old carrots", "carrot", "Beans", "2026-04-20", "2026-10-10")),
                        Put.of(Gardens.planting("Carrots", "carrot", "Beans", "2027-04-20", "2027-10-10"))));
        plans.put(
                HusbandryRule.ONIONS_BY_BEANS,
                with(
                        bare,
                        Put.of(half(true, Gardens.planting("Onions", "onion", "Beans", "2027-04-04", "2027-08-08"))),
                        Put.of(half(
                                false,
                                Gardens.planting("Peas", "shelling-pea", "Beans", "2027-04-04", "2027-07-08")))));
        plans.put(
                HusbandryRule.POTATOES_IN_COMPANY,
                with(
                        bare,
                        Put.of(half(true, Gardens.planting("Potatoes", "potato", "Beans", "2027-04-20", "2027-08-25"))),
                        Put.of(half(false, Gardens.planting("Chard", "chard", "Beans", "2027-04-28", "2027-10-10")))));
        plans.put(
                HusbandryRule.NO_SUPPORT,
                with(bare, Put.of(Gardens.planting("Climbers", "pole-bean", "Beans", "2027-05-20", "2027-10-10"))));
        plans.put(
                HusbandryRule.NET_MISSING,
                with(
                        bare,
                        Put.of(Gardens.pest("White", PestKind.CABBAGE_WHITE, Pest.Pressing.LOW)),
                        Put.of(Gardens.planting("Kale", "kale", "Beans", "2027-04-28", "2027-10-10"))));
        Plan between = with(
                plot(20, 20, ADA, bed("Beans", 10, 10, 4, 1), bed("Kale", 10, 11.2, 4, 1)),
                Put.of(raised(feature("House", FeatureKind.HOUSE, 0, 0, 2, 2, 7.5, 2, 7.5, 19, 2, 19), 6)),
                Put.of(Gardens.planting("Peppers", "sweet-pepper", "Kale", "2027-05-20", "2027-10-01")));
        plans.put(
                HusbandryRule.SUN_WANTED,
                with(
                        between,
                        Put.of(raised(feature("Shed", FeatureKind.SHED, 0, 0, 13, 2, 16, 2, 16, 19, 13, 19), 3))));
        plans.put(
                HusbandryRule.TALL_BEFORE_SHORT,
                with(
                        between,
                        Put.of(raised(feature("Shed", FeatureKind.SHED, 0, 0, 16, 2, 19, 2, 19, 19, 16, 19), 3)),
                        Put.of(Gardens.planting("Corn", "sweet-corn", "Beans", "2027-05-15", "2027-10-01"))));
        plans.put(
                CropRule.CROP_LATE,
                with(bare, Put.of(Gardens.planting("Beans", "bush-bean", "Beans", "2027-08-20", "2027-11-20"))));
        plans.put(
                CropRule.SEED_SHORT,
                with(
                        bare,
                        Put.of(Gardens.variety(
                                "Early Vale", "carrot", new SeedOnHand(30, SEASON, Optional.of(0.8), true))),
                        Put.of(Gardens.of(
                                Gardens.variety(
                                        "Early Vale", "carrot", new SeedOnHand(30, SEASON, Optional.of(0.8), true)),
                                carrots))));
        plans.put(CropRule.CROP_UNRIPE, with(bare, Put.of(carrots.cleared(LocalDate.of(2027, 5, 1)))));
        plans.put(
                CropRule.CROP_CROWDED,
                with(
                        bare,
                        Put.of(new Planting(
                                carrots.id(),
                                carrots.name(),
                                carrots.crop(),
                                Optional.empty(),
                                carrots.bed(),
                                carrots.part(),
                                carrots.layout(),
                                Optional.of(Length.metres(0.02)),
                                Optional.empty(),
                                carrots.raising(),
                                false,
                                carrots.from(),
                                carrots.until()))));
        plans.put(TrellisRule.TRELLIS_OFF_BED, with(bare, Put.of(Gardens.trellis("Trellis", 9, 13, 11, 13))));
        plans.put(
                TrellisRule.TRELLIS_POST_WEAK,
                with(bare, Put.of(Gardens.trellis("Trellis", TrellisKind.PANEL, 2.4, 9.1, 10.4, 10.9, 10.4))));
        plans.put(
                TrellisRule.TRELLIS_OVERLOADED,
                with(
                        bare,
                        Put.of(Gardens.trellis("Trellis", TrellisKind.NETTING, 2, 9.1, 10.4, 10.9, 10.4)),
                        Put.of(Gardens.planting("Tomatoes", "tomato", "Beans", "2027-05-15", "2027-10-01"))));
        plans.put(
                TrellisRule.TRELLIS_CANE_SHORT,
                with(bare, Put.of(Gardens.trellis("Trellis", TrellisKind.TEEPEE, 2.4, 9.5, 10, 10.5, 10))));
        plans.put(FenceRule.POSTS_ROT_FIRST, with(bare, ring(FenceKind.WELDED_MESH, 1.2, PostKind.UNTREATED_WOOD)));
        plans.put(
                FenceRule.FENCE_THROUGH,
                with(
                        bare,
                        fenced(FenceKind.WELDED_MESH, 1.2),
                        gate,
                        Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 13, 12, 18, 12, 18, 18, 13, 18))));
        plans.put(FenceRule.GATE_WITHOUT_FENCE, with(bare, gate));
        plans.put(
                FenceRule.GATE_WIDER_THAN_SIDE,
                with(
                        bare,
                        fenced(FenceKind.WELDED_MESH, 1.2),
                        gate,
                        Put.of(gate("Wide", 14.6, 15, 1).in(Gardens.id("Ring")))));
        plans.put(
                FenceRule.POST_BLOCKED,
                with(
                        bare,
                        fenced(FenceKind.WOVEN_WIRE, 1.8),
                        gate,
                        Put.of(feature("Cable", FeatureKind.BURIED_LINE, 0.02, 0.3, 15, 12, 15, 20))));
        plans.put(
                FenceRule.SPAN_TOO_LONG,
                with(
                        bare,
                        fenced(FenceKind.WELDED_MESH, 1.8),
                        gate,
                        Put.of(feature("Slab", FeatureKind.SLAB, 0, 0, 14, 8, 16, 8, 16, 11, 14, 11))));
    }

    /** Two beds whose soil is 1.2 m apart. */
    private static Plan nearby() {
        return plot(20, 20, ADA, bed("Beans", 8, 10, 2, 1.6), bed("Kale", 11.2, 10, 2, 1.6));
    }

    private static HoopSet tunnel(Optional<Double> rise, Optional<Double> length, HoopPipe pipe, Fabric cover) {
        return Gardens.hoops("Tunnel", pipe, rise.map(Length::metres), length.map(Length::metres), cover, "Beans");
    }

    private static Change ring(FenceKind kind, double height, PostKind posts) {
        Fence plain = Gardens.fence("Ring", kind, height, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5);
        return Put.of(new Fence(
                plain.id(),
                plain.name(),
                plain.places(),
                kind,
                plain.height(),
                FenceFoot.OPEN,
                posts,
                List.of(),
                Lifetime.ALWAYS));
    }

    /** In one half of its bed along its longer side. */
    private static Planting half(boolean first, Planting planting) {
        return planting.in(planting.bed(), new BedPart(first ? 0 : 0.5, first ? 0.5 : 1, 0, 1));
    }

    private static Feature raised(Feature thing, double height) {
        return ((Feature.AreaFeature) thing).withHeight(Length.metres(height));
    }

    private static Change fenced(FenceKind kind, double height) {
        return Put.of(Gardens.fence("Ring", kind, height, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5));
    }

    private static void flawedWater(Map<Rule, Plan> plans) {
        Plan dry = plot(10, 10, ADA, bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1));
        Change trunk = Put.of(run("Trunk", "Tap", 1, 3, 9, 3));
        Change beans = Put.of(dripline("Beans", "Trunk"));
        Change kale = Put.of(dripline("Kale", "Trunk"));
        Tap tap = tap("Tap", 1, 3, 20);
        plans.put(WaterRule.PIPE_UNFED, with(dry, Put.of(tap), Put.of(dripline("Beans", "Nothing"))));
        plans.put(WaterRule.LINES_NOWHERE, with(dry, Put.of(tap), trunk, Put.of(soaker("Beans", "Trunk", 0.55))));
        plans.put(WaterRule.BED_UNWATERED, with(dry, Put.of(tap), trunk, beans));
        plans.put(WaterRule.OUTLET_WEAK, with(dry, Put.of(barrel("Tap", 1, 3, 0.8)), trunk, beans, kale));
        plans.put(
                WaterRule.WATER_UNEVEN,
                with(
                        dry,
                        new GroundChange.SetLevels(List.of(height(3, 5, 0), height(7, 5, 1.5))),
                        Put.of(barrel("Tap", 1, 3, 4)),
                        trunk,
                        beans,
                        kale));
        plans.put(WaterRule.SOURCE_TOO_SMALL, with(dry, Put.of(tap("Tap", 1, 3, 2.2)), trunk, beans, kale));
        plans.put(
                WaterRule.WATER_TOO_FAST,
                with(
                        dry,
                        Put.of(tap("Tap", 1, 3, 25)),
                        trunk,
                        Put.of(soaker("Beans", "Trunk", 0.2)),
                        Put.of(soaker("Kale", "Trunk", 0.2))));
        Plan watered = with(dry, Put.of(tap), trunk, beans, kale);
        Change cocks = Put.of(manifold("Cocks", "Trunk", 5, 3.5));
        Change path = Put.of(walk("Path", 4, 2, 2, 6));
        plans.put(WaterRule.VALVE_IN_WALK, with(watered, path, cocks));
        plans.put(
                WaterRule.VALVE_OUT_OF_REACH,
                with(
                        watered,
                        Put.of(seated("Ines", 0.6, 0.92)),
                        Put.of(run("Branch", "Trunk", 5, 3, 5, 8).withValve(Length.metres(0.3)))));
        plans.put(
                WaterRule.MANIFOLD_FULL,
                with(
                        dry,
                        Put.of(tap),
                        trunk,
                        cocks,
                        Put.of(dripline("Beans", "Cocks")),
                        Put.of(dripline("Kale", "Cocks")),
                        Put.of(run("Branch", "Cocks", 5, 3.5, 5, 8))));
        plans.put(
                HusbandryRule.DISEASED_SOIL,
                with(
                        dry,
                        Put.of(Gardens.disease("Clubs", Disease.CLUBROOT, "Beans", "2024-09-01")),
                        Put.of(Gardens.planting("Cabbages", "cabbage", "Beans", "2027-04-25", "2027-09-01")),
                        Put.of(Gardens.planting("Chard", "chard", "Kale", "2027-04-28", "2027-10-10"))));
        plans.put(
                HusbandryRule.HILLED_ON_LINES,
                with(
                        dry,
                        Put.of(tap),
                        trunk,
                        beans,
                        Put.of(sprinklers("Kale", "Trunk", 2)),
                        Put.of(Gardens.planting("Potatoes", "potato", "Beans", "2027-04-25", "2027-09-01")),
                        Put.of(Gardens.planting("Chard", "chard", "Kale", "2027-04-28", "2027-10-10"))));
        plans.put(
                HusbandryRule.SPRAWLS,
                with(
                        plot(20, 20, ADA, bed("Beans", 10, 10, 4, 1.2), bed("Kale", 10, 12, 4, 1.2)),
                        Put.of(Gardens.planting("Squash", "winter-squash", "Beans", "2027-05-20", "2027-10-01"))));
        plans.put(
                HusbandryRule.WET_LEAVES,
                with(
                        dry,
                        Put.of(tap),
                        trunk,
                        kale,
                        Put.of(sprinklers("Beans", "Trunk", 2)),
                        Put.of(Gardens.planting("Squash", "zucchini", "Beans", "2027-05-25", "2027-10-01"))));
        plans.put(
                WaterRule.SPRINKLERS_WET,
                with(
                        dry,
                        Put.of(tap),
                        trunk,
                        kale,
                        Put.of(walk("Path", 2, 2, 2, 6)),
                        Put.of(sprinklers("Beans", "Trunk", 2))));
        plans.put(
                WaterRule.PIPE_THROUGH_BED,
                with(dry, Put.of(tap), Put.of(run("Trunk", "Tap", 1, 3, 3, 3, 3, 8)), beans));
        Change weather = Put.of(Gardens.drier(Gardens.climate("Weather", "Harbour"), 0.3));
        plans.put(WaterRule.WATERING_TOO_LONG, with(watered, Put.of(Gardens.window("Hours", 60, 65, 1, 4))));
        plans.put(WaterRule.WATERING_TOO_SELDOM, with(watered, weather, Put.of(Gardens.window("Hours", 60, 480, 1))));
        plans.put(WaterRule.PIPES_FREEZE, with(watered, weather));
        plans.put(
                WaterRule.CROPS_UNWATERED,
                with(
                        dry,
                        Put.of(Gardens.drier(Gardens.climate("Weather", "Harbour"), 0.5)),
                        Put.of(Gardens.planting("Tomatoes", "tomato", "Beans", "2027-05-15", "2027-10-01"))));
        plans.put(
                WaterRule.BARREL_DRY,
                with(
                        dry,
                        weather,
                        Put.of(Gardens.underRoof(barrel("Butt", 1, 3, 3), 12)),
                        Put.of(tap("Tap", 9, 3, 20)),
                        Put.of(run("Trunk", "Butt", 1, 3, 9, 3)),
                        beans,
                        kale));
        plans.put(
                WaterRule.TAP_WITHOUT_PREVENTER,
                with(
                        dry,
                        Put.of(tap.withGear(new Gear(
                                false, true, false, false, false, tap.gear().reducer(), Optional.empty()))),
                        trunk,
                        beans,
                        kale));
        plans.put(
                WaterRule.DRIP_WITHOUT_FILTER,
                with(
                        dry,
                        Put.of(tap.withGear(new Gear(
                                true, false, false, false, false, tap.gear().reducer(), Optional.empty()))),
                        trunk,
                        beans,
                        kale));
        plans.put(
                WaterRule.DRIP_WITHOUT_REDUCER,
                with(
                        dry,
                        Put.of(tap.withGear(
                                new Gear(true, true, false, false, false, Optional.empty(), Optional.empty()))),
                        trunk,
                        beans,
                        kale));
        plans.put(
                WaterRule.PIPE_IN_KEEP_OFF,
                with(
                        dry,
                        Put.of(feature("Well", FeatureKind.KEEP_OFF, 0, 0.5, 4, 2.5, 5, 2.5, 5, 3.2, 4, 3.2)),
                        Put.of(tap),
                        trunk,
                        beans,
                        kale));
        plans.put(
                WaterRule.PIPE_OVER_LINE,
                with(
                        dry,
                        Put.of(feature("Cable", FeatureKind.BURIED_LINE, 0, 0.3, 5, 2, 5, 3.4)),
                        Put.of(tap),
                        trunk,
                        beans,
                        kale));
    }

    @Test
    @DisplayName(
            "Worked by hand: 4.906 x 1.106 x 0.3746 m are 2.03 m3, so 2.5 m3 come in bulk: 30 barrows of 85 L at 5 minutes are 2.5 h")
    void whatComesLooseStopsAtANarrowGateUnlessItCameBefore() {
        Plan later = with(
                flawed().get(DeliveryRule.LOAD_STOPS_AT_GATE),
                new Change.RescheduleRevision(Gardens.id("Beans"), SEASON, SEASON + 1));
        assertThat(stopped(later, SEASON)).isEmpty();
        assertThat(stopped(later, SEASON + 1).orElseThrow().words())
                .contains("2.5 m³")
                .contains("Gate, is 1.00 m")
                .contains("30 barrows, about 2.5 h.");
        Plan fencedLater = with(
                later,
                Put.of(new WayIn(
                        Gardens.id("Gate"),
                        "Gate",
                        Point.metres(5, 0),
                        Length.metres(1),
                        Swing.INWARD,
                        Lifetime.from(SEASON + 1),
                        Length.ZERO)));
        assertThat(stopped(fencedLater, SEASON + 1).orElseThrow().words())
                .contains("until " + SEASON + " the way was still open");
        assertThat(stopped(with(later, Put.of(gate("Gate", 5, 0, 1.6))), SEASON + 1))
                .isEmpty();
    }

    private static Optional<Snag> stopped(Plan plan, int season) {
        return Appraisal.of(plan, season).report().snags().stream()
                .filter(snag -> snag.rule() == DeliveryRule.LOAD_STOPS_AT_GATE)
                .findFirst();
    }

    /** Those that a plan can break, of every capability. */
    static List<Rule> rules() {
        return Capabilities.rules().stream()
                .filter(rule -> rule != JudgingRule.NOT_JUDGED)
                .toList();
    }

    static List<Rule> rulesThatOneRemedyCures() {
        return rules().stream()
                .filter(rule -> rule != PurseRule.BUDGET_EXCEEDED && rule != BedRule.BED_ON_SLOPE)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void everyRuleHasWordsASourceAndAPlanThatBreaksIt(Rule rule) {
        assertThat(rule.text().rule()).endsWith(".");
        assertThat(rule.text().source()).isNotBlank();
        assertThat(rule.text().cause()).hasSizeBetween(8, 36).doesNotEndWith(".");
        assertThat(rule.step()).isNotNull();
        assertThat(snag(rule)).isPresent();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void everySnagHasARemedyThatTheModelTakes(Rule rule) {
        Plan plan = flawed().get(rule);
        assertThat(snag(rule).orElseThrow().remedies())
                .isNotEmpty()
                .allSatisfy(remedy ->
                        assertThat(plan.apply(remedy.change()).orThrow()).isNotEqualTo(plan));
    }

    /** Whatever is wrong, a gardener may live with it; it is counted no more, and nothing else is hidden with it. */
    @ParameterizedTest
    @MethodSource("rules")
    void aSnagOfAnyRuleCanBePutAside(Rule rule) {
        Plan plan = flawed().get(rule);
        Snag snag = snag(rule).orElseThrow();
        List<Snag> all = judged(rule);
        AppraisalReport after = Appraisal.of(
                        with(plan, Put.of(SetAside.of(Gardens.id("entry"), snag, "It is to stay"))), SEASON)
                .report();
        assertThat(after.aside()).extracting(aside -> aside.snag().rule()).containsOnly(rule);
        assertThat(after.snags()).hasSize(all.size() - after.aside().size()).doesNotContain(snag);
    }

    /** The thing that is at fault is named, so that it can be shown and picked up. */
    @ParameterizedTest
    @MethodSource("rules")
    void aSnagOfAThingPointsAtIt(Rule rule) {
        Map<Rule, String> kinds = new HashMap<>();
        List.of(BedRule.BED_ON_FEATURE, BedRule.BED_IN_KEEP_OFF, BedRule.BED_OVER_LINE, BedRule.BED_UNDER_TREE)
                .forEach(each -> kinds.put(each, "feature"));
        kinds.put(WalkRule.THING_SHUT_OUT, "feature");
        kinds.put(SunRule.TRELLIS_SHADES, "feature");
        kinds.put(SunRule.TALL_THING_SHADES, "compostBays");
        kinds.put(SurfaceRule.NO_DRAIN_BEHIND_WALL, "feature");
        List.of(WalkRule.WAY_IN_TOO_NARROW, WalkRule.WAY_IN_BLOCKED, DeliveryRule.LOAD_STOPS_AT_GATE)
                .forEach(each -> kinds.put(each, "wayIn"));
        List.of(
                        WalkRule.SURFACE_UNFIT,
                        WheelRule.WALK_TOO_STEEP,
                        SurfaceRule.WALK_RAISES_GROUND,
                        SurfaceRule.FABRIC_UNDER_STONE)
                .forEach(each -> kinds.put(each, "walk"));
        Stream.of(CompostRule.values()).forEach(each -> kinds.put(each, "compostBays"));
        Stream.of(ArchRule.values()).forEach(each -> kinds.put(each, "arch"));
        Stream.of(TrellisRule.values()).forEach(each -> kinds.put(each, "trellis"));
        Stream.of(HusbandryRule.values())
                .filter(each -> each != HusbandryRule.TOO_FEW_BEDS)
                .forEach(each -> kinds.put(each, "planting"));
        kinds.put(HusbandryRule.NET_MISSING, "pest");
        Stream.of(CropRule.values())
                .filter(each -> each != CropRule.CROP_BARE)
                .forEach(each -> kinds.put(each, "planting"));
        Stream.of(TunnelRule.values()).forEach(each -> kinds.put(each, "tunnel"));
        Stream.of(HoopRule.values()).forEach(each -> kinds.put(each, "hoopSet"));
        Stream.of(FurnitureRule.values()).forEach(each -> kinds.put(each, "furniture"));
        Stream.of(OverRule.values()).forEach(each -> kinds.put(each, "hoopSet"));
        Stream.of(CoverRule.values()).forEach(each -> kinds.put(each, "bedCover"));
        List.of(WaterRule.TAP_WITHOUT_PREVENTER, WaterRule.DRIP_WITHOUT_FILTER, WaterRule.DRIP_WITHOUT_REDUCER)
                .forEach(each -> kinds.put(each, "tap"));
        kinds.put(WaterRule.PIPE_UNFED, "dripline");
        kinds.put(WaterRule.LINES_NOWHERE, "soaker");
        List.of(WaterRule.WATER_TOO_FAST, WaterRule.PIPE_IN_KEEP_OFF, WaterRule.PIPE_OVER_LINE)
                .forEach(each -> kinds.put(each, "waterRun"));
        Plan plan = flawed().get(rule);
        List<Ref> things = snag(rule).orElseThrow().things();
        if (kinds.containsKey(rule)) {
            assertThat(things).extracting(Ref::kind).containsExactly(kinds.get(rule));
        }
        assertThat(things)
                .allSatisfy(thing -> assertThat(Ref.to(plan, thing.id())).isEqualTo(thing));
    }

    @ParameterizedTest
    @MethodSource("rulesThatOneRemedyCures")
    void theFirstRemedyPutsTheSnagRightAndMakesNothingWorse(Rule rule) {
        Plan plan = flawed().get(rule);
        Plan cured =
                plan.apply(snag(rule).orElseThrow().remedies().get(0).change()).orThrow();
        List<Snag> before = judged(rule);
        List<Snag> after = Appraisal.of(cured, SEASON).snags();
        assertThat(after).extracting(Snag::rule).doesNotContain(rule);
        assertThat(after)
                .extracting(Snag::weight)
                .filteredOn(w -> w == Weight.SERIOUS)
                .hasSizeLessThanOrEqualTo((int) before.stream()
                        .filter(s -> s.weight() == Weight.SERIOUS)
                        .count());
    }

    @Test
    void raisingTheBudgetAsProposedKeepsTheContingency() {
        Plan plan = flawed().get(PurseRule.BUDGET_EXCEEDED);
        List<Remedy> remedies = snag(PurseRule.BUDGET_EXCEEDED).orElseThrow().remedies();
        assertThat(remedies).hasSize(2);
        Plan cured = plan.apply(remedies.get(1).change()).orThrow();
        assertThat(Appraisal.of(cured, SEASON).snags())
                .extracting(Snag::rule)
                .doesNotContain(PurseRule.BUDGET_EXCEEDED);
        Plan lower = plan.apply(remedies.get(0).change()).orThrow();
        assertThat(Appraisal.of(lower, SEASON).purse().planned())
                .isLessThan(Appraisal.of(plan, SEASON).purse().planned());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1, 0, north",
        "0, -1, 0, south",
        "1, 0, 0, east",
        "-1, 1, 0, north-west",
        "0, 1, 45, north-west",
        "0, 1, 270, east",
        "-1, 0, 0, west"
    })
    void aDirectionIsAQuarterOfTheSky(double dx, double dy, double north, String quarter) {
        assertThat(Wording.quarter(dx, dy, north)).isEqualTo(quarter);
    }

    @Test
    void aDrainIsProposedOnTheSideThatAWallHoldsBack() {
        assertThat(snag(SurfaceRule.NO_DRAIN_BEHIND_WALL).orElseThrow().remedies())
                .extracting(Remedy::words)
                .containsExactly(
                        "Lay a drain behind Bank wall on its north side",
                        "There is a drain on its north side already: put it on the drawing");
        Plan plan = flawed().get(SurfaceRule.NO_DRAIN_BEHIND_WALL);
        Feature wall = plan.features().get(0);
        Plan high = with(
                plan,
                Put.of(Feature.of(wall.id(), wall.name(), wall.kind(), wall.places(), wall.breadth(), wall.margin())
                        .withHeight(Length.metres(1.3))),
                Put.of(feature("Drain", FeatureKind.DRAIN, 0.3, 0, 1, 4.7, 9, 4.7)));
        Snag snag = only(Appraisal.of(high, SEASON), SurfaceRule.NO_DRAIN_BEHIND_WALL);
        assertThat(snag.weight()).isEqualTo(Weight.SERIOUS);
        assertThat(snag.words()).contains("in front of it doesn't help", "licensed designer");
    }

    @Test
    void whatIsPaidCountsAgainstTheBudget() {
        Plan plan = flawed().get(FrameRule.SIDE_SPLICED)
                .apply(new Change.SetBudget(new Budget(Money.of(EUR, 1000), BigDecimal.TEN)
                        .withShare(Share.of(BillPart.TOOLS, Money.of(EUR, 500)))))
                .orThrow();
        Money planned = Appraisal.of(plan, SEASON).purse().planned();
        assertThat(Appraisal.of(plan, SEASON).snags())
                .extracting(Snag::rule)
                .doesNotContain(PurseRule.BUDGET_EXCEEDED, PurseRule.SHARE_EXCEEDED);
        Money tiller = Money.of(EUR, 1001).minus(planned);
        List<Paid> paid = List.of(new Paid(Optional.empty(), BillPart.TOOLS, SEASON, false, BigDecimal.ONE, tiller));
        Appraisal appraisal = Appraisal.of(plan, SEASON, paid);
        assertThat(appraisal.purse().left()).isEqualTo(Money.of(EUR, -1));
        assertThat(appraisal.purse().state()).isEqualTo(Purse.State.OVERDRAWN);
        assertThat(appraisal.purse().paid()).isEqualTo(tiller);
        assertThat(appraisal.purse().ordered()).isEqualTo(Money.zero(EUR));
        assertThat(appraisal.purse().toCome()).isEqualTo(planned);
        Snag budget = only(appraisal, PurseRule.BUDGET_EXCEEDED);
        assertThat(budget.weight()).isEqualTo(Weight.SERIOUS);
        assertThat(budget.words())
                .isEqualTo("With " + MoneyText.format(tiller) + " paid, €0.00 ordered and "
                        + MoneyText.format(planned) + " still to come the garden comes to €1,001.00, "
                        + "€1.00 over the budget of €1,000.00.");
        Snag share = only(appraisal, PurseRule.SHARE_EXCEEDED);
        assertThat(share.words()).contains("bought and planned for tools comes to " + MoneyText.format(tiller));
        for (Snag snag : List.of(budget, share)) {
            Plan cured = plan.apply(
                            snag.remedies().get(snag.remedies().size() - 1).change())
                    .orThrow();
            assertThat(Appraisal.of(cured, SEASON, paid).snags())
                    .extracting(Snag::rule)
                    .doesNotContain(snag.rule());
        }
    }

    private static Snag only(Appraisal appraisal, Rule rule) {
        List<Snag> found =
                appraisal.snags().stream().filter(snag -> snag.rule() == rule).toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    @Test
    void theFirstBedForTwentyIsOfferedTheGround() {
        Plan plan = plot(3, 3, ADA, bed("First", 1.5, 1.5, 1.2, 1, 0, Optional.of(cedar(Board.B1X6, 1))))
                .apply(new Change.SetBudget(new Budget(Money.of(EUR, 20), BigDecimal.TEN)))
                .orThrow();
        Remedy remedy = Appraisal.of(plan, SEASON).snags().stream()
                .filter(s -> s.rule() == PurseRule.BUDGET_EXCEEDED)
                .findFirst()
                .orElseThrow()
                .remedies()
                .get(0);
        assertThat(remedy.words()).startsWith("Build First in the ground");
        assertThat(Appraisal.of(plan.apply(remedy.change()).orThrow(), SEASON)
                        .purse()
                        .planned())
                .isEqualTo(Money.zero(EUR));
    }

    @Test
    void aBedTooWideIsNarrowedToTwiceTheReachOrSplit() {
        List<Remedy> remedies = snag(ReachRule.REACH_NOBODY).orElseThrow().remedies();
        assertThat(remedies)
                .anySatisfy(r ->
                        assertThat(r.words()).contains("Narrow Beans to 1.20 m").endsWith("1.20 m² less soil"));
        Plan wide = plot(10, 10, ADA, bed("Beans", 5, 5, 4, 2.6));
        Remedy split = Appraisal.of(wide, SEASON).snags().get(0).remedies().stream()
                .filter(r -> r.words().startsWith("Split"))
                .findFirst()
                .orElseThrow();
        Plan halves = wide.apply(split.change()).orThrow();
        assertThat(halves.beds()).hasSize(2);
        assertThat(Appraisal.of(halves, SEASON).snags()).isEmpty();
    }

    @Test
    void aBedJammedAgainstAnotherIsOfferedAMoveThatFreesItsSide() {
        Plan plan = plot(10, 10, ADA, bed("Beans", 5, 4, 3, 1.2), bed("Kale", 5, 5.5, 3, 1.2));
        assertThat(Appraisal.of(plan, SEASON).snags()).anySatisfy(snag -> {
            assertThat(snag.rule()).isEqualTo(ReachRule.REACH_NOBODY);
            assertThat(snag.remedies())
                    .anySatisfy(r -> assertThat(r.words()).startsWith("Move").contains("alongside"));
        });
    }

    @Test
    void aNeighbourIsOfferedToGiveWayWhereTheBedItselfCant() {
        Plan plan =
                plot(10, 10, ADA, bed("Low", 5, 3, 3, 1.2), bed("Jammed", 5, 4.9, 3, 1.2), bed("High", 5, 6.5, 3, 1.2));
        assertThat(Appraisal.of(plan, SEASON).snags())
                .filteredOn(s -> s.beds().equals(List.of(Gardens.id("Jammed"))))
                .anySatisfy(snag -> assertThat(snag.remedies())
                        .anySatisfy(r ->
                                assertThat(r.words()).startsWith("Move High 0.20 m up, so that Ada gets alongside")));
    }

    @Test
    void aSoundPlanHasNoSnags() {
        Plan plan = plot(10, 10, ADA, bed("Beans", 3, 5, 2, 1.2), bed("Kale", 7, 5, 2, 1.2));
        assertThat(Appraisal.of(plan, SEASON).snags()).isEmpty();
    }

    @Test
    void aPreviewSaysTheSameWithoutRemedies() {
        Plan plan = flawed().get(WalkRule.WALK_TOO_NARROW);
        AppraisalReport report = Appraisal.of(plan, SEASON).report();
        AppraisalReport preview = Appraisal.of(plan, SEASON).preview();
        assertThat(preview.beds())
                .extracting(BedAppraisal::reach)
                .isEqualTo(report.beds().stream().map(BedAppraisal::reach).toList());
        assertThat(preview.bill()).isEqualTo(report.bill());
        assertThat(preview.snags())
                .allSatisfy(s -> assertThat(s.remedies()).isEmpty())
                .extracting(Snag::words)
                .isEqualTo(report.snags().stream().map(Snag::words).toList());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 12, 60})
    void theSamePlanIsAlwaysJudgedTheSame(int beds) {
        Plan plan = Gardens.generated(beds, 5);
        assertThat(Appraisal.of(plan, SEASON).report())
                .isEqualTo(Appraisal.of(Gardens.generated(beds, 5), SEASON).report());
    }

    @Test
    void anEmptyPlotIsJudgedToo() {
        AppraisalReport report = Appraisal.of(plot(10, 10, List.of()), SEASON).report();
        assertThat(report.beds()).isEmpty();
        assertThat(report.plot().squareMetres()).isEqualTo(100);
        assertThat(report.snags())
                .singleElement()
                .satisfies(s -> assertThat(s.rule()).isEqualTo(ReachRule.NO_GARDENER));
    }

    @Test
    void aBedThatIsNotBuiltYetIsNotJudged() {
        Plan plan = flawed().get(ReachRule.REACH_NOBODY)
                .apply(new Change.RescheduleRevision(Gardens.id("Beans"), SEASON, SEASON + 2))
                .orThrow();
        assertThat(Appraisal.of(plan, SEASON).report().beds()).isEmpty();
        assertThat(Appraisal.of(plan, SEASON + 2).snags()).isNotEmpty();
    }

    private static List<Snag> judged(Rule rule) {
        return Flawed.JUDGED.computeIfAbsent(
                rule, unknown -> Appraisal.of(flawed().get(unknown), SEASON).snags());
    }

    private static Optional<Snag> snag(Rule rule) {
        return judged(rule).stream().filter(s -> s.rule() == rule).findFirst();
    }

    @Test
    void aWalkBuiltUpBesideABedSaysWhatIsLeftOfIt() {
        assertThat(snag(SurfaceRule.WALK_RAISES_GROUND).orElseThrow().words())
                .isEqualTo("Way will lie 0.152 m above the ground: of the 0.14 m of Beans nothing is left above it.");
        Plan higher = Gardens.rebuilt(
                flawed().get(SurfaceRule.WALK_RAISES_GROUND),
                "Beans",
                r -> r.withFrame(Optional.of(cedar(Board.B2X10, 2))));
        Snag note = Appraisal.of(higher, SEASON).snags().stream()
                .filter(s -> s.rule() == SurfaceRule.WALK_RAISES_GROUND)
                .findFirst()
                .orElseThrow();
        // 18 1/2 in less 6 in.
        assertThat(note.words()).contains("of the 0.47 m of Beans only 0.318 m are left");
        assertThat(note.weight()).isEqualTo(Weight.NOTE);
        assertThat(note.remedies().get(0).words()).startsWith("Dig out Way by 0.152 m first");
    }

    @Test
    void aBedStandsNoHeightAboveTheGroundIfItLiesInIt() {
        for (Plan plan : List.of(Gardens.everything(), Gardens.generatedOfAllShapes(40, 5))) {
            plan.seasonsOfChange()
                    .forEach(season -> Appraisal.of(plan, season)
                            .preview()
                            .beds()
                            .forEach(bed -> assertThat(bed.height().isPositive())
                                    .isNotEqualTo(plan.bed(bed.bed())
                                            .in(season)
                                            .orElseThrow()
                                            .flat())));
        }
    }
}
