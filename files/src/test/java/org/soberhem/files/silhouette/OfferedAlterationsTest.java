package org.soberhem.files.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Outcome;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.files.library.Library;

/** What a verdict offers does what it says: made on the shipped sheets, it moves the quantity by the amount it was offered for. */
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

    private static Optional<Pattern> altered(QuantityKind.Alter alter, double by, Pattern pattern) {
        AlterationKind kind = LIBRARY.alterations().stream()
                .filter(each -> each.id().equals(alter.kind()))
                .findFirst()
                .orElseThrow();
        return kind.usual(pattern).flatMap(usual -> {
            Map<String, Object> answers = new HashMap<>(usual);
            kind.asks().stream()
                    .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                    .forEach(ask -> answers.put(ask.name(), alter.amounts().getOrDefault(ask.name(), 0.0) * by));
            Outcome outcome = kind.make(answers, Sides.BOTH).apply(pattern);
            return outcome.refusal().isPresent() ? Optional.empty() : Optional.of(outcome.pattern());
        });
    }
}
