package org.soberhem.studio;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Version;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.Sentence;
import org.soberhem.library.Library;

/** The costume at hand: its situation, the garment that is looked at, and values that are tried on it. */
public final class CurrentCostume {

    private final Library library;
    private final Histories histories;
    private final CostumeEvaluator evaluator;
    private final Clock clock;
    private final Map<String, Double> tried = new HashMap<>();
    private final Observed<Situation> situation = new Observed<>(null);
    private final Observed<String> garment = new Observed<>("");

    CurrentCostume(Library library, Histories histories, CostumeEvaluator evaluator, Clock clock) {
        this.library = library;
        this.histories = histories;
        this.evaluator = evaluator;
        this.clock = clock;
    }

    /** The costume with everything worked out from it; null while none is open. */
    public Observed<Situation> situation() {
        return situation;
    }

    /** Name of the garment that is looked at. */
    public Observed<String> garment() {
        return garment;
    }

    /** Returns whether a costume is open that has this id. */
    public boolean is(String id) {
        return situation.get() != null && situation.get().costume().id().equals(id);
    }

    void open(Costume costume) {
        tried.clear();
        garment.set(
                costume.garments().isEmpty() ? "" : costume.garments().get(0).name());
        situation.publish(evaluate(costume));
    }

    /** Shows the costume at hand, if any is open, as its line now stands. */
    void refresh() {
        if (situation.get() != null) {
            show(histories.costumes().value(situation.get().costume().id()));
        }
    }

    /** Shows another state of the costume at hand, with what is tried; nobody is told where nothing changed. */
    void show(Costume costume) {
        Situation now = evaluator.evaluate(question(costume, tried));
        if (now != situation.get()) {
            situation.publish(now);
        }
    }

    /** Returns any costume worked out, without what is tried. */
    public Situation evaluate(Costume costume) {
        return evaluator.evaluate(question(costume, Map.of()));
    }

    private CostumeEvaluator.Question question(Costume costume, Map<String, Double> values) {
        return new CostumeEvaluator.Question(
                costume, histories.wearer(costume), histories.stash(), histories.maker(), now(), values);
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock);
    }

    /**
     * Tries another value of a measure without keeping it.
     *
     * @param measure catalogue id
     * @param millimetres the value
     */
    public void tryMeasure(String measure, double millimetres) {
        tried.put(measure, millimetres);
        show(situation.get().costume());
    }

    /** Forgets every tried value. */
    public void forgetTried() {
        tried.clear();
        show(situation.get().costume());
    }

    /** Forgets tried values and what was worked out: a wearer was erased. */
    void forget() {
        tried.clear();
        evaluator.forget();
        refresh();
    }

    /** What is in hand to make costumes from, now. */
    public Supplies supplies() {
        return new Supplies(histories.stash(), library.fibres(), now());
    }

    private MakersLibrary own() {
        return evaluator.libraryOf(histories.maker());
    }

    /** Returns how a gate stands for one of the garments. */
    public GateStanding standing(String garmentName, GateStep step) {
        return own().gate().of(situation.get().judged(), garmentName, step, supplies());
    }

    /** Returns what is doubted about a set of the wearer. */
    public List<Doubt> doubts(MeasurementSet set) {
        return own().doubts()
                .of(
                        set,
                        situation.get().wearer().build(),
                        LocalDate.now(clock),
                        histories.maker().months());
    }

    /** Returns the sums that belong to a garment, in the costume's year. */
    public List<Sum> sums(DraftedGarment of) {
        SumInputs.Circumstances circumstances =
                new SumInputs.Circumstances(situation.get().costume().year(), library.usages());
        return Sums.of(of.sheet(), of.inputs(), of.pattern(), circumstances);
    }

    /** Returns a garment drafted as it was at a version; empty if it cannot be drawn. */
    public Optional<DraftedGarment> draft(Garment of, Version version) {
        try {
            return Optional.of(evaluator.draft(of.takenUpAt(version), version.inputs()));
        } catch (DraftException dead) {
            return Optional.empty();
        }
    }

    /** Returns a garment drafted from the kept readings, without tried values; empty if it cannot be drawn. */
    public Optional<DraftedGarment> draft(Garment of) {
        return situation.get().set().flatMap(set -> {
            try {
                return Optional.of(evaluator.draft(
                        of, own().resolver().inputs(set, situation.get().costume(), of.settings())));
            } catch (DraftException dead) {
                return Optional.empty();
            }
        });
    }

    /**
     * Returns why a garment cannot be drawn from the kept readings; empty if it can, or if nothing is measured.
     *
     * @param of a garment of the costume, perhaps with a change that is not kept
     */
    public Optional<Sentence> refusal(Garment of) {
        try {
            MeasurementSet set = situation.get().set().orElseThrow();
            evaluator.draft(of, own().resolver().inputs(set, situation.get().costume(), of.settings()));
            return Optional.empty();
        } catch (DraftException refused) {
            return Optional.of(refused.sentence());
        }
    }

    /** Returns the compiled sheet of a garment. */
    public CompiledSheet sheet(Garment of) {
        return evaluator.sheet(of.sheet());
    }

    /** Returns the costume drafted for another wearer, from their latest readings. */
    public EvaluatedCostume wornBy(Wearer wearer) {
        return evaluator.wornBy(wearer, situation.get().costume(), histories.maker());
    }
}
