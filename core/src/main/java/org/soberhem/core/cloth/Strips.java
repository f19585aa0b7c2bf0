package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import org.soberhem.core.length.Sentence;

/**
 * Rectangles cut as strips, by pulled threads, with as little waste as can be: threads are pulled right across first,
 * then along in each strip, then across in each column.
 *
 * @param strips in the order in which they are pulled
 * @param width of the cloth, in millimetres
 */
public record Strips(List<Strip> strips, double width) {

    private static final int TRIED = 3000;

    /** Threads nearer than this are one, in millimetres. */
    private static final double SAME = 0.5;

    /**
     * A rectangle that is cut.
     *
     * @param name of the piece
     * @param across its width across the cloth, in millimetres
     * @param along its length along the warp, in millimetres
     */
    public record Rectangle(String name, double across, double along) {

        double area() {
            return across * along;
        }
    }

    /**
     * A column of a strip: rectangles one after the other along the warp, none wider than the first.
     *
     * @param across how wide it is, in millimetres
     */
    public record Column(double across, List<Rectangle> rectangles) {

        public Column {
            rectangles = List.copyOf(rectangles);
        }
    }

    /**
     * Cloth between two threads that are pulled right across.
     *
     * @param along how long it is, in millimetres
     */
    public record Strip(double along, List<Column> columns) {

        public Strip {
            columns = List.copyOf(columns);
        }
    }

    public Strips {
        strips = List.copyOf(strips);
    }

    /** Returns the length of cloth that is needed, in millimetres. */
    public double length() {
        return strips.stream().mapToDouble(Strip::along).sum();
    }

    /** Returns which share of it is cut off and not used. */
    public double waste() {
        double used = strips.stream()
                .flatMap(strip -> strip.columns().stream())
                .flatMap(column -> column.rectangles().stream())
                .mapToDouble(Rectangle::area)
                .sum();
        return length() == 0 ? 0 : 1 - used / (length() * width);
    }

    /** Returns every thread to pull, in order, in words. */
    public List<Sentence> threads() {
        List<Sentence> all = new ArrayList<>();
        int number = 1;
        for (Strip strip : strips) {
            all.add(Sentence.of(
                    "Strip {}: pull a thread right across {} from the end or the last thread, and cut there",
                    number,
                    strip.along()));
            for (Column column : strip.columns()) {
                String names = String.join(
                        ", ", column.rectangles().stream().map(Rectangle::name).toList());
                all.add(Sentence.of(
                        "· in strip {} pull one along, {} from the selvedge or the last: {}",
                        number,
                        column.across(),
                        names));
                for (Rectangle each : column.rectangles()) {
                    boolean whole = Math.abs(each.along() - strip.along()) < SAME;
                    if (!whole) {
                        all.add(Sentence.of("· · across this piece at {}: {}", each.along(), each.name()));
                    }
                }
            }
            number++;
        }
        return all;
    }

    /**
     * Finds strips.
     *
     * @param rectangles what is cut; none wider than the cloth
     * @param width of the cloth, in millimetres
     * @param random where it tries
     */
    public static Strips of(List<Rectangle> rectangles, double width, RandomGenerator random) {
        List<Rectangle> order = new ArrayList<>(rectangles);
        order.sort(Comparator.comparingDouble(Rectangle::along)
                .thenComparingDouble(Rectangle::across)
                .reversed());
        Strips best = cut(order, width);
        for (int i = 0; i < TRIED && order.size() > 1; i++) {
            List<Rectangle> tried = new ArrayList<>(order);
            for (int swaps = 1 + random.nextInt(3); swaps > 0; swaps--) {
                Collections.swap(tried, random.nextInt(tried.size()), random.nextInt(tried.size()));
            }
            Strips cut = cut(tried, width);
            if (cut.length() <= best.length()) {
                best = cut;
                order = tried;
            }
        }
        return best;
    }

    /** Cuts in an order: each goes into the first column it fits under, else beside, else begins a strip. */
    private static Strips cut(List<Rectangle> order, double width) {
        List<List<List<Rectangle>>> strips = new ArrayList<>();
        for (Rectangle each : order) {
            if (!isPut(each, strips, width)) {
                List<List<Rectangle>> strip = new ArrayList<>();
                strip.add(new ArrayList<>(List.of(each)));
                strips.add(strip);
            }
        }
        List<Strip> done = new ArrayList<>();
        for (List<List<Rectangle>> strip : strips) {
            double along = strip.stream()
                    .mapToDouble(column -> column.get(0).along())
                    .max()
                    .orElse(0);
            done.add(new Strip(
                    along,
                    strip.stream()
                            .map(column -> new Column(column.get(0).across(), column))
                            .toList()));
        }
        // The longest first: what is left at the end can still become something else.
        done.sort(Comparator.comparingDouble(Strip::along).reversed());
        return new Strips(done, width);
    }

    private static boolean isPut(Rectangle each, List<List<List<Rectangle>>> strips, double width) {
        for (List<List<Rectangle>> strip : strips) {
            double along = strip.get(0).get(0).along();
            for (List<Rectangle> column : strip) {
                double used = column.stream().mapToDouble(Rectangle::along).sum();
                if (each.across() <= column.get(0).across() + SAME && used + each.along() <= along + SAME) {
                    column.add(each);
                    return true;
                }
            }
            double across =
                    strip.stream().mapToDouble(column -> column.get(0).across()).sum();
            if (each.along() <= along + SAME && across + each.across() <= width + SAME) {
                strip.add(new ArrayList<>(List.of(each)));
                return true;
            }
        }
        return false;
    }
}
