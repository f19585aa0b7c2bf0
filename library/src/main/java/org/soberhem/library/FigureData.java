package org.soberhem.library;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.body.Age;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigurePlan;
import org.soberhem.core.geometry.Point;
import org.soberhem.library.input.YamlNode;

/** Reads the plain figure and what the computed one is put together from. */
final class FigureData {

    private FigureData() {}

    static FigurePlan plan(YamlNode root) {
        YamlNode body = root.get("body").only("chin", "fork", "girths", "trunk", "legs", "arms", "hang");
        Map<Age, FigurePlan.ByAge> ages = new EnumMap<>(Age.class);
        for (Age age : Age.values()) {
            String key = age.name().toLowerCase(Locale.ROOT);
            ages.put(
                    age,
                    new FigurePlan.ByAge(
                            body.get("chin").get(key).decimal(),
                            body.get("fork").get(key).decimal(),
                            body.get("girths").get(key).decimal()));
        }
        return new FigurePlan(
                ages,
                levels(body.get("trunk")),
                levels(body.get("legs")),
                levels(body.get("arms")),
                hang(body.get("hang")),
                references(root.get("references")));
    }

    private static Map<String, Map<String, Double>> references(YamlNode node) {
        Map<String, Map<String, Double>> references = new HashMap<>();
        node.entries().forEach((who, levels) -> {
            Map<String, Double> heights = new HashMap<>();
            levels.entries().forEach((level, height) -> heights.put(level, height.decimal()));
            references.put(who, heights);
        });
        return references;
    }

    private static DressedFigure.Hang hang(YamlNode node) {
        node.only("alone", "each-petticoat", "most-skirt", "over-hoops", "sleeve", "trunk");
        return new DressedFigure.Hang(
                node.get("alone").decimal(),
                node.get("each-petticoat").decimal(),
                node.get("most-skirt").decimal(),
                node.get("over-hoops").decimal(),
                node.get("sleeve").decimal(),
                node.get("trunk").decimal());
    }

    private static List<FigurePlan.Level> levels(YamlNode node) {
        return node.items().stream().map(FigureData::level).toList();
    }

    private static FigurePlan.Level level(YamlNode node) {
        node.only("level", "at", "girth", "flat", "ratio", "centre", "follows", "measures");
        return new FigurePlan.Level(
                node.get("level").text(),
                node.get("at").decimal(),
                node.get("girth").decimal(),
                node.find("flat").orElse(node.get("girth")).decimal(),
                node.get("ratio").decimal(),
                node.get("centre").decimal(),
                node.find("follows").map(YamlNode::decimal).orElse(1.0),
                node.get("measures").texts());
    }

    static Point point(YamlNode node) {
        List<YamlNode> pair = node.items();
        return new Point(pair.get(0).number(), pair.get(1).number());
    }
}
