package org.soberhem.core.maker;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.size.SizeChart;

/**
 * The maker's own library and preferences.
 *
 * @param stacks own layer stacks
 * @param charts own size charts
 * @param months after how many months a wearer is measured again
 */
public record Maker(List<LayerStack> stacks, List<SizeChart> charts, int months) {

    /** One who has added nothing yet; measurements a few months old are taken again (common practice). */
    public static final Maker NEW = new Maker(List.of(), List.of(), 6);

    public Maker {
        stacks = List.copyOf(stacks);
        charts = List.copyOf(charts);
    }

    /** Returns the maker with a stack put in the place of the one with the same id, or added. */
    public Maker with(LayerStack stack) {
        List<LayerStack> all = new ArrayList<>(stacks);
        all.removeIf(other -> other.id().equals(stack.id()));
        all.add(stack);
        return new Maker(all, charts, months);
    }

    /** Returns the maker with a chart put in the place of the one with the same title, or added. */
    public Maker with(SizeChart chart) {
        List<SizeChart> all = new ArrayList<>(charts);
        all.removeIf(other -> other.title().equals(chart.title()));
        all.add(chart);
        return new Maker(stacks, all, months);
    }

    public Maker measuringAfter(int otherMonths) {
        return new Maker(stacks, charts, otherMonths);
    }
}
