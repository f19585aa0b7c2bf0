package org.soberhem.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.fitting.Fact;
import org.soberhem.core.fitting.Ranking;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "causes", description = "Weighs the causes of what is seen by what is known, likeliest first.")
final class CausesCommand extends Answering {

    @Parameters(index = "0", paramLabel = "SYMPTOM", description = "its id; see symptoms")
    private String symptom;

    @Option(
            names = "--fact",
            paramLabel = "FACT",
            description = "what is known, such as \"layer-present corset-cover\"; see symptoms --facts")
    private List<String> facts = List.of();

    @Option(names = "--tested", paramLabel = "CAUSE=yes|no", description = "outcome of a cause's test")
    private Map<String, String> tested = Map.of();

    @Override
    public Integer call() {
        Symptoms symptoms = Library.shipped().symptoms();
        Symptom seen = symptoms.find(symptom)
                .orElseThrow(() -> new WrongInput("There is no symptom \"" + symptom + "\"; see sober-hem symptoms"));
        Set<Fact> known = new LinkedHashSet<>();
        for (String text : facts) {
            Fact fact = Fact.parse(text);
            if (!symptoms.facts().containsKey(fact.kind())) {
                throw new WrongInput("There is no fact \"" + fact.kind() + "\"; see sober-hem symptoms --facts");
            }
            known.add(fact);
        }
        Ranking ranking = Ranking.of(seen, symptoms, known, outcomes(seen), List.of());
        if (asJson()) {
            out().println(Answers.json(answer(ranking)));
        } else {
            print(ranking);
        }
        return 0;
    }

    private Map<String, Boolean> outcomes(Symptom seen) {
        Map<String, Boolean> outcomes = new LinkedHashMap<>();
        tested.forEach((cause, outcome) -> {
            if (seen.cause(cause).isEmpty()) {
                throw new WrongInput("\"" + seen.id() + "\" has no cause \"" + cause + "\"");
            }
            if (!outcome.equals("yes") && !outcome.equals("no")) {
                throw new WrongInput("--tested " + cause + " must be yes or no: " + outcome);
            }
            outcomes.put(cause, outcome.equals("yes"));
        });
        return outcomes;
    }

    private static Map<String, Object> answer(Ranking ranking) {
        List<Map<String, Object>> causes = new ArrayList<>();
        for (Ranking.Ranked ranked : ranking.causes()) {
            Map<String, Object> cause = new LinkedHashMap<>();
            cause.put("id", ranked.cause().id());
            cause.put("share", ranked.share());
            cause.put("why", ranked.cause().why());
            cause.put(
                    "reasons",
                    ranked.reasons().stream()
                            .map(each -> each.in(LengthFormat.INCH_EIGHTHS))
                            .toList());
            cause.put("test", ranked.cause().test().task());
            cause.put("then", ranked.cause().test().then());
            cause.put("remedy", ranked.cause().remedy().task());
            cause.put("decision", ranked.cause().remedy().decision().id());
            causes.add(cause);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("causes", causes);
        answer.put("other", ranking.other());
        ranking.proposed()
                .ifPresent(ranked -> answer.put("proposed-test", ranked.cause().id()));
        return answer;
    }

    private void print(Ranking ranking) {
        for (Ranking.Ranked ranked : ranking.causes()) {
            out().printf(
                            "%3d %%  %s%n",
                            Math.round(ranked.share() * 100), ranked.cause().why());
            ranked.reasons().forEach(each -> out().println("       " + each.in(LengthFormat.INCH_EIGHTHS)));
            out().println("       test: " + ranked.cause().test().task() + "; then "
                    + ranked.cause().test().then());
            var remedy = ranked.cause().remedy();
            out().println("       mends it: " + remedy.task()
                    + (remedy.most().equals(Length.ZERO)
                            ? ""
                            : ", " + LengthFormat.INCH_EIGHTHS.format(remedy.least()) + " to "
                                    + LengthFormat.INCH_EIGHTHS.format(remedy.most())));
        }
        out().printf("%3d %%  something else%n", Math.round(ranking.other() * 100));
        ranking.proposed()
                .ifPresent(ranked -> out().println(
                                "Two remain; first: " + ranked.cause().test().task()));
    }
}
