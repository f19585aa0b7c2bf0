package org.soberhem.core.formula;

import java.util.List;
import java.util.Set;

/**
 * A formula with its names resolved.
 *
 * @param source as written
 * @param dimension what it yields
 * @param term computes it
 * @param names slots of the measures and settings that it reads
 * @param points slots of the points that it reads
 * @param edges places of the edges that it reads
 */
public record Formula(
        SourceText source,
        Dimension dimension,
        Term term,
        Set<Integer> names,
        Set<Integer> points,
        List<Integer> edges) {

    /** Instead of a unit's slot where the sheet has no scale. */
    public static final int NO_UNIT = -1;

    public double value(Frame frame) {
        return term.value(frame);
    }

    /**
     * Reads a formula that must yield one kind of thing.
     *
     * @throws SheetException if it does not
     */
    public static Formula of(SourceText source, Scope scope, Dimension wanted) {
        Formula formula = new FormulaReader(source, scope).read();
        if (!formula.dimension.equals(wanted)) {
            throw new SheetException(
                    source,
                    "\"" + source.text() + "\" is " + formula.dimension.words() + ", but " + wanted.words()
                            + " must stand here"
                            + (formula.dimension.equals(Dimension.NUMBER) ? ": add a unit such as in" : ""));
        }
        return formula;
    }

    /**
     * Reads a formula in which a bare number is in units of the scale.
     *
     * @param unit slot of the scale's unit, or {@link #NO_UNIT}
     */
    public static Formula scaled(SourceText source, Scope scope, int unit) {
        Formula formula = new FormulaReader(source, scope).read();
        if (formula.dimension.equals(Dimension.LENGTH)) {
            return formula;
        }
        if (!formula.dimension.equals(Dimension.NUMBER)) {
            throw new SheetException(
                    source,
                    "\"" + source.text() + "\" is " + formula.dimension.words()
                            + ", but a length or a number of units must stand here");
        }
        if (unit == NO_UNIT) {
            if ("0".equals(source.text().strip())) {
                return new Formula(source, Dimension.LENGTH, frame -> 0, Set.of(), Set.of(), List.of());
            }
            throw new SheetException(
                    source,
                    "\"" + source.text() + "\" is a pure number, but the sheet has no scale: add a unit such as in");
        }
        Term number = formula.term;
        return new Formula(
                source,
                Dimension.LENGTH,
                frame -> number.value(frame) * frame.slots[unit],
                formula.names,
                formula.points,
                formula.edges);
    }
}
