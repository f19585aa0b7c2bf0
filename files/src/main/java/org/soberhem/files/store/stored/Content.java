package org.soberhem.files.store.stored;

/**
 * Where large parts of values that never change lie, each once: finished patterns and the texts of sheets. Values name
 * them by the hash of their content.
 */
public interface Content {

    /** Says whether a part is there. */
    boolean has(String hash);

    /** Takes a part up. */
    void add(String hash, String json);

    /**
     * Returns a part as JSON.
     *
     * @throws IllegalArgumentException if there is none of that hash
     */
    String get(String hash);
}
