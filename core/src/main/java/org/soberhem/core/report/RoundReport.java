package org.soberhem.core.report;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/** What a round leaves to do at the machine, and how rounds compare. */
public final class RoundReport {

    private RoundReport() {}

    /**
     * One thing to do between two rounds.
     *
     * @param garment name of the garment
     * @param place seam or level that is worked at; empty if it is neither
     * @param side on which side
     * @param task how much, from where to where; or what is decided, in words
     * @param seen what was seen
     * @param from version that was tried on
     * @param to version that has it; 0 if none has
     */
    public record Row(String garment, String place, Sides side, Sentence task, String seen, int from, int to) {

        /** Returns the garment and its versions before and after. */
        public String versions() {
            return garment + ", version " + from + (to > 0 ? " to " + to : "");
        }
    }

    /**
     * Returns what a round asks for, as the table to work from at the machine.
     *
     * @param pattern finds a garment's pattern by its name
     */
    public static List<Row> summary(Fitting fitting, Symptoms symptoms, Function<String, Optional<Pattern>> pattern) {
        List<Row> rows = new ArrayList<>();
        for (Remark remark : fitting.remarks()) {
            if (remark.seen().isEmpty()) {
                continue;
            }
            Optional<Ledger.Entry> entry = remark.decision()
                    .flatMap(Decision::alteration)
                    .flatMap(alteration ->
                            pattern.apply(remark.garment()).flatMap(drawn -> Ledger.entry(alteration, drawn)));
            Sides side = remark.decision()
                    .flatMap(Decision::alteration)
                    .map(Alteration::sides)
                    .orElse(remark.sides());
            rows.add(new Row(
                    remark.garment(),
                    entry.map(Ledger.Entry::place).orElse(""),
                    side,
                    entry.map(Ledger.Entry::sentence).orElseGet(() -> task(remark)),
                    symptoms.words(remark.seen()),
                    fitting.mockup().versions().getOrDefault(remark.garment(), 0),
                    remark.decision().map(Decision::version).orElse(0)));
        }
        return rows;
    }

    private static Sentence task(Remark remark) {
        if (remark.decision().isEmpty()) {
            return remark.amount()
                    .map(pinned -> Sentence.of("nothing is decided; {} pinned", pinned))
                    .orElse(Sentence.of("nothing is decided"));
        }
        Decision decision = remark.decision().get();
        return decision.alteration()
                .map(Alteration::sentence)
                .orElse(Sentence.of(
                        "{}", decision.words().isBlank() ? decision.kind().words() : decision.words()));
    }

    /**
     * One thing through the rounds.
     *
     * @param name what it is
     * @param cells what each round says of it, by its number
     */
    public record Through(String name, Map<Integer, Sentence> cells) {}

    /**
     * Returns every remark, reading and movement through the rounds in which a garment was tried on.
     *
     * @param titles puts the id of a quantity or of a movement into words
     */
    public static List<Through> compared(
            Costume costume, String garment, Symptoms symptoms, UnaryOperator<String> titles) {
        Map<String, Map<Integer, Sentence>> rows = new LinkedHashMap<>();
        List<Fitting> rounds = costume.fittings().stream()
                .filter(fitting -> fitting.mockup().versions().containsKey(garment))
                .toList();
        for (Fitting fitting : rounds) {
            for (Remark remark : fitting.remarks()) {
                if (!remark.garment().equals(garment) || remark.seen().isEmpty()) {
                    continue;
                }
                String side = remark.sides() == Sides.BOTH
                        ? ""
                        : " (" + remark.sides().words() + ")";
                Map<Integer, Sentence> cells =
                        rows.computeIfAbsent(symptoms.words(remark.seen()) + side, name -> new TreeMap<>());
                cells.put(
                        fitting.number(),
                        remark.amount().map(pinned -> Sentence.of("{}", pinned)).orElse(Sentence.of("seen")));
                remark.followed().forEach((round, state) -> {
                    if (round != fitting.number()) {
                        cells.put(round, Sentence.of(state.words()));
                    }
                });
            }
        }
        for (Fitting fitting : rounds) {
            fitting.readings()
                    .forEach((quantity, value) -> rows.computeIfAbsent(titles.apply(quantity), name -> new TreeMap<>())
                            .put(fitting.number(), Sentence.of("{}", value)));
            for (Trial trial : fitting.trials()) {
                String after = trial.minutes() == 0 ? "" : " after " + trial.minutes() + " min";
                rows.computeIfAbsent(titles.apply(trial.movement()) + after, name -> new TreeMap<>())
                        .put(fitting.number(), Sentence.of(trial.result().words()));
            }
        }
        List<Through> all = new ArrayList<>();
        rows.forEach((name, cells) -> all.add(new Through(name, cells)));
        return all;
    }

    /**
     * Returns how many mock-ups were enough for garments like one before.
     *
     * @param others every costume
     * @param alike says whether a garment of another costume is of the same kind
     * @return empty if none like it was cut yet
     */
    public static Optional<Sentence> enough(Collection<Costume> others, Predicate<Garment> alike) {
        List<String> said = new ArrayList<>();
        for (Costume costume : others) {
            for (Garment garment : costume.garments()) {
                boolean cut = costume.papers().passages().stream()
                        .anyMatch(passage -> passage.step() == GateStep.CUT_CLOTH
                                && passage.garment().equals(garment.name()));
                long rounds = costume.fittings().stream()
                        .filter(fitting -> fitting.mockup().versions().containsKey(garment.name()))
                        .count();
                if ((cut || !costume.papers().wearings().isEmpty()) && rounds > 0 && alike.test(garment)) {
                    said.add(rounds + " for the " + garment.name() + " of \"" + costume.title() + "\"");
                }
            }
        }
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(Sentence.of("Mock-ups that were enough before: {}", String.join("; ", said)));
    }
}
