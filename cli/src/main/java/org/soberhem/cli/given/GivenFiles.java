package org.soberhem.cli.given;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.function.Function;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.size.SizeChart;
import org.soberhem.library.Library;
import org.soberhem.library.SizeChartCsv;
import org.soberhem.library.input.Failure;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.input.GivenFile;

/** Reads and writes the files that a command names. */
public final class GivenFiles {

    private GivenFiles() {}

    public static String text(Path file) {
        return named(file, GivenFile::text);
    }

    /** Reads a file that is no text. */
    public static byte[] bytes(Path file, int most) {
        return named(file, each -> GivenFile.bytes(each, most));
    }

    private static <T> T named(Path file, Function<Path, T> read) {
        try {
            return read.apply(file);
        } catch (FormatException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
    }

    /** Reads a size chart; lengths without a unit are inches. */
    public static SizeChart chart(Path file, Library library) {
        try {
            return SizeChartCsv.read(text(file), file.getFileName().toString(), library.measures(), LengthUnit.INCH);
        } catch (FormatException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
    }

    public static void write(Path file, byte[] content) {
        try {
            Files.write(file, content);
        } catch (NoSuchFileException missing) {
            throw new WrongInput(file + ": cannot be written: the folder does not exist");
        } catch (IOException broken) {
            throw new WrongInput(file + ": cannot be written: " + Failure.reason(broken));
        }
    }

    /** Reads a silhouette of the maker's own. */
    public static Silhouette silhouette(Library library, String name) {
        Path file = Path.of(name);
        if (!Files.exists(file)) {
            throw new WrongInput(
                    "\"" + name + "\" is neither a shipped silhouette (sober-hem silhouettes lists them) nor a file");
        }
        try {
            return library.silhouetteReader().read(text(file));
        } catch (SheetException wrong) {
            throw new WrongInput(file + ", " + wrong.getMessage());
        }
    }
}
