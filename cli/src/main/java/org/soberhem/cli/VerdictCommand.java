package org.soberhem.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenCostume;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.files.exchange.Answers;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

@Command(
        name = "verdict",
        description =
                "Judges drafted garments by the rules of their period, before anything is cut; exit code 1 where one is not met.")
final class VerdictCommand extends Answering {

    @Mixin
    private GivenCostume costume;

    @Override
    public Integer call() {
        GivenCostume.Given given = costume.given();
        List<Verdict> verdicts = given.judge().verdicts(given.at());
        if (asJson()) {
            List<Map<String, Object>> answers = new ArrayList<>();
            verdicts.forEach(verdict -> answers.add(answer(verdict)));
            out().println(Answers.json(answers));
        } else {
            out().println(given.silhouette()
                    .map(silhouette -> silhouette.header().title() + ", "
                            + silhouette.header().from() + " to "
                            + silhouette.header().to())
                    .orElse("No silhouette of these years: judged by what holds in every period."));
            verdicts.forEach(verdict -> out().println(String.format(
                    "%-20s %s", verdict.grade().words(), verdict.sentence().in(LengthFormat.INCH_EIGHTHS))));
        }
        boolean failed = verdicts.stream().anyMatch(verdict -> verdict.grade() == Verdict.Grade.NOT_MET);
        return failed ? 1 : 0;
    }

    private static Map<String, Object> answer(Verdict verdict) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("rule", verdict.rule().id());
        answer.put("garment", verdict.garment());
        answer.put("grade", verdict.grade().words());
        answer.put("quantity", verdict.kind().id());
        verdict.quantity().value().ifPresent(value -> answer.put("value", value));
        answer.put("least", verdict.band().least());
        answer.put("most", verdict.band().most());
        verdict.amount().ifPresent(amount -> answer.put("amount_mm", amount));
        verdict.alteration().ifPresent(alteration -> answer.put("alteration", alteration.kind()));
        answer.put("origin", verdict.quantity().origin().in(LengthFormat.INCH_EIGHTHS));
        answer.put("words", verdict.sentence().in(LengthFormat.INCH_EIGHTHS));
        return answer;
    }
}
