package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** Getting in and out: one answer for a garment, with its tightest place. */
public final class OpeningsSum {

    /** What knitted cloth gives at least, to show what it would change (common practice). */
    private static final double KNIT = 0.25;

    private static final int CHORDS = 72;

    private OpeningsSum() {}

    /**
     * Works the answer out.
     *
     * @param name of the sum
     * @param all closed edges that something must get through; none where the garment opens all the way
     * @param wearing how it is got into; empty where the sheet does not say
     */
    public static Sum of(String name, List<BodyLoop> all, Optional<Wearing> wearing) {
        List<Finding> findings = new ArrayList<>();
        List<BodyLoop> loops = all.stream().filter(BodyLoop::isThere).toList();
        all.stream()
                .filter(loop -> !loop.isThere())
                .forEach(loop -> findings.add(
                        Finding.tells("The {} is not there any more: it was left off or cut away", loop.edge())));
        List<SumValue> figures = new ArrayList<>();
        loops.forEach(loop -> judge(loop, findings, figures));
        wearing.ifPresent(way -> judge(way, findings, figures));
        return new Sum(
                name,
                "Getting in and out",
                answer(loops, wearing),
                figures,
                findings,
                loops.isEmpty() ? List.of() : List.of(table(loops)),
                tightest(loops).map(OpeningsSum::sketch),
                List.of());
    }

    /** Returns the loop with the least to spare among those that can be judged. */
    public static Optional<BodyLoop> tightest(List<BodyLoop> loops) {
        return loops.stream().filter(BodyLoop::isJudged).min(Comparator.comparingDouble(BodyLoop::margin));
    }

    private static Sentence answer(List<BodyLoop> loops, Optional<Wearing> wearing) {
        Sentence alone = wearing.<Sentence>map(way -> Sentence.of(
                        way.closes() == Wearing.Closes.NOWHERE
                                ? "It has no fastening"
                                : way.alone()
                                        ? "It fastens {}, the wearer manages alone"
                                        : "It fastens {}: a helper is needed",
                        way.closes().words()))
                .orElse(Sentence.of("How it fastens is not said"));
        Optional<BodyLoop> tightest = tightest(loops);
        if (tightest.isEmpty()) {
            return Sentence.of(
                    "{}. {}",
                    alone,
                    loops.isEmpty()
                            ? "Open, nothing of it has to pass over a part of the body"
                            : "What must pass has not been measured");
        }
        BodyLoop loop = tightest.get();
        return Sentence.of(
                loop.passes()
                        ? "{}. Tightest is the {}: {} for the {}, {} to spare"
                        : "{}. It cannot be put on: the {} comes to {} for the {}, {} too little",
                alone,
                loop.edge(),
                loop.reach(),
                loop.part(),
                Math.abs(loop.margin()));
    }

    private static void judge(BodyLoop loop, List<Finding> findings, List<SumValue> figures) {
        if (!loop.isJudged()) {
            findings.add(Finding.asks(
                    "The {} is {} closed; whether the {} gets through is not known: it was not measured",
                    loop.edge(),
                    loop.closed(),
                    loop.part()));
            return;
        }
        if (!loop.passes()) {
            findings.add(Finding.fails(
                    "The {} ({}) will not pass the {} of {} with {} to pull it on: it needs an opening of {}{}, or cloth that gives {} %",
                    loop.edge(),
                    loop.reach(),
                    loop.part(),
                    loop.body(),
                    loop.over(),
                    loop.opening(),
                    loop.slit().map(slit -> Sentence.of(" ({})", slit)).orElse(Sentence.of("")),
                    String.valueOf((long) Math.ceil(100 * loop.give()))));
        }
        loop.held()
                .ifPresent(held -> findings.add(Finding.tells(
                        "The {} is cut {} and sewn to the {}, which holds it to {}",
                        loop.edge(),
                        loop.closed(),
                        held.to(),
                        held.length())));
        String through = loop.edge() + ", for the " + loop.part();
        figures.add(SumValue.length(
                through + ": to spare",
                loop.margin(),
                loop.stretch() > 0 ? "{} × {} + {} − ({} + {})" : "{}{} + {} − ({} + {})",
                loop.sewn(),
                loop.stretch() > 0 ? SumValue.hundredth(1 + loop.stretch()) : "",
                loop.opens(),
                loop.body(),
                loop.over()));
        figures.add(
                loop.opening() > 0
                        ? SumValue.length(
                                through + ": opening needed",
                                loop.opening(),
                                "half of what {} lacks of {}",
                                loop.sewn() * (1 + loop.stretch()),
                                loop.needed())
                        : SumValue.length(through + ": opening needed", 0, "it passes closed"));
    }

    private static void judge(Wearing way, List<Finding> findings, List<SumValue> figures) {
        if (way.fastening() > 0) {
            figures.add(SumValue.length(
                    "fastening", way.fastening(), "{}", way.closes().words()));
        }
        if (!way.alone()) {
            findings.add(
                    Finding.asks(
                            "It fastens between the shoulder blades, out of reach: a helper puts it on, and must be near to take it off"));
        }
        findings.add(
                way.lavatory() == Wearing.Lavatory.TAKEN_OFF
                        ? Finding.asks("At the lavatory {}", way.lavatory().words())
                        : Finding.tells("At the lavatory {}", way.lavatory().words()));
        findings.add(Finding.tells("For nursing {}", way.nursing().words()));
        if (way.closes() != Wearing.Closes.NOWHERE) {
            findings.add(Finding.tells("Try getting out of it in haste before it is worn in company"));
        }
    }

    private static MarkTable table(List<BodyLoop> loops) {
        List<List<Object>> rows = new ArrayList<>();
        for (BodyLoop loop : loops) {
            boolean judged = loop.isJudged();
            BodyLoop knit = loop.stretching(Math.max(KNIT, loop.stretch()));
            rows.add(MarkTable.row(
                    loop.edge(),
                    loop.part(),
                    judged ? (Object) loop.body() : "not measured",
                    loop.sewn(),
                    loop.opens(),
                    judged ? (Object) loop.opening() : "",
                    judged ? (Object) knit.opening() : ""));
        }
        return new MarkTable(
                "Closed edges, and the opening each needs",
                List.of("edge", "passes", "girth", "closed", "opens by", "slit needed", "in knit, ¼ more"),
                rows);
    }

    /** The edge as it opens and the body's girth, both as circles about one middle. */
    private static Sketch sketch(BodyLoop loop) {
        Sketch.Maker drawing = new Sketch.Maker();
        double reach = circle(drawing, Sketch.Ink.CLOTH, loop.reach());
        double body = circle(drawing, Sketch.Ink.BODY, loop.body());
        if (loop.over() > 0) {
            circle(drawing, Sketch.Ink.HELP, loop.needed());
        }
        drawing.say(0, 0, Sketch.Lean.MIDDLE, "{} {}", loop.part(), loop.body());
        drawing.say(0, -Math.max(reach, body) * 1.1, Sketch.Lean.MIDDLE, "{} {}", loop.edge(), loop.reach());
        return drawing.done();
    }

    private static double circle(Sketch.Maker drawing, Sketch.Ink ink, double girth) {
        double radius = girth / 2 / StrictMath.PI;
        List<Point> round = new ArrayList<>();
        for (int i = 0; i <= CHORDS; i++) {
            double turn = 2 * StrictMath.PI * i / CHORDS;
            round.add(new Point(radius * StrictMath.sin(turn), -radius * StrictMath.cos(turn)));
        }
        drawing.line(ink, round);
        return radius;
    }
}
