package org.soberhem.desk.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.draft.LooseFormula;
import org.soberhem.core.draft.SheetException;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.RulerPdf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "ruler", description = "Prints the paper ruler of a proportional draft, true to size.")
final class RulerCommand extends Answering {

    @Option(names = "--unit", paramLabel = "FORMULA", required = true, description = "one unit, such as \"bust / 36\"")
    private String unit;

    @Option(names = "--bust", paramLabel = "LENGTH", description = "the governing measurement, where it is the bust")
    private String bust;

    @Option(names = "--waist", paramLabel = "LENGTH", description = "the governing measurement, where it is the waist")
    private String waist;

    @Option(
            names = "--units",
            paramLabel = "N",
            defaultValue = "36",
            description = "how many units long (${DEFAULT-VALUE})")
    private int units;

    @Option(names = "--paper", paramLabel = "SIZE", defaultValue = "a4", description = "a4, letter or a3")
    private String paper;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = "ends in .pdf")
    private Path out;

    @Override
    public Integer call() {
        Map<String, Double> values = new LinkedHashMap<>();
        measure("bust", bust, values);
        measure("waist", waist, values);
        if (!out.toString().toLowerCase(Locale.ROOT).endsWith(".pdf")) {
            throw new WrongInput(out + ": the name must end in .pdf");
        }
        if (units < 1 || units > 200) {
            throw new WrongInput("--units must be 1 to 200: " + units);
        }
        PaperSize size = PaperSize.find(paper)
                .orElseThrow(() -> new WrongInput("--paper must be a4, letter or a3: \"" + paper + "\""));
        double length = unit(values);
        StringBuilder title = new StringBuilder(unit);
        values.forEach((name, value) ->
                title.append(", ").append(name).append(" ").append(LengthFormat.INCH_EIGHTHS.format(value)));
        try {
            GivenFiles.write(out, RulerPdf.write(title.toString(), length, units, size));
        } catch (IllegalArgumentException tooLong) {
            throw new WrongInput(tooLong.getMessage());
        }
        double rounded = Math.round(length * 1000) / 1000.0;
        out().println(
                        asJson()
                                ? Answers.json(Map.of("unit_mm", rounded, "units", units))
                                : "1 unit = " + rounded + " mm");
        return 0;
    }

    private static void measure(String name, String typed, Map<String, Double> values) {
        if (typed != null) {
            try {
                values.put(
                        name, LengthEntry.parse(typed, LengthUnit.INCH).value().toMillimetres());
            } catch (LengthFormatException wrong) {
                throw new WrongInput("--" + name + ": " + wrong.getMessage());
            }
        }
    }

    private double unit(Map<String, Double> values) {
        try {
            double length = LooseFormula.length(unit, values);
            if (!(length > 0)) {
                throw new WrongInput("--unit must be more than nothing: " + length + " mm");
            }
            return length;
        } catch (SheetException wrong) {
            throw new WrongInput("--unit: " + wrong.problem());
        }
    }
}
