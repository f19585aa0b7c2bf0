package org.soberhem.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.LengthenAtLevel;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.alter.TakeInSeam;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.EdgeRef;

class FittingTest {

    private static final Fitting EMPTY = new Fitting(
            1,
            LocalDate.of(2026, 5, 1),
            new Fitting.Mockup(Map.of("Blouse", 1), "calico"),
            "corset",
            false,
            "",
            List.of(),
            Map.of());

    private static final Remark REMARK = new Remark(
            "1-1", "Blouse", "bust", Sides.LEFT, "", Optional.empty(), "", Optional.empty(), Remark.State.OPEN);

    private static final Zone BUST = new Zone(
            "bust",
            List.of("F", "G"),
            "bust",
            false,
            new Point(30, 200),
            new Zone.Flat("front", 0.5, 0.5),
            List.of("blouse"),
            List.of());

    @Test
    void remark_isCompletedTouchByTouch() {
        Fitting fitting = EMPTY.with(REMARK);
        Remark seen = REMARK.withSeen("strains", "too narrow").withAmount(Length.ofInches(0, 3, 8));
        fitting = fitting.with(seen);
        assertThat(fitting.remarks()).containsExactly(seen);
        assertThat(fitting.without("1-1").remarks()).isEmpty();
        assertThat(seen.onSides(Sides.BOTH).amount()).contains(Length.ofInches(0, 3, 8));
    }

    @Test
    void confirmedOver_marksTheLayersActuallyWorn() {
        Fitting confirmed = EMPTY.withReading("dip", Length.ofMillimetres(25)).confirmedOver("long-corset");
        assertThat(confirmed.confirmed()).isTrue();
        assertThat(confirmed.stack()).isEqualTo("long-corset");
        assertThat(confirmed.readings()).containsEntry("dip", Length.ofMillimetres(25));
    }

    @Test
    void zone_lettersChooseTheWearersSides() {
        assertThat(BUST.sides("F")).contains(Sides.LEFT);
        assertThat(BUST.sides("G")).contains(Sides.RIGHT);
        assertThat(BUST.sides("A")).isEmpty();
    }

    @Test
    void symptom_saysWhichAlterationThePinnedAmountAsksFor() {
        assertThat(symptom("seam back.side", -1).alteration(10, Sides.BOTH))
                .contains(new TakeInSeam(EdgeRef.parse("back.side"), 10, 10, Sides.BOTH));
        assertThat(symptom("taper back.shoulder", 1).alteration(10, Sides.LEFT))
                .contains(new TakeInSeam(EdgeRef.parse("back.shoulder"), 0, -10, Sides.LEFT));
        assertThat(symptom("level midriff", 1).alteration(10, Sides.BOTH))
                .contains(LengthenAtLevel.evenly("midriff", 10, Sides.BOTH));
        assertThat(symptom("wedge midriff", -1).alteration(10, Sides.BOTH))
                .contains(new LengthenAtLevel("midriff", 0, 0, -10, Sides.BOTH));
        assertThat(symptom("", 0).alteration(10, Sides.BOTH)).isEmpty();
        assertThat(symptom("seam back.side", 1).alteration(0, Sides.BOTH)).isEmpty();
        assertThatThrownBy(() -> symptom("fold back", 1).alteration(10, Sides.BOTH))
                .hasMessageContaining("must name a seam, taper, level or wedge: \"fold back\"");
    }

    private static Zone.Symptom symptom(String alter, int direction) {
        return new Zone.Symptom("id", "seen", "cause", "remedy", alter, direction);
    }
}
