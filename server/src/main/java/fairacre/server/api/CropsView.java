package fairacre.server.api;

import fairacre.crop.Crop;
import fairacre.crop.Crops;
import fairacre.crop.Family;
import fairacre.crop.Feeding;
import fairacre.crop.Habit;
import fairacre.crop.Hardiness;
import fairacre.crop.Layout;
import fairacre.crop.PlantStock;
import fairacre.crop.Raising;
import fairacre.harvest.Want;
import fairacre.husbandry.HusbandryRule;
import java.util.Arrays;
import java.util.List;

/** What can be planted, and how. */
record CropsView(
        List<CropView> crops,
        List<PlantLayoutView> layouts,
        List<RaisingView> raisings,
        List<SchoolRuleView> schools,
        List<WantView> wants) {

    static final CropsView ALL = new CropsView(
            Crops.all().stream().map(CropsView::of).toList(),
            Arrays.stream(Layout.values())
                    .map(layout -> new PlantLayoutView(layout, layout.label(), layout.about()))
                    .toList(),
            Arrays.stream(Raising.values())
                    .map(raising -> new RaisingView(raising, raising.label()))
                    .toList(),
            Arrays.stream(HusbandryRule.values())
                    .flatMap(rule -> rule.evidence().stream()
                            .map(evidence -> new SchoolRuleView(
                                    rule.name(),
                                    rule.text().cause(),
                                    rule.text().rule(),
                                    evidence)))
                    .toList(),
            Arrays.stream(Want.values())
                    .map(want -> new WantView(want, want.label()))
                    .toList());

    /** @param raisings how it can be raised */
    record CropView(
            Crop crop,
            String family,
            String habit,
            String hardiness,
            String feeding,
            String stock,
            List<Raising> raisings) {}

    record PlantLayoutView(Layout key, String label, String about) {}

    record RaisingView(Raising key, String label) {}

    /**
     * A rule that gardeners differ about.
     *
     * @param key its stable code
     */
    record SchoolRuleView(String key, String cause, String rule, String evidence) {}

    record WantView(Want key, String label) {}

    private static CropView of(Crop crop) {
        Family family = crop.family();
        Habit habit = crop.habit();
        Hardiness hardiness = crop.hardiness();
        Feeding feeding = crop.feeding();
        PlantStock stock = crop.stock();
        return new CropView(
                crop,
                family.label(),
                habit.label(),
                hardiness.label(),
                feeding.label(),
                stock.label(),
                Arrays.stream(Raising.values()).filter(crop::grows).toList());
    }
}
