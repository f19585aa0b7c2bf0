package org.soberhem.core.draft;

import java.util.Optional;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;

/**
 * A finished girth, length or opening beside the body.
 *
 * @param name what was measured, such as "bust girth"
 * @param body what the body has, in millimetres; not a number where a measurement is missing
 * @param least least finished length
 * @param most greatest finished length, infinite if there is none
 * @param is the finished length
 * @param why the reason of the ease
 * @param where piece, edge or level on the drawing
 * @param remedy what would mend it, if the sheet says so
 */
public record CheckResult(
        String name,
        double body,
        double least,
        double most,
        double is,
        String why,
        Where where,
        Optional<DraftSheet.Remedy> remedy) {

    /**
     * A place on the drawing.
     *
     * @param piece name of a piece
     * @param part name of the edge or level
     */
    public record Where(String piece, String part) {}

    /** A girth off by less is not told: half an eighth of an inch, in millimetres. */
    public static final double TOLERANCE = 25.4 / 16;

    /**
     * Returns the check settled on purpose: it has no limits any more and passes.
     *
     * @param because why it is left so, in words
     */
    public CheckResult leftSo(String because) {
        return new CheckResult(
                name, body, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, is, because, where, Optional.empty());
    }

    /** Returns the check against another length of the body, with the same ease; not a number if that is missing. */
    public CheckResult against(double other) {
        return new CheckResult(name, other, least - body + other, most - body + other, is, why, where, remedy);
    }

    /**
     * Returns the check for a body that sits down: what is finished must not be less.
     *
     * @param other what the wearer has, seated
     */
    CheckResult seated(double other) {
        return new CheckResult(
                name + ", seated",
                other,
                other,
                Double.MAX_VALUE,
                is,
                "the body has as much when it sits down",
                where,
                remedy);
    }

    /** Says whether it was settled on purpose. */
    public boolean isLeftSo() {
        return Double.isInfinite(least);
    }

    /** Says whether the body's measurement is there to judge by, and the place of the pattern still there to judge. */
    public boolean isJudged() {
        return isLeftSo() || !Double.isNaN(body) && !Double.isNaN(is);
    }

    /** Says whether it is an opening: there is no greatest length. */
    public boolean isOpening() {
        return Double.isInfinite(most) && !isLeftSo();
    }

    /** Says whether the finished length is within its ease; one that cannot be judged does not pass. */
    public boolean passes() {
        return isLeftSo() || is >= least - TOLERANCE && is <= most + TOLERANCE;
    }

    /** Returns how much must be added to reach the nearest limit, in millimetres; 0 if it passes. */
    public double correction() {
        if (passes() || !isJudged()) {
            return 0;
        }
        return is < least ? least - is : most - is;
    }

    /** Returns what was found, in words. */
    public Sentence sentence() {
        if (isLeftSo()) {
            return Sentence.of("{}: left so, {}", capital(name), WrittenLengths.sentence(why));
        }
        if (Double.isNaN(is)) {
            return Sentence.of("{}: not judged, an alteration has taken its place away", capital(name));
        }
        if (!isJudged()) {
            return Sentence.of("{} is {}: not judged, the wearer's measurement is missing", capital(name), is);
        }
        if (passes()) {
            return Sentence.of("{} {}: {} of ease over the body's {}", capital(name), is, is - body, body);
        }
        if (isOpening() || most == Double.MAX_VALUE) {
            return Sentence.of(
                    "{} is {}, {} too small: at least {} is wanted, {}",
                    capital(name),
                    is,
                    correction(),
                    least,
                    WrittenLengths.sentence(why));
        }
        return Sentence.of(
                "{} is {}, {} too {}: {} to {} is wanted over the body's {}",
                capital(name),
                is,
                Math.abs(correction()),
                correction() > 0 ? "small" : "large",
                least,
                most,
                body);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
