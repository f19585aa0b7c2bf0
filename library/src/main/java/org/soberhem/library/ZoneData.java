package org.soberhem.library;

import java.util.List;
import org.soberhem.core.fitting.Zone;
import org.soberhem.library.input.YamlNode;

/** Reads the places to point at in a fitting. */
final class ZoneData {

    private ZoneData() {}

    static List<Zone> read(YamlNode root) {
        return root.get("zones").items().stream().map(ZoneData::zone).toList();
    }

    private static Zone zone(YamlNode node) {
        node.only("id", "letters", "name", "back", "at", "flat", "garments", "edges");
        YamlNode flat = node.get("flat").only("pieces", "across", "down");
        return new Zone(
                node.get("id").text(),
                node.get("letters").texts(),
                node.get("name").text(),
                node.find("back").isPresent(),
                FigureData.point(node.get("at")),
                new Zone.Flat(
                        flat.get("pieces").texts(),
                        flat.get("across").number() / 100.0,
                        flat.get("down").number() / 100.0),
                node.get("garments").texts(),
                node.get("edges").texts());
    }
}
