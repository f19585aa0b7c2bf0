package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.files.exchange.NumbersCsv;
import org.soberhem.files.exchange.PatternDxf;
import org.soberhem.files.exchange.PatternJson;
import org.soberhem.files.exchange.PatternSvg;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.PatternPdf;
import org.soberhem.files.print.PrintJob;
import org.soberhem.files.print.PrintOptions;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "draft", description = "Draws a sheet at a wearer's size and writes it to a file.")
final class DraftCommand implements Callable<Integer> {

    @Mixin
    private DraftRequest request;

    @Option(
            names = "--out",
            paramLabel = "FILE",
            required = true,
            description = "ends in .pdf, .svg, .dxf, .csv or .json")
    private Path out;

    @Option(
            names = "--paper",
            paramLabel = "SIZE",
            defaultValue = "a4",
            description = "for a PDF: a4, letter, legal, a3, or roll WIDTH such as \"roll 36 in\"")
    private String paper;

    @Option(names = "--pieces", paramLabel = "NAME", split = ",", description = "for a PDF: only these pieces")
    private List<String> pieces = new ArrayList<>();

    @Option(
            names = "--lines",
            paramLabel = "LINE",
            split = ",",
            description = "for a PDF: cut, seam, construction; all where none is named")
    private List<PrintOptions.Layer> lines = new ArrayList<>();

    @Option(
            names = "--square",
            paramLabel = "LENGTH",
            description = "for a PDF: what the square of 100 mm measured on the last print; corrects this one")
    private Optional<String> square = Optional.empty();

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        GivenFiles.write(out, content(answer));
        answer.failures().forEach(failure -> spec.commandLine().getErr().println("check: " + failure));
        return 0;
    }

    private byte[] content(DraftRequest.Answer answer) {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        String ending = name.substring(name.lastIndexOf('.') + 1);
        DraftedGarment work = answer.work();
        Pattern pattern = work.pattern();
        return switch (ending) {
            case "json" -> utf8(PatternJson.write(work.sheet(), work.draft(), pattern, work.checks()));
            case "svg" -> utf8(PatternSvg.write(pattern));
            case "dxf" -> utf8(PatternDxf.write(pattern));
            case "csv" -> utf8(NumbersCsv.write(work.draft()));
            case "pdf" -> PatternPdf.write(job(work), paper());
            default -> throw new WrongInput(out + ": the name must end in .pdf, .svg, .dxf, .csv or .json");
        };
    }

    private PrintJob job(DraftedGarment work) {
        return new PrintJob(
                work.sheet().sheet().about().title(),
                work.sheet().sheet().about().garment(),
                "as drafted",
                LocalDate.now(),
                LengthFormat.INCH_EIGHTHS,
                work.pattern(),
                options(work));
    }

    private PrintOptions options(DraftedGarment work) {
        List<String> known =
                SpreadPiece.of(work.pattern()).stream().map(SpreadPiece::name).toList();
        pieces.stream().filter(piece -> !known.contains(piece)).findFirst().ifPresent(piece -> {
            throw new WrongInput("--pieces: there is no piece \"" + piece + "\" among " + known);
        });
        try {
            return new PrintOptions(
                    pieces,
                    lines.isEmpty() ? Set.of(PrintOptions.Layer.values()) : Set.copyOf(lines),
                    square.map(typed -> Typed.length("--square", typed)).orElse(PrintOptions.SQUARE),
                    work.sheet().sheet().sewing(),
                    work.sheet().sheet().about().cautions());
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput("--square: " + wrong.getMessage());
        }
    }

    private PaperSize paper() {
        if (paper.toLowerCase(Locale.ROOT).startsWith("roll")) {
            try {
                return PaperSize.roll(
                        Typed.length("--paper", paper.substring("roll".length()).strip()));
            } catch (IllegalArgumentException wrong) {
                throw new WrongInput("--paper: " + wrong.getMessage());
            }
        }
        return PaperSize.find(paper)
                .orElseThrow(
                        () -> new WrongInput("--paper must be a4, letter, legal, a3 or roll WIDTH: \"" + paper + "\""));
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
