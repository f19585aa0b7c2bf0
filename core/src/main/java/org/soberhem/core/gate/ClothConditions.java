package org.soberhem.core.gate;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Sentence;

/** What a gate asks of cloth: made ready, enough, set by a lay, chosen for every use. */
final class ClothConditions {

    private ClothConditions() {}

    /** Returns how one of them stands for a garment. */
    static GateCondition of(EvaluatedCostume at, Garment garment, GateCheck check, Supplies supplies) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        if (work.isEmpty()) {
            return GateCondition.unknown(check, "Cloth: the garment cannot be drawn", Stage.CLOTH);
        }
        List<ClothSupply> all =
                ClothSupply.of(at.costume(), garment.name(), work.get().pattern(), supplies);
        ClothSupply outer = all.get(0);
        return switch (check) {
            case WASHED -> {
                List<String> raw = all.stream()
                        .filter(supply -> supply.cloth().isPresent() && !supply.isReady())
                        .map(supply -> supply.cloth().orElseThrow().title())
                        .distinct()
                        .toList();
                boolean met = raw.isEmpty() && outer.cloth().isPresent();
                yield GateCondition.of(
                        check,
                        met,
                        met
                                ? Sentence.of("Every cloth is made ready to be cut")
                                : raw.isEmpty()
                                        ? Sentence.of("No cloth is chosen")
                                        : Sentence.of("Not made ready yet: {}", String.join(", ", raw)),
                        Stage.CLOTH,
                        Target.PLACE);
            }
            case ENOUGH -> {
                Optional<ClothSupply> lacking =
                        all.stream().filter(supply -> !supply.isEnough()).findFirst();
                yield GateCondition.of(
                        check,
                        lacking.isEmpty(),
                        lacking.map(ClothConditions::whyNotEnough)
                                .orElse(Sentence.of("Enough cloth is in hand for every use")),
                        Stage.CLOTH,
                        lacking.<Target>map(
                                        supply -> new Target.Use(supply.use().use()))
                                .orElse(Target.PLACE));
            }
            case SET -> {
                boolean met = outer.isLaid() && outer.pieces().unmatched().isEmpty();
                yield GateCondition.of(
                        check,
                        met,
                        met
                                ? Sentence.of("Grain and stripes are set by the lay")
                                : outer.isLaid()
                                        ? outer.pieces().unmatched().get(0)
                                        : Sentence.of("Grain and stripes are set when the outer cloth is laid"),
                        Stage.CLOTH,
                        new Target.Use("outer"));
            }
            default -> {
                List<String> open = all.stream()
                        .filter(supply -> supply.cloth().isEmpty())
                        .map(supply -> supply.use().use())
                        .toList();
                yield GateCondition.of(
                        check,
                        open.isEmpty(),
                        open.isEmpty()
                                ? Sentence.of("Outer, lining and interlining each have their cloth")
                                : Sentence.of("No cloth is chosen yet for {}", String.join(", ", open)),
                        Stage.CLOTH,
                        open.isEmpty() ? Target.PLACE : new Target.Use(open.get(0)));
            }
        };
    }

    private static Sentence whyNotEnough(ClothSupply supply) {
        List<Sentence> wrong = supply.wrong();
        return wrong.get(wrong.size() - 1);
    }
}
