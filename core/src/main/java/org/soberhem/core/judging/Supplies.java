package org.soberhem.core.judging;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.Stash;

/**
 * What is in hand to make costumes from, and when it is asked.
 *
 * @param stash the maker's cloths and notions
 * @param fibres what cloth is made of
 * @param now when it is asked
 */
public record Supplies(Stash stash, List<Fibre> fibres, LocalDateTime now) {

    /** Returns the cloth that a use is cut from, if one is chosen and still there. */
    public Optional<Cloth> cloth(ClothUse use) {
        return stash.cloth(use.cloth());
    }

    public Optional<Fibre> fibre(Cloth cloth) {
        return fibres.stream().filter(fibre -> fibre.id().equals(cloth.fibre())).findFirst();
    }
}
