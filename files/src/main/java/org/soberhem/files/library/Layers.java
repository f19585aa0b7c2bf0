package org.soberhem.files.library;

import java.util.Set;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.files.sheet.YamlNode;

/** Reads foundation layers and their stacks. */
final class Layers {

    private Layers() {}

    static Wardrobe read(String yaml) {
        YamlNode root = YamlNode.parse(yaml).only("layers", "stacks");
        return new Wardrobe(
                root.get("layers").items().stream().map(Layers::layer).toList(),
                root.get("stacks").items().stream().map(Layers::stack).toList());
    }

    private static Layer layer(YamlNode node) {
        node.only("id", "name", "about", "changes", "caution");
        return new Layer(
                node.get("id").text(),
                node.get("name").text(),
                node.get("about").text(),
                Set.copyOf(node.get("changes").texts()),
                node.find("caution").map(YamlNode::text).orElse(""));
    }

    private static LayerStack stack(YamlNode node) {
        node.only("id", "title", "layers");
        return new LayerStack(
                node.get("id").text(),
                node.get("title").text(),
                node.get("layers").texts());
    }
}
