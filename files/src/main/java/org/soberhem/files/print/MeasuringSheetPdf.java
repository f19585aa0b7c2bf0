package org.soberhem.files.print;

import java.util.Optional;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Reading;
import org.soberhem.core.length.LengthFormat;

/** The measuring sheet: the walk round the wearer with room for three readings, blank or filled in. */
public final class MeasuringSheetPdf {

    private static final double BOX = 17;
    private static final double HIGH = 7;
    private static final double GAP = 2;

    private MeasuringSheetPdf() {}

    /**
     * Returns the PDF.
     *
     * @param title what stands at its head, such as the wearer's name
     * @param walk what is read, in order
     * @param over the layers that are worn, in words
     * @param set readings to fill in; empty for a blank sheet
     * @param format how lengths are written
     */
    public static byte[] write(
            String title,
            MeasuringRoute walk,
            String over,
            Optional<MeasurementSet> set,
            LengthFormat format,
            PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text("Measuring sheet: " + title, 7);
            flow.space(1);
            flow.text("Worn beneath: " + over, 4);
            conditions(flow, set, format);
            flow.space(1);
            flow.text(
                    "Stand relaxed, weight on both feet, arms down, breathe quietly. Three readings each; measure again"
                            + " when they differ by more than 1 cm on the trunk, ½ cm on limbs, neck and head. Pin"
                            + " nothing through to the wearer; one finger under the tape at the neck.",
                    3.4);
            flow.space(2);
            if (walk.ribbon()) {
                flow.text(
                        "□ First tie a ribbon round the waist, where the body creases bending sideways, and leave it on.",
                        4);
                flow.space(1);
            }
            Measure.Station at = null;
            for (MeasuringRoute.Step step : walk.steps()) {
                if (step.station() != at) {
                    at = step.station();
                    flow.need(24);
                    flow.space(2);
                    flow.text(
                            Character.toUpperCase(at.words().charAt(0))
                                    + at.words().substring(1),
                            4.6);
                    flow.rule();
                }
                row(flow, step, set, format);
            }
            return flow.finished();
        }
    }

    private static void conditions(Flow flow, Optional<MeasurementSet> set, LengthFormat format) {
        if (set.isEmpty()) {
            flow.text(
                    "Date ____________   tape held by ____________   heel ________   hair or headdress ____________",
                    4);
            flow.text(
                    "Laced: open at bust ______  waist ______  hem ______     tape begins at  □ its end  □ 1 in  □ 10 in at the floor",
                    4);
            return;
        }
        MeasurementSet filled = set.get();
        AsWorn worn = filled.worn();
        flow.text(
                filled.date() + ", tape held by " + (filled.alone() ? "the wearer alone" : filled.helper())
                        + ", beginning " + filled.start().words()
                        + worn.heel()
                                .map(heel -> ", heel " + format.format(heel))
                                .orElse("")
                        + (worn.hair().isEmpty() ? "" : ", " + worn.hair()),
                4);
        String gap = worn.gap()
                .map(open -> "Laced open by " + format.format(open.bust()) + " at the bust, "
                        + format.format(open.waist()) + " at the waist, " + format.format(open.hem()) + " at the hem. ")
                .orElse("");
        if (!(gap + filled.lacing()).isBlank()) {
            flow.text(gap + filled.lacing(), 4);
        }
    }

    private static void row(Flow flow, MeasuringRoute.Step step, Optional<MeasurementSet> set, LengthFormat format) {
        double boxes = 4 * BOX + 4 * GAP;
        double words = flow.width() - boxes - GAP;
        flow.need(Math.max(HIGH + 2, 5.5 + flow.height(step.measure().definition(), words, 3)));
        Optional<Reading> reading = set.flatMap(step::in);
        for (int place = 0; place <= Reading.MOST; place++) {
            double from = flow.width() - boxes + place * (BOX + GAP);
            flow.box(from, BOX, HIGH);
            int at = place;
            Optional<String> written = place == Reading.MOST
                    ? reading.map(Reading::mean).map(format::number)
                    : reading.filter(r -> at < r.taken().size())
                            .map(r -> format.number(r.taken().get(at).value()));
            flow.cell(written.orElse(""), from + 1.5, 4);
        }
        flow.text(step.name(), 0, words, 3.8);
        flow.text(step.measure().definition(), 0, words, 3);
        flow.space(2);
    }
}
