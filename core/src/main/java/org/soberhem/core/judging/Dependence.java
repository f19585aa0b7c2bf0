package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/** What a round of fitting rests on, and what of it was not as planned or has changed since. */
public final class Dependence {

    /** Readings that differ by less since a version was cut change nothing, in millimetres: a sixteenth of an inch. */
    private static final double SAME = 25.4 / 16;

    private Dependence() {}

    /**
     * Returns why the remarks of a round are provisional; empty if they stand.
     *
     * @param garment the remarks of which garment
     */
    public static List<Sentence> of(EvaluatedCostume at, Fitting fitting, String garment, Wardrobe wardrobe) {
        List<Sentence> why = new ArrayList<>();
        Conditions worn = fitting.conditions();
        if (!worn.confirmed()) {
            why.add(Sentence.of("the layers worn were not confirmed"));
        }
        layers(at.costume(), fitting, wardrobe, why);
        worn.standIn()
                .ifPresent(other -> why.add(Sentence.of(
                        "it was tried on {}, not on the wearer: where they differ, try it on the wearer", other)));
        if (worn.insideOut()) {
            why.add(
                    isUneven(at.set())
                            ? Sentence.of("it was tried wrong side out, and the wearer's sides differ")
                            : Sentence.of("it was tried wrong side out: left and right are exchanged"));
        }
        for (ClothDifference difference : fitting.mockup().differs()) {
            why.add(Sentence.of("the cloth is {}; not to be trusted: {}", difference.words(), difference.unreliable()));
        }
        for (InnerPart inner : InnerPart.values()) {
            if (fitting.mockup().lacks(inner)) {
                why.add(Sentence.of("its {} {} not in yet", inner.words(), inner == InnerPart.LINING ? "is" : "are"));
            }
        }
        version(at, fitting, garment, why);
        return why;
    }

    private static void layers(Costume costume, Fitting fitting, Wardrobe wardrobe, List<Sentence> why) {
        Conditions worn = fitting.conditions();
        if (!worn.stack().equals(costume.stack())) {
            why.add(Sentence.of(
                    "it was worn over {}, the costume over {}",
                    wardrobe.title(worn.stack()),
                    wardrobe.title(costume.stack())));
        }
        for (String layer : worn.off()) {
            why.add(Sentence.of(
                    "without {}", wardrobe.layer(layer).map(Layer::name).orElse(layer)));
        }
    }

    private static boolean isUneven(Optional<MeasurementSet> set) {
        return set.stream()
                .flatMap(each -> each.readings().stream())
                .map(Reading::measure)
                .distinct()
                .anyMatch(measure -> uneven(set.get(), measure) > SAME);
    }

    /** Returns by how much a measure differs between the wearer's sides, in millimetres. */
    static double uneven(MeasurementSet set, String measure) {
        Optional<Length> left = set.value(measure, Side.LEFT);
        Optional<Length> right = set.value(measure, Side.RIGHT);
        return left.isEmpty() || right.isEmpty()
                ? 0
                : Math.abs(left.get().toMillimetres() - right.get().toMillimetres());
    }

    private static void version(EvaluatedCostume at, Fitting fitting, String name, List<Sentence> why) {
        Integer cut = fitting.mockup().versions().get(name);
        Optional<Garment> garment = at.costume().garment(name);
        if (cut == null || garment.isEmpty()) {
            return;
        }
        boolean onTheWay = Ledger.lineage(garment.get()).stream().anyMatch(version -> version.number() == cut);
        if (!onTheWay) {
            why.add(Sentence.of("version {} was tried on, which the pattern no longer comes from", cut));
        }
        DraftedGarment work = at.judgement().works().get(name);
        Optional<Version> tried = garment.get().version(cut);
        if (work != null && tried.isPresent()) {
            Set<String> changed = changed(tried.get(), work.inputs());
            if (!changed.isEmpty()) {
                why.add(Sentence.of("measured anew since it was cut: {}", String.join(", ", changed)));
            }
        }
    }

    /** Returns the measures that a version was drawn from and that read otherwise now. */
    static Set<String> changed(Version version, Inputs now) {
        Set<String> changed = new LinkedHashSet<>();
        version.measures().forEach((measure, was) -> {
            Inputs.Measured is = now.measures().get(measure);
            if (is != null && (Math.abs(is.left() - was.left()) > SAME || Math.abs(is.right() - was.right()) > SAME)) {
                changed.add(measure.replace(Inputs.SEATED, ", seated").replace('-', ' '));
            }
        });
        return changed;
    }
}
