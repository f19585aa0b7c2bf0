package org.soberhem.files.print;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.MarkTable;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/**
 * The card of one sum: its drawing, its figures with how they came about, the table to mark the cloth from, and what to
 * do.
 */
public final class SumCardPdf {

    private static final double DRAWING = 90;
    private static final double SMALL = 3.4;
    private static final double NORMAL = 3.8;

    private SumCardPdf() {}

    /**
     * Returns the PDF.
     *
     * @param heading what it belongs to: costume, garment, wearer
     * @param sum the sum
     * @param format how lengths are written
     */
    public static byte[] write(String heading, Sum sum, LengthFormat format, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text(heading, 4);
            flow.text(sum.title(), 7);
            flow.space(1);
            flow.text(sum.answer().in(format), 4.6);
            flow.space(2);
            for (Finding finding : sum.findings()) {
                String mark = switch (finding.grade()) {
                    case FAILS -> "✗ ";
                    case ASKS -> "? ";
                    case TELLS -> "· ";
                };
                flow.text(mark + finding.words().in(format), NORMAL);
                flow.space(0.8);
            }
            sum.sketch().ifPresent(sketch -> {
                flow.space(3);
                flow.sketch(sketch, DRAWING, format);
                flow.text("A drawing to read, not a pattern: it is not true to size.", 3);
            });
            figures(flow, sum.figures(), format);
            sum.tables().forEach(table -> table(flow, table, format));
            if (!sum.steps().isEmpty()) {
                head(flow, "In this order");
            }
            for (Sentence step : sum.steps()) {
                flow.need(6);
                flow.box(0, 3, 3);
                flow.text(step.in(format), 6, flow.width() - 6, NORMAL);
                flow.space(1.2);
            }
            return flow.finished();
        }
    }

    private static void head(Flow flow, String words) {
        flow.space(3);
        flow.need(20);
        flow.rule();
        flow.text(words, 5);
        flow.space(1);
    }

    private static void figures(Flow flow, List<SumValue> figures, LengthFormat format) {
        if (figures.isEmpty()) {
            return;
        }
        head(flow, "The figures, and how they came about");
        double third = flow.width() * 0.38;
        for (SumValue figure : figures) {
            flow.row(
                    List.of(figure.name(), figure.in(format), figure.working().in(format)),
                    List.of(0.0, third, third + 24),
                    List.of(third - 2, 22.0, flow.width() - third - 24),
                    SMALL);
        }
    }

    private static void table(Flow flow, MarkTable table, LengthFormat format) {
        head(flow, table.title());
        int columns = table.columns().size();
        List<Double> from = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            from.add(flow.width() * i / columns);
            widths.add(flow.width() / columns - 2);
        }
        flow.row(table.columns(), from, widths, 3);
        for (List<String> row : table.in(format)) {
            flow.row(row, from, widths, SMALL);
        }
    }
}
