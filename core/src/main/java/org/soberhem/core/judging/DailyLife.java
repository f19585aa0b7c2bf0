package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.costume.DailyNeeds.Need;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Wearing;
import org.soberhem.core.length.Sentence;

/** Whether a garment lets its wearer do what was asked for when the costume was begun, each with a way out. */
public final class DailyLife {

    private DailyLife() {}

    /**
     * Returns what stands against the needs.
     *
     * @param work the garment worked out
     * @param made its alterations; what is left so by the words of a need is settled
     * @param needs of the wearer
     */
    public static List<PatternQuestion> of(DraftedGarment work, List<Alteration> made, DailyNeeds needs) {
        List<PatternQuestion> against = new ArrayList<>();
        Optional<Wearing> wearing = Sums.wearing(work.sheet(), work.inputs(), work.pattern());
        for (Need need : needs.all()) {
            wearing.flatMap(way -> against(need, way))
                    .ifPresent(words -> against.add(new PatternQuestion(
                            need.words(),
                            words,
                            new CheckResult.Where(work.pattern().pieces().get(0).name(), ""),
                            why(made, need),
                            Optional.of(Sums.OPENINGS))));
        }
        return against;
    }

    private static Optional<String> why(List<Alteration> made, Need need) {
        return made.stream()
                .filter(LeaveSo.class::isInstance)
                .map(LeaveSo.class::cast)
                .filter(so -> so.what().equals(need.words()))
                .map(LeaveSo::why)
                .findFirst();
    }

    private static Optional<Sentence> against(Need need, Wearing way) {
        return switch (need) {
            case ALONE ->
                way.alone()
                        ? Optional.empty()
                        : Optional.of(
                                Sentence.of(
                                        "The wearer dresses alone, but it fastens between the shoulder blades: open it in front or at the side, or end the fastening where a hand reaches"));
            case LAVATORY ->
                way.lavatory() != Wearing.Lavatory.TAKEN_OFF
                        ? Optional.empty()
                        : Optional.of(
                                Sentence.of(
                                        "The wearer must use the lavatory dressed, but it must come off altogether: a slit or an opening gusset at the fork, a separate lower part, or an opening that lets it down"));
            case NURSING ->
                way.nursing() != Wearing.Nursing.NO
                        ? Optional.empty()
                        : Optional.of(
                                Sentence.of(
                                        "The wearer nurses, but it must come off for it: open it in front, or slit it beside the breast under an outer layer"));
        };
    }
}
