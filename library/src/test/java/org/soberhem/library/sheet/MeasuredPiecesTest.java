package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.pattern.Pattern;

/** What quantities may measure on finished pieces: across, tall, out and along. */
class MeasuredPiecesTest {

    private static CompiledSheet sheet(String formula) {
        return SheetReader.read(SmallSheet.text(
                "quantities: {tried: \"" + formula + "\"}",
                "levels: {middle: [M, N]}",
                "M: [5 in, 0]\nN: [5 in, 10 in]"));
    }

    private static double value(CompiledSheet sheet, Alteration... alterations) {
        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        for (Alteration alteration : List.of(alterations)) {
            pattern = alteration.apply(pattern).pattern();
        }
        return Checks.quantities(sheet, sheet.middle(), pattern).getOrDefault("tried", Double.NaN);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "across(square, 0.5) | 10",
                "across(square, 0.1) | 10",
                "tall(square) | 10",
                "out(square.B) | 10",
                "along(square.B) | 0",
                "along(square.C) - along(square.B) | 10",
                "abs(out(square.A) - out(square.C)) | 10",
                "across(square, 1 / 4) + tall(square) / 2 | 15"
            })
    void quantity_measuresThePieceAsItIsDrawn(String formula, double inches) {
        assertThat(value(sheet(formula))).isCloseTo(inches * 25.4, within(1e-6));
    }

    @Test
    void quantity_followsAnAlteration() {
        Alteration longer = LengthenAtLevel.evenly("middle", 20, Sides.BOTH);
        assertThat(value(sheet("tall(square)"), longer)).isCloseTo(254 + 20, within(1e-6));
        assertThat(value(sheet("along(square.C)"), longer) - value(sheet("along(square.C)")))
                .isCloseTo(20, within(1e-6));
        assertThat(value(sheet("across(square, 0.5)"), longer)).isCloseTo(254, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "across(sqare, 0.5) | piece \"sqare\" is not known",
                "across(square, 5 in) | a share of its length",
                "across(square) | \",\" is missing",
                "tall(square.A) | piece \"square.A\" is not known",
                "out(square.Z) | point \"square.Z\" is not known",
                "along(A) | point \"A\" is not known",
                "tall() | a piece such as sleeve must stand here"
            })
    void wrongFormula_isRefusedWithItsWords(String formula, String message) {
        assertThatThrownBy(() -> sheet(formula))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining(message);
    }

    @Test
    void piecesAreMeasuredOnceDrawn_notWhileDrawing() {
        assertThatThrownBy(() -> SmallSheet.withPoint("E: {along: tall(square), out: 1 in}"))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("not yet drawn");
    }

    @Test
    void quantity_saysItsFormula() {
        assertThat(sheet("tall(square)").quantityText("tried")).isEqualTo("tall(square)");
    }
}
