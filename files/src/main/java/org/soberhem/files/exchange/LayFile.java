package org.soberhem.files.exchange;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.PlacedPiece;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.library.input.FormatException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads pieces to be laid, either {@code pieces} with an {@code outline} or a drafted pattern with its {@code cut_line}
 * and {@code grain}, and writes lays. Described in docs/formats/lay.md.
 */
public final class LayFile {

    private static final int MOST_CHARACTERS = 20_000_000;
    private static final int MOST_PIECES = 500;
    private static final int MOST_CUTS = 1000;
    private static final int MOST_CORNERS = 20_000;

    /** No piece is so long, in millimetres. */
    private static final double FAR = 100_000;

    private LayFile() {}

    /**
     * Reads the pieces.
     *
     * @throws FormatException if something is wrong; the message says what and at which piece
     */
    public static List<LayPiece> read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw new FormatException("at most " + MOST_CHARACTERS + " characters are read: " + text.length());
        }
        JsonNode root;
        try {
            root = JsonMapper.builder().build().readTree(text);
        } catch (JacksonException broken) {
            throw FormatException.json("it", broken);
        }
        JsonNode given = root.path("pieces");
        if (!given.isArray() || given.isEmpty() || given.size() > MOST_PIECES) {
            throw new FormatException("\"pieces\" must be a list of 1 to " + MOST_PIECES + " pieces");
        }
        List<LayPiece> pieces = new ArrayList<>();
        Set<String> names = new HashSet<>();
        int cuts = 0;
        for (JsonNode each : given) {
            LayPiece piece = piece(each, pieces.size() + 1);
            cuts += piece.count();
            if (!names.add(piece.name())) {
                throw new FormatException("two pieces are called \"" + piece.name() + "\"");
            }
            if (cuts > MOST_CUTS) {
                throw new FormatException("at most " + MOST_CUTS + " pieces can be laid at once");
            }
            pieces.add(piece);
        }
        return pieces;
    }

    private static LayPiece piece(JsonNode node, int number) {
        String name = node.path("name").asString("");
        if (name.isBlank()) {
            throw new FormatException("piece " + number + ": \"name\" is missing");
        }
        String where = "piece \"" + name + "\": ";
        JsonNode count = node.path("count");
        if (!count.isInt() || count.asInt() < 1 || count.asInt() > MOST_CUTS) {
            throw new FormatException(where + "\"count\" must be a whole number from 1 to " + MOST_CUTS);
        }
        CutShape kind = switch (node.path("kind").asString("plain")) {
            case "plain" -> CutShape.PLAIN;
            case "pair" -> CutShape.PAIR;
            case "fold" -> CutShape.FOLD;
            default ->
                throw new FormatException(where + "\"kind\" must be plain, pair or fold: \""
                        + node.path("kind").asString("") + "\"");
        };
        Outline outline = outline(node.has("outline") ? node.path("outline") : node.path("cut_line"), where);
        UnaryOperator<Point> laid = UnaryOperator.identity();
        if (kind == CutShape.FOLD) {
            outline = onFold(outline, where);
        } else if (node.has("grain")) {
            laid = upright(node.path("grain"), where);
            outline = outline.mapped(laid);
        }
        Optional<Point> match =
                node.has("match") ? Optional.of(laid.apply(point(node.path("match"), where))) : Optional.empty();
        return new LayPiece(
                name, count.asInt(), kind, outline, node.path("held").asBoolean(false), match);
    }

    private static Outline outline(JsonNode given, String where) {
        if (!given.isArray() || given.size() < 3 || given.size() > MOST_CORNERS) {
            throw new FormatException(where + "its outline must be a list of 3 to " + MOST_CORNERS + " corners [x, y]");
        }
        List<Point> corners = new ArrayList<>();
        given.forEach(each -> corners.add(point(each, where)));
        if (corners.get(0).distanceTo(corners.get(corners.size() - 1)) < 1e-9) {
            corners.remove(corners.size() - 1);
        }
        if (corners.size() < 3) {
            throw new FormatException(where + "its outline encloses nothing");
        }
        Outline outline = new Outline(corners);
        Optional<Point> crossing = outline.crossing();
        if (crossing.isPresent()) {
            throw new FormatException(String.format(
                    Locale.ROOT,
                    "%sits outline crosses or touches itself at x %.1f, y %.1f mm",
                    where,
                    crossing.get().x(),
                    crossing.get().y()));
        }
        return outline;
    }

    private static Point point(JsonNode node, String where) {
        if (!node.isArray() || node.size() != 2) {
            throw new FormatException(where + "a corner must be [x, y] in millimetres: " + node);
        }
        double x = node.get(0).asDouble(Double.NaN);
        double y = node.get(1).asDouble(Double.NaN);
        if (!(Math.abs(x) <= FAR && Math.abs(y) <= FAR)) {
            throw new FormatException(where + "a corner must be two numbers of millimetres, at most 100 m: " + node);
        }
        return new Point(x, y);
    }

    private static Outline onFold(Outline half, String where) {
        boolean inside = half.corners().stream().allMatch(corner -> corner.x() > -0.01);
        long on = half.corners().stream()
                .filter(corner -> Math.abs(corner.x()) <= 0.01)
                .count();
        if (!inside || on < 2) {
            throw new FormatException(where + "on the fold, its outline must be the half with the fold at x = 0");
        }
        return half.mapped(corner -> Math.abs(corner.x()) <= 0.01 ? new Point(0, corner.y()) : corner);
    }

    /** Returns what turns a piece so that its grain runs along y. */
    private static UnaryOperator<Point> upright(JsonNode grain, String where) {
        if (!grain.isArray() || grain.size() != 2) {
            throw new FormatException(where + "\"grain\" must be two places [[x, y], [x, y]]");
        }
        Point along = point(grain.get(1), where).minus(point(grain.get(0), where));
        if (along.norm() < 1e-6) {
            throw new FormatException(where + "the two ends of its grain line lie on one place");
        }
        return LayPiece.upright(along);
    }

    /** Returns the lay as JSON: its figures and where every cut lies. */
    public static String json(Lay lay, double seconds) {
        Map<String, Object> root = figures(lay, seconds);
        List<Map<String, Object>> cuts = new ArrayList<>();
        for (PlacedPiece cut : lay.placed()) {
            Map<String, Object> each = new LinkedHashMap<>();
            each.put("name", cut.name());
            each.put("copy", cut.copy());
            each.put("x", rounded(cut.x()));
            each.put("y", rounded(cut.y()));
            each.put("turned", cut.turned());
            each.put("mirrored", cut.mirrored());
            if (cut.lean() != 0) {
                each.put("lean", cut.lean());
            }
            if (cut.single()) {
                each.put("single", true);
            }
            cuts.add(each);
        }
        root.put("placements", cuts);
        return Answers.json(root);
    }

    /** Returns what is told of a lay. */
    public static Map<String, Object> figures(Lay lay, double seconds) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("length_mm", rounded(lay.length()));
        root.put("bound_mm", rounded(Lay.bound(lay.pieces(), lay.rules())));
        root.put("seconds", rounded(seconds));
        root.put("used", rounded(lay.used()));
        return root;
    }

    private static double rounded(double value) {
        return Math.round(value * 1e6) / 1e6;
    }
}
