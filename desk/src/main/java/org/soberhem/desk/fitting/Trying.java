package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.studio.Studio;

/** How the mock-up of the latest round is tried on: conditions, movements, readings and questions by eye. */
final class Trying {

    /** What is easy at once may not be later, and the reverse: asked again after so many minutes. */
    private static final int AFTER_WEAR = 60;

    private final Studio studio;
    private final FittingRound round;

    Trying(Studio studio, FittingRound round) {
        this.studio = studio;
        this.round = round;
    }

    private Fitting fitting() {
        return round.fitting().orElseThrow();
    }

    /** Confirms the layers as they are; until then all remarks are provisional. */
    void confirm() {
        Fitting fitting = fitting();
        round.keep(
                fitting.under(fitting.conditions().confirmed(true)),
                Sentence.of("Confirmed the layers of fitting {}", fitting.number()));
    }

    void under(Conditions conditions, Sentence sentence) {
        round.keep(fitting().under(conditions), sentence);
    }

    void of(Mockup mockup, Sentence sentence) {
        round.keep(fitting().of(mockup), sentence);
    }

    /** Returns the movements that the garments tried on are tried in, each once. */
    List<Movement> movements() {
        Set<Movement> all = new LinkedHashSet<>();
        fitting()
                .mockup()
                .versions()
                .keySet()
                .forEach(garment -> all.addAll(studio.makersLibrary().gate().movements(round.kind(garment))));
        List<Movement> ordered = new ArrayList<>(all);
        ordered.sort(Comparator.comparingInt(Movement::minutes));
        return ordered;
    }

    /**
     * Returns how a movement went at this round, if it was tried.
     *
     * @param again whether it is asked again after wear, else at once
     */
    Optional<Trial> trial(Movement movement, boolean again) {
        return fitting().trial(movement.id(), minutes(movement, again));
    }

    private static int minutes(Movement movement, boolean again) {
        return movement.isWear() || !again ? movement.minutes() : AFTER_WEAR;
    }

    void tried(Movement movement, boolean again, Trial.Result result) {
        int minutes = minutes(movement, again);
        round.keep(
                fitting().with(new Trial(movement.id(), minutes, result, "")),
                minutes == 0
                        ? Sentence.of("{}: {}", movement.name(), result.words())
                        : Sentence.of("{} after {} min: {}", movement.name(), minutes, result.words()));
        // What is pointed at next was seen in it.
        if (result == Trial.Result.FAILED || result == Trial.Result.WITH_REMARK) {
            round.seenIn(movement.id());
        }
    }

    /** Keeps something measured on the wearer at this round. */
    void measured(QuantityKind kind, Length value) {
        round.keep(fitting().withReading(kind.id(), value), Sentence.of("{}: {}", kind.title(), value));
    }

    /** Returns what the rules of the period ask to be measured on the garments of a round, and what was measured. */
    List<QuantityKind> asked(Fitting fitting) {
        List<QuantityKind> asked = new ArrayList<>();
        for (Verdict verdict : studio.situation().verdicts()) {
            boolean worn = fitting.mockup().versions().containsKey(verdict.garment());
            boolean read = fitting.readings().containsKey(verdict.kind().id());
            if ((read || worn && verdict.rule().judged() == Rule.Judged.FITTING)
                    && verdict.kind().unit() == QuantityKind.Unit.MM
                    && !asked.contains(verdict.kind())) {
                asked.add(verdict.kind());
            }
        }
        for (String garment : fitting.mockup().versions().keySet()) {
            studio.library().readings(round.kind(garment)).stream()
                    .filter(kind -> !asked.contains(kind))
                    .forEach(asked::add);
        }
        asked.sort(Comparator.comparing(QuantityKind::title));
        return asked;
    }

    /** Returns the questions that the rules of the period ask by eye of the garments of a round. */
    List<Verdict> questions(Fitting fitting) {
        return studio.situation().verdicts().stream()
                .filter(verdict -> verdict.rule().judged() == Rule.Judged.EYE)
                .filter(verdict -> fitting.mockup().versions().containsKey(verdict.garment()))
                .sorted(Comparator.comparing(verdict -> verdict.rule().id()))
                .toList();
    }

    /** Keeps the answer to a question by eye with this round: 1 as asked, 0.5 partly, 0 not. */
    void answer(Verdict verdict, double answer) {
        round.keep(
                fitting().withAnswer(verdict.rule().id(), Optional.of(answer)),
                Sentence.of("{}: answered", verdict.title()));
    }

    /** Returns words of the library with their lengths in the maker's unit. */
    String read(String words) {
        return WrittenLengths.sentence(words).in(studio.format());
    }
}
