package org.soberhem.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.core.judging.FitRange;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

@Command(
        name = "serves",
        description = "Says which bodies a pattern would serve, as it is and with seams let out and tucks let down.")
final class ServesCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        FitRange serves = FitRange.of(
                answer.work().sheet(),
                answer.work().inputs(),
                answer.made(),
                answer.work().pattern());
        if (asJson()) {
            List<Map<String, Object>> rows = new ArrayList<>();
            for (FitRange.Span span : serves.spans()) {
                Map<String, Object> row = new LinkedHashMap<>();
                row.put("name", span.name());
                row.put("measure", span.measure());
                row.put("least_mm", span.least());
                row.put("most_mm", span.most());
                row.put("largest_mm", span.largest());
                rows.add(row);
            }
            out().println(Answers.json(Map.of("serves", rows)));
        } else {
            Library library = Library.shipped();
            serves.spans()
                    .forEach(span -> out().println(
                                    span.sentence(library.measures().name(span.measure()))
                                            .in(LengthFormat.INCH_EIGHTHS)));
        }
        return 0;
    }
}
