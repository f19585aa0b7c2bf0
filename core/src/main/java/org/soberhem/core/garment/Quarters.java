package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Point;

/** The quarter points at which a longer edge meets a shorter one. */
final class Quarters {

    private Quarters() {}

    /** Returns where the quarters of both lie; {@code onCloth} and {@code onBand} head their columns. */
    static MarkTable table(double cloth, String onCloth, double band, String onBand) {
        List<List<Object>> rows = new ArrayList<>();
        for (int i = 0; i <= 4; i++) {
            rows.add(MarkTable.row(i == 0 ? "begin" : i == 4 ? "end" : i + "/4", i * cloth / 4, i * band / 4));
        }
        return new MarkTable("Quarter points that meet", List.of("mark", onCloth, onBand), rows);
    }

    /** Draws both edges with the points that meet. */
    static Sketch sketch(double cloth, double band) {
        Sketch.Maker drawing = new Sketch.Maker();
        double deep = cloth / 12;
        double gap = cloth / 6;
        double left = (cloth - band) / 2;
        drawing.rectangle(Sketch.Ink.CLOTH, left, 0, band, deep);
        drawing.rectangle(Sketch.Ink.CLOTH, 0, deep + gap, cloth, deep);
        for (int i = 0; i <= 4; i++) {
            drawing.line(Sketch.Ink.HELP, new Point(left + band * i / 4, deep), new Point(cloth * i / 4, deep + gap));
        }
        for (int i = 0; i < 4; i++) {
            drawing.say(left + band * (i + 0.5) / 4, deep / 2, Sketch.Lean.MIDDLE, "{}", band / 4);
            drawing.say(cloth * (i + 0.5) / 4, 1.5 * deep + gap, Sketch.Lean.MIDDLE, "{}", cloth / 4);
        }
        return drawing.done();
    }
}
