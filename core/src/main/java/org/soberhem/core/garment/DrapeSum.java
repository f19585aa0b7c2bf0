package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/**
 * An overskirt on tapes in words: the placing card of its tack points, what each puff takes up, and the line to level
 * it by.
 */
public final class DrapeSum {

    /** The edge is marked so often for levelling. */
    private static final double MARKS = 4 * INCH;

    private final SumInputs given;
    private final Drape drape;
    private final double half;
    private final double level;

    private DrapeSum(SumInputs given) {
        this.given = given;
        List<Drape.Tape> tapes = new ArrayList<>();
        for (List<Double> row : given.rows()) {
            List<Drape.Tack> tacks = new ArrayList<>();
            for (int i = 1; i + 1 < row.size(); i += 2) {
                tacks.add(new Drape.Tack(row.get(i), row.get(i + 1)));
            }
            tapes.add(new Drape.Tape(row.get(0), tacks));
        }
        drape = new Drape(given.amount("length"), tapes);
        half = given.amount("half");
        level = given.amount("level");
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code length} (of the cloth), {@code half} (its width from the centre back) and {@code
     *     level} (how far below the waist the edge shall hang); if wanted {@code check}, the repeat of a check. Each
     *     row is a tape: its distance from the centre back, then for each tack where on the cloth and where on the tape
     */
    public static Sum of(SumInputs given) {
        return new DrapeSum(given).sum();
    }

    private Sum sum() {
        double worst = drape.length();
        double at = 0;
        double most = 0;
        for (double across : marks()) {
            double spare = drape.length() - drape.levelled(across, level);
            if (spare < worst) {
                worst = spare;
                at = across;
            }
            most = Math.max(most, drape.rise(across));
        }
        List<Finding> findings = new ArrayList<>();
        if (worst < -1e-6) {
            findings.add(Finding.fails(
                    "The cloth is {} too short {} from the centre back: {} of drop and {} of rise make {}, it has {}",
                    -worst,
                    at,
                    level,
                    drape.rise(at),
                    drape.levelled(at, level),
                    drape.length()));
        }
        findings.add(Finding.tells("Level the edge only after the drape is fixed and has hung for a day"));
        List<MarkTable> tables = List.of(placing(), levelling());
        return new Sum(
                given.name(),
                "Tapes and puffs",
                Sentence.of("{}; the edge rises by up to {} and is levelled {} below the waist", tapes(), most, level),
                figures(),
                findings,
                tables,
                Optional.of(sketch()),
                List.of(
                        Sentence.of(
                                "Sew the tapes to the inside of the band; the one at the centre back hangs on the straight thread"),
                        Sentence.of(
                                "Mark every tack point on one side, and mirror it by measuring from the centre back{}",
                                given.find("check").isPresent() ? ", or by counting checks" : ""),
                        Sentence.of("Tack from the centre back outward, each pair of points in its turn"),
                        Sentence.of("Let it hang a day, then cut along the levelling line")));
    }

    /** Returns how many tapes there are, so that the one at the centre is not counted twice. */
    private String tapes() {
        boolean centre = drape.tapes().stream().anyMatch(tape -> tape.across() == 0);
        int beside = drape.tapes().size() - (centre ? 1 : 0);
        String sides = beside + (beside == 1 ? " tape" : " tapes") + " on each side";
        return centre
                ? (beside == 0 ? "One tape at the centre back" : "One tape at the centre back and " + sides)
                : sides;
    }

    private List<SumValue> figures() {
        List<SumValue> figures = new ArrayList<>();
        int number = 1;
        for (Drape.Tape tape : drape.tapes()) {
            String named = "tape " + number++;
            List<Double> puffs = tape.puffs();
            Drape.Tack before = new Drape.Tack(0, 0);
            for (int i = 0; i < puffs.size(); i++) {
                Drape.Tack tack = tape.tacks().get(i);
                figures.add(SumValue.length(
                        named + ", puff " + (i + 1) + " takes up",
                        puffs.get(i),
                        "({} − {}) − ({} − {})",
                        tack.cloth(),
                        before.cloth(),
                        tack.tape(),
                        before.tape()));
                before = tack;
            }
            figures.add(SumValue.length(named + ", edge rises", tape.rise(), "{} − {}", before.cloth(), before.tape()));
        }
        return figures;
    }

    private MarkTable placing() {
        List<List<Object>> rows = new ArrayList<>();
        Optional<Double> check = given.find("check").filter(repeat -> repeat > 0);
        int number = 1;
        for (Drape.Tape tape : drape.tapes()) {
            int tacked = 1;
            for (Drape.Tack tack : tape.tacks()) {
                rows.add(MarkTable.row(
                        number + "." + tacked++,
                        tape.across() == 0 ? "centre back" : (Object) tape.across(),
                        check.map(repeat -> SumValue.hundredth(tape.across() / repeat))
                                .orElse(""),
                        tack.cloth(),
                        check.map(repeat -> SumValue.hundredth(tack.cloth() / repeat))
                                .orElse(""),
                        tack.tape()));
            }
            number++;
        }
        return new MarkTable(
                "Placing card, the same on both sides",
                List.of(
                        "tack",
                        "from the centre back",
                        check.isPresent() ? "checks" : "",
                        "down the cloth",
                        check.isPresent() ? "checks down" : "",
                        "down the tape"),
                rows);
    }

    private List<Double> marks() {
        List<Double> marks = new ArrayList<>();
        int count = Math.max(1, (int) StrictMath.ceil(half / MARKS));
        for (int i = 0; i <= count; i++) {
            marks.add(half * i / count);
        }
        return marks;
    }

    private MarkTable levelling() {
        List<List<Object>> rows = new ArrayList<>();
        for (double across : marks()) {
            rows.add(MarkTable.row(
                    across,
                    drape.rise(across),
                    drape.levelled(across, level),
                    drape.length() - drape.levelled(across, level)));
        }
        return new MarkTable(
                "Levelling line, marked after the drape is fixed",
                List.of("from the centre back", "edge rises", "length to keep", "cut off"),
                rows);
    }

    private Sketch sketch() {
        Sketch.Maker drawing = new Sketch.Maker().rectangle(Sketch.Ink.CLOTH, -half, 0, 2 * half, drape.length());
        List<Point> line = new ArrayList<>();
        List<Double> marks = marks();
        for (int i = marks.size() - 1; i > 0; i--) {
            line.add(new Point(-marks.get(i), drape.levelled(marks.get(i), level)));
        }
        for (double across : marks) {
            line.add(new Point(across, drape.levelled(across, level)));
        }
        drawing.line(Sketch.Ink.SEAM, line);
        int number = 1;
        for (Drape.Tape tape : drape.tapes()) {
            double last = tape.tacks().get(tape.tacks().size() - 1).cloth();
            for (int side : tape.across() == 0 ? new int[] {1} : new int[] {1, -1}) {
                double x = side * tape.across();
                drawing.line(Sketch.Ink.HELP, new Point(x, 0), new Point(x, last));
                int tacked = 1;
                for (Drape.Tack tack : tape.tacks()) {
                    double arm = INCH * 0.6;
                    drawing.line(Sketch.Ink.FOLD, new Point(x - arm, tack.cloth()), new Point(x + arm, tack.cloth()));
                    drawing.say(x + arm, tack.cloth(), Sketch.Lean.RIGHT, "{}", number + "." + tacked++);
                }
            }
            number++;
        }
        drawing.say(0, -drape.length() * 0.04, Sketch.Lean.MIDDLE, "waist, centre back");
        drawing.say(half, drape.levelled(half, level) - INCH, Sketch.Lean.LEFT, "levelling line");
        return drawing.done();
    }
}
