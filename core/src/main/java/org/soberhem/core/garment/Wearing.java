package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

/**
 * How a garment is got into and lived in.
 *
 * @param closes where it fastens
 * @param fastening how long the fastening is, in millimetres
 * @param below how far below the nape it begins, in millimetres; matters at the back only
 * @param lavatory what the wearer does with it
 * @param nursing whether a child can be nursed in it
 */
public record Wearing(Closes closes, double fastening, double below, Lavatory lavatory, Nursing nursing) {

    /** As far down the back as most hands reach from above (from memory; people differ). */
    private static final double FROM_ABOVE = 5 * INCH;

    /** As far up the back, counted from the nape, as most hands reach from below (from memory; people differ). */
    private static final double FROM_BELOW = 8 * INCH;

    /** Where a garment fastens. */
    public enum Closes {
        FRONT("in front"),
        SIDE("at the side"),
        BACK("at the back"),
        SHOULDER("on the shoulder"),
        NOWHERE("nowhere");

        private final String words;

        Closes(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What the wearer does with it at the lavatory. */
    public enum Lavatory {
        APART("it is not in the way"),
        LIFTED("it is lifted"),
        SPLIT("its seam is open, it stays on"),
        LET_DOWN("it is unfastened and let down"),
        TAKEN_OFF("it must come off altogether");

        private final String words;

        Lavatory(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether a child can be nursed in it. */
    public enum Nursing {
        APART("it does not cover the breast"),
        OPENS("it opens in front"),
        LOW("its neck is low enough to be drawn down"),
        LIFTED("it is lifted from below"),
        NO("it must come off");

        private final String words;

        Nursing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Says whether the wearer can fasten it alone: everything but a fastening between the shoulder blades. */
    public boolean alone() {
        return closes != Closes.BACK || below + fastening <= FROM_ABOVE || below >= FROM_BELOW;
    }
}
