package org.soberhem.files.exchange;

import java.util.List;
import java.util.Locale;
import org.soberhem.core.geometry.Allowance;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Pattern;

/**
 * A pattern as DXF at true size: release 12 in text, one drawing unit a millimetre, y up, curves flattened within 0.01
 * mm, one layer each for cut, sew, fold, grain, notch and text. Group codes after the published DXF reference of that
 * release, from memory.
 */
public final class PatternDxf {

    private static final double WORDS = 8;

    private final StringBuilder text = new StringBuilder();

    private PatternDxf() {}

    /** Returns the drawing. */
    public static String write(Pattern pattern) {
        PatternDxf dxf = new PatternDxf();
        dxf.document(Drawing.of(pattern));
        return dxf.text.toString();
    }

    private void document(Drawing drawing) {
        section("HEADER");
        group(9, "$ACADVER").group(1, "AC1009");
        group(9, "$INSUNITS").group(70, "4");
        group(0, "ENDSEC");
        section("TABLES");
        group(0, "TABLE").group(2, "LAYER").group(70, String.valueOf(Drawing.LAYERS.size()));
        for (String layer : Drawing.LAYERS) {
            group(0, "LAYER").group(2, layer).group(70, "0").group(62, "7").group(6, "CONTINUOUS");
        }
        group(0, "ENDTAB").group(0, "ENDSEC");
        section("ENTITIES");
        drawing.strokes().forEach(this::stroke);
        for (Drawing.Words words : drawing.words()) {
            group(0, "TEXT").group(8, "text");
            place(10, words.at());
            group(40, number(WORDS)).group(1, ascii(words.words()));
        }
        group(0, "ENDSEC").group(0, "EOF");
    }

    private void stroke(Drawing.Stroke stroke) {
        List<Point> places = stroke.path().flattened(Allowance.FLATNESS);
        group(0, "POLYLINE").group(8, stroke.layer()).group(66, "1").group(70, stroke.closed() ? "1" : "0");
        int count = stroke.closed() ? places.size() - 1 : places.size();
        for (Point at : places.subList(0, count)) {
            group(0, "VERTEX").group(8, stroke.layer());
            place(10, at);
        }
        group(0, "SEQEND").group(8, stroke.layer());
    }

    private void section(String name) {
        group(0, "SECTION").group(2, name);
    }

    private void place(int code, Point at) {
        group(code, number(at.x())).group(code + 10, number(-at.y())).group(code + 20, "0");
    }

    private PatternDxf group(int code, String value) {
        text.append(String.format(Locale.ROOT, "%3d\n%s\n", code, value));
        return this;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    /** The release knows no other letters. */
    private static String ascii(String words) {
        return words.replaceAll("[^ -~]", "?");
    }
}
