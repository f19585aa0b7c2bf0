package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

class OwnFigureTest {

    private static final double INCH = 25.4;
    private static final SumValue FRONT =
            SumValue.length("turn-under", 5.5 * INCH, "{} − {} − {}", 45 * INCH, INCH / 2, 39 * INCH);

    private static String said(double inches) {
        return new OwnFigure(FRONT, inches * INCH).sentence().in(LengthFormat.INCH_EIGHTHS);
    }

    /** A whole inch slips easily in such a sum (common practice). */
    @Test
    void wholeInch_isTold_withTheSum() {
        assertThat(said(4.5)).isEqualTo("You make it 4½ in, it is 5½ in: 45 in − ½ in − 39 in. A whole inch slipped");
    }

    @Test
    void partLeftOut_isTold() {
        assertThat(said(6))
                .isEqualTo("You make it 6 in, it is 5½ in: 45 in − ½ in − 39 in. The ½ in is left out or taken twice");
        assertThat(said(5)).endsWith("The ½ in is left out or taken twice");
        assertThat(said(2)).isEqualTo("You make it 2 in, it is 5½ in: 45 in − ½ in − 39 in");
    }

    @Test
    void rounding_isNoSlip() {
        assertThat(new OwnFigure(FRONT, 5.5 * INCH + 1).agrees()).isTrue();
        assertThat(said(5.55)).isEqualTo("It is so: 45 in − ½ in − 39 in");
        assertThat(new OwnFigure(FRONT, 5.4 * INCH).agrees()).isFalse();
    }

    @Test
    void numbersAndAngles_areCompared() {
        SumValue fullness = SumValue.number("fullness", 3.5, "{} ÷ {}", 35 * INCH, 10 * INCH);
        assertThat(new OwnFigure(fullness, 3.5).agrees()).isTrue();
        assertThat(new OwnFigure(fullness, 2.5).sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("You make it 2.5, it is 3.5: 35 in ÷ 10 in");
        SumValue angle = SumValue.angle("slope", Math.PI / 6, "drop over shoulder");
        assertThat(angle.in(LengthFormat.CENTIMETRES)).isEqualTo("30°");
        assertThat(new OwnFigure(angle, 45).sentence().in(LengthFormat.CENTIMETRES))
                .contains("You make it 45°, it is 30°");
    }

    @Test
    void usage_forTheVeryCloth_goesBeforeAny_withinItsYears() {
        List<Usage> usages = Givens.USAGES;
        assertThat(Usage.of(usages, "skirt-gathers", 1850, "heavy")
                        .orElseThrow()
                        .most())
                .isEqualTo(4);
        assertThat(Usage.of(usages, "skirt-gathers", 1850, "light")
                        .orElseThrow()
                        .most())
                .isEqualTo(8);
        assertThat(Usage.of(usages, "skirt-gathers", 1870, "")).isEmpty();
        assertThat(usages.get(2).holds(3)).isTrue();
        assertThat(usages.get(2).holds(8.1)).isFalse();
    }

    @Test
    void sum_putsTheGravestFirst_andWaitsInWords() {
        Sum sum = new Sum(
                "a",
                "A",
                Sentence.of("answer"),
                List.of(FRONT),
                List.of(Finding.tells("t"), Finding.fails("f"), Finding.asks("a")),
                List.of(),
                Optional.empty(),
                List.of());
        assertThat(sum.findings())
                .extracting(Finding::grade)
                .containsExactly(Finding.Grade.FAILS, Finding.Grade.ASKS, Finding.Grade.TELLS);
        assertThat(sum.works()).isFalse();
        assertThat(sum.figure("turn-under")).contains(FRONT);
        assertThat(Sum.waiting("b", "B", Sentence.of("waits")).works()).isTrue();
    }

    @Test
    void given_beyondAllMeasure_isRefused() {
        assertThatThrownBy(() -> Givens.inches("a", Map.of("band", Double.POSITIVE_INFINITY), Map.of(), 1800))
                .isInstanceOf(SumException.class)
                .hasMessage("The amount band comes out beyond all measure");
    }

    @Test
    void table_refusesARowOfAnotherLength() {
        assertThatThrownBy(() -> new MarkTable("marks", List.of("a", "b"), List.of(MarkTable.row("only one"))))
                .hasMessage("A row must have 2 cells: 1 (table 'marks')");
    }
}
