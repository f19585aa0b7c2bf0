package org.soberhem.core.maker;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.Tracing;

/**
 * The maker's own library and preferences.
 *
 * @param stacks own layer stacks
 * @param charts own size charts
 * @param months after how many months a wearer is measured again
 * @param sheets own draft sheets as written, finished or not, by id
 * @param silhouettes own silhouettes as written, finished or not, by id
 * @param causes own causes of what is seen at fittings, by the symptom's id
 * @param leftHanded whether the fitting place is mirrored for the left hand
 * @param square what the test square of 100 mm measured on the paper that was printed last, in millimetres
 * @param tracings patterns that are read off pictures, tables and earlier patterns, by id
 * @param habits how the maker works
 */
@RecordBuilder
public record Maker(
        List<LayerStack> stacks,
        List<SizeChart> charts,
        int months,
        Map<String, String> sheets,
        Map<String, String> silhouettes,
        Map<String, List<Cause>> causes,
        boolean leftHanded,
        double square,
        Map<String, Tracing> tracings,
        Habits habits)
        implements MakerBuilder.With {

    /**
     * How the maker works.
     *
     * @param limit so many unfinished costumes are enough
     * @param rate what an hour of work is reckoned at, in the maker's own money; 0 if it is not
     */
    public record Habits(int limit, double rate) {

        /** Three pieces on the go are what most people can keep in mind (common practice). */
        public static final Habits USUAL = new Habits(3, 0);
    }

    /** Side of the test square on printed paper, in millimetres. */
    public static final double SQUARE = 100;

    /** One who has added nothing yet; measurements a few months old are taken again (common practice). */
    public static final Maker NEW =
            new Maker(List.of(), List.of(), 6, Map.of(), Map.of(), Map.of(), false, SQUARE, Map.of(), Habits.USUAL);

    public Maker {
        tracings = ordered(tracings);
        sheets = ordered(sheets);
        silhouettes = ordered(silhouettes);
        causes = Map.copyOf(causes);
        stacks = List.copyOf(stacks);
        charts = List.copyOf(charts);
    }

    /** Returns the maker with a stack put in the place of the one with the same id, or added. */
    public Maker with(LayerStack stack) {
        List<LayerStack> all = new ArrayList<>(stacks);
        all.removeIf(other -> other.id().equals(stack.id()));
        all.add(stack);
        return withStacks(all);
    }

    /** Returns the maker with a chart put in the place of the one with the same title, or added. */
    public Maker with(SizeChart chart) {
        List<SizeChart> all = new ArrayList<>(charts);
        all.removeIf(other -> other.title().equals(chart.title()));
        all.add(chart);
        return withCharts(all);
    }

    /** Returns the maker with a sheet as written put in the place of the one with the same id, or added. */
    public Maker withSheet(String id, String text) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.put(id, text);
        return withSheets(all);
    }

    public Maker withoutSheet(String id) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.remove(id);
        return withSheets(all);
    }

    /** Returns the maker with a silhouette as written put in the place of the one with the same id, or added. */
    public Maker withSilhouette(String id, String text) {
        Map<String, String> all = new LinkedHashMap<>(silhouettes);
        all.put(id, text);
        return withSilhouettes(all);
    }

    public Maker withoutSilhouette(String id) {
        Map<String, String> all = new LinkedHashMap<>(silhouettes);
        all.remove(id);
        return withSilhouettes(all);
    }

    /** Returns the maker with a tracing put in the place of the one with the same id, or added. */
    public Maker withTracing(String id, Tracing tracing) {
        Map<String, Tracing> all = new LinkedHashMap<>(tracings);
        all.put(id, tracing);
        return tracing(all);
    }

    /** Returns the maker with other tracings, by id. */
    public Maker tracing(Map<String, Tracing> others) {
        return withTracings(others);
    }

    public Maker withoutTracing(String id) {
        Map<String, Tracing> all = new LinkedHashMap<>(tracings);
        all.remove(id);
        return tracing(all);
    }

    /** Returns the maker with an own cause of a symptom added. */
    public Maker withCause(String symptom, Cause cause) {
        List<Cause> own = new ArrayList<>(causes.getOrDefault(symptom, List.of()));
        own.add(cause);
        Map<String, List<Cause>> all = new LinkedHashMap<>(causes);
        all.put(symptom, own);
        return withCauses(all);
    }

    private static <T> Map<String, T> ordered(Map<String, T> texts) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(texts));
    }
}
