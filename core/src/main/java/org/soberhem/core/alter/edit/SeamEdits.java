package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;

/** Finds seams, and names their edges anew when pieces and edges come and go. */
public final class SeamEdits {

    private SeamEdits() {}

    /**
     * Returns a seam with the edges of one piece replaced by what became of them.
     *
     * @param became new names by the edge's old name; an edge that is not in it stays
     */
    public static Seam renamed(Seam seam, String piece, Map<String, List<EdgeRef>> became) {
        return new Seam(
                renamed(seam.first(), piece, became),
                renamed(seam.second(), piece, became),
                seam.kind(),
                seam.least(),
                seam.most());
    }

    private static List<EdgeRef> renamed(List<EdgeRef> run, String piece, Map<String, List<EdgeRef>> became) {
        List<EdgeRef> renamed = new ArrayList<>();
        for (EdgeRef ref : run) {
            if (ref.piece().equals(piece) && became.containsKey(ref.edge())) {
                renamed.addAll(became.get(ref.edge()));
            } else {
                renamed.add(ref);
            }
        }
        return renamed;
    }

    /** Returns seams with a piece called otherwise. */
    public static List<Seam> inPiece(List<Seam> seams, String from, String to) {
        List<Seam> renamed = new ArrayList<>();
        for (Seam seam : seams) {
            renamed.add(new Seam(
                    inPieceRun(seam.first(), from, to),
                    inPieceRun(seam.second(), from, to),
                    seam.kind(),
                    seam.least(),
                    seam.most()));
        }
        return renamed;
    }

    private static List<EdgeRef> inPieceRun(List<EdgeRef> run, String from, String to) {
        return run.stream()
                .map(ref -> ref.piece().equals(from) ? new EdgeRef(to, ref.edge()) : ref)
                .toList();
    }

    /** Returns the seam that an edge is sewn in; a facing on an edge is none. */
    public static Optional<Seam> of(Pattern pattern, EdgeRef edge) {
        return pattern.seams().stream()
                .filter(seam -> seam.kind() != Seam.Kind.FACED)
                .filter(seam -> seam.first().contains(edge) || seam.second().contains(edge))
                .findFirst();
    }

    /**
     * Returns the seam of one edge with one other.
     *
     * @throws AlterationRefusal if there is none
     */
    public static Seam pair(Pattern pattern, EdgeRef edge) {
        return of(pattern, edge)
                .filter(seam -> seam.first().size() == 1 && seam.second().size() == 1)
                .orElseThrow(() -> new AlterationRefusal(
                        "No seam joins {} to one other edge: choose another seam", edge.toString()));
    }

    /** Returns the edge that another is sewn to in a seam of two edges. */
    public static EdgeRef other(Seam seam, EdgeRef edge) {
        return seam.first().get(0).equals(edge)
                ? seam.second().get(0)
                : seam.first().get(0);
    }
}
