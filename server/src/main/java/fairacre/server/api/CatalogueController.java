package fairacre.server.api;

import fairacre.arrange.LayoutKind;
import fairacre.bill.Acquired;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Board;
import fairacre.build.Fastener;
import fairacre.build.Fittings.CornerPost;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.compost.BayWalls;
import fairacre.cost.SundryPreset;
import fairacre.drawing.Scale;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKind;
import fairacre.fence.Needs;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.fence.PostKind;
import fairacre.fill.FillTakeoff;
import fairacre.fill.Recipe;
import fairacre.fill.TopUp;
import fairacre.format.FaultyFileException;
import fairacre.format.Track;
import fairacre.format.TrackFile;
import fairacre.frame.Timber;
import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.ground.BaseLine;
import fairacre.ground.FeaturePreset;
import fairacre.ground.Quadrilateral;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.FeatureKind;
import fairacre.plan.Posture;
import fairacre.plan.Things;
import fairacre.reach.ReachPreset;
import fairacre.sun.ShelfStudy;
import fairacre.surface.BuildUps;
import fairacre.walk.CarrierPreset;
import fairacre.walk.PassingPreset;
import fairacre.watch.Watch;
import fairacre.water.DailyWeather;
import fairacre.water.OutletThread;
import fairacre.water.PipeKind;
import fairacre.water.Pump;
import fairacre.water.Roof;
import fairacre.water.Tap;
import fairacre.water.WateringWindow;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to choose from, and a plot's corners from a tape. */
@RestController
@RequestMapping("/api")
class CatalogueController {

    /** Densities in kg to the cubic metre, stiffness in GPa when wet. */
    record MaterialView(
            String key,
            String label,
            int leastYears,
            int mostYears,
            int leastDensity,
            int mostDensity,
            double stiffness,
            String remark) {

        static MaterialView of(Material material) {
            return new MaterialView(
                    material.key(),
                    material.label(),
                    material.leastYears(),
                    material.mostYears(),
                    material.leastDensity(),
                    material.mostDensity(),
                    material.stiffness(),
                    material.remark());
        }
    }

    /** @param forCourses whether frames are built of it, not posts and stakes alone */
    record BoardView(String key, String label, Length thickness, Length width, List<Length> stock, boolean forCourses) {

        static BoardView of(Board board) {
            return new BoardView(
                    board.key(), board.label(), board.thickness(), board.width(), board.stock(), board.forCourses());
        }
    }

    record StageView(Stage key, String label) {

        static StageView of(Stage stage) {
            return new StageView(stage, stage.label());
        }
    }

    record ItemView(String key, String label) {

        static ItemView of(PriceItem item) {
            return new ItemView(item.key(), item.label());
        }
    }

    /** As for {@link Material#own}. */
    record NewMaterial(
            String name,
            int leastYears,
            int mostYears,
            int leastDensity,
            int mostDensity,
            double stiffness,
            Optional<String> remark) {}

    /** As for {@link Board#own}. */
    record NewBoard(String name, Length thickness, Length width, List<Length> stock) {}

    record ReachView(String label, Length reach, Posture posture) {}

    record PassingView(String label, Length width, String source) {}

    record ScaleView(String key, String label) {}

    /** A pipe or hose, with the bore that the water has. */
    record PipeView(PipeKind kind, String label, Length bore) {

        static PipeView of(PipeKind pipe) {
            return new PipeView(pipe, pipe.label(), pipe.bore());
        }
    }

    /** @param usualIn the units of gardens in which it is the usual one */
    record ThreadView(OutletThread thread, String label, List<Units> usualIn) {

        static ThreadView of(OutletThread thread) {
            return new ThreadView(
                    thread,
                    thread.label(),
                    Arrays.stream(Units.values())
                            .filter(units -> OutletThread.usual(units) == thread)
                            .toList());
        }
    }

    /**
     * What is hung between the posts of a fence.
     *
     * @param span how far its posts may stand apart
     */
    /** What compost bays can be walled with. */
    record BayWallsView(BayWalls key, String label, String remark, int years) {}

    record FenceView(
            FenceKind kind,
            String label,
            String remark,
            Length opening,
            Length span,
            boolean meshed,
            boolean boarded,
            int years) {

        static FenceView of(FenceKind kind) {
            return new FenceView(
                    kind,
                    kind.label(),
                    kind.remark(),
                    kind.opening(),
                    kind.span(),
                    kind.meshed(),
                    kind.boarded(),
                    kind.years());
        }
    }

    record FenceMeshView(FenceFoot.Mesh mesh, String label, Length opening) {}

    record PostView(PostKind kind, String label, String remark, int years) {}

    /** @param own what one of the gardener's own begins with; left out for the kinds that are known */
    record PestView(PestKind kind, String label, Optional<Needs> own) {

        static PestView of(PestKind kind) {
            return new PestView(
                    kind,
                    kind.label(),
                    Optional.of(kind).filter(PestKind.OWN::equals).flatMap(own -> own.needs(Pest.Pressing.LOW)));
        }
    }

    /** What a foot is where nobody says otherwise, for those who measure so. */
    record UsualFoot(Units units, FenceFoot foot) {}

    /** What fences are made of, and what they are to keep out. */
    record FencesView(
            List<FenceView> kinds,
            List<FenceMeshView> meshes,
            List<UsualFoot> feet,
            List<PostView> posts,
            List<PestView> pests) {

        static final FencesView ALL = new FencesView(
                Arrays.stream(FenceKind.values()).map(FenceView::of).toList(),
                Arrays.stream(FenceFoot.Mesh.values())
                        .map(mesh -> new FenceMeshView(mesh, mesh.label(), mesh.opening()))
                        .toList(),
                Arrays.stream(Units.values())
                        .flatMap(units -> Arrays.stream(FenceFoot.Way.values())
                                .map(way -> new UsualFoot(units, FenceFoot.usual(way, units))))
                        .toList(),
                Arrays.stream(PostKind.values())
                        .map(kind -> new PostView(kind, kind.label(), kind.remark(), kind.years()))
                        .toList(),
                Arrays.stream(PestKind.values()).map(PestView::of).toList());
    }

    record PipeSortView(PipeKind.Sort sort, String label) {}

    /** A pipe that the gardener adds. */
    record NewPipe(String name, Length bore, PipeKind.Sort sort) {}

    record CarrierView(String label, Length width, boolean wheels, Length turning, String source) {}

    record FeatureView(
            FeatureKind kind, String label, FeatureKind.Extent extent, Length breadth, Length margin, String caution) {}

    /** @param usual its layers, the lowest first */
    record SurfaceView(Surfacing key, String label, boolean firm, List<Layer> usual, String upkeep) {}

    /** @param loose whether it has a depth and is bought by volume */
    record LayerView(LayerKind key, String label, boolean loose, double ordered) {}

    record GoodView(BulkGood key, String label) {}

    record RecipeView(String label, String remark, Filling filling, boolean spread) {}

    record MasonryView(
            Masonry key,
            String label,
            Length thickness,
            Length course,
            int leastYears,
            int mostYears,
            boolean retains,
            String remark) {}

    record FittingView(String key, String label, String remark) {}

    /** What a frame can have besides its boards. */
    record FittingsView(
            List<FittingView> posts,
            List<FittingView> supports,
            List<FittingView> underlays,
            List<FittingView> fasteners,
            List<FittingView> timbers) {}

    record SundryView(String label, BillPart part, Acquired acquired) {}

    record Catalogue(
            List<MaterialView> materials,
            List<BoardView> boards,
            List<KitView> kits,
            List<ItemView> items,
            List<WorkRate> rates,
            List<StageView> stages,
            List<ReachView> reaches,
            String measureYourOwn,
            List<PassingView> passings,
            List<PipeView> pipes,
            List<PipeSortView> pipeSorts,
            List<ThreadView> threads,
            UsualWater usualWater,
            FencesView fences,
            HoopsView hoops,
            CoversView covers,
            List<FurnitureKindView> furniture,
            Set<FeatureKind> shelfBearers,
            TrellisesView trellises,
            TunnelsView tunnels,
            CropsView crops,
            List<BayWallsView> bayWalls,
            List<CarrierView> carriers,
            List<FeatureView> features,
            List<SurfaceView> surfaces,
            List<LayerView> layers,
            List<ScaleView> scales,
            List<String> currencies,
            Length freeboard,
            Length spread,
            FittingsView fittings,
            List<MasonryView> masonries,
            List<SundryView> sundries,
            List<GoodView> goods,
            List<RecipeView> recipes,
            Length topUp,
            List<ThingsView> things,
            List<LayoutView> layouts) {}

    /**
     * What holds of water until somebody says otherwise.
     *
     * @param pressure of a tap that is closed
     * @param runoff of a roof
     * @param window when pipes may water
     * @param years of simulated days
     * @param enoughRain millimetres of a day after which nothing runs
     * @param meterTolerance of what should flow, by which the meter may be out
     */
    record UsualWater(
            Pressure pressure,
            double runoff,
            Pump pump,
            WateringWindow window,
            int years,
            double enoughRain,
            double meterTolerance) {}

    /** A manner in which whole layouts are tried. */
    record LayoutView(LayoutKind key, String label) {}

    /**
     * Where the plan lists the things of a kind.
     *
     * @param name the property in which an edit carries one
     * @param list the property of the plan
     */
    record ThingsView(String name, String list) {}

    /**
     * Corners of a four-sided plot.
     *
     * @param outOfSquare how far its first corner is from square, degrees
     * @param squareDiagonal what the diagonal would have measured with a square second corner
     * @param otherDiagonal what the other diagonal has to measure
     */
    record MeasuredPlot(List<Point> corners, double outOfSquare, Length squareDiagonal, Length otherDiagonal) {}

    /** Corners by offsets from a line between two pegs. */
    record OffsetPlot(List<BaseLine.Offset> corners) {}

    /** Corners by two tapes from the pegs, so far apart. */
    record TapedPlot(Length length, List<BaseLine.Tapes> corners) {}

    record KitView(String key, Length length, Length width, Length height) {}

    /** Offered first; any other ISO 4217 code may be typed. */
    private static final List<String> CURRENCIES = List.of(
            "EUR", "GBP", "USD", "CAD", "AUD", "NZD", "CHF", "SEK", "NOK", "DKK", "PLN", "CZK", "JPY", "INR", "ZAR",
            "MXN", "BRL");

    @GetMapping("/catalogue")
    Catalogue catalogue() {
        return new Catalogue(
                Material.values().stream().map(MaterialView::of).toList(),
                Board.values().stream().map(BoardView::of).toList(),
                Arrays.stream(Kit.values())
                        .map(k -> new KitView(k.key(), k.length(), k.width(), k.height()))
                        .toList(),
                PriceItem.all().map(ItemView::of).toList(),
                WorkRates.all().toList(),
                Arrays.stream(Stage.values()).map(StageView::of).toList(),
                Arrays.stream(ReachPreset.values())
                        .map(p -> new ReachView(p.label(), p.reach(), p.posture()))
                        .toList(),
                ReachPreset.MEASURE_YOUR_OWN,
                Stream.of(PassingPreset.values())
                        .map(p -> new PassingView(p.label(), p.width(), p.source()))
                        .toList(),
                PipeKind.values().stream().map(PipeView::of).toList(),
                Arrays.stream(PipeKind.Sort.values())
                        .map(sort -> new PipeSortView(sort, sort.label()))
                        .toList(),
                Arrays.stream(OutletThread.values()).map(ThreadView::of).toList(),
                new UsualWater(
                        Tap.USUAL_PRESSURE,
                        Roof.USUAL_RUNOFF,
                        Pump.USUAL,
                        WateringWindow.USUAL,
                        DailyWeather.YEARS,
                        Watch.ENOUGH_RAIN,
                        Watch.TOLERANCE),
                FencesView.ALL,
                HoopsView.ALL,
                CoversView.ALL,
                FurnitureKindView.ALL,
                ShelfStudy.bearers(),
                TrellisesView.ALL,
                TunnelsView.ALL,
                CropsView.ALL,
                Arrays.stream(BayWalls.values())
                        .map(walls -> new BayWallsView(walls, walls.label(), walls.remark(), walls.years()))
                        .toList(),
                Arrays.stream(CarrierPreset.values())
                        .map(c -> new CarrierView(c.label(), c.width(), c.wheels(), c.turning(), c.source()))
                        .toList(),
                Arrays.stream(FeaturePreset.values())
                        .map(f -> new FeatureView(
                                f.kind(), f.label(), f.kind().extent(), f.breadth(), f.margin(), f.caution()))
                        .toList(),
                Arrays.stream(Surfacing.values())
                        .map(s -> new SurfaceView(s, s.words(), s.firm(), BuildUps.usual(s), BuildUps.upkeep(s)))
                        .toList(),
                Arrays.stream(LayerKind.values())
                        .map(k -> new LayerView(k, k.label(), k.good().isPresent(), k.ordered()))
                        .toList(),
                Arrays.stream(Scale.values())
                        .map(s -> new ScaleView(s.name(), s.label()))
                        .toList(),
                CURRENCIES,
                FillTakeoff.FREEBOARD,
                FillTakeoff.SPREAD,
                new FittingsView(
                        Arrays.stream(CornerPost.values())
                                .map(p -> new FittingView(p.name(), p.label(), ""))
                                .toList(),
                        Arrays.stream(Support.values())
                                .map(s -> new FittingView(s.name(), s.label(), s.remark()))
                                .toList(),
                        Arrays.stream(Underlay.values())
                                .map(u -> new FittingView(u.name(), u.label(), u.remark()))
                                .toList(),
                        Arrays.stream(Fastener.values())
                                .map(f -> new FittingView(f.name(), f.label(), ""))
                                .toList(),
                        Arrays.stream(Timber.Use.values())
                                .map(u -> new FittingView(u.name(), u.label(), ""))
                                .toList()),
                Arrays.stream(Masonry.values())
                        .map(m -> new MasonryView(
                                m,
                                m.label(),
                                m.thickness(),
                                m.course(),
                                m.leastYears(),
                                m.mostYears(),
                                m.retains(),
                                m.remark()))
                        .toList(),
                Arrays.stream(SundryPreset.values())
                        .map(s -> new SundryView(s.label(), s.part(), s.acquired()))
                        .toList(),
                Arrays.stream(BulkGood.values())
                        .map(g -> new GoodView(g, g.label()))
                        .toList(),
                Arrays.stream(Recipe.values())
                        .map(r -> new RecipeView(r.label(), r.remark(), r.filling(), r.spread()))
                        .toList(),
                TopUp.DEPTH,
                Things.all().stream()
                        .map(kind -> new ThingsView(kind.name(), kind.field()))
                        .toList(),
                Arrays.stream(LayoutKind.values())
                        .map(layout -> new LayoutView(layout, layout.label()))
                        .toList());
    }

    /** The key of a material of one's own, for the workshop of a garden. */
    @PostMapping("/catalogue/materials")
    MaterialView material(@RequestBody NewMaterial added) {
        return MaterialView.of(Material.own(
                added.name(),
                added.leastYears(),
                added.mostYears(),
                added.leastDensity(),
                added.mostDensity(),
                added.stiffness(),
                added.remark().orElse("")));
    }

    /** The key of a board size of one's own, for the workshop of a garden. */
    @PostMapping("/catalogue/boards")
    BoardView board(@RequestBody NewBoard added) {
        return BoardView.of(Board.own(added.name(), added.thickness(), added.width(), added.stock()));
    }

    /** The key of a pipe of one's own, for runs that are laid of it. */
    @PostMapping("/catalogue/pipes")
    PipeView pipe(@RequestBody NewPipe added) {
        return PipeView.of(PipeKind.own(added.name(), added.bore(), added.sort()));
    }

    /** A boundary from a GPX track or a GeoJSON polygon. */
    @PostMapping(path = "/plots/track", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Track track(@RequestBody byte[] file) throws FaultyFileException {
        return TrackFile.read(file);
    }

    @PostMapping("/plots/four-sides")
    MeasuredPlot fourSides(@RequestBody Quadrilateral measured) {
        return new MeasuredPlot(
                measured.corners(), measured.outOfSquare(), measured.squareDiagonal(), measured.otherDiagonal());
    }

    @PostMapping("/plots/offsets")
    List<Point> offsets(@RequestBody OffsetPlot measured) {
        return BaseLine.offsets(measured.corners());
    }

    @PostMapping("/plots/tapes")
    List<Point> tapes(@RequestBody TapedPlot measured) {
        return BaseLine.tapes(measured.length(), measured.corners());
    }
}
