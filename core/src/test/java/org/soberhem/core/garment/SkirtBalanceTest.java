package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.garment.SkirtBalance.Place;
import org.soberhem.core.garment.SkirtBalance.Top;
import org.soberhem.core.garment.SkirtBalance.Wanted;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Side;

/** The worked skirt: a 45 in panel with ½ in kept, 39 in wanted in front and 40 in behind (common practice). */
class SkirtBalanceTest {

    private static final double MM = 1e-9;
    private static final double INCH = 25.4;

    private static SkirtBalance skirt(double panel, double point, Top top) {
        return new SkirtBalance(
                panel * INCH,
                INCH / 2,
                new Wanted(39 * INCH, 39.5 * INCH, 39.5 * INCH, 40 * INCH),
                point * INCH,
                top,
                INCH / 2);
    }

    private static double inches(double millimetres) {
        return millimetres / INCH;
    }

    @Test
    void turn_ofTheWorkedSkirt_commonPractice() {
        SkirtBalance worked = skirt(45, 0, Top.FOLDED);
        assertThat(inches(worked.turn(Place.FRONT))).isCloseTo(5.5, within(MM));
        assertThat(inches(worked.turn(Place.BACK))).isCloseTo(4.5, within(MM));
        assertThat(inches(skirt(45, 1.75, Top.FOLDED).turn(Place.FRONT))).isCloseTo(7.25, within(MM));
    }

    @Test
    void remade_forThreeInchesMore_commonPractice() {
        SkirtBalance taller = skirt(45, 0, Top.FOLDED).remade(3 * INCH);
        assertThat(inches(taller.turn(Place.FRONT))).isCloseTo(2.5, within(MM));
        assertThat(inches(taller.turn(Place.BACK))).isCloseTo(1.5, within(MM));
        assertThat(taller.missing()).isEmpty();
        assertThat(inches(skirt(45, 0, Top.FOLDED).letDown())).isCloseTo(3.5, within(MM));
        assertThat(skirt(45, 0, Top.FOLDED).remade(3.6 * INCH).missing()).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"40, 0.5, 45", "42.5, 0.5, 45", "42.6, 0.5, 50", "38, 0, 40", "37, 3, 45"})
    void proposedPanel_isTheLongestAndTwoInches_upToTheNextFive(double longest, double kept, double panel) {
        assertThat(inches(SkirtBalance.proposedPanel(longest * INCH, kept * INCH)))
                .isCloseTo(panel, within(1e-6));
    }

    @Test
    void fold_runsStraightBetweenTheMarks_andDipsFromUnderTheArm() {
        SkirtBalance pointed = skirt(45, 1.75, Top.FOLDED);
        SkirtBalance round = skirt(45, 0, Top.FOLDED);
        for (double share = 0; share <= 0.5; share += 0.05) {
            double dip = pointed.turn(Side.LEFT, share) - round.turn(Side.LEFT, share);
            assertThat(inches(dip)).isCloseTo(1.75 * (1 - 2 * share), within(1e-9));
        }
        for (double share = 0.5; share <= 1; share += 0.05) {
            assertThat(pointed.turn(Side.LEFT, share)).isCloseTo(round.turn(Side.LEFT, share), within(MM));
        }
        double quarter = round.turn(Side.RIGHT, 0.75);
        assertThat(quarter).isCloseTo((round.turn(Place.RIGHT) + round.turn(Place.BACK)) / 2, within(MM));
    }

    @Test
    void turn_exchangingTheSides_mirrorsIt() {
        Random random = new Random(1845);
        for (int i = 0; i < 200; i++) {
            double left = 900 + random.nextDouble() * 200;
            double right = 900 + random.nextDouble() * 200;
            SkirtBalance one = new SkirtBalance(1300, 10, new Wanted(950, left, right, 990), 40, Top.FOLDED, 12);
            SkirtBalance other = new SkirtBalance(1300, 10, new Wanted(950, right, left, 990), 40, Top.FOLDED, 12);
            double share = random.nextDouble();
            assertThat(one.turn(Side.LEFT, share)).isCloseTo(other.turn(Side.RIGHT, share), within(MM));
            assertThat(one.letDown()).isCloseTo(other.letDown(), within(MM));
        }
    }

    @Test
    void missing_namesThePlaceAndTheAmount_andClampsNothing() {
        Random random = new Random(45);
        for (int i = 0; i < 500; i++) {
            Wanted wanted = new Wanted(
                    900 + random.nextInt(200),
                    900 + random.nextInt(200),
                    900 + random.nextInt(200),
                    900 + random.nextInt(200));
            double panel = 900 + random.nextInt(300);
            SkirtBalance skirt = new SkirtBalance(panel, 12, wanted, 0, Top.FOLDED, 0);
            double needed = wanted.longest() + 12 + INCH;
            assertThat(skirt.missing().orElse(0.0)).isCloseTo(Math.max(0, needed - panel), within(1e-6));
            assertThat(skirt.length(skirt.shallowest())).isEqualTo(wanted.longest());
            assertThat(skirt.turn(Place.FRONT)).isEqualTo(panel - 12 - wanted.front());
        }
    }

    @Test
    void cutSkirt_keepsItsAllowance_andCannotBeLetDown() {
        assertThat(skirt(41, 0, Top.CUT).missing()).isEmpty();
        assertThat(skirt(41, 0, Top.FOLDED).missing()).isPresent();
        assertThat(skirt(45, 0, Top.CUT).letDown()).isZero();
        assertThat(skirt(60, 0, Top.FOLDED).isWasteful()).isTrue();
        assertThat(skirt(45, 0, Top.FOLDED).isWasteful()).isFalse();
    }

    @Test
    void nonsense_isRefused_withTheLengthThatIsWrong() {
        assertThatThrownBy(() -> skirt(0, 0, Top.FOLDED))
                .isInstanceOf(SumException.class)
                .hasMessage("The skirt's panel must be more than nothing: 0.0 cm");
        assertThatThrownBy(() -> new SkirtBalance(900, -5, new Wanted(1, 1, 1, 1), 0, Top.FOLDED, 0))
                .hasMessageContaining("hem");
        assertThatThrownBy(() -> new SkirtBalance(900, 5, new Wanted(1, 1, 1, Double.NaN), 0, Top.FOLDED, 0))
                .hasMessageContaining("back");
    }

    private static Sum sum(Map<String, Double> inches, Map<String, String> words, int year) {
        return SkirtSum.of(Givens.inches("balance", inches, words, year));
    }

    @Test
    void sum_saysTheSum_theMarksAndWhatItCanBeRemadeTo() {
        Sum sum = sum(
                Map.of(
                        "panel",
                        45.0,
                        "hem",
                        0.5,
                        "front",
                        39.0,
                        "left",
                        39.5,
                        "back",
                        40.0,
                        "around",
                        140.0,
                        "clearance",
                        1.0),
                Map.of(),
                1845);
        assertThat(sum.works()).isTrue();
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo(
                        "Turn under 5½ in at the front, 5 in and 5 in at the sides, 4½ in at the back; least at the centre back");
        assertThat(sum.figure("turn-under at the centre front")
                        .orElseThrow()
                        .working()
                        .in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("45 in − ½ in − 39 in");
        List<List<String>> marks = sum.tables().get(0).in(LengthFormat.INCH_EIGHTHS);
        assertThat(marks.get(0)).containsExactly("centre front", "0 in", "5½ in", "5½ in", "39½ in", "39½ in");
        assertThat(marks.get(marks.size() - 1)).startsWith("centre back", "70 in", "4½ in");
        assertThat(marks).hasSizeGreaterThan(17);
        assertThat(sum.tables().get(1).in(LengthFormat.INCH_EIGHTHS))
                .contains(List.of("43 in", "let down", "3 in", "2½ in", "2 in", "2 in", "1½ in"));
    }

    @Test
    void sum_tooShort_failsWithPlaceAmountAndRemedy() {
        Sum sum = sum(Map.of("panel", 40.0, "hem", 0.5, "front", 39.0, "left", 39.5, "back", 40.0), Map.of(), 1845);
        assertThat(sum.works()).isFalse();
        assertThat(sum.findings().get(0).words().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo(
                        "The panel is 1½ in too short at the centre back: 40 in long, ½ in for the hem and 1 in to turn under"
                                + " make 41½ in; it has 40 in. Cut it 45 in long");
        assertThat(sum.tables()).hasSize(1);
    }

    @Test
    void sum_asks_aboutWaste_narrowOverlap_trippingHem_andOtherYears() {
        Map<String, Double> wide =
                Map.of("panel", 60.0, "front", 39.0, "left", 39.5, "back", 40.0, "overlap", 1.0, "clearance", 0.5);
        assertThat(Givens.asked(sum(wide, Map.of(), 1835)))
                .anyMatch(words -> words.startsWith("Even at the centre back 20 in is turned under"))
                .anyMatch(words -> words.contains("shows the underlayers"))
                .anyMatch(words -> words.contains("try it on stairs"));
        assertThat(Givens.asked(sum(wide, Map.of(), 1870)))
                .anyMatch(words -> words.contains("about 1870 skirts are mostly gored"));
        assertThat(Givens.asked(sum(wide, Map.of("top", "cut"), 1870))).noneMatch(words -> words.contains("gored"));
    }

    @Test
    void sum_ofACutPetticoat_saysWhatIsCutAway() {
        Sum sum = sum(
                Map.of("panel", 42.0, "hem", 0.5, "front", 39.0, "left", 39.5, "back", 40.0, "allowance", 0.5),
                Map.of("top", "cut"),
                1845);
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS)).startsWith("Cut away above the waist 2 in at the front");
        assertThat(sum.tables().get(0).in(LengthFormat.INCH_EIGHTHS).get(0))
                .containsExactly("centre front", "0 %", "2 in", "2 in", "40 in", "40 in");
        assertThat(sum.steps().get(2).in(LengthFormat.INCH_EIGHTHS)).contains("leaving ½ in");
    }
}
