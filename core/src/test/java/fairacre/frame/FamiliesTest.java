package fairacre.frame;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.frame.Families.Cause;
import fairacre.plan.Bed;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FamiliesTest {

    private static final double T = 0.0381;

    private static Families of(Bed... beds) {
        return Families.of(plot(30, 30, List.of(), beds).standing(SEASON));
    }

    private static Bed framed(String name, double length, double width, Board board, Joint joint) {
        return bed(name, 5, 5, length, width, 0, Optional.of(new Frame(Material.CEDAR, board, 1, joint)));
    }

    @Test
    void bedsOfEqualOutsideSizeAreAFamilyWhicheverWayTheyLie() {
        Families families = of(bed("A", 5, 5, 2.4, 1.2), bed("B", 5, 9, 1.2, 2.4), bed("C", 9, 9, 3, 1));
        assertThat(families.families()).hasSize(2);
        assertThat(families.families().get(0).beds()).containsExactlyInAnyOrder(id("A"), id("B"));
        assertThat(families.nearMisses()).isEmpty();
    }

    @Test
    @DisplayName(
            "The same boards butted the other way round: 2 t longer and 2 t narrower [common practice, arithmetic]")
    void theButtJointMadeTheOtherWayRoundIsANearMiss() {
        Families families = of(
                framed("A", 2.4, 1.2 + 2 * T, Board.B2X10, Joint.ENDS_PAST),
                framed("B", 2.4 + 2 * T, 1.2, Board.B2X10, Joint.SIDES_PAST));
        assertThat(families.nearMisses()).singleElement().satisfies(miss -> {
            assertThat(miss.cause()).isEqualTo(Cause.JOINT);
            assertThat(miss.difference().metres()).isEqualTo(2 * T);
        });
    }

    @Test
    void thickerBoardsRoundTheSameSoilAndAWrongCutAreToldApart() {
        double sleeper = 0.05;
        assertThat(of(
                                framed("A", 2 + 2 * T, 1 + 2 * T, Board.B2X10, Joint.SIDES_PAST),
                                framed("B", 2 + 2 * sleeper, 1 + 2 * sleeper, Board.SLEEPER_50X200, Joint.SIDES_PAST))
                        .nearMisses()
                        .get(0)
                        .cause())
                .isEqualTo(Cause.BOARD);
        assertThat(of(bed("A", 5, 5, 2.4, 1.2), bed("B", 5, 8, 2.42, 1.2))
                        .nearMisses()
                        .get(0)
                        .cause())
                .isEqualTo(Cause.SIZE);
        assertThat(of(bed("A", 5, 5, 2.4, 1.2), bed("B", 5, 8, 2.6, 1.2)).nearMisses())
                .isEmpty();
        assertThat(of().families()).isEmpty();
    }
}
