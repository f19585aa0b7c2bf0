package org.soberhem.core.garment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.length.LengthFormat;

/** What sums start from, typed in inches, with a few invented usages. */
final class Givens {

    static final double INCH = 25.4;

    static final List<Usage> USAGES = List.of(
            new Usage("straight-panels", 1828, 1863, "", 1, 1, "straight"),
            new Usage("gored", 1864, 1925, "", 1, 1, "gored"),
            new Usage("skirt-gathers", 1840, 1863, "", 3, 8, "any cloth"),
            new Usage("skirt-gathers", 1840, 1863, "heavy", 2, 4, "wool"),
            new Usage("underarm-gusset", 1500, 1860, "", 3 * INCH, 9 * INCH, "by the arm"),
            new Usage("sleeve-cap", 1893, 1897, "", 4 * INCH, 20 * INCH, "full"));

    private Givens() {}

    static SumInputs inches(String name, Map<String, Double> inches, Map<String, String> words, int year) {
        Map<String, Double> amounts = new HashMap<>();
        inches.forEach((argument, value) -> amounts.put(argument, value * INCH));
        return new SumInputs(name, amounts, words, List.of(), Map.of(), new SumInputs.Circumstances(year, USAGES));
    }

    /** Returns the words of the findings that ask. */
    static List<String> asked(Sum sum) {
        return graded(sum, Finding.Grade.ASKS);
    }

    static List<String> failed(Sum sum) {
        return graded(sum, Finding.Grade.FAILS);
    }

    private static List<String> graded(Sum sum, Finding.Grade grade) {
        return sum.findings().stream()
                .filter(finding -> finding.grade() == grade)
                .map(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .toList();
    }
}
