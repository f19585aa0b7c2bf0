package org.soberhem.core.cloth;

import java.util.ArrayList;
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

    /** Returns how much of a kind of notion is in hand. */
    public double amount(String kind) {
        return notions.stream()
                .filter(notion -> notion.kind().equals(kind))
                .mapToDouble(Notion::amount)
                .sum();
    }
}
