package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.garment.SumKind;
import org.soberhem.core.garment.Wearing;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.library.input.YamlNode;

/** Reads what a sheet says about sums, openings and wearing. */
final class SumReader {

    private SumReader() {}

    static DraftSheet.SumSheet sum(YamlNode node) {
        YamlNode kindNode = node.get("kind");
        SumKind kind = SumKind.find(kindNode.text())
                .orElseThrow(() -> kindNode.problem("\"" + kindNode.text() + "\" is not known here; known are "
                        + Arrays.stream(SumKind.values()).map(SumKind::word).toList()));
        Map<String, SourceText> given = new LinkedHashMap<>();
        List<List<SourceText>> rows = new ArrayList<>();
        node.entries().forEach((key, value) -> {
            if ("rows".equals(key)) {
                value.items()
                        .forEach(row -> rows.add(
                                row.items().stream().map(YamlNode::written).toList()));
            } else if (!"kind".equals(key)) {
                given.put(key, value.written());
            }
        });
        return new DraftSheet.SumSheet(node.line(), kind, given, rows);
    }

    static DraftSheet.OpeningSheet opening(YamlNode node) {
        node.only("name", "loop", "passes", "opens", "over", "stretch", "caught");
        List<EdgeRef> loop = SheetReader.run(node.get("loop"));
        return new DraftSheet.OpeningSheet(
                node.line(),
                node.find("name").map(YamlNode::text).orElse(loop.get(0).piece() + " opening"),
                loop,
                node.get("passes").text(),
                or(node, "opens", "0 in"),
                or(node, "over", "0 in"),
                or(node, "stretch", "0"),
                node.find("caught").map(SumReader::caught));
    }

    private static DraftSheet.CaughtSheet caught(YamlNode node) {
        node.only("to", "at");
        return new DraftSheet.CaughtSheet(node.get("to").text(), node.get("at").written());
    }

    static DraftSheet.WearingSheet wearing(YamlNode node) {
        node.only("closes", "fastening", "below", "lavatory", "nursing");
        return new DraftSheet.WearingSheet(
                node.line(),
                node.get("closes").word(Wearing.Closes.class),
                or(node, "fastening", "0 in"),
                or(node, "below", "0 in"),
                node.get("lavatory").word(Wearing.Lavatory.class),
                node.get("nursing").word(Wearing.Nursing.class));
    }

    private static SourceText or(YamlNode node, String key, String otherwise) {
        return node.find(key).map(YamlNode::written).orElse(new SourceText(otherwise, node.line()));
    }
}
