package org.soberhem.core.drape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.plate.DistanceField;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.worn.ClothMesh;

/** Cloth against closed forms. */
class DraperyTest {

    private static final double RADIUS = 100;

    private static Drapery drapery(ClothMesh mesh, ClothKind cloth, BodyField body, double[] places) {
        int[] counting = new int[mesh.particles()];
        Arrays.fill(counting, 1);
        return new Drapery(mesh, cloth, body, places, counting);
    }

    /** A strip's own weight draws it by w g L² / 2 k. */
    @Test
    void hungStrip_isLongerByItsWeight() {
        double length = 600;
        double heavier = 40;
        ClothMesh mesh = Strips.strip(length, 60, 15, false);
        double[] places = Strips.placed(mesh, (x, y) -> new double[] {y, -x, 0});
        Drapery drapery = drapery(mesh, ClothKind.MUSLIN, new BodyField(List.of()), places);
        for (int i = 0; i < mesh.particles(); i++) {
            if (places[3 * i + 1] > -1e-9) {
                drapery.hold(i);
            }
        }
        for (int i = 0; i < 4000; i++) {
            drapery.step(heavier, 0);
        }
        double lowest = Double.MAX_VALUE;
        for (int i = 0; i < mesh.particles(); i++) {
            lowest = Math.min(lowest, places[3 * i + 1]);
        }
        double expected = heavier * 0.150 * 9.81 * 0.6 * 0.6 / (2 * 2000) * 1000;
        assertThat(-lowest - length).isCloseTo(expected, within(0.1));
    }

    /** A ring that is too small presses with its tension over the radius. */
    @Test
    void tightRing_pressesByTensionOverRadius() {
        double around = 2 * Math.PI * (RADIUS + ClothKind.MUSLIN.thickness());
        double strain = 0.03;
        double length = around / (1 + strain);
        ClothMesh mesh = Strips.strip(length, 90, 15, true);
        double[] places = Strips.placed(mesh, (x, y) -> {
            double angle = 2 * Math.PI * x / length;
            return new double[] {110 * Math.sin(angle), 45 - y, 110 * Math.cos(angle)};
        });
        BodyField body = new BodyField(List.of(new DistanceField(cylinder(), BodyField.BAND)));
        Drapery drapery = drapery(mesh, ClothKind.MUSLIN, body, places);
        for (int i = 0; i < 1500; i++) {
            drapery.step(0, 0);
        }
        Draped draped = new Draped(mesh, places, new boolean[1], ClothKind.MUSLIN, null, body, 1500, true);
        int count = 0;
        double radius = 0;
        for (int i = 0; i < mesh.particles(); i++) {
            if (Math.abs(places[3 * i + 1]) < 25) {
                radius += Math.hypot(places[3 * i], places[3 * i + 2]);
                count++;
            }
        }
        double pressure = new ClothTension(draped).pieces(0.02).get(0).pressure();
        assertThat(radius / count).isCloseTo(RADIUS + 1.5, within(0.002 * RADIUS));
        // Newtons a metre over metres are pascals.
        assertThat(pressure).isCloseTo(2000 * strain / 0.1015 / 1000, within(0.05 * 0.59));
    }

    private static Mesh cylinder() {
        int columns = 180;
        int rows = 21;
        double[] at = new double[3 * columns * (rows + 2)];
        for (int row = 0; row < rows + 2; row++) {
            double radius = row == 0 || row == rows + 1 ? 0 : RADIUS;
            double height = -100 + 10.0 * Math.max(0, Math.min(rows - 1, row - 1));
            for (int i = 0; i < columns; i++) {
                double angle = 2 * Math.PI * i / columns;
                int to = 3 * (row * columns + i);
                at[to] = radius * Math.cos(angle);
                at[to + 1] = height;
                at[to + 2] = radius * Math.sin(angle);
            }
        }
        return new Mesh.Maker().wall(columns, at, true).made("cylinder");
    }

    /**
     * A strip over an edge sinks as the bending length says, for three meshes.
     *
     * <p>F. T. Peirce 1930: the cube of the bending length over the overhang is cos(θ/2) / (8 tan θ), θ the slope of
     * the
     * line from the edge to the end; from memory.
     */
    @ParameterizedTest
    @ValueSource(doubles = {15, 10, 7.5})
    void stripOverAnEdge_sinksAsItsBendingLengthSays(double spacing) {
        double over = 60;
        double held = 2 * spacing;
        ClothMesh mesh = Strips.strip(over + held, 45, spacing, false);
        double[] places = Strips.placed(mesh, (x, y) -> new double[] {x - held, 0, y});
        Drapery drapery = drapery(mesh, ClothKind.MUSLIN, new BodyField(List.of()), places);
        for (int i = 0; i < mesh.particles(); i++) {
            if (places[3 * i] < 1e-6) {
                drapery.hold(i);
            }
        }
        for (int i = 0; i < 30000; i++) {
            drapery.step(1, 0);
        }
        double x = 0;
        double y = 0;
        int count = 0;
        double farthest = Arrays.stream(mesh.paper()).max().orElseThrow();
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            if (mesh.paper()[2 * vertex] > farthest - 1e-6) {
                x += places[3 * mesh.particleOf()[vertex]];
                y += places[3 * mesh.particleOf()[vertex] + 1];
                count++;
            }
        }
        double slope = Math.atan2(-y / count, x / count);
        double bendingLength = over * Math.cbrt(Math.cos(slope / 2) / (8 * Math.tan(slope)));
        double expected = 1000 * Math.cbrt(ClothKind.MUSLIN.bent().warp() * 1e-6 / (0.150 * 9.81));
        assertThat(slope).isBetween(0.5, 1.5);
        assertThat(bendingLength).isCloseTo(expected, within(0.1 * expected));
    }

    /** A strip that hangs 42.4 mm over at 41.5 degrees has a bending length of 21.2 mm. */
    @Test
    void kitchenTests_giveStiffness() {
        assertThat(ClothKind.bending(42.4, 150)).isCloseTo(14.0, within(0.1));
        assertThat(ClothKind.stretching(500, 50, 400, 20)).isCloseTo(1962, within(1.0));
    }

    @Test
    void clothWithoutWeightOrStiffness_isRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> ClothKind.MUSLIN.with(cloth -> cloth.weight(0)));
        assertThatIllegalArgumentException().isThrownBy(() -> new ClothKind.Drawn(0, 1, 1, 0.02));
        assertThatIllegalArgumentException().isThrownBy(() -> new ClothKind.Bent(-1, 1));
    }
}
