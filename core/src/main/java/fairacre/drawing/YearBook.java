package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.SMALL;

import fairacre.bill.MoneyText;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.drawing.Mark.Picture;
import fairacre.drawing.Mark.Spot;
import fairacre.journal.JournalEntry;
import fairacre.journal.Picked;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.years.BedFigures;
import fairacre.years.CropFigures;
import fairacre.years.SeasonFigures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * A season as a book to print: how it went, the plan, crops and beds in figures, what was lost and noted, and the
 * photos. A season of which nothing is written down is told as it is planned.
 */
public final class YearBook {

    /** More photos would make it a file that nobody can send. */
    public static final int MOST_PHOTOS = 60;

    private static final List<Double> CROPS = List.of(0.0, 58.0, 84.0, 110.0, 134.0, 164.0);
    private static final List<Double> BEDS = List.of(0.0, 64.0, 90.0, 116.0, 140.0, 164.0);
    private static final List<Double> TOLD = List.of(0.0, 34.0);
    /** Of a photo with its room, millimetres. */
    private static final double PHOTO_WIDTH = 87;

    private static final double PHOTO_HEIGHT = 66;
    private static final double BETWEEN = 6;
    private static final int LETTERS = 52;
    private static final int NOTE_LETTERS = 88;

    private final Plan plan;
    private final SeasonFigures figures;
    private final Wording wording;
    private final Pages pages;

    private YearBook(Plan plan, SeasonFigures figures) {
        this.plan = plan;
        this.figures = figures;
        this.wording = new Wording(plan.units());
        this.pages = new Pages(plan.name() + ", " + figures.season());
    }

    /**
     * A photo of the season.
     *
     * @param entry beside which it stands in the journal
     * @param jpeg the file
     */
    public record Photo(JournalEntry entry, byte[] jpeg) {}

    /**
     * @param entries of the season that count
     * @param photos in the order of their days, at most {@link #MOST_PHOTOS}
     */
    public static List<SheetDrawing> of(
            Plan plan, SeasonFigures figures, List<JournalEntry> entries, List<Photo> photos) {
        YearBook book = new YearBook(plan, figures);
        book.whole();
        book.crops();
        book.beds();
        book.told(entries);
        book.photos(photos);
        List<SheetDrawing> pages = new ArrayList<>(book.pages.end());
        book.sheet().ifPresent(sheet -> pages.add(1, sheet));
        return pages;
    }

    /** The plan at the largest scale at which it has room on the smallest paper that will do. */
    private Optional<SheetDrawing> sheet() {
        return Stream.of(Scale.ONE_TO_50, Scale.ONE_TO_100, Scale.ONE_TO_200)
                .flatMap(scale -> sheet(scale).stream())
                .min(Comparator.comparingDouble(sheet -> sheet.width() * sheet.height()));
    }

    private Optional<SheetDrawing> sheet(Scale scale) {
        try {
            return Optional.of(SheetDrawing.of(plan, figures.season(), scale));
        } catch (RefusedException tooLarge) {
            return Optional.empty();
        }
    }

    private void whole() {
        pages.line(LARGE, plan.name() + ", the year " + figures.season());
        pages.down(LINE);
        fact("Soil in beds", wording.area(figures.soil()));
        fact(
                "Harvest",
                wording.food(figures.picked().kilograms()) + " of " + wording.food(figures.planned()) + " as planned");
        String unweighed = unweighed(figures.picked());
        if (!unweighed.isEmpty()) {
            fact("Not weighed", unweighed);
        }
        if (figures.value().isPositive()) {
            fact("Worth", MoneyText.format(figures.value()));
        }
        fact("Paid", MoneyText.format(figures.paid()) + " of " + MoneyText.format(figures.bill()) + " as planned");
        fact("Work", wording.hours(figures.hours()) + " of " + wording.hours(figures.plannedHours()) + " as planned");
        fact("Water", wording.water(figures.water()) + " as planned");
        fact("Losses", String.valueOf(figures.losses()));
    }

    private void fact(String what, String text) {
        pages.row(List.of(0.0, 40.0), List.of(what, text));
    }

    private void crops() {
        if (figures.crops().isEmpty()) {
            return;
        }
        pages.heading("Crops");
        pages.row(CROPS, List.of("Crop", "Planned", "Weighed", "Not weighed", "Worth", "Lost"));
        figures.crops().forEach(this::crop);
    }

    private void crop(CropFigures crop) {
        pages.row(
                CROPS,
                List.of(
                        crop.year().name(),
                        wording.food(crop.year().planned()),
                        weighed(crop.year().picked()),
                        unweighed(crop.year().picked()),
                        crop.value()
                                .filter(Money::isPositive)
                                .map(MoneyText::format)
                                .orElse(""),
                        count(crop.losses())));
    }

    private void beds() {
        if (figures.beds().isEmpty()) {
            return;
        }
        pages.heading("Beds");
        pages.row(BEDS, List.of("Bed", "Soil", "Harvest", "Planned", "Work", "Lost"));
        figures.beds().forEach(this::bed);
    }

    private void bed(BedFigures bed) {
        pages.row(
                BEDS,
                List.of(
                        bed.name(),
                        wording.area(bed.soil()),
                        weighed(bed.picked()),
                        wording.food(bed.planned()),
                        bed.hours() > 0 ? wording.hours(bed.hours()) : "",
                        count(bed.losses())));
    }

    private String weighed(Picked picked) {
        return new Picked(picked.kilograms(), 0, 0).words(wording);
    }

    private String unweighed(Picked picked) {
        return new Picked(0, picked.litres(), picked.pieces()).words(wording);
    }

    private static String count(int many) {
        return many == 0 ? "" : String.valueOf(many);
    }

    /** What was lost and what was noted, by the day. */
    private void told(List<JournalEntry> entries) {
        List<JournalEntry> told = entries.stream()
                .filter(entry -> entry.loss().isPresent() || entry.note().isPresent())
                .sorted(Comparator.comparing(JournalEntry::day))
                .toList();
        if (told.isEmpty()) {
            return;
        }
        pages.heading("Lost and noted");
        for (JournalEntry entry : told) {
            List<String> lines = Pages.wrapped(words(entry), NOTE_LETTERS);
            for (int i = 0; i < lines.size(); i++) {
                pages.row(TOLD, List.of(i == 0 ? Wording.day(entry.day()) : "", lines.get(i)));
            }
        }
    }

    private String words(JournalEntry entry) {
        return Stream.of(
                        entry.place().flatMap(this::nameOf),
                        entry.loss().map(this::lost),
                        entry.harvest().map(this::picked),
                        entry.note(),
                        entry.nextTime().map(step -> "(for next time)"))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(": "));
    }

    private Optional<String> nameOf(UUID place) {
        return plan.nameOf(place);
    }

    private String lost(JournalEntry.Loss loss) {
        String cause = loss.cause().label();
        return loss.crop().map(YearBook::crop).orElse("several crops") + " lost, "
                + cause.substring(0, 1).toLowerCase(Locale.ROOT) + cause.substring(1);
    }

    private String picked(JournalEntry.Harvest harvest) {
        return crop(harvest.crop()) + ", " + harvest.picked().words(wording);
    }

    private static String crop(String key) {
        return Crops.of(key).map(Crop::name).orElse(key);
    }

    /** Two beside each other, with what stands beside each in the journal. */
    private void photos(List<Photo> photos) {
        if (photos.isEmpty()) {
            return;
        }
        pages.heading("Photos");
        for (int i = 0; i < photos.size(); i += 2) {
            pages.makeRoom(PHOTO_HEIGHT + 4 * LINE);
            photo(photos.get(i), MARGIN);
            if (i + 1 < photos.size()) {
                photo(photos.get(i + 1), MARGIN + PHOTO_WIDTH + BETWEEN);
            }
            pages.down(PHOTO_HEIGHT + 3.5 * LINE);
        }
    }

    private void photo(Photo photo, double left) {
        double top = pages.y() - SMALL;
        pages.draw(new Picture(new Spot(left, top), PHOTO_WIDTH, PHOTO_HEIGHT, photo.jpeg()));
        String words = Wording.day(photo.entry().day()) + ". " + words(photo.entry());
        List<String> lines = Pages.wrapped(words, LETTERS);
        for (int i = 0; i < Math.min(2, lines.size()); i++) {
            pages.draw(
                    new Mark.Words(new Spot(left, top + PHOTO_HEIGHT + (i + 1) * LINE), lines.get(i), SMALL, false, 0));
        }
    }
}
