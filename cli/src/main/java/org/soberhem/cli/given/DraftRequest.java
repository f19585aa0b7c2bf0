package org.soberhem.cli.given;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.SewTo;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.GarmentJoin;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.sheet.SheetReader;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The sheet, measurements and settings that {@code draft} and {@code check} share. */
public final class DraftRequest {

    @Parameters(index = "0", paramLabel = "SHEET", description = "a library name or a file")
    private String sheetName;

    @Option(names = "--measures", paramLabel = "FILE", required = true, description = "CSV measure,value or JSON")
    private Path measures;

    @Option(names = "--set", paramLabel = "NAME=VALUE", description = "a setting of the sheet")
    private Map<String, String> settings = new LinkedHashMap<>();

    @Option(
            names = "--alter",
            paramLabel = "ALTERATION",
            description = "made on the draft, in order: \"take-in-seam: edge=back.side, atTop=1/2 in, sides=left\"")
    private List<String> alterations = new ArrayList<>();

    /** A sheet with what it is drawn from. */
    public record Asked(CompiledSheet sheet, Inputs inputs) {}

    /** A garment worked out with everything that was found wrong. */
    public record Answer(DraftedGarment work, List<Alteration> made) {

        /** Returns the lines by which it is sewn to other drafts, each drawn from the same measurements as it is. */
        public List<GarmentJoin> joins() {
            String self = work.sheet().sheet().id();
            Map<String, Pattern> patterns = new LinkedHashMap<>(Map.of(self, work.pattern()));
            for (Alteration alteration : made) {
                if (alteration instanceof SewTo sewn) {
                    Asked other = new Asked(sheet(Library.shipped(), sewn.garment()), work.inputs());
                    patterns.put(sewn.garment(), drawn(other).pattern());
                }
            }
            return GarmentJoin.of(self, made, patterns);
        }

        /** Returns the failed checks and untrue seams in words. */
        public List<String> failures() {
            return Stream.of(
                            work.checks().stream()
                                    .filter(check -> !check.passes())
                                    .map(CheckResult::sentence),
                            work.seams().stream()
                                    .filter(check -> !check.isTrue())
                                    .map(SeamCheck::sentence),
                            work.questions().stream()
                                    .filter(PatternQuestion::fails)
                                    .map(PatternQuestion::sentence),
                            joins().stream().filter(join -> !join.isTrue()).map(GarmentJoin::sentence))
                    .flatMap(each -> each)
                    .map(sentence -> sentence.in(LengthFormat.INCH_EIGHTHS))
                    .toList();
        }
    }

    /** Returns the file of measurements that was given. */
    public Path measures() {
        return measures;
    }

    /** Returns the sheet with the measurements and settings that were given. */
    public Asked asked() {
        Library library = Library.shipped();
        CompiledSheet sheet = sheet(library);
        return new Asked(sheet, set(sheet, inputs(library, measures), settings));
    }

    public static Inputs inputs(Library library, Path file) {
        try {
            return MeasureFile.read(GivenFiles.text(file), library.measures());
        } catch (FormatException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
    }

    /** Returns inputs with settings as typed: a length, or the name of a way. */
    public static Inputs set(CompiledSheet sheet, Inputs inputs, Map<String, String> settings) {
        Inputs set = inputs;
        for (Map.Entry<String, String> setting : settings.entrySet()) {
            List<String> ways = sheet.adjustables().stream()
                    .filter(each -> each.name().equals(setting.getKey()))
                    .findFirst()
                    .map(CompiledSheet.Adjustable::ways)
                    .orElse(List.of());
            set = set.withSetting(setting.getKey(), value(setting.getKey(), setting.getValue(), ways));
        }
        return set;
    }

    private static double value(String name, String typed, List<String> ways) {
        if (!ways.isEmpty()) {
            int way = ways.indexOf(typed);
            if (way < 0) {
                throw new WrongInput("--set " + name + ": \"" + typed + "\" is not among the ways " + ways);
            }
            return way;
        }
        return Typed.length("--set " + name, typed);
    }

    /** Returns what is asked for where alterations have no place. */
    public Asked unaltered(String command) {
        if (!alterations.isEmpty()) {
            throw new WrongInput("--alter: " + command
                    + " tells of the sheet as it is drawn; alterations come afterwards. Leave it out");
        }
        return asked();
    }

    /** Draws what is asked for and makes the alterations given. */
    public Pattern altered(Asked asked) {
        return GivenAlterations.made(drawn(asked).pattern(), alterations).pattern();
    }

    /**
     * Returns the garment as it is asked for.
     *
     * @throws WrongInput if an alteration cannot be made, or leaves something so that is not there
     */
    public Answer answer() {
        Asked asked = asked();
        GivenAlterations.Made made = GivenAlterations.made(drawn(asked).pattern(), alterations);
        DraftedGarment work = DraftedGarment.of(asked.sheet(), asked.inputs(), made.alterations());
        work.refused().forEach((place, why) -> {
            throw new WrongInput("--alter " + alterations.get(place) + ": " + why.in(LengthFormat.INCH_EIGHTHS));
        });
        return new Answer(work, made.alterations());
    }

    public static Draft drawn(Asked asked) {
        try {
            return Drafter.draft(asked.sheet(), asked.inputs());
        } catch (DraftException dead) {
            throw new WrongInput(dead.getMessage());
        }
    }

    private CompiledSheet sheet(Library library) {
        return sheet(library, sheetName);
    }

    /** Returns a shipped sheet, or one from a file. */
    public static CompiledSheet sheet(Library library, String sheetName) {
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
