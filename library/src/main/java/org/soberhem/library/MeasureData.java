package org.soberhem.library;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.length.Length;
import org.soberhem.library.input.YamlNode;

/** Reads the catalogue of measurements. */
final class MeasureData {

    private MeasureData() {}

    static MeasureCatalogue read(String yaml) {
        YamlNode root = YamlNode.parse(yaml).only("ambiguous", "measures");
        Map<String, List<String>> ambiguous = new LinkedHashMap<>();
        root.find("ambiguous")
                .ifPresent(words -> words.entries().forEach((word, ids) -> ambiguous.put(word, ids.texts())));
        return new MeasureCatalogue(
                root.get("measures").items().stream().map(MeasureData::measure).toList(), ambiguous);
    }

    private static Measure measure(YamlNode node) {
        node.only(
                "id",
                "name",
                "aliases",
                "kind",
                "sides",
                "wearers",
                "definition",
                "landmarks",
                "how",
                "tension",
                "posture",
                "helper",
                "alone",
                "layers",
                "usual",
                "iso",
                "station",
                "floor",
                "ribbon",
                "fine",
                "caution",
                "confusable");
        return new Measure(
                node.get("id").text(),
                node.get("name").text(),
                node.get("aliases").texts(),
                Measure.Kind.valueOf(constant(node.get("kind"))),
                Measure.Sides.valueOf(constant(node.get("sides"))),
                Measure.Wearers.valueOf(constant(node.get("wearers"))),
                node.get("definition").text(),
                node.get("landmarks").text(),
                how(node),
                usual(node.get("usual")),
                node.find("iso").map(MeasureData::iso),
                node.find("confusable").map(MeasureData::confusable).orElse(List.of()));
    }

    private static String constant(YamlNode node) {
        return node.text().toUpperCase(Locale.ROOT).replace('-', '_');
    }

    private static Measure.How how(YamlNode node) {
        YamlNode alone = node.get("alone").only("reliable", "hint");
        return new Measure.How(
                node.get("how").text(),
                Measure.Tension.valueOf(constant(node.get("tension"))),
                node.get("posture").text(),
                node.get("helper").text(),
                "yes".equals(alone.get("reliable").text()),
                alone.get("hint").text(),
                node.get("layers").text(),
                Measure.Station.valueOf(constant(node.get("station"))),
                node.find("floor").isPresent(),
                node.find("ribbon").isPresent(),
                node.find("fine").isPresent(),
                node.find("caution").map(YamlNode::text).orElse(""));
    }

    private static Map<Age, Measure.Usual> usual(YamlNode node) {
        Map<Age, Measure.Usual> usual = new EnumMap<>(Age.class);
        node.entries().forEach((age, limits) -> {
            List<YamlNode> two = limits.items();
            usual.put(
                    Age.valueOf(age.toUpperCase(Locale.ROOT)),
                    new Measure.Usual(centimetres(two.get(0)), centimetres(two.get(1))));
        });
        return usual;
    }

    private static Measure.Iso iso(YamlNode node) {
        node.only("term", "match", "clause");
        return new Measure.Iso(
                node.get("term").text(),
                "same".equals(node.get("match").text()),
                node.find("clause").map(YamlNode::text).orElse(""));
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
