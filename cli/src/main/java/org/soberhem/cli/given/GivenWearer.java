package org.soberhem.cli.given;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import picocli.CommandLine.Option;

/** The wearer that a command is about: readings from a file, age, and the layers they were taken over. */
public final class GivenWearer {

    @Option(
            names = "--age",
            paramLabel = "AGE",
            defaultValue = "adult",
            description = "infant, toddler, child or adult (${DEFAULT-VALUE})")
    private String age;

    @Option(names = "--flat-chest", description = "there is no bust to be fitted")
    private boolean flat;

    @Option(
            names = "--over",
            paramLabel = "STACK",
            defaultValue = "none",
            description = "the layers measured over (${DEFAULT-VALUE}); sober-hem layers lists them")
    private String over;

    public Build build() {
        try {
            return new Build(Age.valueOf(age.toUpperCase(Locale.ROOT)), !flat);
        } catch (IllegalArgumentException unknown) {
            throw new WrongInput("--age must be infant, toddler, child or adult: \"" + age + "\"");
        }
    }

    public String over(Library library) {
        return stack(library, over);
    }

    public static String stack(Library library, String id) {
        if (library.wardrobe().stack(id).isEmpty()) {
            throw new WrongInput("\"" + id + "\" is not a stack of layers; sober-hem layers lists them");
        }
        return id;
    }

    public MeasurementSet set(Library library, Path measures) {
        try {
            List<Reading> readings =
                    MeasureFile.readings(GivenFiles.text(measures), library.measures(), LengthUnit.INCH);
            return MeasurementSet.of("given", LocalDate.EPOCH, over(library), "", "", readings);
        } catch (FormatException wrong) {
            throw new WrongInput(measures + ": " + wrong.getMessage());
        }
    }
}
