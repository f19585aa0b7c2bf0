package org.soberhem.files.print;

import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.length.LengthFormat;

/** The drafting card: every step of a draft in the wearer's own numbers, to be ticked off at the paper. */
public final class DraftingCardPdf {

    private DraftingCardPdf() {}

    /**
     * Returns the PDF.
     *
     * @param sheet what is drafted
     * @param wearer for whom
     * @param walk the steps
     * @param format how lengths are written
     */
    public static byte[] write(
            DraftSheet sheet, String wearer, DraftingSteps walk, LengthFormat format, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text("Drafting card", 4);
            flow.text(sheet.about().title(), 7);
            flow.text(
                    "for " + wearer + "; " + sheet.about().system() + ", "
                            + sheet.about().from() + " to " + sheet.about().to(),
                    4);
            flow.space(3);
            String owner = "";
            int number = 1;
            for (DraftingSteps.Step step : walk.brief()) {
                if (!step.owner().equals(owner)) {
                    owner = step.owner();
                    flow.space(3);
                    flow.need(24);
                    flow.rule();
                    flow.text(owner, 5.4);
                    flow.space(1);
                }
                flow.need(8);
                flow.box(0, 3, 3);
                String why = step.why().map(reason -> " (" + reason + ")").orElse("");
                flow.text(number++ + "   " + step.sentence().in(format) + why, 6, flow.width() - 6, 3.8);
                flow.space(1.2);
            }
            if (!sheet.sewing().isEmpty()) {
                flow.space(3);
                flow.need(24);
                flow.rule();
                flow.text("Sewing", 5.4);
                for (String each : sheet.sewing()) {
                    flow.text("• " + each, 3.8);
                    flow.space(1);
                }
            }
            for (SheetSource source : sheet.about().sources()) {
                flow.space(1);
                flow.text("From: " + source.words(), 3.8);
            }
            for (String caution : sheet.about().cautions()) {
                flow.space(1);
                flow.text("! " + caution, 3.8);
            }
            return flow.finished();
        }
    }
}
