package fairacre.over;

import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class BedPlaceTest {

    private static final UUID BEANS = id("Beans");
    private static final UUID KALE = id("Kale");

    private static BedPlace place(UUID bed, Integer from, Integer until) {
        return new BedPlace(bed, new Lifetime(Optional.ofNullable(from), Optional.ofNullable(until)));
    }

    @Test
    void whatIsMovedStaysInItsEarlierSeasons() {
        assertThat(BedPlace.moved(List.of(place(BEANS, null, null)), BEANS, KALE, 2028))
                .containsExactly(place(BEANS, null, 2028), place(KALE, 2028, null));
        assertThat(BedPlace.moved(List.of(place(BEANS, 2027, 2031)), BEANS, KALE, 2028))
                .containsExactly(place(BEANS, 2027, 2028), place(KALE, 2028, 2031));
    }

    @Test
    void whatBeginsInTheSeasonLeavesNothingBehind() {
        assertThat(BedPlace.moved(List.of(place(BEANS, 2028, 2031)), BEANS, KALE, 2028))
                .containsExactly(place(KALE, 2028, 2031));
    }

    @Test
    void otherPlacesStayButForThoseThatWouldHoldTwice() {
        List<BedPlace> places = List.of(
                place(BEANS, 2027, 2030), place(KALE, 2029, null), place(KALE, 2026, 2028), place(BEANS, 2031, null));
        assertThat(BedPlace.moved(places, BEANS, KALE, 2028))
                .containsExactly(
                        place(KALE, 2026, 2028),
                        place(BEANS, 2031, null),
                        place(BEANS, 2027, 2028),
                        place(KALE, 2028, 2030));
    }
}
