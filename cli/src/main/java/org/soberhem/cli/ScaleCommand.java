package org.soberhem.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.GivenTracing;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.WayComparison;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.ScaledSheet;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.exchange.Answers;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "scale",
        description = "Brings a tracing to a wearer's size in three ways, with how far each misses every landmark.")
final class ScaleCommand extends Answering {

    @Mixin
    private GivenTracing given;

    @Option(names = "--measures", paramLabel = "FILE", required = true, description = "CSV measure,value or JSON")
    private Path measures;

    @Override
    public Integer call() {
        Tracing tracing = given.tracing();
        Inputs inputs = DraftRequest.inputs(given.library(), measures);
        List<String> without = new ArrayList<>();
        for (DrawnBodyMeasure each : given.made(tracing)) {
            boolean read = each.landmark().measures().stream()
                    .anyMatch(measure -> inputs.find(measure).isPresent());
            if (each.used() && !read) {
                without.add(each.landmark().id());
                tracing = tracing.using(each.landmark().id(), false);
            }
        }
        CompiledSheet sheet = given.sheet(given.sheetText(tracing));
        if (!sheet.sheet().choices().containsKey(ScaledSheet.SCALING)) {
            throw new WrongInput(
                    "nothing can be scaled by: name a height such as the bust in the tracing, and measure it on the wearer");
        }
        WayComparison compared = WayComparison.of(sheet, inputs, ScaledSheet.SCALING);
        if (asJson()) {
            out().println(Answers.json(answer(compared, without)));
        } else {
            print(compared, without);
        }
        return 0;
    }

    private void print(WayComparison compared, List<String> without) {
        LengthFormat format = LengthFormat.INCH_EIGHTHS;
        StringBuilder head = new StringBuilder(String.format("%-20s %-10s", "", "wanted"));
        compared.ways().forEach(way -> head.append(String.format(" %-18s", way.name())));
        out().println(head.toString().stripTrailing());
        for (WayComparison.Row row : compared.rows()) {
            StringBuilder line =
                    new StringBuilder(String.format("%-20s %-10s", row.name(), format.format(row.wanted())));
            row.errors()
                    .forEach(error ->
                            line.append(String.format(" %-18s", Double.isNaN(error) ? "-" : format.signed(error))));
            out().println(line.toString().stripTrailing());
        }
        compared.ways().stream()
                .filter(way -> !way.refused().isEmpty())
                .forEach(way -> out().println(way.name() + ": " + way.refused()));
        if (!without.isEmpty()) {
            out().println("not measured, so not scaled by: " + String.join(", ", without));
        }
    }

    private static Map<String, Object> answer(WayComparison compared, List<String> without) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("ways", compared.ways().stream().map(WayComparison.Way::name).toList());
        List<Map<String, Object>> rows = new ArrayList<>();
        for (WayComparison.Row row : compared.rows()) {
            Map<String, Object> each = new LinkedHashMap<>();
            each.put("name", row.name());
            each.put("wanted_mm", row.wanted());
            each.put(
                    "errors_mm",
                    row.errors().stream()
                            .map(error -> Double.isNaN(error) ? null : error)
                            .toList());
            rows.add(each);
        }
        answer.put("landmarks", rows);
        answer.put("without", without);
        return answer;
    }
}
