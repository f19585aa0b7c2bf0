package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedDart;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.input.YamlNode;

/** Writes and reads tracings; described in docs/formats/tracing.md. The picture itself is not in the file. */
public final class TracingFile {

    private static final int MOST_CHARACTERS = 1_000_000;
    private static final int MOST_PIECES = 80;
    private static final int MOST_KNOTS = 300;

    private TracingFile() {}

    /** Says whether a text begins like a tracing. */
    public static boolean isTracing(String text) {
        return text.stripLeading().startsWith("tracing:");
    }

    /**
     * Reads a tracing.
     *
     * @throws SheetException if something in it is wrong; the message says what and in which line
     */
    public static Tracing read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw new SheetException(0, "a tracing has at most 1 000 000 characters: " + text.length());
        }
        YamlNode root = YamlNode.parse(text)
                .only(
                        "tracing",
                        "system",
                        "garment",
                        "place",
                        "years",
                        "source",
                        "grid",
                        "pieces",
                        "ease",
                        "unused",
                        "gathered",
                        "chart");
        List<YamlNode> years = columns(root.get("years"), 2, "[first, last]");
        Tracing.About about = new Tracing.About(
                root.get("tracing").text(),
                root.get("system").word(Tracing.Kind.class),
                root.get("garment").text(),
                root.get("place").text(),
                years.get(0).number(),
                years.get(1).number(),
                SheetReader.source(root.get("source")));
        List<YamlNode> pieces = root.get("pieces").items();
        if (pieces.size() > MOST_PIECES) {
            throw root.get("pieces").problem("at most " + MOST_PIECES + " pieces: " + pieces.size());
        }
        Map<String, Double> ease = new LinkedHashMap<>();
        root.find("ease").ifPresent(node -> node.entries().forEach((id, each) -> ease.put(id, length(each))));
        return new Tracing(
                about,
                Optional.empty(),
                grid(root.get("grid")),
                pieces.stream().map(TracingFile::piece).toList(),
                ease,
                answered(root),
                root.find("chart").map(YamlNode::text).orElse(""));
    }

    private static Set<String> answered(YamlNode root) {
        Set<String> answered =
                new LinkedHashSet<>(root.find("unused").map(YamlNode::texts).orElse(List.of()));
        root.find("gathered")
                .map(YamlNode::texts)
                .orElse(List.of())
                .forEach(key -> answered.add(Tracing.GATHERED + key));
        return answered;
    }

    private static List<YamlNode> columns(YamlNode node, int count, String shown) {
        if (node.items().size() != count) {
            throw node.problem("there must be " + count + " columns here, " + shown + ": "
                    + node.items().size());
        }
        return node.items();
    }

    private static Grid grid(YamlNode node) {
        node.only("way", "marks", "across", "down", "square");
        Grid.Way way = node.get("way").word(Grid.Way.class);
        if (way == Grid.Way.PAPER) {
            return Grid.PAPER;
        }
        return new Grid(
                way,
                node.get("marks").items().stream().map(TracingFile::place).toList(),
                node.get("across").number(),
                node.find("down").map(YamlNode::number).orElse(0),
                length(node.get("square")));
    }

    private static Point place(YamlNode node) {
        List<YamlNode> columns = columns(node, 2, "[across, down]");
        return new Point(finite(columns.get(0)), finite(columns.get(1)));
    }

    private static double finite(YamlNode node) {
        double value = node.decimal();
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw node.problem("a number must stand here: \"" + node.text() + "\"");
        }
        return value;
    }

    private static double length(YamlNode node) {
        LooseFormula formula = LooseFormula.of(node.text(), name -> false, "none");
        if (!formula.isLength()) {
            throw node.problem("a length must stand here, such as 1 in: \"" + node.text() + "\"");
        }
        return formula.value(name -> Double.NaN);
    }

    private static TracedPiece piece(YamlNode node) {
        node.only("name", "size", "shape", "cut", "included", "outline", "levels", "centre", "darts");
        List<YamlNode> knots = node.get("outline").items();
        if (knots.size() > MOST_KNOTS) {
            throw node.get("outline").problem("at most " + MOST_KNOTS + " places: " + knots.size());
        }
        TracedPiece piece = TracedPiece.begun(node.get("name").text())
                .inSize(node.find("size").map(YamlNode::text).orElse(""))
                .cut(
                        node.get("shape").word(CutShape.class),
                        node.get("cut").number(),
                        node.find("included").map(TracingFile::length).orElse(0.0))
                .with(knots.stream().map(TracingFile::knot).toList())
                .centred(node.find("centre").map(TracingFile::place));
        if (node.find("levels").isPresent()) {
            for (Map.Entry<String, YamlNode> level :
                    node.get("levels").entries().entrySet()) {
                piece = piece.level(level.getKey(), Optional.of(place(level.getValue())));
            }
        }
        return piece.folding(node.find("darts")
                .map(darts -> darts.items().stream().map(TracingFile::dart).toList())
                .orElse(List.of()));
    }

    /** A corner has a third column, its edge; a place on a curve has two. */
    private static Knot knot(YamlNode node) {
        List<YamlNode> columns = node.items();
        if (columns.size() != 2 && columns.size() != 3) {
            throw node.problem("a place has two columns, a corner three, [across, down, edge]: " + columns.size());
        }
        Point at = new Point(finite(columns.get(0)), finite(columns.get(1)));
        return columns.size() == 2
                ? Knot.curve(at)
                : Knot.corner(at, columns.get(2).text());
    }

    private static TracedDart dart(YamlNode node) {
        List<YamlNode> places = columns(node, 3, "[point, leg, leg]");
        return new TracedDart(place(places.get(0)), place(places.get(1)), place(places.get(2)));
    }

    /** Returns a tracing as it is written. */
    public static String write(Tracing tracing) {
        Tracing.About about = tracing.about();
        List<String> lines = new ArrayList<>();
        lines.add("tracing: " + TracedSheet.quoted(about.title()));
        lines.add("system: " + TracedSheet.word(about.system()));
        lines.add("garment: " + TracedSheet.quoted(about.garment()));
        lines.add("place: " + TracedSheet.quoted(about.place()));
        lines.add("years: [" + about.from() + ", " + about.to() + "]");
        lines.add("source: " + TracedSheet.evidence(about.source()));
        Grid grid = tracing.grid();
        lines.add(
                grid.way() == Grid.Way.PAPER
                        ? "grid: {way: paper}"
                        : "grid: {way: " + TracedSheet.word(grid.way()) + ", marks: ["
                                + grid.marks().stream().map(TracingFile::shown).collect(Collectors.joining(", "))
                                + "], across: " + grid.across() + ", down: " + grid.down() + ", square: "
                                + number(grid.square()) + " mm}");
        lines.add(tracing.pieces().isEmpty() ? "pieces: []" : "pieces:");
        tracing.pieces().forEach(piece -> piece(lines, piece));
        if (!tracing.ease().isEmpty()) {
            lines.add("ease: {"
                    + tracing.ease().entrySet().stream()
                            .map(each -> each.getKey() + ": " + number(each.getValue()) + " mm")
                            .collect(Collectors.joining(", "))
                    + "}");
        }
        Map<Boolean, List<String>> answered =
                tracing.unused().stream().collect(Collectors.partitioningBy(each -> each.startsWith(Tracing.GATHERED)));
        if (!answered.get(false).isEmpty()) {
            lines.add("unused: [" + String.join(", ", answered.get(false)) + "]");
        }
        if (!answered.get(true).isEmpty()) {
            lines.add("gathered: ["
                    + answered.get(true).stream()
                            .map(each -> each.substring(Tracing.GATHERED.length()))
                            .collect(Collectors.joining(", "))
                    + "]");
        }
        if (!tracing.chart().isEmpty()) {
            lines.add("chart: " + TracedSheet.quoted(tracing.chart()));
        }
        return String.join("\n", lines) + "\n";
    }

    private static void piece(List<String> lines, TracedPiece piece) {
        lines.add("- name: " + piece.name());
        if (!piece.size().isEmpty()) {
            lines.add("  size: " + TracedSheet.quoted(piece.size()));
        }
        lines.add("  shape: " + TracedSheet.word(piece.shape()));
        lines.add("  cut: " + piece.cut());
        if (piece.included() != 0) {
            lines.add("  included: " + number(piece.included()) + " mm");
        }
        lines.add(piece.outline().isEmpty() ? "  outline: []" : "  outline:");
        for (Knot knot : piece.outline()) {
            String at = number(knot.at().x()) + ", " + number(knot.at().y());
            lines.add("  - [" + at + (knot.corner() ? ", " + TracedSheet.quoted(knot.edge()) : "") + "]");
        }
        if (!piece.levels().isEmpty()) {
            lines.add("  levels: {"
                    + piece.levels().entrySet().stream()
                            .map(each -> each.getKey() + ": " + shown(each.getValue()))
                            .collect(Collectors.joining(", "))
                    + "}");
        }
        piece.centre().ifPresent(at -> lines.add("  centre: " + shown(at)));
        if (!piece.darts().isEmpty()) {
            lines.add("  darts: ["
                    + piece.darts().stream()
                            .map(dart -> "[" + shown(dart.point()) + ", " + shown(dart.first()) + ", "
                                    + shown(dart.second()) + "]")
                            .collect(Collectors.joining(", "))
                    + "]");
        }
    }

    private static String shown(Point at) {
        return "[" + number(at.x()) + ", " + number(at.y()) + "]";
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }
}
