package org.soberhem.core.doubt;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;

/**
 * Finds what is to be doubted about a set of readings.
 *
 * <p>Every single mistake that could have been made is undone in thought; the one after which most oddities are gone and no
 * new one has come explains them, and its undoing is the correction that is offered.
 */
public final class Doubts {

    /**
     * How clearly a single mistake must improve the fit of the girths to be asked about although no reading lies far off.
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
    private final List<Relation> relations;
    private final Proportions proportions;
    private final Wardrobe wardrobe;

    public Doubts(MeasureCatalogue catalogue, List<Relation> relations, Proportions proportions, Wardrobe wardrobe) {
        this.catalogue = catalogue;
        this.relations = List.copyOf(relations);
        this.proportions = proportions;
        this.wardrobe = wardrobe;
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
        List<Doubt> doubts = new ArrayList<>(readings(set, build));
        old(set, today, months).ifPresent(doubts::add);
        doubts.removeIf(doubt -> set.settled().contains(doubt.key()));
        return doubts;
    }

    private List<Doubt> readings(MeasurementSet set, Build build) {
        Evidence evidence = new Evidence(catalogue, relations, proportions, build.age(), wardrobe.shaped(set.stack()));
        List<Doubt> doubts = new ArrayList<>();
        for (Reading reading : set.readings()) {
            catalogue
                    .find(reading.measure())
                    .flatMap(measure -> spread(set, measure, reading))
                    .ifPresent(doubts::add);
        }
        List<Mistake> possible = mistakes(set);
        MeasurementSet mended = set;
        Map<String, Oddity> odd = evidence.of(set);
        while (!odd.isEmpty()) {
            MeasurementSet now = mended;
            Map<String, Oddity> before = odd;
            record Tried(Mistake mistake, Map<String, Oddity> left) {}
            List<Tried> explaining = new ArrayList<>();
            for (Mistake mistake : mended == set ? possible : mistakes(now)) {
                if (before.values().stream().anyMatch(each -> touches(each, mistake))) {
                    Map<String, Oddity> left = evidence.of(mistake.mended());
                    if (left.size() < before.size() && before.keySet().containsAll(left.keySet())) {
                        explaining.add(new Tried(mistake, left));
                    }
                }
            }
            explaining.sort(Comparator.comparingInt((Tried each) -> each.left().size())
                    .thenComparingDouble(
                            each -> evidence.fit(each.mistake().mended()).distance() + rarity(each.mistake())));
            if (explaining.isEmpty()) {
                break;
            }
            Tried best = explaining.get(0);
            List<Mistake> equal = explaining.stream()
                    .filter(each -> each.left().size() == best.left().size())
                    .map(Tried::mistake)
                    .limit(3)
                    .toList();
            List<Oddity> gone = before.entrySet().stream()
                    .filter(entry -> !best.left().containsKey(entry.getKey()))
                    .map(Map.Entry::getValue)
                    .toList();
            // A correction offered is always of the set as it stands, not of one already mended in thought.
            doubts.add(doubt(set, gone, onto(set, equal)));
            mended = best.mistake().mended();
            odd = best.left();
        }
        odd.values().forEach(each -> doubts.add(doubt(set, List.of(each), List.of())));
        if (build.age() == Age.ADULT) {
            quietly(set, evidence, possible, doubts);
        }
        return doubts;
    }

    private List<Mistake> onto(MeasurementSet set, List<Mistake> found) {
        return mistakes(set).stream()
                .filter(mistake -> found.stream()
                        .anyMatch(other -> other.kind() == mistake.kind()
                                && other.keys().equals(mistake.keys())
                                && other.mend().equals(mistake.mend())))
                .sorted(Comparator.comparingInt(
                        mistake -> found.stream().map(Mistake::mend).toList().indexOf(mistake.mend())))
                .toList();
    }

    /** Units are mistaken more often than marks, and marks more often than digits: by so much the fit must be better. */
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

    private List<Mistake> mistakes(MeasurementSet set) {
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
        Set<List<String>> pairs = new LinkedHashSet<>();
        relations.stream()
                .map(relation -> relation.value().names())
                .filter(keys -> keys.size() == 2)
                .forEach(pairs::add);
        for (List<String> pair : pairs) {
            Optional<Reading> one = reading(set, pair.get(0));
            Optional<Reading> other = reading(set, pair.get(1));
            if (one.isPresent() && other.isPresent() && isAlike(pair)) {
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

    private static String name(Measure measure, Reading reading) {
        return measure.name() + (reading.posture() == Posture.SEATED ? " seated" : "");
    }

    /** Asks about mistakes that leave every reading within its limits but would make the whole fit clearly better. */
    private void quietly(MeasurementSet set, Evidence evidence, List<Mistake> possible, List<Doubt> doubts) {
        Set<String> asked = new TreeSet<>();
        doubts.forEach(doubt -> asked.addAll(doubt.measures()));
        Proportions.Fit fit = evidence.fit(set);
        Predicate<Mistake> better = mistake -> {
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
        };
        for (Mistake mistake : possible) {
            boolean quiet = mistake.kind() == Doubt.Kind.TEN_INCHES
                    || mistake.kind() == Doubt.Kind.TRANSPOSED
                    || mistake.kind() == Doubt.Kind.SWAPPED;
            List<String> measures =
                    mistake.keys().stream().map(Readings::measureOf).toList();
            if (quiet && measures.stream().noneMatch(asked::contains) && better.test(mistake)) {
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
                        key(set, mistake.kind(), mistake.keys())));
            }
        }
        oneInch(set, evidence, fit)
                .filter(doubt ->
                        doubts.stream().noneMatch(other -> !other.corrections().isEmpty()))
                .ifPresent(doubts::add);
    }

    private static boolean isWaistOverHip(MeasurementSet set, Mistake mistake) {
        Readings values = Readings.of(set);
        return mistake.keys().get(0).equals("full-hip")
                && mistake.keys().get(1).startsWith("waist")
                && values.value(mistake.keys().get(1)) > values.value("full-hip");
    }

    private Optional<Doubt> oneInch(MeasurementSet set, Evidence evidence, Proportions.Fit fit) {
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
                key(set, Doubt.Kind.ONE_INCH, mistake.keys())));
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
                key(set, kind, keys));
    }

    private static String key(MeasurementSet set, Doubt.Kind kind, List<String> keys) {
        Readings values = Readings.of(set);
        StringBuilder text = new StringBuilder(kind.name());
        keys.forEach(key -> text.append(' ').append(key).append('=').append(Math.round(values.value(key))));
        return text.toString();
    }

    private Optional<Doubt> spread(MeasurementSet set, Measure measure, Reading reading) {
        if (reading.spread().compareTo(measure.mostSpread()) <= 0) {
            return Optional.empty();
        }
        List<Doubt.Correction> corrections = new ArrayList<>();
        boolean smallestIsOdd = false;
        for (int i = 0; i < reading.taken().size(); i++) {
            LengthEntry entry = reading.taken().get(i);
            Reading without = reading.without(i).orElseThrow();
            Length others = without.mean();
            List<LengthEntry> mended = new ArrayList<>(entry.transposed());
            mended.add(entry.readAs(entry.unit() == LengthUnit.CENTIMETRE ? LengthUnit.INCH : LengthUnit.CENTIMETRE));
            mended.add(entry.less(TapeStart.TEN_AT_FLOOR.offset()));
            for (LengthEntry other : mended) {
                Reading with = reading.with(i, other);
                if (without.spread().compareTo(measure.mostSpread()) <= 0
                        && with.spread().compareTo(measure.mostSpread()) <= 0) {
                    corrections.add(new Doubt.Correction(
                            Sentence.of("{} was {}", entry.typed(), other.value()), set.with(with)));
                }
            }
            if (reading.taken().size() == Reading.MOST && without.spread().compareTo(measure.mostSpread()) <= 0) {
                smallestIsOdd |= entry.value().compareTo(others) < 0;
                corrections.add(new Doubt.Correction(
                        Sentence.of("Leave {} out: the other two agree", entry.value()), set.with(without)));
            }
        }
        boolean bust = List.of("full-bust", "high-bust", "chest").contains(measure.id());
        return Optional.of(new Doubt(
                Doubt.Kind.SPREAD,
                List.of(measure.id()),
                Sentence.of("{} readings differ by {}", name(measure, reading), reading.spread()),
                Sentence.of(
                        bust && smallestIsOdd
                                ? "Raised arms shrink it: arms down, and measure again"
                                : "More than {} means measuring again",
                        measure.mostSpread()),
                corrections,
                key(set, Doubt.Kind.SPREAD, List.of(Readings.keyOf(reading))) + " "
                        + reading.spread().nanometres()));
    }

    private static Optional<Doubt> old(MeasurementSet set, LocalDate today, int months) {
        long age = ChronoUnit.MONTHS.between(set.date(), today);
        if (age < months || set.readings().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Doubt(
                Doubt.Kind.OLD,
                List.of(),
                Sentence.of("Measured {} months ago, on {}", age, set.date()),
                Sentence.of("Bodies change: after {} months measure again", months),
                List.of(),
                "OLD " + months + " " + age));
    }
}
