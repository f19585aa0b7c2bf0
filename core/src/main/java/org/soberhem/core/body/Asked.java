package org.soberhem.core.body;

import java.util.List;
import java.util.Map;

/**
 * What a wearer is asked for beside what a draft needs.
 *
 * @param least measures that are always read, by age: few of small children, many of adults
 * @param telling small girths that show at which mark the tape began
 * @param seated measures that are read seated too
 * @param weighed ages whose weight is asked
 */
public record Asked(Map<Age, List<String>> least, List<String> telling, List<String> seated, List<Age> weighed) {
    public Asked {
        least = Map.copyOf(least);
        telling = List.copyOf(telling);
        seated = List.copyOf(seated);
        weighed = List.copyOf(weighed);
    }
}
