package org.soberhem.files.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.report.Dossier;

/** Writes a dossier as CSV: a row for each line, with its chapter before it. */
public final class DossierCsv {

    private DossierCsv() {}

    /** Returns the table, with a head of {@code chapter,line}. */
    public static String write(Dossier dossier, LengthFormat format) {
        StringWriter text = new StringWriter();
        try (CSVPrinter rows = new CSVPrinter(text, CSVFormat.RFC4180)) {
            rows.printRecord("chapter", "line");
            for (Dossier.Chapter chapter : dossier.chapters()) {
                for (var line : chapter.lines()) {
                    rows.printRecord(chapter.title(), line.in(format));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
