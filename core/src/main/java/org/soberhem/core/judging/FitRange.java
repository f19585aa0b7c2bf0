package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.Stream;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.GrowthTuck;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/**
 * Which bodies a finished pattern would serve: for every check the measurements between which it passes, as it is, with
 * its seams let out, and with its tucks let down.
 *
 * @param spans one a check that hangs on a measurement
 */
public record FitRange(List<Span> spans) {

    /** So much of an allowance must stay to hold a seam: a quarter of an inch, in millimetres (common practice). */
    private static final double KEPT = 6.35;

    /** Name of the setting of a lacing gap. */
    private static final String GAP = "gap";

    /** How much a measure is changed to see what hangs on it, in millimetres. */
    private static final double TRIED = 10;

    private static final double NOTHING = 1e-6;

    /**
     * One measurement of the wearers that it serves, in millimetres.
     *
     * @param name what is measured on the pattern
     * @param measure catalogue id of the wearer's measurement
     * @param least least as it is
     * @param most greatest as it is
     * @param largest greatest with seams let out and tucks let down
     * @param seams by how much the let-out seams widen it
     * @param tucks by how much the tucks lengthen it
     * @param laced whether its lacing spans what lies between least and most
     */
    public record Span(
            String name,
            String measure,
            double least,
            double most,
            double largest,
            double seams,
            double tucks,
            boolean laced) {

        /** Returns how far a measurement lies outside, with everything let out; 0 within. */
        public double outside(double value) {
            return Math.max(0, Math.max(least - value, value - largest));
        }

        /**
         * Returns by how much it must be let out for a measurement, as far as it can be; 0 where it serves as it is.
         */
        public double letOut(double value) {
            return Math.max(0, Math.min(value, largest) - most);
        }

        /** Says for which measurements it serves. */
        public Sentence sentence(String measureName) {
            Sentence as = Sentence.of("{} {} to {} {}", measureName, least, most, laced ? "by its lacing" : "as it is");
            if (seams > NOTHING && tucks > NOTHING) {
                return Sentence.of("{}, to {} with seams let out and tucks let down", as, largest);
            }
            if (seams > NOTHING) {
                return Sentence.of("{}, to {} with its seams let out", as, largest);
            }
            return tucks > NOTHING ? Sentence.of("{}, to {} with its tucks let down", as, largest) : as;
        }
    }

    public FitRange {
        spans = List.copyOf(spans);
    }

    /**
     * Finds out for whom a pattern would serve.
     *
     * @param sheet it was drawn from
     * @param given what it was drawn for; what was read seated does not count
     * @param alterations made on it
     * @param pattern what they gave
     */
    public static FitRange of(CompiledSheet sheet, Inputs given, List<Alteration> alterations, Pattern pattern) {
        Inputs inputs = given.standing();
        List<CheckResult> checks = Checks.of(sheet, inputs, pattern);
        List<CheckResult> tucked = tucked(sheet, inputs, alterations, checks);
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i < checks.size(); i++) {
            span(sheet, inputs, pattern, i, checks.get(i), tucked.get(i).is()).ifPresent(spans::add);
        }
        return new FitRange(spans);
    }

    /** The checks with the tucks as they stand: their cloth does not count. */
    private static List<CheckResult> tucked(
            CompiledSheet sheet, Inputs inputs, List<Alteration> alterations, List<CheckResult> checks) {
        if (alterations.stream().noneMatch(GrowthTuck.class::isInstance)) {
            return checks;
        }
        List<Alteration> others = alterations.stream()
                .filter(each -> !(each instanceof GrowthTuck))
                .toList();
        return DraftedGarment.of(sheet, inputs, others).checks();
    }

    private static Optional<Span> span(
            CompiledSheet sheet, Inputs inputs, Pattern pattern, int check, CheckResult now, double is) {
        if (!now.isJudged()) {
            return Optional.empty();
        }
        String measure = "";
        double hangs = NOTHING;
        for (String each : inputs.measures().keySet()) {
            double moved = Math.abs(tried(sheet, inputs, pattern, check, each).body() - now.body());
            if (moved > hangs) {
                hangs = moved;
                measure = each;
            }
        }
        if (measure.isEmpty()) {
            return Optional.empty();
        }
        double value = inputs.find(measure).orElseThrow().on(Side.MIDDLE);
        CheckResult tried = tried(sheet, inputs, pattern, check, measure);
        double low = (tried.least() - now.least()) / TRIED;
        double high = now.isOpening() ? low : (tried.most() - now.most()) / TRIED;
        if (!(low > NOTHING && high > NOTHING)) {
            return Optional.empty();
        }
        double seams = seams(sheet, pattern, check);
        double tucks = Math.max(0, now.is() - is);
        double least = now.isOpening() ? 0 : value + (is - CheckResult.TOLERANCE - now.most()) / high;
        double most = value + (is + CheckResult.TOLERANCE - now.least()) / low;
        return Optional.of(new Span(
                now.name(),
                measure,
                Math.max(0, least),
                most,
                most + (seams + tucks) / low,
                seams / low,
                tucks / low,
                isLaced(sheet, check)));
    }

    /** The ease of a laced garment takes its gap into account. */
    private static boolean isLaced(CompiledSheet sheet, int check) {
        return isGirth(sheet, check) && sheet.sheet().settings().containsKey(GAP);
    }

    private static boolean isGirth(CompiledSheet sheet, int check) {
        List<DraftSheet.CheckSheet> written = sheet.sheet().checks();
        return check < written.size() && written.get(check).kind() == DraftSheet.CheckSheet.Kind.GIRTH;
    }

    /** The check on a wearer whose measure is a little more. */
    private static CheckResult tried(CompiledSheet sheet, Inputs inputs, Pattern pattern, int check, String measure) {
        double value = inputs.find(measure).orElseThrow().on(Side.MIDDLE);
        Inputs other = inputs.with(measure, Inputs.Measured.both(value + TRIED));
        return Checks.of(sheet, other, pattern).get(check);
    }

    /** Returns what the allowances beside a level give, all round. */
    private static double seams(CompiledSheet sheet, Pattern pattern, int check) {
        if (!isGirth(sheet, check)) {
            return 0;
        }
        DraftSheet.CheckSheet girth = sheet.sheet().checks().get(check);
        double give = 0;
        for (Piece piece : pattern.pieces()) {
            Level level = piece.levels().get(girth.name());
            if (level != null && girth.across().stream().anyMatch(name -> Derived.isOf(piece.name(), name))) {
                give += piece.edges().stream()
                        .filter(edge -> isSewn(pattern, piece, edge) && crosses(edge.path(), level))
                        .mapToDouble(edge -> Math.max(0, edge.allowance() - KEPT))
                        .sum();
            }
        }
        return give;
    }

    private static boolean isSewn(Pattern pattern, Piece piece, Edge edge) {
        return pattern.seams().stream()
                .flatMap(seam -> Stream.concat(seam.first().stream(), seam.second().stream()))
                .anyMatch(ref -> Derived.isOf(piece.name(), ref.piece()) && Derived.isOf(edge.name(), ref.edge()));
    }

    private static boolean crosses(Path edge, Level level) {
        Point direction = level.to().minus(level.from());
        return edge.shareWhere(at -> direction.cross(at.minus(level.from()))).isPresent();
    }

    /** Returns how far a wearer lies outside, over all that was measured, in millimetres. */
    public double outside(Inputs wearer) {
        return sum(wearer, Span::outside);
    }

    /** Returns by how much it must be let out for a wearer, over all that was measured, in millimetres. */
    public double letOut(Inputs wearer) {
        return sum(wearer, Span::letOut);
    }

    private double sum(Inputs wearer, ToDoubleBiFunction<Span, Double> of) {
        return spans.stream()
                .mapToDouble(span -> wearer.find(span.measure())
                        .map(value -> of.applyAsDouble(span, value.on(Side.MIDDLE)))
                        .orElse(0.0))
                .sum();
    }

    /** Returns what a wearer has that it does not serve. */
    public List<Span> lacking(Inputs wearer) {
        return spans.stream()
                .filter(span -> wearer.find(span.measure())
                        .filter(value -> span.outside(value.on(Side.MIDDLE)) > 0)
                        .isPresent())
                .toList();
    }
}
