package org.soberhem.files.library;

import java.util.List;
import java.util.Locale;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.length.Length;
import org.soberhem.files.sheet.YamlNode;

/** Reads the catalogue of measurements. */
final class Measures {

    private Measures() {}

    static MeasureCatalogue read(String yaml) {
        return new MeasureCatalogue(YamlNode.parse(yaml).only("measures").get("measures").items().stream()
                .map(Measures::measure)
                .toList());
    }

    private static Measure measure(YamlNode node) {
        node.only(
                "id",
                "name",
                "aliases",
                "kind",
                "sides",
                "definition",
                "landmarks",
                "how",
                "tension",
                "posture",
                "helper",
                "layers",
                "usual",
                "iso",
                "confusable");
        List<YamlNode> usual = node.get("usual").items();
        return new Measure(
                node.get("id").text(),
                node.get("name").text(),
                node.get("aliases").texts(),
                Measure.Kind.valueOf(node.get("kind").text().toUpperCase(Locale.ROOT)),
                "both".equals(node.get("sides").text()),
                node.get("definition").text(),
                node.get("landmarks").text(),
                node.get("how").text(),
                node.get("tension").text(),
                node.get("posture").text(),
                node.get("helper").text(),
                node.get("layers").text(),
                centimetres(usual.get(0)),
                centimetres(usual.get(1)),
                node.find("iso").map(YamlNode::text),
                node.find("confusable").map(Measures::confusable).orElse(List.of()));
    }

    private static List<Measure.Confusable> confusable(YamlNode node) {
        return node.items().stream()
                .map(item -> new Measure.Confusable(
                        item.get("id").text(), item.get("tell").text()))
                .toList();
    }

    private static Length centimetres(YamlNode node) {
        return Length.ofMillimetres(Double.parseDouble(node.text()) * 10);
    }
}
