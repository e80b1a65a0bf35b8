package fairacre.appraisal;

import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Polygons;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * Beds that wheels come to over bare ground only. A bed is worked from where a chair stands on a walk or a slab; a
 * barrow has done its work when it comes alongside, and is not told of beds that are told for a chair. Whether a walk
 * is firm enough is judged elsewhere.
 */
final class BareGroundSnags {

    private final SnagContext context;

    BareGroundSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        Geometry surfaced = surfaced(context.plan(), context.season());
        List<Snag> snags = new ArrayList<>();
        List<Rolling> carriers = new ArrayList<>();
        List<StandingBed> carriedTo = new ArrayList<>();
        Set<UUID> told = new HashSet<>();
        for (Rolling wheels : Rolling.all(context.plan())) {
            UsablePart firm = new UsablePart(study, surfaced, wheels);
            List<StandingBed> bare = context.standing().stream()
                    .filter(bed -> wheels.serves(bed.id(), context.plan()) && study.reaches(wheels.carrier(), bed.id()))
                    .filter(firm::lacks)
                    .toList();
            if (!bare.isEmpty() && wheels.gardener().isPresent()) {
                snags.add(worked(study, wheels, bare));
                bare.forEach(bed -> told.add(bed.id()));
            } else if (bare.stream().anyMatch(bed -> !told.contains(bed.id()))) {
                carriers.add(wheels);
                bare.stream()
                        .filter(bed -> !told.contains(bed.id()) && !carriedTo.contains(bed))
                        .forEach(carriedTo::add);
            }
        }
        if (!carriers.isEmpty()) {
            snags.add(carried(study, carriers, carriedTo));
        }
        return snags;
    }

    /** The ground that is walk or slab in a season. */
    static Geometry surfaced(Plan plan, int season) {
        Stream<Geometry> walks = plan.walks(season).stream().map(walk -> Polygons.of(walk.corners()));
        Stream<Geometry> slabs = plan.setting(season).features().stream()
                .filter(feature -> feature.kind() == FeatureKind.SLAB)
                .map(feature -> Polygons.of(feature.places()));
        return Areas.joined(Stream.concat(walks, slabs).toList());
    }

    private Snag worked(CarrierStudy study, Rolling chair, List<StandingBed> bare) {
        String words = chair.carrier().name() + " works " + Wording.named(bare) + ", or part of "
                + (bare.size() == 1 ? "it" : "them") + ", from bare ground: it gives way under wheels when it is wet.";
        return snag(study, List.of(chair), bare, words);
    }

    private Snag carried(CarrierStudy study, List<Rolling> carriers, List<StandingBed> bare) {
        String words = Rolling.names(carriers) + (carriers.size() == 1 ? " comes to " : " come to ")
                + Wording.named(bare) + " over bare ground: wheels cut ruts in it when it is wet.";
        return snag(study, carriers, bare, words);
    }

    private Snag snag(CarrierStudy study, List<Rolling> rolling, List<StandingBed> bare, String words) {
        return Snag.of(
                SnagRule.BARE_GROUND,
                Rolling.weight(rolling),
                words,
                Optional.of(bare.get(0).outline().centre()),
                bare.stream().map(StandingBed::id).sorted().toList(),
                Rolling.seated(rolling),
                context.remedies(() -> new SurfacingRemedies(context, study, rolling, bare).all()));
    }
}
