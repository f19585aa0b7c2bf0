package org.soberhem.files.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftedPiece;
import org.soberhem.core.length.LengthFormat;

/** The converted numbers of a draft: every point of every piece, as the sheet has it and at the wearer's size. */
public final class NumbersCsv {

    private NumbersCsv() {}

    /** Returns the table; lengths in inches to the nearest eighth and in centimetres to the millimetre. */
    public static String write(Draft draft) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "piece",
                        "point",
                        "along",
                        "out",
                        "along in",
                        "out in",
                        "along cm",
                        "out cm",
                        "along mm",
                        "out mm")
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (DraftedPiece plate : draft.plates()) {
                for (DraftedPiece.PlatePoint point : plate.points()) {
                    double along = point.at().y();
                    double out = point.at().x();
                    csv.printRecord(
                            plate.piece(),
                            point.name(),
                            point.along(),
                            point.out(),
                            LengthFormat.INCH_EIGHTHS.number(along),
                            LengthFormat.INCH_EIGHTHS.number(out),
                            LengthFormat.CENTIMETRES.number(along),
                            LengthFormat.CENTIMETRES.number(out),
                            millimetres(along),
                            millimetres(out));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static String millimetres(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
