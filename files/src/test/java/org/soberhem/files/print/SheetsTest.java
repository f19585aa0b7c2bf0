package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;

/** The measuring sheet and the dressing card, read back by poppler. */
class SheetsTest {

    private static final Library LIBRARY = Library.shipped();

    @TempDir
    Path folder;

    private static MeasuringRoute everything() {
        return MeasuringRoute.of(
                LIBRARY.measures(),
                Build.ADULT,
                LIBRARY.measures().all().stream().map(Measure::id).toList(),
                LIBRARY.asked().seated());
    }

    private String text(byte[] pdf) throws IOException, InterruptedException {
        // The font joins letters; that is how poppler reads them.
        return Poppler.run(folder, pdf, "pdftotext", "-layout")
                .replace("ﬁ", "fi")
                .replace("ﬂ", "fl")
                .replace("ﬀ", "ff");
    }

    @Test
    void blankSheet_hasEveryReadingOfTheWalk_stationsInOrder() throws Exception {
        MeasuringRoute walk = everything();
        String text = text(MeasuringSheetPdf.write(
                "Tilda Brand", walk, "the corset", Optional.empty(), LengthFormat.INCH_EIGHTHS, PaperSize.A4));
        assertThat(text)
                .contains("Measuring sheet: Tilda Brand", "Worn beneath: the corset", "tie a ribbon", "Laced: open");
        int from = 0;
        for (String station : List.of(
                "In front of the wearer",
                "At the wearer's right",
                "Behind the wearer",
                "At the wearer's left",
                "The wearer sits",
                "Shoes off")) {
            assertThat(text.indexOf(station, from)).as(station).isGreaterThan(from);
            from = text.indexOf(station, from);
        }
        walk.steps().forEach(step -> assertThat(text).contains(step.name()));
    }

    @Test
    void filledSheet_showsReadingsMeanAndCircumstances() throws Exception {
        MeasurementSet set = MeasurementSet.of(
                        "s",
                        LocalDate.of(2026, 5, 14),
                        "blouse-1906",
                        "",
                        "Ruth",
                        List.of(new Reading(
                                "waist-crease",
                                Side.MIDDLE,
                                Posture.STANDING,
                                List.of(
                                        LengthEntry.parse("26 1/2", LengthUnit.INCH),
                                        LengthEntry.parse("26 3/4", LengthUnit.INCH)))))
                .wornAs(AsWorn.UNSTATED
                        .withGap(new AsWorn.Gap(Length.ZERO, Length.ofInches(2, 0, 8), Length.ZERO))
                        .withHeel(Optional.of(Length.ofInches(1, 4, 8)))
                        .withHair("piled up"))
                .withStart(TapeStart.TEN_AT_FLOOR);
        String text = text(MeasuringSheetPdf.write(
                "Ada", everything(), "the corset", Optional.of(set), LengthFormat.INCH_EIGHTHS, PaperSize.LETTER));
        assertThat(text)
                .contains("2026-05-14, tape held by Ruth", "10 in mark at the floor", "heel 1½ in", "piled up")
                .contains("0 in at the bust, 2 in at the waist")
                .containsPattern("26½\\s+26¾\\s+26⅝");
    }

    @Test
    void dressingCard_ofEveryStack_hasItsLayersInOrderAndItsCautions() throws Exception {
        for (LayerStack stack : LIBRARY.wardrobe().stacks()) {
            String text = text(DressingCardPdf.write(stack, LIBRARY.wardrobe(), PaperSize.A4));
            int from = 0;
            for (int i = 0; i < stack.layers().size(); i++) {
                String name = LIBRARY.wardrobe().layersOf(stack).get(i).name();
                assertThat(text.indexOf(name, from))
                        .as("%s in %s", name, stack.id())
                        .isGreaterThan(from);
                from = text.indexOf(name, from);
            }
            assertThat(text).contains("local rules and licensed practice decide");
        }
        String corset = text(DressingCardPdf.write(
                LIBRARY.wardrobe().stack("blouse-1906").orElseThrow(), LIBRARY.wardrobe(), PaperSize.A4));
        assertThat(corset.replaceAll("\\s+", " ")).contains("Lace in stages", "ask a clinician");
    }
}
