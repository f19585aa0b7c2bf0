package org.soberhem.core.silhouette;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Rules and quantities for tests. */
final class SomeRules {

    static final QuantityKind DIP = new QuantityKind(
            "waist-dip-front",
            "Dip of the waist",
            QuantityKind.Unit.MM,
            List.of(QuantityKind.From.FITTING),
            "",
            "",
            Optional.empty(),
            "",
            "",
            Optional.of(new QuantityKind.Alter("raise-waistline", Map.of("atFront", -1.0))));

    static final QuantityKind HIP = new QuantityKind(
            "waist-over-hip",
            "Waist against hip",
            QuantityKind.Unit.RATIO,
            List.of(QuantityKind.From.FIGURE),
            "",
            "",
            Optional.of("hip-breadth"),
            "",
            "",
            Optional.empty());

    static final QuantityKind STANCE = new QuantityKind(
            "eye-posture",
            "Posture",
            QuantityKind.Unit.EYE,
            List.of(QuantityKind.From.EYE),
            "",
            "",
            Optional.empty(),
            "",
            "",
            Optional.empty());

    private SomeRules() {}

    static Rule rule(String id, String quantity, Rule.Kind kind, Band band, int weight) {
        return new Rule(
                id,
                quantity,
                Set.of("blouse"),
                kind,
                Optional.of(band),
                Rule.Judged.FITTING,
                "",
                "",
                "Belts sit lower in front.",
                "Lower the front by {amount}.",
                "Raise the front by {amount}.",
                "",
                List.of(),
                Set.of(),
                weight,
                "from memory");
    }

    static Rule byEye(String id) {
        return new Rule(
                id,
                "eye-posture",
                Set.of("blouse"),
                Rule.Kind.LIKENESS,
                Optional.empty(),
                Rule.Judged.EYE,
                "Does she stand at ease?",
                "Ten paces.",
                "",
                "Refit.",
                "",
                "",
                List.of(),
                Set.of(),
                1,
                "common practice");
    }

    static Silhouettes silhouettes(Silhouette... all) {
        return new Silhouettes(
                Arrays.stream(all).map(Silhouette::header).toList(),
                id -> Arrays.stream(all)
                        .filter(each -> each.header().id().equals(id))
                        .findFirst()
                        .orElseThrow(),
                List::of,
                List.of(DIP, HIP, STANCE));
    }

    static Silhouette silhouette(String id, int from, int to, Silhouette.Who who, List<String> schools, Rule... rules) {
        return new Silhouette(
                new Silhouette.Header(id, id, "here", from, to, who),
                "",
                List.of(),
                List.of(),
                "",
                "",
                "",
                Map.of(),
                List.of(),
                schools,
                List.of(
                        new Silhouette.FrontLevel(1, new Silhouette.Range(0.01, 0.02), Optional.empty(), ""),
                        new Silhouette.FrontLevel(0.5, new Silhouette.Range(0.1, 0.12), Optional.empty(), "hip"),
                        new Silhouette.FrontLevel(0, new Silhouette.Range(0.2, 0.25), Optional.empty(), "hem")),
                List.of(
                        new Silhouette.SideLevel(
                                1, new Silhouette.Range(0.01, 0.02), new Silhouette.Range(0.01, 0.02), ""),
                        new Silhouette.SideLevel(
                                0, new Silhouette.Range(0.1, 0.12), new Silhouette.Range(0.2, 0.25), "hem")),
                List.of(rules));
    }
}
