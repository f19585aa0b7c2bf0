package org.soberhem.files.library;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.Figure;
import org.soberhem.core.geometry.Point;
import org.soberhem.files.sheet.YamlNode;

/** Reads the figure to point at. */
final class Figures {

    private Figures() {}

    static Figure read(String yaml) {
        YamlNode root = YamlNode.parse(yaml).only("outline", "tapes");
        Map<String, Figure.TapeLine> tapes = new HashMap<>();
        root.get("tapes").entries().forEach((measure, node) -> {
            node.only("front", "back");
            tapes.put(
                    measure,
                    new Figure.TapeLine(
                            node.find("front").map(Figures::points),
                            node.find("back").map(Figures::points)));
        });
        return new Figure(points(root.get("outline")), tapes);
    }

    private static List<Point> points(YamlNode node) {
        return node.items().stream().map(Figures::point).toList();
    }

    static Point point(YamlNode node) {
        List<YamlNode> pair = node.items();
        return new Point(pair.get(0).number(), pair.get(1).number());
    }
}
