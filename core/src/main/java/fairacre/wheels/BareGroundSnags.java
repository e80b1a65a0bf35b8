package fairacre.wheels;

import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Wording;
import fairacre.outline.Polygons;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.List;
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
        return Lacking.of(context, wheels -> lacking(study, surfaced, wheels)).stream()
                .map(lacking -> lacking.sits() ? worked(study, lacking) : carried(study, lacking))
                .toList();
    }

    private List<StandingBed> lacking(CarrierStudy study, Geometry surfaced, Rolling wheels) {
        UsablePart firm = new UsablePart(study, surfaced, wheels);
        return context.standing().stream()
                .filter(bed -> wheels.serves(bed.id(), context.plan()) && study.reaches(wheels.carrier(), bed.id()))
                .filter(firm::lacks)
                .toList();
    }

    /** The ground that is walk or slab in a season. */
    static Geometry surfaced(Plan plan, int season) {
        Stream<Geometry> walks = plan.walks(season).stream().map(walk -> Polygons.of(walk.corners()));
        Stream<Geometry> slabs = plan.setting(season).features().stream()
                .filter(feature -> feature.kind() == FeatureKind.SLAB)
                .map(feature -> Polygons.of(feature.places()));
        return Areas.joined(Stream.concat(walks, slabs).toList());
    }

    private Snag worked(CarrierStudy study, Lacking lacking) {
        String words = Rolling.names(lacking.rolling()) + " works " + Wording.named(lacking.beds()) + ", or part of "
                + (lacking.beds().size() == 1 ? "it" : "them")
                + ", from bare ground: it gives way under wheels when it is wet.";
        return snag(study, lacking, words);
    }

    private Snag carried(CarrierStudy study, Lacking lacking) {
        String words = Rolling.names(lacking.rolling())
                + (lacking.rolling().size() == 1 ? " comes to " : " come to ") + Wording.named(lacking.beds())
                + " over bare ground: wheels cut ruts in it when it is wet.";
        return snag(study, lacking, words);
    }

    private Snag snag(CarrierStudy study, Lacking lacking, String words) {
        return lacking.snag(
                WheelRule.BARE_GROUND,
                words,
                context.remedies(() -> new SurfacingRemedies(context, study, lacking.rolling(), lacking.beds()).all()));
    }
}
