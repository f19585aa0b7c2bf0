package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;

/**
 * Settles a seam or a check on purpose as it is. It counts as settled until this is taken out again.
 *
 * @param what name of the seam or of the check
 * @param why in the maker's words
 * @param sides must be both
 */
public record LeaveSo(String what, String why, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Leave so: {}, because {}", what, why);
    }

    @Override
    public LeaveSo on(Sides others) {
        return new LeaveSo(what, why, others);
    }

    /** Changes no piece: a seam of this name is judged no more; a check is settled where the garment is judged. */
    @Override
    public Pattern made(Pattern pattern) {
        return pattern.with(
                pattern.pieces(),
                pattern.seams().stream()
                        .map(seam -> seam.name().equals(what)
                                ? new Seam(seam.first(), seam.second(), Seam.Kind.LEFT, seam.least(), seam.most())
                                : seam)
                        .toList());
    }
}
