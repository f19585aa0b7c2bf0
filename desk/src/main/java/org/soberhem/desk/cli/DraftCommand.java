package org.soberhem.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.files.exchange.NumbersCsv;
import org.soberhem.files.exchange.PatternJson;
import org.soberhem.files.exchange.PatternSvg;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.PatternPdf;
import org.soberhem.files.print.PrintJob;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "draft", description = "Draws a sheet at a wearer's size and writes it to a file.")
final class DraftCommand implements Callable<Integer> {

    @Mixin
    private DraftRequest request;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = "ends in .pdf, .svg, .csv or .json")
    private Path out;

    @Option(names = "--paper", paramLabel = "SIZE", defaultValue = "a4", description = "a4, letter or a3, for a PDF")
    private String paper;

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
        Pattern pattern = answer.draft().pattern();
        return switch (ending) {
            case "json" -> utf8(PatternJson.write(answer.sheet(), answer.draft(), pattern, answer.checks()));
            case "svg" -> utf8(PatternSvg.write(pattern));
            case "csv" -> utf8(NumbersCsv.write(answer.draft()));
            case "pdf" -> PatternPdf.write(job(answer), paper());
            default -> throw new WrongInput(out + ": the name must end in .pdf, .svg, .csv or .json");
        };
    }

    private PrintJob job(DraftRequest.Answer answer) {
        return new PrintJob(
                answer.sheet().sheet().about().title(),
                answer.sheet().sheet().about().garment(),
                "as drafted",
                LocalDate.now(),
                LengthFormat.INCH_EIGHTHS,
                answer.draft().pattern());
    }

    private PaperSize paper() {
        return PaperSize.find(paper)
                .orElseThrow(() -> new WrongInput("--paper must be a4, letter or a3: \"" + paper + "\""));
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
