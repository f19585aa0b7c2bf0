package org.soberhem.files.print;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Paper to print on, upright. ISO 216 for A4 and A3; ANSI/ASME Y14.1 size A for Letter; Legal is 8½ × 14 in.
 *
 * @param id short name
 * @param words for people
 * @param width in millimetres
 * @param height in millimetres; of a roll what is cut off at most
 * @param isRoll whether every drawing is cut off as long as it needs
 */
public record PaperSize(String id, String words, double width, double height, boolean isRoll) {

    public static final PaperSize A4 = sheet("a4", "A4", 210, 297);
    public static final PaperSize LETTER = sheet("letter", "US Letter", 215.9, 279.4);
    public static final PaperSize LEGAL = sheet("legal", "US Legal", 215.9, 355.6);
    public static final PaperSize A3 = sheet("a3", "A3", 297, 420);

    /** Narrowest roll: the test squares must fit on it, in millimetres. */
    public static final double NARROWEST = 200;

    /** Widest roll, in millimetres. */
    public static final double WIDEST = 2000;

    /** Longest page that a PDF reader must be able to show, in millimetres: 14 400 points. */
    private static final double LONGEST = 5080;

    private static PaperSize sheet(String id, String words, double width, double height) {
        return new PaperSize(id, words, width, height, false);
    }

    /** Returns the sheets that a home printer takes. */
    public static List<PaperSize> sheets() {
        return List.of(A4, LETTER, LEGAL, A3);
    }

    /**
     * Returns paper from a roll.
     *
     * @param width in millimetres
     * @throws IllegalArgumentException if no printer takes it
     */
    public static PaperSize roll(double width) {
        if (!(width >= NARROWEST && width <= WIDEST)) {
            throw new IllegalArgumentException(
                    "A roll must be 200 mm to 2000 mm wide: " + Math.round(width * 10) / 10.0 + " mm");
        }
        return new PaperSize("roll", "roll, " + Math.round(width) + " mm wide", width, LONGEST, true);
    }

    /** Finds a sheet by its name in any case: a4, letter, legal, a3. */
    public static Optional<PaperSize> find(String name) {
        return sheets().stream()
                .filter(size -> size.id().equals(name.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /** Returns the paper cut off as long as is needed; a sheet stays as it is. */
    PaperSize cutFor(double needed) {
        return isRoll ? new PaperSize(id, words, width, Math.min(LONGEST, Math.max(NARROWEST, needed)), true) : this;
    }
}
