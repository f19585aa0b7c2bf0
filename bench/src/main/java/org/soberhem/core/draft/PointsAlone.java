package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.formula.Frame;
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
        for (CompiledSheet.Ground ground : sheet.grounds) {
            Drafter.points(ground, frame);
            for (CompiledSheet.PointAt point : ground.points()) {
                sum += frame.slots[point.slot()] + frame.slots[point.slot() + 1];
            }
        }
        return sum;
    }

    /** Returns how many points the sheet has. */
    public int count() {
        return sheet.grounds.stream().mapToInt(ground -> ground.points().size()).sum();
    }

    /** Returns every coordinate's formula as the sheet has it, in units of the scale where it is a bare number. */
    public List<String> formulas() {
        List<String> all = new ArrayList<>();
        for (CompiledSheet.Ground ground : sheet.grounds) {
            for (CompiledSheet.PointAt point : ground.points()) {
                point.step().written().amounts().forEach(amount -> all.add(amount.text()));
            }
        }
        return all;
    }
}
