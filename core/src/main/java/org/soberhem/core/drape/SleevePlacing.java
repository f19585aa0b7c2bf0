package org.soberhem.core.drape;

import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.WornPiece;
import org.soberhem.core.worn.WornPiece.Part;

/** Puts a sleeve's pieces as a tube on an arm, the top of its cap at the shoulder. */
final class SleevePlacing {

    /** The tube keeps so far from the arm's line beside the arm itself, millimetres. */
    private static final double CLEAR = 8;

    /** Breadths are taken in steps of this, millimetres. */
    private static final double STEP = 20;

    /** Both edges of a tube keep so far from each other. */
    private static final double ROUND = 0.96;

    private final ClothMesh mesh;
    private final Side side;
    private final List<Place> line;
    private final List<Integer> pieces;

    SleevePlacing(ClothMesh mesh, Stand stand, Side side) {
        this.mesh = mesh;
        this.side = side;
        this.line = stand.armLine(side);
        this.pieces = Placing.pieces(mesh, Part.SLEEVE).stream()
                .filter(piece -> mesh.worn().pieces().get(piece).side() == side)
                .toList();
    }

    void place(Placing placing) {
        if (pieces.isEmpty()) {
            return;
        }
        int first = pieces.stream()
                .filter(piece -> hasCap(mesh.worn().pieces().get(piece)))
                .findFirst()
                .orElse(pieces.get(0));
        Map<Integer, Layout.Lie> lies = new Layout(mesh, pieces, first, new Layout.Lie(1, 0, 0)).lies();
        double top = Double.MAX_VALUE;
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            top = lie == null ? top : Math.min(top, lie.down(mesh, vertex));
        }
        double[][] breadths = breadths(lies, top);
        double front = front(placing, lies, breadths, top);
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            if (lie != null) {
                double down = lie.down(mesh, vertex) - top;
                double[] breadth = breadths[(int) (down / STEP)];
                double turn = 2 * Math.PI * ROUND * (lie.out(mesh, vertex) - breadth[0]) / breadth[1];
                placing.put(vertex, onTube(down, turn * front, breadth[1]));
            }
        }
    }

    private static boolean hasCap(WornPiece piece) {
        return piece.edges().stream().anyMatch(edge -> edge.role() == Role.CAP);
    }

    /** Returns middle and breadth of the layout, step by step from the top; of the cap those where it is broadest. */
    private double[][] breadths(Map<Integer, Layout.Lie> lies, double top) {
        double lowest = 0;
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            lowest = lie == null ? lowest : Math.max(lowest, lie.down(mesh, vertex) - top);
        }
        int steps = (int) (lowest / STEP) + 1;
        double[][] ends = new double[steps][2];
        for (double[] each : ends) {
            each[0] = Double.MAX_VALUE;
            each[1] = -Double.MAX_VALUE;
        }
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            if (lie != null) {
                int step = (int) ((lie.down(mesh, vertex) - top) / STEP);
                ends[step][0] = Math.min(ends[step][0], lie.out(mesh, vertex));
                ends[step][1] = Math.max(ends[step][1], lie.out(mesh, vertex));
            }
        }
        int broadest = 0;
        for (int step = 0; step < steps; step++) {
            if (ends[step][1] - ends[step][0] > ends[broadest][1] - ends[broadest][0]) {
                broadest = step;
            }
        }
        double[][] breadths = new double[steps][2];
        for (int step = 0; step < steps; step++) {
            double[] from =
                    ends[Math.max(step, broadest)][1] < -1e300 ? ends[broadest] : ends[Math.max(step, broadest)];
            breadths[step][0] = (from[0] + from[1]) / 2;
            breadths[step][1] = Math.max(1, from[1] - from[0]);
        }
        return breadths;
    }

    /** Returns 1 if the sleeve's front lies at larger values on the layout, else −1: by where its cap is sewn. */
    private double front(Placing placing, Map<Integer, Layout.Lie> lies, double[][] breadths, double top) {
        double sum = 0;
        double depths = 0;
        double outs = 0;
        int count = 0;
        Map<Integer, Map<Integer, List<int[]>>> meetings = Meetings.of(mesh);
        for (int piece : pieces) {
            Layout.Lie lie = lies.get(piece);
            for (Map.Entry<Integer, List<int[]>> each :
                    meetings.getOrDefault(piece, Map.of()).entrySet()) {
                if (!placing.isPlaced(each.getKey())) {
                    continue;
                }
                for (int[] pair : each.getValue()) {
                    double middle = breadths[(int) ((lie.down(mesh, pair[0]) - top) / STEP)][0];
                    double out = lie.out(mesh, pair[0]) - middle;
                    double depth = placing.place(pair[1]).z();
                    sum += out * depth;
                    outs += out;
                    depths += depth;
                    count++;
                }
            }
        }
        return sum - outs * depths / Math.max(1, count) >= 0 ? 1 : -1;
    }

    /** Returns a place of the tube: so far down the arm, turned from outside forward. */
    private Place onTube(double down, double turn, double girth) {
        int row = 1;
        double before = 0;
        double step = line.get(0).distanceTo(line.get(1));
        while (row < line.size() - 1 && before + step < down) {
            before += step;
            row++;
            step = line.get(row - 1).distanceTo(line.get(row));
        }
        Place from = line.get(row - 1);
        Place to = line.get(row);
        double length = Math.max(1e-9, step);
        double share = (down - before) / length;
        double[] along = {(to.x() - from.x()) / length, (to.y() - from.y()) / length, (to.z() - from.z()) / length};
        // Outside of an arm that hangs, above one that is lifted.
        double turned = side == Side.LEFT ? -1 : 1;
        double[] out = square(new double[] {turned * along[1], -turned * along[0], 0}, along);
        double[] fore = square(new double[] {0, 0, 1}, along);
        double radius = Math.max(girth / (2 * Math.PI), CLEAR);
        double cosine = radius * StrictMath.cos(turn);
        double sine = radius * StrictMath.sin(turn);
        return new Place(
                from.x() + share * (to.x() - from.x()) + cosine * out[0] + sine * fore[0],
                from.y() + share * (to.y() - from.y()) + cosine * out[1] + sine * fore[1],
                from.z() + share * (to.z() - from.z()) + cosine * out[2] + sine * fore[2]);
    }

    private static double[] square(double[] a, double[] to) {
        double dot = a[0] * to[0] + a[1] * to[1] + a[2] * to[2];
        double[] square = {a[0] - dot * to[0], a[1] - dot * to[1], a[2] - dot * to[2]};
        double length =
                Math.max(1e-9, Math.sqrt(square[0] * square[0] + square[1] * square[1] + square[2] * square[2]));
        return new double[] {square[0] / length, square[1] / length, square[2] / length};
    }
}
