package org.soberhem.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;

class FittingTest {

    private static final Fitting EMPTY = Fitting.begun(
            1,
            LocalDate.of(2026, 5, 1),
            new Mockup(Map.of("Blouse", 1), "calico"),
            new Conditions("corset", false, ""));

    private static final Remark REMARK = Remark.at("1-1", "Blouse", "bust", Sides.LEFT);

    private static final Zone BUST = new Zone(
            "bust",
            List.of("F", "G"),
            "bust",
            false,
            new Point(30, 200),
            new Zone.Flat(List.of("side-front", "front"), 0.5, 0.5),
            List.of("blouse"),
            List.of("bust"));

    @Test
    void remark_isCompletedTouchByTouch() {
        Remark seen = REMARK.withSeen("strains").withAmount(Length.ofInches(0, 3, 8));
        Fitting fitting = EMPTY.with(REMARK).with(seen);
        assertThat(fitting.remarks()).containsExactly(seen);
        assertThat(fitting.remark("1-1")).contains(seen);
        assertThat(seen.withSides(Sides.BOTH).amount()).contains(Length.ofInches(0, 3, 8));
        assertThat(seen.in("arms-up").movement()).isEqualTo("arms-up");
    }

    @Test
    void remark_isFollowedFromRoundToRound() {
        Remark worse = REMARK.withState(Remark.State.WORSE, 2);
        assertThat(worse.isOpen()).isTrue();
        Remark cured = worse.withState(Remark.State.CURED, 3);
        assertThat(cured.isOpen()).isFalse();
        assertThat(cured.followed())
                .containsExactly(Map.entry(2, Remark.State.WORSE), Map.entry(3, Remark.State.CURED));
        assertThat(REMARK.withState(Remark.State.MOVED, 2).isOpen()).isFalse();
    }

    @Test
    void otherSymptom_forgetsCauseAndTests() {
        Remark solved = REMARK.withSeen("strains").tested("narrow", true).because("narrow");
        assertThat(solved.tested()).containsEntry("narrow", true);
        Remark other = solved.withSeen("gapes");
        assertThat(other.cause()).isEmpty();
        assertThat(other.tested()).isEmpty();
    }

    @Test
    void decision_toLeave_acceptsTheRemark_anyOtherKeepsItOpen() {
        assertThat(REMARK.withDecision(Decision.of(Decision.Kind.LEAVE, "as the period has it"))
                        .state())
                .isEqualTo(Remark.State.LEFT);
        Decision altered = new Decision(
                Decision.Kind.ALTER, "longer", Optional.of(LengthenAtLevel.evenly("waist", 5, Sides.BOTH)), 2);
        assertThat(REMARK.withDecision(altered).isOpen()).isTrue();
    }

    @Test
    void conditions_sayWhatWasActuallyWorn() {
        Conditions without = EMPTY.conditions().toggling("cover").confirmed(true);
        assertThat(without.off()).containsExactly("cover");
        assertThat(without.toggling("cover").off()).isEmpty();
        Fitting fitting = EMPTY.withReading("dip", Length.ofMillimetres(25)).under(without);
        assertThat(fitting.confirmed()).isTrue();
        assertThat(fitting.readings()).containsEntry("dip", Length.ofMillimetres(25));
        // Over another stack the layers that were off mean nothing.
        assertThat(without.over("long-corset").off()).isEmpty();
        assertThat(without.toggling(Stance.UPRIGHT).toggling(Stance.UPRIGHT).stance())
                .isEmpty();
    }

    @Test
    void wrongSideOut_exchangesLeftAndRight() {
        Conditions right = EMPTY.conditions();
        Conditions wrong = right.turned(true);
        assertThat(right.garmentSide(Sides.LEFT)).isEqualTo(Sides.LEFT);
        assertThat(wrong.garmentSide(Sides.LEFT)).isEqualTo(Sides.RIGHT);
        assertThat(wrong.garmentSide(Sides.RIGHT)).isEqualTo(Sides.LEFT);
        assertThat(wrong.garmentSide(Sides.BOTH)).isEqualTo(Sides.BOTH);
    }

    @Test
    void inner_goesFromNotPlanned_toMissing_toPutIn() {
        Mockup mockup = EMPTY.mockup();
        assertThat(mockup.lacks(InnerPart.BONES)).isFalse();
        Mockup planned = mockup.stepping(InnerPart.BONES);
        assertThat(planned.lacks(InnerPart.BONES)).isTrue();
        Mockup in = planned.stepping(InnerPart.BONES);
        assertThat(in.lacks(InnerPart.BONES)).isFalse();
        assertThat(in.putIn()).containsExactly(InnerPart.BONES);
        assertThat(in.stepping(InnerPart.BONES)).isEqualTo(mockup);
    }

    @Test
    void trial_isKeptOnceForAMovementAndATime() {
        Fitting fitting = EMPTY.with(new Trial("sit", 0, Trial.Result.FAILED, ""))
                .with(new Trial("sit", 60, Trial.Result.PASSED, ""))
                .with(new Trial("sit", 0, Trial.Result.PASSED, "after letting out"));
        assertThat(fitting.trials()).hasSize(2);
        assertThat(fitting.trial("sit", 0).orElseThrow().result()).isEqualTo(Trial.Result.PASSED);
        assertThat(fitting.trial("kneel", 0)).isEmpty();
    }

    @Test
    void picture_isKeptOnce_andTakenOut() {
        Picture front = new Picture("aa", "front", "");
        Fitting fitting = EMPTY.with(front).with(front.laidOver(Overlay.over("bb")));
        assertThat(fitting.pictures())
                .singleElement()
                .satisfies(each -> assertThat(each.laid()).isPresent());
        assertThat(fitting.without(front).pictures()).isEmpty();
    }

    @Test
    void zone_lettersChooseTheWearersSides_andItsPieceIsTheFirstThatThereIs() {
        assertThat(BUST.sides("F")).contains(Sides.LEFT);
        assertThat(BUST.sides("G")).contains(Sides.RIGHT);
        assertThat(BUST.sides("A")).isEmpty();
        assertThat(BUST.flat().piece(List.of("back", "front"))).contains("front");
        assertThat(BUST.flat().piece(List.of("sleeve"))).isEmpty();
    }
}
