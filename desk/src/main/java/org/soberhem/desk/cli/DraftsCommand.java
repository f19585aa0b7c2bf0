package org.soberhem.desk.cli;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "drafts", description = "Lists the shipped draft sheets.")
final class DraftsCommand implements Callable<Integer> {

    @Option(names = "--json", description = "answers as JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        List<DraftSheet> sheets =
                Library.shipped().sheets().stream().map(each -> each.sheet()).toList();
        if (json) {
            spec.commandLine()
                    .getOut()
                    .println(Answers.json(sheets.stream()
                            .map(sheet -> Map.<String, Object>of(
                                    "draft", sheet.id(),
                                    "title", sheet.about().title(),
                                    "garment", sheet.about().garment(),
                                    "system", sheet.about().system(),
                                    "years",
                                            List.of(
                                                    sheet.about().from(),
                                                    sheet.about().to()),
                                    "measures", sheet.measures()))
                            .toList()));
            return 0;
        }
        for (DraftSheet sheet : sheets) {
            spec.commandLine()
                    .getOut()
                    .println(String.format(
                            "%-22s %d–%d  %-8s %s",
                            sheet.id(),
                            sheet.about().from(),
                            sheet.about().to(),
                            sheet.about().garment(),
                            sheet.about().title()));
        }
        return 0;
    }
}
