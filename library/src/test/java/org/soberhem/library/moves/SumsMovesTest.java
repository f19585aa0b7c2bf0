package org.soberhem.library.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
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
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.garment.OwnSum;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.SumKind;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
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
                        new SumInputs.Circumstances(work.sheet().sheet().about().from(), LIBRARY.usages()))
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
        assertThat(loop.is() - 2 * 0.25 * IN)
                .isEqualTo(closed.pattern().girth("waist", closed.pattern().names()), within(TAPE));
        assertThat(words(sum(closed, "openings")))
                .contains("sewn to the waist of the bodice", "Slit in the briefs is ¼ in now", "or cloth that gives");
    }

    @Test
    void s1_takingInTheWaist_narrowsTheWayIn() {
        CompiledSheet suit = sheet("bathing-suit-1957");
        Alteration side = new TakeInSeam(EdgeRef.parse("side-back.side"), IN / 2, IN / 2, Sides.BOTH);
        double before = opening(DraftedGarment.of(suit, suit.middle(), List.of()), "top of the briefs")
                .is();
        double after = opening(DraftedGarment.of(suit, suit.middle(), List.of(side)), "top of the briefs")
                .is();
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
        assertThat(work.pattern()
                        .piece("sleeve", Side.LEFT)
                        .orElseThrow()
                        .seamLine(0.5)
                        .box()
                        .height())
                .isEqualTo(23.75 * IN, within(TAPE));
        double half = work.pattern()
                .piece("body", Side.MIDDLE)
                .orElseThrow()
                .seamLine(0.5)
                .box()
                .width();
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
        Map<String, Double> ofSmall =
                DraftedGarment.of(shirt, small, List.of()).draft().settings();
        Map<String, Double> ofLarge =
                DraftedGarment.of(shirt, large, List.of()).draft().settings();
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
        assertThat(question(DraftedGarment.of(shirt, deep, List.of(so)), "Depth of the neck slit")
                        .isOpen())
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
                                        shirt, measured(shirt.middle(), Map.of("arm-hole-loop", 18.0)), List.of(so)),
                                "Arm-hole and gussets")
                        .fails())
                .isFalse();
    }

    /**
     * A tape from mantle edge to mantle edge of 37 in, and 2 in loose, is a strip of 39 in: the mantle is in it
     * already.
     */
    @Test
    void s5_hoodTapedFromMantleEdgeToMantleEdge_addsTheMantleOnce() {
        CompiledSheet hood = sheet("hood-1780");
        int edges = hood.sheet().choices().get("taped").of().indexOf("mantle-edges");
        Inputs body = measured(hood.middle(), Map.of("crown-arc", 37.0));
        DraftedGarment work = DraftedGarment.of(
                hood, set(body, Map.of("mantle", 9.0, "loose", 2.0)).withSetting("taped", edges), List.of());
        assertThat(sum(work, "hood").figure("strip length").orElseThrow().value())
                .isEqualTo(39 * IN, within(TAPE));
    }

    @Test
    void s5_mantleEndsAtTheShoulderPoint_andTheArmsDoNotLiftIt() {
        CompiledSheet hood = sheet("hood-1780");
        DraftedGarment work = DraftedGarment.of(hood, set(hood.middle(), Map.of("mantle", 5.0)), List.of());
        assertThat(words(sum(work, "hood"))).contains("The mantle ends on the shoulder: the arms do not lift it");
        assertThat(work.seams()).allMatch(SeamCheck::isTrue);
        assertThat(LIBRARY.movements().stream()
                        .filter(each -> each.garments().contains("hood"))
                        .map(Movement::id))
                .contains("arms-up", "look-up");
    }

    @Test
    void s5_roundedCrownIsDrawn_andALowerPointIsSharper() {
        CompiledSheet hood = sheet("hood-1780");
        DraftedGarment pointed = DraftedGarment.of(hood, hood.middle(), List.of());
        DraftedGarment rounded = DraftedGarment.of(hood, hood.middle().withSetting("crown-shape", 1), List.of());
        EdgeRef seam = EdgeRef.parse("strip.crown-seam");
        EdgeRef fold = EdgeRef.parse("strip.centre");
        assertThat(rounded.pattern().length(fold, Side.LEFT))
                .isLessThan(pointed.pattern().length(fold, Side.LEFT) - IN);
        assertThat(rounded.pattern().edges(seam, Side.LEFT).get(0).path().flattened(0.1))
                .hasSizeGreaterThan(5);
        Sum lower = sum(DraftedGarment.of(hood, set(hood.middle(), Map.of("down", 3.0)), List.of()), "hood");
        assertThat(lower.figure("lower corner").orElseThrow().value()).isLessThan(90);
        assertThat(sum(pointed, "hood").figure("lower corner").orElseThrow().value())
                .isEqualTo(90, within(1e-6));
    }

    /**
     * Full width 66, neck 16, darts of 4, three small front pleats of ½ and a box pleat of 1: 66 − 16 − 8 − 6 − 4 =
     * 32.
     */
    @Test
    void s6_capeIsFreelyCombined_andWhatIsLeftAfterPinningIsTold() {
        Map<String, String> typed = new HashMap<>(Map.of(
                "span",
                "66 in",
                "neck",
                "16 in",
                "length",
                "30 in",
                "dart",
                "4 in",
                "front-pleats",
                "3",
                "front-pleat",
                "1/2 in",
                "box",
                "1 in",
                "wide",
                "full",
                "dart-line",
                "straight"));
        typed.put("pinned", "45 in");
        typed.put("over-arms", "44 in");
        Sum cape = own(SumKind.CAPE, typed);
        assertThat(cape.figure("in gathers").orElseThrow().value()).isEqualTo(32 * IN, within(1e-6));
        assertThat(words(cape))
                .contains("Pinned, 29 in is left to gather, 3 in less than worked out")
                .contains("66 in wide reaches round the arms, 44 in, and laps 22 in");
        typed.put("wide", "two-thirds");
        typed.put("over-arms", "46 in");
        assertThat(words(own(SumKind.CAPE, typed)))
                .contains("44 in wide does not reach round the arms, 46 in: it stands 2 in open in front");
    }

    @Test
    void s6_theSheetDrawsAFullCapeWithAStraightDartAndFrontPleats() {
        CompiledSheet cape = sheet("cape-1860");
        Inputs chosen =
                cape.middle().withSetting("wide", 1).withSetting("dart-line", 1).withSetting("front-pleats", 3);
        DraftedGarment work = DraftedGarment.of(cape, chosen, List.of());
        assertThat(work.seams()).allMatch(SeamCheck::isTrue);
        assertThat(work.pattern().length(EdgeRef.parse("cape.hem"), Side.LEFT)).isEqualTo(33 * IN, within(TAPE));
        assertThat(sum(work, "neck-edge").figure("in pleats").orElseThrow().value())
                .isGreaterThan(6 * IN - 1);
    }

    /** Every tack as it was pinned: the middle tape 14 on 6, its edge rises by 14 − 6. */
    @Test
    void s7_eachTackIsTyped_theCentreTapeIsNotCountedTwice_andSquaresAreCountedDownward() {
        CompiledSheet skirt = sheet("overskirt-1883");
        Inputs pinned = set(skirt.middle(), Map.of("middle-second", 25.0, "middle-second-tape", 10.0, "check", 2.0));
        Sum tapes = sum(DraftedGarment.of(skirt, pinned, List.of()), "tapes");
        assertThat(tapes.figure("tape 2, edge rises").orElseThrow().value()).isEqualTo(15 * IN, within(TAPE));
        assertThat(tapes.answer().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("One tape at the centre back and 2 tapes on each side");
        assertThat(tapes.tables().get(0).columns()).contains("checks down");
        Sum own = own(
                SumKind.DRAPE,
                Map.of(
                        "length",
                        "40 in",
                        "half",
                        "22 in",
                        "level",
                        "20 in",
                        "tape 1",
                        "0 in: 12 1/2 in/5 in, 26 in/11 in"));
        assertThat(own.figure("tape 1, puff 1 takes up").orElseThrow().value()).isEqualTo(7.5 * IN, within(1e-6));
    }

    /**
     * 120 in at a fullness of 2 is 240 in: six strips of a 44 in cloth less two half-inch joins; on the bias a
     * square.
     */
    @Test
    void s9_rufflesAndBias_aClosedForm() {
        Map<String, String> frill = Map.of(
                "edge",
                "120 in",
                "depth",
                "4 in",
                "cloth-width",
                "44 in",
                "seam",
                "1/2 in",
                "fullness",
                "2",
                "edges",
                "both");
        Sum ruffle = own(SumKind.TRIMMING, frill);
        assertThat(ruffle.figure("strips across the cloth").orElseThrow().value())
                .isEqualTo(6);
        assertThat(ruffle.figure("cloth").orElseThrow().value()).isEqualTo(30 * IN, within(1e-6));
        Sum bias = own(
                SumKind.TRIMMING,
                Map.of("edge", "288 in", "depth", "2 in", "cloth-width", "54 in", "grain", "bias", "edges", "none"));
        assertThat(bias.figure("side of the square").orElseThrow().value()).isEqualTo(24 * IN, within(1e-6));
    }

    /** A band for 24 to 27 in with 1½ in of overlap is 28½ in and has four places, an inch apart. */
    @Test
    void s9_aBandClosesOverARange() {
        Sum band = own(SumKind.BAND, Map.of("least", "24 in", "most", "27 in"));
        assertThat(band.figure("band").orElseThrow().value()).isEqualTo(28.5 * IN, within(1e-6));
        assertThat(band.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("A band of 28½ in closes from 24 in to 27 in by 4 places of its fastening, 1 in apart");
    }

    @Test
    void s9_whatIsMissingOrUnknown_isNamed() {
        assertThatThrownBy(() -> own(SumKind.BAND, Map.of("least", "24 in"))).hasMessageContaining("needs most");
        assertThatThrownBy(() -> own(SumKind.BAND, Map.of("least", "24 in", "most", "27 in", "colour", "red")))
                .hasMessageContaining("\"colour\" is not asked by the sum band");
        assertThatThrownBy(() -> own(SumKind.BAND, Map.of("least", "x", "most", "27 in")))
                .hasMessageStartingWith("least: ");
        assertThatThrownBy(() ->
                        own(SumKind.CAPE, Map.of("span", "60 in", "neck", "15 in", "length", "30 in", "wide", "half")))
                .hasMessageContaining("two-thirds, full");
    }

    private static Sum own(SumKind kind, Map<String, String> typed) {
        return OwnSum.of(kind, typed, LengthUnit.INCH, new SumInputs.Circumstances(1860, LIBRARY.usages()));
    }
}
