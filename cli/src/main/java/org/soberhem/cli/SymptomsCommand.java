package org.soberhem.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "symptoms", description = "Lists what is seen at fittings, where, and on which garments.")
final class SymptomsCommand extends Answering {

    @Option(names = "--garment", paramLabel = "KIND", description = "only what is seen on a kind of garment")
    private String garment;

    @Option(names = "--facts", description = "lists what may speak for or against a cause")
    private boolean facts;

    @Override
    public Integer call() {
        Symptoms symptoms = Library.shipped().symptoms();
        List<Map<String, Object>> answers = new ArrayList<>();
        if (facts) {
            symptoms.facts().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(each -> {
                        Map<String, Object> answer = new LinkedHashMap<>();
                        answer.put("id", each.getKey());
                        answer.put("factor", each.getValue().factor());
                        answer.put("says", each.getValue().says());
                        answers.add(answer);
                    });
        } else {
            symptoms.all().stream()
                    .filter(each -> garment == null || each.garments().contains(garment))
                    .forEach(each -> answers.add(answer(each)));
            if (answers.isEmpty()) {
                throw new WrongInput("There is no kind of garment \"" + garment + "\"");
            }
        }
        if (asJson()) {
            out().println(Answers.json(answers));
        } else {
            answers.forEach(answer -> out().println(String.join(
                    "  ", answer.values().stream().map(String::valueOf).toList())));
        }
        return 0;
    }

    private static Map<String, Object> answer(Symptom symptom) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("id", symptom.id());
        answer.put("seen", symptom.seen());
        answer.put("zones", symptom.zones());
        answer.put("severity", symptom.severity().words());
        answer.put("causes", symptom.causes().size());
        return answer;
    }
}
