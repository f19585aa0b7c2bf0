package org.soberhem.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.doubt.Proportions;
import org.soberhem.core.doubt.Relation;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.library.input.YamlNode;

/** Reads what readings usually have to do with each other. */
final class DoubtData {

    private DoubtData() {}

    static List<Relation> relations(String yaml, MeasureCatalogue catalogue) {
        return YamlNode.parse(yaml).only("relations").get("relations").items().stream()
                .map(node -> relation(node, catalogue))
                .toList();
    }

    private static Relation relation(YamlNode node, MeasureCatalogue catalogue) {
        node.only("value", "between", "says", "why", "evidence", "bare", "ages", "arms");
        LooseFormula value = LooseFormula.of(node.get("value").text(), name -> isKey(name, catalogue), "the measures");
        List<YamlNode> between = node.get("between").items();
        return new Relation(
                value,
                limit(between.get(0), value),
                limit(between.get(1), value),
                node.get("says").text(),
                node.get("why").text(),
                node.get("evidence").text(),
                node.find("bare").isPresent(),
                node.find("ages").isPresent(),
                node.find("arms").isPresent());
    }

    private static boolean isKey(String name, MeasureCatalogue catalogue) {
        int at = name.indexOf('@');
        String measure = at < 0 ? name : name.substring(0, at);
        boolean suffix = at < 0 || List.of("seated", "left", "right").contains(name.substring(at + 1));
        return suffix
                && catalogue
                        .find(measure)
                        .filter(found -> found.id().equals(measure))
                        .isPresent();
    }

    private static double limit(YamlNode node, LooseFormula value) {
        return value.isLength() ? LooseFormula.length(node.text(), Map.of()) : Double.parseDouble(node.text());
    }

    static Proportions proportions(String yaml) {
        List<YamlNode> measures =
                YamlNode.parse(yaml).only("measures").get("measures").items();
        int size = measures.size();
        List<Proportions.Variable> variables = new ArrayList<>();
        double[] mean = new double[size];
        double[][] covariance = new double[size][size];
        for (int i = 0; i < size; i++) {
            YamlNode node = measures.get(i).only("measure", "mean", "covariance", "instead");
            variables.add(new Proportions.Variable(
                    node.get("measure").text(),
                    node.find("instead").map(YamlNode::items).orElse(List.of()).stream()
                            .map(DoubtData::standIn)
                            .toList()));
            mean[i] = node.get("mean").decimal();
            List<YamlNode> row = node.get("covariance").items();
            for (int j = 0; j <= i; j++) {
                covariance[i][j] = row.get(j).decimal();
                covariance[j][i] = covariance[i][j];
            }
        }
        return new Proportions(variables, mean, covariance);
    }

    private static Proportions.StandIn standIn(YamlNode node) {
        node.only("measure", "factor", "spread");
        return new Proportions.StandIn(
                node.get("measure").text(),
                node.get("factor").decimal(),
                node.get("spread").decimal());
    }
}
