package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.Pattern;

/**
 * A sheet drawn for one wearer by each way of one of its choices, with how far each misses every check.
 *
 * @param choice name of the choice
 * @param ways what each gives, in order
 * @param rows one a check
 */
public record WayComparison(String choice, List<Way> ways, List<Row> rows) {

    /**
     * What a way gives.
     *
     * @param name its name
     * @param pattern the pattern; empty where the way cannot draw it
     * @param refused why not; empty where it can
     */
    public record Way(String name, Optional<Pattern> pattern, String refused) {}

    /**
     * One check under every way.
     *
     * @param name what is measured
     * @param wanted what it shall be, in millimetres
     * @param errors what it is less what it shall be, by way; not a number where it cannot be judged
     */
    public record Row(String name, double wanted, List<Double> errors) {}

    /** Draws the sheet by every way of a choice. */
    public static WayComparison of(CompiledSheet sheet, Inputs inputs, String choice) {
        List<String> names = sheet.sheet().choices().get(choice).of();
        List<Way> ways = new ArrayList<>();
        Map<String, Double> wanted = new LinkedHashMap<>();
        Map<String, List<Double>> errors = new LinkedHashMap<>();
        for (int i = 0; i < names.size(); i++) {
            Inputs chosen = inputs.withSetting(choice, i);
            try {
                Pattern pattern = Drafter.draft(sheet, chosen).pattern();
                for (CheckResult check : Checks.of(sheet, chosen, pattern)) {
                    double middle = (check.least() + check.most()) / 2;
                    wanted.putIfAbsent(check.name(), middle);
                    errors.computeIfAbsent(check.name(), name -> new ArrayList<>())
                            .add(check.is() - middle);
                }
                ways.add(new Way(names.get(i), Optional.of(pattern), ""));
            } catch (DraftException refused) {
                ways.add(new Way(names.get(i), Optional.empty(), refused.getMessage()));
                errors.values().forEach(each -> each.add(Double.NaN));
            }
        }
        List<Row> rows = new ArrayList<>();
        wanted.forEach((name, length) -> {
            List<Double> each = errors.get(name);
            // A way that was refused before any other was drawn has no place yet.
            while (each.size() < names.size()) {
                each.add(0, Double.NaN);
            }
            rows.add(new Row(name, length, List.copyOf(each)));
        });
        return new WayComparison(choice, List.copyOf(ways), List.copyOf(rows));
    }
}
