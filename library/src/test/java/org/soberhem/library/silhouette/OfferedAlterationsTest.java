package org.soberhem.library.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.library.Library;

/**
 * What a verdict offers does what it says: made on the shipped sheets, it moves the quantity by the amount it was
 * offered for.
 */
class OfferedAlterationsTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double WANTED = 10;

    @Test
    void alterations_moveTheirQuantity_byWhatWasWanted() {
        List<String> wrong = new ArrayList<>();
        int made = 0;
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
            Map<String, Double> before = Checks.quantities(sheet, sheet.middle(), pattern);
            for (String id : before.keySet()) {
                QuantityKind kind = LIBRARY.silhouettes().kind(id).orElseThrow();
                if (kind.unit() != QuantityKind.Unit.MM || kind.alter().isEmpty()) {
                    continue;
                }
                for (double by : new double[] {WANTED, -WANTED}) {
                    Optional<Pattern> after = altered(kind.alter().get(), by, pattern);
                    if (after.isPresent()) {
                        double moved = Checks.quantities(sheet, sheet.middle(), after.get())
                                        .get(id)
                                - before.get(id);
                        made++;
                        // A plain piece is widened once, not on either side; the panels of that skirt are a setting.
                        boolean once = sheet.sheet().id().equals("skirt-1845") && id.equals("skirt-hem-girth");
                        if (Math.abs(moved - (once ? by / 2 : by)) > 1.5) {
                            wrong.add(sheet.sheet().id() + " " + id + " by " + by + " moved " + moved);
                        }
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(made).isGreaterThan(20);
    }

    /** Ratios are told as lengths of what they are a part of; curves and caps take them up nearly. */
    @Test
    void alterations_moveRatios_theRightWay_andNearlyByTheLengthThatWasTold() {
        List<String> wrong = new ArrayList<>();
        int made = 0;
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Facts before = facts(sheet, List.of());
            for (QuantityKind kind : LIBRARY.silhouettes().kinds()) {
                double whole = kind.of().map(before::value).orElse(Double.NaN);
                if (kind.unit() != QuantityKind.Unit.RATIO
                        || kind.alter().isEmpty()
                        || Double.isNaN(whole)
                        || Double.isNaN(before.value(kind.id()))) {
                    continue;
                }
                Optional<Alteration> alteration = alteration(
                        kind.alter().get(),
                        WANTED,
                        Drafter.draft(sheet, sheet.middle()).pattern());
                if (alteration.isPresent()) {
                    double moved = (facts(sheet, List.of(alteration.get())).value(kind.id()) - before.value(kind.id()))
                            * whole;
                    if (moved != 0) {
                        made++;
                    }
                    if (moved < 0 || moved > 3 * WANTED) {
                        wrong.add(sheet.sheet().id() + " " + kind.id() + " moved " + moved);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(made).isGreaterThan(20);
    }

    private static Facts facts(CompiledSheet sheet, List<Alteration> alterations) {
        Map<String, Double> tried = new HashMap<>();
        sheet.middle().measures().forEach((measure, value) -> tried.put(measure, value.right()));
        tried.putIfAbsent("shoulder-width", 380.0);
        Costume costume = new Costume(
                "c",
                "c",
                "",
                sheet.sheet().about().from(),
                Optional.empty(),
                "w",
                "",
                "none",
                List.of(),
                List.of(),
                "",
                Map.of());
        DraftedGarment work = DraftedGarment.of(sheet, sheet.middle(), alterations);
        return new Judge(LIBRARY.silhouettes(), LIBRARY.figurePlan(), LIBRARY.wardrobe())
                .facts(new EvaluatedCostume(
                        new Judgement(costume, Map.of("Garment", work), Map.of()),
                        Wearer.of("w", "w", "", List.of()),
                        Optional.empty(),
                        tried));
    }

    private static Optional<Pattern> altered(QuantityKind.Alter alter, double by, Pattern pattern) {
        return alteration(alter, by, pattern)
                .map(each -> each.apply(pattern))
                .filter(outcome -> outcome.refusal().isEmpty())
                .map(Outcome::pattern);
    }

    private static Optional<Alteration> alteration(QuantityKind.Alter alter, double by, Pattern pattern) {
        AlterationKind kind = LIBRARY.alterations().stream()
                .filter(each -> each.id().equals(alter.kind()))
                .findFirst()
                .orElseThrow();
        return kind.usual(pattern).map(usual -> {
            Map<String, Object> answers = new HashMap<>(usual);
            kind.asks().stream()
                    .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                    .forEach(ask -> answers.put(ask.name(), alter.amounts().getOrDefault(ask.name(), 0.0) * by));
            return kind.make(answers, Sides.BOTH);
        });
    }
}
