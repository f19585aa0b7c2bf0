package org.soberhem.files.print;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SpreadPiece;

/** The page after the cover: what is cut how often with which allowances, how it is joined, and what to mind. */
final class CutList {

    private static final double HEAD = 6;
    private static final double WORDS = 4;

    private CutList() {}

    static void write(PDDocument document, PDFont font, PrintJob job, PaperSize paper, List<PatternPdf.Pages> all) {
        Flow flow = new Flow(document, font, paper);
        flow.text("Cut list", HEAD);
        flow.space(2);
        List<Double> from = List.of(0.0, flow.width() * 0.24, flow.width() * 0.6);
        List<Double> widths = List.of(flow.width() * 0.22, flow.width() * 0.34, flow.width() * 0.4);
        flow.row(List.of("piece", "cut", "allowances"), from, widths, WORDS);
        flow.rule();
        for (PatternPdf.Pages pages : all) {
            flow.row(
                    List.of(
                            pages.spread().name(),
                            cut(pages.spread()),
                            allowances(job, pages.spread().piece())),
                    from,
                    widths,
                    WORDS);
        }
        flow.space(4);
        flow.text("Interfacing is cut a little smaller than its piece: by the seam allowance and 2 mm.", WORDS);
        flow.space(6);
        flow.text("Putting the pages together", HEAD);
        flow.space(2);
        flow.text(
                "Each page is named by its row and its place in it. Lay the next page over until the diamonds of the join meet, and glue along the broken line; nothing needs to be trimmed. The map on the first page shows where each belongs; pages with nothing on them are not printed.",
                WORDS);
        part(flow, "In this order", job.options().assembly());
        part(flow, "To mind", job.options().cautions());
        flow.ended();
    }

    private static void part(Flow flow, String title, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        flow.space(6);
        flow.need(20);
        flow.text(title, HEAD);
        flow.space(2);
        for (int i = 0; i < lines.size(); i++) {
            flow.text((i + 1) + "  " + lines.get(i), WORDS);
        }
    }

    private static String cut(SpreadPiece spread) {
        Map<String, Integer> uses = spread.piece().cut();
        int all = Math.max(1, spread.piece().count());
        String counts = uses.entrySet().stream()
                .map(use -> use.getValue() * spread.count() / all + " " + use.getKey())
                .collect(Collectors.joining(", "));
        return spread.shape().words(counts);
    }

    private static String allowances(PrintJob job, Piece piece) {
        if (!job.options().layers().contains(PrintOptions.Layer.CUT)) {
            return "none: seam lines only";
        }
        Map<Double, List<String>> byWidth = piece.edges().stream()
                .filter(edge -> !piece.isFold(edge))
                .collect(Collectors.groupingBy(
                        Edge::allowance, TreeMap::new, Collectors.mapping(Edge::name, Collectors.toList())));
        return byWidth.entrySet().stream()
                .map(width -> (width.getKey() == 0 ? "none" : job.format().format(width.getKey())) + ": "
                        + String.join(", ", width.getValue()))
                .collect(Collectors.joining("; "));
    }
}
