package org.soberhem.core.draft;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.garment.BodyLoop;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/** What formulas measure on a finished pattern, altered or not. */
final class FinishedPieces {

    private FinishedPieces() {}

    /** Fills a frame with the edges of a finished pattern. */
    static Frame frame(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        Frame frame = Drafter.frame(sheet, inputs, Side.MIDDLE);
        for (CompiledSheet.PieceRuns runs : sheet.pieces.values()) {
            for (CompiledSheet.EdgeRun run : runs.edges()) {
                pattern.edges(new EdgeRef(runs.name(), run.name()), Side.LEFT).stream()
                        .map(Edge::path)
                        .reduce(Path::then)
                        .ifPresent(path -> frame.paths.set(run.path(), path));
            }
        }
        frame.drawn = new Measured(pattern);
        return frame;
    }

    /** A pattern under the ruler: of the pieces on the two sides, those on the wearer's left. */
    private record Measured(Pattern pattern) implements Frame.Drawn {

        private static final double FLATNESS = 0.5;

        @Override
        public double girth(String level) {
            return pattern.girth(level, pattern.names());
        }

        @Override
        public double across(String piece, double share) {
            return parts(piece)
                    .map(part -> breadth(part.seamLine(FLATNESS), share))
                    .reduce(Double::sum)
                    .orElse(Double.NaN);
        }

        @Override
        public double tall(String piece) {
            return parts(piece)
                    .map(part -> part.seamLine(FLATNESS).box())
                    .mapToDouble(Box::height)
                    .max()
                    .orElse(Double.NaN);
        }

        @Override
        public Optional<Point> at(EdgeRef point) {
            return pattern.point(point, Side.LEFT);
        }

        private static double breadth(Outline line, double share) {
            double at = line.box().minY() + share * line.box().height();
            List<Double> cuts = line.cuts(new Point(0, at), new Point(1, 0));
            return cuts.isEmpty() ? 0 : Collections.max(cuts) - Collections.min(cuts);
        }

        /** A piece, or what it was cut into. */
        private Stream<Piece> parts(String piece) {
            return pattern.pieces().stream()
                    .filter(part -> part.side() != Side.RIGHT && Derived.isOf(part.name(), piece));
        }
    }

    /** Returns a closed edge beside what must pass through it; of two sides the narrower. */
    static BodyLoop loop(CompiledSheet sheet, CompiledSheet.Opening opening, Frame frame, Pattern pattern) {
        DraftSheet.OpeningSheet written = opening.written();
        return new BodyLoop(
                written.name(),
                written.passes(),
                frame.slots[opening.passes()],
                pattern.has(written.loop())
                        ? Math.min(
                                pattern.length(written.loop(), Side.LEFT), pattern.length(written.loop(), Side.RIGHT))
                        : Double.NaN,
                opening.opens().value(frame),
                opening.over().value(frame),
                opening.stretch().value(frame),
                opening.caught()
                        .map(at -> new BodyLoop.Caught(
                                written.caught().orElseThrow().to(), at.value(frame))),
                sheet.settings.stream()
                        .filter(setting -> opening.opens().names().contains(setting.slot()))
                        .findFirst()
                        .map(setting -> Sentence.of("{} is {} now", setting.title(), frame.slots[setting.slot()])));
    }
}
