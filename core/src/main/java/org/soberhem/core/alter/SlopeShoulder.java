package org.soberhem.core.alter;

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
                Worn.where(sides));
    }

    @Override
    public SlopeShoulder on(Sides others) {
        return new SlopeShoulder(part, atNeck, atArm, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return Shoulder.each(pattern, part, sides, this::sloped);
    }

    private Path sloped(Shoulder shoulder) {
        Point neck = shoulder.neck().plus(new Point(0, atNeck));
        Point arm = shoulder.arm().plus(new Point(0, atArm));
        return shoulder.path().mapped(Turn.laying(shoulder.neck(), shoulder.arm(), neck, arm));
    }
}
