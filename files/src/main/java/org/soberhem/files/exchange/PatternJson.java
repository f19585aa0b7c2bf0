package org.soberhem.files.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.SpreadPiece;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a drafted pattern as JSON; the format is described in docs/formats/pattern-json.md. */
public final class PatternJson {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final double MICROMETRE = 1e4;

    /** What of a line is judged only when its tucks are sewn. */
    private static final List<String> TUCKED = List.of("wobble", "flat", "kink", "spike");

    private PatternJson() {}

    /**
     * Returns the pattern as a JSON document. Pieces are joined to pairs and folds again where left and right agree.
     *
     * @param pattern the draft's pattern, altered or not
     */
    public static String write(CompiledSheet sheet, Draft draft, Pattern pattern, List<CheckResult> checks) {
        ObjectNode root = JSON.objectNode();
        root.put("draft", draft.pattern().draft());
        root.put("unit", "mm");
        draft.scale()
                .ifPresent(
                        scale -> root.putObject("scale").put("law", scale.law()).put("unit_mm", rounded(scale.unit())));
        ObjectNode measures = root.putObject("measures");
        draft.measures().forEach((id, value) -> measures.put(id, rounded(value)));
        ArrayNode pieces = root.putArray("pieces");
        for (SpreadPiece spread : SpreadPiece.of(pattern)) {
            ObjectNode piece = piece(spread);
            DraftSheet.PieceSheet written =
                    sheet.sheet().pieces().get(spread.piece().name());
            Map<String, String> departs = new LinkedHashMap<>(written == null ? Map.of() : written.departs());
            if (spread.piece().lines().stream().anyMatch(line -> line.kind() == MarkLine.Kind.TUCK)) {
                TUCKED.forEach(check -> departs.put(check, "a tuck lies there: sewn, the line is as it was"));
            }
            if (!departs.isEmpty()) {
                ObjectNode free = piece.putObject("free");
                departs.forEach(free::put);
            }
            if (isFull(spread.piece(), pattern)) {
                piece.put("sleeve", "full");
            }
            pieces.add(piece);
        }
        ArrayNode seams = root.putArray("seams");
        pattern.seamChecks().forEach(check -> seams.add(seam(check)));
        ArrayNode results = root.putArray("checks");
        for (CheckResult check : checks) {
            ObjectNode result = results.addObject().put("name", check.name());
            boolean limited = !Double.isInfinite(check.most());
            result.put("wanted", rounded(limited ? (check.least() + check.most()) / 2 : check.least()));
            result.put("is", rounded(check.is()));
            result.put("within", limited ? rounded((check.most() - check.least()) / 2) : 0);
            result.put("passes", check.passes());
        }
        return JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    /** A sleeve whose cap is gathered into its arm-hole. */
    private static boolean isFull(Piece piece, Pattern pattern) {
        return pattern.seams().stream()
                .filter(seam -> seam.kind().byFullness())
                .flatMap(seam -> seam.first().stream())
                .anyMatch(ref -> ref.piece().equals(piece.name())
                        && piece.edge(ref.edge())
                                .filter(edge -> edge.role() == Role.CAP)
                                .isPresent());
    }

    private static ObjectNode piece(SpreadPiece spread) {
        Piece piece = spread.piece();
        double shift = piece.shape() == CutShape.FOLD ? -piece.centreX().orElse(0.0) : 0;
        ObjectNode node = JSON.objectNode();
        node.put("name", spread.name());
        node.put("side", spread.side());
        node.put("count", spread.count());
        node.put("kind", spread.shape().name().toLowerCase(Locale.ROOT));
        ObjectNode points = node.putObject("points");
        piece.points().forEach((name, at) -> points.set(name, point(at, shift)));
        node.set("seam_line", outline(piece.seamLine(), shift));
        node.set("cut_line", outline(piece.cuttingLine(), shift));
        ArrayNode edges = node.putArray("edges");
        for (Edge edge : piece.edges()) {
            ObjectNode each = edges.addObject().put("name", edge.name());
            each.put("role", edge.role().word());
            each.set("from", point(edge.path().start(), shift));
            each.set("to", point(edge.path().end(), shift));
            each.put("length", rounded(edge.path().length())).put("allowance", rounded(edge.allowance()));
        }
        node.set("grain", pair(piece.grainFrom(), piece.grainTo(), shift));
        ObjectNode levels = node.putObject("levels");
        piece.levels().forEach((name, level) -> levels.set(name, pair(level.from(), level.to(), shift)));
        ArrayNode notches = node.putArray("notches");
        for (Notch notch : piece.notches()) {
            notches.addObject().put("name", notch.name()).set("at", point(piece.at(notch), shift));
        }
        ArrayNode darts = node.putArray("darts");
        for (Dart dart : piece.darts()) {
            ObjectNode each = darts.addObject().put("name", dart.name());
            each.set("point", point(dart.point(), shift));
            each.set("legs", pair(dart.first(), dart.second(), shift));
        }
        piece.centreX().ifPresent(x -> node.put("centre_x", rounded(x + shift)));
        return node;
    }

    private static ObjectNode seam(SeamCheck check) {
        ObjectNode node = JSON.objectNode();
        ArrayNode join = node.putArray("join");
        for (List<EdgeRef> run : List.of(check.seam().first(), check.seam().second())) {
            ArrayNode side = join.addArray();
            run.forEach(ref -> side.add(ref.toString()));
        }
        node.put("kind", check.seam().kind().name().toLowerCase(Locale.ROOT));
        if (check.side() != Side.MIDDLE) {
            node.put("side", check.side().name().toLowerCase(Locale.ROOT));
        }
        node.put("difference", rounded(check.difference()));
        String range = check.seam().kind().byFullness() ? "fullness" : "ease";
        node.putArray(range)
                .add(rounded(check.seam().least()))
                .add(rounded(check.seam().most()));
        node.put("true", check.isTrue());
        return node;
    }

    private static ArrayNode outline(Outline outline, double shift) {
        ArrayNode array = JSON.arrayNode();
        outline.corners().forEach(corner -> array.add(point(corner, shift)));
        return array;
    }

    private static ArrayNode pair(Point from, Point to, double shift) {
        return JSON.arrayNode().add(point(from, shift)).add(point(to, shift));
    }

    private static ArrayNode point(Point at, double shift) {
        return JSON.arrayNode().add(rounded(at.x() + shift)).add(rounded(at.y()));
    }

    private static double rounded(double millimetres) {
        return Math.round(millimetres * MICROMETRE) / MICROMETRE;
    }
}
