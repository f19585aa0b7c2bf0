package org.soberhem.core.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.figure.Place;

/** The parts that a stand is made of, on shapes whose measures are known. */
class StandPartsTest {

    @Test
    void tautTape_spansHollows() {
        List<Taut.Spot> star = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            double r = i % 2 == 0 ? 100 : 40;
            double angle = Math.PI * i / 8;
            double x = r * Math.cos(angle);
            double z = r * Math.sin(angle);
            star.add(new Taut.Spot(x, z, new Place(x, 0, z)));
        }
        // The hull of the star is an octagon: 8 · 2 · 100 · sin(22.5°).
        assertThat(Taut.round(star).length()).isCloseTo(1600 * Math.sin(Math.PI / 8), within(1e-9));
    }

    @Test
    void tautTape_liesOverWhatStandsOut_andNotInTheHollowBeforeIt() {
        List<Taut.Spot> way = List.of(
                new Taut.Spot(0, 0, new Place(0, 0, 0)),
                new Taut.Spot(30, -20, new Place(30, 0, -20)),
                new Taut.Spot(60, 80, new Place(60, 0, 80)),
                new Taut.Spot(120, 0, new Place(120, 0, 0)));
        TapeRun tape = Taut.over(way);
        assertThat(tape.length()).isCloseTo(100 + 100, within(1e-9));
        assertThat(tape.places()).hasSize(3);
        assertThat(tape.places().get(0)).isEqualTo(new Place(0, 0, 0));
    }

    @Test
    void loft_ofEqualRings_isATube_andPassesSmoothlyBetweenUnequalOnes() {
        SurfaceGrid rings = new SurfaceGrid(6, Angles.COLUMNS);
        for (int row = 0; row < 6; row++) {
            Ring.level(100 * row, row < 3 ? 100 : 140, row < 3 ? 80 : 110, 5, 0, 0)
                    .into(rings, row);
        }
        SurfaceGrid surface = Loft.surface(rings, 8);
        assertThat(surface.rows()).isEqualTo(25);
        assertThat(surface.y(0, 0)).isCloseTo(100, within(1e-9));
        assertThat(surface.y(24, 0)).isCloseTo(400, within(1e-9));
        // Second differences of a C2 curve change by little from row to row.
        double before = 0;
        for (int row = 1; row < 24; row++) {
            double bend = surface.x(row - 1, 0) - 2 * surface.x(row, 0) + surface.x(row + 1, 0);
            assertThat(Math.abs(bend - before)).isLessThan(0.17);
            before = bend;
        }
    }

    @Test
    void ring_isAsBroadAndDeepAsAsked_andSquarerWhenAsked() {
        SurfaceGrid rings = new SurfaceGrid(2, Angles.COLUMNS);
        Ring.level(10, 100, 60, 5, 7, 0).into(rings, 0);
        Ring.level(10, 100, 60, 5, 7, 0.06).into(rings, 1);
        for (int row = 0; row < 2; row++) {
            assertThat(rings.x(row, Angles.LEFT)).isCloseTo(100, within(1e-9));
            assertThat(rings.x(row, Angles.RIGHT)).isCloseTo(-100, within(1e-9));
            assertThat(rings.z(row, Angles.FRONT)).isCloseTo(72, within(1e-9));
            assertThat(rings.z(row, Angles.BACK)).isCloseTo(-48, within(1e-9));
        }
        int corner = Angles.COLUMNS / 8;
        assertThat(rings.x(1, corner)).isGreaterThan(rings.x(0, corner) + 3);
    }

    @Test
    void relief_risesToItsPoint_andEndsSmoothly() {
        SurfaceGrid wall = new SurfaceGrid(61, Angles.COLUMNS);
        SurfaceGrid raised = new SurfaceGrid(61, Angles.COLUMNS);
        for (int row = 0; row < 61; row++) {
            Ring.level(5 * row, 150, 100, 0, 0, 0).into(wall, row);
            Ring.level(5 * row, 150, 100, 0, 0, 0).into(raised, row);
        }
        new Relief(1, 150, 60, 40, 40, 50, 45, 0.2).raise(raised);
        double most = 0;
        for (int row = 0; row < 61; row++) {
            for (int column = 0; column < Angles.COLUMNS; column++) {
                double out = raised.z(row, column) - wall.z(row, column);
                most = Math.max(most, out);
                if (column > Angles.RIGHT) {
                    assertThat(out).isZero();
                }
                assertThat(raised.x(row, column)).isCloseTo(-raised.x(row, Angles.mirrored(column)), within(1e-9));
            }
        }
        assertThat(most).isBetween(37.0, 40.0);
    }

    @Test
    void between_isOnTheCubicThroughItsRows() {
        SurfaceGrid grid = new SurfaceGrid(5, 4);
        for (int row = 0; row < 5; row++) {
            for (int column = 0; column < 4; column++) {
                grid.put(row, column, row * row * row, row, row * row);
            }
        }
        Place at = grid.between(1, 2, 0.5);
        assertThat(at.x()).isCloseTo(3.375, within(1e-9));
        assertThat(at.z()).isCloseTo(2.25, within(1e-9));
        assertThat(grid.between(0, 0, 0.5).z()).isCloseTo(0.25, within(1e-9));
        assertThat(grid.between(3, 0, 0.5).z()).isCloseTo(12.25, within(1e-9));
        assertThat(grid.at(2.5, 0).z()).isCloseTo(6.25, within(1e-9));
    }

    @Test
    void tape_isShownFromTheSideThatItLiesOn() {
        TapeRun back = new TapeRun(List.of(new Place(0, 1400, -60), new Place(0, 1000, -90)), false);
        TapeRun front = new TapeRun(List.of(new Place(-10, 1300, 90), new Place(10, 1000, 110)), false);
        TapeRun right = new TapeRun(List.of(new Place(-190, 1400, 0), new Place(-240, 900, 0)), false);
        assertThat(back.shownFrom(0)).isEqualTo(180);
        assertThat(front.shownFrom(0)).isZero();
        assertThat(right.shownFrom(0)).isEqualTo(90);
        assertThat(new TapeRun(back.places(), true).shownFrom(0)).isZero();
    }

    @Test
    void poses_thatNoArmTakes_areRefused() {
        assertThatThrownBy(() -> new Pose(-1, 0)).hasMessageContaining("0 to 170");
        assertThatThrownBy(() -> new Pose(0, 200)).hasMessageContaining("0 to 140");
        assertThatThrownBy(() -> new Pose(Double.NaN, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
