package org.soberhem.core.alter.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.CheckRemedy;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Rectangles;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

class AlterationTest {

    private static final double MM = 1e-6;
    private static final List<String> ALL = List.of("front", "back");
    private static final Pattern BEFORE = Rectangles.pattern();

    @Test
    void lengthen_evenly_movesWhatLiesBelow_andNoGirth() {
        Pattern after = done(LengthenAtLevel.evenly("waist", 30, Sides.BOTH));
        assertThat(after.length(EdgeRef.parse("front.side"), Side.LEFT)).isCloseTo(430, within(MM));
        assertThat(after.length(EdgeRef.parse("back.centre"), Side.RIGHT)).isCloseTo(430, within(MM));
        assertThat(after.girth("waist", ALL)).isCloseTo(1000, within(MM));
        assertThat(after.piece("front", Side.LEFT).orElseThrow().grainTo().y()).isCloseTo(380, within(MM));
    }

    @Test
    void lengthen_wedge_growsEvenlyRoundTheBody() {
        Pattern after = done(new LengthenAtLevel("waist", 0, 10, 20, Sides.BOTH));
        assertThat(after.length(EdgeRef.parse("front.centre"), Side.LEFT)).isCloseTo(400, within(MM));
        assertThat(after.length(EdgeRef.parse("front.side"), Side.LEFT)).isCloseTo(410, within(MM));
        assertThat(after.length(EdgeRef.parse("back.side"), Side.LEFT)).isCloseTo(410, within(MM));
        assertThat(after.length(EdgeRef.parse("back.centre"), Side.LEFT)).isCloseTo(420, within(MM));
    }

    @Test
    void lengthen_thereAndBack_isAsBefore() {
        Pattern there = done(LengthenAtLevel.evenly("waist", 30, Sides.BOTH));
        Pattern back =
                LengthenAtLevel.evenly("waist", -30, Sides.BOTH).apply(there).pattern();
        assertThat(Effect.between(BEFORE, back)).isEmpty();
    }

    @Test
    void lengthen_moreThanThereIs_isRefusedAndChangesNothing() {
        Outcome outcome = LengthenAtLevel.evenly("waist", -250, Sides.BOTH).apply(BEFORE);
        assertThat(outcome.pattern()).isSameAs(BEFORE);
        assertThat(outcome.refusal().orElseThrow().in(LengthFormat.CENTIMETRES))
                .isEqualTo("The front reaches only 20.0 cm below the waist: it cannot be shortened there by 25.0 cm");
    }

    @Test
    void lengthen_levelThatIsGone_isRefusedWithASentence() {
        Outcome outcome = LengthenAtLevel.evenly("knee", 10, Sides.BOTH).apply(BEFORE);
        assertThat(outcome.refusal().orElseThrow().in(LengthFormat.CENTIMETRES)).contains("knee");
    }

    @Test
    void lengthen_oneSideOnly_leavesTheOther() {
        Pattern after = done(LengthenAtLevel.evenly("waist", 30, Sides.LEFT));
        assertThat(after.length(EdgeRef.parse("front.side"), Side.LEFT)).isCloseTo(430, within(MM));
        assertThat(after.length(EdgeRef.parse("front.side"), Side.RIGHT)).isCloseTo(400, within(MM));
    }

    @Test
    void takeIn_bothSides_takesTwiceTheAmountFromTheGirth() {
        // Common practice: half an inch pinched at one seam takes an inch of cloth; two seams take two.
        Pattern after = done(new TakeInSeam(EdgeRef.parse("front.side"), 25.4, 25.4, Sides.BOTH));
        assertThat(after.girth("waist", ALL)).isCloseTo(1000 - 2 * 25.4, within(MM));
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @Test
    void takeIn_oneSide_takesTheAmountOnce() {
        Pattern after = done(new TakeInSeam(EdgeRef.parse("back.side"), 20, 20, Sides.RIGHT));
        assertThat(after.girth("waist", ALL)).isCloseTo(980, within(MM));
    }

    @Test
    void takeIn_tapering_takesHalfAtTheMiddle() {
        Pattern after = done(new TakeInSeam(EdgeRef.parse("front.side"), 40, 0, Sides.BOTH));
        assertThat(after.girth("waist", ALL)).isCloseTo(1000 - 2 * 20, within(0.05));
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @Test
    void takeIn_edgeWithoutASeam_isRefused() {
        Outcome outcome = new TakeInSeam(EdgeRef.parse("front.hem"), 10, 10, Sides.BOTH).apply(BEFORE);
        assertThat(outcome.pattern()).isSameAs(BEFORE);
        assertThat(outcome.refusal().orElseThrow().in(LengthFormat.CENTIMETRES))
                .isEqualTo("No seam joins front.hem to one other edge: choose another seam");
    }

    @Test
    void takeIn_beyondTheCentre_isRefusedForItWouldCross() {
        Outcome outcome = new TakeInSeam(EdgeRef.parse("front.side"), 100, 560, Sides.BOTH).apply(BEFORE);
        assertThat(outcome.refusal().orElseThrow().in(LengthFormat.CENTIMETRES)).contains("cross itself");
    }

    @Test
    void sentence_saysWhatIsDone_inTheMakersWords() {
        assertThat(new TakeInSeam(EdgeRef.parse("back.side"), -12.7, 0, Sides.LEFT)
                        .sentence()
                        .in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Let out the wearer's left back side seam: ½ in at its top, 0 in at its bottom");
        assertThat(LengthenAtLevel.evenly("waist", -12.7, Sides.BOTH).sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Shorten at the waist by ½ in");
        assertThat(new LengthenAtLevel("waist", 0, 0, 12.7, Sides.RIGHT)
                        .sentence()
                        .in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo(
                        "Lengthen at the waist by a wedge: 0 in at the front, 0 in at the side, ½ in at the back, wearer's right");
    }

    @Test
    void effect_statesTheChangeOfEveryGirth() {
        Pattern after = done(new TakeInSeam(EdgeRef.parse("front.side"), 12.7, 12.7, Sides.BOTH));
        assertThat(Effect.between(BEFORE, after))
                .filteredOn(effect -> effect.name().equals("waist girth"))
                .singleElement()
                .satisfies(effect -> assertThat(effect.sentence().in(LengthFormat.INCH_EIGHTHS))
                        .isEqualTo("waist girth less by 1 in, now 38⅜ in"));
    }

    @Test
    void remedy_bringsAFailedCheckToItsNearestLimit() {
        CheckResult check = new CheckResult(
                "waist girth",
                1000,
                1040,
                1080,
                1000,
                "ease",
                new CheckResult.Where("front", "waist"),
                Optional.of(new DraftSheet.Remedy(DraftSheet.Remedy.Kind.LET_OUT_SEAM, "front.side", 1)));
        Pattern after = done(CheckRemedy.of(check).orElseThrow());
        assertThat(after.girth("waist", ALL)).isCloseTo(1040, within(MM));
    }

    private static Pattern done(Alteration alteration) {
        Outcome outcome = alteration.apply(BEFORE);
        assertThat(outcome.refusal()).isEmpty();
        return outcome.pattern();
    }
}
