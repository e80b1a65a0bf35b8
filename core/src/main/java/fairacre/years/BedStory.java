package fairacre.years;

import fairacre.build.Holder;
import fairacre.journal.JournalEntry;
import fairacre.journal.Picked;
import fairacre.measure.Area;
import fairacre.measure.Length;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What became of a bed, season by season.
 *
 * @param chapters the first season first; none before it is built
 */
public record BedStory(UUID bed, String name, List<Chapter> chapters) {

    public BedStory {
        chapters = List.copyOf(chapters);
    }

    /**
     * The bed in a season.
     *
     * @param built whether it is built or rebuilt in this season
     * @param length of the rectangle round it
     * @param width of the rectangle round it
     * @param height from the ground to the top of the frame or mound
     * @param soil area inside the boards
     * @param grown what stands in it in the season, by its first day
     * @param picked in it
     * @param hours of work that were written down for it
     * @param perSquareMetre kilograms that were weighed; empty without soil
     * @param told losses and notes, by day
     */
    public record Chapter(
            int season,
            boolean built,
            Length length,
            Length width,
            Length height,
            Holder holder,
            Area soil,
            List<GrownThere> grown,
            Picked picked,
            double hours,
            Optional<Double> perSquareMetre,
            List<JournalEntry> told) {
        public Chapter {
            grown = List.copyOf(grown);
            told = List.copyOf(told);
        }
    }

    /**
     * A planting as it was planned.
     *
     * @param from the day on which it is sown or planted in the bed
     * @param until the day on which it is cleared
     */
    public record GrownThere(UUID planting, String name, LocalDate from, LocalDate until) {}
}
