package org.soberhem.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ProportionsTest {

    private static final List<Proportions.Variable> TWO = List.of(
            new Proportions.Variable("hip", List.of()),
            new Proportions.Variable("waist", List.of(new Proportions.StandIn("crease", 1.1, 0.05))));

    private static Proportions.Fit fit(Proportions proportions, Map<String, Double> read) {
        return proportions.fit(measure -> read.getOrDefault(measure, Double.NaN));
    }

    /** Two logarithms with variance 1 and covariance r, widened by 1.25. */
    private static Proportions correlated(double r) {
        return new Proportions(TWO, new double[] {0, 0}, new double[][] {{1, r}, {r, 1}});
    }

    @Test
    void residual_isTheConditionalOne() {
        // Given y, x has the mean r y and the variance 1 − r²: a textbook property of the normal distribution.
        double r = 0.8;
        double x = 0.5;
        double y = -0.4;
        Proportions.Fit fit = fit(correlated(r), Map.of("hip", Math.exp(x), "waist", Math.exp(y)));
        assertThat(fit.residual("hip").orElseThrow())
                .isCloseTo((x - r * y) / Math.sqrt(1 - r * r) / 1.25, within(1e-9));
        assertThat(fit.distance()).isCloseTo((x * x - 2 * r * x * y + y * y) / (1 - r * r) / 1.25 / 1.25, within(1e-9));
    }

    @Test
    void missing_isLeftOut_andAStandInIsLessSure() {
        Proportions.Fit alone = fit(correlated(0.8), Map.of("hip", Math.exp(0.5)));
        assertThat(alone.residual("hip").orElseThrow()).isCloseTo(0.5 / 1.25, within(1e-9));
        assertThat(alone.residual("waist")).isEmpty();
        Proportions.Fit instead = fit(correlated(0), Map.of("crease", 1.1 * Math.exp(0.5)));
        assertThat(instead.residual("crease").orElseThrow())
                .isCloseTo(0.5 / Math.sqrt(1.25 * 1.25 + 0.05 * 0.05), within(1e-9));
    }

    @Test
    void fitted_comesBackFromItsOwnBodies() {
        Random random = new Random(7);
        List<double[]> bodies = new ArrayList<>();
        for (int i = 0; i < 4000; i++) {
            double common = random.nextGaussian();
            bodies.add(new double[] {Math.exp(common), Math.exp(0.6 * common + 0.8 * random.nextGaussian())});
        }
        Proportions fitted = Proportions.fit(TWO, bodies);
        Proportions.Fit seen = fit(fitted, Map.of("hip", Math.E, "waist", 1.0));
        Proportions.Fit exact = fit(correlated(0.6), Map.of("hip", Math.E, "waist", 1.0));
        assertThat(seen.distance()).isCloseTo(exact.distance(), within(0.1));
    }
}
