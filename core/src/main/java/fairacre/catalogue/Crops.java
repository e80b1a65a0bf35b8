package fairacre.catalogue;

import fairacre.parts.Parts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The catalogue of crops that ships with the program. */
public final class Crops {

    private static final Map<String, CropRow> ROWS = Parts.bringing(CropTable.class).stream()
            .flatMap(table -> table.rows().stream())
            .collect(Collectors.toMap(CropRow::key, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    private static final Map<String, Crop> ALL = ROWS.values().stream()
            .map(CropRow::crop)
            .collect(Collectors.toMap(Crop::key, Function.identity(), (one, other) -> one, LinkedHashMap::new));

    private Crops() {}

    /** In the order of the catalogue. */
    public static List<Crop> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Crop> of(String key) {
        return Optional.ofNullable(ALL.get(key));
    }

    /** As they stand in the table, in its order. */
    public static List<CropRow> rows() {
        return List.copyOf(ROWS.values());
    }

    public static Optional<CropRow> row(String key) {
        return Optional.ofNullable(ROWS.get(key));
    }
}
