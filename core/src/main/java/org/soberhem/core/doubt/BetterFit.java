package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * Mistakes that leave every reading within its limits and yet would, undone, make the girths fit clearly better
 * together.
 */
final class BetterFit {

    /**
     * How clearly a single mistake must improve the fit of the girths to be asked about although no reading lies far
     * off.
     *
     * @param off standard deviations that the reading lies off at least
     * @param gain by how much the squared distance must fall
     * @param then standard deviations that it may still lie off afterwards
     */
    private record Clearly(double off, double gain, double then) {}

    private static final Clearly TEN = new Clearly(2, 4, 2.5);
    private static final Clearly DIGITS = new Clearly(3, 9, 1.5);
    private static final double SWAP_GAIN = 3;
    private static final double ONE_INCH_GAIN = 3;

    /** A common offset shows only when small girths are among them, on which an inch is much. */
    private static final List<String> TELLING = List.of("wrist", "forearm");

    private static final int FEW_GIRTHS = 4;

    private final MeasureCatalogue catalogue;
    private final OddityFinder evidence;

    BetterFit(MeasureCatalogue catalogue, OddityFinder evidence) {
        this.catalogue = catalogue;
        this.evidence = evidence;
    }

    /** Adds what is not yet doubted for another reason. */
    void add(MeasurementSet set, List<Mistake> possible, List<Doubt> doubts) {
        Set<String> asked = new TreeSet<>();
        doubts.forEach(doubt -> asked.addAll(doubt.measures()));
        Proportions.Fit fit = evidence.fit(set);
        for (Mistake mistake : possible) {
            boolean quiet = mistake.kind() == Doubt.Kind.TEN_INCHES
                    || mistake.kind() == Doubt.Kind.TRANSPOSED
                    || mistake.kind() == Doubt.Kind.SWAPPED;
            List<String> measures =
                    mistake.keys().stream().map(Readings::measureOf).toList();
            if (quiet
                    && !mistake.isUnsupported(fit)
                    && measures.stream().noneMatch(asked::contains)
                    && isBetterWithout(set, mistake, fit)) {
                asked.addAll(measures);
                doubts.add(new Doubt(
                        mistake.kind(),
                        measures,
                        seen(
                                set,
                                mistake.keys(),
                                "{} does not go well with the other girths",
                                "{} do not go well together"),
                        mistake.explains(),
                        List.of(new Doubt.Correction(mistake.mend(), mistake.mended())),
                        Doubt.key(set, mistake.kind(), mistake.keys())));
            }
        }
        oneInch(set, fit)
                .filter(doubt ->
                        doubts.stream().noneMatch(other -> !other.corrections().isEmpty()))
                .ifPresent(doubts::add);
    }

    private boolean isBetterWithout(MeasurementSet set, Mistake mistake, Proportions.Fit fit) {
        if (mistake.kind() == Doubt.Kind.SWAPPED) {
            return isWaistOverHip(set, mistake)
                    && fit.distance() - evidence.fit(mistake.mended()).distance() > SWAP_GAIN;
        }
        Clearly clearly = mistake.kind() == Doubt.Kind.TRANSPOSED ? DIGITS : TEN;
        OptionalDouble off = fit.residual(mistake.keys().get(0));
        if (off.isEmpty()
                || Math.abs(off.getAsDouble()) <= clearly.off()
                || mistake.kind() == Doubt.Kind.TEN_INCHES && off.getAsDouble() < 0) {
            return false;
        }
        Proportions.Fit then = evidence.fit(mistake.mended());
        return fit.distance() - then.distance() > clearly.gain()
                && Math.abs(then.residual(mistake.keys().get(0)).orElse(0)) < clearly.then()
                && evidence.of(mistake.mended()).isEmpty();
    }

    private static boolean isWaistOverHip(MeasurementSet set, Mistake mistake) {
        Readings values = Readings.of(set);
        return mistake.keys().get(0).equals("full-hip")
                && mistake.keys().get(1).startsWith("waist")
                && values.value(mistake.keys().get(1)) > values.value("full-hip");
    }

    private Optional<Doubt> oneInch(MeasurementSet set, Proportions.Fit fit) {
        List<Reading> girths = set.readings().stream()
                .filter(reading -> fit.residual(Readings.keyOf(reading)).isPresent()
                        && !reading.measure().equals("height"))
                .toList();
        boolean telling = TELLING.stream()
                .allMatch(measure ->
                        girths.stream().anyMatch(girth -> girth.measure().equals(measure)));
        boolean tooSmall = girths.stream().anyMatch(girth -> girth.mean().compareTo(Length.ofInches(3, 0, 8)) < 0);
        if (!telling || tooSmall || girths.size() < FEW_GIRTHS || set.start() == TapeStart.ONE_INCH) {
            return Optional.empty();
        }
        List<Reading> all = set.readings().stream()
                .filter(reading -> catalogue
                        .find(reading.measure())
                        .filter(measure -> measure.kind() == Measure.Kind.GIRTH)
                        .isPresent())
                .toList();
        Mistake mistake = Mistake.oneInch(set, all);
        if (fit.distance() - evidence.fit(mistake.mended()).distance() <= ONE_INCH_GAIN) {
            return Optional.empty();
        }
        return Optional.of(new Doubt(
                Doubt.Kind.ONE_INCH,
                TELLING,
                Sentence.of("The small girths are large beside the large ones"),
                mistake.explains(),
                List.of(new Doubt.Correction(mistake.mend(), mistake.mended())),
                Doubt.key(set, Doubt.Kind.ONE_INCH, mistake.keys())));
    }

    private Sentence seen(MeasurementSet set, List<String> keys, String one, String more) {
        List<Object> parts = new ArrayList<>();
        List<String> gaps = new ArrayList<>();
        Readings values = Readings.of(set);
        for (String key : keys) {
            gaps.add("{} {}");
            parts.add(catalogue.name(Readings.measureOf(key)));
            parts.add(values.value(key));
        }
        String template = (keys.size() == 1 ? one : more).replace("{}", String.join(" and ", gaps));
        return Sentence.of(template, parts.toArray());
    }
}
