package org.soberhem.core.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.figure.Place;

/** The distance field against closed forms and against looking at every triangle. */
class DistanceFieldTest {

    private static double byHand(Mesh mesh, Place place) {
        double[] p = {place.x(), place.y(), place.z()};
        double least = Double.MAX_VALUE;
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            Place[] corners = new Place[3];
            double[][] c = new double[3][];
            for (int k = 0; k < 3; k++) {
                corners[k] = mesh.place(mesh.triangles()[i + k]);
                c[k] = new double[] {corners[k].x(), corners[k].y(), corners[k].z()};
            }
            // The nearest place of a triangle by halving a net laid over it, which knows nothing of the cases.
            double best = Double.MAX_VALUE;
            double u = 1 / 3.0;
            double v = 1 / 3.0;
            for (double step = 0.34; step > 1e-4; step *= 0.6) {
                double bu = u;
                double bv = v;
                for (int du = -1; du <= 1; du++) {
                    for (int dv = -1; dv <= 1; dv++) {
                        double a = Math.max(0, Math.min(1, u + du * step));
                        double b = Math.max(0, Math.min(1 - a, v + dv * step));
                        double sum = 0;
                        for (int k = 0; k < 3; k++) {
                            double on = (1 - a - b) * c[0][k] + a * c[1][k] + b * c[2][k];
                            sum += (p[k] - on) * (p[k] - on);
                        }
                        if (sum < best) {
                            best = sum;
                            bu = a;
                            bv = b;
                        }
                    }
                }
                u = bu;
                v = bv;
            }
            least = Math.min(least, best);
        }
        return Math.sqrt(least);
    }

    @Test
    void field_isThatOfLookingAtEveryTriangle_withItsSide() {
        Mesh egg = Balls.ball("egg", 80, 0.6, 0, 0);
        DistanceField field = new DistanceField(egg, 30);
        Random chance = new Random(5);
        int known = 0;
        for (int i = 0; i < 60; i++) {
            Place place = new Place(
                    chance.nextDouble() * 180 - 90, chance.nextDouble() * 180 - 90, chance.nextDouble() * 120 - 60);
            double at = field.at(place);
            double far = byHand(egg, place);
            if (Double.isNaN(at)) {
                assertThat(far).isGreaterThan(20);
                continue;
            }
            known++;
            assertThat(Math.abs(at)).isCloseTo(far, within(0.6));
            double in = place.x() * place.x() / 6400 + place.y() * place.y() / 6400 + place.z() * place.z() / 2304;
            if (Math.abs(in - 1) > 0.05) {
                assertThat(at > 0).as(place.toString()).isEqualTo(in > 1);
            }
        }
        assertThat(known).isGreaterThan(25);
    }

    @Test
    void field_isNotKnownFarAway() {
        assertThat(new DistanceField(Balls.ball("ball", 40, 1, 0, 0), 10).at(new Place(500, 0, 0)))
                .isNaN();
    }
}
