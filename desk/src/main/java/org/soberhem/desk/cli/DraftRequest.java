package org.soberhem.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetException;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.files.exchange.FormatException;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.files.library.Library;
import org.soberhem.files.sheet.SheetReader;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The sheet, measurements and settings that {@code draft} and {@code check} share. */
final class DraftRequest {

    @Parameters(index = "0", paramLabel = "SHEET", description = "a library name or a file")
    private String sheetName;

    @Option(names = "--measures", paramLabel = "FILE", required = true, description = "CSV measure,value or JSON")
    private Path measures;

    @Option(names = "--set", paramLabel = "NAME=VALUE", description = "a setting of the sheet")
    private Map<String, String> settings = new LinkedHashMap<>();

    /** A drafted sheet with everything that was found wrong. */
    record Answer(CompiledSheet sheet, Draft draft, List<CheckResult> checks) {

        /** Returns the failed checks and untrue seams in words. */
        List<String> failures() {
            List<String> failures = new ArrayList<>();
            checks.stream()
                    .filter(check -> !check.passes())
                    .forEach(check -> failures.add(check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            draft.pattern().seamChecks().stream()
                    .filter(check -> !check.isTrue())
                    .map(SeamCheck::sentence)
                    .forEach(sentence -> failures.add(sentence.in(LengthFormat.INCH_EIGHTHS)));
            return failures;
        }
    }

    Answer answer() {
        Library library = Library.shipped();
        CompiledSheet sheet = sheet(library);
        try {
            Inputs inputs = MeasureFile.read(GivenFiles.text(measures), library.measures());
            for (Map.Entry<String, String> setting : settings.entrySet()) {
                LengthEntry entry = LengthEntry.parse(setting.getValue(), LengthUnit.INCH);
                inputs = inputs.withSetting(setting.getKey(), entry.value().toMillimetres());
            }
            Draft draft = Drafter.draft(sheet, inputs);
            return new Answer(sheet, draft, Checks.of(sheet, inputs, draft.pattern()));
        } catch (FormatException wrong) {
            throw new WrongInput(measures + ": " + wrong.getMessage());
        } catch (LengthFormatException | DraftException wrong) {
            throw new WrongInput(wrong.getMessage());
        }
    }

    private CompiledSheet sheet(Library library) {
        return library.sheet(sheetName).orElseGet(() -> {
            Path file = Path.of(sheetName);
            if (!Files.exists(file)) {
                throw new WrongInput("\"" + sheetName + "\" is neither a shipped draft ("
                        + String.join(
                                ", ",
                                library.sheets().stream()
                                        .map(s -> s.sheet().id())
                                        .toList())
                        + ") nor a file");
            }
            try {
                return SheetReader.read(GivenFiles.text(file));
            } catch (SheetException wrong) {
                throw new WrongInput(file + ", " + wrong.getMessage());
            }
        });
    }
}
