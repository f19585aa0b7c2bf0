package org.soberhem.core.draft;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.Term;
import org.soberhem.core.geometry.Meeting;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** A step with its names resolved. */
final class Step {

    private final DraftSheet.StepSheet written;
    private final List<Integer> points;
    private final List<Formula> amounts;

    /** Most points are two columns, and every drag of a tape places all of them: these are held ready. */
    private final boolean columns;

    private final Term along;
    private final Term out;

    /**
     * @param written as the sheet has it
     * @param points slots of the points that it starts from
     * @param amounts its lengths, angles and shares
     */
    Step(DraftSheet.StepSheet written, List<Integer> points, List<Formula> amounts) {
        this.written = written;
        this.points = List.copyOf(points);
        this.amounts = List.copyOf(amounts);
        columns = written.way() == DraftSheet.StepSheet.Way.AT;
        along = columns ? amounts.get(0).term() : null;
        out = columns ? amounts.get(1).term() : null;
    }

    DraftSheet.StepSheet written() {
        return written;
    }

    List<Integer> points() {
        return points;
    }

    List<Formula> amounts() {
        return amounts;
    }

    /**
     * Puts the point in its slot.
     *
     * @throws DraftException if there is no such place
     */
    void place(Frame frame, int slot, String piece, String letter) {
        if (columns) {
            frame.slots[slot + 1] = along.value(frame);
            frame.slots[slot] = out.value(frame);
            return;
        }
        Point at = at(frame, piece, letter);
        frame.slots[slot] = at.x();
        frame.slots[slot + 1] = at.y();
    }

    private Point at(Frame frame, String piece, String letter) {
        Point a = frame.point(points.get(0));
        return switch (written.way()) {
            case AT -> new Point(amount(frame, 1), amount(frame, 0));
            case OFFSET -> new Point(a.x() + amount(frame, 1), a.y() + amount(frame, 0));
            case TOWARDS -> {
                Point way = direction(frame, 0, 1, piece, letter);
                Point turned = amounts.size() > 1 ? turned(way, amount(frame, 1)) : way;
                yield a.plus(turned.times(amount(frame, 0)));
            }
            case SQUARE ->
                a.plus(direction(frame, 1, 2, piece, letter).outward().times(amount(frame, 0)));
            case BETWEEN -> a.towards(frame.point(points.get(1)), amount(frame, 0));
            case ARC_LINE ->
                found(
                        Meeting.ofCircle(
                                a,
                                amount(frame, 0),
                                end(frame, 1, 2, piece, letter),
                                end(frame, 2, 1, piece, letter),
                                far()),
                        piece,
                        letter,
                        Sentence.of(
                                "the arc of {} round {} does not reach the line {}–{}",
                                amount(frame, 0),
                                name(0),
                                name(1),
                                name(2)));
            case ARC_ARC ->
                found(
                        Meeting.ofCircles(a, amount(frame, 0), frame.point(points.get(1)), amount(frame, 1), left()),
                        piece,
                        letter,
                        Sentence.of(
                                "the arcs of {} round {} and of {} round {}, {} apart, do not meet",
                                amount(frame, 0),
                                name(0),
                                amount(frame, 1),
                                name(1),
                                a.distanceTo(frame.point(points.get(1)))));
            case CROSSING ->
                found(
                        Meeting.ofLines(
                                a,
                                end(frame, 1, 0, piece, letter),
                                frame.point(points.get(2)),
                                end(frame, 3, 2, piece, letter)),
                        piece,
                        letter,
                        Sentence.of("the lines {}–{} and {}–{} are parallel", name(0), name(1), name(2), name(3)));
            case MIRROR -> {
                Point foot = Meeting.foot(a, end(frame, 1, 2, piece, letter), end(frame, 2, 1, piece, letter));
                yield foot.plus(foot.minus(a));
            }
            case FOOT -> Meeting.foot(a, end(frame, 1, 2, piece, letter), end(frame, 2, 1, piece, letter));
        };
    }

    boolean far() {
        return written.take().filter(take -> "near".equals(take.text())).isEmpty();
    }

    boolean left() {
        return written.take().filter(take -> "right".equals(take.text())).isEmpty();
    }

    private double amount(Frame frame, int place) {
        return amounts.get(place).value(frame);
    }

    private String name(int place) {
        return written.points().get(place).text();
    }

    /** Returns one end of a line, once it is sure that the other lies elsewhere. */
    private Point end(Frame frame, int place, int other, String piece, String letter) {
        direction(frame, place, other, piece, letter);
        return frame.point(points.get(place));
    }

    private Point direction(Frame frame, int from, int to, String piece, String letter) {
        Point way = frame.point(points.get(to)).minus(frame.point(points.get(from)));
        if (!(way.norm() > 1e-6)) {
            throw problem(piece, letter, name(from) + " and " + name(to) + " fall together and give no line");
        }
        return way.unit();
    }

    /** Turns a direction outward: anticlockwise as seen. */
    private static Point turned(Point way, double angle) {
        return way.times(StrictMath.cos(angle)).plus(way.outward().times(StrictMath.sin(angle)));
    }

    private static Point found(Optional<Point> point, String piece, String letter, Sentence otherwise) {
        return point.orElseThrow(() -> problem(piece, letter, otherwise));
    }

    private static DraftException problem(String piece, String letter, Object what) {
        return new DraftException(piece, "Point {} of \"{}\": {}", letter, piece, what);
    }
}
