package fairacre.appraisal;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Rewrite.Stretch;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RewriteTest {

    @ParameterizedTest(name = "{0} to {1}")
    @CsvSource({"'',''", "'',a", "a,''", "abc,abc", "abc,abxc", "abcd,ad", "abc,cba", "aab,baa", "abc,xyz", "abc,abcabc"
    })
    void theLaterListComesFromTheEarlier(String before, String after) {
        assertThat(Rewrite.of(letters(before), letters(after)).appliedTo(letters(before)))
                .isEqualTo(letters(after));
    }

    @Test
    void whatOneElementChangesIsTwoStretches() {
        assertThat(Rewrite.of(letters("abcdef"), letters("abXdef")).stretches())
                .containsExactly(new Stretch<>(0, 2, letters("X")), new Stretch<>(3, 6, List.of()));
        assertThat(Rewrite.of(letters("abc"), letters("")).stretches()).isEmpty();
    }

    @Test
    void anyTwoListsLeadFromOneToTheOther() {
        Random random = new Random(5);
        for (int i = 0; i < 2000; i++) {
            List<Integer> before = some(random);
            List<Integer> after = some(random);
            assertThat(Rewrite.of(before, after).appliedTo(before)).isEqualTo(after);
        }
    }

    private static List<Integer> some(Random random) {
        return IntStream.range(0, random.nextInt(9))
                .mapToObj(i -> random.nextInt(6))
                .toList();
    }

    private static List<String> letters(String word) {
        return word.chars().mapToObj(Character::toString).toList();
    }
}
