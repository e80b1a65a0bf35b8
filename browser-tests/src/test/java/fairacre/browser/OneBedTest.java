package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Somebody who plans one bed for 60 of their currency: begun, looked at, typed at, and never nagged. */
class OneBedTest {

    @Test
    void oneBedIsBegunLookedAtAndMadeLonger() {
        try (Garden garden = Garden.opened().signUp()) {
            garden.button("One bed for a small sum").click();
            garden.button("Begin with one bed").click();
            garden.bed("First bed").waitFor();
            assertThat(garden.snags()).containsText("Nothing is wrong");
            double left = euros(garden.figure("left"));
            assertThat(left).isBetween(0.0, 40.0);
            garden.bed("First bed").click();
            garden.type("Length, outside", "1.3 m");
            garden.kept();
            assertThat(euros(garden.figure("left"))).isLessThan(left + 0.01);
            for (String step : new String[] {"Ground", "Walks", "Frames", "Fill", "Purse"}) {
                garden.step(step);
                assertThat(garden.snags()).containsText("Nothing is wrong");
            }
            garden.page().getByText("Bill as a page").click();
            assertThat(garden.paper("Bill")).containsText("Garden mix, bag of 50 L");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static double euros(String figure) {
        return Double.parseDouble(figure.replace("€", "").replace("−", "-"));
    }
}
