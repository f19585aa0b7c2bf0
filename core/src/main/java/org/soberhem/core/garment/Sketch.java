package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/**
 * The drawing of a sum: lines and words in millimetres, y down. It is there to be read, and no pattern.
 *
 * @param lines in the order in which they are drawn
 * @param words beside them
 */
public record Sketch(List<Line> lines, List<Words> words) {

    /** What a line is. */
    public enum Ink {
        /** The edge of the cloth. */
        CLOTH,
        /** Where it is folded. */
        FOLD,
        /** Where it is sewn. */
        SEAM,
        /** A line that only helps. */
        HELP,
        /** The body. */
        BODY,
        /** A direction: it ends in a head. */
        ARROW
    }

    /**
     * A line through points, straight from each to the next.
     *
     * @param ink what it is
     * @param points at least two
     */
    public record Line(Ink ink, List<Point> points) {
        public Line {
            points = List.copyOf(points);
        }
    }

    /**
     * Words at a place.
     *
     * @param at the place
     * @param lean to which side of it they stand
     * @param text what they say
     */
    public record Words(Point at, Lean lean, Sentence text) {}

    /** To which side of their place words stand. */
    public enum Lean {
        LEFT,
        MIDDLE,
        RIGHT
    }

    public Sketch {
        lines = List.copyOf(lines);
        words = List.copyOf(words);
    }

    /** Returns the box round all lines and the places of words. */
    public Box box() {
        List<Point> all = new ArrayList<>();
        lines.forEach(line -> all.addAll(line.points()));
        words.forEach(each -> all.add(each.at()));
        return Box.round(all);
    }

    /** Collects the lines and words of a drawing. */
    static final class Maker {
        private final List<Line> lines = new ArrayList<>();
        private final List<Words> words = new ArrayList<>();

        Maker line(Ink ink, Point... points) {
            lines.add(new Line(ink, List.of(points)));
            return this;
        }

        Maker line(Ink ink, List<Point> points) {
            lines.add(new Line(ink, points));
            return this;
        }

        Maker closed(Ink ink, Point... points) {
            List<Point> all = new ArrayList<>(List.of(points));
            all.add(points[0]);
            lines.add(new Line(ink, all));
            return this;
        }

        Maker rectangle(Ink ink, double x, double y, double width, double height) {
            return closed(
                    ink,
                    new Point(x, y),
                    new Point(x + width, y),
                    new Point(x + width, y + height),
                    new Point(x, y + height));
        }

        Maker say(double x, double y, Lean lean, String template, Object... values) {
            words.add(new Words(new Point(x, y), lean, Sentence.of(template, values)));
            return this;
        }

        Sketch done() {
            return new Sketch(lines, words);
        }
    }
}
