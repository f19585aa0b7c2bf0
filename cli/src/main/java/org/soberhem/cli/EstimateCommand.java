package org.soberhem.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.layers.OverLayers;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "estimate",
        description =
                "Says which measurements count over other layers, and estimates the others where a range is known.")
final class EstimateCommand extends Answering {

    @Parameters(index = "0", paramLabel = "FILE", description = "CSV measure,value or JSON")
    private Path measures;

    @Mixin
    private GivenWearer wearer;

    @Option(
            names = "--worn",
            paramLabel = "STACK",
            required = true,
            description = "the layers the costume is worn over")
    private String worn;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        MeasurementSet set = wearer.set(library, measures);
        String wanted = GivenWearer.stack(library, worn);
        OverLayers over = new OverLayers(library.wardrobe());
        LengthFormat format = LengthFormat.INCH_EIGHTHS;
        List<Map<String, Object>> answers = new ArrayList<>();
        for (Reading reading : set.readings()) {
            boolean counts =
                    !library.wardrobe().noLongerCount(set.stack(), wanted).contains(reading.measure());
            Optional<OverLayers.Estimate> estimate =
                    over.of(reading.measure(), reading.mean().toMillimetres(), set.stack(), wanted);
            Map<String, Object> answer = new LinkedHashMap<>();
            answer.put("measure", reading.measure());
            answer.put("measured_mm", reading.mean().toMillimetres());
            answer.put("counts", counts);
            if (!counts && estimate.isPresent()) {
                answer.put(
                        "estimate_mm",
                        List.of(estimate.get().least(), estimate.get().most()));
            }
            answers.add(answer);
            if (!asJson()) {
                out().println(String.format(
                        "%-26s %-12s %s",
                        reading.measure(),
                        format.format(reading.mean()),
                        counts
                                ? "counts"
                                : estimate.map(range -> "an estimate, not a measurement: "
                                                + format.format(range.least()) + " to " + format.format(range.most()))
                                        .orElseGet(() -> "measure again: "
                                                + over.why(reading.measure(), set.stack(), wanted)
                                                        .map(why -> why.in(format))
                                                        .orElse(""))));
            }
        }
        if (asJson()) {
            out().println(Answers.json(answers));
        }
        return 0;
    }
}
