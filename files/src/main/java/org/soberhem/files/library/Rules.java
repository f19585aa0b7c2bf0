package org.soberhem.files.library;

import java.util.List;
import java.util.Locale;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.files.sheet.YamlNode;

/** Reads the rules of the silhouettes. */
final class Rules {

    private Rules() {}

    static List<Rule> read(String yaml) {
        return YamlNode.parse(yaml).only("rules").get("rules").items().stream()
                .map(Rules::rule)
                .toList();
    }

    private static Rule rule(YamlNode node) {
        node.only(
                "id",
                "title",
                "garment",
                "years",
                "quantity",
                "ratio",
                "range",
                "near",
                "judged",
                "why",
                "below",
                "above",
                "evidence");
        List<YamlNode> years = node.get("years").items();
        List<YamlNode> range = node.get("range").items();
        return new Rule(
                node.get("id").text(),
                node.get("title").text(),
                node.get("garment").text(),
                years.get(0).number(),
                years.get(1).number(),
                node.get("quantity").text(),
                node.find("ratio").isPresent(),
                Double.parseDouble(range.get(0).text()),
                Double.parseDouble(range.get(1).text()),
                Double.parseDouble(node.get("near").text()),
                Rule.Judged.valueOf(node.get("judged").text().toUpperCase(Locale.ROOT)),
                node.get("why").text(),
                node.get("below").text(),
                node.get("above").text(),
                node.get("evidence").text());
    }
}
