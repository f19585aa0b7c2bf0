package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;

/** Every single mistake that could have been made in a set. */
final class Mistakes {

    private final MeasureCatalogue catalogue;

    /** Keys that a relation compares and that could be written in each other's place. */
    private final Set<List<String>> pairs = new LinkedHashSet<>();

    Mistakes(MeasureCatalogue catalogue, List<Relation> relations) {
        this.catalogue = catalogue;
        relations.stream()
                .map(relation -> relation.value().names())
                .filter(keys -> keys.size() == 2 && isAlike(keys))
                .forEach(pairs::add);
    }

    /** Returns them all, each with the set as it would be without it. */
    List<Mistake> of(MeasurementSet set) {
        List<Mistake> possible = new ArrayList<>();
        for (Reading reading : set.readings()) {
            Optional<Measure> measure = catalogue.find(reading.measure());
            if (measure.isPresent()) {
                String name = name(measure.get(), reading);
                Mistake.unit(set, reading, name).ifPresent(possible::add);
                if (measure.get().kind() == Measure.Kind.GIRTH
                        || measure.get().how().fromFloor()) {
                    Mistake.tenInches(set, reading, measure.get()).ifPresent(possible::add);
                }
                possible.addAll(Mistake.transposed(set, reading, name));
            }
        }
        for (List<String> pair : pairs) {
            Optional<Reading> one = reading(set, pair.get(0));
            Optional<Reading> other = reading(set, pair.get(1));
            if (one.isPresent() && other.isPresent()) {
                possible.add(Mistake.swapped(set, one.get(), other.get(), name(one.get()), name(other.get())));
            }
        }
        return possible;
    }

    /** Only readings of the same kind are written into each other's row; left and right would fit either way. */
    private boolean isAlike(List<String> pair) {
        Optional<Measure> one = catalogue.find(Readings.measureOf(pair.get(0)));
        Optional<Measure> other = catalogue.find(Readings.measureOf(pair.get(1)));
        return one.isPresent()
                && other.isPresent()
                && one.get().kind() == other.get().kind()
                && !pair.get(0).endsWith("@left");
    }

    private static Optional<Reading> reading(MeasurementSet set, String key) {
        return set.readings().stream()
                .filter(reading -> Readings.keyOf(reading).equals(key))
                .findFirst();
    }

    private String name(Reading reading) {
        return catalogue
                .find(reading.measure())
                .map(measure -> name(measure, reading))
                .orElse(reading.measure());
    }

    static String name(Measure measure, Reading reading) {
        return measure.name() + (reading.posture() == Posture.SEATED ? " seated" : "");
    }
}
