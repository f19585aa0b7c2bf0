package org.soberhem.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.RulerTable.Ruler;

class RulerTableTest {

    private static final double MM = 1e-9;
    private static final double INCH = 25.4;

    /** Rulers after the plain ratio of 36, the middle one measured a tenth of a millimetre too long in a unit. */
    private static final RulerTable TABLE = new RulerTable(List.of(
            new Ruler(30 * INCH, 30 * INCH / 36),
            new Ruler(36 * INCH, INCH + 0.1),
            new Ruler(42 * INCH, 42 * INCH / 36)));

    @Test
    void unitAt_onAndBetweenRulers_isInterpolated() {
        assertThat(TABLE.unitAt(36 * INCH)).isEqualTo(INCH + 0.1, within(MM));
        assertThat(TABLE.unitAt(39 * INCH)).isEqualTo((INCH + 0.1 + 42 * INCH / 36) / 2, within(MM));
    }

    @Test
    void unitAt_beyondTheRulers_goesOnAsTheStraightLine() {
        double slope = INCH / 36 / INCH;
        assertThat(TABLE.unitAt(48 * INCH)).isEqualTo(42 * INCH / 36 + 6 * INCH * slope, within(MM));
        assertThat(TABLE.unitAt(24 * INCH)).isEqualTo(30 * INCH / 36 - 6 * INCH * slope, within(MM));
    }

    @Test
    void residuals_areThoseOfAnotherLibrarysRegression() {
        SimpleRegression line = new SimpleRegression();
        TABLE.rulers().forEach(ruler -> line.addData(ruler.marked(), ruler.unit()));
        for (int i = 0; i < 3; i++) {
            Ruler ruler = TABLE.rulers().get(i);
            assertThat(TABLE.residuals().get(i)).isEqualTo(ruler.unit() - line.predict(ruler.marked()), within(1e-9));
        }
        assertThat(TABLE.residuals().get(1)).isEqualTo(0.1 * 2 / 3, within(1e-9));
    }

    @Test
    void of_rulersThatDoNotRise_saysWhich() {
        assertThatThrownBy(() -> new RulerTable(List.of(new Ruler(900, 25), new Ruler(850, 26))))
                .hasMessage("Marks and units must rise from ruler to ruler: ruler 2 is marked 850.0 mm with a unit of"
                        + " 26.0 mm, the one before 900.0 mm with 25.0 mm");
        assertThatThrownBy(() -> new RulerTable(List.of())).hasMessageContaining("at least one");
    }

    @Test
    void r4_oneRuler_growsWithWhatItIsMarkedWith() {
        RulerTable one = new RulerTable(List.of(new Ruler(900, 25)));
        assertThat(one.unitAt(900)).isEqualTo(25);
        assertThat(one.unitAt(1080)).isCloseTo(30, within(1e-9));
        assertThat(one.unitAt(720)).isCloseTo(20, within(1e-9));
        assertThat(one.residuals()).containsExactly(0.0);
    }
}
