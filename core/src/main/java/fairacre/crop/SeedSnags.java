package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Varieties of which the gardener has too little seed, and no more can be bought. */
final class SeedSnags {

    private final SnagContext context;
    private final PlantingSnag told;

    SeedSnags(SnagContext context) {
        this.context = context;
        this.told = new PlantingSnag(context);
    }

    List<Snag> find() {
        return lacking(context.plan(), context.memo()).stream()
                .filter(line -> line.season() == context.season())
                .map(this::tooLittle)
                .toList();
    }

    private static List<SeedOrder.Line> lacking(Plan plan, Memo memo) {
        boolean scarce = plan.list(Varieties.VARIETIES).stream()
                .anyMatch(variety -> variety.seed().filter(SeedOnHand::noMore).isPresent());
        return scarce
                ? SeedOrder.lines(plan, memo).stream()
                        .filter(line -> line.missing() > 0)
                        .toList()
                : List.of();
    }

    private Snag tooLittle(SeedOrder.Line line) {
        int plants = line.wants().stream().mapToInt(SeedOrder.Want::count).sum();
        return told.snag(
                        CropRule.SEED_SHORT,
                        Weight.WARNING,
                        line.wants().get(0).planting(),
                        "Seed of " + line.name() + " is enough for " + (plants - line.missing()) + " of " + plants
                                + " plants in " + context.season() + ", and no more of it can be bought.",
                        () -> remedies(line))
                .by(line.missing());
    }

    /** For the smallest planting that is enough, else for all of them. */
    private List<Remedy> remedies(SeedOrder.Line line) {
        List<Planting> plantings = line.wants().stream()
                .sorted(Comparator.comparingInt(SeedOrder.Want::count))
                .map(SeedOrder.Want::planting)
                .toList();
        Optional<Planting> enough = plantings.stream()
                .filter(planting -> isEnough(Put.of(usual(planting)), line))
                .findFirst();
        return enough.map(planting -> Stream.of(
                                new Remedy(
                                        "Buy seed of " + usual(planting).name() + " for "
                                                + context.name(planting.bed()),
                                        Put.of(usual(planting))),
                                PlantingSnag.takeOut(planting))
                        .toList())
                .orElseGet(() -> List.of(all(plantings)));
    }

    private Remedy all(List<Planting> plantings) {
        String words = "Buy seed of " + usual(plantings.get(0)).name() + " for all beds";
        return new Remedy(
                words,
                new Change.Batch(
                        words,
                        plantings.stream()
                                .<Change>map(planting -> Put.of(usual(planting)))
                                .toList()));
    }

    /** Whether the season has enough seed of the variety then. */
    private boolean isEnough(Change change, SeedOrder.Line line) {
        return context.plan().apply(change) instanceof Outcome.Applied applied
                && lacking(applied.plan(), context.memo()).stream()
                        .noneMatch(after -> after.season() == line.season()
                                && after.crop().variety().equals(line.crop().variety()));
    }

    /** The crop as the catalogue has it. */
    private static Planting usual(Planting planting) {
        Crop crop = Crops.of(planting.crop()).orElseThrow();
        return planting.usual(crop.name());
    }
}
