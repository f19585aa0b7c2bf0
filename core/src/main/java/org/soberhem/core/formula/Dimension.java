package org.soberhem.core.formula;

/**
 * What kind of thing a formula yields.
 *
 * @param kind number, angle, truth, or one of the ways of a choice
 * @param power of length: 0 for a pure number, 1 for a length, 2 for an area
 */
public record Dimension(Kind kind, int power) {

    enum Kind {
        MAGNITUDE,
        ANGLE,
        TRUTH,
        CHOICE
    }

    public static final Dimension NUMBER = new Dimension(Kind.MAGNITUDE, 0);
    public static final Dimension LENGTH = new Dimension(Kind.MAGNITUDE, 1);
    public static final Dimension ANGLE = new Dimension(Kind.ANGLE, 0);
    static final Dimension TRUTH = new Dimension(Kind.TRUTH, 0);

    public static final Dimension CHOICE = new Dimension(Kind.CHOICE, 0);

    Dimension times(Dimension other, int sign) {
        if (kind == Kind.ANGLE || other.kind == Kind.ANGLE) {
            return ANGLE;
        }
        return new Dimension(Kind.MAGNITUDE, power + sign * other.power);
    }

    /** Returns the kind in words, for messages. */
    String words() {
        return switch (kind) {
            case ANGLE -> "an angle";
            case TRUTH -> "a yes or no";
            case CHOICE -> "a choice";
            case MAGNITUDE ->
                switch (power) {
                    case 0 -> "a pure number";
                    case 1 -> "a length";
                    case 2 -> "an area";
                    default -> "a length to the power " + power;
                };
        };
    }
}
