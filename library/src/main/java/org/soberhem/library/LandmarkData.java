package org.soberhem.library;

import java.util.List;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.trace.Landmark;
import org.soberhem.core.trace.LandmarkTable;
import org.soberhem.library.input.YamlNode;

/** Reads what can be read off a drawn pattern. */
final class LandmarkData {

    private LandmarkData() {}

    static LandmarkTable read(String text) {
        YamlNode root = YamlNode.parse(text).only("landmarks", "arm-hole", "follows");
        YamlNode hole = root.get("arm-hole").only("least", "most");
        return new LandmarkTable(
                root.get("landmarks").items().stream()
                        .map(LandmarkData::landmark)
                        .toList(),
                new LandmarkTable.Band(
                        hole.get("least").decimal(), hole.get("most").decimal()),
                root.get("follows").decimal());
    }

    private static Landmark landmark(YamlNode node) {
        node.only("id", "title", "found", "level", "measures", "ease", "why");
        YamlNode ease = node.get("ease").only("least", "usual", "most");
        return new Landmark(
                node.get("id").text(),
                node.get("title").text(),
                node.get("found").word(Landmark.Found.class),
                node.find("level").map(YamlNode::text).orElse(""),
                List.of(node.get("measures").text().strip().split("\\s*\\|\\s*")),
                new Landmark.Ease(length(ease.get("least")), length(ease.get("usual")), length(ease.get("most"))),
                node.get("why").text());
    }

    private static double length(YamlNode node) {
        LooseFormula formula = LooseFormula.of(node.text(), name -> false, "none");
        if (!formula.isLength()) {
            throw node.problem("a length must stand here, such as 1/2 in");
        }
        return formula.value(name -> Double.NaN);
    }
}
