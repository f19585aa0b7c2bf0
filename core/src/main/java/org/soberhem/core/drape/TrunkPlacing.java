package org.soberhem.core.drape;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.CannotTryOn;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.SewnSeam;
import org.soberhem.core.worn.WornPiece;
import org.soberhem.core.worn.WornPiece.Part;

/** Bends the pieces of the trunk round it: laid seam to seam, their waist at the wearer's, clear of the body. */
final class TrunkPlacing {

    /** Levels that a piece is hung by, the best first. */
    private static final List<String> LEVELS = List.of("waist", "bust", "chest");

    private static final int PUSHES = 40;

    private final ClothMesh mesh;
    private final Stand stand;
    private final BodyField body;
    private final double clear;
    private final List<Integer> pieces;
    private final int first;

    TrunkPlacing(ClothMesh mesh, Stand stand, BodyField body, double clear) {
        this.mesh = mesh;
        this.stand = stand;
        this.body = body;
        this.clear = clear;
        this.pieces = Placing.pieces(mesh, Part.TRUNK);
        this.first = front(Side.LEFT);
        if (first < 0) {
            throw new CannotTryOn(TryOn.NOTHING);
        }
    }

    /** Returns the number of the piece that lies in front on the left. */
    int first() {
        return first;
    }

    /** Returns the front piece that is joined to its fellow along the middle. */
    private int front(Side side) {
        int found = -1;
        for (SewnSeam seam : mesh.worn().seams()) {
            for (SewnSeam.Stretch each :
                    List.of(seam.first().get(0), seam.second().get(0))) {
                WornPiece piece = mesh.worn().pieces().get(each.piece());
                boolean ofSide = piece.side() == side && pieces.contains(each.piece());
                if (seam.kind() == SewnSeam.Kind.MIDDLE && ofSide && (found < 0 || isFront(piece))) {
                    found = each.piece();
                }
            }
        }
        for (int piece : pieces) {
            boolean whole = mesh.worn().pieces().get(piece).side() == Side.MIDDLE;
            if (found < 0 && whole && isFront(mesh.worn().pieces().get(piece))) {
                found = piece;
            }
        }
        return found;
    }

    private static boolean isFront(WornPiece piece) {
        return piece.piece()
                .spans()
                .map(spans -> spans.isFront())
                .orElse(piece.name().contains("front"));
    }

    void place(Placing placing) {
        Map<Integer, Layout.Lie> lies = new HashMap<>();
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            int begin = front(side);
            if (begin >= 0 && !lies.containsKey(begin)) {
                int over = side == Side.LEFT ? 1 : -1;
                double middle = middle(begin);
                List<Integer> there = pieces.stream()
                        .filter(piece -> mesh.worn().pieces().get(piece).side() == side
                                || mesh.worn().pieces().get(piece).side() == Side.MIDDLE)
                        .toList();
                lies.putAll(new Layout(mesh, there, begin, new Layout.Lie(over, -over * middle, 0)).lies());
            }
        }
        pieces.stream().filter(piece -> !lies.containsKey(piece)).findFirst().ifPresent(piece -> {
            throw new CannotTryOn(mesh.worn().pieces().get(piece).words()
                    + ": no seam joins it to the front, so it cannot be tried on. Say what it is sewn to.");
        });
        bend(placing, lies);
    }

    /** Returns where the middle of the body lies on a piece. */
    private double middle(int piece) {
        return mesh.worn()
                .pieces()
                .get(piece)
                .piece()
                .centreX()
                .orElseGet(() -> mesh.worn().pieces().get(piece).edges().stream()
                        .filter(edge -> edge.role() == Role.CENTRE)
                        .mapToDouble(edge -> edge.path().atShare(0.5).x())
                        .average()
                        .orElse(0));
    }

    private void bend(Placing placing, Map<Integer, Layout.Lie> lies) {
        double[] most = {1, 1};
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            if (lie != null) {
                double out = lie.out(mesh, vertex);
                int side = out >= 0 ? 0 : 1;
                most[side] = Math.max(most[side], Math.abs(out));
            }
        }
        double rise = rise(lies);
        double top = stand.levels().getOrDefault("bust", stand.levels().get("chest"));
        Sections sections = new Sections(stand.meshes().get(0));
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            Layout.Lie lie = lies.get(mesh.pieceOf()[vertex]);
            if (lie == null) {
                continue;
            }
            double out = lie.out(mesh, vertex);
            double height = rise - lie.down(mesh, vertex);
            double share = out / most[out >= 0 ? 0 : 1];
            // Rings are cut at whole centimetres: it is a beginning only.
            double cut = Math.rint(Math.min(top, height) / 10) * 10;
            Place on = sections.along(cut, share);
            placing.put(vertex, cleared(new Place(on.x(), height, on.z())));
        }
    }

    /** Moves a place out of the trunk, level. */
    private Place cleared(Place place) {
        double[] found = new double[4];
        double[] work = new double[4];
        double x = place.x();
        double z = place.z();
        for (int push = 0; push < PUSHES; push++) {
            if (!body.at(x, place.y(), z, 1, found, work) || found[0] >= clear) {
                break;
            }
            double level = Math.max(0.3, Math.hypot(found[1], found[3]));
            x += (clear - found[0]) * found[1] / level;
            z += (clear - found[0]) * found[3] / level;
        }
        return new Place(x, place.y(), z);
    }

    /** Returns the height at which the layout's 0 lies, so that a level of the pieces lies at the wearer's. */
    private double rise(Map<Integer, Layout.Lie> lies) {
        for (String name : LEVELS) {
            Double height = stand.levels().get(name);
            OptionalDouble down = lies.entrySet().stream()
                    .filter(each -> level(each.getKey(), name) != null)
                    .mapToDouble(each -> level(each.getKey(), name).from().y()
                            + each.getValue().down())
                    .average();
            if (height != null && down.isPresent()) {
                return height + down.getAsDouble();
            }
        }
        double highest = lies.entrySet().stream()
                .flatMapToDouble(each -> mesh.worn().pieces().get(each.getKey()).edges().stream()
                        .mapToDouble(edge ->
                                edge.path().start().y() + each.getValue().down()))
                .min()
                .orElse(0);
        return stand.body().mark("nape").orElseThrow().y() + highest;
    }

    private Level level(int piece, String name) {
        return mesh.worn().pieces().get(piece).piece().levels().get(name);
    }
}
