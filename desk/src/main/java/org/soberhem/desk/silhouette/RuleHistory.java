package org.soberhem.desk.silhouette;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.studio.Studio;

/**
 * One rule for one garment through the rounds.
 *
 * @param garment name of the garment
 * @param rule the rule
 * @param entries at each fitting as it was cut for it, and at each version that was not tried on; then as things stand
 *     now
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

    /** A state of the costume that can be judged: a fitting as it was cut for it, or a version that nobody tried on. */
    private record State(LocalDate date, String mark, String words, Map<String, DraftedGarment> works, int round) {}

    /** Returns the history of every rule that applies to the costume at hand, through its versions and rounds. */
    static List<RuleHistory> of(Studio studio) {
        Costume costume = studio.situation().costume();
        List<State> states = new ArrayList<>();
        for (Fitting fitting : costume.fittings()) {
            Map<String, DraftedGarment> worked = new LinkedHashMap<>();
            List<String> versions = new ArrayList<>();
            fitting.mockup().versions().forEach((garment, number) -> {
                versions.add(garment + " version " + number);
                costume.garment(garment)
                        .flatMap(named -> named.version(number)
                                .flatMap(version -> studio.current().draft(named, version)))
                        .ifPresent(work -> worked.put(garment, work));
            });
            String words = "Fitting " + fitting.number() + ", " + String.join(", ", versions);
            states.add(new State(fitting.date(), String.valueOf(fitting.number()), words, worked, fitting.number()));
        }
        costume.garments().forEach(garment -> untried(studio, costume, garment, states));
        states.sort(Comparator.comparing(State::date));
        Map<String, RuleHistory> found = new LinkedHashMap<>();
        for (State state : states) {
            studio.judge()
                    .verdicts(studio.situation().judged(), state.works(), state.round())
                    .forEach(verdict -> add(found, verdict, state.mark(), state.words()));
        }
        studio.situation().verdicts().forEach(verdict -> add(found, verdict, "now", "Now"));
        return List.copyOf(found.values());
    }

    private static void untried(Studio studio, Costume costume, Garment garment, List<State> states) {
        for (Version version : garment.versions()) {
            boolean tried = costume.fittings().stream()
                    .anyMatch(fitting -> Integer.valueOf(version.number())
                            .equals(fitting.mockup().versions().get(garment.name())));
            if (!tried) {
                int before = (int) costume.fittings().stream()
                        .filter(fitting -> !fitting.date().isAfter(version.date()))
                        .count();
                studio.current()
                        .draft(garment, version)
                        .ifPresent(work -> states.add(new State(
                                version.date(),
                                "v" + version.number(),
                                garment.name() + " version " + version.number() + ", not tried on",
                                Map.of(garment.name(), work),
                                before)));
            }
        }
    }

    private static void add(Map<String, RuleHistory> found, Verdict verdict, String mark, String words) {
        Rule rule = verdict.rule();
        RuleHistory before = found.getOrDefault(rule.id(), new RuleHistory(verdict.garment(), rule, List.of()));
        List<Entry> entries = new ArrayList<>(before.entries());
        entries.add(new Entry(mark, words, verdict));
        found.put(rule.id(), new RuleHistory(verdict.garment(), rule, List.copyOf(entries)));
    }
}
