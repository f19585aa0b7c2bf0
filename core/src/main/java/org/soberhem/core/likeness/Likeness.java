package org.soberhem.core.likeness;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * A picture aligned with its reference.
 *
 * @param alignment from places of the picture to places of the reference
 * @param miss how far the places that hold the two together still lie apart on the mean, in the reference's own measure
 * @param perPoint length on the wearer of one of the reference's own measure, in millimetres; not a number until a
 *     length is known
 * @param differences of the places that are compared
 */
public record Likeness(Alignment alignment, double miss, double perPoint, List<Difference> differences) {

    /** Differences smaller than an eighth of an inch cannot be marked with a finger, in millimetres. */
    private static final double LEAST = 25.4 / 8;

    /**
     * How far the same thing lies from where the reference has it.
     *
     * @param name what it is
     * @param here where it lies, on the reference
     * @param there where the reference has it
     * @param right how far to the right in the picture, in millimetres; not a number until a length is known
     * @param down how far too low, in millimetres
     */
    public record Difference(String name, Point here, Point there, double right, double down) {

        /** Says whether it can be seen at all. */
        public boolean isSeen() {
            return Math.hypot(right, down) >= LEAST;
        }

        /** Returns the larger part of it, as a length. */
        public Length amount() {
            return Length.ofMillimetres(Math.max(Math.abs(right), Math.abs(down)));
        }

        /** Returns it in words, such as "button 1: 1 in too low". */
        public Sentence sentence() {
            if (Double.isNaN(down)) {
                return Sentence.of("{}: say one known length on the wearer to measure it", name);
            }
            if (!isSeen()) {
                return Sentence.of("{}: as the reference has it", name);
            }
            String down = this.down > 0 ? "too low" : "too high";
            String across = right > 0 ? "too far to the picture's right" : "too far to the picture's left";
            if (Math.abs(right) < LEAST) {
                return Sentence.of("{}: {} {}", name, Math.abs(this.down), down);
            }
            if (Math.abs(this.down) < LEAST) {
                return Sentence.of("{}: {} {}", name, Math.abs(right), across);
            }
            return Sentence.of("{}: {} {}, {} {}", name, Math.abs(this.down), down, Math.abs(right), across);
        }
    }

    /**
     * Aligns a picture with its reference by the places that are marked on both.
     *
     * @throws IllegalArgumentException if the places do not determine it; the message says what to mark
     */
    public static Likeness of(Overlay overlay) {
        List<Point> from = new ArrayList<>();
        List<Point> to = new ArrayList<>();
        for (Overlay.Pair pair : overlay.pairs()) {
            if (pair.use() == Overlay.Use.HOLDS && pair.here().isPresent()) {
                from.add(pair.here().get());
                to.add(pair.there());
            }
        }
        Alignment alignment = overlay.perspective() ? Alignment.perspective(from, to) : Alignment.similar(from, to);
        double miss = 0;
        for (int i = 0; i < from.size(); i++) {
            miss += alignment.of(from.get(i)).distanceTo(to.get(i)) / from.size();
        }
        double perPoint = perPoint(overlay, alignment).orElse(Double.NaN);
        List<Difference> differences = new ArrayList<>();
        for (Overlay.Pair pair : overlay.pairs()) {
            if (pair.use() == Overlay.Use.COMPARED && pair.here().isPresent()) {
                Point here = alignment.of(pair.here().get());
                Point away = here.minus(pair.there()).times(perPoint);
                differences.add(new Difference(pair.name(), here, pair.there(), away.x(), away.y()));
            }
        }
        return new Likeness(alignment, miss, perPoint, List.copyOf(differences));
    }

    private static Optional<Double> perPoint(Overlay overlay, Alignment alignment) {
        return overlay.known().flatMap(known -> {
            Optional<Point> from = here(overlay, known.from()).map(alignment::of);
            Optional<Point> to = here(overlay, known.to()).map(alignment::of);
            if (from.isEmpty() || to.isEmpty()) {
                return Optional.empty();
            }
            double apart = from.get().distanceTo(to.get());
            if (apart < 1e-6) {
                throw new IllegalArgumentException("The two ends of the known length lie on one spot: \"" + known.from()
                        + "\" and \"" + known.to() + "\"");
            }
            return Optional.of(known.length().toMillimetres() / apart);
        });
    }

    private static Optional<Point> here(Overlay overlay, String name) {
        return overlay.pairs().stream()
                .filter(pair -> pair.name().equals(name))
                .findFirst()
                .flatMap(Overlay.Pair::here);
    }
}
