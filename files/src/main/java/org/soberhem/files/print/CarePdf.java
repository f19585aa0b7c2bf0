package org.soberhem.files.print;

import java.util.List;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/** Small cards that go with a finished costume: a label to sew in, and a card to pack and dress by. */
public final class CarePdf {

    private static final double TITLE = 6;
    private static final double WORDS = 3.8;
    private static final double LABEL = 90;
    private static final double SMALL = 3.2;

    private CarePdf() {}

    /**
     * A label for one garment.
     *
     * @param garment its name, with that of the costume
     * @param made of what, by use
     * @param care how it is cared for
     */
    public record Label(String garment, List<String> made, List<String> care) {}

    /** Returns a page of labels to cut out and sew in. */
    public static byte[] labels(List<Label> labels, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text("Care labels: cut out, sew in where they do not show", WORDS);
            flow.space(3);
            for (Label label : labels) {
                flow.need(50);
                flow.rule();
                flow.text(label.garment(), 0, LABEL, WORDS + 0.6);
                label.made().forEach(line -> flow.text(line, 0, LABEL, SMALL));
                label.care().forEach(line -> flow.text(line, 0, LABEL, SMALL));
                flow.space(3);
            }
            return flow.finished();
        }
    }

    /**
     * What is packed and in which order it is put on.
     *
     * @param title of the costume
     * @param packed what goes into the bag
     * @param dressed what is put on, in order
     * @param minded what to mind on the day
     */
    public record Day(String title, List<String> packed, List<String> dressed, List<Sentence> minded) {}

    /** Returns the card for the day. */
    public static byte[] card(Day day, LengthFormat format, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text(day.title(), TITLE);
            flow.space(2);
            part(flow, "Into the bag", day.packed(), true);
            part(flow, "Put on in this order", day.dressed(), false);
            part(
                    flow,
                    "To mind on the day",
                    day.minded().stream().map(each -> each.in(format)).toList(),
                    true);
            flow.text("These are the usual cautions; local rules and licensed practice decide.", SMALL);
            return flow.finished();
        }
    }

    private static void part(Flow flow, String title, List<String> lines, boolean ticked) {
        if (lines.isEmpty()) {
            return;
        }
        flow.text(title, WORDS + 1);
        flow.rule();
        for (int i = 0; i < lines.size(); i++) {
            flow.text((ticked ? "□ " : i + 1 + "  ") + lines.get(i), WORDS);
        }
        flow.space(3);
    }
}
