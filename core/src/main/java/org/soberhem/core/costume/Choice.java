package org.soberhem.core.costume;

/**
 * Which reading a costume's drafts take for a measure, where the maker overrules what would be taken.
 *
 * @param from catalogue id of the reading
 * @param take how it is taken
 * @param reason why, in the maker's words
 */
public record Choice(String from, Take take, String reason) {

    /** How a reading is taken. */
    public enum Take {
        STANDING("standing"),
        SEATED("seated"),
        LARGER("the larger of standing and seated"),
        ESTIMATE("estimated over the layers");

        private final String words;

        Take(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
