package org.soberhem.library;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.size.SizeChart;
import org.soberhem.library.input.FormatException;

/**
 * Reads a size chart: CSV with a heading {@code size,measure,…} and a row a size. Described in
 * docs/formats/size-chart.md.
 */
public final class SizeChartCsv {

    private static final int MOST_CHARACTERS = 200_000;
    private static final String EASE = "ease";

    /** No measure grows by half from one size to the next; an inch is two and a half centimetres. */
    private static final double LEAP = 1.5;

    private SizeChartCsv() {}

    /**
     * Reads a chart.
     *
     * @param text the file
     * @param title used where the file has no line {@code # title: …}
     * @param assumed unit of lengths without one
     * @throws FormatException if it cannot be read; the message says where and why
     */
    public static SizeChart read(String text, String title, MeasureCatalogue catalogue, LengthUnit assumed) {
        if (text.length() > MOST_CHARACTERS) {
            throw new FormatException("a size chart has at most 200 000 characters: " + text.length());
        }
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<String> measures = new ArrayList<>();
        List<SizeChart.Row> rows = new ArrayList<>();
        Map<String, Double> ease = new LinkedHashMap<>();
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord row : parser) {
                String where = "line " + parser.getCurrentLineNumber();
                if (measures.isEmpty()) {
                    measures.addAll(heading(row, catalogue, where));
                } else if (EASE.equalsIgnoreCase(row.get(0))) {
                    ease.putAll(lengths(row, measures, assumed, where, true));
                } else {
                    rows.add(new SizeChart.Row(row.get(0), lengths(row, measures, assumed, where, false)));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new FormatException("the size chart is not CSV: "
                    + (broken.getCause() == null ? broken : broken.getCause()).getMessage());
        }
        if (rows.isEmpty()) {
            throw new FormatException("the size chart has no rows: write a heading size,full-bust,… and a row a size");
        }
        inOrder(measures, rows);
        return new SizeChart(comment(text, "title", title), comment(text, "source", "not stated"), rows, ease);
    }

    /** From the smallest size up; a leap between two rows is a row of another unit. */
    private static void inOrder(List<String> measures, List<SizeChart.Row> rows) {
        for (int i = 1; i < rows.size(); i++) {
            for (String measure : measures) {
                double before = rows.get(i - 1).body().get(measure);
                double now = rows.get(i).body().get(measure);
                String where = "size " + rows.get(i - 1).size() + " has " + shown(before) + " of " + measure + ", size "
                        + rows.get(i).size() + " " + shown(now);
                if (Math.max(before, now) > LEAP * Math.min(before, now)) {
                    throw new FormatException(
                            where + ": inches and centimetres seem to be mixed; write the unit at each");
                }
                if (now < before) {
                    throw new FormatException(where + ": put the rows in order, from the smallest size up");
                }
            }
        }
    }

    private static String shown(double millimetres) {
        return LengthFormat.CENTIMETRES.format(millimetres);
    }

    /** Writes a chart so that {@link #read} reads it back; lengths in centimetres to the millimetre. */
    public static String write(SizeChart chart) {
        StringBuilder text = new StringBuilder();
        text.append("# title: ").append(chart.title()).append('\n');
        text.append("# source: ").append(chart.source()).append('\n');
        text.append("size,").append(String.join(",", chart.measures())).append('\n');
        chart.rows().forEach(row -> line(text, row.size(), chart.measures(), row.body()));
        if (!chart.ease().isEmpty()) {
            line(text, EASE, chart.measures(), chart.ease());
        }
        return text.toString();
    }

    private static void line(StringBuilder text, String name, List<String> measures, Map<String, Double> lengths) {
        text.append(name);
        for (String measure : measures) {
            text.append(',');
            if (lengths.containsKey(measure)) {
                text.append(LengthFormat.CENTIMETRES.format(lengths.get(measure)));
            }
        }
        text.append('\n');
    }

    private static List<String> heading(CSVRecord row, MeasureCatalogue catalogue, String where) {
        if (!"size".equalsIgnoreCase(row.get(0)) || row.size() < 2) {
            throw new FormatException(where + ": the heading must be size,measure,…: \"" + row.get(0) + "\"");
        }
        List<String> measures = new ArrayList<>();
        for (int i = 1; i < row.size(); i++) {
            String word = row.get(i);
            String measure = catalogue
                    .find(word)
                    .map(Measure::id)
                    .orElseThrow(() -> new FormatException(where + ": " + catalogue.unknown(word)));
            if (measures.contains(measure)) {
                throw new FormatException(where + ": \"" + word + "\" is " + measure
                        + ", which an earlier column is already: leave one of them out");
            }
            measures.add(measure);
        }
        return measures;
    }

    private static Map<String, Double> lengths(
            CSVRecord row, List<String> measures, LengthUnit assumed, String where, boolean gaps) {
        if (row.size() != measures.size() + 1) {
            throw new FormatException(where + ": " + measures.size() + " lengths must follow the size: "
                    + (row.size() - 1) + " are there (a decimal comma needs quotes)");
        }
        Map<String, Double> lengths = new LinkedHashMap<>();
        for (int i = 0; i < measures.size(); i++) {
            String cell = row.get(i + 1);
            if (gaps && cell.isBlank()) {
                continue;
            }
            try {
                double length = LengthEntry.parse(cell, assumed).value().toMillimetres();
                if (length <= 0) {
                    throw new FormatException(where + ": " + measures.get(i) + " must be more than nothing: " + cell);
                }
                lengths.put(measures.get(i), length);
            } catch (LengthFormatException wrong) {
                throw new FormatException(where + ": " + wrong.getMessage());
            }
        }
        return lengths;
    }

    private static String comment(String text, String key, String otherwise) {
        return text.lines()
                .filter(line -> line.startsWith("# " + key + ":"))
                .map(line -> line.substring(key.length() + 3).strip())
                .findFirst()
                .orElse(otherwise);
    }
}
