package org.soberhem.library;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerClass;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.library.input.YamlNode;

/** Reads foundation layers and their stacks. Lengths are written in centimetres. */
final class LayerData {

    private LayerData() {}

    static Wardrobe read(String yaml) {
        YamlNode root = YamlNode.parse(yaml).only("cautions", "layers", "stacks");
        Map<String, String> cautions = new LinkedHashMap<>();
        root.get("cautions").entries().forEach((id, text) -> cautions.put(id, text.text()));
        return new Wardrobe(
                root.get("layers").items().stream().map(LayerData::layer).toList(),
                root.get("stacks").items().stream().map(LayerData::stack).toList(),
                cautions);
    }

    private static Layer layer(YamlNode node) {
        node.only(
                "id",
                "name",
                "years",
                "who",
                "class",
                "about",
                "mind",
                "effects",
                "changes",
                "needs",
                "not-with",
                "supports",
                "shape",
                "cautions");
        List<YamlNode> years = node.get("years").items();
        Set<String> notWith = new HashSet<>();
        node.find("not-with").map(YamlNode::texts).orElse(List.of()).stream()
                // A whole class is written for layers of which one is worn at a time; the wardrobe sees to those.
                .filter(other -> !other.startsWith("class "))
                .forEach(notWith::add);
        return new Layer(
                node.get("id").text(),
                node.get("name").text(),
                years.get(0).number(),
                years.get(1).number(),
                node.get("who").texts(),
                kind(node.get("class")),
                node.get("about").text(),
                node.find("mind").map(YamlNode::text).orElse(""),
                node.find("effects").map(YamlNode::items).orElse(List.of()).stream()
                        .map(LayerData::effect)
                        .toList(),
                Set.copyOf(node.get("changes").texts()),
                node.find("needs").map(YamlNode::items).orElse(List.of()).stream()
                        .map(LayerData::need)
                        .toList(),
                notWith,
                node.find("supports").map(LayerData::supports),
                node.find("shape").map(LayerData::shape).orElse(Layer.Shape.NONE),
                node.find("cautions").map(YamlNode::texts).orElse(List.of()));
    }

    private static LayerClass kind(YamlNode node) {
        return LayerClass.valueOf(node.text().toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private static Layer.Effect effect(YamlNode node) {
        List<YamlNode> by = node.only("measure", "by", "unit", "when").get("by").items();
        boolean share = "percent".equals(node.get("unit").text());
        double unit = share ? 0.01 : 10;
        return new Layer.Effect(
                node.get("measure").text(),
                by.get(0).decimal() * unit,
                by.get(1).decimal() * unit,
                share,
                node.get("when").text());
    }

    private static Layer.Need need(YamlNode node) {
        node.only("class", "layers", "why");
        return new Layer.Need(
                node.find("class").map(LayerData::kind),
                node.find("layers").map(YamlNode::texts).orElse(List.of()),
                node.get("why").text());
    }

    private static Layer.Supports supports(YamlNode node) {
        node.only("hem-girth", "side", "back", "at", "dome");
        return new Layer.Supports(
                span(node, "hem-girth"),
                span(node, "side"),
                span(node, "back"),
                node.get("at").decimal(),
                node.find("dome").map(YamlNode::decimal).orElse(0.0));
    }

    private static Layer.Shape shape(YamlNode node) {
        node.only("round", "forward", "bust-up");
        return new Layer.Shape(
                shares(node.find("round")),
                shares(node.find("forward")),
                node.find("bust-up").map(YamlNode::decimal).orElse(0.0));
    }

    private static Map<String, Double> shares(Optional<YamlNode> node) {
        Map<String, Double> shares = new LinkedHashMap<>();
        node.ifPresent(some -> some.entries().forEach((level, share) -> shares.put(level, share.decimal())));
        return shares;
    }

    private static Optional<Layer.Span> span(YamlNode node, String name) {
        return node.find(name)
                .map(YamlNode::items)
                .map(two -> new Layer.Span(two.get(0).decimal() * 10, two.get(1).decimal() * 10));
    }

    private static LayerStack stack(YamlNode node) {
        node.only("id", "title", "years", "place", "who", "layers", "note");
        List<YamlNode> years = node.get("years").items();
        return new LayerStack(
                node.get("id").text(),
                node.get("title").text(),
                years.get(0).number(),
                years.get(1).number(),
                node.get("place").text(),
                node.get("who").text(),
                node.get("layers").texts(),
                node.find("note").map(YamlNode::text).orElse(""));
    }
}
