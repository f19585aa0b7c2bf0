package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.Names;
import org.soberhem.core.formula.SheetException;

/**
 * Paper rulers that somebody measured, and the unit that they give for a measurement in between or beyond.
 *
 * <p>Between two rulers the unit is interpolated; beyond them it goes on as the straight line that fits all of them
 * best. Of one ruler alone the unit is taken to grow with what the ruler is marked with.
 *
 * @param rulers at least one, marks and units rising
 */
public record RulerTable(List<Ruler> rulers) {

    /**
     * One ruler.
     *
     * @param marked the governing measurement that it is marked with, in millimetres
     * @param unit length of one of its units, in millimetres
     */
    public record Ruler(double marked, double unit) {}

    public RulerTable {
        rulers = List.copyOf(rulers);
        if (rulers.isEmpty()) {
            throw new IllegalArgumentException("A table needs at least one ruler");
        }
        if (!(rulers.get(0).unit > 0 && rulers.get(0).marked > 0)) {
            throw new IllegalArgumentException("A ruler must have a mark and a unit");
        }
        for (int i = 0; i + 1 < rulers.size(); i++) {
            Ruler here = rulers.get(i);
            Ruler next = rulers.get(i + 1);
            if (!(next.marked > here.marked) || !(next.unit > here.unit) || !(here.unit > 0)) {
                throw new IllegalArgumentException("Marks and units must rise from ruler to ruler: ruler " + (i + 2)
                        + " is marked " + hundredths(next.marked) + " mm with a unit of " + hundredths(next.unit)
                        + " mm, the one before " + hundredths(here.marked) + " mm with " + hundredths(here.unit)
                        + " mm");
            }
        }
    }

    /**
     * Reads a table as a sheet has it.
     *
     * @throws SheetException if a number cannot be read, or the rulers do not rise
     */
    public static RulerTable of(DraftSheet.RulerLaw law) {
        Names none = new Names();
        Frame empty = new Frame(0, 0);
        List<Ruler> rulers = new ArrayList<>();
        for (DraftSheet.RulerSheet ruler : law.rulers()) {
            double units = Formula.of(ruler.units(), none, Dimension.NUMBER).value(empty);
            if (!(units > 0)) {
                throw new SheetException(ruler.units(), "more than no units must have been measured: " + units);
            }
            rulers.add(new Ruler(
                    Formula.of(ruler.marked(), none, Dimension.LENGTH).value(empty),
                    Formula.of(ruler.measures(), none, Dimension.LENGTH).value(empty) / units));
        }
        try {
            return new RulerTable(rulers);
        } catch (IllegalArgumentException wrong) {
            throw new SheetException(law.line(), wrong.getMessage());
        }
    }

    private static double hundredths(double millimetres) {
        return Math.round(millimetres * 100) / 100.0;
    }

    /**
     * Returns the unit for a measurement.
     *
     * @param measured in millimetres
     * @return millimetres
     */
    public double unitAt(double measured) {
        Ruler first = rulers.get(0);
        Ruler last = rulers.get(rulers.size() - 1);
        if (measured < first.marked) {
            return first.unit + (measured - first.marked) * slope();
        }
        for (int i = 0; i + 1 < rulers.size(); i++) {
            Ruler from = rulers.get(i);
            Ruler to = rulers.get(i + 1);
            if (measured <= to.marked) {
                return from.unit + (to.unit - from.unit) * (measured - from.marked) / (to.marked - from.marked);
            }
        }
        return last.unit + (measured - last.marked) * slope();
    }

    /** Returns by how much each ruler's unit is longer than on the straight line that fits all best, in millimetres. */
    public List<Double> residuals() {
        double mark = mean(Ruler::marked);
        double unit = mean(Ruler::unit);
        double slope = slope();
        return rulers.stream()
                .map(ruler -> ruler.unit - unit - slope * (ruler.marked - mark))
                .toList();
    }

    /** The slope of the line of least squares; of one ruler the line through nothing. */
    private double slope() {
        if (rulers.size() == 1) {
            return rulers.get(0).unit / rulers.get(0).marked;
        }
        double mark = mean(Ruler::marked);
        double unit = mean(Ruler::unit);
        double above = 0;
        double below = 0;
        for (Ruler ruler : rulers) {
            above += (ruler.marked - mark) * (ruler.unit - unit);
            below += (ruler.marked - mark) * (ruler.marked - mark);
        }
        return above / below;
    }

    private double mean(ToDoubleFunction<Ruler> of) {
        return rulers.stream().mapToDouble(of).average().orElseThrow();
    }
}
