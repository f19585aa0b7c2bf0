package org.soberhem.core.stand;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.pattern.Side;

/**
 * The reading that is likeliest to be wrong when all of them together do not make one body: the one without which the
 * others agree best.
 *
 * @param measure catalogue id
 * @param side where it was read
 * @param read millimetres
 * @param others what the others make it, millimetres
 */
public record OddReading(String measure, Side side, double read, double others) {

    /**
     * A reading is questioned when the stand misses it by more spreads of careful readings than it misses any of one
     * in a
     * hundred whole sets by, whose readings are each off by one spread; measured in {@code bench/run stands}.
     */
    static final double LIMIT = 6;

    /** So many of the worst are tried. */
    private static final int TRIED = 3;

    /** What pulls all levels with it is tried as well: the stand follows it, and misses others for it. */
    private static final List<String> PULLING = List.of(
            "nape-to-waist",
            "neck-pit-to-waist",
            "front-waist-length",
            "neck-point-to-bust-point",
            "side-waist-length",
            "waist-to-full-hip",
            "shoulder-width",
            "shoulder-length",
            "inside-leg",
            "height");

    /** Returns it for a body whose stand was made; empty if the readings agree. */
    public static Optional<OddReading> of(BodyFigure body, Stand stand) {
        List<Residual> worst = stand.residuals().stream()
                .filter(each -> Math.abs(each.score()) > LIMIT)
                .sorted(Comparator.comparingDouble(each -> -Math.abs(each.score())))
                .toList();
        if (worst.isEmpty()) {
            return Optional.empty();
        }
        Set<String> tried = new LinkedHashSet<>();
        worst.stream().limit(TRIED).forEach(each -> tried.add(each.measure()));
        PULLING.stream()
                .filter(measure -> body.read(measure, Side.RIGHT).isPresent())
                .forEach(tried::add);
        String likeliest = "";
        Stand best = stand;
        double least = Double.MAX_VALUE;
        for (String measure : tried) {
            Stand without = StandMaker.of(body.without(measure));
            double left = without.residuals().stream()
                    .mapToDouble(each -> Math.min(Math.abs(each.score()), 2 * LIMIT))
                    .sum();
            if (left < least) {
                least = left;
                likeliest = measure;
                best = without;
            }
        }
        String measure = likeliest;
        Side side = worst.stream()
                .filter(each -> each.measure().equals(measure))
                .map(Residual::side)
                .findFirst()
                .orElse(Side.MIDDLE);
        Side asked = side == Side.MIDDLE ? Side.RIGHT : side;
        double others = best.tape(measure, asked).orElseThrow().length();
        return Optional.of(
                new OddReading(measure, side, body.read(measure, asked).orElseThrow(), others));
    }
}
