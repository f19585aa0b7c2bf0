package org.soberhem.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.garment.Usage;
import org.soberhem.library.input.YamlNode;

/** Reads what was usual in which years. */
public final class UsageData {

    private UsageData() {}

    /**
     * Reads the document.
     *
     * @throws SheetException if something in it is wrong; the message says what and in which line
     */
    public static List<Usage> read(String text) {
        List<Usage> usages = new ArrayList<>();
        for (Map.Entry<String, YamlNode> entry : YamlNode.parse(text).entries().entrySet()) {
            for (YamlNode node : entry.getValue().items()) {
                usages.add(usage(entry.getKey(), node));
            }
        }
        return List.copyOf(usages);
    }

    private static Usage usage(String what, YamlNode node) {
        node.only("years", "cloth", "least", "most", "why");
        List<YamlNode> years = node.get("years").items();
        if (years.size() != 2) {
            throw node.problem("two years must stand here: [first, last]");
        }
        LooseFormula least = formula(node.get("least"));
        LooseFormula most = formula(node.get("most"));
        if (least.isLength() != most.isLength()) {
            throw node.problem("least and most must both be lengths or both be pure numbers");
        }
        Usage usage = new Usage(
                what,
                years.get(0).number(),
                years.get(1).number(),
                node.find("cloth").map(YamlNode::text).orElse(""),
                least.value(name -> Double.NaN),
                most.value(name -> Double.NaN),
                node.get("why").text());
        if (usage.from() > usage.to() || usage.least() > usage.most()) {
            throw node.problem("the first must not be more than the last");
        }
        return usage;
    }

    private static LooseFormula formula(YamlNode node) {
        return LooseFormula.of(node.text(), name -> false, "none");
    }
}
