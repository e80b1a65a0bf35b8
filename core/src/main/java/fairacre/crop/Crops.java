package fairacre.crop;

import fairacre.parts.Parts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The catalogue of crops that ships with the program. */
public final class Crops {

    private static final Map<String, Crop> ALL = Parts.bringing(CropTable.class).stream()
            .flatMap(table -> table.crops().stream())
            .collect(Collectors.toMap(Crop::key, Function.identity(), (one, other) -> one, LinkedHashMap::new));

    private Crops() {}

    /** In the order of the catalogue. */
    public static List<Crop> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Crop> of(String key) {
        return Optional.ofNullable(ALL.get(key));
    }
}
