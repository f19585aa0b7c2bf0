package org.soberhem.core.worn;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.worn.WornPiece.Part;

/** Says where each piece belongs on a wearer, by its edges and by what it is sewn to. */
final class PartFinder {

    private final List<WornPiece> pieces;
    private final List<SewnSeam> seams;

    PartFinder(List<WornPiece> pieces, List<SewnSeam> seams) {
        this.pieces = new ArrayList<>(pieces);
        this.seams = seams;
    }

    List<WornPiece> found() {
        for (int i = 0; i < pieces.size(); i++) {
            WornPiece piece = pieces.get(i);
            if (piece.has(Role.CAP)) {
                pieces.set(i, piece.as(Part.SLEEVE));
            } else if (goesRoundTrunk(piece)) {
                pieces.set(i, piece.as(Part.TRUNK));
            }
        }
        // What hangs on a piece that is known is known too.
        boolean more = true;
        while (more) {
            more = false;
            for (int i = 0; i < pieces.size(); i++) {
                Part part = pieces.get(i).part() == Part.LOOSE ? joined(i) : Part.LOOSE;
                if (part != Part.LOOSE) {
                    pieces.set(i, pieces.get(i).as(part));
                    more = true;
                }
            }
        }
        return withoutStrays();
    }

    private static boolean goesRoundTrunk(WornPiece piece) {
        boolean above = piece.has(Role.ARMSCYE) || piece.has(Role.SHOULDER);
        boolean round = piece.piece().spans().isPresent() || above && (piece.has(Role.SIDE) || piece.has(Role.CENTRE));
        return round && !isSkirt(piece) && !isCape(piece);
    }

    /** A skirt's piece has a hem and nothing above the waist. */
    private static boolean isSkirt(WornPiece piece) {
        return piece.has(Role.HEM)
                && !piece.has(Role.ARMSCYE)
                && !piece.has(Role.SHOULDER)
                && !piece.has(Role.NECK)
                && !piece.piece().levels().containsKey("bust");
    }

    /** A cape's piece hangs from the neck alone. */
    private static boolean isCape(WornPiece piece) {
        return piece.has(Role.NECK)
                && piece.has(Role.HEM)
                && !piece.has(Role.ARMSCYE)
                && !piece.has(Role.SHOULDER)
                && !piece.has(Role.SIDE);
    }

    private Part joined(int number) {
        for (SewnSeam seam : seams) {
            for (int other = 0; other < pieces.size(); other++) {
                Part part = pieces.get(other).part();
                if (other == number || part == Part.LOOSE || !seam.joins(number, other)) {
                    continue;
                }
                Role own = role(seam, number);
                Role its = role(seam, other);
                if (part == Part.SKIRT
                        || own == Role.WAIST && pieces.get(number).has(Role.HEM)) {
                    return Part.SKIRT;
                }
                if (part == Part.TRUNK && its == Role.ARMSCYE && own != Role.ARMSCYE) {
                    return Part.SLEEVE;
                }
                boolean along = own == Role.UNDERARM || own == Role.SIDE;
                return part == Part.SLEEVE && along || part == Part.TRUNK && own == Role.SIDE ? part : Part.BAND;
            }
        }
        return Part.LOOSE;
    }

    private Role role(SewnSeam seam, int piece) {
        List<SewnSeam.Stretch> run = SewnSeam.touches(seam.first(), piece) ? seam.first() : seam.second();
        String name = run.stream()
                .filter(each -> each.piece() == piece)
                .findFirst()
                .orElseThrow()
                .edge();
        return pieces.get(piece).edges().stream()
                .filter(edge -> edge.name().equals(name))
                .findFirst()
                .map(WornEdge::role)
                .orElse(Role.NONE);
    }

    /** Leaves sleeves and bands out that hang on no trunk. */
    private List<WornPiece> withoutStrays() {
        boolean[] hangs = new boolean[pieces.size()];
        boolean more = true;
        while (more) {
            more = false;
            for (int i = 0; i < pieces.size(); i++) {
                boolean now = pieces.get(i).part() == Part.TRUNK || isJoined(i, hangs);
                more |= now != hangs[i];
                hangs[i] = now;
            }
        }
        List<WornPiece> all = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            boolean keep = hangs[i] || pieces.get(i).part() == Part.SKIRT;
            all.add(keep ? pieces.get(i) : pieces.get(i).as(Part.LOOSE));
        }
        return all;
    }

    private boolean isJoined(int piece, boolean[] hangs) {
        for (int other = 0; other < hangs.length; other++) {
            int each = other;
            if (hangs[other] && other != piece && seams.stream().anyMatch(seam -> seam.joins(piece, each))) {
                return true;
            }
        }
        return false;
    }
}
