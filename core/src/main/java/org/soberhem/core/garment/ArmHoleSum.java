package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/**
 * The arm-hole of a square-cut garment in words: what each gusset leaves to gather, the neck gusset, the dropped
 * shoulder.
 */
public final class ArmHoleSum {

    private final SumInputs given;
    private final ArmHole hole;
    private final List<Finding> findings = new ArrayList<>();
    private final List<SumValue> figures = new ArrayList<>();

    private ArmHoleSum(SumInputs given) {
        this.given = given;
        hole = new ArmHole(
                given.amount("loop"), given.amount("upper-arm"), given.amount("sleeve"), given.amount("gusset", 0));
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code loop}, {@code upper-arm}, {@code sleeve}; if wanted {@code gusset}, {@code muscle},
     * {@code neck-gusset}, {@code drop} or {@code body} and {@code shoulders}, {@code arm}, {@code cuff} and {@code
     * puff}
     */
    public static Sum of(SumInputs given) {
        return new ArmHoleSum(given).sum();
    }

    private Sum sum() {
        figures.add(
                SumValue.number("arm-hole for each upper arm", hole.room(), "{} ÷ {}", hole.loop(), hole.upperArm()));
        figures.add(SumValue.length("left for the sleeve", hole.left(), "{} − 2 × {}", hole.loop(), hole.gusset()));
        figures.add(SumValue.length("to gather", hole.gathers(), "{} − {}", hole.sleeve(), hole.left()));
        judge();
        neckGusset();
        sleeveLength();
        return new Sum(
                given.name(),
                "Arm-hole and gussets",
                Sentence.of(
                        "Arm-hole {}, upper arm {}; a gusset of {} leaves {} for a sleeve of {}: {} to gather",
                        hole.loop(),
                        hole.upperArm(),
                        hole.gusset(),
                        hole.left(),
                        hole.sleeve(),
                        hole.gathers()),
                figures,
                findings,
                List.of(gussets()),
                Optional.of(sketch()),
                List.of(
                        Sentence.of("Sew the gusset to the sleeve: one side to each edge of the sleeve's seam"),
                        Sentence.of("Gather the sleeve's head to {}, most of it over the shoulder", hole.left()),
                        Sentence.of(
                                "Leave {} of the side seam open at the top, half the arm-hole, and set sleeve and gusset in",
                                hole.loop() / 2)));
    }

    private void judge() {
        if (hole.isTight()) {
            findings.add(Finding.fails(
                    "An arm-hole of {} is far too tight for an upper arm of {}: at least {}",
                    hole.loop(),
                    hole.upperArm(),
                    hole.leastLoop()));
        }
        if (hole.gathers() < -1e-6) {
            findings.add(Finding.fails(
                    "The sleeve is {} too narrow for what is left of the arm-hole: a larger gusset or a wider sleeve",
                    -hole.gathers()));
        } else if (hole.left() <= 0) {
            findings.add(Finding.fails(
                    "A gusset of {} leaves nothing of an arm-hole of {} for the sleeve", hole.gusset(), hole.loop()));
        }
        findings.addAll(given.beside("underarm-gusset", "Underarm gusset", hole.gusset(), true));
    }

    private void neckGusset() {
        given.find("neck-gusset").ifPresent(side -> {
            findings.addAll(given.beside("neck-gusset", "Neck gusset", side, true));
            given.find("muscle")
                    .ifPresent(muscle -> figures.add(SumValue.length(
                            "neck gusset beside the muscle", side - muscle, "{} − {} of muscle", side, muscle)));
        });
    }

    private void sleeveLength() {
        Optional<Double> chosen = given.find("drop");
        if (chosen.isEmpty()
                && (given.find("body").isEmpty() || given.find("shoulders").isEmpty())) {
            return;
        }
        double drop = chosen.orElseGet(() -> (given.amount("body") - given.amount("shoulders")) / 2);
        figures.add(
                chosen.isPresent()
                        ? SumValue.length("shoulder drops by", drop, "as chosen")
                        : SumValue.length(
                                "shoulder drops by",
                                drop,
                                "({} − {}) ÷ 2",
                                given.amount("body"),
                                given.amount("shoulders")));
        given.find("arm").ifPresent(arm -> {
            double cuff = given.amount("cuff", 0);
            double puff = given.amount("puff", 0);
            double length = arm - drop - cuff + puff;
            figures.add(
                    cuff == 0 && puff == 0
                            ? SumValue.length("sleeve length", length, "{} − {}", arm, drop)
                            : SumValue.length(
                                    "sleeve length",
                                    length,
                                    "{} − {} − {} of cuff + {} of puff",
                                    arm,
                                    drop,
                                    cuff,
                                    puff));
        });
    }

    private MarkTable gussets() {
        List<List<Object>> rows = new ArrayList<>();
        for (int inches = 3; inches <= 9; inches++) {
            ArmHole other = hole.withGusset(inches * INCH);
            if (other.left() > 0) {
                rows.add(MarkTable.row(
                        inches * INCH,
                        other.left(),
                        other.gathers() < 0 ? "sleeve too narrow" : (Object) other.gathers(),
                        other.gathers() < 0 ? "" : SumValue.hundredth(other.sleeve() / other.left())));
            }
        }
        return new MarkTable(
                "What each gusset leaves", List.of("gusset", "left of the arm-hole", "to gather", "fullness"), rows);
    }

    /** Half the body with its arm-hole, the gusset on its corner, and the sleeve beside it. */
    private Sketch sketch() {
        double half = hole.loop() / 2;
        double side = hole.gusset();
        double diagonal = side / StrictMath.sqrt(2);
        Sketch.Maker drawing = new Sketch.Maker();
        drawing.line(
                Sketch.Ink.CLOTH,
                new Point(-half, 0),
                new Point(0, 0),
                new Point(0, half * 1.9),
                new Point(-half, half * 1.9));
        drawing.line(Sketch.Ink.SEAM, new Point(0, half), new Point(0, half * 1.9));
        drawing.say(-half / 2, half, Sketch.Lean.MIDDLE, "body");
        drawing.say(-INCH / 4, half / 2, Sketch.Lean.LEFT, "arm-hole {}", half);
        double gap = 2 * INCH;
        drawing.closed(
                Sketch.Ink.CLOTH,
                new Point(gap, half - diagonal),
                new Point(gap + diagonal, half),
                new Point(gap, half + diagonal),
                new Point(gap - diagonal, half));
        drawing.say(gap, half + diagonal + INCH, Sketch.Lean.RIGHT, "gusset {}", side);
        double from = gap + diagonal + gap;
        drawing.rectangle(Sketch.Ink.CLOTH, from, 0, half * 1.8, hole.sleeve() / 2);
        drawing.line(Sketch.Ink.HELP, new Point(0, 0), new Point(from, 0));
        drawing.line(Sketch.Ink.HELP, new Point(0, half - side), new Point(from, hole.sleeve() / 2));
        drawing.say(from + half * 0.9, hole.sleeve() / 4, Sketch.Lean.MIDDLE, "sleeve, half of {}", hole.sleeve());
        return drawing.done();
    }
}
