package org.soberhem.core.cloth;

import java.util.Optional;

/**
 * A cloth in the stash.
 *
 * @param id unique in the stash
 * @param title as the maker calls it
 * @param fibre id of what it is made of
 * @param width from selvedge to selvedge, in millimetres
 * @param length in hand, in millimetres
 * @param price of a metre, in the maker's own money; 0 if unknown
 * @param weight in grams a square metre; 0 if unknown
 * @param stretch by how much it gives across, as a share; 0 for none
 * @param state how it was made ready
 * @param square what a square of it lost, if one was tried
 * @param face its sides, its nap and what is printed or woven on it
 * @param picture hash of its picture; empty if there is none
 * @param note what the maker wants to remember
 */
public record Cloth(
        String id,
        String title,
        String fibre,
        double width,
        double length,
        double price,
        double weight,
        double stretch,
        State state,
        Optional<Shrinkage> square,
        Face face,
        String picture,
        String note) {

    /**
     * How a cloth was made ready to be cut.
     *
     * @param ready whether it was washed, steamed or pressed
     * @param heat at how many degrees Celsius; 0 if it was not washed
     */
    public record State(boolean ready, int heat) {

        public static final State RAW = new State(false, 0);

        /** Returns it in words. */
        public String words() {
            return !ready ? "not yet made ready" : heat > 0 ? "washed at " + heat + " °C" : "steamed or pressed";
        }
    }

    /**
     * What lies open to see.
     *
     * @param oneWay nap, pile or a print with an up and a down
     * @param bothAlike whether the two sides are alike
     * @param repeatAcross of a stripe or check, in millimetres; 0 if there is none
     * @param repeatAlong the same along the cloth
     */
    public record Face(boolean oneWay, boolean bothAlike, double repeatAcross, double repeatAlong) {

        public static final Face PLAIN = new Face(false, false, 0, 0);

        public boolean isPatterned() {
            return repeatAcross > 0 || repeatAlong > 0;
        }
    }

    /** A cloth of which no more is known. */
    public static Cloth of(String id, String title, String fibre, double width, double length) {
        return new Cloth(id, title, fibre, width, length, 0, 0, 0, State.RAW, Optional.empty(), Face.PLAIN, "", "");
    }

    /** Returns what it will still lose: nothing once it was made ready, else what its square lost, else what its fibre does. */
    public Shrinkage shrinkage(Optional<Fibre> made) {
        if (state.ready()) {
            return Shrinkage.NONE;
        }
        return square.or(() -> made.map(Fibre::shrinks)).orElse(Shrinkage.NONE);
    }

    private Cloth of(String called, String made, double wide, double long_, State how, Optional<Shrinkage> lost) {
        return new Cloth(id, called, made, wide, long_, price, weight, stretch, how, lost, face, picture, note);
    }

    private Cloth of(double paid, double heavy, double gives, Face shown, String pictured, String noted) {
        return new Cloth(id, title, fibre, width, length, paid, heavy, gives, state, square, shown, pictured, noted);
    }

    /** Returns it with another id. */
    public Cloth knownAs(String otherId) {
        return new Cloth(
                otherId, title, fibre, width, length, price, weight, stretch, state, square, face, picture, note);
    }

    public Cloth called(String other) {
        return of(other, fibre, width, length, state, square);
    }

    public Cloth madeOf(String otherFibre) {
        return of(title, otherFibre, width, length, state, square);
    }

    /** Returns it measured anew, in millimetres. */
    public Cloth measuring(double wide, double long_) {
        return of(title, fibre, wide, long_, state, square);
    }

    /**
     * Returns it after it was made ready: what it has lost is lost.
     *
     * @param how it was done
     * @param longNow measured after, in millimetres
     * @param wideNow measured after, in millimetres
     */
    public Cloth madeReady(State how, double longNow, double wideNow) {
        return of(title, fibre, wideNow, longNow, how, square);
    }

    /** Returns it with what a square of it lost. */
    public Cloth tried(Shrinkage lost) {
        return of(title, fibre, width, length, state, Optional.of(lost));
    }

    /** Returns it with so much left, in millimetres. */
    public Cloth left(double stillLong) {
        return of(title, fibre, width, stillLong, state, square);
    }

    /** Returns it with its price of a metre, its weight in grams a square metre and how much it gives, as a share. */
    public Cloth worth(double paid, double heavy, double gives) {
        return of(paid, heavy, gives, face, picture, note);
    }

    public Cloth showing(Face other) {
        return of(price, weight, stretch, other, picture, note);
    }

    public Cloth pictured(String hash) {
        return of(price, weight, stretch, face, hash, note);
    }

    public Cloth noted(String words) {
        return of(price, weight, stretch, face, picture, words);
    }
}
