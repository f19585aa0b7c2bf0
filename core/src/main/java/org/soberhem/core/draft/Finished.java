package org.soberhem.core.draft;

import org.soberhem.core.garment.Loop;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;

/** What formulas measure on a finished pattern, altered or not. */
final class Finished {

    private Finished() {}

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
        frame.girths = level -> pattern.girth(level, pattern.names());
        return frame;
    }

    /** Returns a closed edge beside what must pass through it; of two sides the narrower. */
    static Loop loop(CompiledSheet.Opening opening, Frame frame, Pattern pattern) {
        DraftSheet.OpeningSheet written = opening.written();
        return new Loop(
                written.name(),
                written.passes(),
                frame.slots[opening.passes()],
                pattern.has(written.loop())
                        ? Math.min(
                                pattern.length(written.loop(), Side.LEFT), pattern.length(written.loop(), Side.RIGHT))
                        : Double.NaN,
                opening.opens().value(frame),
                opening.over().value(frame),
                opening.stretch().value(frame));
    }
}
