package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Side;

/** Rectangles and gussets against sums worked out by hand (common practice). */
class RectanglesTest {

    /** A cuff of a 7 in wrist, 1 in overlap: 8 in; a sleeve end of 20 in is gathered into it. A gusset of 6 in. */
    private static final String SHIRT = """
            draft: shirt-parts
            title: Parts of a shirt
            place: nowhere
            years: [1780, 1800]
            garment: shirt
            system: rectangles
            sources: [sums worked out by hand]
            measures: {wrist: wrist, arm: upper-arm}
            middle: {wrist: 7 in, arm: 11 in}
            settings:
              allowance: {default: 1/2 in, least: 1/4 in, most: 1 in, why: even allowance}
              gusset: {default: 6 in, least: 3 in, most: 9 in, why: under the arm}
            choices:
              cutting: {of: [pulled-thread, tape], why: how rectangles are cut}
            pieces:
              sleeve:
                cut: {outer: 2}
                shape: pair
                rectangle: {along: 22 in, out: arm + 9 in, edges: [head, back-seam, end, front-seam]}
                quarters: [end]
              cuff:
                cut: {outer: 2}
                shape: pair
                rectangle: {along: 2 in, out: wrist + 1 in, edges: [upper, button-end, lower, fold-end]}
                quarters: [upper]
              gusset:
                cut: {outer: 2}
                shape: pair
                rectangle: {along: gusset, out: gusset}
            seams:
            - {join: [sleeve.end, cuff.upper], kind: gathered, fullness: 2 .. 3}
            """;

    private static final CompiledSheet SHEET = SheetReader.read(SHIRT);

    @Test
    void rectangle_isAsLongAndAsWideAsWritten() {
        var pattern = Drafter.draft(SHEET, SHEET.middle()).pattern();
        assertThat(pattern.length(List.of(EdgeRef.parse("cuff.upper")), Side.LEFT))
                .isEqualTo(8 * 25.4, within(1e-9));
        assertThat(pattern.piece("gusset", Side.LEFT).orElseThrow().seamLine().signedArea())
                .isEqualTo(36 * 25.4 * 25.4, within(1e-6));
        assertThat(pattern.seamChecks()).singleElement().satisfies(check -> {
            assertThat(check.fullness()).isEqualTo(2.5, within(1e-9));
            assertThat(check.sentence().in(LengthFormat.INCH_EIGHTHS))
                    .isEqualTo("sleeve end to cuff upper: 20 in gathered into 8 in, half way 10 in meets 4 in; "
                            + "fullness 2.5, wanted 2.0 to 3.0");
        });
    }

    @Test
    void quarters_areNotched() {
        var cuff = Drafter.draft(SHEET, SHEET.middle())
                .pattern()
                .piece("cuff", Side.LEFT)
                .orElseThrow();
        assertThat(cuff.notches()).hasSize(3);
        assertThat(cuff.at(cuff.notches().get(0)).x()).isEqualTo(2 * 25.4, within(1e-6));
    }

    @Test
    void walk_pullsAThread_orRulesWithTheTape() {
        var byThread = DraftingSteps.of(SHEET, SHEET.middle()).of("gusset").get(0);
        assertThat(byThread.sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo(
                        "a rectangle of 6 in along the grain by 6 in across, 7 in by 7 in with its allowances: "
                                + "measure each way from a straightened edge, snip, pull a thread and cut along the gap that it leaves");
        var byTape = DraftingSteps.of(SHEET, SHEET.middle().withSetting("cutting", 1))
                .of("gusset")
                .get(0);
        assertThat(byTape.sentence().in(LengthFormat.INCH_EIGHTHS)).contains("rule it with the tape");
    }

    @Test
    void rectangle_withAnOutline_isRefused() {
        assertThatThrownBy(() -> SheetReader.read(SHIRT.replace(
                        "rectangle: {along: gusset, out: gusset}",
                        "rectangle: {along: gusset, out: gusset}\n    outline: [A, B, C]")))
                .hasMessageContaining("a rectangle has its own outline");
        assertThatThrownBy(() -> SheetReader.read(SHIRT.replace("[upper, button-end", "[upper, upper")))
                .hasMessageContaining("four edges with four names");
    }
}
