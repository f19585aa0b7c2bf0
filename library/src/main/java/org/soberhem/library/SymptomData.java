package org.soberhem.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fact;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Severity;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.Length;
import org.soberhem.library.input.YamlNode;

/** Reads what is seen at fittings with its causes, and the movements that garments are tried in. */
final class SymptomData {

    /** What a place measures. */
    private enum Of {
        GIRTH,
        LENGTH
    }

    private static final Pattern SEEN = Pattern.compile("(?m)^- id: (\\S+)\\R  seen: \"(.*)\"$");

    private SymptomData() {}

    /**
     * Reads the symptoms.
     *
     * @throws SheetException if something is wrong; the message says what and in which line
     */
    static Symptoms symptoms(String text) {
        YamlNode root = YamlNode.parse(text).only("facts", "places", "layers", "symptoms");
        Map<String, Symptoms.FactKind> facts = new LinkedHashMap<>();
        root.get("facts").entries().forEach((id, node) -> {
            node.only("factor", "says");
            facts.put(
                    id,
                    new Symptoms.FactKind(
                            node.get("factor").decimal(), node.get("says").text()));
        });
        Map<String, Symptoms.Place> places = new LinkedHashMap<>();
        root.get("places").entries().forEach((id, node) -> {
            node.only("name", "of", "checks", "openings", "measures");
            places.put(
                    id,
                    new Symptoms.Place(
                            node.get("name").text(),
                            node.get("of").word(Of.class) == Of.GIRTH,
                            node.get("checks").texts(),
                            node.find("openings").map(YamlNode::texts).orElse(List.of()),
                            node.get("measures").texts()));
        });
        Map<String, Symptoms.LayerWords> layers = new LinkedHashMap<>();
        root.get("layers").entries().forEach((id, node) -> {
            node.only("name", "classes", "layers");
            layers.put(
                    id,
                    new Symptoms.LayerWords(
                            node.get("name").text(),
                            node.get("classes").texts(),
                            node.get("layers").texts()));
        });
        List<Symptom> all = new ArrayList<>();
        for (YamlNode node : root.get("symptoms").items()) {
            all.add(symptom(node, facts));
        }
        return new Symptoms(all, facts, places, layers);
    }

    /**
     * Reads only what is seen, by id. The rail of all costumes says no more, and the whole with its causes takes longer
     * to read than the rail to show.
     */
    static Map<String, String> words(String text) {
        Map<String, String> words = new LinkedHashMap<>();
        SEEN.matcher(text).results().forEach(found -> words.put(found.group(1), found.group(2)));
        return words;
    }

    private static Symptom symptom(YamlNode node, Map<String, Symptoms.FactKind> facts) {
        node.only("id", "seen", "more", "zones", "garments", "severity", "blocks", "causes");
        List<Cause> causes = new ArrayList<>();
        for (YamlNode each : node.get("causes").items()) {
            causes.add(cause(each, facts));
        }
        return new Symptom(
                node.get("id").text(),
                node.get("seen").text(),
                node.get("more").text(),
                node.get("zones").texts(),
                node.get("garments").texts(),
                node.get("severity").word(Severity.class),
                node.find("blocks").isPresent(),
                causes);
    }

    private static Cause cause(YamlNode node, Map<String, Symptoms.FactKind> facts) {
        node.only("id", "why", "prior", "for", "against", "test", "remedy", "confounded");
        YamlNode test = node.get("test").only("by", "do", "then");
        return new Cause(
                node.get("id").text(),
                node.get("why").text(),
                node.get("prior").decimal(),
                facts(node, "for", facts),
                facts(node, "against", facts),
                new Cause.Test(
                        test.get("by").word(Cause.Test.By.class),
                        test.get("do").text(),
                        test.get("then").text()),
                remedy(node.get("remedy")),
                node.find("confounded").map(YamlNode::items).orElse(List.of()).stream()
                        .map(SymptomData::confounder)
                        .toList());
    }

    private static List<Fact> facts(YamlNode cause, String key, Map<String, Symptoms.FactKind> known) {
        List<Fact> all = new ArrayList<>();
        for (YamlNode node : cause.find(key).map(YamlNode::items).orElse(List.of())) {
            Fact fact = Fact.parse(node.text());
            if (!known.containsKey(fact.kind())) {
                throw node.problem("there is no fact \"" + fact.kind() + "\"");
            }
            all.add(fact);
        }
        return all;
    }

    private static Remedy remedy(YamlNode node) {
        node.only("decision", "do", "eighths", "alteration", "shares", "at");
        List<YamlNode> eighths = node.find("eighths").map(YamlNode::items).orElse(List.of());
        Map<String, Double> shares = new LinkedHashMap<>();
        node.find("shares")
                .ifPresent(each -> each.entries().forEach((name, share) -> shares.put(name, share.decimal())));
        return new Remedy(
                node.get("decision").word(Decision.Kind.class),
                node.get("do").text(),
                eighths.isEmpty()
                        ? Length.ZERO
                        : Length.ofInches(0, eighths.get(0).number(), 8),
                eighths.isEmpty()
                        ? Length.ZERO
                        : Length.ofInches(0, eighths.get(1).number(), 8),
                node.find("alteration").map(YamlNode::text).orElse(""),
                shares,
                node.find("at").map(YamlNode::texts).orElse(List.of()));
    }

    private static Cause.Confounder confounder(YamlNode node) {
        node.only("layer", "cloth", "how");
        return new Cause.Confounder(
                node.find("layer").map(YamlNode::text).orElse(""),
                node.find("cloth").map(YamlNode::text).orElse(""),
                node.get("how").text());
    }

    /** Reads the movements that garments are tried in. */
    static List<Movement> movements(String text) {
        return YamlNode.parse(text).only("movements", "readings").get("movements").items().stream()
                .map(SymptomData::movement)
                .toList();
    }

    /** Reads what is measured at every fitting: kinds of garment, by quantity. */
    static Map<String, List<String>> readings(String text) {
        Map<String, List<String>> readings = new LinkedHashMap<>();
        for (YamlNode node : YamlNode.parse(text).get("readings").items()) {
            node.only("quantity", "garments");
            readings.put(node.get("quantity").text(), node.get("garments").texts());
        }
        return readings;
    }

    private static Movement movement(YamlNode node) {
        node.only("id", "name", "do", "watch", "passes", "stop", "minutes", "garments");
        return new Movement(
                node.get("id").text(),
                node.get("name").text(),
                node.get("do").text(),
                node.get("watch").text(),
                node.get("passes").text(),
                node.find("stop").map(YamlNode::text).orElse(""),
                node.find("minutes").map(YamlNode::number).orElse(0),
                node.get("garments").texts());
    }
}
