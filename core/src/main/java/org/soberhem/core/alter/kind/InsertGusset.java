package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SetIn;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Lets a square or a diamond in where a seam ends above: under the arm it is sewn to the sleeve's seam as well.
 *
 * <p>The seams are opened for as long as the gusset's side.
 *
 * @param edge one of the two edges of the seam that ends there
 * @param side length of each of its four edges, in millimetres, more than 0
 * @param degrees the angle at its upper and lower corner: 90 for a square, less for a diamond
 * @param sides must be both
 */
public record InsertGusset(EdgeRef edge, double side, double degrees, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} gusset, {} a side, in the {} seam", degrees == 90 ? "Square" : "Diamond", side, edge.words());
    }

    @Override
    public InsertGusset on(Sides others) {
        return new InsertGusset(edge, side, degrees, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (side <= 0 || !(degrees >= 20 && degrees <= 160)) {
            throw new AlterationRefusal("A gusset must have a side, and an angle of 20 to 160 degrees");
        }
        Seam seam = SeamEdits.pair(pattern, edge);
        EdgeRef other = SeamEdits.other(seam, edge);
        Piece piece = PieceEdits.any(pattern, edge.piece());
        String name = PieceEdits.freeName(pattern, "gusset");
        SetIn set = new SetIn(pattern, seam).open(edge, side, true).open(other, side, true);
        List<String> sewn = List.of("first", "second");
        Optional<Seam> sleeve = sleeve(pattern, seam);
        if (sleeve.isPresent()) {
            set.open(sleeve.get().first().get(0), side, true)
                    .open(sleeve.get().second().get(0), side, true);
            sewn = List.of("first", "second", "third", "fourth");
        }
        double half = StrictMath.toRadians(degrees / 2);
        double across = side * StrictMath.sin(half);
        double down = side * StrictMath.cos(half);
        List<Edge> edges = SetIn.straight(
                new PieceEditor(piece).usualAllowance(),
                List.of("first", "third", "fourth", "second"),
                List.of(new Point(0, 0), new Point(across, down), new Point(0, 2 * down), new Point(-across, down)));
        return set.sewing(name, edges, sewn, piece);
    }

    /** Returns the seam of the sleeve that meets this one under the arm, if there is one. */
    private static Optional<Seam> sleeve(Pattern pattern, Seam seam) {
        return pattern.seams().stream()
                .filter(each -> !each.equals(seam)
                        && each.first().size() == 1
                        && each.second().size() == 1
                        && isUnderarm(pattern, each.first().get(0))
                        && isUnderarm(pattern, each.second().get(0)))
                .findFirst();
    }

    private static boolean isUnderarm(Pattern pattern, EdgeRef ref) {
        return PieceEdits.any(pattern, ref.piece())
                .edge(ref.edge())
                .filter(edge -> edge.role() == Role.UNDERARM)
                .isPresent();
    }
}
