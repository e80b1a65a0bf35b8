package fairacre.server.api;

import fairacre.crop.BedGap;
import fairacre.crop.BedGaps;
import fairacre.crop.GapFilling;
import fairacre.crop.GapFillings;
import fairacre.crop.NewPlantings;
import fairacre.crop.PlantingStudy;
import fairacre.crop.PlantingTold;
import fairacre.crop.SeedOrder;
import fairacre.crop.SowingStudy;
import fairacre.crop.SowingTold;
import fairacre.format.SowingCalendar;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What grows in the beds. */
@RestController
@RequestMapping("/api/gardens/{garden}/plantings")
class PlantingController {

    private final GardenService gardens;
    private final Clock clock;

    PlantingController(GardenService gardens, Clock clock) {
        this.gardens = gardens;
        this.clock = clock;
    }

    /**
     * A crop for some beds.
     *
     * @param variety of it; empty for the crop as the catalogue has it
     */
    record CropForBeds(String crop, Optional<UUID> variety, List<UUID> beds) {
        CropForBeds {
            Limits.present(crop, "crop");
            variety = variety == null ? Optional.empty() : variety;
            beds = beds == null ? List.of() : List.copyOf(beds);
        }
    }

    /**
     * The plantings of a season: where their plants stand, and what is wanted for them.
     *
     * @param day on which plants are told as large as they are then
     */
    @GetMapping
    List<PlantingTold> plantings(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        Plan plan = gardens.plan(owner.id(), garden);
        return PlantingStudy.of(plan, season, plan.standing(season)).told(day);
    }

    /** The sowing calendar of a season: frosts, warmth of the soil, what is to be done, when which crop is sown. */
    @GetMapping("/calendar")
    SowingTold calendar(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return SowingStudy.of(gardens.plan(owner.id(), garden), season);
    }

    /** The days of the sowing calendar, for a calendar on a phone. */
    @GetMapping(path = "/calendar.ics", produces = Downloads.CALENDAR)
    ResponseEntity<byte[]> calendarFile(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return Downloads.download(
                SowingCalendar.of(plan, SowingStudy.of(plan, season).days(), clock.instant()),
                MediaType.valueOf(Downloads.CALENDAR),
                plan.name() + ", sowing " + season + ".ics");
    }

    /** Seed and plants to buy for a season. */
    @GetMapping("/seeds")
    List<SeedOrder.SeedLine> seeds(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return SeedOrder.of(gardens.plan(owner.id(), garden), season);
    }

    /** Where beds lie bare for long in a season. */
    @GetMapping("/gaps")
    List<BedGap> gaps(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return BedGaps.of(plan, season, plan.standing(season));
    }

    /** What could grow in a gap. */
    @PostMapping("/fillings")
    @Needs(Role.READER)
    List<GapFilling> fillings(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody BedGap gap) {
        return GapFillings.of(gardens.plan(owner.id(), garden), season, gap);
    }

    /** The edit that notes what grew in a bed in a season before the garden's first one; it is not made yet. */
    @PostMapping("/noted")
    @Needs(Role.READER)
    Change noted(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody CropForBeds asked) {
        UUID bed = asked.beds().stream()
                .findFirst()
                .orElseThrow(() -> new RefusedException("beds", "no bed is named", "name one"));
        return NewPlantings.noted(
                gardens.plan(owner.id(), garden), season, asked.crop(), asked.variety(), bed, UUID.randomUUID());
    }

    /** The edit that plants a crop in beds as it is usually grown; it is not made yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposed(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody CropForBeds asked) {
        Plan plan = gardens.plan(owner.id(), garden);
        return NewPlantings.of(plan, season, asked.crop(), asked.variety(), asked.beds(), UUID::randomUUID);
    }
}
