package org.soberhem.core.fitting;

/**
 * One movement tried in a mock-up, at once or after wearing it for a while.
 *
 * @param movement id of the movement
 * @param minutes for how long it had been worn, from 0
 * @param result how it went
 * @param words what was noticed; empty if nothing
 */
public record Trial(String movement, int minutes, Result result, String words) {

    /** How a movement went. */
    public enum Result {
        PASSED("passes"),
        WITH_REMARK("passes with a remark"),
        FAILED("fails"),
        NOT_TRIED("not tried");

        private final String words;

        Result(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Says whether it is the answer to the same question. */
    boolean isSame(Trial other) {
        return movement.equals(other.movement) && minutes == other.minutes;
    }
}
