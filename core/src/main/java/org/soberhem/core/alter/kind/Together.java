package org.soberhem.core.alter.kind;

import java.util.Collections;
import java.util.List;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * Alterations that are made as one, judged only when all are made: one that spoils a seam and those that make it true again.
 *
 * @param parts in order, at least one
 */
public record Together(List<Alteration> parts) implements Alteration {

    public Together {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("Alterations made as one must be at least one");
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                String.join("; ", Collections.nCopies(parts.size(), "{}")),
                parts.stream().map(Alteration::sentence).toArray());
    }

    @Override
    public Sides sides() {
        return parts.get(0).sides();
    }

    @Override
    public Together on(Sides others) {
        return new Together(parts.stream().map(part -> part.on(others)).toList());
    }

    @Override
    public Pattern made(Pattern pattern) {
        Pattern made = pattern;
        for (Alteration part : parts) {
            made = part.made(made);
        }
        return made;
    }
}
