package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;
import org.soberhem.files.exchange.PatternSvg;
import org.soberhem.library.Library;

/** The drafting card, the ruler of a scale and the drawing's darts, read back with other tools. */
class DraftingCardTest {

    @TempDir
    Path folder;

    private static final CompiledSheet BODICE =
            Library.shipped().sheet("bodice-1869").orElseThrow();

    @Test
    void card_hasEveryStep_theSewingOrderAndTheCautions() throws IOException, InterruptedException {
        DraftingSteps walk = DraftingSteps.of(BODICE, BODICE.middle());
        byte[] pdf = DraftingCardPdf.write(BODICE.sheet(), "Greta Holm", walk, LengthFormat.CENTIMETRES, PaperSize.A4);
        String text = Poppler.run(folder, pdf, "pdftotext", "-layout").replaceAll("\\s+", " ");
        assertThat(text)
                .contains("Drafting card", "for Greta Holm", "back-frame", "side-back", "Sewing")
                .contains(String.valueOf(walk.steps().size()))
                .contains("Mount each outer piece on its lining")
                .contains("Fit it over the corset that it will be worn over");
        assertThat(text).contains("mark the dart front: ", "trued is ");
    }

    @Test
    void ruler_ofAScaleLargerThanPaper_isDivided_andSaysSo() throws IOException, InterruptedException {
        double half =
                Drafter.draft(BODICE, BODICE.middle()).scale().orElseThrow().unit();
        byte[] pdf = RulerPdf.ofScale("breast ÷ 2", half, 450, PaperSize.A4);
        String text = Poppler.run(folder, pdf, "pdftotext", "-layout");
        assertThat(text).contains("its numbers are 8ths of the scale").contains("1 unit = 57.15 mm");
    }

    @Test
    void svg_hasTheDarts() {
        Pattern pattern = Drafter.draft(BODICE, BODICE.middle()).pattern();
        String svg = PatternSvg.write(pattern);
        String sewn = svg.substring(svg.indexOf("id=\"sew\""), svg.indexOf("id=\"fold\""));
        Piece front = pattern.piece("front", Side.LEFT).orElseThrow();
        assertThat(front.darts()).hasSize(2);
        // Each dart is drawn by its two legs.
        int strokes =
                front.edges().size() + 2 * front.darts().size() + front.lines().size();
        assertThat(sewn.split("class=\"front\"", -1)).hasSize(strokes + 1);
    }
}
