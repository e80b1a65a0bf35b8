package fairacre.surface;

import fairacre.bill.BillPart;
import fairacre.build.BuildPrices;
import fairacre.frame.FrameRates;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.LayerKind;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Lifetime;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** Takes off what walks and drains are made of. */
final class SurfaceWants {

    /** From this depth on wood chip lasts long (common practice: 4 in is usual, 8 in is generous). */
    private static final Length DEEP = Length.inches(6);

    private static final Lasts THIN_LASTS = Lasts.between(2, 3);
    private static final Lasts DEEP_LASTS = Lasts.between(5, 10);

    private final Takeoff takeoff;
    private final List<WalkTakeoff> walks;

    private SurfaceWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.walks = SurfaceStudy.in(takeoff);
    }

    static void takeOff(Takeoff takeoff) {
        SurfaceWants wants = new SurfaceWants(takeoff);
        wants.looseOfWalks();
        Arrays.stream(LayerKind.values()).filter(kind -> kind.good().isEmpty()).forEach(wants::covering);
        wants.edging();
        DrainTakeoff.of(takeoff.plan()).forEach(wants::drain);
        RetainingTakeoff.of(takeoff.plan()).forEach(wants::retaining);
        wants.spoil();
        wants.walks.forEach(wants::workOn);
        wants.walks.forEach(wants::toppedUp);
    }

    /** Wood chip rots to half its depth; then as much comes on top of it again (common practice). */
    private void toppedUp(WalkTakeoff walk) {
        Served served = Served.place(walk.walk());
        Lifetime wanted = takeoff.plan().walks().stream()
                .filter(each -> each.id().equals(walk.walk()))
                .map(each -> each.lifetime().beginning(walk.season()))
                .findFirst()
                .orElseThrow();
        layers(walk, LayerKind.CHIP)
                .forEach(layer -> takeoff.wearing(
                        served,
                        layer.layer().kind().label(),
                        wanted,
                        layer.layer().depth().compareTo(DEEP) < 0 ? THIN_LASTS : DEEP_LASTS,
                        season -> {
                            takeoff.loose(
                                    season,
                                    Use.WALK,
                                    BulkGood.CHIP,
                                    Volume.litres(layer.volume().litres() / 2),
                                    served);
                            takeoff.work(
                                    season,
                                    SurfaceRates.laying(LayerKind.CHIP),
                                    walk.area().squareMetres(),
                                    served);
                        }));
    }

    private void workOn(WalkTakeoff walk) {
        int season = walk.season();
        takeoff.work(season, SurfaceRates.DIGGING, walk.spoil().cubicMetres(), Served.place(walk.walk()));
        walk.layers()
                .forEach(layer -> takeoff.work(
                        season,
                        SurfaceRates.laying(layer.layer().kind()),
                        walk.area().squareMetres(),
                        Served.place(walk.walk())));
        takeoff.work(season, SurfaceRates.EDGING, walk.edging().metres(), Served.place(walk.walk()));
    }

    private void looseOfWalks() {
        walks.forEach(walk -> walk.layers()
                .forEach(layer -> layer.layer()
                        .kind()
                        .good()
                        .ifPresent(good -> takeoff.loose(
                                walk.season(), Use.WALK, good, layer.volume(), Served.place(walk.walk())))));
    }

    private void covering(LayerKind kind) {
        walks.forEach(walk -> layers(walk, kind)
                .forEach(layer -> takeoff.area(
                        walk.season(),
                        BillPart.WALKS,
                        units -> GoodsPrices.area(kind, units),
                        layer.covered(),
                        Served.place(walk.walk()))));
    }

    private static Stream<LayerTakeoff> layers(WalkTakeoff walk, LayerKind kind) {
        return walk.layers().stream().filter(layer -> layer.layer().kind() == kind);
    }

    private void edging() {
        walks.forEach(walk -> takeoff.length(
                walk.season(), BillPart.WALKS, SurfacePrices::edging, walk.edging(), Served.place(walk.walk())));
    }

    /** What is dug out for walks goes into the beds, where the gardener says so. */
    private void spoil() {
        if (takeoff.plan().supply().spoil()) {
            walks.forEach(walk -> takeoff.gain(walk.season(), BulkGood.TOPSOIL, walk.spoil()));
        }
    }

    private void retaining(RetainingTakeoff wall) {
        Served served = Served.place(wall.wall());
        takeoff.work(wall.season(), FrameRates.laying(wall.masonry()), wall.pieces(), served);
        takeoff.pieces(wall.season(), BillPart.GROUND, BuildPrices.masonry(wall.masonry()), wall.pieces(), 1, served);
        takeoff.pieces(wall.season(), BillPart.GROUND, BuildPrices.MORTAR, wall.bags(), 1, served);
        takeoff.pieces(wall.season(), BillPart.GROUND, SurfacePrices.WEEP, wall.weeps(), 1, served);
        takeoff.loose(wall.season(), Use.DRAIN, BulkGood.BASE, wall.footing(), served);
    }

    private void drain(DrainTakeoff drain) {
        Served served = Served.place(drain.drain());
        takeoff.work(drain.season(), SurfaceRates.DIGGING, drain.stone().cubicMetres(), served);
        takeoff.work(drain.season(), SurfaceRates.PIPE, drain.pipe().metres(), served);
        takeoff.loose(drain.season(), Use.DRAIN, BulkGood.STONE, drain.stone(), served);
        takeoff.length(drain.season(), BillPart.GROUND, SurfacePrices::drainPipe, drain.pipe(), served);
        takeoff.area(
                drain.season(),
                BillPart.GROUND,
                units -> GoodsPrices.area(LayerKind.FABRIC, units),
                drain.fabric(),
                served);
    }
}
