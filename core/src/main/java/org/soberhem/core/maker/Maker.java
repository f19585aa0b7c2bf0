package org.soberhem.core.maker;

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
        Habits habits) {

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
        return new Maker(all, charts, months, sheets, silhouettes, causes, leftHanded, square, tracings, habits);
    }

    /** Returns the maker with a chart put in the place of the one with the same title, or added. */
    public Maker with(SizeChart chart) {
        List<SizeChart> all = new ArrayList<>(charts);
        all.removeIf(other -> other.title().equals(chart.title()));
        all.add(chart);
        return new Maker(stacks, all, months, sheets, silhouettes, causes, leftHanded, square, tracings, habits);
    }

    public Maker measuringAfter(int otherMonths) {
        return new Maker(
                stacks, charts, otherMonths, sheets, silhouettes, causes, leftHanded, square, tracings, habits);
    }

    /** Returns the maker with a sheet as written put in the place of the one with the same id, or added. */
    public Maker withSheet(String id, String text) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.put(id, text);
        return new Maker(stacks, charts, months, all, silhouettes, causes, leftHanded, square, tracings, habits);
    }

    public Maker withoutSheet(String id) {
        Map<String, String> all = new LinkedHashMap<>(sheets);
        all.remove(id);
        return new Maker(stacks, charts, months, all, silhouettes, causes, leftHanded, square, tracings, habits);
    }

    /** Returns the maker with a silhouette as written put in the place of the one with the same id, or added. */
    public Maker withSilhouette(String id, String text) {
        Map<String, String> all = new LinkedHashMap<>(silhouettes);
        all.put(id, text);
        return new Maker(stacks, charts, months, sheets, all, causes, leftHanded, square, tracings, habits);
    }

    public Maker withoutSilhouette(String id) {
        Map<String, String> all = new LinkedHashMap<>(silhouettes);
        all.remove(id);
        return new Maker(stacks, charts, months, sheets, all, causes, leftHanded, square, tracings, habits);
    }

    /** Returns the maker with a tracing put in the place of the one with the same id, or added. */
    public Maker withTracing(String id, Tracing tracing) {
        Map<String, Tracing> all = new LinkedHashMap<>(tracings);
        all.put(id, tracing);
        return tracing(all);
    }

    /** Returns the maker with other tracings, by id. */
    public Maker tracing(Map<String, Tracing> others) {
        return new Maker(stacks, charts, months, sheets, silhouettes, causes, leftHanded, square, others, habits);
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
        return new Maker(stacks, charts, months, sheets, silhouettes, all, leftHanded, square, tracings, habits);
    }

    private static <T> Map<String, T> ordered(Map<String, T> texts) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(texts));
    }

    /** Returns the maker with the fitting place mirrored for the left hand, or not. */
    public Maker handed(boolean left) {
        return new Maker(stacks, charts, months, sheets, silhouettes, causes, left, square, tracings, habits);
    }

    /** Returns the maker whose printer printed the test square as it was measured. */
    public Maker printing(double measured) {
        return new Maker(stacks, charts, months, sheets, silhouettes, causes, leftHanded, measured, tracings, habits);
    }

    /** Returns the maker who works otherwise. */
    public Maker working(Habits others) {
        return new Maker(stacks, charts, months, sheets, silhouettes, causes, leftHanded, square, tracings, others);
    }
}
