package org.soberhem.core.costume;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.plan.Bench;

/**
 * How the making of a costume stands beside its patterns and fittings.
 *
 * @param cloth what its garments are cut from, a use each
 * @param bench its steps and the time spent on them
 * @param archived whether it is put away
 */
public record Progress(List<ClothUse> cloth, Bench bench, boolean archived) {

    public static final Progress NOT_BEGUN = new Progress(List.of(), Bench.EMPTY, false);

    public Progress {
        cloth = List.copyOf(cloth);
    }

    /** Returns what a garment's pieces of one use are cut from, if anything is chosen. */
    public Optional<ClothUse> use(String garment, String use) {
        return cloth.stream()
                .filter(each -> each.garment().equals(garment) && each.use().equals(use))
                .findFirst();
    }

    /**
     * Returns it with a use put in the place of the one of the same garment and name, or added. What is cut from
     * another
     * cloth is a use of its own, for as long as there is such a piece.
     */
    public Progress with(ClothUse changed) {
        List<ClothUse> all = new ArrayList<>(cloth);
        all.removeIf(
                each -> each.garment().equals(changed.garment()) && each.use().equals(changed.use()));
        all.add(changed);
        Progress kept = new Progress(all, bench, archived);
        Optional<ClothUse> next = kept.use(changed.garment(), changed.next());
        if (changed.other().isEmpty()) {
            return next.map(none -> kept.without(none)).orElse(kept);
        }
        if (next.flatMap(ClothUse::only).filter(changed.other()::equals).isPresent()) {
            return kept;
        }
        ClothUse taking = next.orElseGet(() -> ClothUse.of(changed.garment(), changed.next()));
        List<String> farther =
                taking.other().stream().filter(changed.other()::contains).toList();
        return kept.with(taking.with(
                copy -> copy.only(Optional.of(changed.other())).other(farther).lay(Optional.empty())));
    }

    private Progress without(ClothUse gone) {
        List<ClothUse> left = new ArrayList<>(cloth);
        left.remove(gone);
        Progress kept = new Progress(left, bench, archived);
        return kept.use(gone.garment(), gone.next()).map(kept::without).orElse(kept);
    }

    public Progress with(Bench other) {
        return new Progress(cloth, other, archived);
    }

    /** Returns it put away, or taken out again. */
    public Progress archived(boolean away) {
        return new Progress(cloth, bench, away);
    }
}
