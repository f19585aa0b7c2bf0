package org.soberhem.library.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;

/** Every rule as the file says it, read and graded by a second, small evaluator that shares nothing with the first. */
class RulesOutsideTest {

    private static final Library LIBRARY = Library.shipped();

    static List<String> silhouettes() {
        return LIBRARY.silhouettes().headers().stream()
                .map(Silhouette.Header::id)
                .toList();
    }

    private static Map<?, ?> raw(String id) {
        try (InputStream in = RulesOutsideTest.class.getResourceAsStream("/library/silhouettes/" + id + ".yaml")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return (Map<?, ?>) new Load(LoadSettings.builder().build()).loadFromString(text);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static double number(Object node, int place) {
        return ((Number) ((List<?>) node).get(place)).doubleValue();
    }

    /** The words of the format, followed to the letter. */
    private static String second(Map<?, ?> rule, double value) {
        double least = number(rule.get("band"), 0);
        double most = number(rule.get("band"), 1);
        if (value >= least && value <= most) {
            return "met";
        }
        if (value < least && rule.get("below") == null || value > most && rule.get("above") == null) {
            return "met";
        }
        return value >= number(rule.get("rim"), 0) && value <= number(rule.get("rim"), 1) ? "near" : "not met";
    }

    @ParameterizedTest
    @MethodSource("silhouettes")
    void grades_areThoseOfASecondEvaluator_withinAndOutsideEveryBand(String id) {
        Silhouette silhouette = LIBRARY.silhouettes().find(id).orElseThrow();
        int judged = 0;
        for (Object each : (List<?>) raw(id).get("rules")) {
            Map<?, ?> written = (Map<?, ?>) each;
            if (written.get("band") == null) {
                continue;
            }
            Rule rule = silhouette.rules().stream()
                    .filter(read -> read.id().equals(written.get("id")))
                    .findFirst()
                    .orElseThrow();
            double least = number(written.get("band"), 0);
            double most = number(written.get("band"), 1);
            double from = number(written.get("rim"), 0);
            double to = number(written.get("rim"), 1);
            double wide = Math.max(to - from, 1e-3);
            for (double value : new double[] {
                from - wide,
                (from * 0.7 + least * 0.3),
                least + (most - least) * 0.3,
                most,
                (most * 0.3 + to * 0.7),
                to + wide
            }) {
                Verdict verdict = new Facts(LIBRARY.silhouettes())
                        .add(rule.quantity(), value, From.FITTING, Sentence.of("given"))
                        .judge(rule, "", Optional.empty());
                assertThat(verdict.grade().words())
                        .as(rule.id() + " at " + value)
                        .isEqualTo(second(written, value));
                judged++;
            }
        }
        assertThat(judged).isPositive();
    }

    private static List<Error> problems(String yaml) throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(
                        Files.readString(Path.of("..", "docs", "formats", "silhouette.schema.json")), InputFormat.JSON)
                .validate(yaml, InputFormat.YAML);
    }

    @ParameterizedTest
    @MethodSource("silhouettes")
    void schema_acceptsEveryShippedSilhouette(String id) throws IOException {
        assertThat(problems(LIBRARY.silhouetteText(id))).isEmpty();
    }

    @Test
    void schema_refusesWhatTheReaderRefuses() throws IOException {
        assertThat(problems(SMALL)).isEmpty();
        assertThat(problems(SMALL.replace("who: woman", "who: women"))).isNotEmpty();
        assertThat(problems(SMALL.replace("weight: 2", "weight: 9"))).isNotEmpty();
        assertThat(problems(SMALL.replace("  band: [2500, 3500]\n", ""))).isNotEmpty();
        assertThat(problems(SMALL.replace("judged: paper", "judged: eye"))).isNotEmpty();
    }

    private static final String SMALL = """
            silhouette: mine
            title: "Mine"
            place: "here"
            years: [1850, 1860]
            who: woman
            front:
            - {at: 1, half: [0.01, 0.02]}
            - {at: 0.01, half: [0.2, 0.3]}
            side:
            - {at: 1, fore: [0.01, 0.02], aft: [0.01, 0.02]}
            - {at: 0.01, fore: [0.2, 0.3], aft: [0.2, 0.3]}
            rules:
            - id: hem
              quantity: skirt-hem-girth
              for: [skirt]
              kind: likeness
              band: [2500, 3500]
              rim: [2200, 4000]
              judged: paper
              why: "because"
              below: "Widen by {amount}."
              weight: 2
              evidence: from memory
            """;

    @Test
    void ownSilhouette_needsNoMoreThanAnOutlineAndYears() {
        Silhouette mine = LIBRARY.silhouetteReader().read(SMALL);
        assertThat(mine.rules())
                .singleElement()
                .satisfies(rule -> assertThat(rule.above()).isEmpty());
        assertThat(mine.header().who()).isEqualTo(Silhouette.Who.WOMAN);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "quantity: skirt-hem-girth | quantity: skirt-hem-grith | there is no quantity \"skirt-hem-grith\"",
                "who: woman | who: women | known are [woman, man, child]",
                "band: [2500, 3500] | band: [3500, 2500] | the band must lie within the rim",
                "weight: 2 | weight: 9 | weight is 1, 2 or 3",
                "judged: paper | judged: eye | asks something: ask",
                "half: [0.2, 0.3] | half: [0.3, 0.2] | the smaller first",
                "{at: 0.01, half | {at: 1.1, half | levels go from above downward",
                "half: [0.01, 0.02] | half: [x, 0.02] | a number must stand here",
                "title: | titel: | titel",
                "evidence: from memory | school: none | evidence"
            })
    void wrongSilhouette_isRefusedWithItsLine(String right, String wrong, String message) {
        String text = SMALL.replaceFirst(Pattern.quote(right), Matcher.quoteReplacement(wrong));
        assertThat(text).isNotEqualTo(SMALL);
        assertThatThrownBy(() -> LIBRARY.silhouetteReader().read(text))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining(message)
                .hasMessageStartingWith("line ");
    }
}
