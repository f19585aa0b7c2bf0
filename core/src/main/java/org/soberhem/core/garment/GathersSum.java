package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.soberhem.core.garment.Pleating.Fold;
import org.soberhem.core.garment.Pleating.Run;
import org.soberhem.core.garment.Pleating.Style;
import org.soberhem.core.garment.Pleating.Towards;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** Any width brought into any band, gathered, gauged or pleated: ratio, quarter points, folds, and marks to draw. */
public final class GathersSum {

    private static final double USUAL_FACE = INCH;

    /** So many folds are tabled one by one; the others follow by the spacing. */
    private static final int MOST_MARKS = 24;

    private final SumInputs given;
    private final double width;
    private final double band;
    private final double plain;
    private final String style;
    private final String toRight;
    private final String toLeft;
    private final List<Finding> findings = new ArrayList<>();

    private GathersSum(SumInputs given) {
        this.given = given;
        plain = given.amount("plain", 0);
        width = given.amount("width") - plain;
        band = given.amount("band") - plain;
        style = given.word("style", "gathers");
        toLeft = given.word("left", "the left");
        toRight = given.word("right", "the right");
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code width} and {@code band}; if wanted {@code plain}, what stays flat at openings and
     *     pockets, {@code face} or {@code depth} of a pleat; the words {@code style} (gathers, knife, box, inverted,
     *     double-box, gauging), {@code towards} (left or right), {@code left} and {@code right} (what lies there),
     *     {@code rest} (spread or set-aside), {@code usual} (whose fullness was usual) and {@code cloth}
     */
    public static Sum of(SumInputs given) {
        return new GathersSum(given).sum();
    }

    private Sum sum() {
        if (!(band > 0) || !(width > band)) {
            Sentence why = !(band > 0)
                    ? Sentence.of(
                            "The band has {}: {} stays flat, so nothing is left to gather into", band + plain, plain)
                    : Sentence.of(
                            "{} of cloth is not more than the {} of its band: there is nothing to {}",
                            width,
                            band,
                            "gathers".equals(style) ? "gather" : "fold");
            return Sum.refused(given.name(), title(), why);
        }
        String usual = given.word("usual", "");
        if (!usual.isEmpty()) {
            findings.addAll(given.beside(usual, "Fullness", width / band, false));
        }
        return "gathers".equals(style) ? gathered() : pleated();
    }

    private String title() {
        String called = given.word("called", "");
        return (called.isEmpty() ? "" : called + ": ") + ("gathers".equals(style) ? "gathers" : styled().words());
    }

    private Style styled() {
        for (Style each : Style.values()) {
            if (each.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(style)) {
                return each;
            }
        }
        throw new SumException("Style {} is not gathers, knife, box, inverted, double-box or gauging", style);
    }

    private List<SumValue> shared() {
        List<SumValue> figures = new ArrayList<>();
        figures.add(SumValue.number("fullness", width / band, "{} ÷ {}", width, band));
        figures.add(SumValue.length("cloth between quarter points", width / 4, "{} ÷ 4", width));
        figures.add(SumValue.length("band between quarter points", band / 4, "{} ÷ 4", band));
        if (plain > 0) {
            figures.add(SumValue.length("stays flat", plain, "at openings and pockets, on cloth and band alike"));
        }
        return figures;
    }

    private Sum gathered() {
        List<Sentence> steps = new ArrayList<>();
        steps.add(Sentence.of("Mark the quarters on the cloth every {} and on the band every {}", width / 4, band / 4));
        steps.add(Sentence.of("Run two rows of even stitches, a quarter at a time"));
        steps.add(Sentence.of("Pin quarter points to quarter points, draw up, and spread the gathers evenly between"));
        return new Sum(
                given.name(),
                title(),
                Sentence.of(
                        "{} into {}: {} to 1; every {} of cloth goes into {} of band",
                        width,
                        band,
                        SumValue.hundredth(width / band),
                        width / 4,
                        band / 4),
                shared(),
                findings,
                List.of(Quarters.table(width, "on the cloth", band, "on the band")),
                Optional.of(Quarters.sketch(width, band)),
                steps);
    }

    private Sum pleated() {
        Style kind = styled();
        Towards towards = "left".equals(given.word("towards", "right")) ? Towards.LEFT : Towards.RIGHT;
        Pleating pleats = given.find("depth")
                .map(depth -> Pleating.byDepth(kind, towards, width, band, depth))
                .orElseGet(() -> Pleating.byFace(kind, towards, width, band, given.amount("face", USUAL_FACE)));
        if ("set-aside".equals(given.word("rest", "spread"))) {
            pleats = pleats.settingAside();
        }
        if (pleats.depth() > pleats.meetingDepth() + 1e-6 && kind != Style.GAUGING) {
            findings.add(Finding.tells(
                    "The folds are {} deep and overlap beneath (they just meet at {}): about {} layers of cloth lie on each other",
                    pleats.depth(),
                    pleats.meetingDepth(),
                    SumValue.hundredth(pleats.layers())));
        }
        List<SumValue> figures = shared();
        String count = String.valueOf(pleats.count());
        figures.add(
                SumValue.number("number", pleats.count(), "{} ÷ {}, to a whole number", band, band / pleats.count()));
        figures.add(SumValue.length(
                kind == Style.GAUGING ? "fold to fold" : "shows and spacing", pleats.face(), "{} ÷ {}", band, count));
        if (kind == Style.GAUGING) {
            figures.add(SumValue.length("length of a stitch", pleats.stitch(), "{} ÷ {} folds ÷ 2", width, count));
        } else {
            figures.add(SumValue.length(
                    "depth of a fold",
                    pleats.depth(),
                    "({} − {} − {}) ÷ {} folds ÷ 2",
                    width,
                    band,
                    pleats.aside(),
                    String.valueOf(pleats.count() * kind.folds())));
            figures.add(SumValue.length(
                    "underlay of a pleat",
                    2 * kind.folds() * pleats.depth(),
                    "{} × 2 × {}",
                    String.valueOf(kind.folds()),
                    pleats.depth()));
            figures.add(SumValue.length("left over, set aside", pleats.aside(), "what even folds do not use"));
        }
        List<MarkTable> tables = new ArrayList<>();
        if (kind != Style.GAUGING) {
            tables.add(marks(pleats));
        }
        tables.add(Quarters.table(width, "on the cloth", band, "on the band"));
        return new Sum(
                given.name(),
                title(),
                kind == Style.GAUGING
                        ? Sentence.of(
                                "{} folds, one every {} of the band: stitches {} long on the cloth",
                                count,
                                pleats.face(),
                                pleats.stitch())
                        : Sentence.of(
                                "{} {}: each shows {} and hides {}; {}",
                                count,
                                kind.words(),
                                pleats.face(),
                                2 * kind.folds() * pleats.depth(),
                                direction(kind, towards)),
                figures,
                findings,
                tables,
                Optional.of(kind == Style.GAUGING ? standing(pleats) : section(pleats)),
                steps(pleats));
    }

    private String direction(Style kind, Towards towards) {
        return switch (kind) {
            case KNIFE -> "every fold points to " + (towards == Towards.RIGHT ? toRight : toLeft);
            case BOX, DOUBLE_BOX -> "the folds of a pleat point away from each other";
            case INVERTED -> "the folds of a pleat point at each other";
            case GAUGING -> "they stand on edge";
        };
    }

    private MarkTable marks(Pleating pleats) {
        List<List<Object>> rows = new ArrayList<>();
        int number = 1;
        for (Fold fold : pleats.creases()) {
            if (rows.size() == MOST_MARKS) {
                break;
            }
            rows.add(MarkTable.row(
                    String.valueOf(number++),
                    fold.crease(),
                    fold.towards() == Towards.RIGHT ? "→ " + toRight : "← " + toLeft,
                    fold.to()));
        }
        int all = pleats.creases().size();
        return new MarkTable(
                all > MOST_MARKS ? "Marks of the first " + MOST_MARKS + " of " + all + " folds" : "Marks on the cloth",
                List.of("fold", "crease at", "points to", "lay it on"),
                rows);
    }

    private List<Sentence> steps(Pleating pleats) {
        List<Sentence> steps = new ArrayList<>();
        if (pleats.style() == Style.GAUGING) {
            steps.add(Sentence.of(
                    "Run two or three rows of stitches exactly above each other, {} on top and {} beneath",
                    pleats.stitch(),
                    pleats.stitch()));
            steps.add(Sentence.of("Draw up to {}, and sew every fold to the band by its edge", band));
            return steps;
        }
        if (pleats.aside() > 0) {
            steps.add(Sentence.of(
                    "Leave {} flat at the beginning: it goes into the seam or the placket", pleats.aside()));
        }
        steps.add(Sentence.of(
                "Mark crease and resting line of every fold on the right side, with an arrow between them"));
        steps.add(Sentence.of("Crease, lay each crease on its line as the arrow points, and pin"));
        steps.add(Sentence.of("Measure the whole before it is sewn: it comes out as {}", band));
        return steps;
    }

    /** The folds of gauging as seen from above, on edge between the rows of stitches. */
    private static Sketch standing(Pleating pleats) {
        int shown = Math.min(pleats.count(), 8);
        List<Point> edge = new ArrayList<>();
        for (int i = 0; i <= 2 * shown; i++) {
            edge.add(new Point(i * pleats.face() / 2, i % 2 == 0 ? 0 : pleats.stitch()));
        }
        double wide = shown * pleats.face();
        return new Sketch.Maker()
                .line(Sketch.Ink.CLOTH, edge)
                .line(Sketch.Ink.SEAM, new Point(0, 0), new Point(wide, 0))
                .line(Sketch.Ink.HELP, new Point(0, pleats.stitch() / 2), new Point(wide, pleats.stitch() / 2))
                .say(
                        0,
                        -pleats.stitch() / 4,
                        Sketch.Lean.RIGHT,
                        "the band, {} for {} folds",
                        wide,
                        String.valueOf(shown))
                .done();
    }

    /**
     * A few pleats as seen from above, the cloth's edge drawn out in layers, and beneath them the flat cloth with its
     * marks.
     */
    private static Sketch section(Pleating pleats) {
        int shown = Math.min(pleats.count(), 3);
        int perPleat = pleats.runs().size() / pleats.count();
        List<Run> runs = pleats.runs().subList(0, shown * perPleat);
        double flat = runs.stream().mapToDouble(Run::length).sum();
        double layer = flat / 26;
        List<Point> edge = new ArrayList<>();
        double laid = 0;
        for (int i = 0; i < runs.size(); i++) {
            Run run = runs.get(i);
            // Pleats that overlap beneath are drawn a little apart.
            double apart = run.layer() == 0 ? 0 : 0.25 * (i / perPleat);
            edge.add(new Point(laid, (run.layer() + apart) * layer));
            laid += run.direction() * run.length();
            edge.add(new Point(laid, (run.layer() + apart) * layer));
        }
        Sketch.Maker drawing = new Sketch.Maker().line(Sketch.Ink.CLOTH, edge);
        double under = 9 * layer;
        drawing.say(
                0, -1.5 * layer, Sketch.Lean.RIGHT, "laid, seen along the cloth from its upper edge: {} of band", laid);
        drawing.rectangle(Sketch.Ink.CLOTH, 0, under, flat, 4 * layer);
        drawing.say(0, under + 5.5 * layer, Sketch.Lean.RIGHT, "flat: {} of cloth, right side up", flat);
        for (Fold fold : pleats.creases()) {
            double from = fold.crease() - pleats.aside();
            double to = fold.to() - pleats.aside();
            if (Math.max(from, to) > flat + 1e-6) {
                break;
            }
            drawing.line(Sketch.Ink.FOLD, new Point(from, under), new Point(from, under + 4 * layer));
            drawing.line(Sketch.Ink.HELP, new Point(to, under), new Point(to, under + 4 * layer));
            drawing.line(Sketch.Ink.ARROW, new Point(from, under + 2 * layer), new Point(to, under + 2 * layer));
        }
        return drawing.done();
    }
}
