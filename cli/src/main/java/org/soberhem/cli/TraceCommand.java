package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenTracing;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.exchange.Answers;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "trace",
        description = "Makes a draft sheet of a tracing, and says which body the drawing was made for.")
final class TraceCommand extends Answering {

    @Mixin
    private GivenTracing given;

    @Option(names = "--out", paramLabel = "FILE.yaml", required = true, description = "the sheet")
    private Path out;

    @Override
    public Integer call() {
        Tracing tracing = given.tracing();
        List<DrawnBodyMeasure> made = given.made(tracing);
        String text = given.sheetText(tracing);
        given.sheet(text);
        GivenFiles.write(out, text.getBytes(StandardCharsets.UTF_8));
        if (asJson()) {
            out().println(Answers.json(answer(tracing, made)));
            return 0;
        }
        int pieces = tracing.pieces().size();
        out().println(pieces + (pieces == 1 ? " outline" : " outlines"));
        LengthFormat format = LengthFormat.INCH_EIGHTHS;
        made.forEach(each -> out().println(String.format(
                "  %-20s drawn %-10s ease %-8s body %s",
                each.landmark().title(),
                format.format(each.drawn()),
                format.signed(each.ease()),
                format.format(each.body()))));
        tracing.alike().stream()
                .filter(pair -> !pair.gathered())
                .forEach(pair -> out().println("asks    " + pair.sentence().in(format)
                        + " They are not sewn; if they are, write gathered: [" + pair.key() + "] into the tracing."));
        return 0;
    }

    private static Map<String, Object> answer(Tracing tracing, List<DrawnBodyMeasure> made) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (DrawnBodyMeasure each : made) {
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("landmark", each.landmark().id());
            row.put("drawn_mm", each.drawn());
            row.put("ease_mm", each.ease());
            row.put("body_mm", each.body());
            row.put("used", each.used());
            rows.add(row);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("pieces", tracing.pieces().size());
        answer.put("made_for", rows);
        return answer;
    }
}
