package org.soberhem.desk.draft;

import java.util.Optional;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.length.LengthFormat;

/** States the scale law in numbers. */
final class ScaleLawText {

    /** So many units can be measured with a tape. */
    private static final int UNITS = 10;

    private ScaleLawText() {}

    /** Returns for example "1 unit = bust ÷ 36, at a bust of 38½ in: 10 units measure 10¾ in". */
    static String sentence(Optional<Draft.Scaling> scale, LengthFormat format) {
        return scale.map(ruling -> "1 unit = " + ruling.law().replace("/", "÷").replace("*", "×") + ", at a "
                        + ruling.by().replace('-', ' ') + " of " + format.format(ruling.measured()) + ": " + UNITS
                        + " units measure " + format.format(UNITS * ruling.unit()))
                .orElse("A measured draft: every point is found from the wearer's own measurements.");
    }
}
