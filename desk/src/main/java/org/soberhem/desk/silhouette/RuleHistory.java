package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Work;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.studio.Studio;

/**
 * One rule for one garment through the rounds.
 *
 * @param garment name of the garment
 * @param rule the rule
 * @param entries at each fitting as it was cut for it, then as things stand now
 */
record RuleHistory(String garment, Rule rule, List<Entry> entries) {

    /**
     * How the rule stood once.
     *
     * @param mark short name of the round: its number, or "now"
     * @param words the round in words
     * @param verdict the verdict
     */
    record Entry(String mark, String words, Verdict verdict) {}

    Verdict now() {
        return entries.get(entries.size() - 1).verdict();
    }

    /** Returns the history of every rule that applies to the costume at hand. */
    static List<RuleHistory> of(Studio studio) {
        Costume costume = studio.situation().costume();
        Map<String, RuleHistory> found = new LinkedHashMap<>();
        for (Fitting fitting : costume.fittings()) {
            Map<String, Work> worked = new LinkedHashMap<>();
            List<String> versions = new ArrayList<>();
            fitting.mockup().versions().forEach((garment, number) -> {
                versions.add(garment + " version " + number);
                costume.garment(garment)
                        .flatMap(named -> named.version(number).flatMap(version -> studio.work(named, version)))
                        .ifPresent(work -> worked.put(garment, work));
            });
            String words = "Fitting " + fitting.number() + ", " + String.join(", ", versions);
            studio.judge()
                    .verdicts(studio.situation().judged(), worked, fitting.number())
                    .forEach(verdict -> add(found, verdict, String.valueOf(fitting.number()), words));
        }
        studio.situation().verdicts().forEach(verdict -> add(found, verdict, "now", "Now"));
        return List.copyOf(found.values());
    }

    private static void add(Map<String, RuleHistory> found, Verdict verdict, String mark, String words) {
        Rule rule = verdict.rule();
        RuleHistory before = found.getOrDefault(rule.id(), new RuleHistory(verdict.garment(), rule, List.of()));
        List<Entry> entries = new ArrayList<>(before.entries());
        entries.add(new Entry(mark, words, verdict));
        found.put(rule.id(), new RuleHistory(verdict.garment(), rule, List.copyOf(entries)));
    }
}
