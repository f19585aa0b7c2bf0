package org.soberhem.files.store;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import org.soberhem.files.store.stored.Content;

/** The large parts of values in the database: what is new is written in the transaction of the value that names it. */
final class StoredParts implements Content {

    private final Supplier<Handle> handle;
    private final Map<String, String> fresh = new HashMap<>();
    private final Set<String> kept = new HashSet<>();

    StoredParts(Supplier<Handle> handle) {
        this.handle = handle;
    }

    @Override
    public boolean has(String hash) {
        return kept.contains(hash) || fresh.containsKey(hash);
    }

    @Override
    public void add(String hash, String json) {
        fresh.put(hash, json);
    }

    @Override
    public String get(String hash) {
        String waiting = fresh.get(hash);
        if (waiting != null) {
            return waiting;
        }
        byte[] body = handle.get()
                .createQuery("SELECT body FROM part WHERE hash = :hash")
                .bind("hash", hash)
                .mapTo(byte[].class)
                .findOne()
                .orElseThrow(() -> new StoreException("The workspace is damaged: the part " + hash + " is missing"));
        kept.add(hash);
        return Json.unpacked(body);
    }

    /** Writes what is new. */
    void write(Handle transaction) {
        fresh.forEach((hash, json) -> transaction
                .createUpdate("INSERT OR IGNORE INTO part (hash, body) VALUES (:hash, :body)")
                .bind("hash", hash)
                .bind("body", Json.packed(json))
                .execute());
    }

    /** What was written is durable. */
    void committed() {
        kept.addAll(fresh.keySet());
        fresh.clear();
    }

    /** Drops what nothing names any more. */
    void dropAllBut(Handle transaction, Set<String> named) {
        for (String hash : transaction
                .createQuery("SELECT hash FROM part")
                .mapTo(String.class)
                .list()) {
            if (!named.contains(hash)) {
                transaction.execute("DELETE FROM part WHERE hash = ?", hash);
                kept.remove(hash);
            }
        }
    }
}
