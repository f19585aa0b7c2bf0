package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.Part;
import org.soberhem.core.alter.edit.ShoulderEdit;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * Lowers or raises the shoulder seam, at the arm, at the neck or at both; its length stays.
 *
 * @param part front, back or both
 * @param atNeck how far its neck end is lowered, in millimetres; negative raises
 * @param atArm how far its arm end is lowered
 * @param sides which worn pieces
 */
public record SlopeShoulder(Part part, double atNeck, double atArm, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        boolean raise = atNeck + atArm < 0;
        double sign = raise ? -1 : 1;
        return Sentence.of(
                "{} the shoulder, {}: {} at the neck, {} at the arm{}",
                raise ? "Raise" : "Lower",
                part.words(),
                sign * atNeck,
                sign * atArm,
                WornPieces.where(sides));
    }

    @Override
    public SlopeShoulder on(Sides others) {
        return new SlopeShoulder(part, atNeck, atArm, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return ShoulderEdit.each(pattern, part, sides, this::sloped);
    }

    private Path sloped(ShoulderEdit shoulder) {
        Point neck = shoulder.neck().plus(new Point(0, atNeck));
        Point arm = shoulder.arm().plus(new Point(0, atArm));
        return shoulder.path().mapped(Turn.laying(shoulder.neck(), shoulder.arm(), neck, arm));
    }
}
