package org.soberhem.files.store;

import jakarta.json.JsonArray;
import jakarta.json.JsonStructure;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.soberhem.core.report.Overview;
import org.soberhem.files.store.stored.Codec;
import org.soberhem.files.store.stored.Unknown;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** The lines of history in the database. Every call runs in a transaction of its caller's. */
final class ActionLog {

    /** A whole value is stored every so many revisions. */
    static final int SNAPSHOT_EVERY = 64;

    private static final int MOST_STATES = 32;

    /** Pictures and parts are named by the hash of their content. */
    private static final Pattern HASH = Pattern.compile("\\b[0-9a-f]{64}\\b");

    private static final Pattern PART = Pattern.compile("\\{\"part\":\"([0-9a-f]{64})\"\\}");

    /** A line where its head stands. */
    private record State(int seq, JsonStructure value, Unknown unknown) {}

    private final Codec codec;
    private final StoredParts parts;
    private final Clock clock;

    /** The heads of the lines changed last; only who writes alone may remember them. */
    private final Map<String, State> heads = new LinkedHashMap<>(32, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, State> eldest) {
            return size() > MOST_STATES;
        }
    };

    private final Map<String, State> changed = new HashMap<>();

    ActionLog(StoredParts parts, Clock clock) {
        this.codec = Codec.beside(parts);
        this.parts = parts;
        this.clock = clock;
    }

    /** What was changed since the last call is durable. */
    void committed() {
        heads.putAll(changed);
        changed.clear();
        parts.committed();
    }

    /** What was changed since the last call to {@link #committed} was undone; parts are written with the next try. */
    void rolledBack() {
        changed.clear();
        heads.clear();
    }

    List<String> ids(Handle handle, String kind) {
        return handle.createQuery("SELECT id FROM line WHERE kind = :kind ORDER BY id")
                .bind("kind", kind)
                .mapTo(String.class)
                .list();
    }

    <T> HistoryLine<T> line(Handle handle, String id, Class<T> type) {
        int head = head(handle, id).orElseThrow(() -> new StoreException("There is no line \"" + id + "\""));
        return line(handle, id, head, value(id, text(handle, id, head), type));
    }

    private <T> HistoryLine<T> line(Handle handle, String id, int head, T value) {
        return new HistoryLine<>(
                id,
                value,
                sentence(handle, id, head).orElse(""),
                head > 0,
                sentence(handle, id, head + 1).orElse(""));
    }

    private <T> T value(String id, String text, Class<T> type) {
        try {
            return codec.value(codec.parse(text), type);
        } catch (JacksonException | IllegalArgumentException | NullPointerException unreadable) {
            throw new StoreException(
                    "The workspace is damaged: what is kept of \"" + id
                            + "\" cannot be read. Go back to a backup, or leave it out",
                    unreadable);
        }
    }

    private String text(Handle handle, String id, int seq) {
        State head = heads.get(id);
        return head != null && head.seq() == seq
                ? head.value().toString()
                : replayed(handle, id, seq).toString();
    }

    /** Returns a value as the nearest whole before it and the patches since make it. */
    static JsonStructure replayed(Handle handle, String id, int seq) {
        var start = handle.createQuery(
                        "SELECT seq, body FROM snapshot WHERE line = :id AND seq <= :seq ORDER BY seq DESC LIMIT 1")
                .bind("id", id)
                .bind("seq", seq)
                .map((row, context) -> Map.entry(row.getInt("seq"), row.getBytes("body")))
                .findOne()
                .orElseThrow(() -> new StoreException("The workspace is damaged: \"" + id + "\" has no beginning"));
        JsonStructure value = Json.parse(Json.unpacked(start.getValue()));
        List<String> patches = handle.createQuery(
                        "SELECT forward FROM revision WHERE line = :id AND seq > :from AND seq <= :to ORDER BY seq")
                .bind("id", id)
                .bind("from", start.getKey())
                .bind("to", seq)
                .mapTo(String.class)
                .list();
        for (String patch : patches) {
            value = Json.patched(value, (JsonArray) Json.parse(patch));
        }
        return value;
    }

    private <T> State state(Handle handle, String id, int seq, Class<T> type) {
        State known = heads.get(id);
        if (known != null && known.seq() == seq) {
            return known;
        }
        JsonStructure stored = replayed(handle, id, seq);
        String text = stored.toString();
        JsonNode again = codec.tree(value(id, text, type));
        return new State(seq, stored, Unknown.in(codec.parse(text), again));
    }

    <T> HistoryLine<T> keep(Handle handle, String kind, String id, T value, Action action, Class<T> type) {
        int head = head(handle, id).orElse(-1);
        State before = head < 0 ? null : state(handle, id, head, type);
        JsonNode tree = codec.tree(value);
        if (before != null) {
            before.unknown().into(tree);
        }
        JsonStructure after = Json.parse(codec.text(tree));
        parts.write(handle);
        String overview = action.overview().map(this::text).orElse("");
        handle.createUpdate(
                        "INSERT INTO line (id, kind, head, overview) VALUES (:id, :kind, 0, :overview) ON CONFLICT (id) DO UPDATE SET overview = :overview")
                .bind("id", id)
                .bind("kind", kind)
                .bind("overview", overview)
                .execute();
        if (before == null) {
            snapshot(handle, id, 0, after);
            changed.put(id, new State(0, after, Unknown.NOTHING));
            return line(handle, id, 0, value);
        }
        JsonArray forward = Json.patch(before.value(), after);
        if (forward.isEmpty()) {
            return line(handle, id, head, value);
        }
        forget(handle, id, head);
        int seq = head + 1;
        handle.createUpdate(
                        "INSERT INTO revision (line, seq, made, action, sentence, forward, back) VALUES (:id, :seq, :made, :action, :sentence, :forward, :back)")
                .bind("id", id)
                .bind("seq", seq)
                .bind("made", Instant.now(clock).toString())
                .bind("action", action.name())
                .bind("sentence", action.sentence())
                .bind("forward", forward.toString())
                .bind("back", Json.patch(after, before.value()).toString())
                .execute();
        if (seq % SNAPSHOT_EVERY == 0) {
            snapshot(handle, id, seq, after);
        }
        move(handle, id, seq);
        changed.put(id, new State(seq, after, before.unknown()));
        return line(handle, id, seq, value);
    }

    /** Forgets what could be redone. */
    private static void forget(Handle handle, String id, int head) {
        for (String table : List.of("revision", "snapshot")) {
            handle.createUpdate("DELETE FROM " + table + " WHERE line = :id AND seq > :head")
                    .bind("id", id)
                    .bind("head", head)
                    .execute();
        }
    }

    static void snapshot(Handle handle, String id, int seq, JsonStructure value) {
        handle.createUpdate("INSERT INTO snapshot (line, seq, body) VALUES (:id, :seq, :body)")
                .bind("id", id)
                .bind("seq", seq)
                .bind("body", Json.packed(value.toString()))
                .execute();
    }

    private static void move(Handle handle, String id, int head) {
        handle.createUpdate("UPDATE line SET head = :head WHERE id = :id")
                .bind("id", id)
                .bind("head", head)
                .execute();
    }

    /** Moves a line to the state before it, or to the one after it; it stays where there is none. */
    <T> HistoryLine<T> step(Handle handle, String id, Class<T> type, boolean back) {
        int head = head(handle, id).orElseThrow(() -> new StoreException("There is no line \"" + id + "\""));
        int to = back ? head - 1 : head + 1;
        if (to < 0 || !back && sentence(handle, id, to).isEmpty()) {
            return line(handle, id, type);
        }
        State now = state(handle, id, head, type);
        JsonArray patch = (JsonArray) Json.parse(handle.createQuery(
                        "SELECT " + (back ? "back" : "forward") + " FROM revision WHERE line = :id AND seq = :seq")
                .bind("id", id)
                .bind("seq", back ? head : to)
                .mapTo(String.class)
                .one());
        State then = new State(to, Json.patched(now.value(), patch), now.unknown());
        move(handle, id, to);
        changed.put(id, then);
        return line(handle, id, to, value(id, then.value().toString(), type));
    }

    private static Optional<Integer> head(Handle handle, String id) {
        return handle.createQuery("SELECT head FROM line WHERE id = :id")
                .bind("id", id)
                .mapTo(Integer.class)
                .findOne();
    }

    private static Optional<String> sentence(Handle handle, String id, int seq) {
        return handle.createQuery("SELECT sentence FROM revision WHERE line = :id AND seq = :seq")
                .bind("id", id)
                .bind("seq", seq)
                .mapTo(String.class)
                .findOne();
    }

    Map<String, Optional<Overview>> overviews(Handle handle, String kind) {
        Map<String, Optional<Overview>> found = new LinkedHashMap<>();
        handle.createQuery("SELECT id, overview FROM line WHERE kind = :kind ORDER BY id")
                .bind("kind", kind)
                .map((row, context) -> Map.entry(row.getString("id"), row.getString("overview")))
                .forEach(row -> found.put(row.getKey(), overview(row.getValue())));
        return found;
    }

    /** One that cannot be read is made anew. */
    private Optional<Overview> overview(String stored) {
        try {
            return stored.isEmpty() ? Optional.empty() : Optional.of(codec.value(codec.parse(stored), Overview.class));
        } catch (JacksonException | NullPointerException other) {
            return Optional.empty();
        }
    }

    void note(Handle handle, String id, Overview overview) {
        handle.createUpdate("UPDATE line SET overview = :overview WHERE id = :id")
                .bind("id", id)
                .bind("overview", text(overview))
                .execute();
    }

    private String text(Overview overview) {
        return codec.text(codec.tree(overview));
    }

    /** Erases lines with their history, and lets others begin anew without theirs. */
    void erase(Handle handle, Set<String> lines, Map<String, ?> anew) {
        Set<String> all = new HashSet<>(lines);
        all.addAll(anew.keySet());
        for (String id : all) {
            for (String table : List.of("revision", "snapshot")) {
                handle.execute("DELETE FROM " + table + " WHERE line = ?", id);
            }
        }
        lines.forEach(id -> handle.execute("DELETE FROM line WHERE id = ?", id));
        anew.forEach((id, value) -> {
            snapshot(handle, id, 0, Json.parse(codec.text(codec.tree(value))));
            handle.execute("UPDATE line SET head = 0, overview = '' WHERE id = ?", id);
        });
        parts.write(handle);
        heads.clear();
        parts.dropAllBut(handle, everNamed(handle));
    }

    /** Returns what lines name where they stand. */
    Set<String> named(Handle handle) {
        Set<String> found = new HashSet<>();
        handle.createQuery("SELECT id, head FROM line")
                .map((row, context) -> Map.entry(row.getString("id"), row.getInt("head")))
                .list()
                .forEach(line -> found.addAll(named(text(handle, line.getKey(), line.getValue()))));
        return found;
    }

    /** Returns what any state of any line ever named. */
    Set<String> everNamed(Handle handle) {
        return everNamedBy(handle, "");
    }

    /**
     * Returns what any state of a line ever named.
     *
     * @param id of the line; empty for all of them
     */
    Set<String> everNamedBy(Handle handle, String id) {
        Set<String> found = new HashSet<>();
        handle.createQuery("SELECT body FROM snapshot WHERE :id IN ('', line)")
                .bind("id", id)
                .mapTo(byte[].class)
                .forEach(body -> found.addAll(named(Json.unpacked(body))));
        handle.createQuery("SELECT forward || back FROM revision WHERE :id IN ('', line)")
                .bind("id", id)
                .mapTo(String.class)
                .forEach(text -> found.addAll(named(text)));
        return found;
    }

    /** Returns the parts that any state of any line names. */
    static Set<String> partsNamed(Handle handle) {
        Set<String> found = new HashSet<>();
        handle.createQuery("SELECT body FROM snapshot")
                .mapTo(byte[].class)
                .forEach(body -> addParts(Json.unpacked(body), found));
        handle.createQuery("SELECT forward || back FROM revision")
                .mapTo(String.class)
                .forEach(text -> addParts(text, found));
        return found;
    }

    private static void addParts(String text, Set<String> to) {
        PART.matcher(text).results().map(part -> part.group(1)).forEach(to::add);
    }

    /** Returns when a revision last named something, if one did. */
    static Optional<Instant> lastNamed(Handle handle, String hash) {
        return handle.createQuery(
                        "SELECT max(made) FROM revision WHERE instr(forward, :hash) > 0 OR instr(back, :hash) > 0")
                .bind("hash", hash)
                .mapTo(String.class)
                .findOne()
                .map(Instant::parse);
    }

    private static Set<String> named(String text) {
        return HASH.matcher(text).results().map(MatchResult::group).collect(Collectors.toSet());
    }
}
