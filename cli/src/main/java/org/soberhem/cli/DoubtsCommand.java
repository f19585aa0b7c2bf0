package org.soberhem.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

@Command(name = "doubts", description = "Asks about odd measurements; exit code 1 where there is something to ask.")
final class DoubtsCommand extends Answering {

    @Parameters(index = "0", paramLabel = "FILE", description = "CSV measure,value or JSON")
    private Path measures;

    @Mixin
    private GivenWearer wearer;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        MeasurementSet set = wearer.set(library, measures);
        Doubts doubts = new Doubts(library.measures(), library.relations(), library.proportions(), library.wardrobe());
        // A file does not say when it was measured: age is not asked about.
        List<Doubt> asked = doubts.of(set, wearer.build(), set.date(), Integer.MAX_VALUE);
        if (asJson()) {
            out().println(Answers.json(asked.stream()
                    .map(doubt -> Map.<String, Object>of(
                            "kind", doubt.kind().name(),
                            "measures", doubt.measures(),
                            "saw", doubt.saw().in(LengthFormat.INCH_EIGHTHS),
                            "explains", doubt.explains().in(LengthFormat.INCH_EIGHTHS),
                            "corrections",
                                    doubt.corrections().stream()
                                            .map(each -> each.words().in(LengthFormat.INCH_EIGHTHS))
                                            .toList()))
                    .toList()));
        } else if (asked.isEmpty()) {
            out().println("Nothing is doubted.");
        } else {
            asked.forEach(doubt -> {
                out().println(doubt.kind().words() + ": " + doubt.sentence().in(LengthFormat.INCH_EIGHTHS));
                doubt.corrections()
                        .forEach(each -> out().println("    " + each.words().in(LengthFormat.INCH_EIGHTHS)));
            });
        }
        return asked.isEmpty() ? 0 : ExitCode.DOES_NOT_FIT;
    }
}
