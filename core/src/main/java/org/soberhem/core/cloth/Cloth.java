package org.soberhem.core.cloth;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
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
        String note)
        implements ClothBuilder.With {

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

    /**
     * Returns what it will still lose: nothing once it was made ready, else what its square lost, else what its fibre
     * does.
     */
    public Shrinkage shrinkage(Optional<Fibre> made) {
        if (state.ready()) {
            return Shrinkage.NONE;
        }
        return square.or(() -> made.map(Fibre::shrinks)).orElse(Shrinkage.NONE);
    }

    /** Returns it measured anew, in millimetres. */
    public Cloth withSize(double wide, double long_) {
        return with(copy -> copy.width(wide).length(long_));
    }

    /**
     * Returns it after it was made ready: what it has lost is lost.
     *
     * @param how it was done
     * @param longNow measured after, in millimetres
     * @param wideNow measured after, in millimetres
     */
    public Cloth withState(State how, double longNow, double wideNow) {
        return with(copy -> copy.state(how).length(longNow).width(wideNow));
    }

    /** Returns it with what a square of it lost. */
    public Cloth tried(Shrinkage lost) {
        return withSquare(Optional.of(lost));
    }

    /** Returns it with so much left, in millimetres. */
    public Cloth left(double stillLong) {
        return withLength(stillLong);
    }

    /** Returns it with its price of a metre, its weight in grams a square metre and how much it gives, as a share. */
    public Cloth withWorth(double paid, double heavy, double gives) {
        return with(copy -> copy.price(paid).weight(heavy).stretch(gives));
    }
}
