package fairacre.format;

import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.SowingTold.SowingDay;
import fairacre.plan.Plan;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Summary;

/** When to sow, plant, pick and clear, as a calendar: an event for each of these days, all day long. */
public final class SowingCalendar {

    private SowingCalendar() {}

    /**
     * @param days of a season
     * @param now when it was made
     */
    public static byte[] of(Plan plan, List<SowingDay> days, Instant now) {
        Map<Object, Planting> plantings = plan.list(PlantingKinds.PLANTINGS).stream()
                .collect(Collectors.toMap(Planting::id, Function.identity()));
        return CalendarFile.of(
                "Sowing",
                days.stream()
                        .map(day -> event(plan, day, plantings.get(day.planting()), now))
                        .toList());
    }

    private static VEvent event(Plan plan, SowingDay day, Planting planting, Instant now) {
        VEvent event = new VEvent(false);
        event.add(CalendarFile.uid(plan.id() + " " + planting.id() + " " + day.deed()));
        event.add(new DtStamp(now));
        event.add(new DtStart<>(day.day()));
        event.add(new Summary(day.what() + ": " + planting.name()));
        plan.nameOf(planting.bed()).ifPresent(bed -> event.add(new Location(bed)));
        return event;
    }
}
