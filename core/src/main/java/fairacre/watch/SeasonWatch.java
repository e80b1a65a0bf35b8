package fairacre.watch;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.water.Climate;
import fairacre.water.DailyWeather;
import fairacre.water.WaterKinds;
import fairacre.water.WaterStudy;
import fairacre.water.Zone;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A season of a plan as it would be watched, with the devices that ship. */
public final class SeasonWatch {

    private SeasonWatch() {}

    /**
     * A valve that has a fault.
     *
     * @param zone by its number
     */
    public record FaultAt(int zone, Fault fault) {
        public FaultAt {
            Limits.present(fault, "fault");
        }
    }

    /**
     * From the first growing month to the last, in a year of days.
     *
     * @param year which of {@link DailyWeather#YEARS} simulated years, from 1 on; without normals it never rains
     * @throws RefusedException if there is no such year, or no such zone
     */
    public static List<WatchedRun> of(Plan plan, int season, WaterStudy.Water water, int year, List<FaultAt> faults) {
        Limits.between(year, 1, DailyWeather.YEARS, "year");
        Map<UUID, Fault> byValve = new HashMap<>();
        faults.forEach(each -> byValve.put(valve(water, each.zone()), each.fault()));
        double latitude = plan.site().latitude();
        WeatherStation station = plan.list(WaterKinds.CLIMATES).stream()
                .findFirst()
                .filter(climate -> !water.programme().months().isEmpty())
                .<WeatherStation>map(climate -> new SimulatedStation(climate, latitude, year - 1))
                .orElse(date -> 0);
        YearMonth first = YearMonth.of(season, months(plan)[0]);
        YearMonth last = YearMonth.of(season, months(plan)[1]);
        LocalDate end = (last.isBefore(first) ? last.plusYears(1) : last).atEndOfMonth();
        return water.zones().stream()
                .map(Zone::source)
                .distinct()
                .flatMap(source -> watch(water, source, station, byValve).days(first.atDay(1), end).stream())
                .sorted(Comparator.comparing(WatchedRun::date)
                        .thenComparing(WatchedRun::start)
                        .thenComparing(WatchedRun::zone))
                .toList();
    }

    private static int[] months(Plan plan) {
        double latitude = plan.site().latitude();
        return plan.list(WaterKinds.CLIMATES).stream()
                .findFirst()
                .map(climate -> new int[] {climate.firstMonth(), climate.lastMonth()})
                .orElseGet(() -> new int[] {Climate.firstMonth(latitude), Climate.lastMonth(latitude)});
    }

    private static UUID valve(WaterStudy.Water water, int number) {
        return water.zones().stream()
                .filter(zone -> zone.number() == number)
                .findFirst()
                .map(Zone::valve)
                .orElseThrow(
                        () -> new RefusedException("faults", "there is no zone " + number, "look at the newest plan"));
    }

    private static Watch watch(WaterStudy.Water water, UUID source, WeatherStation station, Map<UUID, Fault> faults) {
        Map<UUID, Double> flows = new HashMap<>();
        Map<UUID, Fault> own = new HashMap<>();
        water.zones().stream().filter(zone -> zone.source().equals(source)).forEach(zone -> {
            flows.put(zone.valve(), zone.flow().litresAnHour() / 60);
            if (faults.containsKey(zone.valve())) {
                own.put(zone.valve(), faults.get(zone.valve()));
            }
        });
        SimulatedController controller = new SimulatedController(flows, own);
        return new Watch(water, source, station, controller, controller::pass);
    }
}
