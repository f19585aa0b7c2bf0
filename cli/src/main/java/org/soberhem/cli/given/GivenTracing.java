package org.soberhem.cli.given;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.PaperPattern;
import org.soberhem.core.trace.SizedSheet;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.exchange.SvgOutlines;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;
import org.soberhem.library.sheet.TracingFile;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The tracing that {@code trace} and {@code scale} share: a file, or the closed outlines of a drawing. */
public final class GivenTracing {

    @Parameters(index = "0", paramLabel = "FILE", description = "a tracing .yaml or a drawing .svg")
    private Path file;

    @Option(
            names = "--unit",
            paramLabel = "LENGTH",
            description = "how long one unit of a drawing is, where it does not say")
    private Optional<String> unit = Optional.empty();

    @Option(names = "--as-it-is", description = "it is not brought to another body: every edge stays as it was traced")
    private boolean asItIs;

    @Option(names = "--chart", paramLabel = "FILE", description = "size chart of a pattern in sizes, CSV")
    private Optional<Path> chart = Optional.empty();

    @Option(
            names = "--by",
            paramLabel = "KIND",
            defaultValue = "top or jacket",
            description = "kind of garment whose measure decides the size (${DEFAULT-VALUE})")
    private String by;

    private final Library library = Library.shipped();

    public Library library() {
        return library;
    }

    private String name() {
        return file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    public String id() {
        String id =
                name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^[-0-9]+|-+$", "");
        return id.isEmpty() ? "traced" : id;
    }

    public Tracing tracing() {
        Tracing read = read();
        return asItIs ? read.asItIs(true) : read;
    }

    private Tracing read() {
        try {
            String text = GivenFiles.text(file);
            if (file.toString().endsWith(".svg")) {
                OptionalDouble scale = unit.isPresent()
                        ? OptionalDouble.of(Typed.length("--unit", unit.get()))
                        : OptionalDouble.empty();
                return SvgOutlines.tracing(name(), SvgOutlines.read(text, scale));
            }
            return TracingFile.read(text);
        } catch (FormatException | SheetException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
    }

    /** Returns what the drawing says of the body that it was made for; nothing for a pattern in sizes. */
    public List<DrawnBodyMeasure> made(Tracing tracing) {
        if (chart.isPresent()) {
            return List.of();
        }
        try {
            PaperPattern paper = tracing.paper();
            return DrawnBodyMeasure.of(paper, library.landmarks(), tracing.ease(), tracing.unused());
        } catch (IllegalArgumentException unfinished) {
            throw new WrongInput(file + ": " + unfinished.getMessage());
        }
    }

    public String sheetText(Tracing tracing) {
        try {
            if (chart.isEmpty()) {
                return TracedSheet.write(id(), tracing, library.landmarks());
            }
            List<String> governing = library.governing().get(by);
            if (governing == null) {
                throw new WrongInput("--by must be one of "
                        + String.join(", ", library.governing().keySet()) + ": \"" + by + "\"");
            }
            return TracedSheet.write(
                    id(),
                    tracing,
                    SizedSheet.of(tracing, GivenFiles.chart(chart.get(), library), governing, library.landmarks()));
        } catch (IllegalArgumentException unfinished) {
            throw new WrongInput(file + ": " + unfinished.getMessage());
        }
    }

    public CompiledSheet sheet(String text) {
        try {
            return SheetReader.read(text);
        } catch (SheetException wrong) {
            throw new WrongInput(file + ": " + wrong.problem());
        }
    }
}
