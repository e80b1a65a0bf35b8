package fairacre.build;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoardTest {

    @ParameterizedTest(name = "{0} is {1} x {2} in [American Softwood Lumber Standard PS 20, dressed dry sizes]")
    @CsvSource({
        "1x6, 0.75, 5.5",
        "1x8, 0.75, 7.25",
        "5/4x6, 1, 5.5",
        "2x6, 1.5, 5.5",
        "2x8, 1.5, 7.25",
        "2x10, 1.5, 9.25",
        "2x12, 1.5, 11.25",
        "4x4, 3.5, 3.5",
        "4x6, 3.5, 5.5"
    })
    void nominalSizesAreNotActualSizes(String key, double thickness, double width) {
        Board board = Board.of(key);
        assertThat(board.thickness()).isEqualTo(Length.inches(thickness));
        assertThat(board.width()).isEqualTo(Length.inches(width));
    }

    @ParameterizedTest(name = "{1} courses of {0} stand {2} in [derived]")
    @CsvSource({"2x10, 2, 18.5", "4x4, 6, 21", "5/4x6, 1, 5.5"})
    void heightIsCoursesTimesActualWidth(String key, int courses, double inches) {
        assertThat(new Frame(Material.CEDAR, Board.of(key), courses, Joint.SIDES_PAST).height())
                .isEqualTo(Length.inches(inches));
    }

    @Test
    @DisplayName("Materials last in the ground as gardeners reckon [common practice]")
    void lifeRanges() {
        assertThat(Material.SOFTWOOD.mostYears()).isEqualTo(5);
        assertThat(Material.CEDAR.leastYears()).isEqualTo(7);
        assertThat(Material.TREATED.mostYears()).isEqualTo(25);
        assertThat(Material.HARDWOOD.leastYears()).isEqualTo(15);
    }
}
