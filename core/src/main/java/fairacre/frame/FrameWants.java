package fairacre.frame;

import fairacre.bill.BillPart;
import fairacre.build.BuildPrices;
import fairacre.build.Fastener;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.LayerKind;
import fairacre.plan.Bed;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.stream.Stream;

/** Takes off the frames of all beds: boards, what holds and lines them, kits and walls. */
final class FrameWants {

    private final Takeoff takeoff;
    private final List<FrameJob> jobs;

    private FrameWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.jobs = takeoff.plan().beds().stream()
                .flatMap(bed -> Stream.concat(
                        takeoff.memo().recall(new JobsOf(bed), () -> FrameJob.of(bed)).stream(),
                        renewed(takeoff, bed).stream()))
                .toList();
    }

    private static List<FrameJob> renewed(Takeoff takeoff, Bed bed) {
        List<FrameJob> renewed = new ArrayList<>();
        takeoff.memo()
                .recall(new AgesOf(bed), () -> FrameAge.of(bed))
                .forEach(age -> takeoff.wearing(
                        Served.bed(bed.id()),
                        "Frame",
                        age.wanted(),
                        age.lasts(),
                        season -> bed.in(season)
                                .map(revision -> FrameJob.anew(bed.id(), revision.startingIn(season)))
                                .ifPresent(renewed::add)));
        return renewed;
    }

    /** The question from when until when the frames of a bed stand. */
    private record AgesOf(Bed bed) {}

    /** The question what the frames of a bed take. */
    private record JobsOf(Bed bed) {}

    static void takeOff(Takeoff takeoff) {
        FrameWants wants = new FrameWants(takeoff);
        wants.boards();
        wants.fasteners();
        wants.bySize();
        wants.kits();
        wants.masonry();
        wants.work();
    }

    private void boards() {
        jobs.forEach(job -> job.pieces()
                .forEach((kind, pieces) ->
                        takeoff.boards(job.season(), BillPart.FRAMES, kind, pieces, Served.bed(job.bed()))));
    }

    private void fasteners() {
        for (Fastener kind : Fastener.values()) {
            hardware((job, hardware) -> takeoff.pieces(
                    job.season(),
                    BillPart.FRAMES,
                    BuildPrices.fastener(kind),
                    hardware.fasteners().getOrDefault(kind, 0),
                    kind.box(),
                    Served.bed(job.bed())));
        }
    }

    private void bySize() {
        for (Support support : List.of(Support.RODS, Support.STRAPS)) {
            hardware((job, hardware) -> {
                if (hardware.fittings().support() == support) {
                    takeoff.length(
                            job.season(),
                            BillPart.FRAMES,
                            units -> BuildPrices.tie(support, units),
                            hardware.ties(),
                            Served.bed(job.bed()));
                }
            });
        }
        hardware((job, hardware) -> takeoff.area(
                job.season(), BillPart.FRAMES, BuildPrices::liner, hardware.liner(), Served.bed(job.bed())));
        underlay(Underlay.CLOTH);
        underlay(Underlay.CARDBOARD);
    }

    private void underlay(Underlay underlay) {
        hardware((job, hardware) -> {
            if (hardware.fittings().underlay() == underlay) {
                takeoff.area(
                        job.season(),
                        BillPart.FRAMES,
                        units -> underlay == Underlay.CLOTH
                                ? BuildPrices.cloth(units)
                                : GoodsPrices.area(LayerKind.CARDBOARD, units),
                        hardware.underlay(),
                        Served.bed(job.bed()));
            }
        });
    }

    private void hardware(BiConsumer<FrameJob, Hardware> what) {
        jobs.forEach(job -> job.hardware().ifPresent(hardware -> what.accept(job, hardware)));
    }

    private void kits() {
        for (Kit kit : Kit.values()) {
            jobs.stream()
                    .filter(job -> job.kit().filter(kit::equals).isPresent())
                    .forEach(job -> takeoff.pieces(
                            job.season(), BillPart.FRAMES, BuildPrices.kit(kit), 1, 1, Served.bed(job.bed())));
        }
    }

    private void masonry() {
        for (Masonry kind : Masonry.values()) {
            walls((job, wall) -> {
                if (wall.kind() == kind) {
                    takeoff.pieces(
                            job.season(),
                            BillPart.FRAMES,
                            BuildPrices.masonry(kind),
                            wall.pieces(),
                            1,
                            Served.bed(job.bed()));
                }
            });
        }
        walls((job, wall) -> takeoff.pieces(
                job.season(), BillPart.FRAMES, BuildPrices.MORTAR, wall.bags(), 1, Served.bed(job.bed())));
        walls((job, wall) ->
                takeoff.loose(job.season(), Use.FILL, BulkGood.BASE, wall.footingOrdered(), Served.bed(job.bed())));
    }

    /** Posts, stakes and ties are sawn and fastened like boards; a kit is put together by its maker's sheet. */
    private void work() {
        for (FrameJob job : jobs) {
            takeoff.work(
                    job.season(),
                    FrameRates.PIECE,
                    job.pieces().values().stream().mapToInt(List::size).sum(),
                    Served.bed(job.bed()));
        }
        for (Masonry kind : Masonry.values()) {
            walls((job, wall) -> takeoff.work(
                    job.season(),
                    FrameRates.laying(kind),
                    wall.kind() == kind ? wall.pieces() : 0,
                    Served.bed(job.bed())));
        }
    }

    private void walls(BiConsumer<FrameJob, MasonryTakeoff> what) {
        jobs.forEach(job -> job.masonry().ifPresent(wall -> what.accept(job, wall)));
    }
}
