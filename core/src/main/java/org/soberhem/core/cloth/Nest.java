package org.soberhem.core.cloth;

import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;

/**
 * Pieces on a stretch of cloth that may still overlap, and what pulls them apart: each piece that overlaps is put where
 * the weighted area that it shares with the others is least, and what goes on overlapping weighs more each time.
 *
 * <p>For one height of a piece the shared area over every place across the cloth is a line of straight parts; its bends
 * are gathered row by row and summed once. After Egeblad, Nielsen and Odgaard, "Fast neighborhood search for two- and
 * three-dimensional nesting problems", European Journal of Operational Research 183 (2007), from memory.
 */
final class Nest {

    /** Rows left out in the first look, and millimetres across that it takes together, as a power of two. */
    private static final int COARSE_ROWS = 4;

    private static final int COARSE_ACROSS = 3;

    /** So many heights of the first look are looked at closely. */
    private static final int CLOSE = 2;

    /** At about so many heights a piece is looked at first. */
    private static final int LOOKS = 60;

    /** How much more the worst overlap weighs after a pass, and how much of that a cured one keeps. */
    private static final double HEAVIER = 1;

    private static final double FORGOTTEN = 0.95;

    /** How the pieces can lie: for each, one shape for each way of turning it. */
    record Part(List<Way> ways) {}

    /**
     * One way of turning a piece.
     *
     * @param places across the cloth where it may lie, to the nearest millimetre; empty if anywhere
     * @param everyRow it may begin at every so manieth row
     * @param lies how it is turned, with its box's corner at the origin
     */
    record Way(Raster raster, int[] places, int everyRow, PlacedPiece lies) {}

    /** Where every piece lies. */
    record State(int[] x, int[] row, int[] way) {

        State copy() {
            return new State(x.clone(), row.clone(), way.clone());
        }
    }

    private final List<Part> parts;
    private final int across;
    private final RandomGenerator random;
    private final double[][] weight;
    private final double[] bends;
    private State now;
    private State nearest;
    private int length;
    private long work;

    private int[] rowFirst = new int[0];
    private int[] spanFrom = new int[0];
    private int[] spanTo = new int[0];
    private double[] spanWeight = new double[0];

    private double found;
    private int foundX;

    /** @param across width of the cloth as it lies, in whole millimetres */
    Nest(List<Part> parts, int across, RandomGenerator random) {
        this.parts = parts;
        this.across = across;
        this.random = random;
        this.weight = new double[parts.size()][parts.size()];
        this.bends = new double[across + 2];
        weighAlike();
    }

    private void weighAlike() {
        for (double[] each : weight) {
            Arrays.fill(each, 1);
        }
    }

    State state() {
        return now;
    }

    /** Returns the lay of the last attempt that overlapped least. */
    State least() {
        return nearest;
    }

    /** Returns how a piece is turned in a state. */
    Way way(int part, State in) {
        return parts.get(part).ways().get(in.way()[part]);
    }

    /** Begins from a lay on so many rows; what hangs over the end is taken in. */
    void begin(State from, int rows) {
        now = from.copy();
        length = rows;
        weighAlike();
        for (int i = 0; i < parts.size(); i++) {
            if (!mayLie(i)) {
                put(i);
            }
        }
        nearest = now.copy();
    }

    private boolean mayLie(int part) {
        Way way = way(part, now);
        int x = now.x()[part];
        return now.row()[part] + way.raster().rows() <= length
                && x + way.raster().width() <= across
                && now.row()[part] % way.everyRow() == 0
                && (way.places().length == 0 || Arrays.binarySearch(way.places(), x) >= 0);
    }

    private Raster raster(int part) {
        return parts.get(part).ways().get(now.way()[part]).raster();
    }

    /** Lays the pieces one by one, each as far up as it goes without overlapping; returns the rows used. */
    int fill(int[] order, State into, int most) {
        now = into;
        length = most;
        Arrays.fill(now.row(), -1);
        Map<Way, Integer> tried = new IdentityHashMap<>();
        int used = 0;
        for (int part : order) {
            gather(part);
            int best = Integer.MAX_VALUE;
            List<Way> ways = parts.get(part).ways();
            for (int way = 0; way < ways.size(); way++) {
                Way lying = ways.get(way);
                int row = firstFree(lying, tried.getOrDefault(lying, 0), best);
                tried.put(lying, row);
                if (row + lying.raster().rows() <= Math.min(length, best - 1)) {
                    best = row + lying.raster().rows();
                    now.x()[part] = foundX;
                    now.row()[part] = row;
                    now.way()[part] = way;
                }
            }
            if (best == Integer.MAX_VALUE) {
                return Integer.MAX_VALUE;
            }
            used = Math.max(used, best);
        }
        return used;
    }

    /** Returns the first row from one on at which a piece overlaps nothing, or one at which it would end too late. */
    private int firstFree(Way way, int from, int before) {
        int rows = way.raster().rows();
        int row = from;
        while (row + rows <= length && row + rows < before) {
            // Some of the rows suffice to see that it does not fit.
            look(way, row, COARSE_ROWS, 0);
            if (found <= 0) {
                look(way, row, 1, 0);
                if (found <= 0) {
                    return row;
                }
            }
            row += way.everyRow();
        }
        return row;
    }

    /**
     * Pulls the pieces apart for so many passes, as long as there is time.
     *
     * @return whether nothing overlaps any more
     */
    boolean part(int passes, java.util.function.BooleanSupplier time) {
        double least = Double.MAX_VALUE;
        int since = 0;
        for (int pass = 0; since < passes && time.getAsBoolean(); pass++) {
            double[][] shared = shared();
            double all = 0;
            double worst = 0;
            for (double[] row : shared) {
                for (double area : row) {
                    all += area;
                    worst = Math.max(worst, area);
                }
            }
            if (all == 0) {
                return true;
            }
            since = all < least * 0.98 ? 0 : since + 1;
            if (all < least) {
                least = all;
                nearest = now.copy();
            }
            weigh(shared, worst);
            for (int part : shuffled(parts.size())) {
                if (overlaps(part, shared)) {
                    put(part);
                }
            }
        }
        return false;
    }

    private static boolean overlaps(int part, double[][] shared) {
        for (int other = 0; other < shared.length; other++) {
            if (shared[Math.max(part, other)][Math.min(part, other)] > 0) {
                return true;
            }
        }
        return false;
    }

    private void weigh(double[][] shared, double worst) {
        for (int i = 0; i < parts.size(); i++) {
            for (int j = 0; j < i; j++) {
                double changed = shared[i][j] > 0
                        ? weight[i][j] * (1 + HEAVIER * shared[i][j] / worst + 0.1)
                        : Math.max(1, weight[i][j] * FORGOTTEN);
                weight[i][j] = changed;
                weight[j][i] = changed;
            }
        }
    }

    /** Returns the numbers from 0 in a new order. */
    int[] shuffled(int many) {
        int[] order = new int[many];
        for (int i = 0; i < many; i++) {
            int other = random.nextInt(i + 1);
            order[i] = order[other];
            order[other] = i;
        }
        return order;
    }

    /** Returns what each two pieces share, the larger number first. */
    private double[][] shared() {
        int many = parts.size();
        double[][] shared = new double[many][many];
        for (int i = 0; i < many; i++) {
            for (int j = 0; j < i; j++) {
                shared[i][j] = shared(i, j);
            }
        }
        return shared;
    }

    private double shared(int i, int j) {
        Raster one = raster(i);
        Raster other = raster(j);
        int from = Math.max(now.row()[i], now.row()[j]);
        int to = Math.min(now.row()[i] + one.rows(), now.row()[j] + other.rows());
        int apart = now.x()[j] - now.x()[i];
        if (apart > one.width() || -apart > other.width()) {
            return 0;
        }
        double sum = 0;
        for (int row = from; row < to; row++) {
            int k = row - now.row()[i];
            int l = row - now.row()[j];
            for (int s = one.first()[k]; s < one.first()[k + 1]; s++) {
                for (int t = other.first()[l]; t < other.first()[l + 1]; t++) {
                    int common = Math.min(one.to()[s], other.to()[t] + apart)
                            - Math.max(one.from()[s], other.from()[t] + apart);
                    sum += Math.max(0, common);
                }
            }
        }
        return sum;
    }

    /**
     * Returns what has been done so far, to compare with another: each piece put counts by how many may be in its way.
     */
    long work() {
        return work;
    }

    /** Puts a piece where it overlaps least. */
    private void put(int part) {
        work += parts.size();
        gather(part);
        double best = Double.MAX_VALUE;
        List<Way> ways = parts.get(part).ways();
        for (int way = 0; way < ways.size() && best > 0; way++) {
            Way tried = ways.get(way);
            int last = length - tried.raster().rows();
            if (last < 0) {
                continue;
            }
            if (tried.everyRow() > 1) {
                for (int row = 0; row <= last; row += tried.everyRow()) {
                    best = closely(part, way, row, row, best);
                }
                continue;
            }
            int step = Math.max(COARSE_ROWS, last / LOOKS);
            double[] sums = new double[CLOSE];
            int[] rows = new int[CLOSE];
            Arrays.fill(sums, Double.MAX_VALUE);
            for (int row = random.nextInt(Math.min(step, last + 1)); row <= last; row += step) {
                look(tried, row, COARSE_ROWS, COARSE_ACROSS);
                rank(found, row, sums, rows);
            }
            for (int k = 0; k < CLOSE && sums[k] < Double.MAX_VALUE; k++) {
                int near = step > COARSE_ROWS ? nearer(tried, rows[k], step / 2, last) : rows[k];
                int reach = COARSE_ROWS - 1;
                best = closely(part, way, Math.max(0, near - reach), Math.min(last, near + reach), best);
            }
        }
    }

    /** Returns the better row round one that a first look found. */
    private int nearer(Way way, int about, int reach, int last) {
        double least = Double.MAX_VALUE;
        int nearer = about;
        for (int row = Math.max(0, about - reach); row <= Math.min(last, about + reach); row += COARSE_ROWS) {
            look(way, row, COARSE_ROWS, COARSE_ACROSS);
            if (found < least) {
                least = found;
                nearer = row;
            }
        }
        return nearer;
    }

    /**
     * Looks at some rows closely, puts the piece at the best one if that is better, and returns the least it shares.
     */
    private double closely(int part, int way, int from, int to, double least) {
        double best = least;
        for (int row = from; row <= to; row++) {
            look(parts.get(part).ways().get(way), row, 1, 0);
            if (found < best) {
                best = found;
                now.x()[part] = foundX;
                now.row()[part] = row;
                now.way()[part] = way;
            }
        }
        return best;
    }

    private static void rank(double sum, int row, double[] sums, int[] rows) {
        for (int k = 0; k < sums.length; k++) {
            if (sum < sums[k]) {
                for (int l = sums.length - 1; l > k; l--) {
                    sums[l] = sums[l - 1];
                    rows[l] = rows[l - 1];
                }
                sums[k] = sum;
                rows[k] = row;
                return;
            }
        }
    }

    /** Gathers the stretches of all other pieces that lie somewhere, row by row, with their weights. */
    private void gather(int part) {
        if (rowFirst.length < length + 2) {
            rowFirst = new int[length + 2];
        }
        Arrays.fill(rowFirst, 0);
        int many = 0;
        for (int j = 0; j < parts.size(); j++) {
            if (j == part || now.row()[j] < 0) {
                continue;
            }
            Raster raster = raster(j);
            int rows = Math.min(raster.rows(), length - now.row()[j]);
            for (int k = 0; k < rows; k++) {
                int spans = raster.first()[k + 1] - raster.first()[k];
                rowFirst[now.row()[j] + k + 2] += spans;
                many += spans;
            }
        }
        for (int row = 2; row < length + 2; row++) {
            rowFirst[row] += rowFirst[row - 1];
        }
        if (spanFrom.length < many) {
            spanFrom = new int[2 * many];
            spanTo = new int[2 * many];
            spanWeight = new double[2 * many];
        }
        for (int j = 0; j < parts.size(); j++) {
            if (j == part || now.row()[j] < 0) {
                continue;
            }
            Raster raster = raster(j);
            int rows = Math.min(raster.rows(), length - now.row()[j]);
            for (int k = 0; k < rows; k++) {
                for (int s = raster.first()[k]; s < raster.first()[k + 1]; s++) {
                    int at = rowFirst[now.row()[j] + k + 1]++;
                    spanFrom[at] = raster.from()[s] + now.x()[j];
                    spanTo[at] = raster.to()[s] + now.x()[j];
                    spanWeight[at] = weight[part][j];
                }
            }
        }
    }

    /** Finds the place across at which a piece beginning at a row shares least with the others; leftmost of equals. */
    private void look(Way way, int row, int stepRows, int shift) {
        Raster raster = way.raster();
        int last = across - raster.width();
        double value = 0;
        double slope = 0;
        for (int k = 0; k < raster.rows(); k += stepRows) {
            int spansFrom = rowFirst[row + k];
            int spansTo = rowFirst[row + k + 1];
            for (int s = raster.first()[k]; s < raster.first()[k + 1]; s++) {
                int a = raster.from()[s];
                int b = raster.to()[s];
                for (int at = spansFrom; at < spansTo; at++) {
                    int end = spanTo[at] - a;
                    if (end <= 0) {
                        continue;
                    }
                    double w = spanWeight[at];
                    int begin = spanFrom[at] - b;
                    int left = spanFrom[at] - a;
                    int right = spanTo[at] - b;
                    int full = Math.min(left, right);
                    int leave = Math.max(left, right);
                    if (begin < 0) {
                        value -= w * begin;
                        slope += w;
                    } else if (begin <= last) {
                        bends[begin >> shift] += w;
                    }
                    if (full < 0) {
                        value += w * full;
                        slope -= w;
                    } else if (full <= last) {
                        bends[full >> shift] -= w;
                    }
                    if (leave < 0) {
                        value += w * leave;
                        slope -= w;
                    } else if (leave <= last) {
                        bends[leave >> shift] -= w;
                    }
                    if (end <= last) {
                        bends[end >> shift] += w;
                    }
                }
            }
        }
        sum(way.places(), value, slope, last, shift);
    }

    private void sum(int[] places, double from, double slopeFrom, int last, int shift) {
        double value = from;
        double slope = slopeFrom;
        double unit = 1 << shift;
        int next = 0;
        found = Double.MAX_VALUE;
        foundX = 0;
        for (int x = 0; x <= last >> shift; x++) {
            if (places.length == 0 || shift > 0) {
                if (value < found - 1e-6) {
                    found = value;
                    foundX = x << shift;
                }
            } else if (next < places.length && places[next] == x) {
                next++;
                if (value < found - 1e-6) {
                    found = value;
                    foundX = x;
                }
            }
            slope += bends[x];
            bends[x] = 0;
            value += slope * unit;
        }
        if (found < 1e-3) {
            found = 0;
        }
    }
}
