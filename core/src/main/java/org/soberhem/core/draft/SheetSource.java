package org.soberhem.core.draft;

/**
 * Where a pattern comes from, as evidence.
 *
 * @param kind what was drawn from
 * @param where which, and where it is kept or was published; may be empty
 * @param at page, plate or number; may be empty
 * @param sure how sure it is that the pattern shows what was worn
 * @param note anything else, in the maker's words; may be empty
 */
public record SheetSource(Kind kind, String where, String at, Sure sure, String note) {

    /** Kinds of evidence. */
    public enum Kind {
        GARMENT("surviving garment"),
        PLATE("period plate"),
        TEXT("period text"),
        COPY("later copy"),
        OWN("own garment or pattern"),
        GUESS("guess");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How sure it is. */
    public enum Sure {
        SURE("sure"),
        LIKELY("fairly sure"),
        UNSURE("unsure");

        private final String words;

        Sure(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Returns evidence of which only words are known: a guess. */
    public static SheetSource guessed(String note) {
        return new SheetSource(Kind.GUESS, "", "", Sure.UNSURE, note);
    }

    /** Returns the evidence in one line. */
    public String words() {
        return note.isBlank() ? brief() : brief() + ": " + note;
    }

    /** Returns the evidence in one line, without the note. */
    public String brief() {
        StringBuilder line = new StringBuilder(kind.words());
        if (!where.isBlank()) {
            line.append(", ").append(where);
        }
        if (!at.isBlank()) {
            line.append(", ").append(at);
        }
        line.append(" (").append(sure.words()).append(')');
        return line.toString();
    }
}
