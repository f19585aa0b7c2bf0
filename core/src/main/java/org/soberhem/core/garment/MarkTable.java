package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

/**
 * A table to mark the cloth from.
 *
 * @param title what it is for
 * @param columns their heads
 * @param rows cells: a {@link Length} for each measured amount, anything else as it prints
 */
public record MarkTable(String title, List<String> columns, List<List<Object>> rows) {

    public MarkTable {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
        for (List<Object> row : rows) {
            if (row.size() != columns.size()) {
                throw new IllegalArgumentException(
                        "A row must have " + columns.size() + " cells: " + row.size() + " (table '" + title + "')");
            }
        }
    }

    /** Takes cells in which a {@code Double} is a length in millimetres. */
    static List<Object> row(Object... cells) {
        List<Object> row = new ArrayList<>();
        for (Object cell : cells) {
            row.add(cell instanceof Double millimetres ? Length.ofMillimetres(millimetres) : cell);
        }
        return row;
    }

    /** Returns the cells as the maker wants lengths written. */
    public List<List<String>> in(LengthFormat format) {
        return rows.stream()
                .map(row -> row.stream()
                        .map(cell -> cell instanceof Length length ? format.format(length) : cell.toString())
                        .toList())
                .toList();
    }
}
