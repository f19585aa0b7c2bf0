package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.length.Sentence;

/** Everything that is odd about one set, before anybody asks why. */
final class OddityFinder {

    /** A girth that lies further from what the others let expect is questioned: about one body in 250 of the sample. */
    private static final double FAR = 4.5;

    private final MeasureCatalogue catalogue;
    private final List<Relation> relations;
    private final Proportions proportions;
    private final Age age;
    private final Set<String> shaped;

    /**
     * @param shaped measures that the layers worn give another shape, so that proportions of bare bodies do not hold
     */
    OddityFinder(
            MeasureCatalogue catalogue,
            List<Relation> relations,
            Proportions proportions,
            Age age,
            Set<String> shaped) {
        this.catalogue = catalogue;
        this.relations = relations;
        this.proportions = proportions;
        this.age = age;
        this.shaped = shaped;
    }

    /** Returns what is odd, by the oddity's id. */
    Map<String, Oddity> of(MeasurementSet set) {
        Map<String, Oddity> found = new LinkedHashMap<>();
        for (Reading reading : set.readings()) {
            catalogue
                    .find(reading.measure())
                    .flatMap(measure -> unusual(measure, reading))
                    .ifPresent(odd -> found.put(odd.id(), odd));
        }
        Readings values = Readings.of(set);
        for (Relation relation : relations) {
            double is = relation.value().value(values::value);
            if (relation.holdsFor(age) && relation.isBrokenBy(is) && !isShaped(relation)) {
                Oddity odd = odd(relation, is, values);
                found.put(odd.id(), odd);
            }
        }
        if (age == Age.ADULT) {
            leastFitting(fit(set)).ifPresent(odd -> found.put(odd.id(), odd));
        }
        return found;
    }

    private boolean isShaped(Relation relation) {
        return relation.bare() && relation.measures().stream().anyMatch(shaped::contains);
    }

    private Optional<Oddity> unusual(Measure measure, Reading reading) {
        String key = Readings.keyOf(reading);
        return EntryJudgement.of(measure, reading.mean(), age)
                .sentence()
                .map(said -> new Oddity(
                        "unusual " + key,
                        Doubt.Kind.UNUSUAL,
                        List.of(key),
                        said,
                        Sentence.of("Read it again, or say that it is right")));
    }

    private Oddity odd(Relation relation, double is, Readings values) {
        List<String> keys = relation.value().names();
        List<Object> parts = new ArrayList<>();
        StringBuilder words = new StringBuilder();
        for (String key : keys) {
            words.append(words.length() == 0 ? "" : ", ").append("{} {}");
            parts.add(words(key));
            parts.add(values.value(key));
        }
        Sentence subjects = Sentence.of(words.toString(), parts.toArray());
        Doubt.Kind kind = keys.stream().anyMatch(key -> key.endsWith("@left"))
                ? Doubt.Kind.SIDES
                : relation.arms() && is < relation.least() ? Doubt.Kind.ARMS : Doubt.Kind.TOGETHER;
        return new Oddity(
                relation.says() + keys + relation.evidence(),
                kind,
                keys,
                relation.sentence(subjects, is),
                Sentence.of("It may be {}", relation.why()));
    }

    /** Judges the girths by the proportions of grown bodies, as far as the layers leave them their shape. */
    Proportions.Fit fit(MeasurementSet set) {
        Readings values = Readings.of(set);
        return proportions.fit(measure -> shaped.contains(measure) ? Double.NaN : values.value(measure));
    }

    private Optional<Oddity> leastFitting(Proportions.Fit fit) {
        return fit.residuals().entrySet().stream()
                .max(Comparator.comparingDouble(entry -> Math.abs(entry.getValue())))
                .filter(worst -> Math.abs(worst.getValue()) > FAR)
                .map(worst -> new Oddity(
                        "least fitting",
                        Doubt.Kind.LEAST_FITTING,
                        List.of(worst.getKey()),
                        Sentence.of(
                                "{} is {} than all the other girths let expect: of the readings it fits least",
                                words(worst.getKey()),
                                worst.getValue() > 0 ? "larger" : "smaller"),
                        Sentence.of("Read it again, or say that it is right")));
    }

    /** Returns the name of a key for people. */
    String words(String key) {
        String name = catalogue.name(Readings.measureOf(key));
        int at = key.indexOf('@');
        return at < 0 ? name : name + " " + key.substring(at + 1);
    }
}
