package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.formula.SheetException;
import org.soberhem.library.input.YamlNode;

/**
 * A sheet as its maker writes it: a text whose points can also be changed cell by cell, leaving everything else,
 * comments included, as it is. The text may be unfinished.
 */
public final class SheetText {

    /** Sources that are written on one line. */
    private static final Pattern FLOW_SOURCES = Pattern.compile("(?m)^sources:\\s*\\[");

    private static final String MUST_BE_QUOTED = "[,\\[\\]{}#&*!|>'\"%@`]|: |:$|^[-?] ";

    /**
     * One value of a point's step.
     *
     * @param label what it is, such as along, by or at
     * @param text as written, without quotes
     */
    public record Cell(String label, String text, int from, int to) {}

    /**
     * One point.
     *
     * @param letter of the point
     * @param line line of the text, from 1
     * @param cells its values
     */
    public record Row(String letter, int line, List<Cell> cells, int from, int to) {}

    /**
     * The points of one frame or piece.
     *
     * @param owner its name
     * @param rows in the order of the sheet
     * @param flow whether they are written in one pair of braces
     */
    public record Table(String owner, List<Row> rows, boolean flow) {}

    private final String text;
    private final Optional<CompiledSheet> sheet;
    private final Optional<SheetException> problem;

    private SheetText(String text, Optional<CompiledSheet> sheet, Optional<SheetException> problem) {
        this.text = text;
        this.sheet = sheet;
        this.problem = problem;
    }

    /** Takes a text, right or wrong. */
    public static SheetText of(String text) {
        try {
            return new SheetText(text, Optional.of(SheetReader.read(text)), Optional.empty());
        } catch (SheetException wrong) {
            return new SheetText(text, Optional.empty(), Optional.of(wrong));
        }
    }

    public String text() {
        return text;
    }

    /** Returns the sheet, if nothing is wrong with it. */
    public Optional<CompiledSheet> sheet() {
        return sheet;
    }

    /** Returns what is wrong with it and where. */
    public Optional<SheetException> problem() {
        return problem;
    }

    /** Returns the sheet with one more piece of evidence, before those that it has. */
    public SheetText withSource(SheetSource source) {
        String item = TracedSheet.evidence(source);
        Matcher flow = FLOW_SOURCES.matcher(text);
        if (flow.find()) {
            return of(text.substring(0, flow.end()) + item + ", " + text.substring(flow.end()));
        }
        return of(text.replaceFirst("(?m)^sources:.*$", Matcher.quoteReplacement("sources:\n- " + item)));
    }

    /** Returns the points of every frame and piece; none while the text is no YAML. */
    public List<Table> tables() {
        List<Table> tables = new ArrayList<>();
        try {
            YamlNode root = YamlNode.parse(text);
            for (String part : List.of("frames", "pieces")) {
                if (root.find(part).isPresent()) {
                    root.get(part)
                            .entries()
                            .forEach((owner, node) ->
                                    node.find("points").ifPresent(points -> tables.add(table(owner, points))));
                }
            }
        } catch (SheetException unreadable) {
            return List.of();
        }
        return tables;
    }

    private Table table(String owner, YamlNode points) {
        List<Row> rows = new ArrayList<>();
        points.entries().forEach((letter, step) -> {
            List<Cell> cells = new ArrayList<>();
            if (step.isMap()) {
                step.entries().forEach((key, value) -> cells(key, value, cells));
            } else if (!step.isText()) {
                List<YamlNode> columns = step.items();
                for (int i = 0; i < columns.size(); i++) {
                    cells(i == 0 ? "along" : i == 1 ? "out" : "", columns.get(i), cells);
                }
            }
            rows.add(new Row(letter, step.line(), cells, step.from(text), step.to(text)));
        });
        return new Table(owner, rows, points.isFlow());
    }

    private void cells(String label, YamlNode value, List<Cell> cells) {
        if (value.isText()) {
            cells.add(new Cell(label, value.text(), value.from(text), value.to(text)));
        } else if (value.isMap()) {
            value.entries().forEach((key, inner) -> cells(label + " " + key, inner, cells));
        } else {
            value.items().forEach(inner -> cells(label, inner, cells));
        }
    }

    /** Returns the sheet with another value in a cell. */
    public SheetText with(Cell cell, String value) {
        String written = value.strip();
        if (written.isEmpty() || written.matches("(?s).*(" + MUST_BE_QUOTED + ").*")) {
            written = "\"" + written.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", " ") + "\"";
        }
        return of(text.substring(0, cell.from()) + written + text.substring(cell.to()));
    }

    /** Returns the sheet with a new point after another, at the beginning of the base line. */
    public SheetText withPointAfter(Table table, Row row, String letter) {
        String point = letter + ": [0, 0]";
        if (table.flow()) {
            return of(text.substring(0, row.to()) + ", " + point + text.substring(row.to()));
        }
        int start = lineStart(row.from());
        String indent = text.substring(start).replaceFirst("(?s)^( *).*$", "$1");
        int end = lineEnd(row.to());
        return of(text.substring(0, end) + "\n" + indent + point + text.substring(end));
    }

    /** Returns the sheet without a point. */
    public SheetText without(Table table, Row row) {
        if (table.flow()) {
            int key = text.lastIndexOf(row.letter(), row.from() - 1);
            String before = text.substring(0, key).stripTrailing();
            boolean first = !before.endsWith(",");
            String after = text.substring(row.to());
            return of(
                    first
                            ? before + after.replaceFirst("^\\s*,\\s*", "")
                            : before.substring(0, before.length() - 1) + after);
        }
        int end = lineEnd(row.to());
        return of(text.substring(0, lineStart(row.from())) + text.substring(Math.min(text.length(), end + 1)));
    }

    /** Returns a letter that the table does not have yet. */
    public static String freeLetter(Table table) {
        List<String> taken = table.rows().stream().map(Row::letter).toList();
        for (int i = 0; ; i++) {
            String letter = String.valueOf((char) ('A' + i % 26)) + (i < 26 ? "" : String.valueOf(i / 26));
            if (!taken.contains(letter)) {
                return letter;
            }
        }
    }

    private int lineStart(int at) {
        return text.lastIndexOf('\n', at - 1) + 1;
    }

    private int lineEnd(int at) {
        int end = text.indexOf('\n', at);
        return end < 0 ? text.length() : end;
    }
}
