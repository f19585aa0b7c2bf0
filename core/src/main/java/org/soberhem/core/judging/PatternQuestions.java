package org.soberhem.core.judging;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.edit.CutAfter;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.draft.BeyondUsual;
import org.soberhem.core.draft.CheckResult.Where;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Fastening;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;

/** Finds what alterations leave open that only the maker can answer. The limits are common practice. */
final class PatternQuestions {

    /** A strap farther off the straight or cross grain stretches. */
    private static final double OFF_GRAIN = 15;

    /** A fastening this near to a level holds it, in millimetres. */
    private static final double AT_LEVEL = 25.4 / 2;

    /** Where an edge that is fastened gapes first. */
    private static final List<String> STRAINED = List.of("bust", "waist");

    private final Pattern drawn;
    private final Pattern altered;
    private final Map<String, String> left;

    /**
     * @param drawn as the sheet draws it
     * @param altered after the alterations
     * @param left why something is left so, by its name
     */
    PatternQuestions(Pattern drawn, Pattern altered, Map<String, String> left) {
        this.drawn = drawn;
        this.altered = altered;
        this.left = left;
    }

    /**
     * Returns every question.
     *
     * @param beyond settings beyond the usual
     * @param sums those that belong to the draft, but for getting in and out
     */
    List<PatternQuestion> all(List<BeyondUsual> beyond, List<Sum> sums) {
        Map<String, PatternQuestion> found = new LinkedHashMap<>();
        Where anywhere = new Where(drawn.pieces().get(0).name(), "");
        beyond.forEach(each -> ask(found, each.title() + " beyond the usual", each.words(), anywhere));
        for (Sum sum : sums) {
            sum.findings().stream()
                    .filter(finding -> finding.grade() == Finding.Grade.FAILS)
                    .forEach(finding -> found.merge(
                            sum.title(),
                            new PatternQuestion(
                                    sum.title(),
                                    finding.words(),
                                    anywhere,
                                    Optional.ofNullable(left.get(sum.title())),
                                    Optional.of(sum.name())),
                            (first, next) -> first));
        }
        if (hangs(drawn) && !hangs(altered)) {
            ask(
                    found,
                    "what holds it up",
                    Sentence.of("Nothing hangs from the shoulder any more. What holds it up: boning, elastic, ties?"),
                    new Where(altered.pieces().get(0).name(), ""));
        }
        for (Piece piece : altered.pieces()) {
            if (piece.side() != Side.RIGHT) {
                straps(piece, found);
                fastenings(piece, found);
                follows(piece, found);
            }
        }
        return List.copyOf(found.values());
    }

    private void ask(Map<String, PatternQuestion> found, String name, Sentence words, Where where) {
        found.put(name, new PatternQuestion(name, words, where, Optional.ofNullable(left.get(name)), Optional.empty()));
    }

    /** Says whether something round the body hangs from the shoulder. */
    private static boolean hangs(Pattern pattern) {
        return pattern.pieces().stream()
                .filter(piece -> piece.spans().isPresent())
                .anyMatch(piece -> piece.edges().stream().anyMatch(edge -> edge.role() == Role.SHOULDER)
                        || SeamRole.STRAP_END.of(pattern, piece).isPresent());
    }

    private void straps(Piece piece, Map<String, PatternQuestion> found) {
        SeamRole.STRAP_END.of(altered, piece).ifPresent(end -> {
            double off = offGrain(piece, end);
            boolean asDrawn = drawn.piece(piece.name(), piece.side())
                    .filter(was -> was.edge(end.name()).isPresent())
                    .filter(was -> Math.abs(offGrain(was, end) - off) < 1)
                    .isPresent();
            if (off > OFF_GRAIN && !asDrawn) {
                ask(
                        found,
                        piece.name() + " strap off the grain",
                        Sentence.of(
                                "The strap of the {} lies {} off the grain and will stretch: cut it apart with its own grain, turn the grain, or tape it",
                                piece.name(),
                                Sentence.degrees(off)),
                        new Where(piece.name(), end.name()));
            }
        });
    }

    /** Returns how far a strap lies off the straight or cross grain, whichever is nearer, in degrees. */
    static double offGrain(Piece piece, Edge end) {
        Strap strap = Strap.below(piece, end.name());
        Point along = strap.end().minus(strap.root()).unit();
        Point grain = piece.grainTo().minus(piece.grainFrom()).unit();
        double straight = Math.toDegrees(Math.acos(Math.min(1, Math.abs(along.dot(grain)))));
        return Math.min(straight, 90 - straight);
    }

    /** A strip fails by its seam if it does not follow; a copy has none and asks here. */
    private void follows(Piece piece, Map<String, PatternQuestion> found) {
        piece.cutFrom()
                .filter(from -> from.way() == CutFrom.Way.COPY)
                .filter(from -> !CutAfter.isUpToDate(altered, piece))
                .ifPresent(from -> ask(
                        found,
                        piece.name() + " no longer as the " + from.master(),
                        Sentence.of(
                                "The {} is no longer cut as the {} is: cut it anew, or say why it may stay",
                                piece.name(),
                                from.master()),
                        new Where(piece.name(), piece.edges().get(0).name())));
    }

    /** Asks for a fastening where an edge with a row of them gapes first. */
    private void fastenings(Piece piece, Map<String, PatternQuestion> found) {
        for (Fastening kind : List.of(Fastening.BUTTON, Fastening.HOOK)) {
            List<Point> row = piece.lines().stream()
                    .filter(kind::isMark)
                    .map(MarkLine::middle)
                    .toList();
            if (row.size() < 2) {
                continue;
            }
            double top = row.stream().mapToDouble(Point::y).min().orElseThrow();
            double bottom = row.stream().mapToDouble(Point::y).max().orElseThrow();
            for (String name : STRAINED) {
                Optional.ofNullable(piece.levels().get(name))
                        .filter(level -> level.from().y() > top && level.from().y() < bottom)
                        .map(level -> nearest(row, level))
                        .filter(apart -> apart > AT_LEVEL)
                        .ifPresent(apart -> ask(
                                found,
                                "no " + kind.word() + " at the " + name,
                                Sentence.of(
                                        "No {} of the {} lies at the {}, where the edge gapes first: the nearest is {} away",
                                        kind.word(),
                                        piece.name(),
                                        name,
                                        apart),
                                where(piece)));
            }
        }
    }

    private static double nearest(List<Point> row, Level level) {
        return row.stream()
                .map(at -> Math.abs(at.y() - level.from().y()))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private Where where(Piece piece) {
        return new Where(
                piece.name(),
                SeamRole.OPENING.of(altered, piece).map(Edge::name).orElse(""));
    }
}
