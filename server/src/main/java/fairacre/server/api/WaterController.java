package fairacre.server.api;

import fairacre.cost.PipeRolls;
import fairacre.cost.PricedNetwork;
import fairacre.cost.WateringChoice;
import fairacre.cost.WateringComparison;
import fairacre.format.ClimateFile;
import fairacre.format.FaultyFileException;
import fairacre.format.PipesGeoJson;
import fairacre.format.WateringCalendar;
import fairacre.limits.Limits;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import fairacre.watch.SeasonWatch;
import fairacre.watch.WatchedRun;
import fairacre.water.BadDay;
import fairacre.water.BedNeeds;
import fairacre.water.Climate;
import fairacre.water.HandWatering;
import fairacre.water.NewWater;
import fairacre.water.WaterKinds;
import fairacre.water.WaterStudy;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Changes that would bring water to a garden, none of them made yet; and what is asked of its water beside the
 * judgement.
 */
@RestController
@RequestMapping("/api/gardens/{garden}/water")
class WaterController {

    private static final int MOST_FAULTS = 100;

    private final GardenService gardens;
    private final Clock clock;

    WaterController(GardenService gardens, Clock clock) {
        this.gardens = gardens;
        this.clock = clock;
    }

    /** Beds that are to be watered, and how. */
    record WateredBeds(List<UUID> beds, NewWater.Way way) {
        WateredBeds {
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
            Limits.present(way, "way");
        }
    }

    /** Through which a run is to lead. */
    record RunPlaces(List<Point> places) {
        RunPlaces {
            Limits.present(places, "places");
        }
    }

    /** What was measured at a tap: a bucket, in litres, and in how many seconds it is full. */
    record BucketAndWatch(Volume bucket, double seconds) {}

    @PostMapping("/taps")
    @Needs(Role.READER)
    Change tap(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody BucketAndWatch measured) {
        return water(owner, garden, season).tap(measured.bucket(), measured.seconds());
    }

    @PostMapping("/barrels")
    @Needs(Role.READER)
    Change barrel(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return water(owner, garden, season).barrel();
    }

    @PostMapping("/runs")
    @Needs(Role.READER)
    Change run(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody RunPlaces drawn) {
        return water(owner, garden, season).run(drawn.places());
    }

    /** Where a manifold is to be fixed. */
    record ManifoldPlace(Point place) {
        ManifoldPlace {
            Limits.present(place, "place");
        }
    }

    @PostMapping("/manifolds")
    @Needs(Role.READER)
    Change manifold(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody ManifoldPlace wanted) {
        return water(owner, garden, season).manifold(wanted.place());
    }

    @PostMapping("/lines")
    @Needs(Role.READER)
    Change lines(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody WateredBeds wanted) {
        return water(owner, garden, season).lines(wanted.beds(), wanted.way());
    }

    /** What a network is to be fed by, and which beds it is to water: all that stand if there are none. */
    record WantedNetwork(UUID from, List<UUID> beds) {
        WantedNetwork {
            Limits.present(from, "from");
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** Whole networks that could be laid; none of them is laid yet. */
    @PostMapping("/networks")
    @Needs(Role.READER)
    List<PricedNetwork> networks(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody WantedNetwork wanted) {
        return PricedNetwork.of(
                gardens.plan(owner.id(), garden), season, wanted.from(), wanted.beds(), UUID::randomUUID);
    }

    /** The normals of the weather that a file tells. */
    @PostMapping(path = "/climate", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Needs(Role.READER)
    Change climate(Owner owner, @PathVariable UUID garden, @RequestBody byte[] file) throws FaultyFileException {
        Plan plan = gardens.plan(owner.id(), garden);
        UUID id = plan.list(WaterKinds.CLIMATES).stream()
                .map(Climate::id)
                .findFirst()
                .orElseGet(UUID::randomUUID);
        return Put.of(ClimateFile.read(file, id, plan.site().latitude()));
    }

    /** Beds for which ways of watering are compared. */
    record ComparedBeds(List<UUID> beds) {
        ComparedBeds {
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** Ways of watering side by side for the same beds; none of them is laid yet. */
    @PostMapping("/comparison")
    @Needs(Role.READER)
    List<WateringChoice> comparison(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody ComparedBeds wanted) {
        return WateringComparison.of(gardens.plan(owner.id(), garden), season, wanted.beds(), UUID::randomUUID);
    }

    /** Which rolls of pipe and line are bought for a season, and how they are cut. */
    @GetMapping("/rolls")
    List<PipeRolls> rolls(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return PipeRolls.of(gardens.plan(owner.id(), garden), season);
    }

    /** How a zone runs on a bad day. */
    @GetMapping("/zones/{zone}/bad-days")
    List<BadDay> badDays(Owner owner, @PathVariable UUID garden, @PathVariable int zone, @RequestParam int season) {
        return study(owner, garden, season).badDays(zone);
    }

    /** A zone as EPANET reads it. */
    @GetMapping(path = "/zones/{zone}/epanet.inp", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<byte[]> epanet(
            Owner owner, @PathVariable UUID garden, @PathVariable int zone, @RequestParam int season) {
        String name = gardens.plan(owner.id(), garden).name() + ", zone " + zone + ".inp";
        return Downloads.download(
                study(owner, garden, season).epanet(zone).getBytes(StandardCharsets.UTF_8), MediaType.TEXT_PLAIN, name);
    }

    /** All pipes, for maps. */
    @GetMapping(path = "/pipes.geojson", produces = Downloads.GEO_JSON)
    ResponseEntity<byte[]> geoJson(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return Downloads.download(
                PipesGeoJson.of(plan, season),
                MediaType.parseMediaType(Downloads.GEO_JSON),
                plan.name() + ", pipes of " + season + ".geojson");
    }

    /** When each zone runs, for a calendar. */
    @GetMapping(path = "/calendar.ics", produces = Downloads.CALENDAR)
    ResponseEntity<byte[]> calendar(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        byte[] calendar = WateringCalendar.of(
                study(owner, garden, season).water(),
                plan.list(WaterKinds.CLIMATES).stream().findFirst(),
                plan.site().latitude(),
                season,
                clock.instant());
        return Downloads.download(
                calendar, MediaType.valueOf(Downloads.CALENDAR), plan.name() + ", watering " + season + ".ics");
    }

    /** What each bed wants in the months of a season, by what grows there. */
    @GetMapping("/needs")
    List<BedNeeds.BedNeed> needs(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        BedNeeds needs = BedNeeds.of(plan, season);
        return plan.standing(season).stream().map(bed -> needs.of(bed.id())).toList();
    }

    /**
     * How long it takes to water all beds by hand in a week.
     *
     * @param month 1 to 12; by the rule of thumb without one
     */
    @GetMapping("/by-hand")
    HandWatering byHand(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam(required = false) Integer month) {
        GardenService.Walks walks = gardens.walks(owner.id(), garden, season);
        return HandWatering.of(walks.plan(), season, walks.study(), Optional.ofNullable(month));
    }

    /**
     * What is to be watched: one of the simulated years, and what goes wrong in it.
     *
     * @param year from 1 on
     */
    record WatchedYear(int year, List<SeasonWatch.FaultAt> faults) {
        WatchedYear {
            Limits.atMost(MOST_FAULTS, faults, "faults");
        }
    }

    /** A season of watering as it would be watched, with simulated valves, meter and weather. */
    @PostMapping("/watch")
    @Needs(Role.READER)
    List<WatchedRun> watch(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody WatchedYear wanted) {
        return SeasonWatch.of(
                gardens.plan(owner.id(), garden),
                season,
                study(owner, garden, season).water(),
                wanted.year(),
                wanted.faults());
    }

    private WaterStudy study(Owner owner, UUID garden, int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return WaterStudy.of(plan, season, plan.standing(season), gardens.memo(owner.id(), garden));
    }

    private NewWater water(Owner owner, UUID garden, int season) {
        return new NewWater(gardens.plan(owner.id(), garden), season, UUID::randomUUID);
    }
}
