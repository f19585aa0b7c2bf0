package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;

/**
 * An overskirt drawn up by tapes that hang from the waistband inside. Each tape is tacked to the cloth at some points;
 * between two of them, and between the waist and the first, the cloth is longer than the tape and makes a puff. Lengths
 * in millimetres.
 *
 * @param length of the cloth from waist to edge, everywhere
 * @param tapes in order from the centre back outward; the same on both sides
 */
public record Drape(double length, List<Tape> tapes) {

    /**
     * One tape.
     *
     * @param across how far from the centre back it hangs, along the cloth
     * @param tacks from the waist down
     */
    public record Tape(double across, List<Tack> tacks) {
        public Tape {
            tacks = List.copyOf(tacks);
        }

        /** Returns by how much the edge of the cloth rises at this tape: the take-up of all its puffs. */
        public double rise() {
            Tack last = tacks.get(tacks.size() - 1);
            return last.cloth() - last.tape();
        }

        /** Returns what each puff takes up, from the waist down. */
        public List<Double> puffs() {
            List<Double> puffs = new ArrayList<>();
            double before = 0;
            for (Tack tack : tacks) {
                double taken = tack.cloth() - tack.tape();
                puffs.add(taken - before);
                before = taken;
            }
            return puffs;
        }
    }

    /**
     * A point of the cloth and the point of the tape that it is tacked to, both from the waist down.
     *
     * @param cloth along the cloth
     * @param tape along the tape
     */
    public record Tack(double cloth, double tape) {}

    public Drape {
        tapes = List.copyOf(tapes);
        if (tapes.isEmpty()) {
            throw new SumException("A drape needs at least one tape");
        }
        double across = -1;
        for (Tape tape : tapes) {
            if (!(tape.across > across)) {
                throw new SumException(
                        "Tapes must be in order from the centre back outward: {} comes after {}", tape.across, across);
            }
            across = tape.across;
            check(tape, length);
        }
    }

    private static void check(Tape tape, double length) {
        if (tape.tacks.isEmpty()) {
            throw new SumException("A tape must be tacked somewhere: the one at {} is not", tape.across);
        }
        Tack before = new Tack(0, 0);
        for (Tack tack : tape.tacks) {
            if (tack.cloth <= before.cloth || tack.tape < before.tape || tack.cloth > length) {
                throw new SumException(
                        "Tacks must go down the cloth and end above its edge: {} on the cloth, {} on the tape (tape at {})",
                        tack.cloth,
                        tack.tape,
                        tape.across);
            }
            if (tack.cloth - before.cloth < tack.tape - before.tape - 1e-6) {
                throw new SumException(
                        "Between two tacks the cloth must be at least as long as the tape: {} of cloth on {} of tape (tape at {})",
                        tack.cloth - before.cloth,
                        tack.tape - before.tape,
                        tape.across);
            }
            before = tack;
        }
    }

    /**
     * Returns by how much the edge rises anywhere: between tapes in a straight line, beyond the last falling to nothing
     * over the same distance as before it. Our own simplification; cloth on the cross hangs lower.
     *
     * @param across from the centre back, along the cloth
     */
    public double rise(double across) {
        Tape first = tapes.get(0);
        if (across <= first.across) {
            return first.rise();
        }
        for (int i = 1; i < tapes.size(); i++) {
            Tape next = tapes.get(i);
            if (across <= next.across) {
                Tape before = tapes.get(i - 1);
                double share = (across - before.across) / (next.across - before.across);
                return before.rise() + (next.rise() - before.rise()) * share;
            }
        }
        Tape last = tapes.get(tapes.size() - 1);
        double span = tapes.size() == 1 ? Math.max(1, length / 2) : last.across - tapes.get(tapes.size() - 2).across;
        return Math.max(0, last.rise() * (1 - (across - last.across) / span));
    }

    /**
     * Returns how long the cloth must be at a place so that the draped edge hangs level.
     *
     * @param level how far below the waist the edge shall hang
     */
    public double levelled(double across, double level) {
        return level + rise(across);
    }
}
