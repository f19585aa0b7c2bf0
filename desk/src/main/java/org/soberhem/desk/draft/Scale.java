package org.soberhem.desk.draft;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.soberhem.core.costume.Work;
import org.soberhem.core.length.LengthFormat;

/** States the scale law in numbers. */
final class Scale {

    private Scale() {}

    /** Returns for example "1 unit = bust ÷ 36 = 27.16 mm; bust 38½ in". */
    static String sentence(Work work, LengthFormat format) {
        String law = work.draft().law().replace("/", "÷").replace("*", "×");
        String unit = BigDecimal.valueOf(work.draft().unit())
                .setScale(2, RoundingMode.HALF_UP)
                .toPlainString();
        String governing = work.sheet().sheet().scale().by();
        double by = work.sheet().sheet().measures().get(governing).stream()
                .filter(work.draft().measures()::containsKey)
                .findFirst()
                .map(work.draft().measures()::get)
                .orElseThrow();
        return "1 unit = " + law + " = " + unit + " mm, at a " + governing + " of " + format.format(by);
    }
}
