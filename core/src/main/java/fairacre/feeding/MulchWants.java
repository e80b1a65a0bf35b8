package fairacre.feeding;

import fairacre.bill.BillPart;
import fairacre.bill.PriceList.Offer;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.measure.Area;
import fairacre.measure.Volume;
import fairacre.plan.StandingBed;
import fairacre.shape.BedSoil;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Takes off mulch: what is bought of it, and the work of laying it. */
final class MulchWants {

    static final WorkRate LAYING = new WorkRate(
            "mulch/laying", "Laying mulch", 65, "cubic metre", "9 m2 an hour, 4 in deep: common practice", Stage.MULCH);

    private static final double STRAW_PRICE = 8;

    private MulchWants() {}

    static Stream<Offer> offers() {
        return Stream.of(MulchKind.values())
                .flatMap(kind -> kind.bale().stream())
                .map(bale -> new Offer(bale, STRAW_PRICE));
    }

    static void takeOff(Takeoff takeoff) {
        takeoff.plan()
                .list(FeedingKinds.MULCHES)
                .forEach(mulch -> IntStream.range(mulch.first(), mulch.first() + mulch.seasons())
                        .forEach(season -> takeOff(takeoff, mulch, season)));
    }

    private static void takeOff(Takeoff takeoff, Mulch mulch, int season) {
        List<StandingBed> beds = takeoff.plan().standing(season).stream()
                .filter(bed -> mulch.isOn(bed.id(), season))
                .toList();
        for (StandingBed bed : beds) {
            Volume volume = volume(mulch, bed);
            Served served = Served.bed(bed.id());
            mulch.kind()
                    .bale()
                    .ifPresent(bale ->
                            takeoff.pieces(season, BillPart.FILL, bale, volume.litres() / MulchKind.BALE, 1, served));
            mulch.kind().good().ifPresent(good -> takeoff.loose(season, Use.MULCH, good, volume, served));
            takeoff.work(season, LAYING, volume.cubicMetres(), served);
        }
    }

    /** On all of the soil of a bed. */
    static Volume volume(Mulch mulch, StandingBed bed) {
        return Volume.prism(Area.squareMetres(BedSoil.of(bed.revision()).getArea()), mulch.depth());
    }
}
