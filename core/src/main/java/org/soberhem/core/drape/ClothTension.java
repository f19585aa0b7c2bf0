package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.SurfaceLine;
import org.soberhem.core.worn.ClothMesh;

/** How the cloth of a garment that was tried on is drawn, and how it presses on the body. */
public final class ClothTension {

    /** Cloth that is drawn by more than this is counted as drawn: below it is noise. */
    public static final double DRAWN = 0.01;

    /**
     * Share of a piece that may be drawn without its meaning anything: what a pattern cut from the stand itself
     * shows.
     */
    public static final double NOISE_OF_AREA = 0.03;

    /** Pressure from here on is a question of comfort, kilopascals (from memory). */
    public static final double COMFORT = 2;

    /** Half a stroke of the strongest pull, millimetres. */
    private static final double STROKE = 9;

    private final Draped draped;
    private final Membrane membrane;
    private final double[] pressure;

    public ClothTension(Draped draped) {
        this.draped = draped;
        this.membrane = new Membrane(
                draped.mesh(), draped.cloth(), new boolean[draped.mesh().particles()]);
        this.pressure = pressures();
    }

    /**
     * How a piece is drawn.
     *
     * @param piece its name and side in words
     * @param drawn share of its area that is drawn by more than a hundredth
     * @param beyond share of its area that is drawn by more than a limit
     * @param slack share of its area that is pushed together by more than a hundredth and drawn nowhere
     * @param weft mean stretch along the weft where it is drawn, as a share
     * @param warp the same along the warp
     * @param tightest triangle that is drawn most
     * @param pressure highest on the body beneath it, kilopascals, all but a fiftieth of its area
     */
    public record OfPiece(
            String piece,
            double drawn,
            double beyond,
            double slack,
            double weft,
            double warp,
            int tightest,
            double pressure) {

        /** Says whether more of it is drawn beyond the limit than is noise. */
        public boolean isTight() {
            return beyond > NOISE_OF_AREA;
        }

        OfPiece with(String words) {
            return new OfPiece(words, drawn, beyond, slack, weft, warp, tightest, pressure);
        }

        /** Returns the direction in which it is drawn, in words. */
        public String direction() {
            return weft > 2 * warp ? "across" : warp > 2 * weft ? "along" : "both ways";
        }
    }

    /**
     * Returns how each piece is drawn, in the order of the pattern.
     *
     * @param limit stretch that is too much, as a share
     */
    public List<OfPiece> pieces(double limit) {
        ClothMesh mesh = draped.mesh();
        List<OfPiece> all = new ArrayList<>();
        double[] found = new double[3];
        for (int piece = 0; piece < mesh.worn().pieces().size(); piece++) {
            double area = 0;
            double drawn = 0;
            double beyond = 0;
            double slack = 0;
            double weft = 0;
            double warp = 0;
            double most = -1;
            int tightest = -1;
            List<double[]> pressures = new ArrayList<>();
            for (int i = 0; i < mesh.triangleCount(); i++) {
                if (mesh.pieceOf()[mesh.triangles()[3 * i]] != piece) {
                    continue;
                }
                double own = membrane.area(i);
                strain(i, found);
                area += own;
                double greatest = Math.max(found[0], found[1]);
                if (greatest > DRAWN) {
                    drawn += own;
                    weft += own * Math.max(0, found[0]);
                    warp += own * Math.max(0, found[1]);
                }
                beyond += greatest > limit ? own : 0;
                slack += greatest < DRAWN / 4 && Math.min(found[0], found[1]) < -DRAWN ? own : 0;
                if (greatest > most) {
                    most = greatest;
                    tightest = i;
                }
                double felt = 0;
                for (int k = 0; k < 3; k++) {
                    felt += pressure[membrane.corner(i, k)] / 3;
                }
                pressures.add(new double[] {felt, own});
            }
            all.add(new OfPiece(
                    mesh.worn().pieces().get(piece).words(),
                    drawn / area,
                    beyond / area,
                    slack / area,
                    drawn == 0 ? 0 : weft / drawn,
                    drawn == 0 ? 0 : warp / drawn,
                    tightest,
                    high(pressures, area)));
        }
        return all;
    }

    private static double high(List<double[]> pressures, double area) {
        pressures.sort((a, b) -> Double.compare(b[0], a[0]));
        double passed = 0;
        for (double[] each : pressures) {
            passed += each[1];
            if (passed > area / 50) {
                return each[0];
            }
        }
        return 0;
    }

    /**
     * Returns a stroke in the direction of the pull for every triangle that is drawn beyond a limit, the longer the
     * more it is.
     */
    Map<Integer, SurfaceLine> pulls(double limit) {
        Map<Integer, SurfaceLine> pulls = new TreeMap<>();
        double[] found = new double[3];
        double[] along = new double[3];
        for (int i = 0; i < membrane.count(); i++) {
            strain(i, found);
            double most = Math.max(found[0], found[1]);
            if (most > limit) {
                membrane.along(draped.places(), i, found[0] >= found[1], along);
                double half = Math.min(STROKE, STROKE * most / (3 * limit));
                double[] middle = new double[3];
                for (int k = 0; k < 3; k++) {
                    for (int axis = 0; axis < 3; axis++) {
                        middle[axis] += draped.places()[3 * membrane.corner(i, k) + axis] / 3;
                    }
                }
                pulls.put(
                        i,
                        new SurfaceLine(
                                LineWeight.PULL, List.of(beside(middle, along, -half), beside(middle, along, half))));
            }
        }
        return pulls;
    }

    private static Place beside(double[] middle, double[] along, double by) {
        return new Place(middle[0] + by * along[0], middle[1] + by * along[1], middle[2] + by * along[2]);
    }

    /** Finds how a triangle is drawn along weft and warp, and its shear. */
    private void strain(int triangle, double[] found) {
        membrane.strain(draped.places(), triangle, found);
    }

    /** From the forces of the cloth, which the body balances where it meets it. */
    private double[] pressures() {
        ClothMesh mesh = draped.mesh();
        double[] x = draped.places();
        double[] force = new double[x.length];
        for (int part = 0; part < 3; part++) {
            membrane.addForces(x, force, part);
        }
        double[] area = new double[mesh.particles()];
        for (int i = 0; i < mesh.triangleCount(); i++) {
            for (int k = 0; k < 3; k++) {
                area[membrane.corner(i, k)] += membrane.area(i) / 3;
            }
        }
        double[] pressures = new double[mesh.particles()];
        double[] found = new double[4];
        double[] work = new double[4];
        for (int i = 0; i < pressures.length; i++) {
            boolean near = draped.body().at(x[3 * i], x[3 * i + 1], x[3 * i + 2], 7, found, work);
            if (near && found[0] < draped.cloth().thickness() + 0.2) {
                double inward = 0;
                for (int k = 0; k < 3; k++) {
                    inward -= force[3 * i + k] * found[k + 1];
                }
                // Millinewtons a square millimetre are kilopascals.
                pressures[i] = Math.max(0, inward / area[i]);
            }
        }
        return pressures;
    }
}
