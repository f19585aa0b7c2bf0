package org.soberhem.core.cloth;

/**
 * What a cloth is made of, and how it is made ready before it is cut.
 *
 * @param id unique in the library
 * @param name for people
 * @param treatment how it is made ready
 * @param before how hot it is washed before it is cut, in degrees Celsius; 0 if it is not washed
 * @param worn how hot the finished garment may be washed; 0 if it is not
 * @param shrinks what it loses when it is made ready, from memory
 * @param care how the garment is cared for
 * @param why reason and caution
 */
public record Fibre(
        String id, String name, Treatment treatment, int before, int worn, Shrinkage shrinks, String care, String why) {

    /** How cloth is made ready. */
    public enum Treatment {
        /** Washed hotter than it will ever be worn. */
        WASH("wash it before it is cut, hotter than it will ever be washed in wear"),
        /** Steamed or pressed damp. */
        STEAM("steam or press it damp before it is cut; never wash it so"),
        /** A square is tried first. */
        SQUARE("try a measured square first");

        private final String words;

        Treatment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
