package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.DraftSheet.StepSheet;
import org.soberhem.core.draft.DraftSheet.StepSheet.Way;
import org.soberhem.core.formula.SourceText;
import org.soberhem.library.input.YamlNode;

/** Reads the points of a frame or piece: plain columns, or steps that compute a point from others. */
final class StepReader {

    private static final String WAYS = "a step is {along, out}, {from, along, out}, {from, towards, by, turned}, "
            + "{from, square-to, by}, {between, at}, {arc, meets-line, take}, {arc, meets-arc, take}, {crossing}, "
            + "{mirror, in} or {foot, on}";

    private StepReader() {}

    static DraftSheet.Ground ground(YamlNode node) {
        Map<String, StepSheet> points = new LinkedHashMap<>();
        node.find("points").ifPresent(all -> all.entries().forEach((letter, step) -> points.put(letter, step(step))));
        return new DraftSheet.Ground(
                node.line(),
                node.find("scale").map(SheetReader::scale),
                points,
                SheetReader.map(node, "solve", StepReader::solve));
    }

    private static DraftSheet.SolveSheet solve(YamlNode node) {
        node.only("from", "to", "until", "is");
        return new DraftSheet.SolveSheet(
                node.get("from").written(),
                node.get("to").written(),
                node.get("until").written(),
                node.get("is").written());
    }

    static StepSheet step(YamlNode node) {
        if (!node.isMap()) {
            List<YamlNode> columns = node.items();
            if (columns.size() != 2) {
                throw node.problem("a point has two columns, [along, out]: found " + columns.size()
                        + (columns.size() > 2 ? " (a formula with a comma needs quotes)" : ""));
            }
            return of(
                    node,
                    Way.AT,
                    List.of(),
                    List.of(columns.get(0).written(), columns.get(1).written()));
        }
        if (has(node, "from", "towards")) {
            node.only("from", "towards", "by", "turned", "why");
            List<SourceText> amounts = new ArrayList<>(List.of(node.get("by").written()));
            node.find("turned").ifPresent(angle -> amounts.add(angle.written()));
            return of(node, Way.TOWARDS, points(node, "from", "towards"), amounts);
        }
        if (has(node, "from", "square-to")) {
            node.only("from", "square-to", "by", "why");
            List<SourceText> points = points(node, "from");
            points.addAll(letters(node.get("square-to"), 2));
            return of(node, Way.SQUARE, points, List.of(node.get("by").written()));
        }
        if (has(node, "from")) {
            node.only("from", "along", "out", "why");
            return of(node, Way.OFFSET, points(node, "from"), alongAndOut(node));
        }
        if (has(node, "between")) {
            node.only("between", "at", "why");
            return of(
                    node,
                    Way.BETWEEN,
                    letters(node.get("between"), 2),
                    List.of(node.get("at").written()));
        }
        if (has(node, "arc", "meets-line")) {
            node.only("arc", "meets-line", "take", "why");
            YamlNode arc = node.get("arc");
            List<SourceText> points = letters(arc, 2);
            SourceText radius = points.remove(1);
            points.addAll(letters(node.get("meets-line"), 2));
            return taking(of(node, Way.ARC_LINE, points, List.of(radius)), node, "far", "near");
        }
        if (has(node, "arc", "meets-arc")) {
            node.only("arc", "meets-arc", "take", "why");
            List<SourceText> first = letters(node.get("arc"), 2);
            List<SourceText> second = letters(node.get("meets-arc"), 2);
            return taking(
                    of(node, Way.ARC_ARC, List.of(first.get(0), second.get(0)), List.of(first.get(1), second.get(1))),
                    node,
                    "left",
                    "right");
        }
        if (has(node, "crossing")) {
            node.only("crossing", "why");
            List<YamlNode> lines = node.get("crossing").items();
            if (lines.size() != 2) {
                throw node.problem("two lines must stand here: [[A, B], [C, D]]");
            }
            List<SourceText> points = letters(lines.get(0), 2);
            points.addAll(letters(lines.get(1), 2));
            return of(node, Way.CROSSING, points, List.of());
        }
        if (has(node, "mirror")) {
            node.only("mirror", "in", "why");
            List<SourceText> points = points(node, "mirror");
            points.addAll(letters(node.get("in"), 2));
            return of(node, Way.MIRROR, points, List.of());
        }
        if (has(node, "foot")) {
            node.only("foot", "on", "why");
            List<SourceText> points = points(node, "foot");
            points.addAll(letters(node.get("on"), 2));
            return of(node, Way.FOOT, points, List.of());
        }
        if (has(node, "along") || has(node, "out")) {
            node.only("along", "out", "why");
            return of(node, Way.AT, List.of(), alongAndOut(node));
        }
        throw node.problem(WAYS);
    }

    private static boolean has(YamlNode node, String... keys) {
        for (String key : keys) {
            if (node.find(key).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private static List<SourceText> alongAndOut(YamlNode node) {
        SourceText none = new SourceText("0", node.line());
        return List.of(
                node.find("along").map(YamlNode::written).orElse(none),
                node.find("out").map(YamlNode::written).orElse(none));
    }

    private static List<SourceText> points(YamlNode node, String... keys) {
        List<SourceText> points = new ArrayList<>();
        for (String key : keys) {
            points.add(node.get(key).written());
        }
        return points;
    }

    private static List<SourceText> letters(YamlNode node, int count) {
        List<SourceText> letters = new ArrayList<>();
        node.items().forEach(item -> letters.add(item.written()));
        if (letters.size() != count) {
            throw node.problem(count + " things must stand here, in brackets: found " + letters.size());
        }
        return letters;
    }

    private static StepSheet of(YamlNode node, Way way, List<SourceText> points, List<SourceText> amounts) {
        return new StepSheet(
                node.line(),
                way,
                List.copyOf(points),
                List.copyOf(amounts),
                Optional.empty(),
                node.isMap() ? node.find("why").map(YamlNode::text) : Optional.empty());
    }

    private static StepSheet taking(StepSheet step, YamlNode node, String usual, String other) {
        Optional<YamlNode> take = node.find("take");
        if (take.isPresent() && !List.of(usual, other).contains(take.get().text())) {
            throw take.get().problem("\"" + take.get().text() + "\" must be " + usual + " or " + other);
        }
        return new StepSheet(
                step.line(), step.way(), step.points(), step.amounts(), take.map(YamlNode::written), step.why());
    }
}
