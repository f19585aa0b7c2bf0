package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.SewnSeam;
import org.soberhem.core.worn.WornPiece;
import org.soberhem.core.worn.WornPiece.Part;

/**
 * Puts a worn pattern round a stand without a hand: trunk pieces laid seam to seam and bent round the trunk, sleeves as
 * tubes on the arms, bands going on from what they are sewn to. What a seam brings together lies in the middle between
 * its places: the cloth's own forces draw it together.
 */
final class Placing {

    /** A seam within the trunk is lifted by no more than this, millimetres. */
    private static final double HIGHEST = 120;

    private final ClothMesh mesh;
    private final double[] at;
    private final boolean[] placed;

    /** Which pieces show their outside where they turn clockwise on paper. */
    private final boolean[] asDrawn;

    private Placing(ClothMesh mesh) {
        this.mesh = mesh;
        this.at = new double[3 * mesh.vertexCount()];
        this.placed = new boolean[mesh.worn().pieces().size()];
        this.asDrawn = new boolean[placed.length];
    }

    /**
     * Where the particles begin.
     *
     * @param places three coordinates each
     * @param asDrawn of each piece whether its outside is seen as it was drawn, not turned over
     */
    record Start(double[] places, boolean[] asDrawn) {}

    /**
     * Returns where the particles begin.
     *
     * @param clear how far cloth keeps from the trunk
     * @throws org.soberhem.core.worn.CannotTryOn if there is nothing that goes round the trunk
     */
    static Start start(ClothMesh mesh, Stand stand, BodyField body, double clear) {
        Placing placing = new Placing(mesh);
        TrunkPlacing trunk = new TrunkPlacing(mesh, stand, body, clear);
        trunk.place(placing);
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            new SleevePlacing(mesh, stand, side).place(placing);
        }
        placing.bands();
        placing.outsides(trunk.first());
        double[] places = placing.particles();
        placing.liftOut(places, body, clear);
        return new Start(places, placing.asDrawn);
    }

    /** Returns the numbers of the pieces of a part. */
    static List<Integer> pieces(ClothMesh mesh, Part part) {
        List<WornPiece> pieces = mesh.worn().pieces();
        return IntStream.range(0, pieces.size())
                .filter(piece -> pieces.get(piece).part() == part)
                .boxed()
                .toList();
    }

    void put(int vertex, Place place) {
        at[3 * vertex] = place.x();
        at[3 * vertex + 1] = place.y();
        at[3 * vertex + 2] = place.z();
        placed[mesh.pieceOf()[vertex]] = true;
    }

    Place place(int vertex) {
        return new Place(at[3 * vertex], at[3 * vertex + 1], at[3 * vertex + 2]);
    }

    boolean isPlaced(int piece) {
        return placed[piece];
    }

    /** Lets each band go on from the piece that it is sewn to. */
    private void bands() {
        Map<Integer, Map<Integer, List<int[]>>> meeting = Meetings.of(mesh);
        boolean more = true;
        while (more) {
            more = false;
            for (int piece = 0; piece < placed.length; piece++) {
                List<int[]> pairs = new ArrayList<>();
                if (!placed[piece]) {
                    meeting.getOrDefault(piece, Map.of()).forEach((other, each) -> {
                        if (placed[other]) {
                            pairs.addAll(each);
                        }
                    });
                }
                if (!pairs.isEmpty()) {
                    band(piece, pairs);
                    more = true;
                }
            }
        }
    }

    private void band(int piece, List<int[]> pairs) {
        List<Place> directions = pairs.stream().map(pair -> onward(pair[1])).toList();
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            if (mesh.pieceOf()[vertex] != piece) {
                continue;
            }
            int nearest = 0;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < pairs.size(); i++) {
                int met = pairs.get(i)[0];
                double distance = Math.hypot(
                        mesh.paper()[2 * met] - mesh.paper()[2 * vertex],
                        mesh.paper()[2 * met + 1] - mesh.paper()[2 * vertex + 1]);
                if (distance < least) {
                    least = distance;
                    nearest = i;
                }
            }
            Place from = place(pairs.get(nearest)[1]);
            Place along = directions.get(nearest);
            put(
                    vertex,
                    new Place(
                            from.x() + least * along.x(), from.y() + least * along.y(), from.z() + least * along.z()));
        }
    }

    /** Returns the direction in which a piece would go on beyond a vertex of its edge. */
    private Place onward(int vertex) {
        double[] inside = new double[3];
        int count = 0;
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            for (int k = 0; k < 3; k++) {
                if (mesh.triangles()[i + k] == vertex) {
                    for (int other = 1; other < 3; other++) {
                        int corner = mesh.triangles()[i + (k + other) % 3];
                        for (int axis = 0; axis < 3; axis++) {
                            inside[axis] += at[3 * corner + axis];
                        }
                        count++;
                    }
                }
            }
        }
        double[] on = new double[3];
        double length = 0;
        for (int axis = 0; axis < 3; axis++) {
            on[axis] = at[3 * vertex + axis] - inside[axis] / Math.max(1, count);
            length += on[axis] * on[axis];
        }
        length = Math.max(1e-9, Math.sqrt(length));
        return new Place(on[0] / length, on[1] / length, on[2] / length);
    }

    /** Says of each piece which of its faces is outside, from seam to seam. */
    private void outsides(int first) {
        boolean[] known = new boolean[placed.length];
        known[first] = true;
        asDrawn[first] = mesh.worn().pieces().get(first).side() != Side.RIGHT;
        boolean more = true;
        while (more) {
            more = false;
            for (SewnSeam seam : mesh.worn().seams()) {
                int one = seam.first().get(0).piece();
                int other = seam.second().get(0).piece();
                if (known[one] != known[other]) {
                    int from = known[one] ? one : other;
                    int to = known[one] ? other : one;
                    known[to] = true;
                    asDrawn[to] = asDrawn[from] != seam.turnsOver();
                    more = true;
                }
            }
        }
    }

    /** Returns the middle between the vertices of each particle. */
    private double[] particles() {
        double[] places = new double[3 * mesh.particles()];
        int[] count = new int[mesh.particles()];
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            int particle = mesh.particleOf()[vertex];
            count[particle]++;
            for (int axis = 0; axis < 3; axis++) {
                places[3 * particle + axis] += at[3 * vertex + axis];
            }
        }
        for (int i = 0; i < places.length; i++) {
            places[i] /= count[i / 3];
        }
        return places;
    }

    /** Lifts what a seam drew into the trunk, as a strap over the shoulder, out of it upwards. */
    private void liftOut(double[] places, BodyField body, double clear) {
        double[] found = new double[4];
        double[] work = new double[4];
        for (int particle = 0; particle < mesh.particles(); particle++) {
            double height = places[3 * particle + 1];
            double lifted = height;
            boolean out = false;
            for (double up = 0; up <= HIGHEST && !out; up += BodyField.BAND / 7) {
                boolean near = body.at(places[3 * particle], height + up, places[3 * particle + 2], 1, found, work);
                // What is outside to begin with stays, though the body may overhang it.
                out = near && found[0] >= 0;
                lifted = near && !out ? height + up + clear : lifted;
            }
            places[3 * particle + 1] = lifted;
        }
    }
}
