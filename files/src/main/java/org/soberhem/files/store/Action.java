package org.soberhem.files.store;

import java.util.Optional;
import org.soberhem.core.report.Overview;

/**
 * What was done to a line.
 *
 * @param name short, for the machine
 * @param sentence what was done, in the maker's words
 * @param overview what is then known of the line without reading it, if anything
 */
public record Action(String name, String sentence, Optional<Overview> overview) {

    /** An action on a line of which nothing needs to be known unread. */
    public static Action of(String name, String sentence) {
        return new Action(name, sentence, Optional.empty());
    }
}
