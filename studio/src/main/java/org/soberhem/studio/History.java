package org.soberhem.studio;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import org.soberhem.core.report.Overview;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;

/**
 * All lines of one kind: the overview of each, the values of those that were read, and the one way to change them.
 *
 * @param <T> what a line holds
 */
public final class History<T> {

    private final String kind;
    private final Class<T> type;
    private final Keeper keeper;
    private final Function<T, Optional<Overview>> overviewOf;
    private final Optional<T> beginning;
    private final Map<String, Overview> overviews = new LinkedHashMap<>();
    private final Map<String, HistoryLine<T>> read = new HashMap<>();

    /** How often each line was changed since the application began. */
    private final Map<String, Integer> changes = new HashMap<>();

    private History(
            String kind,
            Class<T> type,
            Keeper keeper,
            Function<T, Optional<Overview>> overviewOf,
            Optional<T> beginning) {
        this.kind = kind;
        this.type = type;
        this.keeper = keeper;
        this.overviewOf = overviewOf;
        this.beginning = beginning;
    }

    /** Returns the lines of a kind of which there are many; they are read when they are first asked for. */
    static <T> History<T> ofMany(String kind, Class<T> type, Keeper keeper, Function<T, Overview> overviewOf) {
        History<T> lines =
                new History<>(kind, type, keeper, value -> Optional.of(overviewOf.apply(value)), Optional.empty());
        keeper.overviews(kind)
                .forEach((id, known) -> lines.overviews.put(id, known.orElseGet(() -> {
                    // An older workspace has no overview of it yet.
                    Overview made = overviewOf.apply(keeper.line(id, type).value());
                    keeper.note(id, made);
                    return made;
                })));
        return lines;
    }

    /** Returns the lines of a kind of which there is one, with the value that it begins with. */
    static <T> History<T> ofOne(String kind, Class<T> type, Keeper keeper, T beginning) {
        History<T> line = new History<>(kind, type, keeper, value -> Optional.empty(), Optional.of(beginning));
        keeper.lines(kind, type).forEach(each -> line.read.put(each.id(), each));
        return line;
    }

    /** Returns the ids of all lines that have an overview. */
    public Set<String> ids() {
        return overviews.keySet();
    }

    /** Returns what is known of a line without reading it; null if there is none. */
    public Overview overview(String id) {
        return overviews.get(id);
    }

    /** Returns a line, read if it was not yet. */
    public HistoryLine<T> line(String id) {
        return read.computeIfAbsent(
                id,
                missing -> beginning
                        .map(value -> new HistoryLine<>(id, value, "", false, ""))
                        .orElseGet(() -> keeper.line(id, type)));
    }

    public T value(String id) {
        return line(id).value();
    }

    /** Returns a value if its line was read already. */
    public Optional<T> valueAtHand(String id) {
        return Optional.ofNullable(read.get(id)).map(HistoryLine::value);
    }

    /** Returns the values of all lines that have an overview; this reads them. */
    public List<T> values() {
        return ids().stream().map(this::value).toList();
    }

    /** Keeps a changed or new value, described by its usual overview. */
    public void commit(String id, T value, String action, String words) {
        commit(id, value, action, words, overviewOf.apply(value));
    }

    /**
     * Keeps a changed or new value.
     *
     * @param action id of what was done
     * @param words what was done
     * @param overview what is to be known of the line without reading it; empty for lines that have none
     */
    public void commit(String id, T value, String action, String words, Optional<Overview> overview) {
        boolean known = read.containsKey(id) || overviews.containsKey(id);
        if (!known && beginning.isPresent()) {
            // So that the first change can be undone too.
            keeper.keep(kind, id, beginning.get(), Action.of("begin", "Began"), type, line -> {});
        }
        overview.ifPresent(made -> overviews.put(id, made));
        read.put(id, new HistoryLine<>(id, value, words, known || beginning.isPresent(), ""));
        changes.merge(id, 1, Integer::sum);
        keeper.keep(kind, id, value, new Action(action, words, overview), type, this::confirm);
    }

    /**
     * The keeper tells after the fact that a value is kept: it does not bring back what was undone or changed since.
     * The value stays the same object, so that what was worked out from it holds.
     */
    private void confirm(HistoryLine<T> kept) {
        read.computeIfPresent(
                kept.id(),
                (id, now) -> kept.value().equals(now.value())
                        ? new HistoryLine<>(id, now.value(), kept.done(), kept.undoable(), kept.redo())
                        : now);
    }

    /**
     * Undoes the last action of a line, or redoes it. Nothing changes if the line is changed meanwhile.
     *
     * @param then runs when the line stands as it then is, on the interface thread
     * @param told gets what was undone or redone, or why nothing was, in words
     */
    public void step(String id, boolean back, Runnable then, Consumer<String> told) {
        int asked = changes.getOrDefault(id, 0);
        keeper.step(
                id,
                type,
                back,
                now -> {
                    if (changes.getOrDefault(id, 0) != asked) {
                        told.accept("Nothing is taken back: it was changed meanwhile");
                        return;
                    }
                    HistoryLine<T> was = line(id);
                    replace(now);
                    told.accept(stepWords(was, now, back));
                    then.run();
                },
                told);
    }

    private static String stepWords(HistoryLine<?> was, HistoryLine<?> now, boolean back) {
        if (was.value().equals(now.value())) {
            return back ? "Nothing to take back" : "Nothing to do again";
        }
        return back ? "Taken back: " + was.done() : "Done again: " + now.done();
    }

    /** Shows a line that is kept already in the place of the one shown before. */
    void replace(HistoryLine<T> line) {
        read.put(line.id(), line);
        overviewOf.apply(line.value()).ifPresent(made -> {
            overviews.put(line.id(), made);
            keeper.note(line.id(), made);
        });
    }

    /** Forgets a line that was erased. */
    void forget(String id) {
        read.remove(id);
        overviews.remove(id);
    }
}
