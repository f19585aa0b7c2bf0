package org.soberhem.core.formula;

import java.util.Objects;

/**
 * Words of a sheet and where they stand.
 *
 * @param text as written
 * @param line line of the file, from 1
 */
public record SourceText(String text, int line) {
    public SourceText {
        Objects.requireNonNull(text, "text");
    }
}
