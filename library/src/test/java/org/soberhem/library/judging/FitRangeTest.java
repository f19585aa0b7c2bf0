package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.EvenAllowances;
import org.soberhem.core.alter.kind.GrowthTuck;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EarlierVersion;
import org.soberhem.core.judging.FitRange;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/** Which bodies a version would serve, held against the checks themselves on such bodies. */
class FitRangeTest {

    private static final Library LIBRARY = Library.shipped();
    private static final CompiledSheet SHEET = LIBRARY.sheet("bodice-1869").orElseThrow();
    private static final double MM = 0.01;

    private static FitRange serves(List<Alteration> alterations) {
        DraftedGarment work = DraftedGarment.of(SHEET, SHEET.middle(), alterations);
        return FitRange.of(SHEET, SHEET.middle(), alterations, work.pattern());
    }

    private static FitRange.Span span(FitRange serves, String measure) {
        return serves.spans().stream()
                .filter(each -> each.measure().equals(measure))
                .findFirst()
                .orElseThrow();
    }

    private static boolean passes(String name, double bust) {
        DraftedGarment work = DraftedGarment.of(SHEET, SHEET.middle(), List.of());
        Inputs other = SHEET.middle().with("full-bust", Inputs.Measured.both(bust));
        return Checks.of(SHEET, other, work.pattern()).stream()
                .filter(check -> check.name().equals(name))
                .allMatch(CheckResult::passes);
    }

    @Test
    void span_endsWhereTheCheckBeginsToFail() {
        FitRange.Span bust = span(serves(List.of()), "full-bust");
        assertThat(passes(bust.name(), bust.least() + MM)).isTrue();
        assertThat(passes(bust.name(), bust.least() - MM)).isFalse();
        assertThat(passes(bust.name(), bust.most() - MM)).isTrue();
        assertThat(passes(bust.name(), bust.most() + MM)).isFalse();
    }

    /**
     * At the bust two seams on each side of the bodice have two edges each; a quarter of an inch stays in every one.
     */
    @Test
    void letOutSeams_giveWhatTheirAllowancesHave() {
        FitRange.Span bust = span(serves(List.of()), "full-bust");
        double allowance = 15.875;
        assertThat(bust.seams()).isCloseTo(8 * (allowance - 6.35), within(0.1));
        assertThat(bust.largest()).isCloseTo(bust.most() + bust.seams(), within(1e-9));
        FitRange.Span bare = span(serves(List.of(new EvenAllowances(6.35, Sides.BOTH))), "full-bust");
        assertThat(bare.seams()).isCloseTo(0, within(1e-9));
        assertThat(bust.sentence("Full bust").in(LengthFormat.INCH_EIGHTHS))
                .matches("Full bust .* in to .* in as it is, to .* in with its seams let out");
    }

    @Test
    void growthTuck_isSewnAwayAtFirst_andLetDown() {
        CompiledSheet blouse = LIBRARY.sheet("blouse-1906").orElseThrow();
        Inputs middle = blouse.middle();
        List<Alteration> tuck = List.of(new GrowthTuck("midriff", 10, Sides.BOTH));
        FitRange.Span plain = span(
                FitRange.of(
                        blouse,
                        middle,
                        List.of(),
                        DraftedGarment.of(blouse, middle, List.of()).pattern()),
                "nape-to-waist");
        FitRange.Span tucked = span(
                FitRange.of(
                        blouse,
                        middle,
                        tuck,
                        DraftedGarment.of(blouse, middle, tuck).pattern()),
                "nape-to-waist");
        assertThat(tucked.least()).isCloseTo(plain.least(), within(MM));
        assertThat(tucked.most()).isCloseTo(plain.most(), within(MM));
        assertThat(tucked.largest()).isCloseTo(plain.largest() + 20, within(MM));
        assertThat(tucked.sentence("Nape to waist").in(LengthFormat.INCH_EIGHTHS))
                .endsWith("with its tucks let down");
    }

    /** A check hangs on the measure of its body, whatever else its limits take into account. */
    @Test
    void everySpan_holdsTheBodyThatItWasDrawnFor() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            DraftedGarment work = DraftedGarment.of(sheet, sheet.middle(), List.of());
            for (FitRange.Span span : FitRange.of(sheet, sheet.middle(), List.of(), work.pattern())
                    .spans()) {
                double value = sheet.middle().find(span.measure()).orElseThrow().left();
                assertThat(value).as("%s of %s", span, sheet.sheet().id()).isBetween(span.least(), span.largest());
            }
        }
    }

    @Test
    void lacedGarment_servesByItsLacing() {
        CompiledSheet stays = LIBRARY.sheet("stays-1780").orElseThrow();
        FitRange serves = FitRange.of(
                stays,
                stays.middle(),
                List.of(),
                DraftedGarment.of(stays, stays.middle(), List.of()).pattern());
        assertThat(span(serves, "waist-crease").sentence("Waist").in(LengthFormat.INCH_EIGHTHS))
                .matches("Waist .* in to .* in by its lacing.*");
    }

    private static Costume costume(String id, double bust) {
        Inputs inputs = SHEET.middle().with("full-bust", Inputs.Measured.both(bust));
        Garment garment = new Garment(
                        "Bodice", LIBRARY.sheetText("bodice-1869").orElseThrow(), Map.of(), List.of(), List.of())
                .withVersion(
                        LocalDate.of(2026, 5, 1),
                        "cut",
                        inputs,
                        DraftedGarment.of(SHEET, inputs, List.of()).pattern());
        return new Costume(id, id, "", 1869, Optional.empty(), "w", "s", "", List.of(garment), List.of(), "", Map.of());
    }

    @Test
    void nearestEarlierVersion_isTheOneThatLacksLeast() {
        Inputs wearer = SHEET.middle().with("full-bust", Inputs.Measured.both(1010));
        List<EarlierVersion> found = EarlierVersion.nearest(
                List.of(costume("small", 860), costume("near", 990), costume("middle", 914)),
                "bodice",
                wearer,
                SheetReader::read);
        assertThat(found).extracting(each -> each.costume().id()).containsExactly("near", "middle", "small");
        assertThat(found.get(0).letOut()).isLessThan(found.get(1).letOut());
        assertThat(found.get(2).outside()).isPositive();
        assertThat(found.get(2).serves().lacking(wearer))
                .extracting(FitRange.Span::measure)
                .contains("full-bust");
        assertThat(EarlierVersion.nearest(List.of(costume("a", 900)), "skirt", wearer, SheetReader::read))
                .isEmpty();
    }
}
