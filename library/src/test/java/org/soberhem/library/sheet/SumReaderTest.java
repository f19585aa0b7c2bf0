package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.library.UsageData;

/** Sums, openings and wearing as a sheet writes them. */
class SumReaderTest {

    private static CompiledSheet with(String more) {
        return SheetReader.read(SmallSheet.text(more, "", ""));
    }

    private static List<Sum> sums(CompiledSheet sheet, Inputs inputs) {
        return Sums.of(
                sheet, inputs, Drafter.draft(sheet, inputs).pattern(), new SumInputs.Circumstances(1900, List.of()));
    }

    private static String answer(CompiledSheet sheet, Inputs inputs) {
        return sums(sheet, inputs).get(0).answer().in(LengthFormat.INCH_EIGHTHS);
    }

    @Test
    void gathers_areGivenFormulas_edgesAndChoices() {
        CompiledSheet sheet = with("choices: {way: {of: [gathers, box], why: \"a try\"}}\n"
                + "sums: {top: {kind: gathers, width: 3 * length(square.top), band: length(square.top), style: way}}");
        assertThat(answer(sheet, sheet.middle())).startsWith("30 in into 10 in: 3 to 1");
        assertThat(answer(sheet, sheet.middle().withSetting("way", 1)))
                .startsWith("10 box pleats: each shows 1 in and hides 2 in");
    }

    @Test
    void sum_ofAMeasureThatIsMissing_waits_andOneThatIsNotNeededIsLeftOut() {
        CompiledSheet sheet =
                with("sums: {cap: {kind: cap, cap: bust, arm-hole: bust - 1 in, upper-arm: arm, sleeve: bust / 3}}");
        Inputs bustOnly = new Inputs(Map.of("full-bust", Measured.both(1000)), Map.of());
        assertThat(sums(sheet, bustOnly).get(0).figure("room round the upper arm"))
                .isEmpty();
        assertThat(sums(sheet, sheet.middle()).get(0).figure("room round the upper arm"))
                .isPresent();
        Inputs armOnly = new Inputs(Map.of("upper-arm", Measured.both(300)), Map.of());
        Sum waiting = sums(sheet, armOnly).get(0);
        assertThat(waiting.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Not worked out yet: full bust not measured");
        assertThat(waiting.works()).isTrue();
    }

    @Test
    void sum_thatMakesNoGarment_isRefusedInWords() {
        CompiledSheet sheet =
                with("sums: {gores: {kind: gores, gores: 4, upper: bust, lower: bust / 2, length: 20 in}}");
        Sum refused = sums(sheet, sheet.middle()).get(0);
        assertThat(refused.works()).isFalse();
        assertThat(refused.answer().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("There must be a gore, it must widen downwards");
        CompiledSheet endless = with("sums: {top: {kind: gathers, width: bust / (1 - 1), band: 3 in}}");
        assertThat(answer(endless, endless.middle())).isEqualTo("The amount width comes out beyond all measure");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sums: {x: {kind: knitting}}|\"knitting\" is not known here; known are [skirt, gores, gathers",
                "sums: {x: {width: 3 in}}|\"kind\" is missing",
                "sums: {x: {kind: gathers, width: 3 in}}|a sum of kind gathers needs \"band\"",
                "sums: {x: {kind: gathers, width: 3 in, band: 2 in, waist: 9 in}}|\"waist\" is not known in a sum of kind gathers",
                "sums: {x: {kind: gathers, width: 3, band: 2 in}}|\"3\" is a pure number, but a length must stand here",
                "sums: {x: {kind: gathers, width: 3 in, band: wiast}}|wiast",
                "sums: {x: {kind: gathers, width: 3 in, band: 2 in, rows: [[0 in, 1 in, 1 in]]}}|a sum of kind gathers has no rows",
                "sums: {x: {kind: drape, length: 9 in, half: 5 in, level: 4 in}}|a sum of kind drape needs rows",
                "sums: {x: {kind: drape, length: 9 in, half: 5 in, level: 4 in, rows: [[0 in, 2 in]]}}|a row is a distance and then pairs of lengths: found 2",
                "sums: {openings: {kind: cap, cap: 9 in, arm-hole: 5 in}}|\"openings\" is the sum of the sheet's openings",
                "wearing: {closes: above, lavatory: lifted, nursing: no}|\"above\" is not known here; known are [front, side, back",
                "wearing: {closes: front, nursing: no}|\"lavatory\" is missing",
                "openings: [{loop: [square.top], passes: head}]|\"head\" is not among the measures",
                "openings: [{loop: [square.top], passes: arm, stretch: 1 in}]|\"1 in\" is a length, but a pure number must stand here"
            })
    void mistakes_areToldWithTheirLine(String more, String told) {
        assertThatThrownBy(() -> with(more))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining(told)
                .hasMessageContaining("line 10");
    }

    @Test
    void opening_countsTheSlit_theRoomToPullItOn_andTheStretch() {
        CompiledSheet woven = with("openings: [{name: end, loop: [square.top], passes: arm, opens: 2 in, over: 1 in}]");
        CheckResult check = opening(woven);
        assertThat(check.isOpening()).isTrue();
        assertThat(check.passes()).isFalse();
        assertThat(check.sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("End is 12 in, 1 in too small: at least 13 in is wanted, it must pass the arm");
        CompiledSheet knit =
                with("openings: [{name: end, loop: [square.top], passes: arm, opens: 2 in, over: 1 in, stretch: 0.1}]");
        assertThat(opening(knit).passes()).isTrue();
        assertThat(sums(knit, knit.middle()))
                .singleElement()
                .satisfies(sum -> assertThat(sum.works()).isTrue());
    }

    private static CheckResult opening(CompiledSheet sheet) {
        return Checks.of(
                        sheet,
                        sheet.middle(),
                        Drafter.draft(sheet, sheet.middle()).pattern())
                .get(0);
    }

    @Test
    void usages_areReadWithLengthsOrNumbers_andMistakesAreTold() {
        assertThat(UsageData.read("a:\n- {years: [1800, 1810], least: 1 in, most: 2 in, why: b}")
                        .get(0)
                        .least())
                .isEqualTo(25.4);
        assertThat(UsageData.read("a:\n- {years: [1800, 1810], cloth: heavy, least: 1.5, most: 2, why: b}")
                        .get(0)
                        .cloth())
                .isEqualTo("heavy");
        assertThatThrownBy(() -> UsageData.read("a:\n- {years: [1800, 1810], least: 1.5, most: 2 in, why: b}"))
                .hasMessageContaining("both be lengths or both be pure numbers");
        assertThatThrownBy(() -> UsageData.read("a:\n- {years: [1800], least: 1, most: 2, why: b}"))
                .hasMessageContaining("two years must stand here");
        assertThatThrownBy(() -> UsageData.read("a:\n- {years: [1810, 1800], least: 1, most: 2, why: b}"))
                .hasMessageContaining("the first must not be more than the last");
    }
}
