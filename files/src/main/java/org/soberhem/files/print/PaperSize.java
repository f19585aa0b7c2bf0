package org.soberhem.files.print;

import java.util.Locale;
import java.util.Optional;

/** Sheets that a home printer takes, upright. ISO 216 for A4 and A3; ANSI/ASME Y14.1 size A for Letter. */
public enum PaperSize {
    A4("A4", 210, 297),
    LETTER("US Letter", 215.9, 279.4),
    A3("A3", 297, 420);

    private final String words;
    private final double width;
    private final double height;

    PaperSize(String words, double width, double height) {
        this.words = words;
        this.width = width;
        this.height = height;
    }

    public String words() {
        return words;
    }

    /** Returns the width, in millimetres. */
    public double width() {
        return width;
    }

    /** Returns the height, in millimetres. */
    public double height() {
        return height;
    }

    /** Finds a size by its name in any case: a4, letter, a3. */
    public static Optional<PaperSize> find(String name) {
        for (PaperSize size : values()) {
            if (size.name().equals(name.toUpperCase(Locale.ROOT))) {
                return Optional.of(size);
            }
        }
        return Optional.empty();
    }
}
