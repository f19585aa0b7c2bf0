package org.soberhem.core.draft;

import java.util.Optional;
import org.soberhem.core.garment.Loop;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/** What formulas measure on a finished pattern, altered or not. */
final class Finished {

    private Finished() {}

    /** Fills a frame with the edges of a finished pattern. */
    static Frame frame(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        Frame frame = Drafter.frame(sheet, inputs, Side.MIDDLE);
        for (CompiledSheet.PieceRuns runs : sheet.pieces.values()) {
            Optional<Piece> piece = pattern.piece(runs.name(), Side.LEFT);
            for (CompiledSheet.EdgeRun run : runs.edges()) {
                piece.flatMap(p -> p.edge(run.name())).ifPresent(edge -> frame.paths.set(run.path(), edge.path()));
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
                Math.min(pattern.length(written.loop(), Side.LEFT), pattern.length(written.loop(), Side.RIGHT)),
                opening.opens().value(frame),
                opening.over().value(frame),
                opening.stretch().value(frame));
    }
}
