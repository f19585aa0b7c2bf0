package org.soberhem.cli.workspace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenWorkspace;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.judging.Dependence;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.report.RoundReport;
import org.soberhem.files.exchange.Answers;
import org.soberhem.studio.Studio;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "fitting",
        description =
                "Sums up a round of a costume: what is to do, why it is provisional, and what all rounds took in.")
public final class FittingCommand extends Answering {

    @Mixin
    private GivenWorkspace given;

    @Option(names = "--round", paramLabel = "N", description = "which fitting; the latest if not given")
    private int round;

    @Override
    public Integer call() {
        return given.with(studio -> {
            Costume costume = studio.situation().costume();
            Fitting fitting = costume.fittings().stream()
                    .filter(each -> round == 0 || each.number() == round)
                    .reduce((first, last) -> last)
                    .orElseThrow(() -> new WrongInput(
                            round == 0
                                    ? "Nothing of \"" + costume.title() + "\" was tried on yet"
                                    : "\"" + costume.title() + "\" has no fitting " + round));
            Map<String, Object> answer = answer(studio, fitting);
            if (asJson()) {
                out().println(Answers.json(answer));
            } else {
                print(answer);
            }
            return 0;
        });
    }

    private Map<String, Object> answer(Studio studio, Fitting fitting) {
        Symptoms symptoms = studio.library().symptoms();
        List<Map<String, Object>> rows = new ArrayList<>();
        for (RoundReport.Row row : RoundReport.summary(fitting, symptoms, studio.situation()::pattern)) {
            Map<String, Object> line = new LinkedHashMap<>();
            line.put("garment", row.garment());
            line.put("place", row.place());
            line.put("side", row.side().words());
            line.put("done", row.task().in(given.format()));
            line.put("seen", row.seen());
            line.put("from", row.from());
            line.put("to", row.to());
            rows.add(line);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("fitting", fitting.number());
        answer.put("date", fitting.date().toString());
        answer.put("over", studio.wardrobe().title(fitting.stack()));
        answer.put("to-do", rows);
        answer.put("provisional", provisional(studio, fitting));
        answer.put("in-all", ledger(studio));
        return answer;
    }

    private Map<String, Object> provisional(Studio studio, Fitting fitting) {
        Map<String, Object> all = new LinkedHashMap<>();
        fitting.mockup()
                .versions()
                .keySet()
                .forEach(garment -> all.put(
                        garment,
                        Dependence.of(studio.situation().judged(), fitting, garment, studio.wardrobe()).stream()
                                .map(each -> each.in(given.format()))
                                .toList()));
        return all;
    }

    private List<Map<String, Object>> ledger(Studio studio) {
        List<Map<String, Object>> all = new ArrayList<>();
        Costume costume = studio.situation().costume();
        for (Garment garment : costume.garments()) {
            studio.situation().work(garment.name()).ifPresent(work -> {
                for (Ledger.Account account : Ledger.of(costume, garment, work.pattern())) {
                    Map<String, Object> line = new LinkedHashMap<>();
                    line.put("garment", garment.name());
                    line.put("place", account.place());
                    line.put("words", account.sentence().in(given.format()));
                    line.put("left", account.total(Sides.LEFT));
                    line.put("right", account.total(Sides.RIGHT));
                    line.put("girth", account.girth());
                    account.undone().ifPresent(undone -> line.put("undone", undone.in(given.format())));
                    all.add(line);
                }
            });
        }
        return all;
    }

    @SuppressWarnings("unchecked")
    private void print(Map<String, Object> answer) {
        out().println("Fitting " + answer.get("fitting") + ", " + answer.get("date") + ", over " + answer.get("over"));
        for (Map<String, Object> row : (List<Map<String, Object>>) answer.get("to-do")) {
            String place = row.get("place").equals("") ? "" : row.get("place") + ", ";
            out().println(row.get("garment") + ", " + row.get("from")
                    + (row.get("to").equals(0) ? "" : " → " + row.get("to")) + "  " + place + row.get("side") + ": "
                    + row.get("done") + " (" + row.get("seen") + ")");
        }
        ((Map<String, List<String>>) answer.get("provisional"))
                .forEach((garment, why) -> why.forEach(each -> out().println(garment + " is provisional: " + each)));
        for (Map<String, Object> line : (List<Map<String, Object>>) answer.get("in-all")) {
            out().println(line.get("garment") + ", " + line.get("words"));
            if (line.containsKey("undone")) {
                out().println("  " + line.get("undone"));
            }
        }
    }
}
