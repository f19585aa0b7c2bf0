package org.soberhem.files.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.input.FormatException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A wearer's measurements as a file: CSV {@code measure,value}, CSV with up to three readings a row, or a JSON object.
 * A name may end in {@code @left}, {@code @right} or {@code @seated}. Described in docs/formats/measurements.md.
 */
public final class MeasureFile {

    private static final int MOST_CHARACTERS = 1_000_000;
    private static final String[] HEADER = {"measure", "reading 1", "reading 2", "reading 3"};

    private final MeasureCatalogue catalogue;
    private final LengthUnit assumed;
    private final List<Reading> readings = new ArrayList<>();

    private MeasureFile(MeasureCatalogue catalogue, LengthUnit assumed) {
        this.catalogue = catalogue;
        this.assumed = assumed;
    }

    /**
     * Reads what a draft is drawn from: means of the standing readings, of the seated ones where there are no others.
     * Lengths without a unit are inches.
     *
     * @param text CSV, or JSON where it begins with a brace
     * @throws FormatException if a name or value cannot be read; the message says which and in which line
     */
    public static Inputs read(String text, MeasureCatalogue catalogue) {
        List<Reading> readings = readings(text, catalogue, LengthUnit.INCH);
        Map<String, Measured> seated = values(readings, Posture.SEATED);
        Map<String, Measured> values = new HashMap<>(seated);
        Map<String, Measured> standing = values(readings, Posture.STANDING);
        values.putAll(standing);
        standing.keySet().retainAll(seated.keySet());
        standing.keySet().forEach(id -> values.put(id + Inputs.SEATED, seated.get(id)));
        return new Inputs(values, Map.of());
    }

    private static Map<String, Measured> values(List<Reading> readings, Posture posture) {
        Map<String, Measured> values = new HashMap<>();
        for (Side side : new Side[] {Side.MIDDLE, Side.LEFT, Side.RIGHT}) {
            readings.stream()
                    .filter(reading -> reading.posture() == posture && reading.side() == side)
                    .forEach(reading -> values.merge(
                            reading.measure(),
                            Measured.both(reading.mean().toMillimetres()),
                            (before, now) -> switch (side) {
                                case MIDDLE -> now;
                                case LEFT -> new Measured(now.left(), before.right());
                                case RIGHT -> new Measured(before.left(), now.right());
                            }));
        }
        return values;
    }

    /**
     * Reads every reading of a file.
     *
     * @param assumed unit of lengths without one
     * @return at most one for each measure, side and posture, the last of the file
     * @throws FormatException if a name or value cannot be read; the message says which and in which line
     */
    public static List<Reading> readings(String text, MeasureCatalogue catalogue, LengthUnit assumed) {
        if (text.length() > MOST_CHARACTERS) {
            throw new FormatException("measurements have at most a million characters: " + text.length());
        }
        MeasureFile file = new MeasureFile(catalogue, assumed);
        if (text.stripLeading().startsWith("{")) {
            file.json(text);
        } else {
            file.csv(text);
        }
        return file.readings;
    }

    private void json(String text) {
        JsonNode root;
        try {
            root = JsonMapper.builder().build().readTree(text);
        } catch (JacksonException broken) {
            throw FormatException.json("the text of the measurements", broken);
        }
        root.properties().forEach(entry -> {
            List<String> values = new ArrayList<>();
            if (entry.getValue().isArray()) {
                entry.getValue().forEach(value -> values.add(text(entry.getKey(), value)));
            } else {
                values.add(text(entry.getKey(), entry.getValue()));
            }
            put(entry.getKey(), values, entry.getKey());
        });
    }

    private static String text(String measure, JsonNode value) {
        if (!value.isValueNode()) {
            throw new FormatException(measure + ": a value is a length, or a list of lengths");
        }
        return value.asString("");
    }

    private void csv(String text) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        boolean columns = false;
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord row : parser) {
                if (row.getRecordNumber() == 1 && "measure".equalsIgnoreCase(row.get(0))) {
                    columns = row.size() > 2;
                    continue;
                }
                String where = "line " + parser.getCurrentLineNumber();
                if (row.size() < 2) {
                    throw new FormatException(where + ": write measure,value: \"" + row.get(0) + "\"");
                }
                put(row.get(0), values(row, columns), where);
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new FormatException("the measurements are not CSV: "
                    + (broken.getCause() == null ? broken : broken.getCause()).getMessage());
        }
    }

    private static List<String> values(CSVRecord row, boolean columns) {
        if (!columns) {
            // A decimal comma splits an unquoted value in two.
            return List.of(row.size() == 3 ? row.get(1) + "," + row.get(2) : row.get(1));
        }
        List<String> values = new ArrayList<>();
        for (int i = 1; i < row.size(); i++) {
            if (!row.get(i).isBlank()) {
                values.add(row.get(i));
            }
        }
        return values;
    }

    private void put(String name, List<String> texts, String where) {
        int at = name.indexOf('@');
        String word = at < 0 ? name : name.substring(0, at);
        Measure measure =
                catalogue.find(word).orElseThrow(() -> new FormatException(where + ": " + catalogue.unknown(word)));
        if (texts.isEmpty() || texts.size() > Reading.MOST) {
            throw new FormatException(
                    where + ": " + measure.id() + " must have one to three readings: " + texts.size());
        }
        List<LengthEntry> entries =
                texts.stream().map(text -> entry(measure, text, where)).toList();
        String suffix = at < 0 ? "" : name.substring(at + 1);
        Posture posture =
                suffix.equals("seated") || !measure.how().takes(Posture.STANDING) ? Posture.SEATED : Posture.STANDING;
        Side side = switch (suffix) {
            case "", "seated" -> Side.MIDDLE;
            case "left" -> Side.LEFT;
            case "right" -> Side.RIGHT;
            default -> throw new FormatException(where + ": \"@" + suffix + "\" must be @left, @right or @seated");
        };
        readings.removeIf(
                other -> other.measure().equals(measure.id()) && other.side() == side && other.posture() == posture);
        readings.add(new Reading(measure.id(), side, posture, entries));
    }

    private LengthEntry entry(Measure measure, String text, String where) {
        LengthEntry entry;
        try {
            entry = LengthEntry.parse(text, assumed);
        } catch (LengthFormatException wrong) {
            throw new FormatException(where + ": " + wrong.getMessage());
        }
        EntryJudgement judgement = EntryJudgement.of(measure, entry.value(), Age.ADULT);
        if (judgement.refused()) {
            throw new FormatException(
                    where + ": " + judgement.sentence().orElseThrow().in(LengthFormat.INCH_EIGHTHS));
        }
        return entry;
    }

    /**
     * Writes a set as CSV, a row for each measure, side and posture; {@link #readings} reads it back to the same
     * lengths.
     *
     * @param set the readings
     * @param over the layers they were taken over, in words
     */
    public static String write(MeasurementSet set, String over) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setCommentMarker('#')
                .setHeader(HEADER)
                .setHeaderComments(
                        "measured on " + set.date() + " over " + over,
                        set.alone() ? "taken alone" : "tape held by " + set.helper())
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (Reading reading : set.readings()) {
                csv.print(reading.measure() + suffix(reading));
                for (LengthEntry entry : reading.taken()) {
                    csv.print(written(entry));
                }
                csv.println();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static String suffix(Reading reading) {
        if (reading.posture() == Posture.SEATED) {
            return "@seated";
        }
        return reading.side() == Side.MIDDLE ? "" : "@" + reading.side().name().toLowerCase(Locale.ROOT);
    }

    /** Returns what was typed with its unit, or exact millimetres where that would not read back. */
    private static String written(LengthEntry entry) {
        try {
            if (LengthEntry.parse(entry.typed(), LengthUnit.MILLIMETRE).value().equals(entry.value())) {
                return entry.typed();
            }
            String withUnit = entry.typed() + " " + entry.unit().word();
            if (LengthEntry.parse(withUnit, entry.unit()).value().equals(entry.value())) {
                return withUnit;
            }
        } catch (LengthFormatException corrected) {
            // A corrected entry says what was typed and what it became; only its value reads back.
            return millimetres(entry);
        }
        return millimetres(entry);
    }

    private static String millimetres(LengthEntry entry) {
        return BigDecimal.valueOf(entry.value().nanometres(), 6)
                        .stripTrailingZeros()
                        .toPlainString() + " mm";
    }
}
