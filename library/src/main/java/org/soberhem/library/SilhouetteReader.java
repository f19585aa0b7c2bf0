package org.soberhem.library;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.silhouette.Band;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.library.input.YamlNode;

/** Reads silhouettes, rules and kinds of quantities; the format is published in docs/formats/silhouettes.md. */
public final class SilhouetteReader {

    private static final int MOST_RULES = 200;
    private static final int MOST_LEVELS = 60;

    private final Map<String, QuantityKind> kinds;

    /**
     * @param kinds of quantities that rules may speak of
     */
    public SilhouetteReader(List<QuantityKind> kinds) {
        this.kinds = kinds.stream().collect(Collectors.toMap(QuantityKind::id, kind -> kind));
    }

    static List<QuantityKind> quantities(String yaml) {
        return YamlNode.parse(yaml).only("quantities").get("quantities").items().stream()
                .map(SilhouetteReader::quantity)
                .toList();
    }

    private static QuantityKind quantity(YamlNode node) {
        node.only("id", "title", "unit", "from", "is", "sign", "of", "more", "less", "alter");
        return new QuantityKind(
                node.get("id").text(),
                node.get("title").text(),
                node.get("unit").word(QuantityKind.Unit.class),
                node.get("from").items().stream()
                        .map(each -> each.word(QuantityKind.From.class))
                        .toList(),
                node.get("is").text(),
                node.find("sign").map(YamlNode::text).orElse(""),
                node.find("of").map(YamlNode::text),
                text(node, "more"),
                text(node, "less"),
                node.find("alter").map(SilhouetteReader::alter));
    }

    private static QuantityKind.Alter alter(YamlNode node) {
        Map<String, Double> amounts = new LinkedHashMap<>();
        node.entries().forEach((name, each) -> {
            if (!name.equals("kind")) {
                amounts.put(name, each.decimal());
            }
        });
        return new QuantityKind.Alter(node.get("kind").text(), amounts);
    }

    static List<Silhouette.Header> headers(String yaml) {
        return YamlNode.parse(yaml).only("silhouettes").get("silhouettes").items().stream()
                .map(node -> node.only("id", "title", "place", "years", "who"))
                .map(node -> header(node, node.get("id").text()))
                .toList();
    }

    private static Silhouette.Header header(YamlNode node, String id) {
        List<YamlNode> years = node.get("years").items();
        if (years.size() != 2) {
            throw node.problem("years are two numbers, the first and the last");
        }
        return new Silhouette.Header(
                id,
                node.get("title").text(),
                node.get("place").text(),
                years.get(0).number(),
                years.get(1).number(),
                node.get("who").word(Silhouette.Who.class));
    }

    List<Rule> everywhere(String yaml) {
        return rules(YamlNode.parse(yaml).only("rules"));
    }

    /**
     * Reads one silhouette.
     *
     * @throws SheetException if it is not as the format wants it, with the line
     */
    public Silhouette read(String yaml) {
        YamlNode node = YamlNode.parse(yaml)
                .only(
                        "silhouette",
                        "title",
                        "place",
                        "years",
                        "who",
                        "worn-by",
                        "wears",
                        "over",
                        "closures",
                        "cloth",
                        "posture",
                        "marks",
                        "mistakes",
                        "schools",
                        "front",
                        "side",
                        "bands",
                        "rules");
        Silhouette.Header header = header(node, node.get("silhouette").text());
        List<Rule> rules = new ArrayList<>(rules(node));
        for (YamlNode band : node.find("bands").map(YamlNode::items).orElse(List.of())) {
            rules.add(proportion(band, header.id()));
        }
        if (rules.size() > MOST_RULES) {
            throw node.problem("a silhouette has at most " + MOST_RULES + " rules and bands");
        }
        List<String> schools = texts(node, "schools");
        for (Rule rule : rules) {
            if (!rule.school().isEmpty() && !schools.contains(rule.school())) {
                throw node.problem("rule \"" + rule.id() + "\" is of the school \"" + rule.school()
                        + "\", which schools does not name");
            }
        }
        Map<String, String> marks = new LinkedHashMap<>();
        node.find("marks").ifPresent(some -> some.entries().forEach((part, words) -> marks.put(part, words.text())));
        return new Silhouette(
                header,
                text(node, "worn-by"),
                texts(node, "wears"),
                texts(node, "over"),
                text(node, "closures"),
                text(node, "cloth"),
                text(node, "posture"),
                marks,
                texts(node, "mistakes"),
                schools,
                levels(node.get("front")).stream().map(SilhouetteReader::front).toList(),
                levels(node.get("side")).stream().map(SilhouetteReader::side).toList(),
                rules);
    }

    private static String text(YamlNode node, String key) {
        return node.find(key).map(YamlNode::text).orElse("");
    }

    private static List<String> texts(YamlNode node, String key) {
        return node.find(key).map(YamlNode::texts).orElse(List.of());
    }

    /** Levels from above downward, so that the outline can be drawn through them. */
    private static List<YamlNode> levels(YamlNode node) {
        List<YamlNode> levels = node.items();
        if (levels.size() < 2 || levels.size() > MOST_LEVELS) {
            throw node.problem("an outline has 2 to " + MOST_LEVELS + " levels, not " + levels.size());
        }
        double above = Double.POSITIVE_INFINITY;
        for (YamlNode level : levels) {
            double at = level.get("at").decimal();
            if (at >= above || at < -0.1 || at > 1.2) {
                throw level.problem("levels go from above downward, as shares of the height from 1.2 to -0.1");
            }
            above = at;
        }
        return levels;
    }

    private static Silhouette.FrontLevel front(YamlNode node) {
        node.only("at", "half", "arm", "level");
        return new Silhouette.FrontLevel(
                node.get("at").decimal(),
                range(node.get("half")),
                node.find("arm").map(SilhouetteReader::range),
                text(node, "level"));
    }

    private static Silhouette.SideLevel side(YamlNode node) {
        node.only("at", "fore", "aft", "level");
        return new Silhouette.SideLevel(
                node.get("at").decimal(), range(node.get("fore")), range(node.get("aft")), text(node, "level"));
    }

    private static Silhouette.Range range(YamlNode node) {
        List<YamlNode> two = node.items();
        if (two.size() != 2 || two.get(0).decimal() > two.get(1).decimal()) {
            throw node.problem("a range is two numbers, the smaller first");
        }
        return new Silhouette.Range(two.get(0).decimal(), two.get(1).decimal());
    }

    private List<Rule> rules(YamlNode node) {
        List<Rule> rules = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (YamlNode each : node.find("rules").map(YamlNode::items).orElse(List.of())) {
            Rule rule = rule(each);
            if (!ids.add(rule.id())) {
                throw each.problem("there are two rules \"" + rule.id() + "\"");
            }
            rules.add(rule);
        }
        return rules;
    }

    private Rule rule(YamlNode node) {
        node.only(
                "id",
                "quantity",
                "for",
                "kind",
                "band",
                "rim",
                "judged",
                "ask",
                "look",
                "why",
                "below",
                "above",
                "school",
                "against",
                "except",
                "weight",
                "evidence");
        Rule.Judged judged = node.get("judged").word(Rule.Judged.class);
        boolean byEye = judged == Rule.Judged.EYE;
        if (byEye && node.find("ask").isEmpty()) {
            throw node.problem("a rule judged by eye asks something: ask");
        }
        int weight = node.get("weight").number();
        if (weight < 1 || weight > 3) {
            throw node.problem("weight is 1, 2 or 3");
        }
        return new Rule(
                node.get("id").text(),
                known(node),
                Set.copyOf(node.get("for").texts()),
                node.get("kind").word(Rule.Kind.class),
                byEye ? Optional.empty() : Optional.of(band(node)),
                judged,
                text(node, "ask"),
                text(node, "look"),
                node.get("why").text(),
                text(node, "below"),
                text(node, "above"),
                text(node, "school"),
                texts(node, "against"),
                Set.copyOf(texts(node, "except")),
                weight,
                node.get("evidence").text());
    }

    private String known(YamlNode node) {
        String quantity = node.get("quantity").text();
        if (!kinds.containsKey(quantity)) {
            throw node.get("quantity")
                    .problem(
                            "there is no quantity \"" + quantity + "\"; sober-hem silhouettes --quantities lists them");
        }
        return quantity;
    }

    /** A proportion of the outline is a rule about the whole figure. */
    private Rule proportion(YamlNode node, String silhouette) {
        node.only("quantity", "band", "rim", "evidence");
        String quantity = known(node);
        if (kinds.get(quantity).more().isEmpty()) {
            throw node.problem(
                    "\"" + quantity + "\" says nothing of what to do: write it as a rule, with below and above");
        }
        return new Rule(
                silhouette + "/" + quantity,
                quantity,
                Set.of(),
                Rule.Kind.LIKENESS,
                Optional.of(band(node)),
                kinds.get(quantity).from().contains(QuantityKind.From.FITTING)
                                && kinds.get(quantity).from().size() == 1
                        ? Rule.Judged.FITTING
                        : Rule.Judged.PAPER,
                "",
                "",
                "It is one of the proportions that make the outline.",
                kinds.get(quantity).more(),
                kinds.get(quantity).less(),
                "",
                List.of(),
                Set.of(),
                1,
                node.get("evidence").text());
    }

    private static Band band(YamlNode node) {
        List<YamlNode> band = node.get("band").items();
        List<YamlNode> rim = node.get("rim").items();
        if (band.size() != 2 || rim.size() != 2) {
            throw node.problem("band and rim are two numbers each, the smaller first");
        }
        try {
            return new Band(
                    band.get(0).decimal(),
                    band.get(1).decimal(),
                    rim.get(0).decimal(),
                    rim.get(1).decimal());
        } catch (IllegalArgumentException wrong) {
            throw node.problem("the band must lie within the rim, the smaller number first in both");
        }
    }
}
