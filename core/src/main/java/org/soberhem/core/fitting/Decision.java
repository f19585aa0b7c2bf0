package org.soberhem.core.fitting;

import java.util.Locale;
import java.util.Optional;
import org.soberhem.core.alter.kind.Alteration;

/**
 * What was decided about a remark.
 *
 * @param kind what kind of answer it is
 * @param words in the maker's words
 * @param alteration what was done to the pattern, if anything
 * @param version the version that has it, 0 while none has
 */
public record Decision(Kind kind, String words, Optional<Alteration> alteration, int version) {

    /** The answers that a maker has to what is seen. */
    public enum Kind {
        ALTER("alter the pattern"),
        LEAVE("leave and record"),
        MAKE_UP("make up as planned: bones, lining and tape will cure it"),
        WAIT_FINAL_CLOTH("wait for the final cloth"),
        TRIM_ON_WEARER("trim on the wearer"),
        TEST_AGAIN("test again"),
        CHANGE_FOUNDATION("change the foundation"),
        PAD("pad"),
        OWN_WORDS("in own words");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Returns the kebab-case name that the library uses. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public static Decision of(Kind kind, String words) {
        return new Decision(kind, words, Optional.empty(), 0);
    }
}
