package org.soberhem.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * How making up goes as a rule: what comes before and after the sewing of a sheet, and what kinds of work its sentences
 * speak of.
 *
 * @param before steps before the sewing, in order
 * @param kinds of work, by the words that name them
 * @param after steps after the sewing, in order
 * @param manners what a manner of sewing changes; one that is missing changes nothing
 */
public record SewingOrder(List<Step> before, List<Kind> kinds, List<Step> after, Map<Manner, Manner.Factors> manners) {

    /** What no word tells anything of takes so long, in minutes. */
    private static final int UNTOLD = 45;

    private static final int MOST_LOOKS = 2;

    /**
     * A step that every garment, or some, have.
     *
     * @param garments kinds of garment; empty for all
     */
    public record Step(
            List<String> garments,
            String title,
            Task.Kind kind,
            int minutes,
            String look,
            Task.Where where,
            boolean spare) {

        public Step {
            garments = List.copyOf(garments);
        }

        boolean belongsTo(String garment) {
            return garments.isEmpty() || garments.contains(garment);
        }
    }

    /**
     * A kind of work.
     *
     * @param words that begin the words that speak of it
     * @param minutes that it takes, from memory
     * @param look what to look at before going on; empty if nothing
     */
    public record Kind(Pattern words, int minutes, String look, Task.Where where, boolean spare) {

        /** Takes words; each stands for all that begin with it. */
        public static Kind of(List<String> words, int minutes, String look, Task.Where where, boolean spare) {
            String any = String.join("|", words.stream().map(Pattern::quote).toList());
            return new Kind(Pattern.compile("\\b(?:" + any + ")"), minutes, look, where, spare);
        }

        private Kind sewn(Manner manner, Manner.Factors factors) {
            boolean atBench = where == Task.Where.BENCH;
            Task.Where there = manner == Manner.BY_HAND && atBench
                    ? Task.Where.HAND
                    : manner == Manner.BY_MACHINE ? Task.Where.BENCH : where;
            double factor = atBench ? factors.bench() : factors.hand();
            return new Kind(words, (int) Math.round(minutes * factor), look, there, spare);
        }

        boolean isNamedIn(String sentence) {
            return words.matcher(sentence.toLowerCase(Locale.ROOT)).find();
        }
    }

    public SewingOrder {
        before = List.copyOf(before);
        kinds = List.copyOf(kinds);
        after = List.copyOf(after);
        manners = Map.copyOf(manners);
    }

    /** Returns the order for a manner of sewing: what is sewn takes another time, and is done in another place. */
    public SewingOrder sewn(Manner manner) {
        Manner.Factors factors = manners.get(manner);
        return factors == null
                ? this
                : new SewingOrder(
                        before,
                        kinds.stream().map(kind -> kind.sewn(manner, factors)).toList(),
                        after,
                        manners);
    }

    /** Says whether a kind of garment hangs before its hem is levelled. */
    public boolean hangs(String kind) {
        return after.stream().anyMatch(step -> step.kind() == Task.Kind.WAIT && step.belongsTo(kind));
    }

    /**
     * Returns the steps of a garment, each after the one before it.
     *
     * @param name of the garment in its costume
     * @param garment its kind
     * @param sewing the sentences of its sheet, in order
     * @param taken ids that are taken
     */
    public List<Task> steps(String name, String garment, List<String> sewing, Set<String> taken) {
        List<Task> all = new ArrayList<>();
        Set<String> ids = new LinkedHashSet<>(taken);
        before.stream().filter(step -> step.belongsTo(garment)).forEach(step -> add(all, ids, name, step));
        sewing.forEach(sentence -> add(all, ids, name, said(sentence)));
        after.stream().filter(step -> step.belongsTo(garment)).forEach(step -> add(all, ids, name, step));
        return all;
    }

    private static void add(List<Task> all, Set<String> ids, String name, Step step) {
        String id = "";
        for (int i = 1; id.isEmpty() || !ids.add(id); i++) {
            id = "step-" + i;
        }
        Optional<Task> last = all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
        all.add(new Task(
                id,
                name,
                step.title(),
                step.kind(),
                last.map(Task::id).stream().toList(),
                step.minutes(),
                step.look(),
                step.where(),
                step.spare(),
                Optional.empty()));
    }

    /** Returns what a sentence of a sheet speaks of, as a step. */
    public Step said(String sentence) {
        List<Kind> named =
                kinds.stream().filter(kind -> kind.isNamedIn(sentence)).toList();
        int minutes = named.stream().mapToInt(Kind::minutes).sum();
        List<String> looks = named.stream()
                .map(Kind::look)
                .filter(look -> !look.isEmpty())
                .distinct()
                .limit(MOST_LOOKS)
                .toList();
        Task.Where where =
                named.stream().map(Kind::where).min(Comparator.naturalOrder()).orElse(Task.Where.BENCH);
        boolean spare = !named.isEmpty() && named.stream().allMatch(Kind::spare);
        return new Step(
                List.of(),
                sentence,
                Task.Kind.WORK,
                minutes == 0 ? UNTOLD : minutes,
                String.join(" ", looks),
                where,
                spare);
    }
}
