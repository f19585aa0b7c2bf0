package org.soberhem.core.doubt;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;

/**
 * Finds what is to be doubted about a set of readings.
 *
 * <p>Every single mistake that could have been made is undone in thought; the one after which most oddities are gone
 * and no new one has come explains them, and its undoing is the correction that is offered.
 */
public final class Doubts {

    private static final int MOST_CORRECTIONS = 3;

    /** Bodies differ: what is only unlike most is asked after everything else. */
    private static final Set<Doubt.Kind> GENTLE = Set.of(Doubt.Kind.TOGETHER, Doubt.Kind.LEAST_FITTING);

    private record Asked(MeasurementSet set, Build build, LocalDate today, int months) {}

    private record Answered(Asked asked, List<Doubt> doubts) {}

    /** What was asked last: several parts of a view ask about the same set one after the other. */
    private volatile Answered answered = new Answered(new Asked(null, null, null, 0), List.of());

    private final MeasureCatalogue catalogue;
    private final List<Relation> relations;
    private final Proportions proportions;
    private final Wardrobe wardrobe;
    private final Mistakes mistakes;

    public Doubts(MeasureCatalogue catalogue, List<Relation> relations, Proportions proportions, Wardrobe wardrobe) {
        this.catalogue = catalogue;
        this.relations = List.copyOf(relations);
        this.proportions = proportions;
        this.wardrobe = wardrobe;
        this.mistakes = new Mistakes(catalogue, relations);
    }

    /**
     * Returns what is doubted and not yet answered, the likeliest mistakes first.
     *
     * @param set the readings
     * @param build of the wearer
     * @param today to tell how old they are
     * @param months after how many months readings are taken again
     */
    public List<Doubt> of(MeasurementSet set, Build build, LocalDate today, int months) {
        Asked now = new Asked(set, build, today, months);
        Answered last = answered;
        if (last.asked().equals(now)) {
            return last.doubts();
        }
        List<Doubt> doubts = new ArrayList<>(readings(set, build));
        old(set, today, months).ifPresent(doubts::add);
        doubts.removeIf(doubt -> set.settled().contains(doubt.key()));
        Answered fresh = new Answered(now, List.copyOf(doubts));
        answered = fresh;
        return fresh.doubts();
    }

    private List<Doubt> readings(MeasurementSet set, Build build) {
        OddityFinder evidence =
                new OddityFinder(catalogue, relations, proportions, build.age(), wardrobe.shaped(set.stack()));
        List<Doubt> doubts = new ArrayList<>();
        for (Reading reading : set.readings()) {
            catalogue
                    .find(reading.measure())
                    .flatMap(measure -> ReadingSpread.of(set, measure, reading))
                    .ifPresent(doubts::add);
        }
        Optional<Mistake> floor = FloorMark.of(catalogue, set);
        floor.map(mistake -> doubt(set, List.of(fromTheFloor(set, mistake)), List.of(mistake)))
                .ifPresent(doubts::add);
        MeasurementSet mended = floor.map(Mistake::mended).orElse(set);
        Map<String, Oddity> odd = evidence.of(mended);
        List<Tried> explaining = explaining(evidence, mended, odd);
        while (!explaining.isEmpty()) {
            Tried best = explaining.get(0);
            List<Mistake> equal = explaining.stream()
                    .filter(each -> each.left().size() == best.left().size())
                    .map(Tried::mistake)
                    .limit(MOST_CORRECTIONS)
                    .toList();
            List<Oddity> gone = odd.entrySet().stream()
                    .filter(entry -> !best.left().containsKey(entry.getKey()))
                    .map(Map.Entry::getValue)
                    .toList();
            // A correction offered is always of the set as it stands, not of one already mended in thought.
            doubts.add(doubt(set, gone, onto(set, equal)));
            mended = best.mistake().mended();
            odd = best.left();
            explaining = explaining(evidence, mended, odd);
        }
        odd.values().forEach(each -> doubts.add(doubt(set, List.of(each), List.of())));
        if (build.age() == Age.ADULT) {
            new BetterFit(catalogue, evidence).add(set, mistakes.of(set), doubts);
        }
        // What nobody can name a mistake for is asked last.
        doubts.sort(Comparator.comparing(
                doubt -> GENTLE.contains(doubt.kind()) && doubt.corrections().isEmpty()));
        return doubts;
    }

    private Oddity fromTheFloor(MeasurementSet set, Mistake mistake) {
        return new Oddity(
                "from the floor",
                Doubt.Kind.FLOOR_MARK,
                mistake.keys(),
                Sentence.of(
                        "{} {} is much at a height of {}",
                        catalogue.name(Readings.measureOf(mistake.keys().get(0))),
                        Readings.of(set).value(mistake.keys().get(0)),
                        Readings.of(set).value("height")),
                mistake.explains());
    }

    /** A mistake undone in thought, and what is still odd then. */
    private record Tried(Mistake mistake, Map<String, Oddity> left) {}

    /** Returns the mistakes after whose undoing less is odd and nothing else, the likeliest first. */
    private List<Tried> explaining(OddityFinder evidence, MeasurementSet set, Map<String, Oddity> odd) {
        if (odd.isEmpty()) {
            return List.of();
        }
        List<Tried> explaining = new ArrayList<>();
        Proportions.Fit fit = evidence.fit(set);
        for (Mistake mistake : mistakes.of(set)) {
            if (!mistake.isUnsupported(fit) && odd.values().stream().anyMatch(each -> touches(each, mistake))) {
                Map<String, Oddity> left = evidence.of(mistake.mended());
                if (left.size() < odd.size() && odd.keySet().containsAll(left.keySet())) {
                    explaining.add(new Tried(mistake, left));
                }
            }
        }
        explaining.sort(Comparator.comparingInt((Tried each) -> each.left().size())
                .thenComparingDouble(
                        each -> evidence.fit(each.mistake().mended()).distance() + rarity(each.mistake())));
        return explaining;
    }

    private List<Mistake> onto(MeasurementSet set, List<Mistake> found) {
        return mistakes.of(set).stream()
                .filter(mistake -> found.stream()
                        .anyMatch(other -> other.kind() == mistake.kind()
                                && other.keys().equals(mistake.keys())
                                && other.mend().equals(mistake.mend())))
                .sorted(Comparator.comparingInt(
                        mistake -> found.stream().map(Mistake::mend).toList().indexOf(mistake.mend())))
                .toList();
    }

    /**
     * Units are mistaken more often than marks, and marks more often than digits: by so much the fit must be better.
     */
    private static double rarity(Mistake mistake) {
        return switch (mistake.kind()) {
            case TRANSPOSED -> 6;
            case TEN_INCHES -> 2;
            default -> 0;
        };
    }

    private static boolean touches(Oddity odd, Mistake mistake) {
        return odd.keys().stream()
                .anyMatch(key -> mistake.keys().contains(key)
                        || mistake.keys().stream()
                                .anyMatch(other -> Readings.measureOf(other).equals(key)));
    }

    private Doubt doubt(MeasurementSet set, List<Oddity> odd, List<Mistake> explaining) {
        Oddity first = odd.get(0);
        List<String> keys =
                explaining.isEmpty() ? first.keys() : explaining.get(0).keys();
        Set<String> measures = new LinkedHashSet<>();
        keys.forEach(key -> measures.add(Readings.measureOf(key)));
        Doubt.Kind kind =
                explaining.isEmpty() ? first.kind() : explaining.get(0).kind();
        Sentence explains =
                explaining.isEmpty() ? first.why() : explaining.get(0).explains();
        if (odd.stream().anyMatch(each -> each.kind() == Doubt.Kind.ARMS)) {
            explains = Sentence.of("{} Raised arms shrink it too: arms down while reading", explains);
        }
        return new Doubt(
                kind,
                List.copyOf(measures),
                first.saw(),
                explains,
                explaining.stream()
                        .map(mistake -> new Doubt.Correction(mistake.mend(), mistake.mended()))
                        .toList(),
                Doubt.key(set, kind, keys));
    }

    private static Optional<Doubt> old(MeasurementSet set, LocalDate today, int months) {
        long age = ChronoUnit.MONTHS.between(set.date(), today);
        if (age < months || set.readings().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Doubt(
                Doubt.Kind.OLD,
                List.of(),
                Sentence.of("Measured {} ago, on {}", months(age), set.date()),
                Sentence.of("Bodies change: after {} measure again", months(months)),
                List.of(),
                "OLD " + months + " " + age));
    }

    private static String months(long count) {
        return count == 1 ? "1 month" : count + " months";
    }
}
