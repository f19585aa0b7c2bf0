package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** Equal gores in words and as one flat gore. */
public final class GoresSum {

    private static final int CHORDS = 24;

    private GoresSum() {}

    /**
     * Works the sum out.
     *
     * @param given the number {@code gores}, lengths {@code upper}, {@code lower} and {@code length}
     */
    public static Sum of(SumInputs given) {
        Gores gores = new Gores(
                (int) Math.round(given.amount("gores")),
                given.amount("upper"),
                given.amount("lower"),
                given.amount("length"));
        List<Finding> findings = new ArrayList<>(given.beside("skirt-girth", "Girth of the hem", gores.lower(), true));
        if (given.usual("straight-panels").isPresent()) {
            findings.add(Finding.tells(
                    "About {} skirts are mostly of straight panels, not of gores (about 1828 to 1863)", given.year()));
        }
        String count = String.valueOf(gores.count());
        return new Sum(
                given.name(),
                "Gores",
                Sentence.of(
                        "{} gores, each {} wide above and {} below; the hem curves down by {} in its middle",
                        count,
                        gores.upperWidth(),
                        gores.lowerWidth(),
                        gores.hemCurve()),
                List.of(
                        SumValue.length(
                                "width above", gores.upperWidth(), "{} ÷ {}, straight across", gores.upper(), count),
                        SumValue.length(
                                "width below", gores.lowerWidth(), "{} ÷ {}, straight across", gores.lower(), count),
                        SumValue.angle(
                                "angle of a gore",
                                gores.angle(),
                                "({} − {}) ÷ {} ÷ {}, as an angle",
                                gores.lower(),
                                gores.upper(),
                                gores.length(),
                                count),
                        SumValue.length("curve of the hem", gores.hemCurve(), "how far a ring bends within one gore"),
                        SumValue.length("hollow of the upper edge", gores.upperCurve(), "the same at the waist")),
                findings,
                List.of(),
                Optional.of(sketch(gores)),
                List.of(Sentence.of(
                        "Measure every gore's length along its middle and both edges: all three are {}",
                        gores.length())));
    }

    private static Sketch sketch(Gores gores) {
        List<Point> edge = new ArrayList<>();
        for (int i = 0; i <= CHORDS; i++) {
            edge.add(at(gores, i / (double) CHORDS, 0));
        }
        for (int i = CHORDS; i >= 0; i--) {
            edge.add(at(gores, i / (double) CHORDS, gores.length()));
        }
        edge.add(edge.get(0));
        Point corner = at(gores, 0, gores.length());
        Point other = at(gores, 1, gores.length());
        return new Sketch.Maker()
                .line(Sketch.Ink.CLOTH, edge)
                .line(Sketch.Ink.HELP, corner, other)
                .line(Sketch.Ink.HELP, at(gores, 0.5, 0), at(gores, 0.5, gores.length()))
                .say(0, gores.length() / 2, Sketch.Lean.RIGHT, "{} long", gores.length())
                .say(0, corner.y() - gores.length() / 20, Sketch.Lean.MIDDLE, "{}", gores.lowerWidth())
                .say(0, -gores.length() / 20, Sketch.Lean.MIDDLE, "{}", gores.upperWidth())
                .done();
    }

    /**
     * Returns a place of the flat gore: across from 0 to 1, and so far down its slope; the middle of its top is 0, 0.
     */
    private static Point at(Gores gores, double across, double down) {
        if (gores.angle() == 0) {
            return new Point((across - 0.5) * gores.upperWidth(), down);
        }
        double turn = (across - 0.5) * gores.angle();
        double radius = gores.upperRadius() + down;
        return new Point(radius * StrictMath.sin(turn), radius * StrictMath.cos(turn) - gores.upperRadius());
    }
}
