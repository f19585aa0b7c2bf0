package org.soberhem.studio;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.silhouette.Verdict;

/**
 * A costume with everything computed from it, at one moment.
 *
 * @param costume the costume
 * @param wearer who it is for
 * @param set the measurement set that it is drawn from, with tried values in it
 * @param judgement its garments worked out
 * @param tried measures that are tried and not kept, by id, in millimetres
 * @param verdicts by the rules of its period, what presses most first
 * @param inTheWay what stands in its way
 */
public record Situation(
        Costume costume,
        Wearer wearer,
        Optional<MeasurementSet> set,
        Judgement judgement,
        Map<String, Double> tried,
        List<Verdict> verdicts,
        List<Obstacle> inTheWay) {

    /** Returns what its figure and its verdicts come from. */
    public EvaluatedCostume judged() {
        return new EvaluatedCostume(judgement, wearer, set, tried);
    }

    public Optional<DraftedGarment> work(String garment) {
        return Optional.ofNullable(judgement.works().get(garment));
    }

    /** Returns a garment's pattern as it is now; empty if it is not drawn. */
    public Optional<Pattern> pattern(String garment) {
        return work(garment).map(DraftedGarment::pattern);
    }

    /** Returns how many things stand in the way at a stage. */
    public long count(Stage stage) {
        return inTheWay.stream().filter(obstacle -> obstacle.stage() == stage).count();
    }

    /** Says whether a stage has been come to and nothing stands in the way there. */
    public boolean isSettled(Stage stage) {
        boolean reached = switch (stage) {
            case TAPE -> true;
            case DRAFT, FITTING, SILHOUETTE -> !judgement.works().isEmpty();
            case CLOTH -> !costume.underway().cloth().isEmpty();
            case BENCH -> costume.underway().bench().isFinished();
            case RECORD -> !costume.papers().wearings().isEmpty();
        };
        return reached && count(stage) == 0;
    }

    /** Returns the first stage at which something stands in the way, or the last. */
    public Stage stage() {
        return inTheWay.isEmpty() ? Stage.SILHOUETTE : inTheWay.get(0).stage();
    }
}
