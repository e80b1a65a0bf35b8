package fairacre.husbandry;

import fairacre.catalogue.Crop;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.over.ShelterSource;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.trellis.ClimberSource;
import fairacre.water.CropCoefficient;
import fairacre.water.GrowthSource;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/** How crops go with each other and with their beds. */
public final class HusbandryCapability implements Capability, ThingKinds, GrowthSource, ClimberSource {

    @Override
    public List<Things<?>> kinds() {
        return List.of(HusbandryKinds.LEFT_ASIDE, HusbandryKinds.SOIL_DISEASES);
    }

    @Override
    public List<HusbandryRule> rules() {
        return List.of(HusbandryRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("which families return", () -> new FamilySnags(context).find()),
                new Finder("what grows together", () -> new CompanySnags(context).find()),
                new Finder("what crops want", () -> new CareSnags(context).find()),
                new Finder("what sprawls", () -> new SprawlSnags(context).find()));
    }

    @Override
    public List<Finder> inFull(SnagContext context) {
        return List.of(new Finder("what sun crops have", () -> new SunSnags(context).find()));
    }

    @Override
    public Stream<Growing> growing(Plan plan, int season) {
        return PlantingKinds.plantings(plan, season).stream().map(planting -> growing(plan, planting));
    }

    private static Growing growing(Plan plan, Planting planting) {
        Crop crop = planting.grown(plan);
        return new Growing(
                planting.bed(),
                planting.name(),
                planting.from(),
                planting.until(),
                crop.perennial().isPresent(),
                new CropCoefficient(
                        crop.water().first(),
                        crop.water().middle(),
                        crop.water().last()));
    }

    @Override
    public Set<UUID> rainless(Plan plan, int season) {
        return ShelterSource.rainless(plan, season);
    }

    @Override
    public Map<UUID, Double> climbing(Plan plan, int season) {
        return Climbers.of(plan, season);
    }
}
