package fairacre.hoop;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.hoop.HoopsOverBed.HoopSheetSize;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.over.FabricPrices;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Takes off hoops. A set goes from bed to bed: bought in a season is what that season wants more than all before.
 * Sleeves stay on the beds they are strapped to. What comes in none was there before and costs nothing.
 */
final class HoopWants {

    /** A sleeve is held by two straps; a sheet by four clips on each bow (common practice). */
    private static final int STRAPS = 2;

    private static final int CLIPS = 4;

    private final Takeoff takeoff;
    private final Plan plan;

    HoopWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    void takeOff() {
        plan.list(HoopKinds.SETS).stream()
                .filter(set -> set.lifetime().from().isPresent())
                .forEach(set -> new OfASet(set).takeOff());
    }

    /** What one set has, season by season. */
    private final class OfASet {

        private final HoopSet set;
        private final HoopFit fit;
        private final Served served;
        private int bows;
        private int bags;
        private final List<HoopSheetSize> sheets = new ArrayList<>();
        private final Set<UUID> sleeved = new HashSet<>();

        OfASet(HoopSet set) {
            this.set = set;
            this.fit = HoopFit.of(plan, set);
            this.served = Served.place(set.id());
        }

        void takeOff() {
            HoopFit.seasons(plan, set).forEach(this::takeOff);
        }

        private void takeOff(int season) {
            List<HoopsOverBed> over = HoopStudy.of(plan, season, plan.standing(season)).over(set, fit).stream()
                    .filter(bed -> bed.misfit().isEmpty())
                    .toList();
            int wanted = over.stream().mapToInt(HoopsOverBed::bows).sum();
            if (wanted > bows) {
                bows(season, wanted - bows);
                takeoff.length(
                        season, BillPart.STRUCTURES, HoopPrices::cord, HoopStudy.ties(set, wanted - bows), served);
                if (set.cover() != Fabric.NONE) {
                    pieces(season, HoopPrices.CLIP, CLIPS * (wanted - bows));
                }
                bows = wanted;
            }
            int filled = over.stream()
                    .flatMap(bed -> bed.ballast().stream())
                    .mapToInt(HoopsOverBed.Ballast::bags)
                    .sum();
            if (filled > bags) {
                pieces(season, HoopPrices.BAG, filled - bags);
                bags = filled;
            }
            sheets(season, over.stream().flatMap(bed -> bed.sheet().stream()).toList());
            if (set.anchor() == HoopAnchor.IN_SLEEVES) {
                over.stream().filter(bed -> sleeved.add(bed.bed())).forEach(bed -> sleeves(season, bed));
            }
        }

        private void bows(int season, int more) {
            Optional<GluedBow> glued = fit.glued(plan);
            glued.filter(bow -> bows == 0).ifPresent(bow -> GluedWants.clamps(takeoff, season, bow, served));
            takeoff.lasting(
                    served, "Bows", lasting(season), Lasts.about(set.pipe().years()), in -> {
                        glued.ifPresentOrElse(
                                bow -> GluedWants.takeOff(takeoff, in, bow, more, List.of(), served),
                                () -> bent(in, more));
                        takeoff.work(in, HoopRates.PUT_UP, more, served);
                    });
        }

        private void bent(int in, int more) {
            Length cut = fit.cut().orElseThrow();
            set.pipe()
                    .stick(plan.units())
                    .ifPresentOrElse(
                            length -> sticks(in, HoopSticks.of(more, cut, length)),
                            () -> takeoff.length(
                                    in,
                                    BillPart.STRUCTURES,
                                    units -> HoopPrices.pipe(set.pipe(), units),
                                    cut.times(more),
                                    served));
            takeoff.work(in, HoopRates.CUT, more, served);
            if (set.pipe().staysBent()) {
                takeoff.work(in, HoopRates.BEND, more, served);
            }
        }

        private void sticks(int season, HoopSticks sticks) {
            pieces(season, HoopPrices.pipe(set.pipe(), plan.units()), sticks.sticks());
            pieces(season, HoopPrices.COUPLING, sticks.couplings());
        }

        /** Each bed takes the shortest sheet that is there and long enough; all are of one width. */
        private void sheets(int season, List<HoopSheetSize> wanted) {
            List<HoopSheetSize> free = new ArrayList<>(sheets);
            wanted.stream()
                    .sorted(Comparator.comparing(HoopSheetSize::length).reversed())
                    .forEach(size -> free.stream()
                            .filter(sheet -> sheet.length().compareTo(size.length()) >= 0)
                            .min(Comparator.comparing(HoopSheetSize::length))
                            .ifPresentOrElse(free::remove, () -> sheet(season, size)));
        }

        private void sheet(int season, HoopSheetSize size) {
            sheets.add(size);
            takeoff.lasting(
                    served, "Sheets", lasting(season), Lasts.about(set.cover().years()), in -> {
                        takeoff.area(
                                in,
                                BillPart.STRUCTURES,
                                units -> FabricPrices.fabric(set.cover(), units),
                                Area.squareMetres(
                                        size.length().metres() * size.width().metres()),
                                served);
                        takeoff.work(in, HoopRates.SHEET, 1, served);
                    });
        }

        private void sleeves(int season, HoopsOverBed bed) {
            int feet = 2 * bed.bows();
            takeoff.length(
                    season, BillPart.STRUCTURES, HoopPrices::sleeve, set.depth().times(feet), served);
            pieces(season, HoopPrices.STRAP, feet * STRAPS);
            takeoff.work(season, HoopRates.SLEEVE, feet, served);
        }

        /** Of what comes in a season and stays as long as the set. */
        private Lifetime lasting(int season) {
            return set.lifetime().beginning(season);
        }

        private void pieces(int season, PriceItem item, int count) {
            takeoff.pieces(season, BillPart.STRUCTURES, item, count, 1, served);
        }
    }
}
