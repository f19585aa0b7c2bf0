package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.maker.Maker;
import org.soberhem.studio.demo.Studios;

class CostumeEvaluatorTest {

    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 14, 9, 30);

    @TempDir
    private Path folder;

    private Studio studio;
    private CostumeEvaluator evaluator;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        evaluator = new CostumeEvaluator(Studios.LIBRARY);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private CostumeEvaluator.Question question(String costume, LocalDateTime now, Map<String, Double> tried) {
        Costume value = studio.histories().costumes().value(costume);
        return new CostumeEvaluator.Question(
                value, studio.histories().wearer(value), studio.stash(), studio.maker(), now, tried);
    }

    @Test
    void evaluate_theSameQuestion_hasTheSameAnswer_withoutWorkingItOutAgain() {
        Situation first = evaluator.evaluate(question("keeper-1907", NOW, Map.of()));
        assertThat(evaluator.evaluate(question("keeper-1907", NOW.plusSeconds(20), Map.of())))
                .isSameAs(first);
        assertThat(evaluator.evaluate(question("keeper-1907", NOW.plusMinutes(1), Map.of())))
                .as("what waits changes with the minute")
                .isNotSameAs(first)
                .isEqualTo(first);
    }

    @Test
    void evaluate_aTriedValue_changesTheDraft_andIsNotRemembered() {
        Situation kept = evaluator.evaluate(question("keeper-1907", NOW, Map.of()));
        Situation tried = evaluator.evaluate(question("keeper-1907", NOW, Map.of("full-bust", 1_100.0)));
        assertThat(tried.pattern("Blouse")).isNotEqualTo(kept.pattern("Blouse"));
        assertThat(evaluator.evaluate(question("keeper-1907", NOW, Map.of()))).isSameAs(kept);
    }

    @Test
    void evaluate_fromManyThreads_isWhatOneThreadGives() {
        List<String> ids = studio.histories().costumeIds();
        List<Situation> one = ids.stream()
                .map(id -> new CostumeEvaluator(Studios.LIBRARY).evaluate(question(id, NOW, Map.of())))
                .toList();
        List<CostumeEvaluator.Question> questions =
                ids.stream().map(id -> question(id, NOW, Map.of())).toList();
        List<Situation> many = IntStream.range(0, 40)
                .parallel()
                .mapToObj(i -> evaluator.evaluate(questions.get(i % questions.size())))
                .toList();
        for (int i = 0; i < many.size(); i++) {
            assertThat(many.get(i).inTheWay()).isEqualTo(one.get(i % ids.size()).inTheWay());
            Situation wanted = one.get(i % ids.size());
            for (String garment : wanted.judgement().works().keySet()) {
                assertThat(many.get(i).pattern(garment)).isEqualTo(wanted.pattern(garment));
            }
        }
    }

    @Test
    void makersLibrary_isMadeAnewOnlyForAnotherMaker() {
        MakersLibrary of = evaluator.libraryOf(Maker.NEW);
        assertThat(evaluator.libraryOf(Maker.NEW)).isSameAs(of);
        assertThat(evaluator.libraryOf(Maker.NEW.withMonths(7))).isNotSameAs(of);
    }
}
