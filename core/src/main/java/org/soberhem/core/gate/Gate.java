package org.soberhem.core.gate;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Severity;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.judging.Target;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.SewingOrder;
import org.soberhem.core.plan.Task;

/** The gate before each step that cannot be taken back: what must be so, and what is missing. */
public final class Gate {

    private static final Map<GateStep, List<GateCheck>> CHECKS = Map.of(
            GateStep.CUT_CLOTH,
            List.of(
                    GateCheck.TRIED,
                    GateCheck.REMARKS,
                    GateCheck.LAYERS,
                    GateCheck.MOVEMENTS,
                    GateCheck.WEAR,
                    GateCheck.OPENINGS,
                    GateCheck.SEAMS,
                    GateCheck.WASHED,
                    GateCheck.ENOUGH,
                    GateCheck.SET,
                    GateCheck.COUNTED),
            GateStep.TRIM,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.LAYERS, GateCheck.MOVEMENTS, GateCheck.PRESSED),
            GateStep.CUT_HEM,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.LAYERS, GateCheck.MOVEMENTS, GateCheck.HUNG),
            GateStep.CLIP_NOTCH,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.SEAMS));

    private final Symptoms symptoms;
    private final TrialConditions trials;
    private final SewingOrder making;

    /**
     * @param symptoms how much hangs on what was seen
     * @param movements what garments are tried in
     * @param wardrobe the layers that a garment is tried on over
     * @param making which garments hang before they are levelled
     */
    public Gate(Symptoms symptoms, List<Movement> movements, Wardrobe wardrobe, SewingOrder making) {
        this.symptoms = symptoms;
        this.trials = new TrialConditions(movements, wardrobe);
        this.making = making;
    }

    /** Returns how a gate stands for one garment, with what is in hand to cut it from. */
    public GateStanding of(EvaluatedCostume at, String name, GateStep step, Supplies supplies) {
        Garment garment = at.costume().garment(name).orElseThrow();
        List<GateCondition> conditions = CHECKS.get(step).stream()
                .map(check -> condition(at, garment, check, supplies))
                .toList();
        Optional<CostumeRecord.Passage> passed = at.judgement().since(garment) == SinceVersion.UNCHANGED
                ? at.costume().papers().passed(step, name, garment.base())
                : Optional.empty();
        return new GateStanding(step, name, conditions, passed);
    }

    private GateCondition condition(EvaluatedCostume at, Garment garment, GateCheck check, Supplies supplies) {
        return switch (check) {
            case TRIED -> TrialConditions.tried(at, garment);
            case REMARKS -> remarks(at.costume(), garment);
            case LAYERS -> trials.layers(at, garment);
            case MOVEMENTS -> trials.moved(at, garment, check, false);
            case WEAR -> trials.moved(at, garment, check, true);
            case OPENINGS -> PatternConditions.openings(at, garment);
            case SEAMS -> PatternConditions.seams(at, garment);
            case PRESSED -> TrialConditions.pressed(at, garment);
            case WASHED, ENOUGH, SET, COUNTED -> ClothConditions.of(at, garment, check, supplies);
            case HUNG -> hung(at, garment, supplies);
        };
    }

    /**
     * What is made of straight panels has nothing to wait for; what hangs must have waited, whatever steps it was
     * given.
     */
    private GateCondition hung(EvaluatedCostume at, Garment garment, Supplies supplies) {
        Optional<Task> waiting = at.costume().underway().bench().tasks().stream()
                .filter(task -> task.garment().equals(garment.name()) && task.kind() == Task.Kind.WAIT)
                .reduce((first, last) -> last);
        String kind = kind(at, garment);
        if (waiting.isEmpty()) {
            return !kind.isEmpty() && !making.hangs(kind)
                    ? GateCondition.of(
                            GateCheck.HUNG,
                            true,
                            Sentence.of("It needs no hanging: nothing of it drops"),
                            Stage.BENCH,
                            Target.PLACE)
                    : GateCondition.unknown(
                            GateCheck.HUNG, "Hung for a day before it is levelled: no step says so yet", Stage.BENCH);
        }
        boolean met = Bench.isOver(waiting.get(), supplies.now());
        return GateCondition.of(
                GateCheck.HUNG,
                met,
                met
                        ? Sentence.of("It has hung long enough to be levelled")
                        : waiting.get()
                                .done()
                                .map(since -> Sentence.of(
                                        "It has hung since {} and must hang until {}",
                                        words(since),
                                        words(since.plusMinutes(waiting.get().minutes()))))
                                .orElse(Sentence.of("It has not been hung yet")),
                Stage.BENCH,
                new Target.BenchStep(waiting.get().id()));
    }

    private static String words(LocalDateTime at) {
        return at.toLocalDate() + ", " + at.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    }

    private GateCondition remarks(Costume costume, Garment garment) {
        List<String> open = new ArrayList<>();
        Target first = Target.PLACE;
        for (Fitting fitting : costume.fittings()) {
            for (Remark remark : fitting.remarks()) {
                if (remark.garment().equals(garment.name()) && blocks(remark)) {
                    open.add(symptoms.words(remark.seen()) + " ("
                            + severity(remark).words() + ")");
                    first = first.equals(Target.PLACE) ? new Target.Remark(remark.id()) : first;
                }
            }
        }
        Sentence words = open.isEmpty()
                ? Sentence.of("No open remark stands against it")
                : Sentence.of("Open: {}", String.join(", ", new LinkedHashSet<>(open)));
        return GateCondition.of(GateCheck.REMARKS, open.isEmpty(), words, Stage.FITTING, first);
    }

    /**
     * Says whether a remark keeps the final cloth from being cut: it is open, it matters, and nothing later will cure
     * it.
     */
    public boolean blocks(Remark remark) {
        if (!remark.isOpen() || remark.seen().isEmpty()) {
            return false;
        }
        boolean later = remark.decision()
                .map(Decision::kind)
                .filter(kind -> kind == Decision.Kind.MAKE_UP
                        || kind == Decision.Kind.WAIT_FINAL_CLOTH
                        || kind == Decision.Kind.TRIM_ON_WEARER)
                .isPresent();
        boolean matters = symptoms.find(remark.seen()).map(Symptom::blocks).orElse(true);
        return matters && (!later || severity(remark) == Severity.SAFETY);
    }

    /** Returns how much hangs on a remark; one in own words is taken for a matter of fit. */
    public Severity severity(Remark remark) {
        return symptoms.find(remark.seen()).map(Symptom::severity).orElse(Severity.FIT);
    }

    /** Returns the movements that a kind of garment is tried in. */
    public List<Movement> movements(String kind) {
        return trials.movements(kind);
    }

    static String kind(EvaluatedCostume at, Garment garment) {
        return Optional.ofNullable(at.judgement().works().get(garment.name()))
                .map(work -> work.sheet().sheet().about().garment())
                .orElse("");
    }
}
