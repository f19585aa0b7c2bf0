package org.soberhem.studio;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/**
 * Works out costumes: the same question has the same answer, and what was answered lately is not worked out again. It
 * holds no state but its caches and may be asked from any thread.
 */
public final class CostumeEvaluator {

    private static final int KEPT = 64;

    /**
     * What a costume is worked out from. All of it is immutable.
     *
     * @param costume the costume
     * @param wearer who it is for
     * @param stash what is in hand
     * @param maker whose own library is joined with the shipped one
     * @param now when it is asked; what waits changes with the minute
     * @param tried values that are tried and not kept, by catalogue id, in millimetres
     */
    public record Question(
            Costume costume, Wearer wearer, Stash stash, Maker maker, LocalDateTime now, Map<String, Double> tried) {

        public Question {
            now = now.truncatedTo(ChronoUnit.MINUTES);
            tried = Map.copyOf(tried);
        }

        /** The same objects are the same question: comparing whole costumes would cost more than it saves. */
        private boolean isSame(Question other) {
            return costume == other.costume
                    && wearer == other.wearer
                    && stash == other.stash
                    && maker == other.maker
                    && now.equals(other.now)
                    && tried.equals(other.tried);
        }
    }

    private record Answer(Question question, Situation situation) {}

    /** What a garment is drafted from. */
    private record Recipe(String sheet, Inputs inputs, List<Alteration> alterations) {}

    private final Library library;
    private final Cache<String, CompiledSheet> sheets = cache();
    private final Cache<Recipe, DraftedGarment> garments = cache();
    private final Cache<String, Answer> answers = cache();
    private volatile MakersLibrary makers;

    public CostumeEvaluator(Library library) {
        this.library = library;
    }

    private static <K, V> Cache<K, V> cache() {
        return Caffeine.newBuilder().maximumSize(KEPT).executor(Runnable::run).build();
    }

    /** Returns the shipped library joined with a maker's own. */
    public MakersLibrary libraryOf(Maker maker) {
        MakersLibrary known = makers;
        if (known == null || known.maker() != maker) {
            known = new MakersLibrary(library, maker);
            makers = known;
        }
        return known;
    }

    /** Returns a costume with everything worked out from it. */
    public Situation evaluate(Question question) {
        Answer known = answers.getIfPresent(question.costume().id());
        if (known != null && known.question().isSame(question)) {
            return known.situation();
        }
        Situation situation = situation(question);
        if (question.tried().isEmpty()) {
            answers.put(question.costume().id(), new Answer(question, situation));
        }
        return situation;
    }

    private Situation situation(Question question) {
        MakersLibrary own = libraryOf(question.maker());
        Costume costume = question.costume();
        Optional<MeasurementSet> set = question.wearer().set(costume.set());
        Judgement judgement = judgement(costume, set, own, question.tried());
        EvaluatedCostume at = new EvaluatedCostume(judgement, question.wearer(), set, question.tried());
        List<Verdict> verdicts = own.judge().verdicts(at);
        Supplies supplies = new Supplies(question.stash(), library.fibres(), question.now());
        return new Situation(
                costume,
                question.wearer(),
                set,
                judgement,
                question.tried(),
                verdicts,
                own.obstacles().of(at, verdicts, supplies, question.maker().months()));
    }

    /** Returns a costume as another wearer would have it, drafted from their latest readings. */
    public EvaluatedCostume wornBy(Wearer wearer, Costume costume, Maker maker) {
        List<MeasurementSet> sets = wearer.sets();
        Optional<MeasurementSet> set = sets.isEmpty() ? Optional.empty() : Optional.of(sets.get(sets.size() - 1));
        return new EvaluatedCostume(judgement(costume, set, libraryOf(maker), Map.of()), wearer, set, Map.of());
    }

    private Judgement judgement(
            Costume costume, Optional<MeasurementSet> set, MakersLibrary own, Map<String, Double> tried) {
        Map<String, DraftedGarment> drafted = new LinkedHashMap<>();
        Map<String, DraftException> failures = new LinkedHashMap<>();
        if (set.isPresent()) {
            for (Garment each : costume.garments()) {
                Inputs inputs = own.resolver().inputs(set.get(), costume, each.settings());
                for (Map.Entry<String, Double> entry : tried.entrySet()) {
                    inputs = inputs.with(entry.getKey(), Inputs.Measured.both(entry.getValue()));
                }
                try {
                    drafted.put(each.name(), draft(each, inputs));
                } catch (DraftException dead) {
                    failures.put(each.name(), dead);
                }
            }
        }
        return new Judgement(costume, drafted, failures);
    }

    /**
     * Returns a garment drafted and altered.
     *
     * @throws DraftException if it cannot be drawn from these inputs
     */
    public DraftedGarment draft(Garment garment, Inputs inputs) {
        Recipe recipe = new Recipe(garment.sheet(), inputs, garment.alterations());
        DraftedGarment known = garments.getIfPresent(recipe);
        if (known == null) {
            known = DraftedGarment.of(sheet(garment.sheet()), inputs, garment.alterations());
            garments.put(recipe, known);
        }
        return known;
    }

    /**
     * Returns a sheet compiled.
     *
     * @param text the sheet as written
     * @throws SheetException if it cannot be read
     */
    public CompiledSheet sheet(String text) {
        return sheets.get(text, SheetReader::read);
    }

    /** Forgets what was worked out: a wearer was erased. */
    void forget() {
        garments.invalidateAll();
        answers.invalidateAll();
    }
}
