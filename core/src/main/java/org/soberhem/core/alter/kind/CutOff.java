package org.soberhem.core.alter.kind;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Cuts off what lies above or below a line along a level: a sleeve ended at the elbow, a bodice without straps and then
 * without sleeves. The cut is an open edge; where one edge was cut off below, it takes that edge's place, so that a
 * cuff is still sewn to it.
 *
 * @param piece which piece; empty for every piece that lies round the body and has the level
 * @param level along which it is cut
 * @param below how far below the level, in millimetres; negative above it
 * @param removed which part goes
 * @param sides must be both
 */
public record CutOff(String piece, String level, double below, Removed removed, Sides sides) implements Alteration {

    /** Which part goes. */
    public enum Removed {
        ABOVE,
        BELOW
    }

    /** Less than this of a piece beyond the line is not cut off, in millimetres. */
    private static final double LEAST = 1;

    @Override
    public Sentence sentence() {
        String what = piece.isEmpty() ? "Cut off" : "Cut the " + piece + " off";
        String part = removed.name().toLowerCase(Locale.ROOT);
        return below == 0
                ? Sentence.of("{} {} the {}", what, part, level)
                : Sentence.of(
                        "{} {} a line {} {} the {}", what, part, Math.abs(below), below < 0 ? "above" : "below", level);
    }

    @Override
    public CutOff on(Sides others) {
        return new CutOff(piece, level, below, removed, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        List<String> names = names(pattern);
        if (names.isEmpty()) {
            throw new AlterationRefusal("No such piece has the level \"{}\": choose another level", level);
        }
        Pattern cut = pattern;
        Map<EdgeRef, Double> kept = new HashMap<>();
        for (String name : names) {
            cut = cut(cut, PieceEdits.any(pattern, name), kept);
        }
        if (cut.equals(pattern)) {
            throw new AlterationRefusal(
                    "Nothing lies {} that line", removed.name().toLowerCase(Locale.ROOT));
        }
        return piece.isEmpty() && removed == Removed.ABOVE ? withoutArmHoles(cut) : cut;
    }

    /** Nothing goes over the shoulder any more: what is left of an arm-hole is an open edge, and sleeves go with it. */
    private static Pattern withoutArmHoles(Pattern cut) {
        Pattern left = cut;
        for (String sleeve : cut.names()) {
            boolean isSleeve = PieceEdits.any(cut, sleeve).edges().stream().anyMatch(edge -> edge.role() == Role.CAP);
            left = isSleeve ? LeaveOff.without(left, sleeve) : left;
        }
        return left.withPieces(left.pieces().stream()
                .map(each -> each.withEdges(each.edges().stream()
                        .map(edge -> edge.role() == Role.ARMSCYE ? edge.withRole(Role.NONE) : edge)
                        .toList()))
                .toList());
    }

    /** Returns the pieces that the line runs over: all round the body, or one and those that are sewn beside it. */
    private List<String> names(Pattern pattern) {
        Set<String> beside = new LinkedHashSet<>(List.of(piece));
        for (Seam seam : pattern.seams()) {
            if (seam.first().size() == 1 && seam.second().size() == 1) {
                String one = seam.first().get(0).piece();
                String other = seam.second().get(0).piece();
                if (beside.contains(one) || beside.contains(other)) {
                    beside.add(one);
                    beside.add(other);
                }
            }
        }
        return pattern.pieces().stream()
                .filter(each -> each.levels().containsKey(level))
                .filter(each -> piece.isEmpty() ? each.spans().isPresent() : beside.contains(each.name()))
                .map(Piece::name)
                .distinct()
                .toList();
    }

    /**
     * Cuts one piece.
     *
     * @param whole the piece as it was
     * @param kept what is left of each edge that was cut before, in millimetres: an edge that is sewn to one keeps as
     *     much
     */
    private Pattern cut(Pattern pattern, Piece whole, Map<EdgeRef, Double> kept) {
        Level line = whole.levels().get(level);
        Point square = line.to().minus(line.from()).unit().outward();
        Point down = square.y() > 0 ? square : square.times(-1);
        Point origin = line.from().plus(down.times(below));
        List<Double> depths = whole.seamLine(PieceEditor.COARSE).corners().stream()
                .map(at -> at.minus(origin).dot(down))
                .toList();
        double lower = Collections.max(depths);
        double upper = -Collections.min(depths);
        if ((removed == Removed.BELOW ? lower : upper) < LEAST) {
            return pattern;
        }
        if ((removed == Removed.BELOW ? upper : lower) < LEAST) {
            return LeaveOff.without(pattern, whole.name());
        }
        List<PieceCutting.At> places = PieceCutting.crossings(
                        whole, at -> at.minus(origin).dot(down))
                .stream()
                .map(at -> place(pattern, whole, at, down, kept))
                .toList();
        if (places.size() != 2) {
            throw new AlterationRefusal(
                    "A straight cut there meets {} edges of the {}, not two: choose another line",
                    places.size(),
                    whole.name());
        }
        String off = PieceEdits.freeName(pattern, whole.name() + "/off");
        String seam = PieceEdits.freeEdge(whole, "cut");
        double sign = removed == Removed.BELOW ? 1 : -1;
        Predicate<List<Edge>> isOff =
                PieceCutting.where(at -> sign * at.minus(origin).dot(down));
        Pattern parted = new PieceCutting(
                        whole.name(), off, places.get(0), places.get(1), isOff, PieceCutting::straight, seam)
                .made(pattern);
        return ended(parted, whole, off, seam);
    }

    /** Returns where an edge is cut: at the line, or where it keeps as much as the edge that it is sewn to. */
    private PieceCutting.At place(
            Pattern pattern, Piece whole, PieceCutting.At at, Point down, Map<EdgeRef, Double> kept) {
        Edge edge = whole.edge(at.edge()).orElseThrow();
        EdgeRef ref = new EdgeRef(whole.name(), edge.name());
        double length = edge.path().length();
        boolean downward = edge.path().end().minus(edge.path().start()).dot(down) > 0;
        boolean keepsStart = downward == (removed == Removed.BELOW);
        double left = pattern.seams().stream()
                .filter(seam -> seam.kind() == Seam.Kind.PLAIN && seam.first().size() == 1)
                .filter(seam -> seam.second().size() == 1)
                .flatMap(seam -> Stream.of(
                        Map.entry(seam.first().get(0), seam.second().get(0)),
                        Map.entry(seam.second().get(0), seam.first().get(0))))
                .filter(pair -> pair.getKey().equals(ref) && kept.containsKey(original(pair.getValue())))
                .map(pair -> kept.get(original(pair.getValue())))
                .filter(most -> most < length)
                .findFirst()
                .orElse(keepsStart ? at.share() * length : (1 - at.share()) * length);
        kept.put(ref, left);
        return new PieceCutting.At(edge.name(), keepsStart ? left / length : 1 - left / length);
    }

    /** Returns an edge by the name that it had before it was cut. */
    private static EdgeRef original(EdgeRef cut) {
        String name = cut.edge();
        boolean part = name.endsWith("/1") || name.endsWith("/2");
        return part ? new EdgeRef(cut.piece(), name.substring(0, name.length() - 2)) : cut;
    }

    /** Drops the part that goes and gives the cut the name of the one whole edge that went with it, if it was one. */
    private Pattern ended(Pattern parted, Piece whole, String off, String cut) {
        List<Edge> gone = PieceEdits.any(parted, off).edges().stream()
                .filter(edge -> whole.edge(edge.name()).isPresent())
                .toList();
        boolean replaces = removed == Removed.BELOW && gone.size() == 1;
        String name = replaces ? gone.get(0).name() : cut;
        Role role = replaces ? gone.get(0).role() : removed == Removed.BELOW ? Role.HEM : Role.NECK;
        Pattern renamed = WornPieces.piece(parted, whole.name(), Sides.BOTH, each -> {
            PieceEditor making = new PieceEditor(each);
            making.edges.replaceAll(edge -> !edge.name().equals(cut)
                    ? edge
                    : edge.named(name)
                            .withRole(role)
                            .withAllowance(
                                    replaces ? gone.get(0).allowance() : edge.allowance(),
                                    replaces ? gone.get(0).corner() : edge.corner()));
            making.notches.removeIf((Notch notch) -> notch.edge().equals(cut));
            return making.piece();
        });
        EdgeRef now = new EdgeRef(whole.name(), name);
        List<Seam> seams = renamed.seams().stream()
                .filter(seam -> !seam.first().contains(new EdgeRef(whole.name(), cut)))
                .map(seam -> replaces ? moved(seam, new EdgeRef(off, name), now) : seam)
                .toList();
        return LeaveOff.without(renamed.with(renamed.pieces(), seams), off);
    }

    private static Seam moved(Seam seam, EdgeRef from, EdgeRef to) {
        return new Seam(
                seam.first().stream().map(ref -> ref.equals(from) ? to : ref).toList(),
                seam.second().stream().map(ref -> ref.equals(from) ? to : ref).toList(),
                seam.kind(),
                seam.least(),
                seam.most());
    }
}
