package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Turns a sleeve in its arm-hole: the marks of the cap are moved along it, all alike; the shape stays.
 *
 * @param piece the sleeve
 * @param amount how far the marks move along the cap, in millimetres; positive turns the sleeve to the front
 * @param sides which worn pieces
 */
public record PitchSleeve(String piece, double amount, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Turn the {} in its arm-hole by {} to the {}{}",
                piece,
                Math.abs(amount),
                amount < 0 ? "back" : "front",
                WornPieces.where(sides));
    }

    @Override
    public PitchSleeve on(Sides others) {
        return new PitchSleeve(piece, amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, this::turned);
    }

    private Piece turned(Piece sleeve) {
        PieceEditor making = new PieceEditor(sleeve);
        List<Edge> cap = run(making);
        // A sleeve turned to the front has its marks farther to the back on it.
        boolean frontFirst = cap.get(0).name().contains("front");
        double by = frontFirst ? amount : -amount;
        double whole = cap.stream().mapToDouble(edge -> edge.path().length()).sum();
        making.notches.replaceAll(notch -> {
            double at = along(cap, notch);
            if (Double.isNaN(at)) {
                return notch;
            }
            if (at + by < 0 || at + by > whole) {
                throw new AlterationRefusal(
                        "The mark \"{}\" would leave the cap of the {}: use a smaller amount", notch.name(), piece);
            }
            return place(cap, notch.name(), at + by);
        });
        return making.piece();
    }

    private List<Edge> run(PieceEditor sleeve) {
        for (int i = 0; i < sleeve.edges.size(); i++) {
            int before = Math.floorMod(i - 1, sleeve.edges.size());
            if (sleeve.edges.get(i).role() == Role.CAP
                    && sleeve.edges.get(before).role() != Role.CAP) {
                List<Edge> cap = new ArrayList<>();
                for (int j = i; sleeve.edges.get(j % sleeve.edges.size()).role() == Role.CAP; j++) {
                    cap.add(sleeve.edges.get(j % sleeve.edges.size()));
                }
                return cap;
            }
        }
        throw new AlterationRefusal("The {} has no cap: choose a sleeve", piece);
    }

    private static double along(List<Edge> cap, Notch notch) {
        double done = 0;
        for (Edge edge : cap) {
            double length = edge.path().length();
            if (edge.name().equals(notch.edge())) {
                return done + notch.share() * length;
            }
            done += length;
        }
        return Double.NaN;
    }

    private static Notch place(List<Edge> cap, String name, double at) {
        double left = at;
        for (int i = 0; i < cap.size(); i++) {
            double length = cap.get(i).path().length();
            if (left <= length || i == cap.size() - 1) {
                return new Notch(name, cap.get(i).name(), Math.min(1, left / length));
            }
            left -= length;
        }
        throw new IllegalStateException("A cap must have an edge");
    }
}
