package org.soberhem.desk.cli;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.soberhem.core.body.Measure;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "measures", description = "Lists the measurements that are known, with their definitions.")
final class MeasuresCommand implements Callable<Integer> {

    @Option(names = "--json", description = "answers as JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        List<Measure> measures = Library.shipped().measures().all();
        if (json) {
            spec.commandLine()
                    .getOut()
                    .println(Answers.json(measures.stream()
                            .map(measure -> Map.<String, Object>of(
                                    "measure", measure.id(),
                                    "name", measure.name(),
                                    "aliases", measure.aliases(),
                                    "definition", measure.definition(),
                                    "how", measure.how()))
                            .toList()));
            return 0;
        }
        measures.forEach(measure -> spec.commandLine()
                .getOut()
                .println(String.format("%-26s %s: %s", measure.id(), measure.name(), measure.definition())));
        return 0;
    }
}
