package org.soberhem.files.print;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.report.RoundReport;

/** What a round of fitting asks for, on paper: the table to work from at the machine, each line with a box to tick. */
public final class RoundSheetPdf {

    private static final double SMALL = 3.4;
    private static final double NORMAL = 3.8;

    private RoundSheetPdf() {}

    /**
     * What is printed.
     *
     * @param costume its title
     * @param wearer their name
     * @param fitting the round
     * @param stack what was worn beneath, in words
     * @param rows what is to do
     * @param accounts what all rounds took in or let out
     */
    public record Page(
            String costume,
            String wearer,
            Fitting fitting,
            String stack,
            List<RoundReport.Row> rows,
            List<Ledger.Account> accounts) {

        public Page {
            rows = List.copyOf(rows);
            accounts = List.copyOf(accounts);
        }
    }

    /** Returns the PDF. */
    public static byte[] write(Page page, LengthFormat format, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            Fitting fitting = page.fitting();
            flow.text(page.costume() + ", " + page.wearer(), 4);
            flow.text("Fitting " + fitting.number() + ", " + fitting.date(), 7);
            flow.space(1);
            flow.text("Over " + page.stack() + "; " + cloth(fitting) + marked(fitting) + ".", NORMAL);
            flow.space(3);
            flow.rule();
            double side = flow.width() * 0.24;
            double task = side + 24;
            double seen = flow.width() * 0.66;
            List<Double> from = List.of(0.0, 6.0, side, task, seen);
            List<Double> widths = List.of(5.0, side - 8, 23.0, seen - task - 3, flow.width() - seen);
            flow.row(List.of("", "Seam or level", "Side", "How much, from – to", "Because of"), from, widths, 3);
            for (RoundReport.Row row : page.rows()) {
                flow.need(8);
                flow.box(0, 3, 3);
                List<String> cells = List.of(
                        "",
                        row.place().isEmpty() ? "–" : row.place(),
                        row.side().words(),
                        row.task().in(format),
                        row.seen() + " (" + row.versions() + ")");
                flow.row(cells, from, widths, SMALL);
                flow.space(1);
            }
            if (!page.accounts().isEmpty()) {
                flow.space(3);
                flow.rule();
                flow.text("In all, over every round", 5);
                for (Ledger.Account account : page.accounts()) {
                    flow.text(account.sentence().in(format) + ".", NORMAL);
                    account.undone().ifPresent(undone -> flow.text(undone.in(format) + ".", SMALL));
                }
            }
            flow.space(4);
            flow.text("Take in and let out are cloth taken at the seam: each of its two edges moves by half.", 3);
            return flow.finished();
        }
    }

    private static String cloth(Fitting fitting) {
        List<String> words = new ArrayList<>();
        words.add(fitting.mockup().cloth());
        for (ClothDifference difference : fitting.mockup().differs()) {
            words.add(difference.words());
        }
        return String.join(", ", words);
    }

    private static String marked(Fitting fitting) {
        String mark = fitting.conditions().mark();
        return mark.isEmpty() ? "" : "; marked in " + mark;
    }
}
