package org.soberhem.desk.studio;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.soberhem.core.report.Overview;
import org.soberhem.files.store.HistoryLine;

/**
 * The lines of a kind: what is known of all of them, and those that were looked at.
 *
 * @param <T> what a line holds
 */
final class Lines<T> {

    private final Map<String, Overview> known = new LinkedHashMap<>();
    private final Map<String, HistoryLine<T>> read = new HashMap<>();
    private final Function<String, HistoryLine<T>> reader;
    private final Function<T, Overview> overview;

    /**
     * @param reader reads a line as it is kept
     * @param overview makes the overview of a value
     */
    Lines(Function<String, HistoryLine<T>> reader, Function<T, Overview> overview) {
        this.reader = reader;
        this.overview = overview;
    }

    /** Takes up what is known of a line that is not read yet. */
    void know(String id, Overview of) {
        known.put(id, of);
    }

    Set<String> ids() {
        return known.keySet();
    }

    Overview overview(String id) {
        return known.get(id);
    }

    /** Returns a line, read if it was not yet; null if there is none. */
    HistoryLine<T> get(String id) {
        return known.containsKey(id) ? read.computeIfAbsent(id, reader) : null;
    }

    /** Returns a line if it was looked at. */
    Optional<HistoryLine<T>> atHand(String id) {
        return Optional.ofNullable(read.get(id));
    }

    /** Reads every line. */
    List<HistoryLine<T>> all() {
        return ids().stream().map(this::get).toList();
    }

    void put(HistoryLine<T> line) {
        read.put(line.id(), line);
        known.put(line.id(), overview.apply(line.value()));
    }

    /** Puts another line in the place of one that was looked at. */
    void change(String id, UnaryOperator<HistoryLine<T>> to) {
        read.computeIfPresent(id, (each, line) -> to.apply(line));
    }

    void remove(String id) {
        read.remove(id);
        known.remove(id);
    }
}
