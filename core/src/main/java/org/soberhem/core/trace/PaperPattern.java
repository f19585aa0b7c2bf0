package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Role;

/**
 * The traced pieces on one paper: those that know the waist hang on one waist line, with the nape at 0 where the
 * drawing has it.
 *
 * @param pieces in the order in which they were traced
 * @param waist how far below 0 the waist lies, in millimetres; empty where no piece knows it
 */
public record PaperPattern(List<PaperPiece> pieces, OptionalDouble waist) {

    /** Name of the level on which the pieces hang. */
    public static final String WAIST = "waist";

    private static final Set<String> SIDES = Set.of("side", "side-seam");

    /** Shoulders drawn with a smaller difference are meant to be the same, in millimetres: a hand traces no better. */
    static final double TRACED = 4;

    public PaperPattern {
        pieces = List.copyOf(pieces);
    }

    /**
     * Puts traced pieces on paper; shoulders that differ by no more than a hand traces are made equal.
     *
     * @throws IllegalArgumentException if one is no piece yet; the message says what is wrong with which
     */
    public static PaperPattern of(List<TracedPiece> traced, Alignment paper) {
        return hung(withEvenShoulders(onPaper(traced, paper)));
    }

    /** Puts traced pieces on paper exactly as they were traced. */
    static PaperPattern exactly(List<TracedPiece> traced, Alignment paper) {
        return hung(onPaper(traced, paper));
    }

    private static List<PaperPiece> onPaper(List<TracedPiece> traced, Alignment paper) {
        if (traced.isEmpty()) {
            throw new IllegalArgumentException("Nothing is traced yet: trace the outline of a piece");
        }
        List<PaperPiece> pieces = new ArrayList<>();
        for (TracedPiece each : traced) {
            PaperPiece piece = PaperPiece.of(each, paper);
            if (pieces.stream()
                    .anyMatch(other ->
                            other.name().equals(piece.name()) && other.size().equals(piece.size()))) {
                throw new IllegalArgumentException(
                        "Two pieces are called \"" + piece.name() + "\": call one of them otherwise");
            }
            pieces.add(piece);
        }
        return pieces;
    }

    private static PaperPattern hung(List<PaperPiece> pieces) {
        OptionalDouble nape = pieces.stream()
                .filter(piece -> piece.is("back") && piece.levels().containsKey(WAIST))
                .flatMap(piece ->
                        piece
                                .corner(Role.NECK, Role.CENTRE)
                                .map(at -> piece.levels().get(WAIST) - at.y())
                                .stream())
                .mapToDouble(Double::doubleValue)
                .findFirst();
        OptionalDouble waist = nape.isPresent()
                ? nape
                : pieces.stream()
                        .filter(piece -> piece.levels().containsKey(WAIST))
                        .mapToDouble(piece -> piece.levels().get(WAIST) - piece.top())
                        .max();
        List<PaperPiece> hung = pieces.stream()
                .map(piece -> piece.levels().containsKey(WAIST)
                        ? piece.moved(waist.orElseThrow() - piece.levels().get(WAIST))
                        : piece.moved(-piece.top()))
                .toList();
        return new PaperPattern(hung, waist);
    }

    /** Shoulder seams that differ by no more than a hand traces are made equal. */
    private static List<PaperPiece> withEvenShoulders(List<PaperPiece> pieces) {
        List<PaperPiece> sewn =
                pieces.stream().filter(PaperPattern::hasShoulder).toList();
        double least = sewn.stream().mapToDouble(PaperPattern::shoulder).min().orElse(0);
        double most = sewn.stream().mapToDouble(PaperPattern::shoulder).max().orElse(0);
        if (most - least > TRACED) {
            return pieces;
        }
        return pieces.stream()
                .map(piece -> sewn.contains(piece) ? withShoulder(piece, (least + most) / 2) : piece)
                .toList();
    }

    private static double shoulder(PaperPiece piece) {
        return piece.run(Role.SHOULDER).orElseThrow().chord();
    }

    private static PaperPiece withShoulder(PaperPiece piece, double wanted) {
        Point from = neckPoint(piece).orElseThrow();
        Point tip = tip(piece).orElseThrow();
        double longer = wanted / shoulder(piece);
        Point end = from.plus(tip.minus(from).times(longer));
        List<TracedEdge> runs = new ArrayList<>();
        for (TracedEdge run : piece.runs()) {
            List<Point> places = new ArrayList<>(run.places());
            if (run.role() == Role.SHOULDER) {
                places.replaceAll(at -> from.plus(at.minus(from).times(longer)));
            } else {
                places.replaceAll(at -> at.equals(tip) ? end : at);
            }
            runs.add(new TracedEdge(run.edge(), places, run.leaves(), run.comes()));
        }
        return piece.with(runs);
    }

    /** Returns where neck and shoulder meet. */
    static Optional<Point> neckPoint(PaperPiece piece) {
        return piece.corner(Role.NECK, Role.SHOULDER);
    }

    /** Returns where shoulder and arm-hole meet. */
    static Optional<Point> tip(PaperPiece piece) {
        return piece.corner(Role.SHOULDER, Role.ARMSCYE);
    }

    /** Says whether a piece has a whole shoulder, from the neck point to the tip. */
    static boolean hasShoulder(PaperPiece piece) {
        return neckPoint(piece).isPresent() && tip(piece).isPresent();
    }

    /** Returns where arm-hole and side meet; the seam of a side panel is no side. */
    static Optional<Point> underarm(PaperPiece piece) {
        return side(piece)
                .flatMap(side -> piece.all(Role.ARMSCYE).stream()
                        .flatMap(hole -> Stream.of(hole.start(), hole.end()))
                        .filter(at -> at.equals(side.start()) || at.equals(side.end()))
                        .findFirst());
    }

    /** Finds the seam at the wearer's side. */
    static Optional<TracedEdge> side(PaperPiece piece) {
        return piece.runs().stream().filter(run -> SIDES.contains(run.edge())).findFirst();
    }

    /** Returns the names of the pieces that go round the body at a level. */
    List<String> roundAt(String level) {
        return pieces.stream()
                .filter(piece -> piece.levels().containsKey(level) && !isLimb(piece))
                .map(PaperPiece::name)
                .toList();
    }

    /** Finds a piece of the trunk by a part of its name, the one with a shoulder before others. */
    Optional<PaperPiece> trunk(String part) {
        return pieces.stream()
                .filter(piece -> piece.is(part) && !isLimb(piece))
                .min(Comparator.comparing(piece -> tip(piece).isEmpty()));
    }

    Optional<PaperPiece> sleeve() {
        return pieces.stream().filter(piece -> !piece.all(Role.CAP).isEmpty()).findFirst();
    }

    static boolean isLimb(PaperPiece piece) {
        return piece.is("sleeve") || piece.is("leg") || !piece.all(Role.CAP).isEmpty();
    }

    /** Returns the length of one arm-hole, in millimetres; 0 where none is drawn. */
    public double armHole() {
        return pieces.stream()
                .flatMap(piece -> piece.all(Role.ARMSCYE).stream())
                .mapToDouble(run -> run.path().length())
                .sum();
    }

    /** Returns how much of the neck lies beyond the middle, all round, in millimetres. */
    double neckBeyond() {
        double beyond = 0;
        for (PaperPiece piece : pieces) {
            if (piece.centred() && neckPoint(piece).isPresent()) {
                for (TracedEdge run : piece.all(Role.NECK)) {
                    List<Point> flat = run.path().flattened(0.02);
                    for (int i = 1; i < flat.size(); i++) {
                        if (flat.get(i - 1).x() + flat.get(i).x() < 0) {
                            beyond += piece.worn() * flat.get(i - 1).distanceTo(flat.get(i));
                        }
                    }
                }
            }
        }
        return beyond;
    }

    /** Reads a landmark off the drawing, in millimetres; empty where it is not drawn or not named. */
    public OptionalDouble read(Landmark landmark) {
        String level = landmark.level();
        return switch (landmark.found()) {
            case GIRTH ->
                sum(pieces.stream()
                        .filter(piece -> piece.levels().containsKey(level) && !isLimb(piece))
                        .mapToDouble(piece ->
                                piece.worn() * piece.width(piece.levels().get(level)))
                        .toArray());
            case LIMB ->
                first(pieces.stream()
                        .filter(piece -> piece.levels().containsKey(level) && isLimb(piece))
                        .map(piece -> halves(piece) * piece.width(piece.levels().get(level))));
            case ACROSS_BACK -> across("back", level);
            case ACROSS_FRONT -> across("front", level);
            case NECK ->
                sum(pieces.stream()
                        .filter(piece -> neckPoint(piece).isPresent())
                        .flatMap(piece -> piece.all(Role.NECK).stream()
                                .map(run -> piece.worn() * run.path().length()))
                        .mapToDouble(Double::doubleValue)
                        .toArray());
            case SHOULDER ->
                first(pieces.stream()
                        .filter(piece -> tip(piece).isPresent())
                        .sorted(Comparator.comparing(piece -> !piece.is("back")))
                        .map(PaperPattern::shoulder));
            case BACK ->
                first(trunk("back")
                        .filter(piece -> piece.levels().containsKey(WAIST))
                        .flatMap(piece -> piece.corner(Role.NECK, Role.CENTRE)
                                .map(at -> piece.levels().get(WAIST) - at.y()))
                        .stream());
            case FRONT ->
                first(trunk("front")
                        .filter(piece -> piece.levels().containsKey(WAIST))
                        .flatMap(piece ->
                                neckPoint(piece).map(at -> piece.levels().get(WAIST) - at.y()))
                        .stream());
            case DEPTH ->
                first(pieces.stream()
                        .filter(piece -> piece.levels().containsKey(level)
                                && piece.levels().containsKey(WAIST))
                        .map(piece -> piece.levels().get(level) - piece.levels().get(WAIST)));
            case SLEEVE -> first(sleeve().map(piece -> piece.bottom() - piece.top()).stream());
            case SKIRT -> first(skirt().map(piece -> hem(piece) - piece.levels().get(WAIST)).stream());
        };
    }

    private OptionalDouble across(String part, String level) {
        return first(trunk(part)
                .filter(piece -> piece.centred() && piece.levels().containsKey(level))
                .map(piece -> 2 * piece.width(piece.levels().get(level)))
                .stream());
    }

    /** A piece of a limb that is cut on the fold is drawn as its half. */
    static int halves(PaperPiece piece) {
        return piece.shape() == CutShape.FOLD ? 2 : 1;
    }

    /** Finds the piece whose hem is the skirt's in front; the tails of a bodice are none. */
    Optional<PaperPiece> skirt() {
        if (pieces.stream().anyMatch(piece -> piece.run(Role.ARMSCYE).isPresent())) {
            return Optional.empty();
        }
        return pieces.stream()
                .filter(piece ->
                        piece.levels().containsKey(WAIST) && piece.run(Role.HEM).isPresent())
                .min(Comparator.comparing(piece -> !piece.is("front")));
    }

    static double hem(PaperPiece piece) {
        return piece.corner(Role.HEM, Role.CENTRE).map(Point::y).orElse(piece.bottom());
    }

    private static OptionalDouble sum(double[] parts) {
        double sum = 0;
        for (double part : parts) {
            sum += part;
        }
        return sum > 0 ? OptionalDouble.of(sum) : OptionalDouble.empty();
    }

    private static OptionalDouble first(Stream<Double> found) {
        return found.mapToDouble(Double::doubleValue).findFirst();
    }
}
