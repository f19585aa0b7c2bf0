package org.soberhem.cli;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Measure;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "measures", description = "Lists the measurements that are known, with their definitions.")
final class MeasuresCommand extends Answering {

    @Option(names = "--for", paramLabel = "DRAFT", description = "only what this draft draws and judges by")
    private Optional<String> draft;

    @Override
    public Integer call() {
        List<Measure> measures = draft.map(MeasuresCommand::needed)
                .orElseGet(() -> Library.shipped().measures().all());
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

    /** Returns the best measure for each name of a draft, in the order of the catalogue. */
    private static List<Measure> needed(String draft) {
        Set<String> ids = DraftRequest.sheet(Library.shipped(), draft).measuresOfTheDraft().stream()
                .map(each -> each.get(0))
                .collect(Collectors.toSet());
        return Library.shipped().measures().all().stream()
                .filter(each -> ids.contains(each.id()))
                .toList();
    }
}
