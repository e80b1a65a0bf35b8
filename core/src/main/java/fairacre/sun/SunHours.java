package fairacre.sun;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Hours of direct sun under a clear sky, and the light that plants live on where normals tell of it.
 *
 * @param days the middle day of each half-month, 24 from January on
 * @param open hours from sunrise to sunset on each of them
 * @param fullSun hours a day from which on fruiting crops do well
 * @param openLight in the open on each of them, clouds counted, moles of photons a square metre; empty where it is not
 *     known
 * @param beds in order of id
 * @param unknown names of what is tall and has no height, so that it casts no shadow here
 */
public record SunHours(
        List<LocalDate> days,
        List<Double> open,
        double fullSun,
        List<Double> openLight,
        List<BedSun> beds,
        List<String> unknown) {

    public SunHours {
        days = List.copyOf(days);
        open = List.copyOf(open);
        openLight = List.copyOf(openLight);
        beds = List.copyOf(beds);
        unknown = List.copyOf(unknown);
    }

    /** What a thing takes of each bed, most first; beds of which it takes next to nothing are left out. */
    public List<Taken> takenBy(UUID thing) {
        return beds.stream()
                .flatMap(bed -> bed.taken().stream()
                        .filter(taker -> taker.thing().equals(thing))
                        .map(taker -> new Taken(bed.bed(), taker.hours())))
                .sorted(Comparator.comparingDouble((Taken taken) -> -taken.hours()))
                .toList();
    }

    /** @param hours a day in the growing months */
    public record Taken(UUID bed, double hours) {}

    /**
     * Of a bed.
     *
     * @param hours on each day, the mean over its soil
     * @param least on each day, where it has least
     * @param growing mean of the growing months: April to September, in the south October to March
     * @param exposure what it is good for
     * @param light on each day, as in the open; empty where it is not known
     * @param growingLight its mean of the growing months
     * @param taken by what it has less in the growing months, most first
     */
    public record BedSun(
            UUID bed,
            List<Double> hours,
            List<Double> least,
            double growing,
            String exposure,
            List<Double> light,
            Optional<Double> growingLight,
            List<Taker> taken) {
        public BedSun {
            hours = List.copyOf(hours);
            least = List.copyOf(least);
            light = List.copyOf(light);
            taken = List.copyOf(taken);
        }
    }

    /**
     * A thing that takes sun.
     *
     * @param hours a day in the growing months that there would be more without it
     */
    public record Taker(UUID thing, double hours) {}
}
