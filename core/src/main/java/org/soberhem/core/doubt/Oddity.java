package org.soberhem.core.doubt;

import java.util.List;
import org.soberhem.core.length.Sentence;

/**
 * Something that is not as it usually is.
 *
 * @param id the same for the same oddity at other numbers
 * @param kind what it is if no mistake explains it
 * @param keys readings concerned, the likeliest culprit first
 * @param saw in words, with numbers
 * @param why what would explain it, in words
 */
record Oddity(String id, Doubt.Kind kind, List<String> keys, Sentence saw, Sentence why) {}
