package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.RulerTable;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.library.Library;

/** Scale laws, choices, amounts, ease and frames. */
class LawsAndWaysTest {

    private static final double INCH = 25.4;
    private static final String LAWS =
            "scale: {by: bust, laws: {half: bust / 2, thirds-plus: \"min(bust / 2, bust / 3 + 6 in)\"}}";

    private static double unit(CompiledSheet sheet, double bust, Map<String, Double> settings) {
        Inputs inputs = new Inputs(
                Map.of("full-bust", Inputs.Measured.both(bust * INCH), "upper-arm", Inputs.Measured.both(300)),
                settings);
        return Drafter.draft(sheet, inputs).scale().orElseThrow().unit() / INCH;
    }

    /** Half the breast to 36 in, a third of it and 6 in above (from memory; cutters' scales of the 19th century). */
    @ParameterizedTest
    @CsvSource({"30, 15, 15", "36, 18, 18", "42, 21, 20", "48, 24, 22"})
    void law_thirdsPlus_isHalfUpTo36In_andLessAbove(double bust, double half, double thirds) {
        CompiledSheet sheet = SheetReader.read(SmallSheet.text(LAWS, "", ""));
        assertThat(unit(sheet, bust, Map.of())).isEqualTo(half, within(1e-9));
        assertThat(unit(sheet, bust, Map.of("law", 1.0))).isEqualTo(thirds, within(1e-9));
    }

    @Test
    void law_betweenMeasuredRulers_andTheirResiduals() {
        String rulers =
                "scale: {by: bust, laws: {mine: {rulers: [[32 in, 10, 9 in], [36 in, 10, 10 in], [40 in, 8, 9 in]]}}}";
        CompiledSheet sheet = SheetReader.read(SmallSheet.text(rulers, "", ""));
        assertThat(unit(sheet, 34, Map.of())).isEqualTo(0.95, within(1e-9));
        RulerTable table = ScaleText.rulers(sheet.sheet()).orElseThrow();
        assertThat(table.rulers().get(2).unit()).isEqualTo(9 * INCH / 8, within(1e-9));
        assertThat(table.residuals().stream().mapToDouble(r -> r).sum()).isEqualTo(0, within(1e-9));
    }

    @Test
    void law_rulersThatDoNotRise_areRefusedWithTheirLine() {
        String rulers = "scale: {by: bust, laws: {mine: {rulers: [[36 in, 10, 9 in], [32 in, 10, 10 in]]}}}";
        assertThatThrownBy(() -> SheetReader.read(SmallSheet.text(rulers, "", "")))
                .hasMessageStartingWith("line 10: Marks and units must rise from ruler to ruler: ruler 2");
    }

    @Test
    void scale_ofAPiece_isItsOwn() {
        CompiledSheet sheet = SheetReader.read(
                SmallSheet.text("scale: {by: bust, unit: bust / 40}", "scale: {by: arm, unit: arm / 6}", "X: [1, 0]"));
        var draft = Drafter.draft(sheet, sheet.middle());
        assertThat(SmallSheet.piece(draft).points().get("X").y()).isEqualTo(2 * INCH, within(1e-9));
        assertThat(draft.plates().get(0).scale().orElseThrow().by()).isEqualTo("arm");
        assertThat(draft.scale().orElseThrow().unit()).isEqualTo(INCH, within(1e-9));
    }

    @Test
    void choice_decidesFormulas_andOnlyItsWaysAreTaken() {
        CompiledSheet sheet = SheetReader.read(SmallSheet.text(
                "choices: {hem: {of: [short, long], why: a test}}", "", "X: [\"if(hem = long, 9 in, 4 in)\", 0]"));
        Inputs middle = sheet.middle();
        assertThat(at(sheet, middle)).isEqualTo(4 * INCH, within(1e-9));
        assertThat(at(sheet, middle.withSetting("hem", 1))).isEqualTo(9 * INCH, within(1e-9));
        assertThatThrownBy(() -> at(sheet, middle.withSetting("hem", 2)))
                .hasMessageContaining("Choice \"hem\" has the ways 0 to 1");
    }

    private static double at(CompiledSheet sheet, Inputs inputs) {
        return SmallSheet.piece(Drafter.draft(sheet, inputs)).points().get("X").y();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "if(hem < long, 9 in, 4 in); cannot take a choice",
                "if(hem = 3, 9 in, 4 in); joins a choice and a pure number",
                "hem * 2 in; cannot take a choice",
                "max(hem, long); cannot take a choice"
            })
    void choice_inArithmetic_isRefused(String formula, String words) {
        assertThatThrownBy(() -> SheetReader.read(SmallSheet.text(
                        "choices: {hem: {of: [short, long], why: a test}}", "", "X: [\"" + formula + "\", 0]")))
                .hasMessageContaining(words);
    }

    @Test
    void ease_thatIsDrawn_isAnAmountWithinItsRange() {
        CompiledSheet sheet = SheetReader.read(SmallSheet.text(
                "ease: {bust: {least: 1 in, most: 4 in, draw: 2 in, why: a test}}\namounts: {half: (bust + ease.bust) / 2, quarter: half / 2}",
                "",
                "X: [quarter, 0]"));
        assertThat(at(sheet, sheet.middle())).isEqualTo(10.5 * INCH, within(1e-9));
        assertThat(at(sheet, sheet.middle().withSetting("ease.bust", 4 * INCH))).isEqualTo(11 * INCH, within(1e-9));
        assertThat(Drafter.draft(sheet, sheet.middle().withSetting("ease.bust", 5 * INCH))
                        .beyond()
                        .get(0)
                        .title())
                .isEqualTo("Ease at the bust");
        assertThat(sheet.requiredMeasures()).containsExactly(List.of("full-bust"));
    }

    @Test
    void frame_sharesItsPoints_andTheyAreTheSameForEveryPiece() {
        String text = SmallSheet.text(
                "frames: {paper: {points: {P: [1 in, 2 in], Q: {from: P, along: 3 in}}}}",
                "on: paper",
                "X: {from: Q, out: 1 in}");
        CompiledSheet sheet = SheetReader.read(text);
        var piece = SmallSheet.piece(Drafter.draft(sheet, sheet.middle()));
        assertThat(piece.points().get("X").y()).isEqualTo(4 * INCH, within(1e-9));
        assertThat(piece.points()).doesNotContainKey("P");
        assertThat(sheet.drawingOrder()).containsExactly("paper", "square");
        assertThatThrownBy(() -> SheetReader.read(text.replace("on: paper", "on: table")))
                .hasMessageContaining("\"table\" is not among the frames [paper]");
    }

    @Test
    void withRulers_putsThemIntoTheSheet_andTheyComeFirst() {
        String blouse = Library.shipped().sheetText("blouse-1906").orElseThrow();
        String changed = ScaleText.withRulers(
                blouse, List.of(List.of("34", "10", "9 1/2"), List.of("38", "10", "10 1/2 in")), LengthUnit.INCH);
        CompiledSheet sheet = SheetReader.read(changed);
        assertThat(sheet.sheet().scale().orElseThrow().laws().keySet()).first().isEqualTo("my-rulers");
        assertThat(Drafter.draft(sheet, sheet.middle()).scale().orElseThrow().unit())
                .isEqualTo(INCH, within(1e-9));
        assertThatThrownBy(() -> ScaleText.withRulers(
                        blouse, List.of(List.of("34", "ten", "9"), List.of("38", "10", "10")), LengthUnit.INCH))
                .hasMessageContaining("ruler 1: how many units");
        assertThatThrownBy(() -> ScaleText.withRulers(
                        blouse, List.of(List.of("wide", "10", "9"), List.of("38", "10", "10")), LengthUnit.INCH))
                .hasMessageContaining("ruler 1: ");
    }
}
