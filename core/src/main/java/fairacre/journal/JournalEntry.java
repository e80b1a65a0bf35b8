package fairacre.journal;

import fairacre.catalogue.Crops;
import fairacre.judging.Step;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Something that happened in the garden: work that was done, a harvest, a loss, or what is only noted.
 *
 * @param id made by whoever writes it down, so that it is entered once however often it is sent
 * @param about whether the day is only roughly known
 * @param place the bed, planting or other thing that it is about; empty for the whole garden
 * @param note at most 500 characters; there has to be one if there is nothing else
 * @param nextTime the step of the planning at which the note comes up again in later seasons; only with a note
 */
public record JournalEntry(
        UUID id,
        LocalDate day,
        boolean about,
        Optional<UUID> place,
        Optional<Done> done,
        Optional<Harvest> harvest,
        Optional<Loss> loss,
        Optional<String> note,
        Optional<Step> nextTime,
        Optional<Germination> germination,
        Optional<Weather> weather) {

    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_KEY = 200;
    private static final double MOST_HOURS = 1000;
    private static final double MOST_QUANTITY = 1_000_000;
    private static final double MOST_KILOGRAMS = 10_000;
    private static final double MOST_LITRES = 10_000;
    private static final int MOST_PIECES = 1_000_000;

    public JournalEntry {
        Limits.present(id, "id");
        Limits.present(day, "day");
        Limits.season(day.getYear(), "day");
        place = place == null ? Optional.empty() : place;
        done = done == null ? Optional.empty() : done;
        harvest = harvest == null ? Optional.empty() : harvest;
        loss = loss == null ? Optional.empty() : loss;
        note = note == null ? Optional.empty() : note.filter(text -> !text.isBlank());
        note = note.map(text -> Limits.line(text, LONGEST_NOTE, "note", "note"));
        nextTime = nextTime == null ? Optional.empty() : nextTime;
        if (nextTime.isPresent() && note.isEmpty()) {
            throw new RefusedException("note", "there is nothing to think of next time", "say what");
        }
        germination = germination == null ? Optional.empty() : germination;
        weather = weather == null ? Optional.empty() : weather;
        long facts = Stream.of(done, harvest, loss, germination, weather)
                .filter(Optional::isPresent)
                .count();
        if (facts > 1) {
            throw new RefusedException("note", "this is more than one entry", "enter one after the other");
        }
        if (facts == 0 && note.isEmpty()) {
            throw new RefusedException("note", "there is nothing to note", "say what happened");
        }
    }

    /** Neither a count of seedlings nor the weather. */
    public JournalEntry(
            UUID id,
            LocalDate day,
            boolean about,
            Optional<UUID> place,
            Optional<Done> done,
            Optional<Harvest> harvest,
            Optional<Loss> loss,
            Optional<String> note,
            Optional<Step> nextTime) {
        this(id, day, about, place, done, harvest, loss, note, nextTime, Optional.empty(), Optional.empty());
    }

    /**
     * Work that was done.
     *
     * @param task its key
     * @param rate key of the rate of work
     * @param quantity of the rate's unit, more than 0
     * @param hours that it took whoever writes it, 0.01 to 1000; empty if nobody looked at the clock
     */
    public record Done(String task, String rate, double quantity, Optional<Double> hours) {
        public Done {
            task = key(task, "task");
            rate = key(rate, "rate");
            hours = hours == null ? Optional.empty() : hours;
            range(quantity, 1e-6, MOST_QUANTITY, "quantity", "how much was done");
            hours.ifPresent(each -> range(each, 0.01, MOST_HOURS, "hours", "hours"));
        }

        private static String key(String text, String field) {
            return Limits.line(Limits.present(text, field), LONGEST_KEY, "key", field);
        }
    }

    /**
     * Something that was picked: by weight, by volume, by pieces, or more than one of them.
     *
     * @param crop its key in the catalogue
     * @param kilograms 0.001 to 10,000
     * @param litres as it lies in the vessel, 0.001 to 10,000
     * @param pieces 1 to 1,000,000
     */
    public record Harvest(
            String crop,
            Optional<UUID> variety,
            Optional<Double> kilograms,
            Optional<Double> litres,
            Optional<Integer> pieces) {
        public Harvest {
            known(crop, "crop");
            variety = variety == null ? Optional.empty() : variety;
            kilograms = kilograms == null ? Optional.empty() : kilograms;
            litres = litres == null ? Optional.empty() : litres;
            pieces = pieces == null ? Optional.empty() : pieces;
            if (kilograms.isEmpty() && litres.isEmpty() && pieces.isEmpty()) {
                throw new RefusedException(
                        "kilograms", "it is not said how much was picked", "weigh it, measure it or count it");
            }
            kilograms.ifPresent(each -> range(each, 0.001, MOST_KILOGRAMS, "kilograms", "the weight"));
            litres.ifPresent(each -> range(each, 0.001, MOST_LITRES, "litres", "the volume"));
            pieces.ifPresent(each -> range(each, 1, MOST_PIECES, "pieces", "the count"));
        }

        /** How much it was. */
        public Picked picked() {
            return new Picked(kilograms.orElse(0.0), litres.orElse(0.0), pieces.orElse(0));
        }
    }

    /** @param crop its key in the catalogue; empty if it was not only one */
    public record Loss(Optional<String> crop, LossCause cause) {
        public Loss {
            crop = crop == null ? Optional.empty() : crop;
            crop.ifPresent(each -> known(each, "crop"));
            Limits.present(cause, "cause");
        }
    }

    /**
     * Seeds that were sown, and how many of them came up.
     *
     * @param crop its key in the catalogue
     * @param sown seeds, 1 to 1,000,000
     * @param up seedlings, no more than were sown; empty while nobody has counted
     */
    public record Germination(String crop, Optional<UUID> variety, int sown, Optional<Integer> up) {
        public Germination {
            known(crop, "crop");
            variety = variety == null ? Optional.empty() : variety;
            up = up == null ? Optional.empty() : up;
            range(sown, 1, MOST_PIECES, "sown", "the number of seeds");
            int seeds = sown;
            up.ifPresent(each -> range(each, 0, seeds, "up", "the number that came up"));
        }
    }

    /**
     * The weather of the day, as it was measured; at least one of the three.
     *
     * @param rain millimetres, 0 to 1000
     * @param lowest degrees Celsius, -60 to 60
     * @param highest the same, no lower than the lowest
     */
    public record Weather(Optional<Double> rain, Optional<Double> lowest, Optional<Double> highest) {

        private static final double MOST_RAIN = 1000;
        private static final double MOST_DEGREES = 60;

        public Weather {
            rain = rain == null ? Optional.empty() : rain;
            lowest = lowest == null ? Optional.empty() : lowest;
            highest = highest == null ? Optional.empty() : highest;
            if (rain.isEmpty() && lowest.isEmpty() && highest.isEmpty()) {
                throw new RefusedException("rain", "nothing was measured", "give the rain or a temperature");
            }
            rain.ifPresent(each -> range(each, 0, MOST_RAIN, "rain", "the rain"));
            lowest.ifPresent(each -> range(each, -MOST_DEGREES, MOST_DEGREES, "lowest", "the temperature"));
            highest.ifPresent(each -> range(each, -MOST_DEGREES, MOST_DEGREES, "highest", "the temperature"));
            if (lowest.isPresent() && highest.isPresent() && highest.get() < lowest.get()) {
                throw new RefusedException(
                        "highest", "it is lower than the lowest", "change the two, or leave one out");
            }
        }
    }

    private static void known(String crop, String field) {
        if (Crops.of(Limits.present(crop, field)).isEmpty()) {
            throw new RefusedException(field, "there is no such crop", "choose one of the catalogue");
        }
    }

    private static void range(double value, double least, double most, String field, String what) {
        if (!(value >= least && value <= most)) {
            throw new RefusedException(
                    field, what + " is not between " + shown(least) + " and " + shown(most), "give a value in range");
        }
    }

    private static String shown(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}
