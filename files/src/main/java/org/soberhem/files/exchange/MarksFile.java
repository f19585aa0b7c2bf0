package org.soberhem.files.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.geometry.Point;
import org.soberhem.library.input.FormatException;

/** Places marked on a picture and on its reference, as CSV: {@code name,use,there-x,there-y,here-x,here-y}. */
public final class MarksFile {

    private static final List<String> COLUMNS = List.of("name", "use", "there-x", "there-y", "here-x", "here-y");
    private static final int MOST = 1000;

    private MarksFile() {}

    /**
     * Reads the marks.
     *
     * @throws FormatException if something is wrong; the message says what and in which line
     */
    public static List<Overlay.Pair> read(String text) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<Overlay.Pair> pairs = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            if (!parser.getHeaderNames().equals(COLUMNS)) {
                throw new FormatException("the first line must be " + String.join(",", COLUMNS));
            }
            for (CSVRecord row : parser) {
                if (pairs.size() == MOST) {
                    throw new FormatException("more than " + MOST + " marks");
                }
                pairs.add(pair(row));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException broken) {
            throw new FormatException(
                    "the marks are not CSV: " + (broken.getCause() == null ? broken : broken.getCause()).getMessage());
        }
        return pairs;
    }

    private static Overlay.Pair pair(CSVRecord row) {
        if (row.size() != COLUMNS.size()) {
            throw new FormatException("line " + (row.getRecordNumber() + 1) + ": " + COLUMNS.size()
                    + " values must stand here: " + row.size());
        }
        Overlay.Use use = switch (row.get("use").toLowerCase(Locale.ROOT)) {
            case "holds" -> Overlay.Use.HOLDS;
            case "compared" -> Overlay.Use.COMPARED;
            default ->
                throw new FormatException("line " + (row.getRecordNumber() + 1) + ": use must be holds or compared: \""
                        + row.get("use") + "\"");
        };
        return new Overlay.Pair(
                row.get("name"),
                use,
                new Point(number(row, "there-x"), number(row, "there-y")),
                Optional.of(new Point(number(row, "here-x"), number(row, "here-y"))));
    }

    private static double number(CSVRecord row, String column) {
        try {
            double value = Double.parseDouble(row.get(column));
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException none) {
            // Said below, like a number that is none.
        }
        throw new FormatException("line " + (row.getRecordNumber() + 1) + ": " + column + " must be a number: \""
                + row.get(column) + "\"");
    }
}
