package fairacre.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The same cases hold for the reader in the browser: lengths.json is read by both tests. */
class LengthTextTest {

    private static final JsonNode CASES =
            JsonMapper.shared().readTree(LengthTextTest.class.getResourceAsStream("/lengths.json"));

    static Stream<Arguments> read() {
        return CASES.get("read")
                .valueStream()
                .map(c -> Arguments.of(
                        c.get(0).stringValue(),
                        Units.valueOf(c.get(1).stringValue()),
                        c.get(2).longValue()));
    }

    static Stream<String> unreadable() {
        return CASES.get("unreadable").valueStream().map(JsonNode::stringValue);
    }

    static Stream<Arguments> written() {
        return CASES.get("written")
                .valueStream()
                .map(c -> Arguments.of(
                        c.get(0).longValue(),
                        Units.valueOf(c.get(1).stringValue()),
                        c.get(2).stringValue()));
    }

    @ParameterizedTest
    @MethodSource("read")
    void readsWhatStandsOnATape(String text, Units units, long micrometres) {
        assertThat(LengthText.parse(text, units)).isEqualTo(new Length(micrometres));
    }

    @ParameterizedTest
    @MethodSource("unreadable")
    void refusesTheRestWithAnExample(String text) {
        assertThatThrownBy(() -> LengthText.parse(text, Units.METRIC))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("3'6\"");
    }

    @ParameterizedTest
    @MethodSource("written")
    void writesInTheGardenersUnits(long micrometres, Units units, String text) {
        assertThat(LengthText.format(new Length(micrometres), units)).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(longs = {0, 3_175, 25_400, 1_000, 1_066_800, 999_000, 18_288_000, 152_400})
    void whatIsWrittenIsReadBack(long micrometres) {
        for (Units units : Units.values()) {
            Length length = new Length(micrometres);
            Length back = LengthText.parse(LengthText.format(length, units), units);
            long step = units == Units.METRIC ? 500 : 794;
            assertThat(Math.abs(back.micrometres() - micrometres)).isLessThanOrEqualTo(step);
        }
    }

    @Test
    void refusesATextOfTenThousandCharactersWithoutEchoingIt() {
        assertThatThrownBy(() -> LengthText.parse("9".repeat(10_000), Units.METRIC))
                .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(200));
    }
}
