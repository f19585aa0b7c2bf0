package org.soberhem.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import org.soberhem.files.exchange.FormatException;
import org.soberhem.files.exchange.SvgOutlines;
import org.soberhem.files.library.Library;
import org.soberhem.files.sheet.TracedSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "trace",
        description = "Turns the closed outlines of an SVG drawing into a draft sheet at their true size.")
final class TraceCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE.svg", description = "the drawing")
    private Path drawing;

    @Option(
            names = "--unit",
            paramLabel = "LENGTH",
            description = "how long one unit is, where the drawing does not say")
    private Optional<String> unit = Optional.empty();

    @Option(names = "--out", paramLabel = "FILE.yaml", required = true, description = "the sheet")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        String name = drawing.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        OptionalDouble scale =
                unit.isPresent() ? OptionalDouble.of(Typed.length("--unit", unit.get())) : OptionalDouble.empty();
        try {
            List<SvgOutlines.Traced> traced = SvgOutlines.read(GivenFiles.text(drawing), scale);
            String id = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
            GivenFiles.write(
                    out,
                    TracedSheet.write(
                                    id,
                                    SvgOutlines.tracing(name, traced),
                                    Library.shipped().landmarks())
                            .getBytes(StandardCharsets.UTF_8));
            spec.commandLine().getOut().println(traced.size() + (traced.size() == 1 ? " outline" : " outlines"));
        } catch (FormatException wrong) {
            throw new WrongInput(drawing + ": " + wrong.getMessage());
        }
        return 0;
    }
}
