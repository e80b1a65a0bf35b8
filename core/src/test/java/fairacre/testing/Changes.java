package fairacre.testing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.barrel;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.compost;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.leaning;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.quote;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.sundry;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;

import fairacre.arch.ArchKinds;
import fairacre.bill.Acquired;
import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.bill.Stage;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Material;
import fairacre.build.Offcut;
import fairacre.build.Workshop;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.compost.CompostKinds;
import fairacre.cover.CoverKind;
import fairacre.cover.CoverKinds;
import fairacre.crew.CrewKinds;
import fairacre.crew.RainDay;
import fairacre.crop.PlantingKinds;
import fairacre.feeding.FeedingKinds;
import fairacre.feeding.MulchKind;
import fairacre.feeding.Texture;
import fairacre.fence.FenceKind;
import fairacre.fence.FenceKinds;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.frost.FrostKinds;
import fairacre.furniture.FurnitureKind;
import fairacre.furniture.FurnitureKinds;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Supply;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.harvest.HarvestKinds;
import fairacre.harvest.Want;
import fairacre.hoop.HoopKinds;
import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryKinds;
import fairacre.judging.JudgingKinds;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.rotation.RotationKinds;
import fairacre.sun.SunKinds;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisKinds;
import fairacre.tunnel.TunnelKinds;
import fairacre.water.WaterKinds;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Changes of every kind, in a small garden; everything invented. */
public final class Changes {

    private static final UUID BEANS = id("Beans");
    private static final Plan PLAN = with(
            plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 2, 2, 2, 1), bed("Kale", 6, 2, 2, 1)),
            Put.of(feature("Plum", FeatureKind.TREE, 0.3, 2, 9, 7)),
            Put.of(gate("Wicket", 0, 4, 0.9)),
            Put.of(carrier("Barrow", 0.9, true, 0)),
            Put.of(walk("Side", Surfacing.GRASS)),
            Put.of(sundry("Skip", "1", "240", Acquired.BOUGHT)),
            Put.of(compost("Heaps", 8, 4, 0)),
            Put.of(Gardens.setAside("Dear", 100)),
            Put.of(tap("Yard tap", 1, 1, 20)),
            Put.of(barrel("Butt", 1, 7, 1)),
            Put.of(run("Trunk", "Yard tap", 1, 1, 4, 1)),
            Put.of(dripline("Beans", "Trunk")),
            Put.of(soaker("Kale", "Trunk", 0.2)),
            Put.of(Gardens.manifold("Cocks", "Trunk", 4, 1)),
            Put.of(Gardens.sprinklers("Kale", "Butt", 1)),
            Put.of(Gardens.climate("Weather", "Harbour")),
            Put.of(Gardens.window("Hours", 22 * 60, 6 * 60, 1, 2, 3, 4, 5, 6, 7)),
            Put.of(Gardens.fence("Back fence", FenceKind.WELDED_MESH, 1.2, 0, 8, 10, 8)),
            Put.of(Gardens.pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW)),
            Put.of(Gardens.postGround("Winter", 0.2, 0.8)),
            Put.of(Gardens.sky("Valley", 6)),
            Put.of(Gardens.frosts("--04-10", "--04-25", "--05-10")),
            Put.of(Gardens.leftAside("NO_SUPPORT")),
            Put.of(Gardens.hoops("Tunnel", 0.4, "Beans", "Kale")),
            Put.of(Gardens.arch("Arch", 3, 2, 5, 2)),
            Put.of(Gardens.trellis("Trellis", 3, 3, 5, 3)),
            Put.of(Gardens.cover("Lights", CoverKind.COLD_FRAME, 2, 1, 2, "Beans")),
            Put.of(Gardens.furniture("Table", FurnitureKind.TABLE, 8, 6, 1.2, 0.6)),
            Put.of(Gardens.tunnel("Film house", 6, 4, 4, 3)),
            Put.of(Gardens.planting("Salad", "lettuce", "Beans", "2027-04-10", "2027-06-20")),
            Put.of(Gardens.household(2)),
            Put.of(Gardens.wish("kale", Want.MAY)),
            Put.of(Gardens.ownCrop("Oca", "potato")),
            Put.of(Gardens.soilTest("By the lab", "2027-02-20", 5.8, Texture.CLAY)),
            Put.of(Gardens.mulch("Summer straw", MulchKind.STRAW, 2027, 3)),
            Put.of(Gardens.disease("Clubs", Disease.CLUBROOT, "Beans", "2026-09-01")),
            Put.of(Gardens.lock("Salad lock", "Salad")),
            Put.of(Gardens.weekends("Sam", 4)),
            Put.of(Gardens.rain("2027-04-18")),
            Put.of(Gardens.kept("2027/FRAMES/frame/piece/a", "2027-04-10")),
            Put.of(Gardens.workFrom("2027-03-06")),
            Put.of(Gardens.ownTask("Paint", 2027, Stage.FRAMES, 2)),
            Put.of(Gardens.delivery("Soil", 2027, "2027-04-03", Stage.FILL)),
            Put.of(Gardens.income("2027-03-01", 150)),
            Put.of(Gardens.hire("Auger", 50, Optional.empty(), List.of(), Stage.POSTS)),
            Put.of(Gardens.ownRate("frame/piece", 10)),
            Put.of(quote("Loose", GoodsPrices.SOIL_CUBIC_METRE, "65", 4)));

    private static Walk walk(String name, Surfacing surface) {
        return new Walk(id(name), name, WalkGrade.WORK, surface, Site.rectangle(1, 8));
    }

    /** The garden that they are made in. */
    public static Plan plan() {
        return PLAN;
    }

    /** One of every kind at least, each of them taken by {@link #plan} as it stands. */
    public static List<Change> ofEveryKind() {
        Frame frame = cedar(Board.B2X6, 2);
        Change move = new Change.MoveBed(BEANS, SEASON, Point.metres(3, 3), 90);
        Change revise =
                new Change.ReviseBed(BEANS, new BedRevision(SEASON + 1, rectangle(2, 2, 3, 1, 0), Optional.of(frame)));
        return List.of(
                new Change.PlaceBed(bed("Peas", 2, 5, 2, 1)),
                new Change.RemoveBed(BEANS),
                move,
                new Change.ReshapeBed(BEANS, SEASON, rectangle(2, 2, 1, 1, 45)),
                new Change.ReframeBed(BEANS, SEASON, Optional.of(frame)),
                new Change.RebuildBed(
                        BEANS,
                        new BedRevision(SEASON, rectangle(2, 2, 2, 1.5, 0), Optional.of(frame))
                                .withBuild(leaning(0.2))),
                revise,
                new Change.RescheduleRevision(BEANS, SEASON, SEASON + 3),
                new Change.RenameBed(BEANS, "Runner beans"),
                new Change.TendBed(BEANS, List.of(PLAN.gardeners().get(0).id())),
                new Change.RetireBed(BEANS, Optional.of(SEASON + 2)),
                Put.of(gardener("Ada", 0.7, 0.9)),
                Put.of(gardener("Bo", 0.5, 0.6)),
                new Remove<>(Things.GARDENERS, id("Ada")),
                new Change.SetBudget(new Budget(Money.of(CurrencyUnit.EUR, 20), BigDecimal.ZERO)),
                new Change.SetPrice(new Price(GoodsPrices.SOIL_BAG_LITRES, Money.of(CurrencyUnit.EUR, 7), false)),
                new Change.ClearPrice(GoodsPrices.SOIL_BAG_LITRES),
                new Change.SetSite(new Site(Site.rectangle(12, 9), 10, -33)),
                new Change.ReshapeBed(BEANS, SEASON, rectangle(2, 2, 2, 2, 0), Optional.of(comb(2, 0.5, 0.4))),
                new Change.MarkExisting(BEANS, SEASON, true),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 8, 6, 9, 6, 9, 7, 8, 7)),
                Put.of(feature("Plum", FeatureKind.TREE, 0.4, 3, 8, 7)),
                new Remove<>(Things.FEATURES, id("Plum")),
                Put.of(gate("Gate", 5, 0, 1)),
                Put.of(gate("Wicket", 0, 4, 0.8)),
                new Remove<>(Things.WAYS_IN, id("Wicket")),
                Put.of(carrier("Cart", 0.8, true, 0)),
                Put.of(carrier("Barrow", 1.1, true, 0)),
                new Remove<>(Things.CARRIERS, id("Barrow")),
                Put.of(walk("Main", Surfacing.PAVERS)),
                Put.of(walk("Side", Surfacing.PAVERS)),
                new Remove<>(Things.WALKS, id("Side")),
                new GroundChange.SetLevels(List.of(new SpotHeight(Point.metres(1, 1), Length.metres(0.3)))),
                new GroundChange.SetSoil(
                        new SoilNotes(SqueezeTest.FALLS_APART, Optional.empty(), Cover.BARE, Clearing.NOTHING)),
                Put.of(sundry("Hire", "0.5", "80", Acquired.BOUGHT)),
                Put.of(sundry("Skip", "2", "0", Acquired.FREE)),
                new Remove<>(Things.SUNDRIES, id("Skip")),
                Put.of(quote("Loose", GoodsPrices.SOIL_CUBIC_METRE, "70", 5)),
                new Remove<>(Things.QUOTES, id("Loose")),
                new PurseChange.PutWorkshop(new Workshop(
                        Length.millimetres(2),
                        Length.millimetres(10),
                        true,
                        List.of(new Offcut(Material.CEDAR, Board.B2X10, Length.metres(1.2), 2)))),
                new PurseChange.PutSupply(
                        new Supply(false, true, 2, List.of(new Supply.OnHand(BulkGood.COMPOST, Volume.litres(85))))),
                new PurseChange.PutOff(SEASON, SEASON + 1, List.of(BEANS), true, true),
                new Change.TakeOver("The other way", plot(9, 9, List.of(), bed("Peas", 2, 2, 2, 1))),
                new Change.DescribeGarden("Behind the mill", Units.FEET_AND_INCHES),
                new Change.Batch("Rebuild", List.of(move, revise, new Change.DropRevision(BEANS, SEASON))),
                Put.of(compost("Heaps", 8, 5, 90)),
                Put.of(compost("More heaps", 4, 5, 0)),
                new Remove<>(CompostKinds.BAYS, id("Heaps")),
                Put.of(Gardens.setAside("Narrow walk", 0.05)),
                Put.of(Gardens.setAside("Dear", 120)),
                new Remove<>(JudgingKinds.SET_ASIDE, id("Dear")),
                Put.of(tap("Yard tap", 1, 2, 18)),
                Put.of(tap("House tap", 9, 1, 15)),
                new Remove<>(WaterKinds.TAPS, id("Yard tap")),
                Put.of(barrel("Butt", 1, 6, 1.5)),
                Put.of(barrel("Tank", 2, 7, 2)),
                new Remove<>(WaterKinds.BARRELS, id("Butt")),
                Put.of(run("Trunk", "Yard tap", 1, 1, 7, 1)),
                Put.of(run("Branch", "Trunk", 3, 1, 3, 4)),
                new Remove<>(WaterKinds.RUNS, id("Trunk")),
                Put.of(dripline("Beans", "Butt")),
                Put.of(dripline("Kale", "Butt")),
                new Remove<>(WaterKinds.DRIPLINES, id("Lines of Beans")),
                Put.of(soaker("Kale", "Trunk", 0.15)),
                Put.of(soaker("Beans", "Trunk", 0.15)),
                new Remove<>(WaterKinds.SOAKERS, id("Lines of Kale")),
                Put.of(Gardens.climate("Weather", "Mill hill")),
                new Remove<>(WaterKinds.CLIMATES, id("Weather")),
                Put.of(Gardens.window("Hours", 5 * 60, 9 * 60, 1, 3, 5)),
                new Remove<>(WaterKinds.WINDOWS, id("Hours")),
                Put.of(Gardens.manifold("Cocks", "Trunk", 1, 5)),
                Put.of(Gardens.manifold("Levers", "Cocks", 3, 5)),
                new Remove<>(WaterKinds.MANIFOLDS, id("Cocks")),
                Put.of(Gardens.sprinklers("Beans", "Trunk", 0.8)),
                Put.of(Gardens.sprinklers("Kale", "Trunk", 0.8)),
                new Remove<>(WaterKinds.SPRINKLERS, id("Lines of Kale")),
                Put.of(Gardens.fence("Back fence", FenceKind.DEER_NET, 2.4, 0, 8, 10, 8)),
                Put.of(Gardens.fence("Side fence", FenceKind.STRINGS, 1.4, 0, 0, 0, 8)),
                new Remove<>(FenceKinds.FENCES, id("Back fence")),
                Put.of(Gardens.pest("Rabbits", PestKind.RABBITS, Pest.Pressing.HIGH)),
                Put.of(Gardens.pest("Deer", PestKind.DEER, Pest.Pressing.LOW)),
                new Remove<>(FenceKinds.PESTS, id("Rabbits")),
                Put.of(Gardens.postGround("Winter", 0, 1)),
                new Remove<>(FenceKinds.GROUNDS, id("Winter")),
                Put.of(Gardens.sky("Valley", 12)),
                new Remove<>(SunKinds.SKIES, id("Valley")),
                Put.of(Gardens.hoops("Tunnel", 0.35, "Kale")),
                Put.of(Gardens.hoops("Second tunnel", 0.4)),
                new Remove<>(HoopKinds.SETS, id("Tunnel")),
                Put.of(Gardens.arch("Arch", 3, 2.5, 5, 2.5)),
                Put.of(Gardens.arch("Second arch", 2, 2, 2, 5)),
                new Remove<>(ArchKinds.ARCHES, id("Arch")),
                Put.of(Gardens.trellis("Trellis", TrellisKind.PANEL, 1.5, 3, 3, 5, 4)),
                Put.of(Gardens.trellis("Second trellis", TrellisKind.TEEPEE, 1.5, 2, 2, 2, 5)),
                new Remove<>(TrellisKinds.TRELLISES, id("Trellis")),
                Put.of(Gardens.cover("Lights", CoverKind.NET_CAGE, 2, 1, 1, "Kale")),
                Put.of(Gardens.cover("Second lights", CoverKind.CLOCHE, 2, 1, 2, "Beans")),
                new Remove<>(CoverKinds.COVERS, id("Lights")),
                Put.of(Gardens.furniture("Table", FurnitureKind.POTTING_BENCH, 8, 6, 1.5, 0.6)),
                Put.of(Gardens.furniture("Stand", FurnitureKind.BARREL_STAND, 6, 6, 0.7, 0.7)),
                new Remove<>(FurnitureKinds.FURNITURE, id("Table")),
                Put.of(Gardens.tunnel("Film house", 6, 4, 5, 3)),
                Put.of(Gardens.tunnel("Small house", 3, 2, 2, 1.4)),
                new Remove<>(TunnelKinds.TUNNELS, id("Film house")),
                Put.of(Gardens.planting("Salad", "leaf-lettuce", "Kale", "2027-05-10", "2027-06-20")),
                Put.of(Gardens.planting("Roots", "carrot", "Beans", "2027-07-01", "2027-10-20")),
                new Remove<>(PlantingKinds.PLANTINGS, id("Salad")),
                Put.of(Gardens.frosts("--04-12", "--04-28", "--05-15")),
                Put.of(Gardens.frosts("--04-12", "--04-30", "--05-15")),
                new Remove<>(FrostKinds.FROSTS, id("Frosts")),
                Put.of(Gardens.leftAside("ONIONS_BY_BEANS")),
                Put.of(Gardens.leftAside("NO_SUPPORT", "ONIONS_BY_BEANS")),
                new Remove<>(HusbandryKinds.LEFT_ASIDE, id("Left aside")),
                Put.of(Gardens.household(3)),
                Put.of(Gardens.household(2.5)),
                new Remove<>(HarvestKinds.HOUSEHOLD, id("Household")),
                Put.of(Gardens.variety("Early Vale", "carrot", new SeedOnHand(30, SEASON, Optional.empty(), false))),
                Put.of(Gardens.ownCrop("Oca", "potato", Gardens.own(CropColumn.KEEPS, "12"))),
                new Remove<>(Varieties.VARIETIES, Gardens.id("Oca")),
                Put.of(Gardens.soilTest("By the lab", "2027-02-20", 6.1, Texture.LOAM, "Beans")),
                Put.of(Gardens.soilTest("By a kit", "2028-03-01", 7.2, Texture.SAND, "Kale")),
                new Remove<>(FeedingKinds.SOIL_TESTS, id("By the lab")),
                Put.of(Gardens.mulch("Summer straw", MulchKind.LEAVES, 2027, 2, "Kale")),
                Put.of(Gardens.mulch("Chips", MulchKind.WOOD_CHIP, 2028, 1, "Beans")),
                new Remove<>(FeedingKinds.MULCHES, id("Summer straw")),
                Put.of(Gardens.wish("kale", Want.NEVER)),
                Put.of(Gardens.wish("potato", Want.MUST, 60)),
                new Remove<>(HarvestKinds.WISHES, id("Eats kale")),
                Put.of(Gardens.lock("Salad lock", "Roots")),
                Put.of(Gardens.lock("Roots lock", "Roots")),
                new Remove<>(RotationKinds.LOCKS, id("Salad lock")),
                Put.of(Gardens.disease("Clubs", Disease.CLUBROOT, "Kale", "2027-08-01")),
                Put.of(Gardens.disease("Rot", Disease.WHITE_ROT, "Beans", "2027-07-01")),
                new Remove<>(HusbandryKinds.SOIL_DISEASES, id("Clubs")),
                Put.of(Gardens.weekends("Sam", 6)),
                Put.of(Gardens.worker("Kit", 1, 0, 1, 0, 1, 0, 0)),
                new Remove<>(CrewKinds.WORKERS, id("Sam")),
                Put.of(new RainDay(id("Rain 2027-04-18"), LocalDate.parse("2027-04-19"))),
                Put.of(Gardens.rain("2027-05-02")),
                new Remove<>(CrewKinds.RAIN_DAYS, id("Rain 2027-04-18")),
                Put.of(Gardens.kept("2027/FRAMES/frame/piece/a", "2027-04-17")),
                Put.of(Gardens.kept("2027/FRAMES/frame/piece/b", "2027-04-17")),
                new Remove<>(CrewKinds.KEPT_DAYS, id("Kept 2027/FRAMES/frame/piece/a")),
                Put.of(Gardens.workFrom("2027-03-13")),
                Put.of(Gardens.workFrom("2028-03-04")),
                new Remove<>(CrewKinds.WORK_SEASONS, id("Work of 2027")),
                Put.of(Gardens.ownTask("Paint", 2028, Stage.FRAMES, 2.5)),
                Put.of(Gardens.ownTask("Pond", 2027, Stage.DIGGING, 20)),
                new Remove<>(CrewKinds.OWN_TASKS, id("Paint")),
                Put.of(Gardens.delivery("Soil", 2027, "2027-04-10", Stage.FILL, Stage.MULCH)),
                Put.of(Gardens.delivery("Boards", 2027, "2027-03-20", Stage.FRAMES)),
                new Remove<>(CrewKinds.DELIVERIES, id("Soil")),
                Put.of(Gardens.income("2027-03-01", 200)),
                Put.of(Gardens.income("2027-04-01", 200)),
                new Remove<>(CrewKinds.INCOMES, id("Income 2027-03-01")),
                Put.of(Gardens.hire("Auger", 55, Optional.empty(), List.of(), Stage.POSTS)),
                Put.of(Gardens.hire("Compactor", 60, Optional.of(90.0), List.of("2027-03-13"), Stage.BASE)),
                new Remove<>(CrewKinds.HIRES, id("Auger")),
                Put.of(Gardens.ownRate("frame/piece", 15)),
                Put.of(Gardens.ownRate("mulch/laying", 90)),
                new Remove<>(CrewKinds.OWN_RATES, id("Own frame/piece")));
    }

    private Changes() {}
}
