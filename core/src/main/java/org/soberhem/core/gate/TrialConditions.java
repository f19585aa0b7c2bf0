package org.soberhem.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.judging.Target;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;

/** What a gate asks of the mock-up: tried on as it is now, over its layers, moved in, worn, pressed. */
final class TrialConditions {

    private final List<Movement> movements;
    private final Wardrobe wardrobe;

    TrialConditions(List<Movement> movements, Wardrobe wardrobe) {
        this.movements = List.copyOf(movements);
        this.wardrobe = wardrobe;
    }

    /** Returns the movements that a kind of garment is tried in. */
    List<Movement> movements(String kind) {
        return movements.stream()
                .filter(movement -> movement.garments().contains(kind))
                .toList();
    }

    /** Returns the latest round at which the version that a garment now is was tried on. */
    private static Optional<Fitting> round(EvaluatedCostume at, Garment garment) {
        return rounds(at, garment).reduce((first, last) -> last);
    }

    /** Returns the rounds at which the version that a garment now is was tried on; none if it was changed since. */
    private static Stream<Fitting> rounds(EvaluatedCostume at, Garment garment) {
        return at.costume().fittings().stream()
                .filter(fitting -> at.judgement().since(garment) == SinceVersion.UNCHANGED
                        && Integer.valueOf(garment.base())
                                .equals(fitting.mockup().versions().get(garment.name())));
    }

    static GateCondition tried(EvaluatedCostume at, Garment garment) {
        Optional<Fitting> round = round(at, garment);
        SinceVersion since = at.judgement().since(garment);
        Sentence words = round.isPresent()
                ? Sentence.of(
                        "Version {} was tried on at fitting {}",
                        garment.base(),
                        round.get().number())
                : switch (since) {
                    case UNCHANGED -> Sentence.of("Version {} has not been tried on", garment.base());
                    case NO_VERSION -> Sentence.of("It has not been tried on: {}", since.words());
                    default ->
                        Sentence.of(
                                "The pattern is no longer version {}, {}: it has not been tried on so",
                                garment.base(),
                                since.words());
                };
        return GateCondition.of(GateCheck.TRIED, round.isPresent(), words, Stage.FITTING, Target.PLACE);
    }

    GateCondition layers(EvaluatedCostume at, Garment garment) {
        Costume costume = at.costume();
        Optional<Fitting> round = round(at, garment);
        if (round.isEmpty()) {
            return GateCondition.of(
                    GateCheck.LAYERS,
                    false,
                    Sentence.of("Layers: it was not tried on over {}", wardrobe.title(costume.stack())),
                    Stage.FITTING,
                    Target.PLACE);
        }
        Fitting fitting = round.get();
        boolean same = fitting.confirmed()
                && fitting.stack().equals(costume.stack())
                && fitting.conditions().off().isEmpty();
        Sentence words = same
                ? Sentence.of("Tried on over {}, as it will be worn", wardrobe.title(costume.stack()))
                : Sentence.of(
                        "At fitting {} the layers were {}",
                        fitting.number(),
                        fitting.confirmed() ? "others than it will be worn over" : "not confirmed");
        return GateCondition.of(GateCheck.LAYERS, same, words, Stage.FITTING, Target.PLACE);
    }

    GateCondition moved(EvaluatedCostume at, Garment garment, GateCheck check, boolean wear) {
        List<Movement> wanted = movements(Gate.kind(at, garment)).stream()
                .filter(movement -> movement.isWear() == wear)
                .toList();
        List<Fitting> rounds = rounds(at, garment).toList();
        List<String> left = new ArrayList<>();
        for (Movement movement : wanted) {
            boolean done = rounds.stream()
                    .flatMap(fitting -> fitting.trials().stream())
                    .filter(trial -> trial.movement().equals(movement.id()) && trial.minutes() >= movement.minutes())
                    .reduce((first, last) -> last)
                    .filter(trial ->
                            trial.result() == Trial.Result.PASSED || trial.result() == Trial.Result.WITH_REMARK)
                    .isPresent();
            if (!done) {
                left.add(movement.name().toLowerCase(Locale.ROOT));
            }
        }
        String what = wear ? "Wear" : "Movement";
        Sentence words = left.isEmpty()
                ? Sentence.of("{}: every test passed", what)
                : Sentence.of("{}: still to be tried or failed: {}", what, String.join(", ", left));
        return GateCondition.of(check, left.isEmpty(), words, Stage.FITTING, Target.PLACE);
    }

    static GateCondition pressed(EvaluatedCostume at, Garment garment) {
        boolean met = round(at, garment)
                .filter(fitting -> !fitting.mockup().differs().contains(ClothDifference.UNPRESSED))
                .isPresent();
        return GateCondition.of(
                GateCheck.PRESSED,
                met,
                met
                        ? Sentence.of("It was pressed before it was tried on")
                        : Sentence.of("Press it and try it on again"),
                Stage.FITTING,
                Target.PLACE);
    }
}
