package fairacre.format;

import fairacre.crop.Crop;
import fairacre.crop.CropTable;
import fairacre.crop.Family;
import fairacre.crop.Feeding;
import fairacre.crop.Figure;
import fairacre.crop.Habit;
import fairacre.crop.Hardiness;
import fairacre.crop.PlantStock;
import fairacre.measure.Length;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The catalogue of crops as a table of comma-separated values (RFC 4180): a figure with its range is "50 (45-60)". */
public final class CropFile implements CropTable {

    private static final double CENTIMETRE = 0.01;
    private static final double PER_CENT = 0.01;

    @Override
    public List<Crop> crops() {
        try (Reader file =
                new InputStreamReader(CropFile.class.getResourceAsStream("crops.csv"), StandardCharsets.UTF_8)) {
            return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(file).stream()
                    .map(CropFile::crop)
                    .toList();
        } catch (IOException unexpected) {
            throw new UncheckedIOException(unexpected);
        }
    }

    private static Crop crop(CSVRecord row) {
        return new Crop(
                row.get("key"),
                row.get("name"),
                Family.valueOf(row.get("family")),
                Habit.valueOf(row.get("habit")),
                new Crop.Spacing(
                        Figure.of(row.get("in row cm")).times(CENTIMETRE),
                        Figure.of(row.get("between rows cm")).times(CENTIMETRE),
                        whole(row, "to the square foot")),
                centimetres(row, "height cm"),
                centimetres(row, "spread cm"),
                PlantStock.valueOf(row.get("comes as")),
                whole(row, "weeks indoors"),
                whole(row, "weeks from last frost").orElseThrow(),
                Length.millimetres(whole(row, "depth mm").orElseThrow()),
                whole(row, "days to germinate").orElseThrow(),
                whole(row, "soil from C").orElseThrow(),
                figure(row, "days from sowing"),
                figure(row, "days from planting"),
                Hardiness.valueOf(row.get("hardiness")),
                whole(row, "sun h").orElseThrow(),
                new Crop.WaterUse(number(row, "Kc first"), number(row, "Kc middle"), number(row, "Kc last")),
                centimetres(row, "roots cm"),
                Feeding.valueOf(row.get("feeding")),
                Figure.of(row.get("yield kg/m2")),
                whole(row, "keeps weeks").orElseThrow(),
                isSo(row, "hilled"),
                isSo(row, "net"),
                isSo(row, "overhead"),
                whole(row, "years to first crop")
                        .map(first -> new Crop.Perennial(
                                first, whole(row, "lives years").orElseThrow())),
                whole(row, "seeds in a packet")
                        .map(packet -> new Crop.Seed(number(row, "germination %") * PER_CENT, packet)),
                number(row, "eaten kg"));
    }

    private static Optional<String> text(CSVRecord row, String column) {
        return Optional.of(row.get(column)).filter(text -> !text.isEmpty());
    }

    private static Optional<Integer> whole(CSVRecord row, String column) {
        return text(row, column).map(Integer::valueOf);
    }

    private static Optional<Figure> figure(CSVRecord row, String column) {
        return text(row, column).map(Figure::of);
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static Length centimetres(CSVRecord row, String column) {
        return Length.metres(number(row, column) * CENTIMETRE);
    }

    private static boolean isSo(CSVRecord row, String column) {
        return row.get(column).equals("yes");
    }
}
