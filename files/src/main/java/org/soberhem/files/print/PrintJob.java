package org.soberhem.files.print;

import java.time.LocalDate;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;

/**
 * What is printed and what its labels say.
 *
 * @param costume title of the costume, or of the draft where there is none
 * @param garment name of the garment
 * @param version the version in words, such as "version 2"
 * @param date the day of printing
 * @param format how lengths are written
 * @param pattern the pieces
 * @param options what of it is printed, and how
 */
public record PrintJob(
        String costume,
        String garment,
        String version,
        LocalDate date,
        LengthFormat format,
        Pattern pattern,
        PrintOptions options) {

    /** A job that prints everything by a printer that is true to size. */
    public PrintJob(
            String costume, String garment, String version, LocalDate date, LengthFormat format, Pattern pattern) {
        this(costume, garment, version, date, format, pattern, PrintOptions.ALL);
    }
}
