package org.soberhem.cli;

import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "alterations", description = "Lists the alterations by their trade names, with what each asks for.")
final class AlterationsCommand extends Answering {

    @Parameters(index = "0", arity = "0..1", paramLabel = "WORD", description = "only those so called")
    private String word = "";

    @Override
    public Integer call() {
        List<AlterationKind> found = Library.shipped().alterations().stream()
                .filter(kind -> kind.isCalled(word))
                .toList();
        if (asJson()) {
            out().println(Answers.json(found.stream()
                    .map(kind -> Map.<String, Object>of(
                            "id", kind.id(),
                            "name", kind.name(),
                            "also", kind.also(),
                            "group", kind.group(),
                            "asks",
                                    kind.asks().stream()
                                            .map(AlterationKind.Ask::name)
                                            .toList(),
                            "tells", kind.tells()))
                    .toList()));
            return 0;
        }
        for (AlterationKind kind : found) {
            out().println(String.format("%-20s %s", kind.id(), kind.name()));
            out().println(String.format(
                    "%-20s   asks %s",
                    "",
                    String.join(
                            ", ",
                            kind.asks().stream().map(AlterationKind.Ask::name).toList())));
        }
        if (found.isEmpty()) {
            throw new WrongInput("no alteration is called \"" + word + "\"; sober-hem alterations lists all");
        }
        return 0;
    }
}
