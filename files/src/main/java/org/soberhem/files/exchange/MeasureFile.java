package org.soberhem.files.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a wearer's measurements: CSV {@code measure,value} or a JSON object. A name may end in {@code @left} or {@code
 * @right}. Lengths without a unit are inches.
 */
public final class MeasureFile {

    private final MeasureCatalogue catalogue;
    private final Map<String, Measured> values = new HashMap<>();

    private MeasureFile(MeasureCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * Reads a file's text.
     *
     * @param text CSV, or JSON where it begins with a brace
     * @throws FormatException if a name or value cannot be read; the message says which and in which line
     */
    public static Inputs read(String text, MeasureCatalogue catalogue) {
        MeasureFile file = new MeasureFile(catalogue);
        if (text.stripLeading().startsWith("{")) {
            file.json(text);
        } else {
            file.csv(text);
        }
        return new Inputs(file.values, Map.of());
    }

    private void json(String text) {
        JsonNode root;
        try {
            root = JsonMapper.builder().build().readTree(text);
        } catch (JacksonException broken) {
            throw new FormatException("the measurements are not JSON: " + broken.getOriginalMessage());
        }
        root.properties().forEach(entry -> put(entry.getKey(), entry.getValue().asString(), entry.getKey()));
    }

    private void csv(String text) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord row : parser) {
                if (row.getRecordNumber() == 1 && "measure".equalsIgnoreCase(row.get(0))) {
                    continue;
                }
                if (row.size() < 2) {
                    throw new FormatException(
                            "line " + parser.getCurrentLineNumber() + ": write measure,value: \"" + row.get(0) + "\"");
                }
                // A decimal comma splits an unquoted value in two.
                String value = row.size() == 3 ? row.get(1) + "," + row.get(2) : row.get(1);
                put(row.get(0), value, "line " + parser.getCurrentLineNumber());
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new FormatException("the measurements are not CSV: "
                    + (broken.getCause() == null ? broken : broken.getCause()).getMessage());
        }
    }

    private void put(String name, String text, String where) {
        int at = name.indexOf('@');
        String word = at < 0 ? name : name.substring(0, at);
        Measure measure = catalogue
                .find(word)
                .orElseThrow(() -> new FormatException(
                        where + ": \"" + word + "\" is not a known measurement; sober-hem measures lists them"));
        LengthEntry entry;
        try {
            entry = LengthEntry.parse(text, LengthUnit.INCH);
        } catch (LengthFormatException wrong) {
            throw new FormatException(where + ": " + wrong.getMessage());
        }
        EntryJudgement judgement = EntryJudgement.of(measure, entry.value());
        if (judgement.refused()) {
            throw new FormatException(
                    where + ": " + judgement.sentence().orElseThrow().in(LengthFormat.INCH_EIGHTHS));
        }
        double value = entry.value().toMillimetres();
        Measured before = values.getOrDefault(measure.id(), Measured.both(value));
        String side = at < 0 ? "" : name.substring(at + 1);
        values.put(
                measure.id(),
                switch (side) {
                    case "" -> Measured.both(value);
                    case "left" -> new Measured(value, before.right());
                    case "right" -> new Measured(before.left(), value);
                    default -> throw new FormatException(where + ": \"@" + side + "\" must be @left or @right");
                });
    }
}
