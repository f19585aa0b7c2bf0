package org.soberhem.files.print;

import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.silhouette.Verdict;

/** One page on a costume: the figure beneath its period's outline, the layers, and how it stands by the rules. */
public final class CostumeSheetPdf {

    private static final double FIGURES = 118;
    private static final double NORMAL = 3.4;
    private static final double SMALL = 3;
    private static final int MOST_OPEN = 5;
    private static final int MOST_LEFT = 6;
    private static final int MOST_MET = 9;

    private CostumeSheetPdf() {}

    /**
     * A figure as it is drawn.
     *
     * @param plate the figure
     * @param bands the period's outline
     * @param words beneath it
     */
    public record Drawn(Plate plate, List<Path> bands, String words) {

        Box box() {
            return PlateInk.box(plate, bands);
        }
    }

    /**
     * What stands on the page.
     *
     * @param title of the costume
     * @param lines who wears it, where and when; what it is drawn from
     * @param figures side by side
     * @param layers in dressing order
     * @param garments with their versions
     * @param verdicts by the rules, what presses most first
     */
    public record Page(
            String title,
            List<String> lines,
            List<Drawn> figures,
            List<String> layers,
            List<String> garments,
            List<Verdict> verdicts) {}

    /** Returns the PDF. */
    public static byte[] write(Page page, LengthFormat format, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text(page.title(), 7);
            page.lines().forEach(line -> flow.text(line, NORMAL));
            flow.space(2);
            flow.figures(page.figures(), FIGURES);
            flow.space(2);
            flow.text("Garments: " + String.join(" · ", page.garments()), NORMAL);
            flow.text("Worn over, inside out: " + String.join(" · ", page.layers()), NORMAL);
            flow.space(2);
            flow.rule();
            List<Verdict> open =
                    page.verdicts().stream().filter(Verdict::isOpen).toList();
            open.stream()
                    .limit(MOST_OPEN)
                    .forEach(verdict -> line(
                            flow,
                            verdict.grade() == Verdict.Grade.NEAR ? "near" : "not met",
                            verdict.sentence().in(format)));
            more(flow, open.size() - MOST_OPEN, "still to mend");
            List<Verdict> left = of(page, Verdict.Grade.DEPARTED);
            left.stream()
                    .limit(MOST_LEFT)
                    .forEach(verdict ->
                            line(flow, "left so", verdict.found().in(format) + ". Reason: " + verdict.departure()));
            more(flow, left.size() - MOST_LEFT, "left so");
            List<Verdict> met = of(page, Verdict.Grade.MET);
            met.stream()
                    .limit(MOST_MET)
                    .forEach(verdict -> line(flow, "met", verdict.found().in(format)));
            more(flow, met.size() - MOST_MET, "met");
            more(flow, of(page, Verdict.Grade.UNKNOWN).size(), "not yet known");
            flow.space(1);
            flow.text(
                    "Dashed: the period's outline on this wearer, from memory or common practice. A drawing to read, not a pattern.",
                    SMALL);
            return flow.finished();
        }
    }

    private static List<Verdict> of(Page page, Verdict.Grade grade) {
        return page.verdicts().stream()
                .filter(verdict -> verdict.grade() == grade)
                .toList();
    }

    private static void line(Flow flow, String mark, String words) {
        flow.cell(mark, 0, SMALL);
        flow.text(words, 16, flow.width() - 16, SMALL);
        flow.space(0.6);
    }

    private static void more(Flow flow, long count, String words) {
        if (count > 0) {
            flow.text("… and " + count + " " + words, 16, flow.width() - 16, SMALL);
        }
    }
}
