package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.report.RoundReport;
import org.soberhem.library.Library;

class RoundSheetTest {

    @Test
    void sheet_hasEveryLineWithItsSideAndAmount() throws Exception {
        TakeInSeam side = new TakeInSeam(EdgeRef.parse("back.side"), 12.7, 12.7, Sides.LEFT);
        Fitting fitting = Fitting.begun(
                        2,
                        LocalDate.of(2026, 5, 1),
                        new Mockup(Map.of("Blouse", 1), "calico").toggling(ClothDifference.STIFFER),
                        new Conditions("none", true, "").withMark("red", true))
                .with(Remark.at("2-1", "Blouse", "side-front", Sides.LEFT)
                        .withSeen("side-wide")
                        .withDecision(new Decision(Decision.Kind.ALTER, "in", Optional.of(side), 2)))
                .with(Remark.at("2-2", "Blouse", "bust", Sides.BOTH).withSeen("creases like a fan"));
        Ledger.Account account = new Ledger.Account(
                "back side to front side", false, List.of(new Ledger.Line(2, 2, 12.7, 12.7, Sides.LEFT)));
        List<RoundReport.Row> rows =
                new ArrayList<>(RoundReport.summary(fitting, Library.shipped().symptoms(), name -> Optional.empty()));
        rows.add(new RoundReport.Row(
                "Blouse",
                "midriff",
                Sides.BOTH,
                new Ledger.Entry("midriff", true, -12.7, -25.4).sentence(),
                "blouse too long",
                1,
                0));
        byte[] pdf = RoundSheetPdf.write(
                new RoundSheetPdf.Page("Secretary", "Ada", fitting, "no shaping layer", rows, List.of(account)),
                LengthFormat.INCH_EIGHTHS,
                PaperSize.A4);
        try (var document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(
                            "Secretary, Ada",
                            "Fitting 2, 2026-05-01",
                            "calico, stiffer than the final cloth; marked in red",
                            "loose fold down the side",
                            "Blouse, version 1 to 2",
                            "wearer's left",
                            "½ in",
                            "nothing is decided",
                            "midriff",
                            "shorten ½ in in front, 1 in behind",
                            "In all, over every round");
        }
    }
}
