package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Raising;
import fairacre.catalogue.Varieties;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;

/**
 * A crop in a bed, or in a part of it, from one day to another.
 *
 * @param name the crop, or its variety
 * @param crop its key in the catalogue
 * @param variety of the crop, or the crop of one's own that is like it; empty for that of the catalogue
 * @param bed in whose soil it grows
 * @param inRow from plant to plant, 1 cm to 5 m; empty for what the catalogue says
 * @param between from row to row, 1 cm to 5 m; empty for what the catalogue says; of no matter without rows
 * @param interplanted whether it grows between the plants of another crop
 * @param from the day on which it is sown or planted in the bed
 * @param until the day on which it is cleared, at most 30 years later
 */
public record Planting(
        UUID id,
        String name,
        String crop,
        Optional<UUID> variety,
        UUID bed,
        BedPart part,
        Layout layout,
        Optional<Length> inRow,
        Optional<Length> between,
        Raising raising,
        boolean interplanted,
        LocalDate from,
        LocalDate until) {

    private static final Length NEAREST = Length.metres(0.01);
    private static final Length FURTHEST = Length.metres(5);
    private static final int LONGEST = 30;

    public Planting {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        // Its varieties come into the bed in the same ways.
        Crop grown = Crops.of(Limits.present(crop, "crop"))
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        variety = variety == null ? Optional.empty() : variety;
        Limits.present(bed, "bed");
        part = part == null ? BedPart.WHOLE : part;
        layout = layout == null ? Layout.ROWS_ALONG : layout;
        inRow = inRow == null ? Optional.empty() : inRow;
        inRow.ifPresent(apart -> Limits.between(apart, NEAREST, FURTHEST, "inRow"));
        between = between == null ? Optional.empty() : between;
        between.ifPresent(apart -> Limits.between(apart, NEAREST, FURTHEST, "between"));
        Limits.present(raising, "raising");
        if (!grown.grows(raising)) {
            throw new RefusedException(
                    "raising", grown.name() + " is not " + raising.label(), "choose another way to raise it");
        }
        Limits.present(from, "from");
        Limits.season(from.getYear(), "from");
        Limits.present(until, "until");
        if (!until.isAfter(from)) {
            throw new RefusedException("until", "it would be cleared before it grows", "give a later day");
        }
        if (until.isAfter(from.plusYears(LONGEST))) {
            throw new RefusedException("until", "no planting lasts longer than 30 years", "give an earlier day");
        }
    }

    /** What grows: the variety, or the crop. */
    public Crop grown(Plan plan) {
        return Varieties.grown(plan, crop, variety);
    }

    /** From plant to plant: its own, or what is usual for its layout. */
    Length plantsApart(Plan plan) {
        return inRow.orElseGet(() -> usual(grown(plan).spacing()));
    }

    private Length usual(Crop.Spacing spacing) {
        return spacing.toTheSquareFoot()
                .filter(count -> layout == Layout.SQUARE)
                .map(count -> Length.feet(1 / Math.sqrt(count)))
                .orElseGet(() -> Length.metres(spacing.inRow().usual()));
    }

    /**
     * From row to row: its own, or what is usual; without rows as far as from plant to plant. A row along a trellis
     * takes so much soil.
     */
    Length rowsApart(Plan plan) {
        return switch (layout) {
            case ROWS_ALONG, ROWS_ACROSS, ALONG_TRELLIS ->
                between.orElseGet(
                        () -> Length.metres(grown(plan).spacing().between().usual()));
            case SQUARE, STAGGERED, SINGLE -> plantsApart(plan);
        };
    }

    /** The day of the first harvest, as is usual; of a perennial in its first bearing year. */
    public LocalDate ripe(Plan plan) {
        return ripe(grown(plan));
    }

    LocalDate ripe(Crop grown) {
        return ripeAfter(grown, grown.ripens(raising).usual());
    }

    /** The day of the first harvest of the quickest varieties. */
    LocalDate ripeAtTheEarliest(Plan plan) {
        Crop grown = grown(plan);
        return ripeAfter(grown, grown.ripens(raising).low());
    }

    private LocalDate ripeAfter(Crop grown, double days) {
        return from.plusYears(grown.perennial().map(Crop.Perennial::firstCrop).orElse(0))
                .plusDays(Math.round(days));
    }

    /** The day on which it is sown indoors; empty if it is not. */
    Optional<LocalDate> indoors(Plan plan) {
        return grown(plan).indoors().filter(weeks -> raising == Raising.RAISED).map(from::minusWeeks);
    }

    /** Whether both grow on some day. */
    public boolean meets(Planting other) {
        return from.isBefore(other.until) && other.from.isBefore(until);
    }

    /** Whether it grows on a day. */
    public boolean grows(LocalDate day) {
        return !day.isBefore(from) && day.isBefore(until);
    }

    /** The seasons in which it grows. */
    Lifetime lifetime(MonthDay yearBegins) {
        return new Lifetime(
                Optional.of(Plan.season(from, yearBegins)),
                Optional.of(Plan.season(until.minusDays(1), yearBegins) + 1));
    }

    /** Whether both grow in some of the same soil, at whatever time. */
    public boolean sharesSoil(Planting other) {
        return bed.equals(other.bed) && part.shares(other.part);
    }

    /** Days in the bed. */
    public int days() {
        return Math.toIntExact(ChronoUnit.DAYS.between(from, until));
    }

    public Planting cleared(LocalDate day) {
        return during(from, day);
    }

    /** From another day on; it is cleared when it would have been, or as much later. */
    Planting planted(LocalDate day) {
        return day.isBefore(until) ? during(day, until) : shifted(day);
    }

    /** From another day on, for as long as it was. */
    public Planting shifted(LocalDate day) {
        return during(day, day.plusDays(ChronoUnit.DAYS.between(from, until)));
    }

    private Planting during(LocalDate first, LocalDate last) {
        return raised(raising, first, last);
    }

    public Planting raised(Raising other, LocalDate first, LocalDate last) {
        return new Planting(
                id, name, crop, variety, bed, part, layout, inRow, between, other, interplanted, first, last);
    }

    /** The same as another planting. */
    public Planting called(UUID other) {
        return new Planting(
                other, name, crop, variety, bed, part, layout, inRow, between, raising, interplanted, from, until);
    }

    public Planting in(BedPart other) {
        return in(bed, other);
    }

    public Planting in(UUID other) {
        return in(other, part);
    }

    /** In another bed, or in another part of it. */
    public Planting in(UUID other, BedPart share) {
        return new Planting(
                id, name, crop, variety, other, share, layout, inRow, between, raising, interplanted, from, until);
    }

    /** Not the variety, but the crop as the catalogue has it. */
    Planting usual(String called) {
        return new Planting(
                id,
                called,
                crop,
                Optional.empty(),
                bed,
                part,
                layout,
                inRow,
                between,
                raising,
                interplanted,
                from,
                until);
    }

    Planting interplanting() {
        return new Planting(id, name, crop, variety, bed, part, layout, inRow, between, raising, true, from, until);
    }

    Planting spacedAsUsual() {
        Optional<Length> usual = Optional.empty();
        return new Planting(
                id, name, crop, variety, bed, part, layout, usual, usual, raising, interplanted, from, until);
    }
}
