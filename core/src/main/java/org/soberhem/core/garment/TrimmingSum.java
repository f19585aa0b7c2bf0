package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;

/** A ruffle, frill or binding that goes on an edge: how much is cut, from how much cloth, straight or on the bias. */
public final class TrimmingSum {

    /** Below this fullness a strip lies flat. */
    private static final double FLAT = 1.05;

    private final SumInputs given;
    private final double edge;
    private final double fullness;
    private final double cut;
    private final double length;
    private final double width;
    private final double join;

    private TrimmingSum(SumInputs given) {
        this.given = given;
        edge = given.amount("edge");
        fullness = given.amount("fullness", 1);
        double turned = given.amount("seam", 0);
        cut = given.amount("depth")
                + switch (given.word("edges", "both")) {
                    case "none" -> 0;
                    case "one" -> turned;
                    default -> 2 * turned;
                };
        width = given.amount("cloth-width");
        join = given.amount("join", turned);
        length = edge * fullness;
        if (!(edge > 0) || !(cut > 0) || !(fullness >= 1) || !(width > 2 * join)) {
            throw new SumException(
                    "A trimming needs an edge, a depth, a fullness of 1 or more and a cloth wider than its seams: {}, {}, {} and {}",
                    edge,
                    cut,
                    SumValue.hundredth(fullness),
                    width);
        }
    }

    /**
     * Works the sum out.
     *
     * @param given lengths {@code edge} (that it goes on), {@code depth} (finished) and {@code cloth-width}; if wanted
     *     {@code seam} (turned at each long edge) and {@code join} (turned at each end of a strip), the number {@code
     *     fullness}, and the words {@code grain} (straight, bias) and {@code edges} (both, one, none are turned)
     */
    public static Sum of(SumInputs given) {
        return new TrimmingSum(given).sum();
    }

    private Sum sum() {
        return "bias".equals(given.word("grain", "straight")) ? bias() : straight();
    }

    private List<SumValue> shared() {
        List<SumValue> figures = new ArrayList<>();
        figures.add(SumValue.length("length in all", length, "{} × {}", edge, SumValue.hundredth(fullness)));
        figures.add(SumValue.length("cut deep", cut, "{} and what is turned", given.amount("depth")));
        if (fullness > FLAT) {
            figures.add(SumValue.length("between quarter points of the edge", edge / 4, "{} ÷ 4", edge));
            figures.add(SumValue.length("between quarter points of the trimming", length / 4, "{} ÷ 4", length));
        }
        return figures;
    }

    private Sum straight() {
        double each = width - 2 * join;
        int strips = (int) StrictMath.ceil(length / each - 1e-9);
        List<SumValue> figures = shared();
        figures.add(SumValue.number("strips across the cloth", strips, "{} ÷ ({} − 2 × {})", length, width, join));
        figures.add(SumValue.length("cloth", strips * cut, "{} × {}", String.valueOf(strips), cut));
        return done(
                Sentence.of(
                        "{} strips of {} across a cloth of {} make {}: {} of cloth",
                        String.valueOf(strips),
                        cut,
                        width,
                        length,
                        strips * cut),
                figures,
                Sentence.of("Tear or cut the strips across the cloth, join their ends, and hem before gathering"),
                strips);
    }

    /** A square cut along its diagonal and joined to a tube gives its area as one strip (common practice). */
    private Sum bias() {
        double square = StrictMath.sqrt(length * cut);
        double longest = width * StrictMath.sqrt(2);
        List<SumValue> figures = shared();
        figures.add(SumValue.length("side of the square", square, "the root of {} × {}", length, cut));
        figures.add(SumValue.number(
                "strips, if they are cut one by one", StrictMath.ceil(length / longest), "{} ÷ {}", length, longest));
        List<Finding> narrow = square > width
                ? List.of(Finding.asks(
                        "The square of {} is wider than the cloth of {}: cut {} squares of {}",
                        square,
                        width,
                        String.valueOf((long) StrictMath.ceil(square * square / width / width)),
                        square / StrictMath.sqrt(StrictMath.ceil(square * square / width / width))))
                : List.of();
        return done(
                Sentence.of("A square of {} gives {} of bias, {} wide", square, length, cut),
                figures,
                Sentence.of("Cut the square along its diagonal, join the straight edges, and cut round and round"),
                1,
                narrow.toArray(Finding[]::new));
    }

    private Sum done(Sentence answer, List<SumValue> figures, Sentence first, int strips, Finding... findings) {
        double drawn = Math.min(length, width);
        Sketch.Maker drawing = new Sketch.Maker()
                .rectangle(Sketch.Ink.CLOTH, 0, 0, drawn, cut)
                .say(drawn / 2, cut / 2, Sketch.Lean.MIDDLE, "{} × {}", String.valueOf(strips), drawn);
        drawing.line(Sketch.Ink.HELP, new Point(0, cut), new Point(drawn, cut));
        List<Sentence> steps = fullness > FLAT
                ? List.of(
                        first,
                        Sentence.of("Mark quarters on both, every {} and every {}, and draw up", length / 4, edge / 4))
                : List.of(first);
        return new Sum(
                given.name(),
                fullness > FLAT ? "Ruffle" : "Binding",
                answer,
                figures,
                List.of(findings),
                List.of(),
                Optional.of(drawing.done()),
                steps);
    }
}
