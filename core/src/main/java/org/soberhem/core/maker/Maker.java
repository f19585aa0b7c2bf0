package org.soberhem.core.maker;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.size.SizeChart;

/**
 * The maker's own library and preferences.
 *
 * @param stacks own layer stacks
 * @param charts own size charts
 * @param months after how many months a wearer is measured again
 * @param sheets own draft sheets as written, finished or not, by id
 */
public record Maker(List<LayerStack> stacks, List<SizeChart> charts, int months, Map<String, String> sheets) {

    /** One who has added nothing yet; measurements a few months old are taken again (common practice). */
    public static final Maker NEW = new Maker(List.of(), List.of(), 6, Map.of());

    // Makers of older workspaces lack the sheets.
    public Maker {
        sheets = sheets == null ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(sheets));
        stacks = List.copyOf(stacks);
        charts = List.copyOf(charts);
    }

    /** Returns the maker with a stack put in the place of the one with the same id, or added. */
    public Maker with(LayerStack stack) {
        List<LayerStack> all = new ArrayList<>(stacks);
        all.removeIf(other -> other.id().equals(stack.id()));
        all.add(stack);
        return new Maker(all, charts, months, sheets);
    }

    /** Returns the maker with a chart put in the place of the one with the same title, or added. */
    public Maker with(SizeChart chart) {
        List<SizeChart> all = new ArrayList<>(charts);
        all.removeIf(other -> other.title().equals(chart.title()));
        all.add(chart);
        return new Maker(stacks, all, months, sheets);
    }

    public Maker measuringAfter(int otherMonths) {
        return new Maker(stacks, charts, otherMonths, sheets);
    }

    /** Returns the maker with a sheet as written put in the place of the one with the same id, or added. */
    public Maker withSheet(String id, String text) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.put(id, text);
        return new Maker(stacks, charts, months, all);
    }

    public Maker withoutSheet(String id) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.remove(id);
        return new Maker(stacks, charts, months, all);
    }
}
