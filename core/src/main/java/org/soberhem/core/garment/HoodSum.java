package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.garment.Hood.School;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** A hood and its mantle in words, as a layout of its three pieces, with the order of its edges. */
public final class HoodSum {

    /** Slopes nearer to 45 degrees than this suit the squares. */
    private static final double NEAR = StrictMath.toRadians(10);

    private final SumInputs given;
    private final Hood hood;
    private final boolean lined;
    private final double over;

    private HoodSum(SumInputs given) {
        this.given = given;
        hood = new Hood(
                "squares".equals(given.word("school", "shoulder-angle")) ? School.SQUARES : School.SHOULDER_ANGLE,
                given.amount("crown"),
                given.amount("shoulder"),
                given.amount("drop"),
                given.amount("mantle"),
                given.amount("loose", INCH),
                given.amount("strip"),
                given.amount("gap", 0),
                given.amount("down", 0));
        lined = !"single".equals(given.word("finish", "lined"));
        over = given.amount("over", INCH);
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code crown}, {@code shoulder}, {@code drop}, {@code mantle}, {@code strip}, {@code head};
     * if wanted {@code loose}, {@code gap}, {@code over}, {@code down}; the words {@code school} (squares,
     * shoulder-angle) and
     *     {@code finish} (lined, single)
     */
    public static Sum of(SumInputs given) {
        return new HoodSum(given).sum();
    }

    private Sum sum() {
        double head = given.amount("head");
        List<Finding> findings = new ArrayList<>();
        double missing = head + over - hood.loop();
        if (missing > 1e-6) {
            findings.add(Finding.asks(
                    "To let a head of {} through with {} to pull it on, make the strip {} wider or the gap {} longer",
                    head,
                    over,
                    missing / 2,
                    missing));
        }
        if (hood.school() == School.SQUARES && Math.abs(hood.slope() - hood.cutSlope()) > NEAR) {
            findings.add(Finding.asks(
                    "Squares slope by 45° and this shoulder by {}°: cloth bunches at the shoulders and the points crowd the chin; kites follow the shoulder",
                    SumValue.hundredth(Math.rint(StrictMath.toDegrees(hood.slope())))));
        }
        double right = hood.lift(StrictMath.PI / 2);
        findings.add(
                right > 0
                        ? Finding.tells(
                                "With the arms held out the mantle's edge rises by {}, with the arms straight up by {}",
                                right,
                                hood.lift(StrictMath.PI))
                        : Finding.tells("The mantle ends on the shoulder: the arms do not lift it"));
        findings.add(Finding.tells("It must come off at once when it catches: no cord that does not give way"));
        return new Sum(
                given.name(),
                "The hood",
                Sentence.of(
                        "Strip {} by {}; front and back {} at {}°; the opening is {} and must pass a head of {}",
                        hood.stripLength(),
                        hood.strip(),
                        hood.school() == School.SQUARES ? "squares" : "kites, their neck corner",
                        SumValue.hundredth(Math.rint(StrictMath.toDegrees(hood.upperAngle()))),
                        hood.loop(),
                        head),
                figures(head),
                findings,
                List.of(lifts(), ends()),
                Optional.of(sketch()),
                steps());
    }

    private List<SumValue> figures(double head) {
        return List.of(
                SumValue.length(
                        "strip length",
                        hood.stripLength(),
                        "{} + 2 × ({} − {}) + {}",
                        hood.crown(),
                        hood.mantle(),
                        hood.shoulder(),
                        hood.loose()),
                SumValue.length("opening", hood.loop(), "2 × {} + {}", hood.strip(), hood.gap()),
                SumValue.length("room over the head", hood.loop() - head, "{} − {}", hood.loop(), head),
                SumValue.length(
                        "edge round the face",
                        hood.face(),
                        "strip − 2 × ({} − {}) + {}",
                        hood.mantle(),
                        hood.tip(),
                        hood.gap()),
                SumValue.length(
                        "seam behind the crown", hood.crownSeam(), "{} ÷ 2 − {}", hood.stripLength(), hood.mantle()),
                SumValue.angle(
                        "slope of the shoulder",
                        hood.slope(),
                        "{} of drop over {} of shoulder",
                        hood.drop(),
                        hood.shoulder()),
                SumValue.angle("corner at the neck", hood.upperAngle(), "180° − 2 × the slope of the cut"),
                SumValue.length("half breadth", hood.halfBreadth(), "{} × cos of the slope", hood.mantle()),
                SumValue.length(
                        "neck corner to lower corner",
                        hood.height(),
                        "{} + {} + {}",
                        hood.sideDrop(),
                        hood.halfBreadth(),
                        hood.down()),
                SumValue.angle("lower corner", hood.lowerAngle(), "square where nothing hangs lower"),
                SumValue.length(
                        "lower edge",
                        hood.lowerEdge(),
                        "across {}, down {}",
                        hood.halfBreadth(),
                        hood.halfBreadth() + hood.down()),
                SumValue.length("tip cut off each side", hood.tip(), "half the gap ÷ cos of the slope"),
                SumValue.number(
                        "layers of cloth",
                        lined ? 2 : 1,
                        lined ? "lined or reversible: twice the cloth" : "a single layer"));
    }

    private MarkTable lifts() {
        List<List<Object>> rows = new ArrayList<>();
        for (int degrees : new int[] {45, 90, 135, 180}) {
            rows.add(MarkTable.row(degrees + "°", hood.lift(StrictMath.toRadians(degrees))));
        }
        return new MarkTable("The mantle's edge on the arm", List.of("arm lifted by", "rises by"), rows);
    }

    /** Which end of the back is which. */
    private MarkTable ends() {
        String upper = Math.round(StrictMath.toDegrees(hood.upperAngle())) + "°";
        String down = Math.round(StrictMath.toDegrees(hood.lowerAngle())) + "°";
        String side =
                Math.round(StrictMath.toDegrees(StrictMath.PI - (hood.upperAngle() + hood.lowerAngle()) / 2)) + "°";
        return new MarkTable(
                "Corners of the back",
                List.of("corner", "angle", "two notches", "where it goes"),
                List.of(
                        MarkTable.row("NECK", upper, "yes", "under the seam behind the crown"),
                        MarkTable.row("sides", side, "", "on the ends of the strip"),
                        MarkTable.row("DOWN", down, "", "hangs at the centre back")));
    }

    private List<Sentence> steps() {
        List<Sentence> steps = new ArrayList<>();
        if (!lined) {
            steps.add(Sentence.of("Cut {} to {} beyond every edge that is turned twice", INCH, 1.5 * INCH));
            steps.add(
                    Sentence.of(
                            "Before joining, hem the front edge of the strip between the chin marks, both ends of the strip, and the lower edges of front and back"));
            steps.add(Sentence.of("Hem the gap under the chin"));
        }
        steps.add(Sentence.of(
                "Fold the strip across its middle and sew the back edge from the fold for {}: rounded or pointed, as the crown shall be",
                hood.crownSeam()));
        steps.add(
                Sentence.of(
                        "Set the back's NECK corner, the one with two notches, to the end of that seam, and sew its upper edges to the strip"));
        steps.add(
                Sentence.of(
                        "Sew the front's upper edges to the strip's front edge from the mantle's edge up; the gap stays open under the chin"));
        if (lined) {
            steps.add(
                    Sentence.of(
                            "Make lining and outside alike, put them right sides together, sew round all but a hand's breadth, and turn"));
        }
        return steps;
    }

    private Sketch sketch() {
        Sketch.Maker drawing = new Sketch.Maker();
        double space = hood.strip() * 0.35;
        drawing.rectangle(Sketch.Ink.CLOTH, 0, 0, hood.strip(), hood.stripLength());
        drawing.line(
                Sketch.Ink.FOLD, new Point(0, hood.stripLength() / 2), new Point(hood.strip(), hood.stripLength() / 2));
        for (double y : List.of(hood.mantle(), hood.stripLength() - hood.mantle())) {
            drawing.line(Sketch.Ink.HELP, new Point(0, y), new Point(hood.strip(), y));
        }
        drawing.say(hood.strip() / 2, hood.stripLength() * 0.45, Sketch.Lean.MIDDLE, "crown");
        drawing.say(0, hood.mantle() / 2, Sketch.Lean.LEFT, "strip, {} by {}", hood.strip(), hood.stripLength());
        double x = hood.strip() + space + hood.halfBreadth();
        kite(drawing, x, 0, "back");
        kite(drawing, x, hood.height() + 2 * space, "front");
        double tip = hood.height() + 2 * space + hood.tip() * StrictMath.sin(hood.cutSlope());
        drawing.line(Sketch.Ink.SEAM, new Point(x - hood.gap() / 2, tip), new Point(x + hood.gap() / 2, tip));
        drawing.say(x, tip - hood.height() * 0.14, Sketch.Lean.MIDDLE, "gap {}", hood.gap());
        return drawing.done();
    }

    private void kite(Sketch.Maker drawing, double x, double y, String name) {
        List<Point> corners =
                hood.kite().stream().map(corner -> corner.plus(new Point(x, y))).toList();
        drawing.closed(Sketch.Ink.CLOTH, corners.toArray(Point[]::new));
        drawing.line(Sketch.Ink.HELP, corners.get(0), corners.get(2));
        drawing.say(x + hood.halfBreadth(), y + hood.sideDrop(), Sketch.Lean.RIGHT, "{}, {} high", name, hood.height());
        if ("back".equals(name)) {
            drawing.say(x, y - hood.height() * 0.08, Sketch.Lean.MIDDLE, "NECK, two notches");
        }
        drawing.say(x, y + hood.height() * 1.1, Sketch.Lean.MIDDLE, "DOWN");
    }
}
