package org.soberhem.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "silhouettes", description = "Lists the silhouettes, or the rules of one: of the library or a file.")
public final class SilhouettesCommand extends Answering {

    @Parameters(index = "0", arity = "0..1", paramLabel = "ID", description = "a silhouette's id or a file")
    private String id;

    @Option(names = "--quantities", description = "lists what rules may speak of")
    private boolean quantities;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        List<Map<String, Object>> answers = new ArrayList<>();
        if (quantities) {
            library.silhouettes().kinds().forEach(kind -> answers.add(quantity(kind)));
        } else if (id == null) {
            library.silhouettes().headers().forEach(header -> answers.add(header(header)));
        } else {
            Silhouettes all = library.silhouettes();
            Silhouette one = all.find(id).orElseGet(() -> GivenFiles.silhouette(library, id));
            one.rules().forEach(rule -> answers.add(rule(all, rule)));
        }
        if (asJson()) {
            out().println(Answers.json(answers));
        } else {
            answers.forEach(answer -> out().println(String.join(
                    "  ", answer.values().stream().map(String::valueOf).toList())));
        }
        return 0;
    }

    private static Map<String, Object> header(Silhouette.Header header) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("id", header.id());
        answer.put("from", header.from());
        answer.put("to", header.to());
        answer.put("title", header.title());
        answer.put("place", header.place());
        return answer;
    }

    private static Map<String, Object> quantity(QuantityKind kind) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("id", kind.id());
        answer.put("unit", kind.unit().name().toLowerCase(Locale.ROOT));
        answer.put("title", kind.title());
        answer.put("is", kind.is());
        return answer;
    }

    private static Map<String, Object> rule(Silhouettes all, Rule rule) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("id", rule.id());
        answer.put("quantity", rule.quantity());
        answer.put("unit", all.kind(rule.quantity()).orElseThrow().unit().name().toLowerCase(Locale.ROOT));
        answer.put(
                "band",
                rule.band().map(band -> List.of(band.least(), band.most())).orElse(List.of()));
        answer.put("judged", rule.judged().words());
        answer.put("why", rule.why().isEmpty() ? rule.ask() : rule.why());
        answer.put("evidence", rule.evidence());
        return answer;
    }
}
