package org.soberhem.cli.given;

import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;

/** Reads what is typed after an option. */
public final class Typed {

    private Typed() {}

    /**
     * Returns a length in millimetres; inches where no unit is typed.
     *
     * @param option names the option in the message
     * @throws WrongInput if it cannot be read
     */
    public static double length(String option, String typed) {
        try {
            return LengthEntry.parse(typed, LengthUnit.INCH).value().toMillimetres();
        } catch (LengthFormatException wrong) {
            throw new WrongInput(option + ": " + wrong.getMessage());
        }
    }
}
