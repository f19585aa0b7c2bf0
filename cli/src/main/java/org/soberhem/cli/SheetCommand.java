package org.soberhem.cli;

import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.print.MeasuringSheetPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "sheet", description = "Plans the walk round a wearer for some drafts and prints the measuring sheet.")
final class SheetCommand extends Answering {

    @Option(names = "--for", paramLabel = "DRAFT", description = "a shipped draft; may be given several times")
    private List<String> drafts = List.of();

    @Mixin
    private GivenWearer wearer;

    @Option(names = "--measures", paramLabel = "FILE", description = "readings to fill in")
    private Optional<Path> measures;

    @Option(names = "--name", paramLabel = "NAME", defaultValue = "wearer", description = "what stands at its head")
    private String name;

    @Option(names = "--out", paramLabel = "FILE", description = "the PDF; without it the walk is only listed")
    private Optional<Path> out;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        Build build = wearer.build();
        Set<String> wanted = new LinkedHashSet<>(library.asked().least().get(build.age()));
        for (String draft : drafts) {
            CompiledSheet sheet = library.sheet(draft)
                    .orElseThrow(() ->
                            new WrongInput("\"" + draft + "\" is not a shipped draft; sober-hem drafts lists them"));
            wanted.addAll(sheet.usableMeasures());
        }
        wanted.addAll(library.asked().telling());
        MeasuringRoute walk = MeasuringRoute.of(
                library.measures(), build, wanted, library.asked().seated());
        Optional<MeasurementSet> set = measures.map(file -> wearer.set(library, file));
        String over = library.wardrobe().title(wearer.over(library));
        out.ifPresent(file -> GivenFiles.write(
                file, MeasuringSheetPdf.write(name, walk, over, set, LengthFormat.INCH_EIGHTHS, PaperSize.A4)));
        if (asJson()) {
            out().println(Answers.json(walk.steps().stream()
                    .map(step -> Map.<String, Object>of(
                            "measure", step.measure().id(),
                            "side", step.side().name(),
                            "posture", step.posture().words(),
                            "station", step.station().name()))
                    .toList()));
        } else {
            out().println(walk.steps().size() + " readings, " + walk.turns() + " quarter turns"
                    + (walk.ribbon() ? ", the ribbon first" : ""));
            walk.steps().forEach(step -> out().println("  " + step.station().words() + ": " + step.name()));
        }
        return 0;
    }
}
