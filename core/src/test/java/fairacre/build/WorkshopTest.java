package fairacre.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkshopTest {

    @ParameterizedTest(name = "kerf {0} mm, trim {1} mm, {3} offcuts of {2} mm: {4}")
    @CsvSource({
        "-1, 0, 900, 1, kerf",
        "21, 0, 900, 1, kerf",
        "3, 301, 900, 1, trim",
        "3, 0, 49, 1, length",
        "3, 0, 10001, 1, length",
        "3, 0, 900, 0, count",
        "3, 0, 900, 501, count"
    })
    void whatNoSawAndNoShedHasIsRefusedAtItsField(int kerf, int trim, int length, int count, String field) {
        assertThatThrownBy(() -> new Workshop(
                        Length.millimetres(kerf),
                        Length.millimetres(trim),
                        false,
                        List.of(new Offcut(Material.CEDAR, Board.B2X10, Length.millimetres(length), count))))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo(field));
    }

    @Test
    @DisplayName(
            "Worked by hand: 2400 mm with a knot at 900 to 950 and a split from 2380 on leaves 900 and 1430, the last 20 are of no use")
    void flawsAreCutOut() {
        assertThat(flawed(2400, 2380, 2400, 900, 950).sound())
                .containsExactly(Length.millimetres(900), Length.millimetres(1430));
        assertThat(new Offcut(Material.CEDAR, Board.B2X10, Length.metres(2), 3).sound())
                .containsExactly(Length.metres(2));
        assertThat(flawed(1000, 0, 1000).sound()).isEmpty();
    }

    @ParameterizedTest(name = "a board of 1000 mm with flaws {0} to {1} and {2} to {3} mm")
    @CsvSource({
        "100, 100, 200, 300",
        "300, 200, 400, 500",
        "-1, 100, 200, 300",
        "100, 300, 299, 400",
        "100, 200, 900, 1001"
    })
    void flawsThatCantBeAreRefused(int from, int to, int nextFrom, int nextTo) {
        assertThatThrownBy(() -> flawed(1000, from, to, nextFrom, nextTo))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("flaws"));
    }

    private static Offcut flawed(int length, int... ends) {
        List<Offcut.Flaw> flaws = IntStream.range(0, ends.length / 2)
                .mapToObj(i -> new Offcut.Flaw(Length.millimetres(ends[2 * i]), Length.millimetres(ends[2 * i + 1])))
                .toList();
        return new Offcut(Material.CEDAR, Board.B2X10, Length.millimetres(length), 1, flaws);
    }
}
