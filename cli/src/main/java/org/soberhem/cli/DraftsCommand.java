package org.soberhem.cli;

import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;

@Command(name = "drafts", description = "Lists the shipped draft sheets.")
final class DraftsCommand extends Answering {

    @Override
    public Integer call() {
        List<DraftSheet> sheets =
                Library.shipped().sheets().stream().map(each -> each.sheet()).toList();
        if (asJson()) {
            out().println(Answers.json(sheets.stream()
                    .map(sheet -> Map.<String, Object>of(
                            "draft", sheet.id(),
                            "title", sheet.about().title(),
                            "garment", sheet.about().garment(),
                            "system", sheet.about().system(),
                            "years", List.of(sheet.about().from(), sheet.about().to()),
                            "measures", sheet.measures()))
                    .toList()));
            return 0;
        }
        for (DraftSheet sheet : sheets) {
            out().println(String.format(
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
