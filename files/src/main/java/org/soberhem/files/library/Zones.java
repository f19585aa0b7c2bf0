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
        node.only("id", "letters", "name", "back", "at", "flat", "garments", "edges");
        YamlNode flat = node.get("flat").only("pieces", "across", "down");
        return new Zone(
                node.get("id").text(),
                node.get("letters").texts(),
                node.get("name").text(),
                node.find("back").isPresent(),
                Figures.point(node.get("at")),
                new Zone.Flat(
                        flat.get("pieces").texts(),
                        flat.get("across").number() / 100.0,
                        flat.get("down").number() / 100.0),
                node.get("garments").texts(),
                node.get("edges").texts());
    }
}
