package org.soberhem.core.length;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the lengths that somebody wrote into words, so that every maker reads them in their own unit. */
public final class WrittenLengths {

    private static final String NUMBER = "(?:\\d+ \\d+/\\d+|\\d+/\\d+|\\d+(?:\\.\\d+)?[½¼¾⅛⅜⅝⅞]?|[½¼¾⅛⅜⅝⅞])";

    /** A length with its unit, or the first of two that share one; "2 in front" is no length. */
    private static final Pattern WRITTEN =
            Pattern.compile("(?<![\\w.])(?<first>" + NUMBER + ")(?:(?<to> to | and |–)(?<second>" + NUMBER
                    + "))?\\s?(?<unit>in|cm|mm|ft|yd)\\b(?! (?:front|the|a|all|each|it|hand|one|its|their)\\b)");

    private WrittenLengths() {}

    /** Returns the words with their lengths left open. */
    public static Sentence sentence(String words) {
        Matcher found = WRITTEN.matcher(words);
        StringBuilder template = new StringBuilder();
        List<Object> values = new ArrayList<>();
        int from = 0;
        while (found.find()) {
            template.append(words, from, found.start()).append("{}");
            values.add(length(found.group("first"), found.group("unit")));
            if (found.group("second") != null) {
                template.append(found.group("to")).append("{}");
                values.add(length(found.group("second"), found.group("unit")));
            }
            from = found.end();
        }
        return new Sentence(template.append(words.substring(from)).toString(), values);
    }

    private static Length length(String number, String unit) {
        return LengthEntry.parse(number + " " + unit, LengthUnit.INCH).value();
    }
}
