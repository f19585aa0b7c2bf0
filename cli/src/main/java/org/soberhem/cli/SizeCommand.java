package org.soberhem.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.size.SizeMatch;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "size", description = "Says in which size of a chart a garment is taken; exit code 1 beyond the chart.")
final class SizeCommand extends Answering {

    @Option(names = "--measures", paramLabel = "FILE", required = true, description = "CSV measure,value or JSON")
    private Path measures;

    @Option(
            names = "--garment",
            paramLabel = "KIND",
            required = true,
            description = "such as \"skirt\" or \"top or jacket\"")
    private String garment;

    @Option(names = "--chart", paramLabel = "FILE", description = "CSV; without it the shipped example")
    private Optional<Path> chart;

    @Option(
            names = "--by",
            paramLabel = "MEASURE",
            description = "what decides the size; without it what usually does for the garment")
    private Optional<String> by;

    @Option(
            names = "--ease",
            paramLabel = "LENGTH",
            defaultValue = "2 in",
            description = "ease wanted (${DEFAULT-VALUE})")
    private String ease;

    @Mixin
    private GivenWearer wearer;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        List<String> usual = library.governing().get(garment);
        if (usual == null) {
            throw new WrongInput("--garment must be one of "
                    + String.join(", ", library.governing().keySet()) + ": \"" + garment + "\"");
        }
        List<String> governing = by.map(word -> List.of(library.measures()
                        .find(word)
                        .orElseThrow(() ->
                                new WrongInput("--by: " + library.measures().unknown(word)))
                        .id()))
                .orElse(usual);
        MeasurementSet set = wearer.set(library, measures);
        SizeMatch match = SizeMatch.of(
                        chart(library),
                        governing,
                        measure -> set.value(measure, Side.RIGHT)
                                .map(Length::toMillimetres)
                                .orElse(Double.NaN),
                        wanted())
                .orElseThrow(() -> new WrongInput("the chart and the measurements share none of "
                        + String.join(", ", governing) + ", which decide for a " + garment));
        LengthFormat format = LengthFormat.INCH_EIGHTHS;
        if (asJson()) {
            Map<String, Object> answer = new LinkedHashMap<>();
            answer.put("size", match.row().size());
            answer.put("by", match.governing());
            answer.put("outside", match.outside());
            answer.put("left_mm", match.left());
            Map<String, String> sizes = new LinkedHashMap<>();
            match.sizes().forEach((measure, row) -> sizes.put(measure, row.size()));
            answer.put("size_by", sizes);
            answer.put("advice", match.advice(library.measures()::name).in(format));
            match.smaller().ifPresent(below -> answer.put("one_down", below.size()));
            out().println(Answers.json(answer));
        } else {
            out().println(match.sentence(library.measures().name(match.governing()))
                    .in(format));
            match.left()
                    .forEach((measure, left) -> out().println(String.format(
                            "  %-26s %-8s by it alone size %s",
                            measure,
                            format.signed(left),
                            match.sizes().get(measure).size())));
            out().println(match.advice(library.measures()::name).in(format));
            if (match.room().values().stream().anyMatch(amount -> amount != 0)) {
                out().println("At the side seams: --alter \"shape-line: edge=PIECE.SIDE, amounts="
                        + match.room().entrySet().stream()
                                .map(each -> each.getKey() + " " + format.format(-each.getValue() / 2))
                                .collect(Collectors.joining("; "))
                        + "\"");
            }
            match.smaller().ifPresent(below -> out().println("The chart's ease allows one size down: " + below.size()));
        }
        return match.outside() ? ExitCode.DOES_NOT_FIT : 0;
    }

    private double wanted() {
        return Typed.length("--ease", ease);
    }

    private SizeChart chart(Library library) {
        if (chart.isEmpty()) {
            return library.charts().get(0);
        }
        return GivenFiles.chart(chart.get(), library);
    }
}
