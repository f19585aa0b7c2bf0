package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.layers.OverLayers;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/**
 * Hands a wearer's readings to the drafts of a costume: by definition, by posture and by layers, or as the maker chose.
 */
public final class MeasureResolver {

    private final MeasureCatalogue catalogue;
    private final Wardrobe wardrobe;
    private final OverLayers overLayers;

    public MeasureResolver(MeasureCatalogue catalogue, Wardrobe wardrobe) {
        this.catalogue = catalogue;
        this.wardrobe = wardrobe;
        this.overLayers = new OverLayers(wardrobe);
    }

    /** Returns the values that a costume's drafts take from a set, left and right where they were taken apart. */
    public Inputs inputs(MeasurementSet set, Costume costume, Map<String, Double> settings) {
        Set<String> ids = new LinkedHashSet<>(costume.choices().keySet());
        set.readings().forEach(reading -> ids.add(reading.measure()));
        Map<String, Inputs.Measured> measures = new HashMap<>();
        for (String id : ids) {
            taken(id, set, costume).value().ifPresent(value -> measures.put(id, value));
            if (set.value(id, Side.MIDDLE, Posture.STANDING).isPresent()) {
                read(id, set, Posture.SEATED).ifPresent(value -> measures.put(id + Inputs.SEATED, value));
            }
        }
        return new Inputs(measures, settings);
    }

    /** Returns what is taken for each of the measures asked for, in their order. */
    public List<ResolvedMeasure> taken(Collection<String> asked, MeasurementSet set, Costume costume) {
        List<ResolvedMeasure> all = new ArrayList<>();
        asked.forEach(id -> all.add(taken(id, set, costume)));
        return all;
    }

    /** Returns what is taken for one measure. */
    public ResolvedMeasure taken(String asked, MeasurementSet set, Costume costume) {
        Optional<Choice> chosen = Optional.ofNullable(costume.choices().get(asked));
        Choice.Take usual = catalogue
                        .find(asked)
                        .filter(measure -> !measure.how().takes(Posture.STANDING))
                        .isPresent()
                ? Choice.Take.SEATED
                : Choice.Take.STANDING;
        Choice choice = chosen.orElse(new Choice(asked, usual, ""));
        Optional<Inputs.Measured> read = read(choice, set);
        if (read.isEmpty()) {
            return missing(asked, choice, set, chosen.isPresent());
        }
        String reason = choice.reason().isBlank() ? "" : ": " + choice.reason();
        boolean stale = wardrobe.noLongerCount(set.stack(), costume.stack()).contains(choice.from());
        if (choice.take() == Choice.Take.ESTIMATE && stale) {
            return estimated(asked, choice, set, costume, read.get());
        }
        if (stale) {
            return new ResolvedMeasure(
                    asked,
                    choice.from(),
                    choice.take(),
                    chosen.isPresent(),
                    ResolvedMeasure.State.OTHER_LAYERS,
                    read,
                    Optional.empty(),
                    Sentence.of(
                            "read over {}, not over {}{}",
                            wardrobe.title(set.stack()),
                            wardrobe.title(costume.stack()),
                            reason));
        }
        if (!choice.from().equals(asked)) {
            return new ResolvedMeasure(
                    asked,
                    choice.from(),
                    choice.take(),
                    true,
                    ResolvedMeasure.State.OTHER_DEFINITION,
                    read,
                    Optional.empty(),
                    Sentence.of("{} in place of {}{}", catalogue.name(choice.from()), catalogue.name(asked), reason));
        }
        return new ResolvedMeasure(
                asked,
                asked,
                choice.take(),
                chosen.isPresent(),
                ResolvedMeasure.State.MEASURED,
                read,
                Optional.empty(),
                Sentence.of(
                        "{}{}",
                        choice.take() == Choice.Take.ESTIMATE
                                ? "measured"
                                : choice.take().words(),
                        reason));
    }

    private Optional<Inputs.Measured> read(Choice choice, MeasurementSet set) {
        Optional<Inputs.Measured> standing = read(choice.from(), set, Posture.STANDING);
        Optional<Inputs.Measured> seated = read(choice.from(), set, Posture.SEATED);
        return switch (choice.take()) {
            case SEATED -> seated;
            case LARGER ->
                standing.isEmpty() || seated.isEmpty()
                        ? standing.or(() -> seated)
                        : Optional.of(larger(standing.get(), seated.get()));
            case STANDING, ESTIMATE -> standing;
        };
    }

    private static Inputs.Measured larger(Inputs.Measured a, Inputs.Measured b) {
        return new Inputs.Measured(Math.max(a.left(), b.left()), Math.max(a.right(), b.right()));
    }

    private static Optional<Inputs.Measured> read(String measure, MeasurementSet set, Posture posture) {
        return set.value(measure, Side.LEFT, posture)
                .map(left -> new Inputs.Measured(
                        left.toMillimetres(),
                        set.value(measure, Side.RIGHT, posture).orElse(left).toMillimetres()));
    }

    private ResolvedMeasure estimated(
            String asked, Choice choice, MeasurementSet set, Costume costume, Inputs.Measured read) {
        Optional<OverLayers.Estimate> estimate =
                overLayers.of(choice.from(), read.on(Side.MIDDLE), set.stack(), costume.stack());
        if (estimate.isEmpty()) {
            Sentence why = overLayers
                    .why(choice.from(), set.stack(), costume.stack())
                    .orElse(Sentence.of("no range is known"));
            return new ResolvedMeasure(
                    asked,
                    choice.from(),
                    choice.take(),
                    true,
                    ResolvedMeasure.State.OTHER_LAYERS,
                    Optional.of(read),
                    Optional.empty(),
                    Sentence.of("cannot be estimated: {}", why));
        }
        double change = estimate.get().middle() - read.on(Side.MIDDLE);
        return new ResolvedMeasure(
                asked,
                choice.from(),
                choice.take(),
                true,
                ResolvedMeasure.State.ESTIMATED,
                Optional.of(new Inputs.Measured(read.left() + change, read.right() + change)),
                estimate,
                Sentence.of(
                        "an estimate over {}, {} to {}, not a measurement",
                        wardrobe.title(costume.stack()),
                        estimate.get().least(),
                        estimate.get().most()));
    }

    private ResolvedMeasure missing(String asked, Choice choice, MeasurementSet set, boolean chosen) {
        return new ResolvedMeasure(
                asked,
                choice.from(),
                choice.take(),
                chosen,
                ResolvedMeasure.State.MISSING,
                Optional.empty(),
                Optional.empty(),
                instead(asked, set)
                        .map(other -> Sentence.of(
                                "not read; {} {} was, which is another measure: it is taken only if you say so",
                                catalogue.name(other.measure()),
                                other.value()))
                        .orElse(Sentence.of("not read")));
    }

    /** A reading that somebody might take for the one that is asked for. */
    record Instead(String measure, Length value) {}

    /** Finds a reading of a measure that is confused with the one asked for, or of the same in the other posture. */
    Optional<Instead> instead(String asked, MeasurementSet set) {
        List<String> others = new ArrayList<>();
        others.add(asked);
        catalogue.find(asked).map(Measure::confusable).orElse(List.of()).forEach(other -> others.add(other.id()));
        for (String other : others) {
            for (Posture posture : Posture.values()) {
                Optional<Length> value = set.value(other, Side.MIDDLE, posture);
                if (value.isPresent()) {
                    return Optional.of(new Instead(other, value.get()));
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Returns the ids that may be taken for a measure: itself and what it is confused with, as far as they were read.
     */
    public List<String> candidates(String asked, MeasurementSet set) {
        List<String> ids = new ArrayList<>();
        ids.add(asked);
        catalogue.find(asked).map(Measure::confusable).orElse(List.of()).stream()
                .map(Measure.Confusable::id)
                .filter(set::has)
                .forEach(ids::add);
        return ids;
    }
}
