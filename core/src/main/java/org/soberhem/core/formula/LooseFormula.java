package org.soberhem.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.pattern.EdgeRef;

/**
 * A formula that stands alone, outside a sheet, such as the unit of a ruler or what two readings have to do with each
 * other.
 */
public final class LooseFormula {

    private final List<String> names;
    private final Formula formula;

    private LooseFormula(List<String> names, Formula formula) {
        this.names = List.copyOf(names);
        this.formula = formula;
    }

    /**
     * Reads a formula whose names all stand for lengths.
     *
     * @param text in the language of the sheets
     * @param known whether a name may stand in it
     * @param knownWords which names may, in words for messages
     * @throws SheetException if it cannot be read, or is neither a length nor a pure number
     */
    public static LooseFormula of(String text, Predicate<String> known, String knownWords) {
        SourceText written = new SourceText(text, 0);
        Names names = new Names(known, knownWords, new ArrayList<>());
        Formula formula = new FormulaReader(written, names).read();
        if (!formula.dimension().equals(Dimension.LENGTH)
                && !formula.dimension().equals(Dimension.NUMBER)) {
            throw new SheetException(written, "\"" + text + "\" must be a length or a pure number");
        }
        return new LooseFormula(names.used(), formula);
    }

    /**
     * Computes a length.
     *
     * @param formula in the language of the sheets
     * @param lengths what its names stand for, in millimetres
     * @return millimetres
     * @throws SheetException if it cannot be read, uses another name, or is no length
     */
    public static double length(String formula, Map<String, Double> lengths) {
        LooseFormula read = of(formula, lengths::containsKey, String.join(", ", lengths.keySet()));
        if (!read.isLength()) {
            throw new SheetException(
                    new SourceText(formula, 0),
                    "\"" + formula + "\" is a pure number, but a length must stand here: add a unit such as in");
        }
        return read.value(lengths::get);
    }

    /** Returns the names that it uses, in order. */
    public List<String> names() {
        return names;
    }

    /** Says whether it yields a length; otherwise a pure number. */
    public boolean isLength() {
        return formula.dimension().equals(Dimension.LENGTH);
    }

    /**
     * Computes it.
     *
     * @param lengths returns what a name stands for, in millimetres, or NaN
     * @return millimetres or a pure number; NaN where a name is missing
     */
    public double value(ToDoubleFunction<String> lengths) {
        Frame frame = new Frame(names.size(), 0);
        for (int i = 0; i < names.size(); i++) {
            frame.slots[i] = lengths.applyAsDouble(names.get(i));
        }
        return formula.value(frame);
    }

    private record Names(Predicate<String> isKnown, String known, List<String> used) implements Scope {

        @Override
        public Optional<Named> name(String name) {
            if (!isKnown.test(name)) {
                return Optional.empty();
            }
            if (!used.contains(name)) {
                used.add(name);
            }
            return Optional.of(new Named(used.indexOf(name), Dimension.LENGTH));
        }

        @Override
        public Optional<Integer> point(String name) {
            return Optional.empty();
        }

        @Override
        public Optional<Integer> edge(EdgeRef ref) {
            return Optional.empty();
        }

        @Override
        public boolean level(String name) {
            return false;
        }

        @Override
        public boolean piece(String name) {
            return false;
        }

        @Override
        public boolean place(EdgeRef point) {
            return false;
        }
    }
}
