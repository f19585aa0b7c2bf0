package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.pattern.Side;

/** Evaluates the points of a sheet, and nothing else that a drafting does. */
public final class PointsAlone {

    private final CompiledSheet sheet;

    public PointsAlone(CompiledSheet sheet) {
        this.sheet = sheet;
    }

    /** Returns the sum of all coordinates, in millimetres, so that nothing can be left out. */
    public double sum(Inputs inputs) {
        Frame frame = Drafter.frame(sheet, inputs, Side.LEFT);
        double sum = 0;
        for (CompiledSheet.PieceRuns piece : sheet.pieces) {
            for (CompiledSheet.PointAt point : piece.points()) {
                double along = point.along().value(frame);
                double out = point.out().value(frame);
                frame.slots[point.slot() + 1] = along;
                frame.slots[point.slot()] = out;
                sum += along + out;
            }
        }
        return sum;
    }

    /** Returns every coordinate's formula as the sheet has it, in units of the scale where it is a bare number. */
    public List<String> formulas() {
        List<String> all = new ArrayList<>();
        for (CompiledSheet.PieceRuns piece : sheet.pieces) {
            for (CompiledSheet.PointAt point : piece.points()) {
                all.add(point.written().along().text());
                all.add(point.written().out().text());
            }
        }
        return all;
    }
}
