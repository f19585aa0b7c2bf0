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

    /** Returns it with a use put in the place of the one of the same garment and name, or added. */
    public Progress with(ClothUse changed) {
        List<ClothUse> all = new ArrayList<>(cloth);
        all.removeIf(
                each -> each.garment().equals(changed.garment()) && each.use().equals(changed.use()));
        all.add(changed);
        return new Progress(all, bench, archived);
    }

    public Progress with(Bench other) {
        return new Progress(cloth, other, archived);
    }

    /** Returns it put away, or taken out again. */
    public Progress archived(boolean away) {
        return new Progress(cloth, bench, away);
    }
}
