package org.soberhem.library.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.library.Library;

/** The sums that makers do beside a draft, each on the sheet where it is usual. Amounts are common practice. */
class SumsMovesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double IN = 25.4;
    private static final double TAPE = IN / 32;

    private static CompiledSheet sheet(String id) {
        return LIBRARY.sheet(id).orElseThrow();
    }

    private static Inputs set(Inputs inputs, Map<String, Double> inches) {
        Inputs set = inputs;
        for (Map.Entry<String, Double> each : inches.entrySet()) {
            set = set.withSetting(each.getKey(), each.getValue() * IN);
        }
        return set;
    }

    private static Inputs measured(Inputs inputs, Map<String, Double> inches) {
        Inputs with = inputs;
        for (Map.Entry<String, Double> each : inches.entrySet()) {
            with = with.with(each.getKey(), Inputs.Measured.both(each.getValue() * IN));
        }
        return with;
    }

    private static Sum sum(DraftedGarment work, String name) {
        return Sums.of(
                        work.sheet(),
                        work.inputs(),
                        work.pattern(),
                        new SumInputs.Circumstances(
                                work.sheet().sheet().about().from(), LIBRARY.usages()))
                .stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static String words(Sum sum) {
        return sum.findings().stream()
                .map(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .toList()
                .toString();
    }

    private static CheckResult opening(DraftedGarment work, String name) {
        return work.checks().stream()
                .filter(check -> check.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void s1_briefsSewnToASnugWaist_areJudgedAsSewn_andNeedASlit() {
        CompiledSheet suit = sheet("bathing-suit-1957");
        DraftedGarment asShipped = DraftedGarment.of(suit, suit.middle(), List.of());
        assertThat(opening(asShipped, "top of the briefs").passes()).isTrue();

        DraftedGarment closed = DraftedGarment.of(suit, set(suit.middle(), Map.of("brief-slit", 0.25)), List.of());
        CheckResult loop = opening(closed, "top of the briefs");
        assertThat(loop.passes()).isFalse();
        // The hip of 38 in and ½ in must pass what the waist leaves.
        assertThat(loop.is() - 2 * 0.25 * IN).isEqualTo(closed.pattern().girth("waist", closed.pattern().names()), within(TAPE));
        assertThat(words(sum(closed, "openings")))
                .contains("sewn to the waist of the bodice", "Slit in the briefs is ¼ in now", "or cloth that gives");
    }

    @Test
    void s1_takingInTheWaist_narrowsTheWayIn() {
        CompiledSheet suit = sheet("bathing-suit-1957");
        Alteration side = new TakeInSeam(EdgeRef.parse("side-back.side"), IN / 2, IN / 2, Sides.BOTH);
        double before = opening(DraftedGarment.of(suit, suit.middle(), List.of()), "top of the briefs").is();
        double after = opening(DraftedGarment.of(suit, suit.middle(), List.of(side)), "top of the briefs").is();
        assertThat(before - after).isEqualTo(IN, within(TAPE));
    }

    /** Shoulder 5, arm 23, drop 1¼, cuff 1, puff 3: the sleeve is 23¾ (23 − 1¼ − 1 + 3). */
    @Test
    void s3_dropIsChosen_slitAndSleeveFollow() {
        CompiledSheet shirt = sheet("shirt-1780");
        Inputs body = measured(shirt.middle(), Map.of("shoulder-length", 5.0, "shoulder-to-wrist", 23.0));
        DraftedGarment work =
                DraftedGarment.of(shirt, set(body, Map.of("drop", 1.25, "cuff", 1.0, "puff", 3.0)), List.of());
        assertThat(sum(work, "arm-hole").figure("sleeve length").orElseThrow().value())
                .isEqualTo(23.75 * IN, within(TAPE));
        assertThat(work.pattern().piece("sleeve", org.soberhem.core.pattern.Side.LEFT).orElseThrow()
                        .seamLine(0.5).box().height())
                .isEqualTo(23.75 * IN, within(TAPE));
        double half = work.pattern().piece("body", org.soberhem.core.pattern.Side.MIDDLE).orElseThrow()
                .seamLine(0.5).box().width();
        DraftedGarment lower =
                DraftedGarment.of(shirt, set(body, Map.of("drop", 2.25, "cuff", 1.0, "puff", 3.0)), List.of());
        assertThat(lower.draft().settings().get("drop")).isEqualTo(2.25 * IN);
        assertThat(slit(work) - slit(lower)).isEqualTo(2 * IN, within(TAPE));
        assertThat(half).isPositive();
    }

    private static double slit(DraftedGarment work) {
        return work.pattern().pieces().stream()
                .filter(piece -> piece.name().equals("body"))
                .flatMap(piece -> piece.lines().stream())
                .filter(line -> line.name().equals("neck-cross"))
                .mapToDouble(line -> 2 * line.from().distanceTo(line.to()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void s4_neckGussetFollowsTheMuscle_andWidthTheChest() {
        CompiledSheet shirt = sheet("shirt-1780");
        Inputs small = measured(shirt.middle(), Map.of("chest", 34.0, "neck-muscle-length", 2.0));
        Inputs large = measured(shirt.middle(), Map.of("chest", 48.0, "neck-muscle-length", 3.0));
        Map<String, Double> ofSmall = DraftedGarment.of(shirt, small, List.of()).draft().settings();
        Map<String, Double> ofLarge = DraftedGarment.of(shirt, large, List.of()).draft().settings();
        assertThat(ofSmall.get("neck-gusset")).isEqualTo(2 * IN, within(0.01));
        assertThat(ofLarge.get("neck-gusset")).isEqualTo(3 * IN, within(0.01));
        assertThat(ofSmall.get("broad")).isEqualTo(12 * IN, within(0.01));
        assertThat(ofLarge.get("broad")).isEqualTo(14 * IN, within(0.01));
    }

    @Test
    void s4_beyondWhatIsUsual_isDrawnAndAsked_untilItIsLeftSo() {
        CompiledSheet shirt = sheet("shirt-1780");
        Inputs deep = set(shirt.middle(), Map.of("stem", 18.0));
        PatternQuestion asked = question(DraftedGarment.of(shirt, deep, List.of()), "Depth of the neck slit");
        assertThat(asked.isOpen()).isTrue();
        assertThat(asked.fails()).isFalse();
        assertThat(asked.sentence().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("Depth of the neck slit is 18 in: 12 in to 16 in is usual");
        assertThat(asked.sentence().in(LengthFormat.CENTIMETRES)).contains("45.7 cm");
        Alteration so = new LeaveSo("Depth of the neck slit beyond the usual", "for nursing", Sides.BOTH);
        assertThat(question(DraftedGarment.of(shirt, deep, List.of(so)), "Depth of the neck slit").isOpen())
                .isFalse();
    }

    private static PatternQuestion question(DraftedGarment work, String starts) {
        return work.questions().stream()
                .filter(each -> each.name().startsWith(starts))
                .findFirst()
                .orElseThrow();
    }

    /** A gusset of 13 in leaves nothing of an arm-hole of 24 in: both are named, in the maker's unit. */
    @Test
    void s4_whatIsImpossible_isRefusedByTheNamesOfWhatCollides() {
        CompiledSheet shirt = sheet("shirt-1780");
        assertThatThrownBy(() -> DraftedGarment.of(shirt, set(shirt.middle(), Map.of("gusset", 13.0)), List.of()))
                .isInstanceOfSatisfying(DraftException.class, refused -> {
                    assertThat(refused.sentence().in(LengthFormat.INCH_EIGHTHS))
                            .startsWith("Underarm gusset is 13 in: 3 in to 9 in is usual")
                            .contains("gusset", "arm hole", "body")
                            .doesNotContain(" mm");
                });
    }

    @Test
    void s4_aTightArmHole_failsTheChecksToo() {
        CompiledSheet shirt = sheet("shirt-1780");
        DraftedGarment work =
                DraftedGarment.of(shirt, measured(shirt.middle(), Map.of("arm-hole-loop", 18.0)), List.of());
        PatternQuestion fails = question(work, "Arm-hole and gussets");
        assertThat(fails.fails()).isTrue();
        assertThat(fails.sentence().in(LengthFormat.INCH_EIGHTHS)).contains("far too tight");
        Alteration so = new LeaveSo("Arm-hole and gussets", "a child's", Sides.BOTH);
        assertThat(question(
                                DraftedGarment.of(
                                        shirt,
                                        measured(shirt.middle(), Map.of("arm-hole-loop", 18.0)),
                                        List.of(so)),
                                "Arm-hole and gussets")
                        .fails())
                .isFalse();
    }
}
