package org.soberhem.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.draft.RulerTable;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.RulerPdf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "ruler", description = "Prints the paper ruler of a proportional draft, true to size.")
final class RulerCommand extends Answering {

    @Option(names = "--unit", paramLabel = "FORMULA", description = "one unit, such as \"bust / 36\"")
    private Optional<String> unit;

    @Option(
            names = "--measured",
            paramLabel = "MARK=UNITS=LENGTH",
            description =
                    "instead of --unit, one or more paper rulers that were measured, such as \"34 in=10=9 3/8 in\"")
    private List<String> measured = List.of();

    @Option(names = "--of", paramLabel = "NAME=LENGTH", description = "any other measurement that the unit goes by")
    private Map<String, String> others = new LinkedHashMap<>();

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
        others.forEach((name, typed) -> measure(name, typed, values));
        if (unit.isPresent() != measured.isEmpty()) {
            throw new WrongInput("say how long a unit is: either --unit FORMULA or --measured RULER twice or more");
        }
        if (!out.toString().toLowerCase(Locale.ROOT).endsWith(".pdf")) {
            throw new WrongInput(out + ": the name must end in .pdf");
        }
        if (units < 1 || units > 200) {
            throw new WrongInput("--units must be 1 to 200: " + units);
        }
        PaperSize size = PaperSize.find(paper)
                .orElseThrow(() -> new WrongInput("--paper must be a4, letter or a3: \"" + paper + "\""));
        double length = unit.map(formula -> unit(formula, values)).orElseGet(() -> between(values));
        StringBuilder title = new StringBuilder(unit.orElse("between measured rulers"));
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
            values.put(name, Typed.length("--" + name, typed));
        }
    }

    /** Returns the unit between rulers that were measured, and says how far each is off the line through all. */
    private double between(Map<String, Double> values) {
        if (values.size() != 1) {
            throw new WrongInput("measured rulers need one measurement to be found for: --bust, --waist or --of");
        }
        List<RulerTable.Ruler> rulers = new ArrayList<>();
        for (String typed : measured) {
            String[] parts = typed.split("=");
            if (parts.length != 3 || !parts[1].strip().matches("[1-9]\\d{0,2}")) {
                throw new WrongInput("--measured is written like \"34 in=10=9 3/8 in\": \"" + typed + "\"");
            }
            rulers.add(new RulerTable.Ruler(
                    Typed.length("--measured", parts[0].strip()),
                    Typed.length("--measured", parts[2].strip()) / Integer.parseInt(parts[1].strip())));
        }
        try {
            RulerTable table = new RulerTable(rulers);
            List<Double> residuals = table.residuals();
            for (int i = 0; i < rulers.size() && !asJson(); i++) {
                out().println("marked "
                        + LengthFormat.INCH_EIGHTHS.format(rulers.get(i).marked()) + ": "
                        + Math.round(residuals.get(i) * 1000) / 100.0 + " mm in ten units off the line through all");
            }
            return table.unitAt(values.values().iterator().next());
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput("--measured: " + wrong.getMessage());
        }
    }

    private static double unit(String unit, Map<String, Double> values) {
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
