package fairacre.sun;

import fairacre.ground.Levels;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The light of beds, one by one, each remembered with no more than what stands where its shadow reaches the bed. */
final class BedLight {

    /** So many are followed together. */
    private static final int AT_ONCE = 25;

    private final Site site;
    private final Sky sky;
    private final Optional<Levels> levels;
    private final List<SunDay> days;
    private final List<SunTrack.Place> patches;
    private final Memo memo;
    private final List<Caster> inLeaf;
    private final List<Caster> bare;

    /** @param patches of the sky that the horizon does not hide; none if nobody asks how much of it beds see */
    BedLight(
            Site site,
            Sky sky,
            Optional<Levels> levels,
            Casters casters,
            List<SunDay> days,
            List<SunTrack.Place> patches,
            Memo memo) {
        this.site = site;
        this.sky = sky;
        this.levels = levels;
        this.days = days;
        this.patches = patches;
        this.memo = memo;
        this.inLeaf = casters.all(false);
        this.bare = casters.all(true);
    }

    /**
     * What a bed has.
     *
     * @param days on each
     * @param skyInLeaf share of the sky that it sees; 0 if nobody asks
     * @param skyBare the same with leaves down
     */
    record BedHad(List<Light.Had> days, double skyInLeaf, double skyBare) {

        double sky(boolean leavesDown) {
            return leavesDown ? skyBare : skyInLeaf;
        }
    }

    /** A bed and places in its soil. */
    record Bed(StandingBed standing, Light.Group soil) {}

    /** All that the light of a bed depends on. */
    private record Asked(
            UUID bed,
            List<Point> corners,
            Length height,
            Site site,
            Sky sky,
            List<LocalDate> days,
            boolean ofTheSky,
            List<Caster.Value> inLeaf,
            List<Caster.Value> bare) {}

    /** Of each bed, in their order. */
    List<BedHad> of(List<Bed> beds) {
        List<BedHad> had = new ArrayList<>();
        for (int i = 0; i < beds.size(); i += AT_ONCE) {
            had.addAll(ofSome(beds.subList(i, Math.min(i + AT_ONCE, beds.size()))));
        }
        return had;
    }

    private List<BedHad> ofSome(List<Bed> beds) {
        Light light = light(beds);
        List<List<Caster>> reachingInLeaf = light.reaching(sun(false), inLeaf);
        List<List<Caster>> reachingBare = light.reaching(sun(true), bare);
        Map<Asked, Bed> asked = new LinkedHashMap<>();
        for (int i = 0; i < beds.size(); i++) {
            asked.put(asked(beds.get(i).standing(), reachingInLeaf.get(i), reachingBare.get(i)), beds.get(i));
        }
        return memo.recallAll(
                List.copyOf(asked.keySet()),
                unknown -> had(light(unknown.stream().map(asked::get).toList())));
    }

    private Light light(List<Bed> beds) {
        return new Light(beds.stream().map(Bed::soil).toList(), Math.toRadians(site.north()), levels);
    }

    private Asked asked(StandingBed bed, List<Caster> reachingInLeaf, List<Caster> reachingBare) {
        return new Asked(
                bed.id(),
                bed.corners(),
                bed.revision().height(),
                site,
                sky,
                days.stream().map(SunDay::date).toList(),
                !patches.isEmpty(),
                reachingInLeaf.stream().map(Caster::value).toList(),
                reachingBare.stream().map(Caster::value).toList());
    }

    private List<BedHad> had(Light light) {
        List<List<Light.Had>> byDay = days.stream()
                .map(day -> light.on(day.seen(), day.bare() ? bare : inLeaf))
                .toList();
        List<Light.Had> skyInLeaf = light.on(patches, inLeaf);
        List<Light.Had> skyBare = light.on(patches, bare);
        return IntStream.range(0, skyBare.size())
                .mapToObj(i -> new BedHad(
                        byDay.stream().map(day -> day.get(i)).toList(),
                        LightSum.share(skyInLeaf.get(i)),
                        LightSum.share(skyBare.get(i))))
                .toList();
    }

    private List<SunTrack.Place> sun(boolean leavesDown) {
        return Stream.concat(
                        days.stream().filter(day -> day.bare() == leavesDown).flatMap(day -> day.seen().stream()),
                        patches.stream())
                .toList();
    }
}
