package fairacre.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Own crops and varieties as a kind of thing of the plan, and all crops that a gardener can plant. */
public final class Varieties {

    private static final int MOST = 500;

    public static final Things<Variety> VARIETIES = new Things<>(
            Variety.class,
            "variety",
            "varieties",
            MOST,
            Variety::id,
            Variety::name,
            (terms, variety) -> {},
            new Things.Words("Noted the variety %s", "Forgot the variety %s", "a variety"),
            Things.Seasons.all());

    /** For as long as a variety is part of some plan. */
    private static final Cache<Variety, Map<Units, Crop>> CROPS =
            Caffeine.newBuilder().weakKeys().build();

    private Varieties() {}

    public static Optional<Variety> of(Plan plan, Optional<UUID> variety) {
        return variety.flatMap(wanted -> plan.list(VARIETIES).stream()
                .filter(each -> each.id().equals(wanted))
                .findFirst());
    }

    /**
     * What is grown: the variety, or the crop of the catalogue if there is none, or if it is forgotten; with the
     * lengths of the catalogue as they are said in the units of the garden.
     *
     * @param key of a crop in the catalogue
     */
    public static Crop grown(Plan plan, String key, Optional<UUID> variety) {
        return of(plan, variety)
                .filter(each -> each.crop().equals(key))
                .map(each -> crop(plan.units(), each))
                .orElseGet(() -> Crops.of(key, plan.units()).orElseThrow());
    }

    /** @throws RefusedException if there is no such crop, or no such variety of it */
    public static Crop asked(Plan plan, String key, Optional<UUID> variety) {
        Crop crop = Crops.of(key)
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        if (variety.isPresent()
                && of(plan, variety).filter(each -> each.crop().equals(key)).isEmpty()) {
            throw new RefusedException(
                    "variety", crop.name() + " has no such variety here", "choose one that is noted");
        }
        return grown(plan, crop.key(), variety);
    }

    private static Crop crop(Units units, Variety variety) {
        return CROPS.get(
                        variety,
                        each -> Arrays.stream(Units.values())
                                .collect(Collectors.toMap(
                                        Function.identity(), said -> each.row().crop(each, said))))
                .get(units);
    }

    /** Each crop of the catalogue with its varieties and with own crops that are like it, by name, behind it. */
    public static List<Crop> all(Plan plan) {
        List<Crop> own = plan.list(VARIETIES).stream()
                .sorted(Comparator.comparing(Variety::name))
                .map(each -> crop(plan.units(), each))
                .toList();
        return Crops.all(plan.units()).stream()
                .flatMap(crop -> Stream.concat(
                        Stream.of(crop), own.stream().filter(each -> each.key().equals(crop.key()))))
                .toList();
    }
}
