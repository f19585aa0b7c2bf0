package org.soberhem.cli;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.soberhem.cli.given.Answering;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Measure;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;

@Command(name = "measures", description = "Lists the measurements that are known, with their definitions.")
final class MeasuresCommand extends Answering {

    @Override
    public Integer call() {
        List<Measure> measures = Library.shipped().measures().all();
        if (asJson()) {
            out().println(Answers.json(measures.stream()
                    .map(measure -> Map.<String, Object>of(
                            "measure", measure.id(),
                            "name", measure.name(),
                            "aliases", measure.aliases(),
                            "kind", measure.kind().name().toLowerCase(Locale.ROOT),
                            "definition", measure.definition(),
                            "how", measure.how().words(),
                            "ages",
                                    Stream.of(Age.values())
                                            .filter(measure.usual()::containsKey)
                                            .map(Age::words)
                                            .toList(),
                            "iso_8559_1", measure.iso().map(Measure.Iso::words).orElse("")))
                    .toList()));
            return 0;
        }
        measures.forEach(measure ->
                out().println(String.format("%-26s %s: %s", measure.id(), measure.name(), measure.definition())));
        return 0;
    }
}
