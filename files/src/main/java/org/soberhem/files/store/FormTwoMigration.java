package org.soberhem.files.store;

import jakarta.json.JsonStructure;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.soberhem.files.store.stored.Codec;
import org.soberhem.files.store.stored.OldChanges;
import tools.jackson.databind.JsonNode;

/** Writes every state of every line anew in the stored form 2, with its whole history. */
final class FormTwoMigration implements JavaMigration {

    static final String SCRIPT = "stored_forms.sql";

    private record Revision(int seq, String changes) {}

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("2");
    }

    @Override
    public String getDescription() {
        return "stored forms";
    }

    @Override
    public Integer getChecksum() {
        return Codec.FORM;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) {
        // Flyway's own connection: it stays open.
        Handle handle = Jdbi.open(context.getConnection());
        Map<String, String> overviews = texts(handle, "SELECT id, in_way FROM line WHERE in_way LIKE '{%'");
        Schema.run(handle, SCRIPT);
        overviews.forEach((id, overview) -> handle.execute("UPDATE line SET overview = ? WHERE id = ?", overview, id));
        StoredParts parts = new StoredParts(() -> handle);
        Codec codec = Codec.beside(parts);
        texts(handle, "SELECT id, kind FROM line")
                .forEach((id, kind) -> rewrite(handle, id, old -> Json.parse(codec.text(codec.brought(1, kind, old)))));
        parts.write(handle);
    }

    private static Map<String, String> texts(Handle handle, String query) {
        return handle
                .createQuery(query)
                .map((row, each) -> Map.entry(row.getString(1), row.getString(2)))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static void rewrite(Handle handle, String id, Function<JsonNode, JsonStructure> brought) {
        Codec old = Codec.whole();
        Map<Integer, byte[]> wholes = handle
                .createQuery("SELECT seq, body FROM snapshot WHERE line = :id")
                .bind("id", id)
                .map((row, each) -> Map.entry(row.getInt("seq"), row.getBytes("body")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        List<Revision> revisions = handle.createQuery("SELECT seq, forward FROM revision WHERE line = :id ORDER BY seq")
                .bind("id", id)
                .map((row, each) -> new Revision(row.getInt("seq"), row.getString("forward")))
                .list();
        handle.execute("DELETE FROM snapshot WHERE line = ?", id);
        JsonNode was = old.parse(Json.unpacked(wholes.get(0)));
        JsonStructure before = brought.apply(was);
        ActionLog.snapshot(handle, id, 0, before);
        for (Revision revision : revisions) {
            byte[] whole = wholes.get(revision.seq());
            was = whole == null
                    ? OldChanges.forward(was, old.parse(revision.changes()))
                    : old.parse(Json.unpacked(whole));
            JsonStructure after = brought.apply(was);
            handle.createUpdate("UPDATE revision SET forward = :forward, back = :back WHERE line = :id AND seq = :seq")
                    .bind("forward", Json.patch(before, after).toString())
                    .bind("back", Json.patch(after, before).toString())
                    .bind("id", id)
                    .bind("seq", revision.seq())
                    .execute();
            if (revision.seq() % ActionLog.SNAPSHOT_EVERY == 0) {
                ActionLog.snapshot(handle, id, revision.seq(), after);
            }
            before = after;
        }
    }
}
