package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.Spans;
import org.soberhem.core.stand.TrunkModel.At;

/**
 * A bodice without sleeves cut from a stand itself: its surface, by the cloth's thickness farther out, cut along the
 * middles, the princess lines, the sides, the waist and round the arms, each panel flattened as rigidly as can be.
 * Sewn and put back it must lie as the stand does.
 */
public final class CutFromStand {

    /** Columns from the left side to the middle in front. */
    private static final int QUARTER = Angles.COLUMNS / 4;

    private final TrunkSurface trunk;
    private final double outside;
    private final int waist;
    private final int armpit;
    private final int shoulder;
    private final int neck;

    /** Panels from the middle in front to the side, and as many behind. */
    private static final int PANELS = 4;

    /** Greatest share by which a length of a panel had to change when it was flattened. */
    private double distortion;

    private CutFromStand(Stand stand, double outside) {
        this.trunk = stand.trunk();
        this.outside = outside;
        this.waist = trunk.marks().row(At.WAIST);
        this.armpit = trunk.marks().row(At.ARMPIT);
        this.shoulder = trunk.marks().row(At.SHOULDER);
        this.neck = (trunk.marks().row(At.NECK_ROOT) + trunk.marks().row(At.SHOULDER_HALF)) / 2;
    }

    /** A pattern and how much its panels were distorted: the 95th percentile of the change of a length, as a share. */
    public record Cut(Pattern pattern, double distortion) {}

    public static Cut of(Stand stand, double outside) {
        CutFromStand cut = new CutFromStand(stand, outside);
        int princess = cut.overBustPoint();
        // Columns run from the left side (0) to the middle in front (a quarter) and on; behind lies below 0.
        int[] front = {QUARTER, (QUARTER + princess) / 2, princess, princess / 2, 0};
        int[] back = {-QUARTER, -QUARTER * 3 / 4, -QUARTER / 2, -QUARTER / 4, 0};
        List<Seam> seams = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < PANELS; i++) {
            Role inner = i == 0 ? Role.CENTRE : Role.SIDE;
            double share = i / (2.0 * PANELS);
            double next = (i + 1) / (2.0 * PANELS);
            cut.panel(pieces, "front " + i, front[i], front[i + 1], inner, new Spans(share, next));
            cut.panel(pieces, "back " + i, back[i], back[i + 1], inner, new Spans(1 - share, 1 - next));
            if (i > 0) {
                seams.add(seam("front " + (i - 1) + ".outer", "front " + i + ".inner"));
                seams.add(seam("back " + (i - 1) + ".outer", "back " + i + ".inner"));
            }
        }
        String last = " " + (PANELS - 1);
        seams.add(seam("front" + last + ".outer", "back" + last + ".outer"));
        seams.add(seam("front" + last + ".shoulder", "back" + last + ".shoulder"));
        return new Cut(new Pattern("cut from the stand", pieces, seams), cut.distortion);
    }

    /** Returns how long the stand's own surface is round a height, hollows and all. */
    public static double around(Stand stand, double height) {
        return new TapeRun(stand.trunk().level(height), true).length();
    }

    private int overBustPoint() {
        int column = QUARTER;
        while (trunk.at(At.BUST, column).x() < trunk.marks().apart()) {
            column--;
        }
        return column;
    }

    private static Seam seam(String first, String second) {
        return new Seam(List.of(EdgeRef.parse(first)), List.of(EdgeRef.parse(second)), Seam.Kind.PLAIN, 0, 0);
    }

    /** Cuts the panel between two columns, the first nearer to the middle. */
    private void panel(List<Piece> pieces, String name, int inner, int outer, Role innerRole, Spans spans) {
        int columns = Math.abs(inner - outer);
        int rows = neck - waist;
        int skip = 2;
        boolean armhole = outer == 0;
        int count = rows / skip + 1;
        Place[][] grid = new Place[count][columns + 1];
        for (int row = 0; row < count; row++) {
            for (int column = 0; column <= columns; column++) {
                double at = inner + (outer - inner) * (double) column / columns;
                if (armhole) {
                    // Columns are drawn in beside the arm.
                    double in = armIn(waist + row * skip);
                    double end = outer + (inner - outer) * in;
                    at = inner + (end - inner) * (double) column / columns;
                }
                grid[row][column] = lifted(waist + row * skip, at);
            }
        }
        Point[][] flat = flattened(grid);
        List<Edge> edges = new ArrayList<>();
        int armpitRow = (armpit - waist) / skip;
        int shoulderRow = (shoulder - waist) / skip;
        List<Point> in = new ArrayList<>();
        List<Point> top = new ArrayList<>();
        List<Point> out = new ArrayList<>();
        List<Point> bottom = new ArrayList<>();
        for (int row = 0; row < count; row++) {
            in.add(flat[row][0]);
        }
        for (int column = 0; column <= columns; column++) {
            top.add(flat[count - 1][column]);
            bottom.add(0, flat[0][column]);
        }
        for (int row = count - 1; row >= 0; row--) {
            out.add(flat[row][columns]);
        }
        add(edges, "inner", innerRole, in);
        add(edges, "neck", Role.NECK, top);
        if (armhole) {
            add(edges, "shoulder", Role.SHOULDER, out.subList(0, count - shoulderRow));
            add(edges, "armscye", Role.ARMSCYE, out.subList(count - 1 - shoulderRow, count - armpitRow));
            add(edges, "outer", Role.SIDE, out.subList(count - 1 - armpitRow, count));
        } else {
            add(edges, "outer", Role.SIDE, out);
        }
        add(edges, "waist", Role.WAIST, bottom);
        Map<String, Level> levels = new LinkedHashMap<>();
        levels.put("waist", new Level("waist", flat[0][0], flat[0][columns]));
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(new Piece(
                    name,
                    side,
                    CutShape.PAIR,
                    Map.of("outer", 2),
                    Map.of(),
                    edges,
                    Optional.empty(),
                    List.of(),
                    List.of(),
                    List.of(),
                    flat[count / 2][0],
                    flat[0][0],
                    levels,
                    Optional.of(spans),
                    Optional.empty()));
        }
    }

    /** How far the arm-hole reaches in from the side at a row, as a share of a panel's breadth. */
    private double armIn(int row) {
        if (row <= armpit || row >= shoulder) {
            return 0;
        }
        double t = (row - armpit) / (double) (shoulder - armpit);
        return 0.42 * Math.sqrt(Math.sin(Math.PI * t));
    }

    /** Returns a place outside the surface. */
    private Place lifted(int row, double column) {
        Place here = on(row, column);
        Place up = TrunkSurface.minus(on(row + 1, column), on(row - 1, column));
        Place round = TrunkSurface.minus(on(row, column + 0.5), on(row, column - 0.5));
        Place normal = TrunkSurface.unit(TrunkSurface.cross(up, round));
        return new Place(
                here.x() + outside * normal.x(), here.y() + outside * normal.y(), here.z() + outside * normal.z());
    }

    private Place on(int row, double column) {
        int low = (int) Math.floor(column);
        return TrunkSurface.mix(
                trunk.grid().place(row, Math.floorMod(low, Angles.COLUMNS)),
                trunk.grid().place(row, Math.floorMod(low + 1, Angles.COLUMNS)),
                column - low);
    }

    private static void add(List<Edge> edges, String name, Role role, List<Point> places) {
        edges.add(new Edge(name, role, name + " from", name + " to", Path.through(places), 0));
    }

    /** Flattens a panel, and notes how much it had to be distorted. */
    private Point[][] flattened(Place[][] grid) {
        Point[][] flat = new Flattening(grid).flat();
        List<Double> changes = new ArrayList<>();
        for (int row = 0; row < grid.length; row++) {
            for (int column = 1; column < grid[0].length; column++) {
                changes.add(Math.abs(flat[row][column].distanceTo(flat[row][column - 1])
                                / grid[row][column].distanceTo(grid[row][column - 1])
                        - 1));
            }
        }
        changes.sort(Double::compare);
        distortion = Math.max(distortion, changes.get((int) (changes.size() * 0.95)));
        return flat;
    }
}
