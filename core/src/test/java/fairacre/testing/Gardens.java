package fairacre.testing;

import fairacre.arch.Arch;
import fairacre.bill.Acquired;
import fairacre.bill.BillPart;
import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.Quote;
import fairacre.bill.Share;
import fairacre.bill.Stage;
import fairacre.bill.StartingPrices;
import fairacre.bill.Sundry;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Cap;
import fairacre.build.Fittings;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Joint;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.build.Offcut;
import fairacre.build.Wall;
import fairacre.build.Workshop;
import fairacre.catalogue.Breeding;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.Crops;
import fairacre.catalogue.OwnFigure;
import fairacre.catalogue.Raising;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Variety;
import fairacre.catalogue.WhyChosen;
import fairacre.compost.CompostBays;
import fairacre.cover.BedCover;
import fairacre.cover.CoverKind;
import fairacre.crew.Ability;
import fairacre.crew.Aim;
import fairacre.crew.Delivery;
import fairacre.crew.Hire;
import fairacre.crew.Income;
import fairacre.crew.KeptDay;
import fairacre.crew.OwnRate;
import fairacre.crew.OwnTask;
import fairacre.crew.RainDay;
import fairacre.crew.WorkSeason;
import fairacre.crew.Worker;
import fairacre.crop.BedPart;
import fairacre.crop.Layout;
import fairacre.crop.Planting;
import fairacre.feeding.Amending;
import fairacre.feeding.Mulch;
import fairacre.feeding.MulchKind;
import fairacre.feeding.SoilTest;
import fairacre.feeding.Supplied;
import fairacre.feeding.Texture;
import fairacre.fence.Fence;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKind;
import fairacre.fence.Needs;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.fence.PostGround;
import fairacre.fence.PostKind;
import fairacre.fill.Recipe;
import fairacre.frost.FrostDates;
import fairacre.frost.FrostSpread;
import fairacre.furniture.Furniture;
import fairacre.furniture.FurnitureKind;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Supply;
import fairacre.goods.Surfacing;
import fairacre.goods.Vehicle;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.harvest.CropWish;
import fairacre.harvest.Household;
import fairacre.harvest.Want;
import fairacre.hoop.BowForm;
import fairacre.hoop.HoopAnchor;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopSet;
import fairacre.hoop.HoopWeather;
import fairacre.husbandry.Disease;
import fairacre.husbandry.RulesLeftAside;
import fairacre.husbandry.SoilDisease;
import fairacre.judging.SetAside;
import fairacre.judging.Weight;
import fairacre.measure.Area;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.rotation.PlantingLock;
import fairacre.sheet.SheetGood;
import fairacre.sun.Sky;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisWind;
import fairacre.tunnel.TunnelFooting;
import fairacre.tunnel.WalkInTunnel;
import fairacre.water.Barrel;
import fairacre.water.Climate;
import fairacre.water.Dripline;
import fairacre.water.Gear;
import fairacre.water.Haul;
import fairacre.water.Manifold;
import fairacre.water.MonthNormals;
import fairacre.water.OutletThread;
import fairacre.water.PipeKind;
import fairacre.water.Pump;
import fairacre.water.Roof;
import fairacre.water.Soaker;
import fairacre.water.Sprinklers;
import fairacre.water.Tap;
import fairacre.water.WaterRun;
import fairacre.water.WateringWindow;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Small gardens for tests and generated ones for benchmarks; everything invented. */
public final class Gardens {

    public static final int SEASON = 2027;
    public static final CurrencyUnit EUR = CurrencyUnit.EUR;

    private Gardens() {}

    public static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }

    /** A metric garden on a rectangular plot with its lower left corner at the origin. */
    public static Plan plot(double length, double width, List<Gardener> gardeners, Bed... beds) {
        return on(Site.rectangle(length, width), gardeners, beds);
    }

    public static Plan on(List<Point> corners, List<Gardener> gardeners, Bed... beds) {
        Budget budget = new Budget(Money.of(EUR, 100_000), BigDecimal.TEN);
        return new Plan(
                id("garden"),
                "Test garden",
                Units.METRIC,
                SEASON,
                budget,
                new Site(corners, 0, 50),
                gardeners,
                List.of(beds),
                StartingPrices.in(EUR));
    }

    /** An in-ground bed of any shape; centre and size of the rectangle round it in metres. */
    public static Bed shaped(String name, Rectangle outline, Shape shape) {
        return shaped(name, outline, shape, Build.PLAIN);
    }

    public static Bed shaped(String name, Rectangle outline, Shape shape, Build build) {
        return Bed.of(id(name), name, new BedRevision(SEASON, outline, shape, Optional.empty(), false, build));
    }

    /** A bed without boards, built in some other way. */
    public static Bed built(String name, Rectangle outline, Build build) {
        return shaped(name, outline, Shape.RECTANGLE, build);
    }

    /** The plan with one bed built otherwise. */
    public static Plan rebuilt(Plan plan, String bed, UnaryOperator<BedRevision> how) {
        return with(
                plan,
                new Change.RebuildBed(
                        id(bed), how.apply(plan.bed(id(bed)).revisions().get(0))));
    }

    /** Nothing but crops that lean out. */
    public static Build leaning(double metres) {
        return Build.PLAIN.withOverhang(Length.metres(metres));
    }

    public static Shape comb(int fingers, double spine, double finger) {
        return new Shape(new Form.Comb(fingers, Length.metres(spine), Length.metres(finger)), List.of());
    }

    public static Keyhole keyhole(int side, double at, double width, double depth) {
        return new Keyhole(side, Length.metres(at), Length.metres(width), Length.metres(depth));
    }

    /** A feature with no height and nothing to look out of; places as x, y, x, y in metres. */
    public static Feature feature(String name, FeatureKind kind, double breadth, double margin, double... places) {
        return Feature.of(id(name), name, kind, points(places), Length.metres(breadth), Length.metres(margin));
    }

    /** Places x, y in metres. */
    private static List<Point> points(double... places) {
        return IntStream.range(0, places.length / 2)
                .mapToObj(i -> Point.metres(places[2 * i], places[2 * i + 1]))
                .toList();
    }

    /** A height of the ground; place and height in metres. */
    public static SpotHeight height(double x, double y, double height) {
        return new SpotHeight(Point.metres(x, y), Length.metres(height));
    }

    /** A fence for many seasons; along places x, y in metres. */
    public static Fence fence(String name, FenceKind kind, double height, double... places) {
        return new Fence(
                id(name),
                name,
                points(places),
                kind,
                Length.metres(height),
                FenceFoot.OPEN,
                PostKind.WOOD_IN_CONCRETE,
                List.of(),
                Lifetime.from(SEASON));
    }

    public static Pest pest(String name, PestKind kind, Pest.Pressing pressing) {
        return new Pest(id(name), name, kind, pressing, Optional.empty(), Lifetime.ALWAYS);
    }

    public static PostGround postGround(String name, double snow, double frost) {
        return new PostGround(id(name), Length.metres(snow), Length.metres(frost));
    }

    /** Hills in the east and west that are so many degrees high; clocks show the time of Berlin. */
    public static Sky sky(String name, double degrees) {
        return new Sky(
                id(name),
                List.of(
                        new Sky.Skyline(0, 0),
                        new Sky.Skyline(90, degrees),
                        new Sky.Skyline(180, 0),
                        new Sky.Skyline(270, degrees)),
                Optional.of("Europe/Berlin"));
    }

    /** An arch of the usual panel from one foot to the other, from {@link #SEASON} on. */
    public static Arch arch(String name, double x1, double y1, double x2, double y2) {
        return new Arch(
                id(name),
                name,
                Point.metres(x1, y1),
                Point.metres(x2, y2),
                Arch.USUAL_PANEL,
                Arch.USUAL_WIDTH,
                Lifetime.from(SEASON));
    }

    /** A net 2 m high on steel posts along a line, from {@link #SEASON} on. */
    public static RulesLeftAside leftAside(String... rules) {
        return new RulesLeftAside(id("Left aside"), List.of(rules));
    }

    public static Household household(double eaters) {
        return new Household(id("Household"), eaters);
    }

    /** As much of a crop as people usually eat. */
    /** A variety whose seed the gardener has. */
    public static Variety variety(String name, String crop, SeedOnHand seed, OwnFigure... figures) {
        return new Variety(
                id(name),
                name,
                crop,
                false,
                List.of(figures),
                Optional.of(Breeding.OPEN_POLLINATED),
                List.of(WhyChosen.PROVEN),
                Optional.empty(),
                Optional.of(seed));
    }

    /** A crop of the gardener's own. */
    public static Variety ownCrop(String name, String crop, OwnFigure... figures) {
        return new Variety(
                id(name),
                name,
                crop,
                true,
                List.of(figures),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    public static OwnFigure own(CropColumn column, String figure) {
        return new OwnFigure(column, figure);
    }

    /** The same of a variety. */
    public static Planting of(Variety variety, Planting planting) {
        return new Planting(
                planting.id(),
                planting.name(),
                variety.crop(),
                Optional.of(variety.id()),
                planting.bed(),
                planting.part(),
                planting.layout(),
                planting.inRow(),
                planting.between(),
                planting.raising(),
                planting.interplanted(),
                planting.from(),
                planting.until());
    }

    /** Two inches deep, on some beds or on all. */
    public static Mulch mulch(String name, MulchKind kind, int first, int seasons, String... beds) {
        return new Mulch(
                id(name),
                name,
                kind,
                Length.inches(2),
                first,
                seasons,
                Stream.of(beds).map(Gardens::id).toList());
    }

    /** Of the soil of some beds, or of all. */
    public static SoilTest soilTest(String name, String taken, double acidity, Texture texture, String... beds) {
        return new SoilTest(
                id(name),
                name,
                LocalDate.parse(taken),
                acidity,
                texture,
                Optional.of(Supplied.LOW),
                Optional.of(Supplied.MIDDLE),
                Amending.ORGANIC,
                Stream.of(beds).map(Gardens::id).toList());
    }

    public static CropWish wish(String crop, Want want) {
        return new CropWish(id("Eats " + crop), crop, Optional.empty(), want, Optional.empty());
    }

    public static CropWish wish(String crop, Want want, double kilograms) {
        return new CropWish(id("Eats " + crop), crop, Optional.empty(), want, Optional.of(kilograms));
    }

    public static PlantingLock lock(String name, String planting) {
        return new PlantingLock(id(name), id(planting));
    }

    public static SoilDisease disease(String name, Disease disease, String bed, String found) {
        return new SoilDisease(id(name), disease, id(bed), LocalDate.parse(found));
    }

    /** Somebody who has as many hours on every Saturday and Sunday and none in the week. */
    public static Worker weekends(String name, double hours) {
        return worker(name, 0, 0, 0, 0, 0, hours, hours);
    }

    /** @param hours from Monday to Sunday */
    public static Worker worker(String name, double... hours) {
        return new Worker(id(name), name, DoubleStream.of(hours).boxed().toList(), List.of(), List.of(), 1, List.of());
    }

    public static Climate climate(double january, double rainyDays) {
        return new Climate(
                id("Climate"),
                "Hilltop",
                Length.metres(300),
                4,
                10,
                IntStream.range(0, 12)
                        .mapToObj(month -> new MonthNormals(
                                (month < 3 ? january : 10) - 5,
                                (month < 3 ? january : 10) + 5,
                                50,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(rainyDays)))
                        .toList());
    }

    public static RainDay rain(String day) {
        return new RainDay(id("Rain " + day), LocalDate.parse(day));
    }

    public static KeptDay kept(String task, String day) {
        return new KeptDay(id("Kept " + task), task, LocalDate.parse(day));
    }

    public static OwnTask ownTask(String name, int season, Stage stage, double hours) {
        return new OwnTask(
                id(name),
                name,
                Optional.of(season),
                stage,
                hours,
                1,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public static Delivery delivery(String name, int season, String day, Stage... stages) {
        return new Delivery(id(name), name, season, LocalDate.parse(day), List.of(stages));
    }

    /** So many euros. */
    public static Income income(String day, double amount) {
        return new Income(id("Income " + day), LocalDate.parse(day), Money.of(EUR, amount));
    }

    public static OwnRate ownRate(String rate, double minutes) {
        return new OwnRate(id("Own " + rate), rate, minutes);
    }

    /** In euros. */
    public static Hire hire(String name, double daily, Optional<Double> weekend, List<String> booked, Stage... stages) {
        return new Hire(
                id(name),
                name,
                SEASON,
                List.of(stages),
                Money.of(EUR, daily),
                weekend.map(price -> Money.of(EUR, price)),
                booked.stream().map(LocalDate::parse).toList());
    }

    public static WorkSeason workFrom(String begins) {
        LocalDate day = LocalDate.parse(begins);
        return new WorkSeason(
                id("Work of " + day.getYear()), day.getYear(), Optional.of(day), Optional.empty(), List.of());
    }

    public static Planting laidOut(Planting planting, Layout layout) {
        return new Planting(
                planting.id(),
                planting.name(),
                planting.crop(),
                planting.variety(),
                planting.bed(),
                planting.part(),
                layout,
                planting.inRow(),
                planting.between(),
                planting.raising(),
                planting.interplanted(),
                planting.from(),
                planting.until());
    }

    public static Planting renamed(Planting planting, String name) {
        return new Planting(
                planting.id(),
                name,
                planting.crop(),
                Optional.empty(),
                planting.bed(),
                planting.part(),
                planting.layout(),
                planting.inRow(),
                planting.between(),
                planting.raising(),
                planting.interplanted(),
                planting.from(),
                planting.until());
    }

    /** With a first frost in October. */
    public static FrostDates frosts(String early, String middle, String late) {
        return new FrostDates(
                id("Frosts"),
                "Frosts",
                Optional.of(new FrostSpread(MonthDay.parse(early), MonthDay.parse(middle), MonthDay.parse(late))),
                Optional.of(new FrostSpread(MonthDay.of(9, 25), MonthDay.of(10, 10), MonthDay.of(10, 25))));
    }

    /** A crop of the catalogue over all of a bed, as it is usually grown; dates as in ISO 8601. */
    public static Planting planting(String name, String crop, String bed, String from, String until) {
        return new Planting(
                id(name),
                name,
                crop,
                Optional.empty(),
                id(bed),
                BedPart.WHOLE,
                Layout.ROWS_ALONG,
                Optional.empty(),
                Optional.empty(),
                Arrays.stream(Raising.values())
                        .filter(Crops.of(crop).orElseThrow()::grows)
                        .findFirst()
                        .orElseThrow(),
                false,
                LocalDate.parse(from),
                LocalDate.parse(until));
    }

    public static Trellis trellis(String name, double... places) {
        return trellis(name, TrellisKind.NETTING, 2, places);
    }

    /** On steel posts a step of the usual one apart, 0.9 m wide at the ground if it leans. */
    public static Trellis trellis(String name, TrellisKind kind, double height, double... places) {
        return new Trellis(
                id(name),
                name,
                points(places),
                kind,
                Length.metres(height),
                Length.metres(0.9),
                kind.usual(Units.METRIC),
                PostKind.DRIVEN_STEEL,
                TrellisWind.SHELTERED,
                Lifetime.from(SEASON));
    }

    /** Round bows of PE pipe under fleece, so high over the widest of some beds, from {@link #SEASON} on. */
    public static HoopSet hoops(String name, double rise, String... beds) {
        return hoops(name, HoopPipe.PE_20, Optional.of(Length.metres(rise)), Optional.empty(), Fabric.FLEECE, beds);
    }

    /** Round bows, by their rise or their length with 0.3 m at either end. */
    public static HoopSet hoops(
            String name, HoopPipe pipe, Optional<Length> rise, Optional<Length> length, Fabric cover, String... beds) {
        return new HoopSet(
                id(name),
                name,
                BowForm.CIRCLE,
                pipe,
                rise,
                length,
                HoopAnchor.IN_SOIL,
                Length.metres(0.3),
                HoopWeather.SHELTERED,
                cover,
                Stream.of(beds)
                        .map(bed -> new BedPlace(id(bed), Lifetime.ALWAYS))
                        .toList(),
                Lifetime.from(SEASON));
    }

    /** 0.2 m high in front and 0.4 m at its highest, of plywood, twin walls and insect net, from {@link #SEASON} on. */
    public static BedCover cover(
            String name, CoverKind kind, double length, double width, int sections, String... beds) {
        return new BedCover(
                id(name),
                name,
                kind,
                Length.metres(length),
                Length.metres(width),
                sections,
                Length.metres(0.2),
                Length.metres(0.4),
                SheetGood.PLYWOOD_18,
                SheetGood.TWIN_WALL_6,
                Fabric.INSECT_NET,
                Stream.of(beds)
                        .map(bed -> new BedPlace(id(bed), Lifetime.ALWAYS))
                        .toList(),
                Lifetime.from(SEASON));
    }

    /** Of softwood, without slabs, its usual height in metres, from {@link #SEASON} on; its middle and size. */
    public static Furniture furniture(
            String name, FurnitureKind kind, double x, double y, double length, double width) {
        return new Furniture(
                id(name),
                name,
                kind,
                rectangle(x, y, length, width, 0),
                kind.height(Units.METRIC),
                Material.SOFTWOOD,
                false,
                List.of(),
                List.of(),
                Lifetime.from(SEASON));
    }

    /** One's own, 1 x 1 m, of sheets alone; its middle. */
    public static Furniture ofSheets(String name, double x, double y, Furniture.SheetRow... sheets) {
        return new Furniture(
                id(name),
                name,
                FurnitureKind.OWN,
                rectangle(x, y, 1, 1, 0),
                Length.metres(1),
                Material.SOFTWOOD,
                false,
                List.of(),
                List.of(sheets),
                Lifetime.from(SEASON));
    }

    /** A tunnel under film, 2.1 m high, with a door at either end. */
    public static WalkInTunnel tunnel(String name, double x, double y, double length, double width) {
        return tunnel(name, x, y, length, width, 2.1, 2);
    }

    /** A tunnel under film of bows with shoulders; its sides don't roll up. */
    public static WalkInTunnel tunnel(
            String name, double x, double y, double length, double width, double rise, int doors) {
        return new WalkInTunnel(
                id(name),
                name,
                rectangle(x, y, length, width, 0),
                BowForm.SHOULDERED,
                HoopPipe.TUBE_35,
                Length.metres(rise),
                HoopWeather.WINDY,
                TunnelFooting.STAKES,
                Fabric.FILM,
                Optional.empty(),
                doors,
                Length.metres(0.9),
                Length.ZERO,
                0,
                false,
                Lifetime.from(SEASON));
    }

    /** An upright main walk of wood chip; its left lower corner. */
    public static Walk walk(String name, double x, double y, double wide, double deep) {
        return new Walk(
                id(name),
                name,
                WalkGrade.MAIN,
                Surfacing.WOOD_CHIP,
                List.of(
                        Point.metres(x, y),
                        Point.metres(x + wide, y),
                        Point.metres(x + wide, y + deep),
                        Point.metres(x, y + deep)),
                WalkBuild.NONE,
                Lifetime.ALWAYS);
    }

    /** One leaf 1.2 m high, hinged on the left. */
    public static WayIn.Leaf leaf(double latch, double clearance) {
        return new WayIn.Leaf(
                WayIn.Leaf.Kind.SINGLE,
                WayIn.Leaf.Hand.LEFT,
                Length.metres(1.2),
                Length.metres(latch),
                Length.metres(clearance));
    }

    public static WayIn gate(String name, double x, double y, double width) {
        return new WayIn(id(name), name, Point.metres(x, y), Length.metres(width), Swing.INWARD);
    }

    /** A snag of two beds that somebody lives with. */
    public static SetAside setAside(String name, double extent) {
        return new SetAside(
                id(name),
                "WALK_TOO_NARROW",
                List.of(id("Beans"), id("Kale")),
                Optional.empty(),
                Weight.NOTE,
                Optional.of(extent),
                name + " it is.",
                "Only the cat goes there");
    }

    /** Two bays of 3 ft inside, with boards of 1 in, 3 ft high. */
    public static CompostBays compost(String name, double x, double y, double turn) {
        Rectangle place = new Rectangle(Point.metres(x, y), Length.inches(75), Length.inches(38), turn);
        return new CompostBays(
                id(name), name, place, 2, Length.inches(36), Optional.empty(), Optional.empty(), Lifetime.ALWAYS);
    }

    /** With all that drippers want in front of them; nobody had a gauge. */
    public static Tap tap(String name, double x, double y, double litresAMinute) {
        return new Tap(
                id(name),
                name,
                Point.metres(x, y),
                Length.metres(0.6),
                Volume.litres(litresAMinute),
                60,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Gear(true, true, false, false, false, Optional.of(Gear.USUAL_REDUCER), Optional.empty()),
                Lifetime.ALWAYS);
    }

    /** With two valves, 0.6 m up. */
    public static Manifold manifold(String name, String from, double x, double y) {
        return new Manifold(id(name), name, id(from), Point.metres(x, y), 2, Length.metres(0.6), Lifetime.ALWAYS);
    }

    /** Small ones of 60 L/h that throw so many metres. */
    public static Sprinklers sprinklers(String bed, String from, double radius) {
        return new Sprinklers(
                id("Lines of " + bed),
                id(bed),
                id(from),
                false,
                Length.metres(radius),
                Flow.litresAnHour(60),
                Lifetime.ALWAYS);
    }

    public static Barrel barrel(String name, double x, double y, double height) {
        return new Barrel(
                id(name),
                name,
                Point.metres(x, y),
                Length.metres(height),
                Volume.litres(200),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Gear(false, true, false, false, false, Optional.empty(), Optional.empty()),
                Lifetime.ALWAYS);
    }

    /** The barrel under so many square metres of roof. */
    public static Barrel underRoof(Barrel barrel, double squareMetres) {
        return new Barrel(
                barrel.id(),
                barrel.name(),
                barrel.place(),
                barrel.height(),
                barrel.holds(),
                Optional.of(new Roof(Area.squareMetres(squareMetres), Roof.USUAL_RUNOFF, Optional.empty())),
                barrel.haul(),
                barrel.pump(),
                barrel.gear(),
                barrel.lifetime());
    }

    /** Half-inch tube; places as x, y, x, y in metres. */
    public static WaterRun run(String name, String from, double... places) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            points.add(Point.metres(places[i], places[i + 1]));
        }
        return new WaterRun(id(name), name, id(from), points, PipeKind.TUBE_13, false, Length.ZERO, Lifetime.ALWAYS);
    }

    /** Plain drippers of 2 L/h, 30 cm apart both ways. */
    public static Dripline dripline(String bed, String from) {
        return new Dripline(
                id("Lines of " + bed),
                id(bed),
                id(from),
                false,
                Length.metres(0.3),
                Length.metres(0.3),
                Flow.litresAnHour(2),
                false,
                false,
                Lifetime.ALWAYS);
    }

    /** Holes of 3 mm, 30 cm apart. */
    public static Soaker soaker(String bed, String from, double inset) {
        return new Soaker(
                id("Lines of " + bed),
                id(bed),
                id(from),
                false,
                Length.metres(inset),
                Length.millimetres(3),
                Length.metres(0.3),
                Lifetime.ALWAYS);
    }

    /** A mild place: 2 to 22 degrees, 40 to 95 mm a month. */
    public static Climate climate(String id, String name) {
        double[] highest = {4, 6, 10, 14, 18, 21, 22, 22, 18, 13, 8, 5};
        double[] rain = {70, 55, 55, 40, 50, 60, 75, 70, 70, 80, 95, 85};
        return new Climate(
                id(id),
                name,
                Length.metres(40),
                4,
                10,
                IntStream.range(0, 12)
                        .mapToObj(i -> MonthNormals.of(highest[i] - 8, highest[i], rain[i]))
                        .toList());
    }

    /** The same with a share of the rain. */
    public static Climate drier(Climate climate, double share) {
        return new Climate(
                climate.id(),
                climate.name(),
                climate.elevation(),
                climate.firstMonth(),
                climate.lastMonth(),
                climate.months().stream()
                        .map(month -> MonthNormals.of(month.lowest(), month.highest(), month.rain() * share))
                        .toList());
    }

    /** Minutes after midnight, and days from 1 for Monday on. */
    public static WateringWindow window(String id, int opens, int closes, Integer... days) {
        return new WateringWindow(id(id), opens, closes, List.of(days));
    }

    public static Carrier carrier(String name, double width, boolean wheels, double turning) {
        return new Carrier(id(name), name, Length.metres(width), wheels, Length.metres(turning));
    }

    /** The plan after changes that must be taken. */
    public static Plan with(Plan plan, Change... changes) {
        Plan after = plan;
        for (Change change : changes) {
            after = after.apply(change).orThrow();
        }
        return after;
    }

    /** Posts, stakes and fasteners that cost nothing, where a check is about boards and soil. */
    public static Plan withFreeHardware(Plan plan) {
        return with(
                plan,
                PriceItem.all()
                        .filter(item -> item.key().matches("fastener/.*|[^/]+/(2x2|50x50 mm|4x4|100x100 mm)/.*"))
                        .map(item -> new Change.SetPrice(new Price(item, Money.zero(plan.currency()), false)))
                        .toArray(Change[]::new));
    }

    /** Of an item by its key, in euros. */
    public static Change price(String item, String amount) {
        return new Change.SetPrice(new Price(PriceItem.of(item), Money.of(EUR, new BigDecimal(amount)), false));
    }

    /** Asked at Marsh Lane on a day of May in the first season, with 19 % to come on top. */
    public static Quote quote(String name, PriceItem item, String amount, int day) {
        return new Quote(
                id(name),
                item,
                Money.of(EUR, new BigDecimal(amount)),
                Optional.of("Marsh Lane"),
                LocalDate.of(SEASON, 5, day),
                BigDecimal.valueOf(19),
                false);
    }

    public static Gardener seated(String name, double reachMetres, double passingMetres) {
        return new Gardener(id(name), name, Length.metres(reachMetres), Posture.SEATED, Length.metres(passingMetres));
    }

    public static Gardener gardener(String name, double reachMetres, double passingMetres) {
        return new Gardener(id(name), name, Length.metres(reachMetres), Posture.STANDING, Length.metres(passingMetres));
    }

    /** An in-ground bed; centre and size in metres. */
    public static Bed bed(String name, double x, double y, double length, double width) {
        return bed(name, x, y, length, width, 0, Optional.empty());
    }

    public static Bed bed(
            String name, double x, double y, double length, double width, double turn, Optional<Frame> frame) {
        return Bed.of(id(name), name, new BedRevision(SEASON, rectangle(x, y, length, width, turn), frame));
    }

    public static Rectangle rectangle(double x, double y, double length, double width, double turn) {
        return new Rectangle(Point.metres(x, y), Length.metres(length), Length.metres(width), turn);
    }

    public static Frame cedar(Board board, int courses) {
        return new Frame(Material.CEDAR, board, courses, Joint.SIDES_PAST);
    }

    /** A garden that uses everything a plan can hold. */
    public static Plan everything() {
        Site site = new Site(
                Site.rectangle(12, 10),
                List.of(List.of(Point.metres(20, 0), Point.metres(24, 0), Point.metres(24, 1))),
                12.5,
                48.25,
                Optional.of(-123.125),
                true,
                List.of(
                        new SpotHeight(Point.metres(1, 1), Length.metres(-0.25)),
                        new SpotHeight(Point.metres(9, 8), Length.metres(0.1))),
                new SoilNotes(
                        SqueezeTest.MAKES_A_RIBBON,
                        Optional.of(Length.inches(2)),
                        Cover.ROUGH_GRASS,
                        Clearing.TARPAULIN));
        Shape ell = new Shape(
                new Form.Ell(Length.metres(0.5), Length.metres(0.4), true), List.of(keyhole(0, 0.7, 0.3, 0.2)));
        Shape free = new Shape(
                new Form.FreeForm(List.of(Point.metres(0, 0), Point.metres(2, 0), Point.metres(1, 1.5))), List.of());
        Bed old = new Bed(
                id("Old"),
                "Old",
                List.of(
                        new BedRevision(
                                SEASON,
                                rectangle(2, 8, 2, 2, 0),
                                Shape.RECTANGLE,
                                Optional.of(cedar(Board.B2X6, 1)),
                                true,
                                Build.PLAIN),
                        new BedRevision(
                                SEASON + 2,
                                rectangle(2, 8, 2, 2, 0),
                                new Shape(Form.RECTANGLE, List.of(keyhole(2, 1, 0.45, 0.8))),
                                Optional.of(cedar(Board.B2X6, 2)),
                                false,
                                new Build(
                                        Optional.empty(),
                                        Optional.of(new Cap(Length.metres(0.14), true)),
                                        Length.metres(0.7),
                                        Length.ZERO,
                                        Length.metres(0.2)))),
                Optional.of(SEASON + 5));
        Bed kit = built(
                "Kit",
                rectangle(10.5, 9, 1.6, 0.8, 0),
                new Build(Optional.of(Kit.M80X160), Optional.empty(), Length.ZERO, Length.ZERO, Length.ZERO));
        Bed walled = built("Walled", rectangle(13, 3, 2, 1.2, 0), Build.PLAIN.withWall(new Wall(Masonry.BRICK, 5)));
        Bed mound = built(
                "Mound",
                rectangle(10, 4, 2, 1, 0),
                new Build(Optional.empty(), Optional.empty(), Length.ZERO, Length.metres(0.2), Length.ZERO));
        Gardener tall = new Gardener(
                id("Ada"),
                "Ada",
                Length.metres(0.6),
                Posture.STANDING,
                Length.metres(0.6),
                Optional.of(Length.metres(1.68)));
        return with(
                on(
                        site.corners(),
                        List.of(tall, seated("Ines", 0.5, 0.92)),
                        kit,
                        walled,
                        mound,
                        shaped("Ell", rectangle(2, 3, 2, 1.5, 25), ell),
                        shaped("Free", rectangle(6, 3, 2, 1.5, 0), free),
                        shaped("Comb", rectangle(9, 7, 3, 2, 90), comb(3, 0.5, 0.4)),
                        shaped(
                                "Eight",
                                rectangle(6, 7, 2, 2, 0),
                                new Shape(new Form.Octagon(Length.metres(0.5)), List.of())),
                        old),
                new Change.SetSite(site),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 10, 0, 12, 0, 12, 2, 10, 2)),
                Put.of(feature("Valve", FeatureKind.VALVE, 0, 0, 1, 6)),
                Put.of(new Feature.SpotFeature(
                        id("Plum"),
                        "Plum",
                        FeatureKind.TREE,
                        List.of(Point.metres(11, 5)),
                        Length.metres(0.3),
                        Length.metres(1.5),
                        Length.metres(4),
                        true,
                        false,
                        Lifetime.ALWAYS)),
                Put.of(Feature.drain(
                        id("Drain"),
                        "Drain",
                        List.of(Point.metres(0, 9), Point.metres(3, 9.5)),
                        Length.inches(12),
                        Length.metres(0.5),
                        Lifetime.from(SEASON + 1))),
                Put.of(new WayIn(
                        id("Gate"),
                        "Gate",
                        Point.metres(6, 0),
                        Length.metres(1.1),
                        Swing.OUTWARD,
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)),
                        Length.millimetres(20))),
                Put.of(gate("Inner gate", 8, 5, 0.9)
                        .in(id("Round Eight"))
                        .hung(new WayIn.Leaf(
                                WayIn.Leaf.Kind.DOUBLE,
                                WayIn.Leaf.Hand.RIGHT,
                                Length.millimetres(1250),
                                Length.millimetres(1060),
                                Length.millimetres(45)))),
                Put.of(new Fence(
                        id("Round Eight"),
                        "Round Eight",
                        List.of(
                                Point.metres(4.5, 5.5),
                                Point.metres(7.5, 5.5),
                                Point.metres(7.5, 8.5),
                                Point.metres(4.5, 8.5),
                                Point.metres(4.5, 5.5)),
                        FenceKind.WOVEN_WIRE,
                        Length.metres(1.85),
                        new FenceFoot(
                                FenceFoot.Way.APRON,
                                Optional.of(FenceFoot.Mesh.CLOTH),
                                Length.millimetres(650),
                                Length.millimetres(310)),
                        PostKind.WOOD_IN_GRAVEL,
                        List.of(Point.metres(6.25, 5.5)),
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)),
                        Material.CEDAR)),
                Put.of(new Pest(
                        id("Badgers"),
                        "Badgers",
                        PestKind.OWN,
                        Pest.Pressing.HIGH,
                        Optional.of(new Needs(
                                Length.metres(1.1),
                                Length.millimetres(75),
                                Length.metres(0.8),
                                Length.millimetres(450),
                                Length.millimetres(600),
                                true)),
                        Lifetime.from(SEASON + 1))),
                Put.of(new PostGround(id("Winter"), Length.millimetres(350), Length.millimetres(800))),
                Put.of(sky("Valley", 12.5)),
                Put.of(frosts("--04-12", "--04-28", "--05-15")),
                Put.of(leftAside("ONIONS_BY_BEANS", "POTATOES_IN_COMPANY")),
                Put.of(household(3.5)),
                Put.of(variety("Early Vale", "carrot", new SeedOnHand(400, SEASON, Optional.of(0.8), true))),
                Put.of(ownCrop("Oca", "potato", own(CropColumn.FAMILY, "BUCKWHEAT"))),
                Put.of(soilTest("By the lab", "2027-02-20", 5.8, Texture.CLAY)),
                Put.of(disease("Clubs", Disease.CLUBROOT, "Beans", "2026-09-01")),
                Put.of(mulch("Summer straw", MulchKind.STRAW, SEASON, 3)),
                Put.of(mulch("Chips", MulchKind.WOOD_CHIP, SEASON + 1, 2, "Beans")),
                Put.of(wish("tomato", Want.MUST)),
                Put.of(wish("melon", Want.FUN, 2.5)),
                Put.of(lock("Garlic lock", "Old garlic")),
                Put.of(new Worker(
                        id("Helper"),
                        "Helper",
                        List.of(0.0, 0.0, 0.0, 0.0, 1.5, 4.0, 4.0),
                        List.of(new Worker.Visit(LocalDate.parse("2027-04-07"), 3)),
                        List.of(new Worker.Absence(LocalDate.parse("2027-05-01"), LocalDate.parse("2027-05-09"))),
                        0.8,
                        List.of(Stage.BASE, Stage.POSTS),
                        Optional.of(new Ability(Optional.of(12.5), false, Optional.of(id("Ines")))))),
                Put.of(rain("2027-04-18")),
                Put.of(new OwnTask(
                        id("Paint"),
                        "Paint the boards",
                        Optional.of(2027),
                        Stage.FRAMES,
                        2.5,
                        2,
                        Optional.of(LocalDate.parse("2027-04-10")),
                        Optional.of(id("Beans")),
                        Optional.of(Money.of(CurrencyUnit.EUR, 12)))),
                Put.of(new OwnTask(id("Pond"), "Dig a pond", null, Stage.DIGGING, 20, 1, null, null, null)),
                Put.of(delivery("Load of soil", 2027, "2027-04-03", Stage.FILL, Stage.MULCH)),
                Put.of(income("2027-02-01", 250.5)),
                Put.of(kept("2027/POSTS/fence/concrete/one", "2027-04-10")),
                Put.of(new WorkSeason(
                        id("Work"),
                        2027,
                        Optional.of(LocalDate.parse("2027-03-06")),
                        Optional.of(LocalDate.parse("2027-06-30")),
                        List.of("2027/POSTS/fence/concrete/one", "2027/MESH/fence/mesh/one"),
                        Optional.of(Aim.FEWEST_HIRE_DAYS))),
                Put.of(ownRate("frame/piece", 20)),
                Put.of(hire("Plate compactor", 60, Optional.of(90.0), List.of("2027-03-13", "2027-03-14"), Stage.BASE)),
                Put.of(carrier("Barrow", 0.9, true, 0)),
                Put.of(setAside("Narrow walk", 0.05)),
                Put.of(new SetAside(
                        id("Dear"),
                        "BUDGET_EXCEEDED",
                        List.of(),
                        Optional.of(Point.metres(1, 2)),
                        Weight.SERIOUS,
                        Optional.empty(),
                        "Too dear.",
                        "Aunt pays")),
                Put.of(new Arch(
                        id("Rose arch"),
                        "Rose arch",
                        Point.metres(10.5, 3.25),
                        Point.metres(11.75, 4),
                        Length.metres(4.5),
                        Length.metres(1.2),
                        new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 9)))),
                Put.of(new Planting(
                        id("Old garlic"),
                        "Old garlic",
                        "garlic",
                        Optional.empty(),
                        id("Walled"),
                        new BedPart(0.25, 0.75, 0, 0.5),
                        Layout.STAGGERED,
                        Optional.of(Length.metres(0.12)),
                        Optional.of(Length.metres(0.2)),
                        Raising.BOUGHT,
                        true,
                        LocalDate.of(SEASON + 2, 10, 1),
                        LocalDate.of(SEASON + 3, 7, 1))),
                Put.of(new Trellis(
                        id("Old beans"),
                        "Old beans",
                        points(10, 6, 11, 6, 11.5, 7),
                        TrellisKind.A_FRAME,
                        Length.metres(1.8),
                        Length.metres(0.8),
                        Length.metres(2.2),
                        PostKind.WOOD_IN_GRAVEL,
                        TrellisWind.OPEN,
                        new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 9)))),
                Put.of(new HoopSet(
                        id("Long tunnel"),
                        "Long tunnel",
                        BowForm.SHOULDERED,
                        HoopPipe.PVC_21,
                        Optional.empty(),
                        Optional.of(Length.metres(3)),
                        HoopAnchor.IN_SLEEVES,
                        Length.metres(0.25),
                        HoopWeather.WINDY,
                        Fabric.INSECT_NET,
                        List.of(
                                new BedPlace(id("Kit"), new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 4))),
                                new BedPlace(id("Walled"), Lifetime.from(SEASON + 4))),
                        new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 9)))),
                Put.of(new BedCover(
                        id("Lights"),
                        "Lights",
                        CoverKind.COLD_FRAME,
                        Length.metres(2.4),
                        Length.metres(1.2),
                        2,
                        Length.metres(0.25),
                        Length.metres(0.45),
                        SheetGood.PLYWOOD_12,
                        SheetGood.ACRYLIC_3,
                        Fabric.BIRD_NET,
                        List.of(new BedPlace(
                                id("Kit"), new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 4)))),
                        new Lifetime(Optional.of(SEASON + 2), Optional.of(SEASON + 9)))),
                Put.of(new Furniture(
                        id("Rack"),
                        "Rack",
                        FurnitureKind.OWN,
                        rectangle(1.2, 5.5, 1.4, 0.3, 10),
                        Length.metres(1.7),
                        Material.HARDWOOD,
                        true,
                        List.of(
                                new Furniture.BoardPart(Board.M47X100, Length.metres(1.7), 4),
                                new Furniture.BoardPart(Board.B1X6, Length.metres(1.4), 3)),
                        List.of(new Furniture.SheetRow(
                                SheetGood.PLYWOOD_12, Length.metres(1.4), Length.metres(0.3), 2)),
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)))),
                Put.of(new WalkInTunnel(
                        id("Tunnel"),
                        "Tunnel",
                        rectangle(9, 6.5, 3.2, 2.6, 5),
                        BowForm.ELLIPSE,
                        HoopPipe.CONDUIT_23,
                        Length.metres(2.35),
                        HoopWeather.SNOWY,
                        TunnelFooting.BOARDS,
                        Fabric.SHADE_CLOTH,
                        Optional.of(Length.metres(0.95)),
                        1,
                        Length.metres(0.8),
                        Length.metres(-0.25),
                        4,
                        true,
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)))),
                Put.of(new CompostBays(
                        id("Heaps"),
                        "Heaps",
                        rectangle(1.5, 7, 1.905, 0.965, 15),
                        3,
                        Length.metres(0.9),
                        Optional.of(Length.metres(12.5)),
                        Optional.of(Money.of(EUR, new BigDecimal("85.50"))),
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)))),
                Put.of(new Tap(
                        id("Yard tap"),
                        "Yard tap",
                        Point.metres(0.5, 0.5),
                        Length.metres(0.75),
                        Volume.litres(10),
                        32.5,
                        Optional.of(Pressure.kilopascals(310)),
                        Optional.of(new Tap.TapReading(45, Pressure.kilopascals(120.5))),
                        Optional.of(Pressure.kilopascals(255)),
                        new Gear(
                                true,
                                true,
                                true,
                                true,
                                true,
                                Optional.of(Pressure.kilopascals(170)),
                                Optional.of(OutletThread.NPT_13)),
                        Lifetime.from(SEASON + 1))),
                Put.of(new Barrel(
                        id("Butt"),
                        "Butt",
                        Point.metres(11.5, 9.5),
                        Length.metres(1.25),
                        Volume.litres(220),
                        Optional.of(new Roof(Area.squareMetres(14.5), 0.8, Optional.of("the pond"))),
                        Optional.of(new Haul(Volume.litres(60), Money.of(EUR, new BigDecimal("4.50")))),
                        Optional.of(new Pump(
                                Pressure.kilopascals(300), Flow.litresAnHour(1200), Pressure.kilopascals(150))),
                        Gear.NONE,
                        new Lifetime(Optional.of(SEASON + 1), Optional.of(SEASON + 9)))),
                Put.of(new WaterRun(
                        id("Trunk"),
                        "Trunk",
                        id("Yard tap"),
                        List.of(Point.metres(0.5, 0.5), Point.metres(0.5, 5.25), Point.metres(4, 5.25)),
                        PipeKind.own("Lay-flat / 3 bar | 18 mm", Length.millimetres(18), PipeKind.Sort.HOSE),
                        true,
                        Length.metres(0.55),
                        Lifetime.from(SEASON + 1))),
                Put.of(new Dripline(
                        id("Lines of Ell"),
                        id("Ell"),
                        id("Trunk"),
                        true,
                        Length.millimetres(150),
                        Length.millimetres(250),
                        Flow.litresAnHour(1.6),
                        true,
                        true,
                        Lifetime.from(SEASON + 1))),
                Put.of(new Soaker(
                        id("Lines of Free"),
                        id("Free"),
                        id("Trunk"),
                        false,
                        Length.millimetres(200),
                        Length.millimetres(2.5),
                        Length.millimetres(300),
                        Lifetime.from(SEASON + 2))),
                Put.of(new Manifold(
                        id("Two cocks"),
                        "Two cocks",
                        id("Trunk"),
                        Point.metres(0.55, 5.2),
                        3,
                        Length.millimetres(650),
                        Lifetime.from(SEASON + 2))),
                Put.of(new Sprinklers(
                        id("Sprinklers of Ell"),
                        id("Ell"),
                        id("Two cocks"),
                        true,
                        Length.millimetres(900),
                        Flow.litresAnHour(45.5),
                        Lifetime.from(SEASON + 2))),
                Put.of(new Climate(
                        id("Weather"),
                        "Harbour station",
                        Length.metres(12.5),
                        3,
                        11,
                        IntStream.range(0, 12)
                                .mapToObj(i -> new MonthNormals(
                                        -2.5 + i,
                                        6.5 + i,
                                        40 + i,
                                        i < 6 ? Optional.of(80.0 - i) : Optional.empty(),
                                        Optional.of(2.5),
                                        Optional.of(4.25),
                                        i > 2 ? Optional.of(9.5) : Optional.empty()))
                                .toList())),
                Put.of(new WateringWindow(id("Hours"), 21 * 60, 6 * 60 + 30, List.of(1, 2, 4, 6))),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.PAVERS,
                        List.of(Point.metres(5, 0), Point.metres(7, 0), Point.metres(7, 2), Point.metres(5, 2)),
                        new WalkBuild(
                                List.of(
                                        new Layer(LayerKind.BASE, Length.millimetres(100)),
                                        new Layer(LayerKind.PAVERS, Length.ZERO)),
                                true,
                                true),
                        Lifetime.from(SEASON + 1))),
                new Change.DescribeGarden("Test garden", Units.METRIC, MonthDay.of(7, 1)),
                new Change.SetBudget(new Budget(Money.of(EUR, 1500), BigDecimal.TEN)
                        .withShare(Share.of(BillPart.FRAMES, Money.of(EUR, 400)))
                        .withShare(Share.of(SEASON + 1, Money.of(EUR, 300)))),
                Put.of(sundry("Skip", "1", "240", Acquired.BOUGHT)),
                new Change.TendBed(id("Ell"), List.of(id("Ada"))),
                Put.of(quote("Loose", GoodsPrices.SOIL_CUBIC_METRE, "70.50", 5)),
                new PurseChange.PutWorkshop(new Workshop(
                        Length.millimetres(2.5),
                        Length.millimetres(8),
                        true,
                        List.of(new Offcut(
                                Material.CEDAR,
                                Board.B2X10,
                                Length.metres(1.5),
                                3,
                                List.of(new Offcut.Flaw(Length.metres(0.6), Length.metres(0.7))))),
                        List.of(Material.own("Planks / old", 20, 40, 700, 900, 0.8, "")),
                        List.of(Board.own(
                                "Scaffold",
                                Length.millimetres(38),
                                Length.millimetres(225),
                                List.of(Length.metres(3.9), Length.feet(8)))))),
                new PurseChange.PutSupply(new Supply(
                        false,
                        true,
                        3,
                        List.of(new Supply.OnHand(BulkGood.COMPOST, Volume.litres(250.5))),
                        true,
                        List.of(new Vehicle("Van", Volume.litres(1200), 650)))),
                new Change.RebuildBed(
                        id("Eight"),
                        new BedRevision(
                                SEASON,
                                rectangle(6, 7, 2, 2, 0),
                                new Shape(new Form.Octagon(Length.metres(0.5)), List.of()),
                                Optional.of(new Frame(Material.CEDAR, Board.B2X10, 2, Joint.MITRE)),
                                false,
                                Build.PLAIN
                                        .withFilling(Recipe.WOOD_BELOW.filling())
                                        .withFittings(new Fittings(
                                                Fittings.CornerPost.STOUT,
                                                Fittings.Support.RODS,
                                                true,
                                                Fittings.Underlay.CLOTH))
                                        .withFall(new GroundFall(Length.metres(0.12), Length.metres(-0.05))))),
                Put.of(new Sundry(
                        id("Spade"),
                        "Spade",
                        SEASON + 1,
                        BillPart.TOOLS,
                        new BigDecimal("2.125"),
                        Optional.empty(),
                        Acquired.KEPT)));
    }

    /** Of this season, for the ground. */
    public static Sundry sundry(String name, String quantity, String price, Acquired acquired) {
        return new Sundry(
                id(name),
                name,
                SEASON,
                BillPart.GROUND,
                new BigDecimal(quantity),
                Optional.of(Money.of(EUR, new BigDecimal(price))),
                acquired);
    }

    /**
     * As {@link #generated}, with an L, a comb, an octagon or a keyhole for every other bed, a gate, five gardeners and
     * four carriers.
     */
    public static Plan generatedOfAllShapes(int beds, long seed) {
        Plan plan = generated(beds, seed);
        List<Bed> shaped = new ArrayList<>();
        for (int i = 0; i < plan.beds().size(); i++) {
            Bed bed = plan.beds().get(i);
            BedRevision revision = bed.revisions().get(0);
            shaped.add(
                    i % 2 == 0
                            ? bed
                            : Bed.of(
                                    bed.id(),
                                    bed.name(),
                                    revision.withShape(revision.outline(), someShape(i / 2 % 4))));
        }
        List<Gardener> gardeners = new ArrayList<>(plan.gardeners());
        gardeners.add(gardener("Child", 0.4, 0.5));
        gardeners.add(gardener("Barrow", 0.61, 0.75));
        Plan people = on(plan.site().corners(), gardeners, shaped.toArray(Bed[]::new));
        return with(
                people,
                Put.of(gate("Gate", 3, 0, 2)),
                Put.of(carrier("Foot", 0.6, false, 0)),
                Put.of(carrier("Cart", 0.75, true, 0)),
                Put.of(carrier("Chair", 0.9144, true, 1.524)),
                Put.of(carrier("Loader", 1.5, true, 0)));
    }

    private static Shape someShape(int kind) {
        return switch (kind) {
            case 0 -> new Shape(new Form.Ell(Length.metres(0.4), Length.metres(0.5), false), List.of());
            case 1 -> comb(2, 0.4, 0.5);
            case 2 -> new Shape(new Form.Octagon(Length.metres(0.2)), List.of());
            default -> new Shape(Form.RECTANGLE, List.of(keyhole(0, 1.2, 0.4, 0.4)));
        };
    }

    /** Rows of framed beds with walks of a little less and a little more than a wheelchair needs; three gardeners. */
    public static Plan generated(int beds, long seed) {
        Random random = new Random(seed);
        int columns = (int) Math.ceil(Math.sqrt(beds / 2.0));
        int rows = (beds + columns - 1) / columns;
        List<Bed> placed = new ArrayList<>();
        for (int i = 0; i < beds; i++) {
            double x = 2 + i % columns * 3.4 + random.nextDouble() * 0.2;
            double y = 1.4 + i / columns * 2.1 + random.nextDouble() * 0.2;
            double width = 0.9 + random.nextDouble() * 0.5;
            double turn = random.nextInt(10) == 0 ? random.nextDouble() * 6 : 0;
            placed.add(bed(
                    "Bed " + (i + 1), x, y, 2.4, width, turn, Optional.of(cedar(Board.B2X10, 1 + random.nextInt(2)))));
        }
        List<Gardener> gardeners =
                List.of(gardener("Tall", 0.69, 0.6), gardener("Short", 0.53, 0.6), gardener("Seated", 0.5, 0.9144));
        return plot(columns * 3.4 + 1, rows * 2.1 + 1, gardeners, placed.toArray(Bed[]::new));
    }
}
