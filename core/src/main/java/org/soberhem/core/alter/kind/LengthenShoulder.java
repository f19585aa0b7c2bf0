package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Part;
import org.soberhem.core.alter.edit.ShoulderEdit;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * Lengthens or shortens the shoulder seam at its arm end, front and back alike; the arm-hole is redrawn to it.
 *
 * @param amount added to the seam, in millimetres; negative shortens
 * @param sides which worn pieces
 */
public record LengthenShoulder(double amount, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} the shoulder at the arm by {}{}",
                amount < 0 ? "Shorten" : "Lengthen",
                Math.abs(amount),
                WornPieces.where(sides));
    }

    @Override
    public LengthenShoulder on(Sides others) {
        return new LengthenShoulder(amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return ShoulderEdit.each(pattern, Part.FRONT_AND_BACK, sides, shoulder -> {
            if (-amount >= shoulder.path().length() - 1) {
                throw new AlterationRefusal(
                        "The shoulder is only {} long: use a smaller amount",
                        shoulder.path().length());
            }
            return shoulder.path().longer(amount);
        });
    }
}
