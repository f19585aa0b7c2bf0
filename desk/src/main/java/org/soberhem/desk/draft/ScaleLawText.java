package org.soberhem.desk.draft;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.length.LengthFormat;

/** States the scale law in numbers. */
final class ScaleLawText {

    private ScaleLawText() {}

    /** Returns for example "1 unit = bust ÷ 36 = 27.16 mm, at a bust of 38½ in". */
    static String sentence(Optional<Draft.Scaling> scale, LengthFormat format) {
        return scale.map(ruling -> "1 unit = " + ruling.law().replace("/", "÷").replace("*", "×") + " = "
                        + BigDecimal.valueOf(ruling.unit())
                                .setScale(2, RoundingMode.HALF_UP)
                                .toPlainString()
                        + " mm, at a " + ruling.by() + " of " + format.format(ruling.measured()))
                .orElse("A measured draft: every point is found from the wearer's own measurements.");
    }
}
