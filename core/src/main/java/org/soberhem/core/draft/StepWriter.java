package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.formula.Units;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/** Puts a point's step into words and shows the lines by which it is found. */
final class StepWriter {

    /** Half the width of the little arc that is struck at a meeting, in radians. */
    private static final double STRUCK = 0.09;

    private final Frame frame;

    StepWriter(Frame frame) {
        this.frame = frame;
    }

    DraftingSteps.Step step(CompiledSheet.Ground ground, CompiledSheet.PointAt point) {
        Step step = point.step();
        Point at = frame.point(point.slot());
        Sentence how = Sentence.of("{}: {}", point.name(), words(step, at));
        return new DraftingSteps.Step(
                ground.name(),
                point.name(),
                point.corner() ? DraftingSteps.Kind.GUIDE : DraftingSteps.Kind.POINT,
                point.corner() ? Sentence.of("{}; it only guides a curve", how) : how,
                step.written().why(),
                helping(step, at),
                Optional.of(at),
                Optional.empty());
    }

    private Sentence words(Step step, Point at) {
        List<String> p = step.written().points().stream().map(SourceText::text).toList();
        return switch (step.written().way()) {
            case AT -> at(step, at);
            case OFFSET -> offset(step, p.get(0));
            case TOWARDS -> towards(step, p);
            case SQUARE ->
                Sentence.of(
                        "from {} square to {}–{}, {} {}",
                        p.get(0),
                        p.get(1),
                        p.get(2),
                        size(step, 0),
                        sign(step, 0, "outward", "inward"));
            case BETWEEN ->
                Sentence.of(
                        "{} of the way from {} to {}, {} from {}",
                        share(step),
                        p.get(0),
                        p.get(1),
                        frame.point(step.points().get(0)).distanceTo(at),
                        p.get(0));
            case ARC_LINE ->
                Sentence.of(
                        "strike an arc of {} round {} onto the line {}–{}{}",
                        size(step, 0),
                        p.get(0),
                        p.get(1),
                        p.get(2),
                        step.far() ? "" : ", on its near side");
            case ARC_ARC ->
                Sentence.of(
                        "strike arcs of {} round {} and of {} round {}; they meet here, {} of the way from {} to {}",
                        size(step, 0),
                        p.get(0),
                        size(step, 1),
                        p.get(1),
                        step.left() ? "left" : "right",
                        p.get(0),
                        p.get(1));
            case CROSSING ->
                Sentence.of("where the line {}–{} crosses the line {}–{}", p.get(0), p.get(1), p.get(2), p.get(3));
            case MIRROR -> Sentence.of("{} mirrored in the line {}–{}", p.get(0), p.get(1), p.get(2));
            case FOOT -> Sentence.of("square from {} onto the line {}–{}", p.get(0), p.get(1), p.get(2));
        };
    }

    private Sentence at(Step step, Point at) {
        Sentence along = Sentence.of("along the base line {}", amount(step, 0));
        return Math.abs(at.x()) > 0.01 ? Sentence.of("{}, square out {}", along, amount(step, 1)) : along;
    }

    private Sentence offset(Step step, String from) {
        double along = step.amounts().get(0).value(frame);
        double out = step.amounts().get(1).value(frame);
        List<Sentence> parts = new ArrayList<>();
        if (along != 0) {
            parts.add(Sentence.of("{} {}", size(step, 0), along > 0 ? "down" : "up"));
        }
        if (out != 0) {
            parts.add(Sentence.of("{} {}", size(step, 1), out > 0 ? "out" : "in"));
        }
        return switch (parts.size()) {
            case 0 -> Sentence.of("at {}", from);
            case 1 -> Sentence.of("from {} {}", from, parts.get(0));
            default -> Sentence.of("from {} {} and {}", from, parts.get(0), parts.get(1));
        };
    }

    private Sentence towards(Step step, List<String> p) {
        Sentence straight = Sentence.of(
                "from {} {} {}, {}", p.get(0), sign(step, 0, "towards", "away from"), p.get(1), size(step, 0));
        if (step.amounts().size() < 2) {
            return straight;
        }
        double degrees = StrictMath.toDegrees(step.amounts().get(1).value(frame));
        return Sentence.of(
                "{}, turned {}° {}",
                straight,
                String.valueOf(Math.round(Math.abs(degrees) * 10) / 10.0),
                degrees >= 0 ? "outward" : "inward");
    }

    private String sign(Step step, int place, String positive, String negative) {
        return step.amounts().get(place).value(frame) >= 0 ? positive : negative;
    }

    private String share(Step step) {
        String written = step.written().amounts().get(0).text();
        return written.matches("[\\d /]+")
                ? Units.shown(written)
                : String.valueOf(Math.round(step.amounts().get(0).value(frame) * 100) / 100.0);
    }

    /** Returns an amount as the sheet has it and what it comes to. */
    private Sentence amount(Step step, int place) {
        return amount(
                step.written().amounts().get(place).text(),
                step.amounts().get(place).value(frame));
    }

    /** Returns an amount whose sign is told in words. */
    private Sentence size(Step step, int place) {
        String written = step.written().amounts().get(place).text();
        double value = step.amounts().get(place).value(frame);
        return amount(
                value < 0 && written.startsWith("-") ? written.substring(1).strip() : written, Math.abs(value));
    }

    private static Sentence amount(String written, double millimetres) {
        if (written.matches("-?[\\d ./]+(in|ft|yd|mm|cm|m)") || "0".equals(written)) {
            return Sentence.of("{}", millimetres);
        }
        String shown = Units.shown(written);
        if (!shown.equals(written)) {
            return Sentence.of("{} ({})", shown, millimetres);
        }
        return Units.formula(written)
                .map(rule -> Sentence.of("{} ({})", rule, millimetres))
                .orElse(Sentence.of("{}", millimetres));
    }

    /** Returns a value as its kind is shown. */
    static Object value(Dimension dimension, double value) {
        if (dimension.equals(Dimension.LENGTH)) {
            return Length.ofMillimetres(value);
        }
        return dimension.equals(Dimension.ANGLE)
                ? Math.round(StrictMath.toDegrees(value) * 10) / 10.0 + "°"
                : String.valueOf(Math.round(value * 100) / 100.0);
    }

    private List<Path> helping(Step step, Point at) {
        List<Point> p = step.points().stream().map(frame::point).toList();
        return switch (step.written().way()) {
            case AT -> lines(new Point(0, at.y()), at);
            case OFFSET -> {
                Point corner = new Point(p.get(0).x(), at.y());
                List<Path> both = new ArrayList<>(lines(p.get(0), corner));
                both.addAll(lines(corner, at));
                yield both;
            }
            case TOWARDS, SQUARE -> lines(p.get(0), at);
            case BETWEEN -> lines(p.get(0), p.get(1));
            case ARC_LINE -> {
                List<Path> both = new ArrayList<>(lines(p.get(1), at));
                both.addAll(struck(p.get(0), at));
                yield both;
            }
            case ARC_ARC -> {
                List<Path> both = new ArrayList<>(struck(p.get(0), at));
                both.addAll(struck(p.get(1), at));
                yield both;
            }
            case CROSSING -> {
                List<Path> both = new ArrayList<>(lines(p.get(0), at));
                both.addAll(lines(p.get(2), at));
                yield both;
            }
            case MIRROR, FOOT -> lines(p.get(0), at);
        };
    }

    private static List<Path> lines(Point from, Point to) {
        return from.distanceTo(to) < 0.01 ? List.of() : List.of(Path.of(new LineSegment(from, to)));
    }

    /** Draws the little piece of an arc that one strikes with the compasses, as three chords. */
    private static List<Path> struck(Point centre, Point at) {
        List<Path> chords = new ArrayList<>();
        Point spoke = at.minus(centre);
        Point before = turned(centre, spoke, -STRUCK);
        for (int i = -2; i <= 3; i++) {
            Point next = turned(centre, spoke, STRUCK * i / 3);
            chords.addAll(lines(before, next));
            before = next;
        }
        return chords;
    }

    private static Point turned(Point centre, Point spoke, double angle) {
        return centre.plus(
                spoke.times(StrictMath.cos(angle)).plus(spoke.outward().times(StrictMath.sin(angle))));
    }
}
