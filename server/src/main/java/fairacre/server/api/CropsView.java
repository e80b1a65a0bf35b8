package fairacre.server.api;

import fairacre.catalogue.Breeding;
import fairacre.catalogue.Crop;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.CropRow;
import fairacre.catalogue.CropValues;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Family;
import fairacre.catalogue.Feeding;
import fairacre.catalogue.Habit;
import fairacre.catalogue.Hardiness;
import fairacre.catalogue.PlantStock;
import fairacre.catalogue.Raising;
import fairacre.catalogue.WhyChosen;
import fairacre.crop.Layout;
import fairacre.feeding.Acidity;
import fairacre.feeding.Amending;
import fairacre.feeding.Amendment;
import fairacre.feeding.MulchKind;
import fairacre.feeding.Supplied;
import fairacre.feeding.Texture;
import fairacre.harvest.HarvestKinds;
import fairacre.harvest.Want;
import fairacre.husbandry.Disease;
import fairacre.husbandry.FamilyHistory;
import fairacre.husbandry.HusbandryRule;
import fairacre.journal.LossCause;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * What can be planted, and how.
 *
 * @param losses why something may be lost
 * @param diseases of these, those that stay in the soil; keys are the same
 * @param usualEaters for how many is reckoned where nobody says
 * @param seasonsBefore so many before the garden's first one can be noted: the longest wait of a family
 */
record CropsView(
        List<CropView> crops,
        List<PlantLayoutView> layouts,
        List<RaisingView> raisings,
        List<SchoolRuleView> schools,
        List<WantView> wants,
        List<CropColumnView> columns,
        List<BreedingView> breedings,
        List<WhyChosenView> reasons,
        List<CropValues.Word> losses,
        List<DiseaseView> diseases,
        SoilView soil,
        double usualEaters,
        int seasonsBefore) {

    static final CropsView ALL = new CropsView(
            Crops.rows().stream()
                    .map(row -> of(Crops.of(row.key()).orElseThrow(), row))
                    .toList(),
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
                    .toList(),
            CropColumn.all().stream()
                    .map(column -> new CropColumnView(column, column.head(), column.takes()))
                    .toList(),
            Arrays.stream(Breeding.values())
                    .map(breeding -> new BreedingView(breeding, breeding.label(), breeding.about()))
                    .toList(),
            Arrays.stream(WhyChosen.values())
                    .map(reason -> new WhyChosenView(reason, reason.label()))
                    .toList(),
            Arrays.stream(LossCause.values())
                    .map(cause -> new CropValues.Word(cause.name(), cause.label()))
                    .toList(),
            Arrays.stream(Disease.values())
                    .map(disease -> new DiseaseView(
                            disease, disease.label(), disease.family().label(), disease.years()))
                    .toList(),
            new SoilView(
                    Acidity.AIM,
                    Acidity.LIME_IN_A_YEAR,
                    Arrays.stream(Texture.values())
                            .map(texture -> new CropValues.Word(texture.name(), texture.label()))
                            .toList(),
                    Arrays.stream(Supplied.values())
                            .map(supplied -> new CropValues.Word(supplied.name(), supplied.label()))
                            .toList(),
                    Arrays.stream(Amending.values())
                            .map(amending -> new AmendingView(amending, amending.label(), amending.about()))
                            .toList(),
                    Arrays.stream(Amendment.values())
                            .map(amendment -> new CropValues.Word(amendment.name(), amendment.label()))
                            .toList(),
                    Arrays.stream(MulchKind.values())
                            .map(kind -> new MulchKindView(
                                    kind,
                                    kind.label(),
                                    kind.about(),
                                    kind.usual(Units.METRIC),
                                    kind.usual(Units.FEET_AND_INCHES)))
                            .toList()),
            HarvestKinds.USUAL_EATERS,
            FamilyHistory.longestWait());

    /**
     * @param figures as they stand in the table of crops
     * @param raisings how it can be raised
     */
    record CropView(
            Crop crop,
            Map<CropColumn, String> figures,
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

    /** @param years for which the family keeps away */
    record DiseaseView(Disease key, String label, String family, int years) {}

    record WantView(Want key, String label) {}

    /** @param head in the table of crops */
    record CropColumnView(CropColumn key, String head, CropValues takes) {}

    /** What soil tests say, and what is given for it. */
    /**
     * @param aim the pH that is best
     * @param limeInAYear kilograms for a square metre, at most
     */
    record SoilView(
            double aim,
            double limeInAYear,
            List<CropValues.Word> textures,
            List<CropValues.Word> supplied,
            List<AmendingView> amendings,
            List<CropValues.Word> amendments,
            List<MulchKindView> mulches) {}

    /**
     * @param metric how thick it usually lies, in gardens measured in metres
     * @param feet the same, in gardens measured in feet
     */
    record MulchKindView(MulchKind key, String label, String about, Length metric, Length feet) {}

    record AmendingView(Amending key, String label, String about) {}

    record BreedingView(Breeding key, String label, String about) {}

    record WhyChosenView(WhyChosen key, String label) {}

    static CropView of(Crop crop, CropRow row) {
        Family family = crop.family();
        Habit habit = crop.habit();
        Hardiness hardiness = crop.hardiness();
        Feeding feeding = crop.feeding();
        PlantStock stock = crop.stock();
        return new CropView(
                crop,
                row.figures(),
                family.label(),
                habit.label(),
                hardiness.label(),
                feeding.label(),
                stock.label(),
                Arrays.stream(Raising.values()).filter(crop::grows).toList());
    }
}
