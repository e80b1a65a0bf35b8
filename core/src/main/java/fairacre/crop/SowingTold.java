package fairacre.crop;

import fairacre.frost.FrostCalendar;
import fairacre.frost.FrostSpread;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * When things are sown in a season.
 *
 * @param basis what the frosts are taken from
 * @param last frost of spring; empty where it never freezes
 * @param first frost of autumn
 * @param soil temperature in the middle of each month, January first, degrees Celsius; none where nothing is known of
 *     the weather
 * @param days on which there is something to do for the plantings, in their order
 * @param crops when those of the catalogue and their varieties are sown and planted in the open, in its order
 */
public record SowingTold(
        FrostCalendar.Basis basis,
        Optional<FrostSpread> last,
        Optional<FrostSpread> first,
        List<Double> soil,
        List<SowingDay> days,
        List<CropTimes> crops) {

    public SowingTold {
        soil = List.copyOf(soil);
        days = List.copyOf(days);
        crops = List.copyOf(crops);
    }

    /** What there is to do for a planting. */
    public enum Deed {
        SOW_INDOORS("Sow indoors"),
        SOW("Sow in the bed"),
        PLANT("Plant out"),
        HARVEST("First harvest"),
        CLEAR("Clear the bed");

        private final String label;

        Deed(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /**
     * @param deed what is to be done on a day
     * @param what the same in words
     * @param count plants, or seeds where some are sown; 0 of what is harvested and cleared
     */
    public record SowingDay(LocalDate day, Deed deed, String what, UUID planting, int count) {
        SowingDay(LocalDate day, Deed deed, UUID planting, int count) {
            this(day, deed, deed.label(), planting, count);
        }
    }

    /**
     * When a crop is sown or planted in the open.
     *
     * @param variety of it; empty for the crop as the catalogue has it
     * @param indoors the day on which it is sown indoors for the first one; empty if it is not
     * @param from the first day
     * @param until the last day on which it still ripens before the frost; empty if frost doesn't matter
     * @param up days from sowing until it comes up in the soil of the first day; 0 of what is planted
     */
    public record CropTimes(
            String crop,
            Optional<UUID> variety,
            Optional<LocalDate> indoors,
            LocalDate from,
            Optional<LocalDate> until,
            int up) {}
}
