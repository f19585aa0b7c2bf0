package org.soberhem.files.library;

import java.util.List;
import org.soberhem.core.fitting.Zone;
import org.soberhem.files.sheet.YamlNode;

/** Reads the places to point at in a fitting. */
final class Zones {

    private Zones() {}

    static List<Zone> read(YamlNode root) {
        return root.get("zones").items().stream().map(Zones::zone).toList();
    }

    private static Zone zone(YamlNode node) {
        node.only("id", "letters", "name", "back", "at", "flat", "garments", "symptoms");
        YamlNode flat = node.get("flat").only("piece", "across", "down");
        return new Zone(
                node.get("id").text(),
                node.get("letters").texts(),
                node.get("name").text(),
                node.find("back").isPresent(),
                Figures.point(node.get("at")),
                new Zone.Flat(
                        flat.get("piece").text(),
                        flat.get("across").number() / 100.0,
                        flat.get("down").number() / 100.0),
                node.get("garments").texts(),
                node.get("symptoms").items().stream().map(Zones::symptom).toList());
    }

    private static Zone.Symptom symptom(YamlNode node) {
        node.only("id", "seen", "cause", "remedy", "alter", "direction");
        return new Zone.Symptom(
                node.get("id").text(),
                node.get("seen").text(),
                node.get("cause").text(),
                node.get("remedy").text(),
                node.find("alter").map(YamlNode::text).orElse(""),
                node.find("direction").map(YamlNode::number).orElse(0));
    }
}
