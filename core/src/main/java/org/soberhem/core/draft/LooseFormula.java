package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.EdgeRef;

/** A formula that stands alone, outside a sheet, such as the unit of a ruler. */
public final class LooseFormula {

    private LooseFormula() {}

    /**
     * Computes a length.
     *
     * @param formula in the language of the sheets
     * @param lengths what its names stand for, in millimetres
     * @return millimetres
     * @throws SheetException if it cannot be read, uses another name, or is no length
     */
    public static double length(String formula, Map<String, Double> lengths) {
        List<String> names = new ArrayList<>(lengths.keySet());
        Frame frame = new Frame(names.size(), 0);
        for (int i = 0; i < names.size(); i++) {
            frame.slots[i] = lengths.get(names.get(i));
        }
        return Formula.of(new Written(formula, 0), new Names(names), Dimension.LENGTH)
                .value(frame);
    }

    private record Names(List<String> names) implements Scope {

        @Override
        public Optional<Named> name(String name) {
            int place = names.indexOf(name);
            return place < 0 ? Optional.empty() : Optional.of(new Named(place, Dimension.LENGTH));
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
        public String known() {
            return String.join(", ", names);
        }
    }
}
