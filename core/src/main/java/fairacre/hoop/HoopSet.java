package fairacre.hoop;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Bows of one pipe, cut to one length, with sheets to go over them. Either its rise or the length of its pipes is
 * given.
 *
 * @param rise over the widest of its beds, 0.1 to 3 m
 * @param length of the pipe of one bow with what is in the soil or in sleeves, 0.5 to 12 m
 * @param depth of a foot in the soil or in its sleeve, 0.05 to 0.9 m
 * @param places over which it stands, at most 100
 * @param lifetime begins in the season in which it is bought; what comes in none was there before
 */
public record HoopSet(
        UUID id,
        String name,
        BowForm form,
        HoopPipe pipe,
        Optional<Length> rise,
        Optional<Length> length,
        HoopAnchor anchor,
        Length depth,
        HoopWeather weather,
        Fabric cover,
        List<BedPlace> places,
        Lifetime lifetime) {

    static final Length LOWEST = Length.metres(0.1);
    static final Length HIGHEST = Length.metres(3);
    static final Length SHORTEST = Length.metres(0.5);
    static final Length LONGEST = Length.metres(12);
    static final Length SHALLOWEST = Length.metres(0.05);
    static final Length DEEPEST = Length.metres(0.9);

    public HoopSet {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(form, "form");
        Limits.present(pipe, "pipe");
        rise = rise == null ? Optional.empty() : rise;
        rise.ifPresent(high -> Limits.between(high, LOWEST, HIGHEST, "rise"));
        length = length == null ? Optional.empty() : length;
        length.ifPresent(cut -> Limits.between(cut, SHORTEST, LONGEST, "length"));
        if (rise.isPresent() == length.isPresent()) {
            throw new RefusedException(
                    rise.isPresent() ? "length" : "rise",
                    "the length of a bow follows from its rise, and its rise from its length",
                    "give one of the two");
        }
        Limits.present(anchor, "anchor");
        Limits.between(depth, SHALLOWEST, DEEPEST, "depth");
        length.filter(cut -> cut.compareTo(depth.times(2)) <= 0).ifPresent(cut -> {
            throw new RefusedException(
                    "length", "nothing of the pipe would be above the soil", "make it longer, or set it less deep");
        });
        Limits.present(weather, "weather");
        Limits.present(cover, "cover");
        places = BedPlace.check(places);
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** The beds over which it stands in a season. */
    public Stream<UUID> beds(int season) {
        return BedPlace.beds(places, lifetime, season);
    }

    HoopSet withPlaces(List<BedPlace> newPlaces) {
        return new HoopSet(id, name, form, pipe, rise, length, anchor, depth, weather, cover, newPlaces, lifetime);
    }

    /** The same set without the place over a bed that holds in a season. */
    HoopSet without(UUID bed, int season) {
        return withPlaces(BedPlace.without(places, bed, season));
    }

    HoopSet withForm(BowForm newForm) {
        return new HoopSet(id, name, newForm, pipe, rise, length, anchor, depth, weather, cover, places, lifetime);
    }

    HoopSet withPipe(HoopPipe newPipe) {
        return new HoopSet(id, name, form, newPipe, rise, length, anchor, depth, weather, cover, places, lifetime);
    }

    HoopSet withRise(Length newRise) {
        return new HoopSet(
                id,
                name,
                form,
                pipe,
                Optional.of(newRise),
                Optional.empty(),
                anchor,
                depth,
                weather,
                cover,
                places,
                lifetime);
    }

    HoopSet withAnchor(HoopAnchor newAnchor, Length newDepth) {
        return new HoopSet(id, name, form, pipe, rise, length, newAnchor, newDepth, weather, cover, places, lifetime);
    }

    HoopSet withCover(Fabric newCover) {
        return new HoopSet(id, name, form, pipe, rise, length, anchor, depth, weather, newCover, places, lifetime);
    }
}
