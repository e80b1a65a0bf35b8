package fairacre.catalogue;

import fairacre.measure.Units;
import fairacre.parts.Parts;
import java.util.Arrays;
import java.util.EnumMap;
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
    private static final Map<Units, Map<String, Crop>> ALL = Arrays.stream(Units.values())
            .collect(Collectors.toMap(
                    Function.identity(), Crops::read, (one, other) -> one, () -> new EnumMap<>(Units.class)));

    private Crops() {}

    private static Map<String, Crop> read(Units units) {
        return ROWS.values().stream()
                .map(row -> row.crop(units))
                .collect(Collectors.toMap(Crop::key, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    }

    /** In the order of the catalogue, exactly as the table has them. */
    public static List<Crop> all() {
        return all(Units.METRIC);
    }

    /** In the order of the catalogue, with lengths as they are said in these units. */
    public static List<Crop> all(Units units) {
        return List.copyOf(ALL.get(units).values());
    }

    /** Exactly as the table has it. */
    public static Optional<Crop> of(String key) {
        return of(key, Units.METRIC);
    }

    /** With its lengths as they are said in these units. */
    public static Optional<Crop> of(String key, Units units) {
        return Optional.ofNullable(ALL.get(units).get(key));
    }

    /** As they stand in the table, in its order. */
    public static List<CropRow> rows() {
        return List.copyOf(ROWS.values());
    }

    public static Optional<CropRow> row(String key) {
        return Optional.ofNullable(ROWS.get(key));
    }
}
