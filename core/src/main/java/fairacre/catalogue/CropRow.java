package fairacre.catalogue;

import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The figures of a crop as they stand in a table.
 *
 * @param key a stable code
 * @param figures by their columns; what the crop doesn't have is missing
 */
public record CropRow(String key, String name, Map<CropColumn, String> figures) {

    private static final double CENTIMETRE = 0.01;
    private static final double PER_CENT = 0.01;

    public CropRow {
        figures = Map.copyOf(figures);
    }

    boolean has(CropColumn column) {
        return figures.containsKey(column);
    }

    /** With its lengths as they are said in these units. */
    Crop crop(Units units) {
        return crop(name, Optional.empty(), false, column -> units);
    }

    /** With other figures in place of these. */
    CropRow with(List<OwnFigure> others) {
        Map<CropColumn, String> all = new EnumMap<>(figures);
        others.forEach(each -> all.put(each.column(), each.figure()));
        return new CropRow(key, name, all);
    }

    /** The crop that a variety with these figures is; what is its own stays exactly as it was typed. */
    Crop crop(Variety variety, Units units) {
        Set<CropColumn> typed =
                variety.figures().stream().map(OwnFigure::column).collect(Collectors.toSet());
        return crop(
                variety.name(),
                Optional.of(variety.id()),
                variety.ownCrop(),
                column -> typed.contains(column) ? Units.METRIC : units);
    }

    /** @param said in which units each column is rounded */
    private Crop crop(String called, Optional<UUID> variety, boolean own, Function<CropColumn, Units> said) {
        return new Crop(
                key,
                variety,
                own,
                called,
                Family.valueOf(text(CropColumn.FAMILY)),
                Habit.valueOf(text(CropColumn.HABIT)),
                new Crop.Spacing(
                        distance(CropColumn.IN_ROW, said),
                        distance(CropColumn.BETWEEN, said),
                        maybe(CropColumn.TO_THE_FOOT)),
                centimetres(CropColumn.HEIGHT, said),
                centimetres(CropColumn.SPREAD, said),
                PlantStock.valueOf(text(CropColumn.STOCK)),
                maybe(CropColumn.INDOORS),
                whole(CropColumn.FROM),
                said.apply(CropColumn.DEPTH).round(Length.millimetres(whole(CropColumn.DEPTH))),
                whole(CropColumn.GERMINATION),
                whole(CropColumn.SOIL),
                figure(CropColumn.FROM_SOWING),
                figure(CropColumn.FROM_PLANTING),
                Hardiness.valueOf(text(CropColumn.HARDINESS)),
                whole(CropColumn.SUN),
                new Crop.WaterUse(
                        number(CropColumn.KC_FIRST), number(CropColumn.KC_MIDDLE), number(CropColumn.KC_LAST)),
                centimetres(CropColumn.ROOTS, said),
                Feeding.valueOf(text(CropColumn.FEEDING)),
                Figure.of(text(CropColumn.YIELD)),
                whole(CropColumn.KEEPS),
                isSo(CropColumn.HILLED),
                isSo(CropColumn.NET),
                isSo(CropColumn.OVERHEAD),
                maybe(CropColumn.FIRST_CROP).map(first -> new Crop.Perennial(first, whole(CropColumn.LIFE))),
                maybe(CropColumn.PACKET)
                        .map(packet -> new Crop.Seed(
                                number(CropColumn.COMES_UP) * PER_CENT, packet, whole(CropColumn.SEED_KEEPS))),
                number(CropColumn.EATEN));
    }

    private String text(CropColumn column) {
        return Optional.ofNullable(figures.get(column))
                .orElseThrow(() -> new IllegalStateException(key + " has no " + column.head()));
    }

    private Optional<Integer> maybe(CropColumn column) {
        return Optional.ofNullable(figures.get(column)).map(Integer::valueOf);
    }

    private int whole(CropColumn column) {
        return Integer.parseInt(text(column));
    }

    private Optional<Figure> figure(CropColumn column) {
        return Optional.ofNullable(figures.get(column)).map(Figure::of);
    }

    private double number(CropColumn column) {
        return Double.parseDouble(text(column));
    }

    private Length centimetres(CropColumn column, Function<CropColumn, Units> said) {
        return said.apply(column).round(Length.metres(number(column) * CENTIMETRE));
    }

    /** In metres. */
    private Figure distance(CropColumn column, Function<CropColumn, Units> said) {
        return Figure.of(text(column))
                .map(centimetres -> said.apply(column)
                        .round(Length.metres(centimetres * CENTIMETRE))
                        .metres());
    }

    private boolean isSo(CropColumn column) {
        return CropValues.isYes(text(column));
    }
}
