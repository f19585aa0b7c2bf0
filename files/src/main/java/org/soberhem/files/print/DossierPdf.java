package org.soberhem.files.print;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.report.Dossier;

/** The dossier of a costume on paper. */
public final class DossierPdf {

    private static final double TITLE = 8;
    private static final double HEAD = 5.4;
    private static final double WORDS = 3.7;
    private static final double PICTURE = 60;
    private static final double FIGURES = 105;

    private DossierPdf() {}

    /**
     * Returns the PDF.
     *
     * @param figures the wearer dressed, from some sides; empty to leave it out
     * @param pictures finds a picture, small enough to be printed; empty if it is missing
     */
    public static byte[] write(
            String title,
            Dossier dossier,
            List<CostumeSheetPdf.Drawn> figures,
            Function<Picture, Optional<BufferedImage>> pictures,
            LengthFormat format,
            PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text(title, TITLE);
            if (!figures.isEmpty()) {
                flow.space(2);
                flow.figures(figures, FIGURES);
            }
            for (Dossier.Chapter chapter : dossier.chapters()) {
                flow.space(3);
                flow.need(HEAD * 4);
                flow.text(chapter.title(), HEAD);
                flow.rule();
                for (Sentence line : chapter.lines()) {
                    flow.text(line.in(format), WORDS);
                }
                List<BufferedImage> found = chapter.pictures().stream()
                        .map(pictures)
                        .flatMap(Optional::stream)
                        .toList();
                flow.space(2);
                flow.pictures(found, PICTURE);
            }
            return flow.finished();
        }
    }
}
