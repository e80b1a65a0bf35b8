package fairacre.server.api;

import fairacre.plan.Plan;
import fairacre.server.garden.CalendarAddressService;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.WorkService;
import fairacre.server.store.CalendarAddressStore.Addressed;
import fairacre.server.store.Role;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A private address for the calendar of a phone, which fetches it without signing in. */
@RestController
@RequestMapping("/api")
class CalendarAddressController {

    private final CalendarAddressService addresses;
    private final GardenService gardens;
    private final WorkService work;
    private final Clock clock;

    CalendarAddressController(CalendarAddressService addresses, GardenService gardens, WorkService work, Clock clock) {
        this.addresses = addresses;
        this.gardens = gardens;
        this.work = work;
        this.clock = clock;
    }

    /** @param madeAt empty if there is none */
    record CalendarAddress(Optional<OffsetDateTime> madeAt) {}

    /** @param path of the address; told this once */
    record NewCalendarAddress(String path) {}

    @GetMapping("/gardens/{garden}/calendar-address")
    CalendarAddress address(Owner owner, @PathVariable UUID garden) {
        return new CalendarAddress(addresses.madeAt(owner.id(), garden));
    }

    /** Makes one; the one that was there leads nowhere any more. */
    @PostMapping("/gardens/{garden}/calendar-address")
    @ResponseStatus(HttpStatus.CREATED)
    @Needs(Role.OWNER)
    NewCalendarAddress make(Owner owner, @PathVariable UUID garden) {
        return new NewCalendarAddress("/api/calendars/" + addresses.make(owner.id(), garden));
    }

    @DeleteMapping("/gardens/{garden}/calendar-address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.OWNER)
    void takeBack(Owner owner, @PathVariable UUID garden) {
        addresses.takeBack(owner.id(), garden);
    }

    /** The days of work of the present season, or of the first one while that lies ahead. */
    @GetMapping(path = "/calendars/{secret}", produces = Downloads.CALENDAR)
    ResponseEntity<byte[]> calendar(@PathVariable String secret) {
        Addressed addressed = addresses.garden(secret);
        Plan plan = gardens.plan(addressed.owner(), addressed.garden());
        int present = Plan.season(LocalDate.now(clock), plan.yearBegins());
        return Downloads.download(
                work.days(addressed.owner(), addressed.garden(), Math.max(present, plan.firstSeason()), clock),
                MediaType.valueOf(Downloads.CALENDAR),
                "garden.ics");
    }
}
