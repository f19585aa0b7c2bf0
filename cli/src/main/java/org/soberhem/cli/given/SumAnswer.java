package org.soberhem.cli.given;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.MarkTable;
import org.soberhem.core.garment.OwnFigure;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.SumJson;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.SumCardPdf;
import picocli.CommandLine.Option;

/** How {@code skirt} and {@code sums} answer: in words, as JSON, on a card, and beside the maker's own figures. */
public final class SumAnswer {

    @Option(
            names = "--i-make",
            paramLabel = "FIGURE=VALUE",
            description = "your own figure, to be compared with the one worked out, such as \"front=4 1/2 in\"")
    private Map<String, String> made = new LinkedHashMap<>();

    @Option(names = "--cm", description = "lengths in centimetres instead of inches")
    private boolean centimetres;

    @Option(names = "--out", paramLabel = "FILE", description = "the printed card, ends in .pdf")
    private Optional<Path> out;

    private LengthFormat format() {
        return centimetres ? LengthFormat.CENTIMETRES : LengthFormat.INCH_EIGHTHS;
    }

    /** Answers with the sums given, and returns the exit code: 1 where one does not work. */
    public int tell(Answering command, String heading, List<Sum> sums) {
        Map<SumValue, OwnFigure> slips = new LinkedHashMap<>();
        made.forEach((name, typed) -> {
            SumValue figure = figure(sums, name);
            slips.put(figure, new OwnFigure(figure, value(figure, typed)));
        });
        out.ifPresent(file -> {
            if (sums.size() != 1) {
                throw new WrongInput("--out prints one sum: choose it with --sum, from "
                        + sums.stream().map(Sum::name).toList());
            }
            GivenFiles.write(file, SumCardPdf.write(heading, sums.get(0), format(), PaperSize.A4));
        });
        if (command.asJson()) {
            List<Map<String, Object>> json = sums.stream().map(SumJson::of).toList();
            Map<String, Object> answer = new LinkedHashMap<>();
            answer.put("sums", json);
            answer.put(
                    "slips",
                    slips.values().stream()
                            .map(slip -> Map.of(
                                    "agrees",
                                    slip.agrees(),
                                    "words",
                                    slip.sentence().in(LengthFormat.INCH_EIGHTHS)))
                            .toList());
            command.out().println(Answers.json(answer));
        } else {
            sums.forEach(sum -> words(command, sum));
            slips.values().forEach(slip -> command.out().println(slip.sentence().in(format())));
        }
        return sums.stream().allMatch(Sum::works) ? 0 : ExitCode.DOES_NOT_FIT;
    }

    private void words(Answering command, Sum sum) {
        command.out()
                .println(sum.title() + " (" + sum.name() + "): " + sum.answer().in(format()));
        for (Finding finding : sum.findings()) {
            command.out().println("  " + mark(finding.grade()) + finding.words().in(format()));
        }
        for (SumValue figure : sum.figures()) {
            command.out()
                    .println("  " + figure.name() + " = " + figure.in(format()) + "   "
                            + figure.working().in(format()));
        }
        for (MarkTable table : sum.tables()) {
            command.out().println("  " + table.title());
            command.out().println("    " + String.join(" | ", table.columns()));
            table.in(format()).forEach(row -> command.out().println("    " + String.join(" | ", row)));
        }
    }

    private static String mark(Finding.Grade grade) {
        return switch (grade) {
            case FAILS -> "FAILS ";
            case ASKS -> "asks  ";
            case TELLS -> "tells ";
        };
    }

    /** Finds a figure by its name, or by a part of it that only one has. */
    private static SumValue figure(List<Sum> sums, String name) {
        List<SumValue> all =
                sums.stream().flatMap(sum -> sum.figures().stream()).toList();
        List<SumValue> found =
                all.stream().filter(figure -> figure.name().equals(name)).toList();
        if (found.isEmpty()) {
            found = all.stream().filter(figure -> figure.name().contains(name)).toList();
        }
        if (found.size() != 1) {
            throw new WrongInput("--i-make " + name + ": "
                    + (found.isEmpty() ? "there is no such figure" : "several are called so")
                    + "; figures are "
                    + (found.isEmpty() ? all : found)
                            .stream().map(SumValue::name).toList());
        }
        return found.get(0);
    }

    private static double value(SumValue figure, String typed) {
        String option = "--i-make " + figure.name();
        if (figure.kind() == SumValue.Kind.LENGTH) {
            return Typed.length(option, typed);
        }
        try {
            return Double.parseDouble(typed.strip());
        } catch (NumberFormatException wrong) {
            throw new WrongInput(option + ": write a number, such as 3.5: \"" + typed + "\"");
        }
    }
}
