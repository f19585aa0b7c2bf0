package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the maker has in hand.
 *
 * @param cloths in the order in which they came
 * @param notions the same
 */
public record Stash(List<Cloth> cloths, List<Notion> notions) {

    public static final Stash EMPTY = new Stash(List.of(), List.of());

    public Stash {
        cloths = List.copyOf(cloths);
        notions = List.copyOf(notions);
    }

    public Optional<Cloth> cloth(String id) {
        return cloths.stream().filter(cloth -> cloth.id().equals(id)).findFirst();
    }

    /** Returns the stash with a cloth put in the place of the one with the same id, or added. */
    public Stash with(Cloth cloth) {
        List<Cloth> all = new ArrayList<>(cloths);
        all.replaceAll(other -> other.id().equals(cloth.id()) ? cloth : other);
        if (!all.contains(cloth)) {
            all.add(cloth);
        }
        return new Stash(all, notions);
    }

    public Stash without(String clothId) {
        return new Stash(
                cloths.stream().filter(cloth -> !cloth.id().equals(clothId)).toList(), notions);
    }

    /**
     * Returns the stash with a notion put in the place of the one with the same title, or added; with none left,
     * removed.
     */
    public Stash with(Notion notion) {
        List<Notion> all = new ArrayList<>(notions);
        all.removeIf(other -> other.title().equals(notion.title()));
        if (notion.amount() > 0) {
            all.add(notion);
        }
        return new Stash(cloths, all);
    }

    /** Returns the stash with a kind of notion in sets, each of which is alike in itself. */
    public Stash withSets(Notion.Kind kind, List<Double> sets, double price) {
        List<Notion> all = new ArrayList<>(notions);
        all.removeIf(other -> other.kind().equals(kind.id()));
        int number = 1;
        for (double set : sets) {
            if (set > 0) {
                all.add(new Notion(kind.id(), kind.many() + ", set " + number++, set, price));
            }
        }
        return new Stash(cloths, all);
    }

    /** Returns the sets of a kind of notion, the largest first. */
    public List<Double> sets(String kind) {
        return notions.stream()
                .filter(notion -> notion.kind().equals(kind))
                .map(Notion::amount)
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /**
     * Returns how many are lacking.
     *
     * @param kind of notion
     * @param needs of each garment; what comes in sets is taken from one set for each, the largest need first, and what
     *     is left of a set serves another garment
     */
    public double lacking(Notion.Kind kind, List<Double> needs) {
        if (!kind.inSets()) {
            double all = needs.stream().mapToDouble(Double::doubleValue).sum();
            return Math.max(0, all - amount(kind.id()));
        }
        List<Double> left = new ArrayList<>(sets(kind.id()));
        double lacking = 0;
        for (double need : needs.stream().sorted(Comparator.reverseOrder()).toList()) {
            double best = left.stream()
                    .filter(set -> set >= need)
                    .min(Comparator.naturalOrder())
                    .or(() -> left.stream().max(Comparator.naturalOrder()))
                    .orElse(0.0);
            left.remove(best);
            left.add(Math.max(0, best - need));
            lacking += Math.max(0, need - best);
        }
        return lacking;
    }

    /** Returns how much of a kind of notion is in hand. */
    public double amount(String kind) {
        return notions.stream()
                .filter(notion -> notion.kind().equals(kind))
                .mapToDouble(Notion::amount)
                .sum();
    }
}
