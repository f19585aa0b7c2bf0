package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;

/** The costume's page, read back with poppler. */
class CostumeSheetTest {

    @TempDir
    Path folder;

    private static CostumeSheetPdf.Page page() {
        Library library = Library.shipped();
        Silhouette cage = library.silhouettes().find("w-1860-round-cage").orElseThrow();
        Dressing dressing = new Dressing(library.figurePlan(), library.wardrobe());
        Dressing.Subject subject = new Dressing.Subject(Build.ADULT, Optional.empty(), "woman-1861", Map.of());
        DressedFigure dressed =
                dressing.dressed(subject, Map.of("skirt-hem-girth", 4500.0, "skirt-hem-clearance-front", 40.0), 0.5);
        List<Solid> solids = StandMaker.rough(dressed.body()).wearing(dressed);
        List<CostumeSheetPdf.Drawn> figures = new ArrayList<>();
        for (FigureView view : FigureView.values()) {
            figures.add(new CostumeSheetPdf.Drawn(
                    PlateMaker.plate(solids, Viewpoint.of(view)),
                    dressing.outline(cage, subject).bands(view),
                    view.words()));
        }
        Facts facts = new Facts(library.silhouettes())
                .add("skirt-hem-girth", 3900, From.DRAFT, Sentence.of("the draft"))
                .add("skirt-hem-clearance-front", 30, From.DRAFT, Sentence.of("the draft"))
                .add("shoulder-seam-drop", 5, From.DRAFT, Sentence.of("the draft"));
        List<Verdict> verdicts = cage.rules().stream()
                .map(rule -> facts.judge(
                        rule,
                        "Skirt",
                        rule.id().equals("c60-shoulder") ? Optional.of("her own old pattern") : Optional.empty()))
                .toList();
        return new CostumeSheetPdf.Page(
                "Wife on the quay",
                List.of("Northern coast, 1861; worn by Greta"),
                figures,
                List.of("Chemise", "Cage"),
                List.of("Skirt, version 2"),
                verdicts);
    }

    @Test
    void page_isOne_andSaysEverythingThatMatters() throws IOException, InterruptedException {
        byte[] pdf = CostumeSheetPdf.write(page(), LengthFormat.CENTIMETRES, PaperSize.A4);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        String text = Poppler.run(folder, pdf, "pdftotext", "-layout");
        assertThat(text)
                .contains("Wife on the quay")
                .contains("worn by Greta")
                .contains("Chemise · Cage")
                .contains("Skirt, version 2")
                .contains("front", "right side", "back")
                .contains("Hem girth is 390.0 cm: 60.0 cm too little")
                .contains("left so")
                .contains("Reason: her own old")
                .contains("not yet known");
    }

    @Test
    void page_isOneOnLetterToo() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(CostumeSheetPdf.write(page(), LengthFormat.INCH_EIGHTHS, PaperSize.LETTER))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }
}
