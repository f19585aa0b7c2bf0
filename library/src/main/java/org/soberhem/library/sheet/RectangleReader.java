package org.soberhem.library.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.DraftSheet.JoinSheet;
import org.soberhem.core.draft.DraftSheet.StepSheet;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Role;
import org.soberhem.library.input.YamlNode;

/**
 * Reads a piece that is a plain rectangle, written by its two lengths. Its corners are A, B, C and D from the base
 * point clockwise; its edges top, right, bottom and left, unless they are named in that order.
 */
final class RectangleReader {

    private static final List<String> CORNERS = List.of("A", "B", "C", "D");

    private RectangleReader() {}

    static DraftSheet.PieceSheet piece(YamlNode node, YamlNode rectangle) {
        rectangle.only("along", "out", "edges");
        for (String taken : List.of("outline", "edges", "grain", "drawn", "on", "darts")) {
            node.find(taken).ifPresent(there -> {
                throw there.problem("a rectangle has its own " + taken);
            });
        }
        String along = rectangle.get("along").text().strip();
        String out = rectangle.get("out").text().strip();
        int line = rectangle.line();
        Map<String, StepSheet> points = new LinkedHashMap<>();
        points.put("A", at("0", "0", line));
        points.put("B", at("0", out, line));
        points.put("C", at(along, out, line));
        points.put("D", at(along, "0", line));
        points.put("G", at("(" + along + ") / 8", "(" + out + ") / 2", line));
        points.put("H", at("(" + along + ") * 7 / 8", "(" + out + ") / 2", line));
        DraftSheet.Ground further = StepReader.ground(node);
        further.points().forEach((letter, step) -> {
            if (points.put(letter, step) != null) {
                throw rectangle.problem("the letters A, B, C, D, G and H are the rectangle's own");
            }
        });
        return new DraftSheet.PieceSheet(
                new DraftSheet.Ground(node.line(), further.scale(), points, further.solve()),
                Optional.empty(),
                true,
                SheetReader.map(node.get("cut"), YamlNode::number),
                node.get("shape").word(CutShape.class),
                DraftSheet.Drawn.SEAM_LINE,
                CORNERS.stream()
                        .map(corner -> JoinSheet.straight(new SourceText(corner, line)))
                        .toList(),
                edges(rectangle, line),
                node.find("centre").map(YamlNode::written),
                Map.of(),
                SheetReader.map(node, "lines", SheetReader::line),
                SheetReader.notches(node),
                SheetReader.map(node, "allowances", SheetReader::allowance),
                new DraftSheet.PairSheet(new SourceText("G", line), new SourceText("H", line)),
                SheetReader.map(node, "levels", SheetReader::pair),
                node.find("spans").map(SheetReader::spans),
                SheetReader.map(node, "departs", YamlNode::text));
    }

    private static Map<String, DraftSheet.EdgeSheet> edges(YamlNode rectangle, int line) {
        List<String> names =
                rectangle.find("edges").map(YamlNode::texts).orElse(List.of("top", "right", "bottom", "left"));
        if (names.size() != CORNERS.size() || names.stream().distinct().count() < names.size()) {
            throw rectangle.problem("a rectangle has four edges with four names, clockwise from the top: " + names);
        }
        Map<String, DraftSheet.EdgeSheet> edges = new LinkedHashMap<>();
        for (int i = 0; i < names.size(); i++) {
            edges.put(
                    names.get(i),
                    new DraftSheet.EdgeSheet(
                            new SourceText(CORNERS.get(i), line),
                            new SourceText(CORNERS.get((i + 1) % CORNERS.size()), line),
                            Optional.<Role>empty()));
        }
        return edges;
    }

    private static StepSheet at(String along, String out, int line) {
        return new StepSheet(
                line,
                StepSheet.Way.AT,
                List.of(),
                List.of(new SourceText(along, line), new SourceText(out, line)),
                Optional.empty(),
                Optional.empty());
    }
}
