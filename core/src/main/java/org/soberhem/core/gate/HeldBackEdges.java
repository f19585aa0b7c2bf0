package org.soberhem.core.gate;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/** Edges that are left long and trimmed last on the wearer. */
public final class HeldBackEdges {

    private HeldBackEdges() {}

    /**
     * Returns the edges of a garment that are left long and trimmed last on the wearer: neckline high, waist and hem
     * long.
     */
    public static List<Sentence> of(DraftedGarment work) {
        Set<String> neck = new LinkedHashSet<>();
        Set<String> waist = new LinkedHashSet<>();
        Set<String> hem = new LinkedHashSet<>();
        for (Piece piece : work.pattern().pieces()) {
            for (Edge edge : piece.edges()) {
                if (work.sheet().partner(new EdgeRef(piece.name(), edge.name())).isPresent()) {
                    continue;
                }
                if (edge.role() == Role.NECK) {
                    neck.add(piece.name());
                } else if (edge.role() == Role.WAIST) {
                    waist.add(piece.name());
                } else if (edge.role() == Role.HEM) {
                    hem.add(piece.name());
                }
            }
        }
        List<Sentence> held = new ArrayList<>();
        if (!neck.isEmpty()) {
            held.add(Sentence.of("Neckline of {}: cut it high, trim it on the wearer", String.join(", ", neck)));
        }
        if (!waist.isEmpty()) {
            held.add(Sentence.of("Waist of {}: cut it long, trim it on the wearer", String.join(", ", waist)));
        }
        if (!hem.isEmpty()) {
            held.add(Sentence.of("Hem of {}: cut it long, level it after it has hung", String.join(", ", hem)));
        }
        return held;
    }
}
