package org.soberhem.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Reads the data that ship with the application. */
final class Resources {

    private Resources() {}

    /**
     * Returns a shipped text.
     *
     * @param name below the library folder
     */
    static String text(String name) {
        try (InputStream in = Resources.class.getResourceAsStream("/library/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The application must ship library/" + name);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot read library/" + name, broken);
        }
    }
}
