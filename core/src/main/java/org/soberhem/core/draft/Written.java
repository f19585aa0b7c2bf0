package org.soberhem.core.draft;

import java.util.Objects;

/**
 * Words of a sheet and where they stand.
 *
 * @param text as written
 * @param line line of the file, from 1
 */
public record Written(String text, int line) {
    public Written {
        Objects.requireNonNull(text, "text");
    }
}
