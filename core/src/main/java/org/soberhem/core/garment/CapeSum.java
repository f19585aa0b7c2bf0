package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/**
 * A cape's width and the way its upper edge comes down to the neck, in words, as marks along half the edge, and drawn.
 */
public final class CapeSum {

    private static final double FLAT = 0.5;

    private final SumInputs given;
    private final Cape cape;
    private final double length;
    private final double shoulder;
    private final double drop;
    private final double dartLength;
    private final double dartAt;

    private CapeSum(SumInputs given) {
        this.given = given;
        boolean sculpted = "sculpted".equals(given.word("shoulders", "sculpted"));
        cape = new Cape(
                given.amount("span"),
                sculpted,
                "full".equals(given.word("wide", sculpted ? "two-thirds" : "full")) ? 1 : Cape.SCULPTED,
                given.amount("neck"),
                given.amount("dart", 0),
                (int) Math.round(given.amount("pleats", 0)),
                given.amount("pleat", 0),
                (int) Math.round(given.amount("front-pleats", 0)),
                given.amount("front-pleat", 0),
                given.amount("box", 0));
        dartAt = given.amount("dart-at", cape.neck() / 6);
        if (!(dartAt >= 0 && dartAt < cape.neck() / 2)) {
            throw new SumException(
                    "The dart must lie between the centre front and the centre back, 0 to {} along the finished neck: {}",
                    cape.neck() / 2,
                    dartAt);
        }
        length = given.amount("length");
        dartLength = given.amount("dart-length", length / 4);
        shoulder = given.amount("shoulder", dartLength);
        drop = given.amount("drop", 0);
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code span}, {@code neck} and {@code length}; if wanted {@code shoulder}, {@code drop},
     *     {@code dart}, {@code dart-length}, {@code dart-at} (along the finished neck), {@code pleat}, {@code
     *     front-pleat}, {@code box}, {@code hood}, {@code pinned} (the edge once darts and pleats are pinned on the
     *     body) and {@code over-arms} (the girth over both arms); the numbers {@code pleats} and {@code front-pleats};
     *     the words {@code shoulders} (sculpted, gathered), {@code wide} (two-thirds, full) and {@code dart-line}
     *     (bent, straight)
     */
    public static Sum of(SumInputs given) {
        return new CapeSum(given).sum();
    }

    private Sum sum() {
        List<Finding> findings = new ArrayList<>();
        if (cape.gathers() < -1e-6) {
            findings.add(Finding.fails(
                    "Darts and pleats take {} more than there is: {} wide for a neck of {} leaves {} to take in",
                    -cape.gathers(),
                    cape.width(),
                    cape.neck(),
                    cape.width() - cape.neck()));
        }
        if (given.instead().containsValue("height")) {
            findings.add(Finding.asks(
                    "The width goes by the height, {}: that is a least value. Measure the folded arms from fingertip to fingertip",
                    cape.span()));
        }
        wrap(findings);
        pinned(findings);
        given.find("hood")
                .filter(edge -> edge > 0 && edge < cape.neck())
                .ifPresent(edge -> findings.add(Finding.fails(
                        "The hood's edge of {} is {} shorter than the neck of {}: there is nothing to gather",
                        edge,
                        cape.neck() - edge,
                        cape.neck())));
        findings.add(Finding.tells(
                "What fastens it at the neck must give way when the cape catches; a finger goes under every band"));
        boolean exact = Math.abs(cape.gathers()) < FLAT;
        return new Sum(
                given.name(),
                "The cape's upper edge",
                exact
                        ? Sentence.of("{} wide comes down to {} exactly, without gathers", cape.width(), cape.neck())
                        : Sentence.of(
                                "{} wide comes down to {}: {} in darts, {} in pleats, {} in gathers",
                                cape.width(),
                                cape.neck(),
                                cape.darts(),
                                cape.folded(),
                                cape.gathers()),
                figures(),
                findings,
                List.of(marks()),
                Optional.of(sketch()),
                List.of(
                        Sentence.of(
                                "Sew the darts first; each runs out along the arm in a curve, not in a lump on the shoulder"),
                        Sentence.of(
                                "Lay and baste the pleats, all of a half towards the back, then the box pleat at the centre back"),
                        Sentence.of("Gather what is left between the marks; measure the edge: it is {}", cape.neck()),
                        Sentence.of("Gather a hood's edge to it at quarter points, or bind it")));
    }

    /** Says whether it still reaches round the hanging arms. */
    private void wrap(List<Finding> findings) {
        given.find("over-arms").ifPresent(girth -> {
            double laps = cape.width() - girth;
            findings.add(
                    laps < 0
                            ? Finding.asks(
                                    "{} wide does not reach round the arms, {}: it stands {} open in front",
                                    cape.width(),
                                    girth,
                                    -laps)
                            : Finding.tells(
                                    "{} wide reaches round the arms, {}, and laps {}", cape.width(), girth, laps));
        });
    }

    /** What is left once darts and pleats are pinned on the body is gathered, whatever was worked out. */
    private void pinned(List<Finding> findings) {
        given.find("pinned").ifPresent(edge -> {
            double left = edge - cape.neck();
            double slip = left - cape.gathers();
            findings.add(
                    left < 0
                            ? Finding.fails(
                                    "Pinned, the edge is {}, {} less than the neck of {}: let a pleat or a dart out",
                                    edge,
                                    -left,
                                    cape.neck())
                            : Math.abs(slip) < FLAT
                                    ? Finding.tells("Pinned, {} is left to gather, as worked out", left)
                                    : Finding.asks(
                                            "Pinned, {} is left to gather, {} {} than worked out: measure darts and pleats again",
                                            left,
                                            Math.abs(slip),
                                            slip > 0 ? "more" : "less"));
        });
    }

    private List<SumValue> figures() {
        List<SumValue> figures = new ArrayList<>();
        figures.add(
                cape.share() < 1
                        ? SumValue.length("width", cape.width(), "{} × 2 ÷ 3", cape.span())
                        : SumValue.length("width", cape.width(), "all of {}", cape.span()));
        figures.add(SumValue.length("to take in", cape.width() - cape.neck(), "{} − {}", cape.width(), cape.neck()));
        figures.add(SumValue.length("in both darts", cape.darts(), "2 × {}", cape.darts() / 2));
        figures.add(SumValue.length(
                "in pleats",
                cape.folded(),
                "2 × {} × 2 × {} + 2 × {} × 2 × {} + 4 × {}",
                String.valueOf(cape.pleats()),
                cape.pleat(),
                String.valueOf(cape.frontPleats()),
                cape.frontPleat(),
                cape.box()));
        figures.add(SumValue.length(
                "in gathers",
                cape.gathers(),
                "{} − {} − {} − {}",
                cape.width(),
                cape.neck(),
                cape.darts(),
                cape.folded()));
        if (cape.pleats() > 0) {
            figures.add(SumValue.length(
                    "pleats without gathers",
                    cape.exactPleat(),
                    "what is left of {} after darts and box pleat, ÷ {} folds ÷ 2",
                    cape.width() - cape.neck(),
                    String.valueOf(2 * cape.pleats())));
        }
        given.find("hood").filter(edge -> edge > 0).ifPresent(edge -> {
            figures.add(SumValue.number("fullness of the hood", edge / cape.neck(), "{} ÷ {}", edge, cape.neck()));
            figures.add(SumValue.length("hood between quarter points", edge / 4, "{} ÷ 4", edge));
            figures.add(SumValue.length("neck between quarter points", cape.neck() / 4, "{} ÷ 4", cape.neck()));
        });
        return figures;
    }

    /**
     * Places along half the edge from the centre front, in order; what each takes, and where that leaves the finished
     * edge.
     */
    private MarkTable marks() {
        List<List<Object>> rows = new ArrayList<>();
        double at = 0;
        double neck = 0;
        double plain = plain();
        rows.add(MarkTable.row("centre front", at, "", neck));
        if (cape.frontPleats() > 0) {
            at += dartAt / 2;
            neck += dartAt / 2;
        }
        for (int i = 1; i <= cape.frontPleats(); i++) {
            rows.add(MarkTable.row("front pleat " + i + ": crease", at, "→ to the back", neck));
            at += 2 * cape.frontPleat();
            rows.add(MarkTable.row("front pleat " + i + ": lay it here", at, "", neck));
        }
        at += dartAt - neck;
        neck = dartAt;
        if (cape.darts() > 0) {
            double dart = cape.darts() / 2;
            rows.add(MarkTable.row("dart: front leg", at, "", neck));
            at += dart;
            rows.add(MarkTable.row("dart: back leg", at, "takes it all", neck));
        }
        at += plain;
        neck += plain;
        for (int i = 1; i <= cape.pleats(); i++) {
            rows.add(MarkTable.row("pleat " + i + ": crease", at, "→ to the back", neck));
            at += 2 * cape.pleat();
            rows.add(MarkTable.row("pleat " + i + ": lay it here", at, "", neck));
        }
        double gathered = Math.max(0, cape.gathers()) / 2;
        if (gathered > FLAT) {
            rows.add(MarkTable.row("gather from here", at, "", neck));
        }
        at += plain + gathered;
        neck += plain;
        rows.add(MarkTable.row(
                cape.box() > 0 ? "box pleat: crease" : "centre back", at, gathered > FLAT ? "gathers end" : "", neck));
        if (cape.box() > 0) {
            rows.add(MarkTable.row("centre back: lay it here", at + 2 * cape.box(), "", neck));
        }
        return new MarkTable(
                "Half the upper edge, from the centre front", List.of("mark", "on the cloth", "", "at the neck"), rows);
    }

    /** Returns what stays flat behind the dart, and again at the back: half of what the neck has there. */
    private double plain() {
        return (cape.neck() / 2 - dartAt) / 2;
    }

    /** Returns where the dart begins on the cloth, from the centre front. */
    private double dartFrom() {
        return dartAt + 2.0 * cape.frontPleats() * cape.frontPleat();
    }

    private Sketch sketch() {
        double half = cape.width() / 2;
        Sketch.Maker drawing = new Sketch.Maker().rectangle(Sketch.Ink.CLOTH, 0, 0, half, length);
        if (cape.darts() > 0) {
            double from = dartFrom();
            double dart = cape.darts() / 2;
            Point tip = new Point(from + dart / 2, dartLength);
            for (double leg : List.of(from, from + dart)) {
                drawing.line(Sketch.Ink.SEAM, leg(new Point(leg, 0), tip).flattened(0.5));
            }
            drawing.say(tip.x(), tip.y() + INCH, Sketch.Lean.RIGHT, "dart {} wide, {} long", dart, dartLength);
        }
        double at = dartFrom() + cape.darts() / 2 + plain();
        for (int i = 0; i < cape.pleats(); i++) {
            drawing.line(Sketch.Ink.FOLD, new Point(at, 0), new Point(at, 4 * INCH));
            drawing.line(Sketch.Ink.ARROW, new Point(at, INCH), new Point(at + 2 * cape.pleat(), INCH));
            at += 2 * cape.pleat();
        }
        drawing.say(0, length / 2, Sketch.Lean.RIGHT, "centre front");
        drawing.say(half, length / 2, Sketch.Lean.LEFT, "centre back");
        drawing.say(
                half / 2,
                -length * 0.04,
                Sketch.Lean.MIDDLE,
                "half the upper edge: {}, finished {}",
                half,
                cape.neck() / 2);
        return drawing.done();
    }

    /**
     * A dart leg: along the shoulder at first, bending down the arm over the shoulder point by the shoulder's slope.
     */
    private Path leg(Point from, Point tip) {
        if ("straight".equals(given.word("dart-line", "bent"))) {
            return Path.of(new LineSegment(from, tip));
        }
        double share = Math.min(0.9, shoulder / dartLength);
        double bulge = (from.x() - tip.x()) * (0.5 + drop / Math.max(drop, shoulder) / 2);
        return Path.of(new Cubic(
                from,
                new Point(from.x() - (from.x() - tip.x()) * 0.1, dartLength * share * 0.5),
                new Point(tip.x() + bulge * 0.25, dartLength * share),
                tip));
    }
}
