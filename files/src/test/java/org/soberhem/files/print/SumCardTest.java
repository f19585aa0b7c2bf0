package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.SumJson;
import org.soberhem.library.Library;

/** The printed card of a sum, read back by another program. */
class SumCardTest {

    @TempDir
    Path folder;

    private static List<Sum> sums(String id) {
        CompiledSheet sheet = Library.shipped().sheet(id).orElseThrow();
        return Sums.of(
                sheet,
                sheet.middle(),
                Drafter.draft(sheet, sheet.middle()).pattern(),
                new SumInputs.Circumstances(1850, Library.shipped().usages()));
    }

    @Test
    void card_hasAnswerFiguresMarksAndOrder() throws Exception {
        byte[] pdf = SumCardPdf.write(
                "Quay, Skirt, for Greta", sums("skirt-1845").get(0), LengthFormat.INCH_EIGHTHS, PaperSize.A4);
        String text = Poppler.run(folder, pdf, "pdftotext", "-layout");
        assertThat(text)
                .contains("Quay, Skirt, for Greta", "Balance of the skirt", "Turn under 5½ in at the front")
                .contains("45 in − ½ in − 39 in", "The fold, from the upper edge and from the hem edge", "centre back")
                .contains("The same skirt remade", "let down", "In this order", "cut nothing away");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "skirt-1845",
                "shirt-1780",
                "hood-1780",
                "cape-1860",
                "overskirt-1883",
                "petticoat-1778",
                "frock-1953"
            })
    void everySum_hasItsCard_andItsAnswerAsJson(String sheet) {
        for (Sum sum : sums(sheet)) {
            for (PaperSize paper : PaperSize.sheets()) {
                byte[] pdf = SumCardPdf.write(sheet, sum, LengthFormat.CENTIMETRES, paper);
                assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
            }
            Map<String, Object> json = SumJson.of(sum);
            assertThat(json).containsEntry("name", sum.name()).containsEntry("works", true);
            assertThat((List<?>) json.get("figures")).hasSameSizeAs(sum.figures());
        }
    }
}
