package org.soberhem.core.gate;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.GarmentJoin;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.SeamCheck;

/** What a gate asks of the pattern: that it can be got into and that its seams are true. */
final class PatternConditions {

    private PatternConditions() {}

    static GateCondition openings(EvaluatedCostume at, Garment garment) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        List<CheckResult> failing = work.stream()
                .flatMap(each -> each.checks().stream())
                .filter(check -> check.isOpening() && !(check.isJudged() && check.passes()))
                .toList();
        Optional<Sentence> unmade = Stream.concat(
                        work.stream().flatMap(each -> each.questions().stream()),
                        at.judgement().dailyLife(garment).stream())
                .filter(PatternQuestion::fails)
                .map(PatternQuestion::sentence)
                .findFirst();
        boolean met = work.isPresent() && failing.isEmpty() && unmade.isEmpty();
        Sentence words = work.isEmpty()
                ? Sentence.of("Openings: the garment cannot be drawn")
                : met
                        ? Sentence.of("It can be got into: every opening passes")
                        : failing.stream()
                                .map(CheckResult::sentence)
                                .findFirst()
                                .or(() -> unmade)
                                .orElseThrow();
        return GateCondition.of(GateCheck.OPENINGS, met, words, Stage.DRAFT, Target.PLACE);
    }

    static GateCondition seams(EvaluatedCostume at, Garment garment) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        Optional<SeamCheck> untrue = work.stream()
                .flatMap(each -> each.seams().stream())
                .filter(seam -> !seam.isTrue())
                .findFirst();
        Optional<GarmentJoin> apart = at.judgement().joins(garment).stream()
                .filter(join -> !join.isTrue())
                .findFirst();
        boolean met = work.isPresent() && untrue.isEmpty() && apart.isEmpty();
        Sentence words = work.isEmpty()
                ? Sentence.of("Seams: the garment cannot be drawn")
                : untrue.map(SeamCheck::sentence)
                        .or(() -> apart.map(GarmentJoin::sentence))
                        .orElse(Sentence.of("Every seam is true"));
        Target target = untrue.map(seam -> seam.seam().first().get(0))
                .<Target>map(edge -> new Target.Part(edge.piece(), edge.edge()))
                .orElse(Target.PLACE);
        return GateCondition.of(GateCheck.SEAMS, met, words, Stage.DRAFT, target);
    }
}
