package org.soberhem.cli.workspace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenWorkspace;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.report.CostReport;
import org.soberhem.files.exchange.Answers;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

@Command(
        name = "cost",
        description =
                "Says what a costume costs: cloth as it is laid, notions as they are counted, hours as they were logged.")
public final class CostCommand extends Answering {

    @Mixin
    private GivenWorkspace given;

    @Override
    public Integer call() {
        List<Sentence> lacking = new ArrayList<>();
        CostReport cost = given.with(studio -> {
            lacking.addAll(CostReport.lacking(
                    studio.situation().judgement(),
                    studio.stash(),
                    studio.library().notions()));
            return CostReport.of(
                    studio.situation().judgement(),
                    studio.supplies(),
                    studio.library().notions(),
                    studio.maker().habits().rate());
        });
        if (asJson()) {
            out().println(Answers.json(answer(cost)));
            return 0;
        }
        cost.lines()
                .forEach(line -> out().println(String.format(
                        Locale.ROOT,
                        "%-44s %9s %10s",
                        line.what(),
                        line.words(given.format()),
                        line.price() == 0 ? "no price" : String.format(Locale.ROOT, "%.2f", line.sum()))));
        out().println(String.format(Locale.ROOT, "%-44s %7.2f h %10.2f", "Hours", cost.hours(), cost.work()));
        out().println(String.format(Locale.ROOT, "%-44s %9s %10.2f", "In all", "", cost.sum()));
        lacking.forEach(each -> out().println("lacking " + each.in(given.format())));
        return 0;
    }

    private static Map<String, Object> answer(CostReport cost) {
        List<Map<String, Object>> lines = new ArrayList<>();
        for (CostReport.Line line : cost.lines()) {
            Map<String, Object> each = new LinkedHashMap<>();
            each.put("what", line.what());
            each.put(line.byLength() ? "metres" : "pieces", line.amount());
            each.put("price", line.price());
            lines.add(each);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("lines", lines);
        answer.put("hours", cost.hours());
        answer.put("materials", cost.materials());
        answer.put("sum", cost.sum());
        return answer;
    }
}
