package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.garment.SkirtBalance.Place;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/**
 * The balance of a straight-panel skirt in words, as a flat panel with its fold line, and as a table to mark it from.
 */
public final class SkirtSum {

    private static final double LEAST_OVERLAP = 1.5 * INCH;
    private static final double MOST_OVERLAP = 2 * INCH;

    /** Each half of the waist is marked at least so often. */
    private static final double MARKS = 4 * INCH;

    private final SumInputs given;
    private final SkirtBalance skirt;
    private final boolean folded;
    private final double around;
    private final Optional<Double> overlap;
    private final List<Finding> findings = new ArrayList<>();

    private SkirtSum(SumInputs given) {
        this.given = given;
        SkirtBalance.Top top =
                "cut".equals(given.word("top", "folded")) ? SkirtBalance.Top.CUT : SkirtBalance.Top.FOLDED;
        double left = given.amount("left");
        SkirtBalance.Wanted wanted =
                new SkirtBalance.Wanted(given.amount("front"), left, given.amount("right", left), given.amount("back"));
        double kept = given.amount("hem", 0);
        skirt = new SkirtBalance(
                given.amount("panel", SkirtBalance.proposedPanel(wanted.longest(), kept)),
                kept,
                wanted,
                given.amount("point", 0),
                top,
                given.amount("allowance", INCH / 2));
        folded = top == SkirtBalance.Top.FOLDED;
        around = given.amount("around", 0);
        overlap = given.find("overlap").filter(width -> width > 0);
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code front}, {@code left}, {@code right}, {@code back}, {@code panel}, {@code hem}; if
     *     wanted {@code point}, {@code around}, {@code overlap}, {@code opening}, {@code slit}, {@code clearance},
     *     {@code width} and {@code panels}; the word {@code top} is folded or cut
     */
    public static Sum of(SumInputs given) {
        return new SkirtSum(given).sum();
    }

    private Sum sum() {
        judge();
        List<MarkTable> tables = new ArrayList<>();
        tables.add(marks());
        if (folded && skirt.missing().isEmpty()) {
            tables.add(remaking());
        }
        return new Sum(
                given.name(),
                "Balance of the skirt",
                answer(),
                figures(),
                findings,
                tables,
                Optional.of(sketch()),
                steps());
    }

    private Sentence answer() {
        if (skirt.missing().isPresent()) {
            return tooShort();
        }
        Place least = skirt.shallowest();
        return Sentence.of(
                folded
                        ? "Turn under {} at the front, {} and {} at the sides, {} at the back; least at {}"
                        : "Cut away above the waist {} at the front, {} and {} at the sides, {} at the back; least at {}",
                skirt.turn(Place.FRONT) - spare(),
                skirt.turn(Place.LEFT) - spare(),
                skirt.turn(Place.RIGHT) - spare(),
                skirt.turn(Place.BACK) - spare(),
                least.words());
    }

    /** What a cut edge keeps to be sewn is not cut away. */
    private double spare() {
        return folded ? 0 : skirt.leastTurn();
    }

    private Sentence tooShort() {
        Place place = skirt.shallowest();
        double needed = skirt.length(place) + skirt.kept() + skirt.leastTurn();
        return Sentence.of(
                "The panel is {} too short at {}: {} long, {} for the hem and {} {} make {}; it has {}. Cut it {} long",
                skirt.missing().orElseThrow(),
                place.words(),
                skirt.length(place),
                skirt.kept(),
                skirt.leastTurn(),
                folded ? "to turn under" : "to be sewn",
                needed,
                skirt.panel(),
                SkirtBalance.proposedPanel(longestNeed(), skirt.kept()));
    }

    private double longestNeed() {
        double longest = 0;
        for (Place place : Place.values()) {
            longest = Math.max(longest, skirt.length(place));
        }
        return longest;
    }

    private void judge() {
        if (skirt.missing().isPresent()) {
            findings.add(new Finding(Finding.Grade.FAILS, tooShort()));
        }
        if (skirt.isWasteful()) {
            findings.add(Finding.asks(
                    "Even at {} {} is turned under: {} is enough. A panel of {} would do",
                    skirt.shallowest().words(),
                    skirt.turn(skirt.shallowest()),
                    SkirtBalance.WASTE,
                    SkirtBalance.proposedPanel(longestNeed(), skirt.kept())));
        }
        overlap.ifPresent(width -> {
            if (width < LEAST_OVERLAP - 1e-6) {
                findings.add(Finding.asks(
                        "An opening that overlaps by {} shows the underlayers: {} to {} is usual",
                        width,
                        LEAST_OVERLAP,
                        MOST_OVERLAP));
            }
        });
        given.find("clearance").ifPresent(clear -> {
            findings.addAll(given.beside("skirt-clearance", "Clearance of the floor", clear, true));
            if (clear < INCH - 1e-6) {
                findings.add(Finding.asks(
                        "A hem {} above the floor is trodden on: try it on stairs before it is made", clear));
            }
        });
        if (around > 0) {
            findings.addAll(given.beside("skirt-girth", "Girth of the hem", around, true));
        }
        Optional<Usage> straight = given.usual("straight-panels");
        if (folded && straight.isEmpty() && !given.circumstances().usages().isEmpty()) {
            findings.add(Finding.asks(
                    "Skirts of straight panels folded at the waist belong to about 1828 to 1863; about {} skirts are mostly gored",
                    given.year()));
        }
    }

    private List<SumValue> figures() {
        List<SumValue> figures = new ArrayList<>();
        for (Place place : Place.values()) {
            String named = (folded ? "turn-under at " : "cut away at ") + place.words();
            boolean dips = place == Place.FRONT && skirt.point() > 0;
            double value = skirt.turn(place) - spare();
            if (dips) {
                figures.add(SumValue.length(
                        named,
                        value,
                        folded ? "{} − {} − ({} − {})" : "{} − {} − ({} − {}) − {}",
                        skirt.panel(),
                        skirt.kept(),
                        skirt.wanted().front(),
                        skirt.point(),
                        spare()));
            } else {
                figures.add(SumValue.length(
                        named,
                        value,
                        folded ? "{} − {} − {}" : "{} − {} − {} − {}",
                        skirt.panel(),
                        skirt.kept(),
                        skirt.length(place),
                        spare()));
            }
        }
        if (folded) {
            figures.add(SumValue.length(
                    "can be let down by",
                    skirt.letDown(),
                    "{} − {} that must stay",
                    skirt.turn(skirt.shallowest()),
                    SkirtBalance.LEAST));
            figures.add(SumValue.length(
                    "can be taken up by",
                    skirt.takeUp(),
                    "{} − {}",
                    SkirtBalance.WASTE,
                    skirt.turn(skirt.shallowest())));
        }
        given.find("panels")
                .ifPresent(panels -> given.find("width")
                        .ifPresent(width -> figures.add(SumValue.length(
                                "girth of the hem",
                                around,
                                "{} × ({} − {} in the seams)",
                                SumValue.hundredth(panels),
                                width,
                                width - around / panels))));
        widthsForTheYear().ifPresent(figures::add);
        figures.add(SumValue.length("longest need", longestNeed(), "the longest of the four places"));
        figures.add(SumValue.length(
                "panel to cut",
                SkirtBalance.proposedPanel(longestNeed(), skirt.kept()),
                folded ? "{} + {} + {} to turn, up to the next {}" : "{} + {} + {} to spare, up to the next {}",
                longestNeed(),
                skirt.kept(),
                2 * INCH,
                5 * INCH));
        return figures;
    }

    /** Returns how many widths of the cloth the fullness of the year takes at least. */
    private Optional<SumValue> widthsForTheYear() {
        Optional<Double> each =
                given.find("panels").filter(panels -> panels > 0 && around > 0).map(panels -> around / panels);
        return each.flatMap(net -> given.usual("skirt-girth")
                .map(usage -> SumValue.number(
                        "widths for the year, at least",
                        StrictMath.ceil(usage.least() / net - 1e-9),
                        "{} ÷ {} of each width, up to a whole one",
                        usage.least(),
                        net)));
    }

    /** Returns the shares of half the waist at which it is marked: the side and the ends, and between them evenly. */
    private List<Double> shares() {
        int each = around > 0 ? Math.max(2, (int) StrictMath.ceil(around / 4 / MARKS)) : 4;
        List<Double> shares = new ArrayList<>();
        for (int i = 0; i <= 2 * each; i++) {
            shares.add(i / (2.0 * each));
        }
        return shares;
    }

    private MarkTable marks() {
        List<List<Object>> rows = new ArrayList<>();
        for (double share : shares()) {
            String place = share == 0 ? "centre front" : share == 0.5 ? "side" : share == 1 ? "centre back" : "";
            double left = skirt.turn(Side.LEFT, share) - spare();
            double right = skirt.turn(Side.RIGHT, share) - spare();
            rows.add(MarkTable.row(
                    place,
                    around > 0 ? (Object) (share * around / 2) : Math.round(share * 100) + " %",
                    left,
                    right,
                    skirt.panel() - left,
                    skirt.panel() - right));
        }
        String above = folded ? "turn under" : "cut away";
        return new MarkTable(
                folded ? "The fold, from the upper edge and from the hem edge" : "The cut, from the upper edge",
                List.of(
                        "place",
                        around > 0 ? "from the front" : "of the way",
                        above + ", left",
                        above + ", right",
                        "from the hem, left",
                        "right"),
                rows);
    }

    private MarkTable remaking() {
        List<List<Object>> rows = new ArrayList<>();
        double clear = given.amount("clearance", 0);
        for (int inches = -3; inches <= 6; inches++) {
            SkirtBalance other = skirt.remade(inches * INCH);
            if (inches == 0 || other.missing().isPresent() || other.isWasteful()) {
                continue;
            }
            rows.add(MarkTable.row(
                    other.wanted().front() + clear,
                    inches > 0 ? "let down" : "take up",
                    Math.abs(inches) * INCH,
                    other.turn(Place.FRONT),
                    other.turn(Place.LEFT),
                    other.turn(Place.RIGHT),
                    other.turn(Place.BACK)));
        }
        return new MarkTable(
                "The same skirt remade",
                List.of(clear > 0 ? "waist to floor" : "front length", "", "by", "front", "left", "right", "back"),
                rows);
    }

    /**
     * The flat cloth: the left half of the waist to the right of the middle, as one looks at the wearer. Its width is
     * drawn narrower than it is, so that the fold can be seen.
     */
    private Sketch sketch() {
        double half = skirt.panel() * 0.85;
        Sketch.Maker drawing = new Sketch.Maker();
        drawing.rectangle(Sketch.Ink.CLOTH, -half, 0, 2 * half, skirt.panel());
        List<Point> fold = List.of(
                at(Side.RIGHT, 1, -half),
                at(Side.RIGHT, 0.5, -half),
                at(Side.LEFT, 0, half),
                at(Side.LEFT, 0.5, half),
                at(Side.LEFT, 1, half));
        drawing.line(folded ? Sketch.Ink.FOLD : Sketch.Ink.SEAM, fold);
        for (Point mark : fold) {
            drawing.line(Sketch.Ink.HELP, new Point(mark.x(), 0), new Point(mark.x(), skirt.panel() - skirt.kept()));
            drawing.say(mark.x(), -INCH, Sketch.Lean.MIDDLE, "{}", mark.y());
        }
        drawing.say(-half, -3 * INCH, Sketch.Lean.RIGHT, folded ? "turned under" : "cut away");
        if (skirt.kept() > 0) {
            double hem = skirt.panel() - skirt.kept();
            drawing.line(Sketch.Ink.SEAM, new Point(-half, hem), new Point(half, hem));
        }
        overlap.ifPresent(width -> {
            Point from = at(Side.LEFT, openingShare(), half);
            double shown = around > 0 ? width * half / (around / 2) : width;
            Point down = new Point(0, given.amount("slit", 10 * INCH));
            Point across = new Point(shown, 0);
            drawing.line(Sketch.Ink.CLOTH, from, from.plus(down));
            drawing.line(Sketch.Ink.SEAM, from.plus(across), from.plus(across).plus(down));
            drawing.say(from.x(), from.y() + down.y() + INCH, Sketch.Lean.MIDDLE, "opening, overlaps {}", width);
        });
        double low = skirt.panel() * 0.65;
        drawing.say(0, low, Sketch.Lean.MIDDLE, "centre front {}", skirt.length(Place.FRONT));
        drawing.say(half / 2, low, Sketch.Lean.MIDDLE, "left side {}", skirt.length(Place.LEFT));
        drawing.say(-half / 2, low, Sketch.Lean.MIDDLE, "right side {}", skirt.length(Place.RIGHT));
        drawing.say(half, low + 4 * INCH, Sketch.Lean.LEFT, "centre back {}", skirt.length(Place.BACK));
        return drawing.done();
    }

    private Point at(Side side, double share, double half) {
        return new Point(half * share, skirt.turn(side, share) - spare());
    }

    private double openingShare() {
        return given.find("opening")
                .filter(at -> around > 0)
                .map(at -> Math.min(0.5, 2 * at / around))
                .orElse(0.25);
    }

    private List<Sentence> steps() {
        List<Sentence> steps = new ArrayList<>();
        steps.add(Sentence.of("Sew the panels to a ring and mark the centre front, both sides and the centre back"));
        steps.add(Sentence.of("Measure down from the upper edge at each mark, and join the marks by straight lines"));
        steps.add(
                folded
                        ? Sentence.of("Fold to the inside along the line; cut nothing away")
                        : Sentence.of("Cut along the line, leaving {} above it to be sewn", spare()));
        if (skirt.point() > 0) {
            steps.add(Sentence.of("From under the arm the line dips in a straight line to the point in front"));
        }
        overlap.ifPresent(width -> steps.add(Sentence.of(
                "Leave the opening at the side-front, wearer's left; it overlaps by {}, which is gathered into nothing",
                width)));
        steps.add(Sentence.of("Gather along the line to the band, quarter points to quarter points"));
        return steps;
    }
}
