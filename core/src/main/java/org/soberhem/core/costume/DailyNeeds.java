package org.soberhem.core.costume;

import java.util.List;

/**
 * What the wearer must be able to do in a costume, asked when it is begun.
 *
 * @param all of them, each once
 */
public record DailyNeeds(List<Need> all) {

    /** One thing that a wearer must be able to do. */
    public enum Need {
        ALONE("dress and undress alone"),
        LAVATORY("use the lavatory dressed"),
        NURSING("nurse a child");

        private final String words;

        Need(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public DailyNeeds {
        all = all.stream().distinct().sorted().toList();
    }
}
