package org.soberhem.desk.cli;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.size.SizeChart;
import org.soberhem.files.exchange.FormatException;
import org.soberhem.files.exchange.SizeChartCsv;
import org.soberhem.files.library.Library;

/** Reads and writes the files that a command names. */
final class GivenFiles {

    private static final long MOST_BYTES = 8_000_000;

    private GivenFiles() {}

    static String text(Path file) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new WrongInput(file + ": the file is larger than " + MOST_BYTES + " bytes");
            }
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (NoSuchFileException missing) {
            throw new WrongInput(file + ": there is no such file");
        } catch (MalformedInputException binary) {
            throw new WrongInput(file + ": the file is not UTF-8 text");
        } catch (IOException broken) {
            throw new WrongInput(file + ": cannot be read: " + reason(broken));
        }
    }

    /** Reads a file that is no text. */
    static byte[] bytes(Path file, long most) {
        try {
            if (Files.size(file) > most) {
                throw new WrongInput(file + ": the file is larger than " + most + " bytes");
            }
            return Files.readAllBytes(file);
        } catch (NoSuchFileException missing) {
            throw new WrongInput(file + ": there is no such file");
        } catch (IOException broken) {
            throw new WrongInput(file + ": cannot be read: " + reason(broken));
        }
    }

    /** Reads a size chart; lengths without a unit are inches. */
    static SizeChart chart(Path file, Library library) {
        try {
            return SizeChartCsv.read(text(file), file.getFileName().toString(), library.measures(), LengthUnit.INCH);
        } catch (FormatException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
    }

    static void write(Path file, byte[] content) {
        try {
            Files.write(file, content);
        } catch (IOException | UncheckedIOException broken) {
            throw new WrongInput(file + ": cannot be written: " + reason(broken));
        }
    }

    private static String reason(Exception broken) {
        if (broken instanceof NoSuchFileException) {
            return "the folder does not exist";
        }
        return broken instanceof AccessDeniedException ? "no permission" : broken.getMessage();
    }
}
