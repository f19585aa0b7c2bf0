package org.soberhem.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationKind.As;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.AlterationValues;
import org.soberhem.core.alter.AmountsEntry;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Role;
import org.soberhem.library.input.YamlNode;

/** Reads the alterations by their trade names. */
final class AlterationData {

    private AlterationData() {}

    static List<AlterationKind> read(YamlNode root) {
        return root.items().stream().map(AlterationData::kind).toList();
    }

    private static AlterationKind kind(YamlNode node) {
        node.only("id", "name", "also", "group", "does", "needs", "asks", "fixed", "tells", "caution");
        try {
            AlterationValues.type(node.get("does").text());
        } catch (IllegalArgumentException unknown) {
            throw node.get("does").problem(unknown.getMessage());
        }
        List<Ask> asks = new ArrayList<>();
        node.get("asks").entries().forEach((name, ask) -> asks.add(ask(name, ask)));
        Map<String, Object> fixed = new LinkedHashMap<>();
        node.find("fixed")
                .ifPresent(map -> map.entries().forEach((name, value) -> fixed.put(name, value(value.text()))));
        return new AlterationKind(
                node.get("id").text(),
                node.get("name").text(),
                node.get("also").texts(),
                node.get("group").text(),
                node.get("does").text(),
                node.find("needs").map(AlterationData::role),
                asks,
                fixed,
                node.get("tells").text(),
                node.find("caution").map(YamlNode::text).orElse(""));
    }

    private static Role role(YamlNode node) {
        try {
            return Role.valueOf(node.text().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw node.problem("no edge has this role: " + node.text());
        }
    }

    private static Ask ask(String name, YamlNode node) {
        node.only("as", "words", "usual", "least", "most", "prefers", "offers");
        As as;
        try {
            as = As.valueOf(node.get("as").text().toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException unknown) {
            throw node.get("as")
                    .problem("this is not a kind of answer: " + node.get("as").text());
        }
        Object usual = as.isPlace()
                ? ""
                : as == As.AMOUNTS
                        ? amounts(node.get("usual"))
                        : value(node.get("usual").text());
        return new Ask(
                name,
                as,
                node.get("words").text(),
                usual,
                node.find("least").map(AlterationData::number).orElse(Double.NEGATIVE_INFINITY),
                node.find("most").map(AlterationData::number).orElse(Double.POSITIVE_INFINITY),
                node.find("prefers").map(YamlNode::texts).orElse(List.of()),
                node.find("offers")
                        .map(offers -> offers.items().stream()
                                .map(AlterationData::number)
                                .toList())
                        .orElse(List.of()));
    }

    private static AmountsAlong amounts(YamlNode node) {
        try {
            return AmountsEntry.parse(node.text(), LengthUnit.INCH);
        } catch (IllegalArgumentException unreadable) {
            throw node.problem(unreadable.getMessage());
        }
    }

    private static double number(YamlNode node) {
        return LooseFormula.of(node.text(), any -> false, "none").value(any -> Double.NaN);
    }

    /** A length or number where it is one, else the words: the name of a way, or a truth value. */
    private static Object value(String text) {
        if (text.equals("true") || text.equals("false")) {
            return Boolean.valueOf(text);
        }
        boolean numeric = !text.isEmpty() && (Character.isDigit(text.charAt(0)) || text.charAt(0) == '-');
        return numeric ? (Object) LooseFormula.of(text, any -> false, "none").value(any -> Double.NaN) : text;
    }
}
