package fairacre.over;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Bed;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A bed over which something stands that goes from bed to bed.
 *
 * @param lifetime the seasons in which it stands there, of those in which the thing is there
 */
public record BedPlace(UUID bed, Lifetime lifetime) {

    /** At most so many beds are named for one thing. */
    private static final int MOST = 100;

    public BedPlace {
        Limits.present(bed, "bed");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** @throws RefusedException if there are too many, or a bed is named twice for a season */
    public static List<BedPlace> check(List<BedPlace> places) {
        List<BedPlace> checked = places == null ? List.of() : List.copyOf(places);
        Limits.atMost(MOST, checked, "places");
        for (int i = 0; i < checked.size(); i++) {
            BedPlace place = checked.get(i);
            if (checked.subList(0, i).stream()
                    .anyMatch(other -> other.bed.equals(place.bed) && other.lifetime.meets(place.lifetime))) {
                throw new RefusedException(
                        "places/" + i, "it stands over the same bed twice in a season", "name the bed once");
            }
        }
        return checked;
    }

    /** The beds over which it stands in a season. */
    public static Stream<UUID> beds(List<BedPlace> places, Lifetime lifetime, int season) {
        return lifetime.includes(season)
                ? places.stream()
                        .filter(place -> place.lifetime.includes(season))
                        .map(BedPlace::bed)
                : Stream.empty();
    }

    /** Without the place over a bed that holds in a season. */
    public static List<BedPlace> without(List<BedPlace> places, UUID bed, int season) {
        return places.stream()
                .filter(place -> !place.bed.equals(bed) || !place.lifetime.includes(season))
                .toList();
    }

    /**
     * With the place over a bed that holds in a season ended there, and gone on over another bed for as long as it
     * would have held.
     */
    public static List<BedPlace> moved(List<BedPlace> places, UUID from, UUID to, int season) {
        Optional<BedPlace> left = places.stream()
                .filter(place -> place.bed.equals(from) && place.lifetime.includes(season))
                .findFirst();
        BedPlace taken =
                new BedPlace(to, new Lifetime(Optional.of(season), left.flatMap(place -> place.lifetime.until())));
        Stream<BedPlace> before = left
                .flatMap(place -> place.lifetime.common(Lifetime.until(season)))
                .map(seasons -> new BedPlace(from, seasons))
                .stream();
        Stream<BedPlace> others = places.stream()
                .filter(place -> left.filter(place::equals).isEmpty())
                .filter(place -> !place.bed.equals(to) || !place.lifetime.meets(taken.lifetime));
        return Stream.of(others, before, Stream.of(taken)).flatMap(some -> some).toList();
    }

    /**
     * With the place over a bed that holds in a season cut to the seasons in which the bed is there; empty if it is
     * there in none of them.
     */
    public static Optional<List<BedPlace>> whileItStands(List<BedPlace> places, Bed bed, int season) {
        Lifetime stands = new Lifetime(Optional.of(bed.firstSeason()), bed.retired());
        List<BedPlace> cut = places.stream()
                .flatMap(place -> place.bed.equals(bed.id()) && place.lifetime.includes(season)
                        ? place.lifetime.common(stands).map(seasons -> new BedPlace(bed.id(), seasons)).stream()
                        : Stream.of(place))
                .toList();
        return cut.size() == places.size() ? Optional.of(cut) : Optional.empty();
    }
}
