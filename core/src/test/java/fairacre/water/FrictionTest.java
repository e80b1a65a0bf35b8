package fairacre.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FrictionTest {

    /** Colebrook and White's equation for 1/sqrt(f), solved by bracketing. */
    private static double colebrook(double reynolds, double roughness) {
        double inverse = new BracketingNthOrderBrentSolver(1e-12, 5)
                .solve(200, y -> y + 2 * Math.log10(roughness / 3.7 + 2.51 * y / reynolds), 1, 30);
        return 1 / (inverse * inverse);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-6, 1e-5, 1e-4, 1e-3, 1e-2})
    @DisplayName(
            "within 3.5 per cent of Colebrook and White, solved by bracketing, from Re 4000 to 1e8 [std: Colebrook 1939]")
    void turbulentFlowFollowsColebrook(double roughness) {
        for (double reynolds = 4000; reynolds <= 1e8; reynolds *= 1.7) {
            double exact = colebrook(reynolds, roughness);
            assertThat(Friction.factor(reynolds, roughness) / exact)
                    .as("Re %s", reynolds)
                    .isCloseTo(1, within(0.035));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {5000, 10_000, 20_000, 50_000})
    @DisplayName("in a smooth pipe within 3 per cent of Blasius' 0.316 Re^-0.25 up to Re 50 000 [std: Blasius 1913]")
    void smoothPipesFollowBlasius(double reynolds) {
        assertThat(Friction.factor(reynolds, 0) / (0.316 * Math.pow(reynolds, -0.25)))
                .isCloseTo(1, within(0.03));
    }

    @Test
    @DisplayName("laminar flow: 64 / Re [std: Hagen and Poiseuille]")
    void laminarFlow() {
        assertThat(Friction.factor(500, 0.01)).isEqualTo(0.128);
        assertThat(Friction.factor(2000, 0)).isEqualTo(0.032);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 1e-4, 1e-2})
    void theCubicJoinsBothWithoutAStepOrAKink(double roughness) {
        for (double joint : new double[] {2000, 4000}) {
            double below = Friction.factor(joint * (1 - 1e-9), roughness);
            double above = Friction.factor(joint * (1 + 1e-9), roughness);
            assertThat(above).isCloseTo(below, within(1e-6));
        }
        assertThat(slope(2000 * (1 + 1e-6), roughness)).isCloseTo(slope(2000 * (1 - 1e-6), roughness), within(1e-8));
        assertThat(slope(4000 * (1 - 1e-6), roughness)).isCloseTo(slope(4000 * (1 + 1e-6), roughness), within(1e-8));
    }

    private static double slope(double reynolds, double roughness) {
        double step = 1e-4;
        return (Friction.factor(reynolds + step, roughness) - Friction.factor(reynolds - step, roughness)) / (2 * step);
    }
}
