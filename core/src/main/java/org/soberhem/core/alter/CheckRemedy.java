package org.soberhem.core.alter;

import java.util.Optional;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.pattern.EdgeRef;

/** Turns a failed check into the alteration that would mend it. */
public final class CheckRemedy {

    private CheckRemedy() {}

    /** Returns the alteration that brings a failed check to its nearest limit, if the sheet names one. */
    public static Optional<Alteration> of(CheckResult check) {
        if (check.passes() || !check.isJudged() || check.remedy().isEmpty()) {
            return Optional.empty();
        }
        double correction = check.correction();
        String at = check.remedy().get().at();
        return Optional.of(
                switch (check.remedy().get().kind()) {
                    case LENGTHEN_AT_LEVEL -> LengthenAtLevel.evenly(at, correction, Sides.BOTH);
                    // Half the girth at each of the two seams.
                    case LET_OUT_SEAM ->
                        new TakeInSeam(EdgeRef.parse(at), -correction / 2, -correction / 2, Sides.BOTH);
                });
    }
}
