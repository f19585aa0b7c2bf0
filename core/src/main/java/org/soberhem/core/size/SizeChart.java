package org.soberhem.core.size;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A chart of body measurements per size.
 *
 * @param title for people
 * @param source where its numbers are from
 * @param rows from the smallest size up
 * @param ease what the chart's patterns add to the body, by catalogue id, in millimetres; empty where it does not say
 */
public record SizeChart(String title, String source, List<Row> rows, Map<String, Double> ease) {

    /**
     * One size.
     *
     * @param size as the chart calls it
     * @param body the body it is made for, by catalogue id, in millimetres
     */
    public record Row(String size, Map<String, Double> body) {
        public Row {
            body = new LinkedHashMap<>(body);
        }
    }

    public SizeChart {
        rows = List.copyOf(rows);
        ease = Map.copyOf(ease);
    }

    /** Returns the measures, by catalogue id, that every row has, in the chart's order. */
    public List<String> measures() {
        return rows.isEmpty() ? List.of() : List.copyOf(rows.get(0).body().keySet());
    }
}
