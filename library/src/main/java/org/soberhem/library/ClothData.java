package org.soberhem.library;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.cloth.Shrinkage;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.plan.Manner;
import org.soberhem.core.plan.SewingOrder;
import org.soberhem.core.plan.Task;
import org.soberhem.library.input.YamlNode;

/** Reads what cloth is made of, what is sewn in beside it, and how making up goes. */
final class ClothData {

    private ClothData() {}

    /** What cloth.yaml holds. */
    record Cloths(List<Fibre> fibres, List<Notion.Kind> notions, List<ClothKind> kinds) {}

    /**
     * Reads fibres, kinds of notions and how cloth hangs.
     *
     * @throws SheetException if something is wrong; the message says what and in which line
     */
    static Cloths cloths(String text) {
        YamlNode root = YamlNode.parse(text).only("fibres", "notions", "kinds");
        return new Cloths(
                root.get("fibres").items().stream().map(ClothData::fibre).toList(),
                root.get("notions").items().stream().map(ClothData::notion).toList(),
                root.get("kinds").items().stream().map(ClothData::clothKind).toList());
    }

    private static Fibre fibre(YamlNode node) {
        node.only("id", "name", "treat", "before", "worn", "along", "across", "care", "why");
        List<YamlNode> along = pair(node.get("along"), "[least, most]");
        List<YamlNode> across = pair(node.get("across"), "[least, most]");
        try {
            return new Fibre(
                    node.get("id").text(),
                    node.get("name").text(),
                    node.get("treat").word(Fibre.Treatment.class),
                    node.get("before").number(),
                    node.get("worn").number(),
                    new Shrinkage(
                            along.get(0).decimal(),
                            along.get(1).decimal(),
                            across.get(0).decimal(),
                            across.get(1).decimal(),
                            false),
                    node.get("care").text(),
                    node.get("why").text());
        } catch (IllegalArgumentException wrong) {
            throw node.problem(wrong.getMessage());
        }
    }

    private static ClothKind clothKind(YamlNode node) {
        node.only("id", "name", "weight", "drawn", "gives", "bends", "rubs", "thick", "for");
        List<YamlNode> drawn = node.get("drawn").items();
        if (drawn.size() != 3) {
            throw node.problem("three stiffnesses must stand at drawn: [warp, weft, aslant]");
        }
        List<YamlNode> bends = pair(node.get("bends"), "[warp, weft]");
        try {
            return new ClothKind(
                    node.get("id").text(),
                    node.get("name").text(),
                    node.get("weight").decimal(),
                    new ClothKind.Drawn(
                            drawn.get(0).decimal(),
                            drawn.get(1).decimal(),
                            drawn.get(2).decimal(),
                            node.get("gives").decimal()),
                    new ClothKind.Bent(bends.get(0).decimal(), bends.get(1).decimal()),
                    node.get("rubs").decimal(),
                    node.get("thick").decimal(),
                    node.find("for").stream()
                            .flatMap(garments -> garments.items().stream())
                            .map(YamlNode::text)
                            .toList());
        } catch (IllegalArgumentException wrong) {
            throw node.problem(wrong.getMessage());
        }
    }

    private static List<YamlNode> pair(YamlNode node, String what) {
        if (node.items().size() != 2) {
            throw node.problem("two figures must stand here: " + what);
        }
        return node.items();
    }

    private static Notion.Kind notion(YamlNode node) {
        node.only("id", "one", "many", "length", "sets");
        return new Notion.Kind(
                node.get("id").text(),
                node.get("one").text(),
                node.get("many").text(),
                isTrue(node.find("length")),
                isTrue(node.find("sets")));
    }

    private static boolean isTrue(Optional<YamlNode> node) {
        return node.map(YamlNode::text).filter("true"::equals).isPresent();
    }

    /**
     * Reads how making up goes as a rule.
     *
     * @throws SheetException if something is wrong; the message says what and in which line
     */
    static SewingOrder making(String text) {
        YamlNode root = YamlNode.parse(text).only("before", "kinds", "after", "manners");
        return new SewingOrder(
                root.get("before").items().stream().map(ClothData::step).toList(),
                root.get("kinds").items().stream().map(ClothData::kind).toList(),
                root.get("after").items().stream().map(ClothData::step).toList(),
                manners(root.get("manners")));
    }

    private static Map<Manner, Manner.Factors> manners(YamlNode node) {
        Map<Manner, Manner.Factors> all = new EnumMap<>(Manner.class);
        for (Manner manner : Manner.values()) {
            node.find(manner.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .ifPresent(changes -> all.put(
                            manner,
                            new Manner.Factors(
                                    changes.get("bench").number() / 100.0,
                                    changes.get("hand").number() / 100.0)));
        }
        return all;
    }

    private static SewingOrder.Step step(YamlNode node) {
        Map<String, YamlNode> all = node.only("garments", "do", "kind", "minutes", "look", "where", "spare")
                .entries();
        return new SewingOrder.Step(
                node.find("garments").map(YamlNode::texts).orElse(List.of()),
                node.get("do").text(),
                node.find("kind").map(kind -> kind.word(Task.Kind.class)).orElse(Task.Kind.WORK),
                node.get("minutes").number(),
                node.get("look").text(),
                node.get("where").word(Task.Where.class),
                isTrue(Optional.ofNullable(all.get("spare"))));
    }

    private static SewingOrder.Kind kind(YamlNode node) {
        node.only("words", "minutes", "look", "where", "spare");
        return SewingOrder.Kind.of(
                node.get("words").texts(),
                node.get("minutes").number(),
                node.get("look").text(),
                node.get("where").word(Task.Where.class),
                isTrue(node.find("spare")));
    }
}
