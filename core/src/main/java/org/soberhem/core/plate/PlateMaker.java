package org.soberhem.core.plate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Polylines;

/** Draws surfaces from one side, hidden lines removed. */
public final class PlateMaker {

    /** Squares of a plate that is drawn while it is turned, millimetres. */
    private static final double WHILE_TURNED = 4.5;

    /** A line lies on its surface within this, millimetres. */
    private static final double ON_IT = 3;

    /** Lines shorter than this are left out, millimetres. */
    private static final double SHORTEST = 9;

    private static final double SHORTEST_RIM = 55;

    /** Squares in which visibility is judged, to the height of a fine plate. */
    private static final double FINE = 720;

    /** A corner that bends a line by less, in squares, is not seen. */
    static final double FLAT = 0.15;

    private static final float[] TONES = {0.16f, 0.4f};
    private static final float HATCHED = 0.3f;
    private static final double HATCH_APART = 7;

    private final List<Solid> solids;
    private final double[] axes;
    private final DepthPicture picture;
    private final List<Plate.Wash> washes = new ArrayList<>();
    private final List<Plate.Stroke> strokes = new ArrayList<>();

    private PlateMaker(List<Solid> solids, Viewpoint from, double dot) {
        this.solids = solids;
        this.axes = from.axes();
        this.picture = new DepthPicture(solids, from, dot);
    }

    /** Returns a fine plate of what stands there, as a figure about so tall needs it. */
    public static Plate plate(List<Solid> solids, Viewpoint from) {
        double tall = 0;
        for (Solid solid : solids) {
            double[] places = solid.mesh().places();
            for (int i = 1; i < places.length; i += 3) {
                tall = Math.max(tall, places[i]);
            }
        }
        return plate(solids, from, Math.max(0.1, tall / FINE));
    }

    /** Returns a coarse plate, quick enough to follow a hand that turns the figure. */
    public static Plate whileTurned(List<Solid> solids, Viewpoint from) {
        return plate(solids, from, WHILE_TURNED);
    }

    /**
     * Returns a plate.
     *
     * @param solids what stands there; at most 127
     * @param dot side of the squares in which visibility is judged, millimetres: about 2 for a fine plate of a grown
     *     figure
     * @throws IllegalArgumentException if nothing stands there, or more than 127 surfaces
     */
    public static Plate plate(List<Solid> solids, Viewpoint from, double dot) {
        if (solids.isEmpty() || solids.size() > Byte.MAX_VALUE) {
            throw new IllegalArgumentException("a plate shows 1 to 127 surfaces: " + solids.size());
        }
        PlateMaker maker = new PlateMaker(solids, from, dot);
        maker.wash();
        maker.hatch();
        for (int i = 0; i < solids.size(); i++) {
            maker.lines(solids.get(i));
        }
        return new Plate(from, maker.washes, maker.strokes);
    }

    private void wash() {
        Set<Solid.Material> materials = EnumSet.noneOf(Solid.Material.class);
        solids.forEach(solid -> materials.add(solid.material()));
        for (Solid.Material material : materials) {
            boolean[] is = new boolean[solids.size()];
            for (int i = 0; i < is.length; i++) {
                is[i] = solids.get(i).material() == material;
            }
            float[] ground = new float[picture.solid.length];
            float[] dark = new float[picture.solid.length];
            Arrays.fill(dark, -1);
            for (int i = 0; i < ground.length; i++) {
                if (picture.solid[i] >= 0 && is[picture.solid[i]]) {
                    ground[i] = 1;
                    dark[i] = picture.dark[i];
                }
            }
            washes.add(new Plate.Wash(material, 0, Regions.of(picture, ground, 0.5f)));
            for (int tone = 0; tone < TONES.length; tone++) {
                washes.add(new Plate.Wash(material, tone + 1, Regions.of(picture, dark, TONES[tone])));
            }
        }
        washes.removeIf(wash -> wash.borders().isEmpty());
    }

    /** Slanting strokes where it is dark. */
    private void hatch() {
        double apart = HATCH_APART / picture.dot;
        int reach = picture.width + picture.height;
        for (double start = 0; start < reach; start += apart) {
            int from = -1;
            int last = -1;
            int solid = -1;
            for (int x = 0; x < picture.width; x++) {
                int y = (int) Math.round(start - x);
                boolean in = y >= 0 && y < picture.height;
                int i = y * picture.width + x;
                boolean dark = in && picture.solid[i] >= 0 && picture.dark[i] > HATCHED;
                if (dark && (solid < 0 || picture.solid[i] == solid)) {
                    from = from < 0 ? x : from;
                    solid = picture.solid[i];
                    last = x;
                } else {
                    hatched(from, last, start, solid);
                    from = dark ? x : -1;
                    last = x;
                    solid = dark ? picture.solid[i] : -1;
                }
            }
            hatched(from, last, start, solid);
        }
    }

    private void hatched(int from, int last, double start, int solid) {
        if (from >= 0 && (last - from) * picture.dot > 4) {
            strokes.add(new Plate.Stroke(
                    solids.get(solid).material(),
                    LineWeight.HATCH,
                    List.of(at(from, start - from), at(last, start - last))));
        }
    }

    private Point at(double x, double y) {
        return new Point(picture.left + x * picture.dot, picture.top + y * picture.dot);
    }

    private void lines(Solid solid) {
        for (SurfaceLine line : solid.lines()) {
            seen(solid.material(), line.weight(), line.places(), ON_IT, SHORTEST);
        }
        for (List<Place> rim : Rims.of(solid.mesh(), axes)) {
            seen(solid.material(), LineWeight.OUTLINE, rim, ON_IT * 1.5, SHORTEST_RIM);
        }
    }

    /** Adds the runs of a line that are seen. */
    private void seen(
            Solid.Material material, LineWeight weight, List<Place> places, double tolerance, double shortest) {
        List<Point> run = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Place to = places.get(i);
            Place from = i == 0 ? to : places.get(i - 1);
            int steps = i == 0 ? 1 : (int) Math.max(1, Math.ceil(from.distanceTo(to) / (1.5 * picture.dot)));
            for (int step = 1; step <= steps; step++) {
                double share = step / (double) steps;
                Place at = new Place(
                        from.x() + share * (to.x() - from.x()),
                        from.y() + share * (to.y() - from.y()),
                        from.z() + share * (to.z() - from.z()));
                Point point = new Point(
                        axes[0] * at.x() + axes[1] * at.y() + axes[2] * at.z(),
                        -(axes[3] * at.x() + axes[4] * at.y() + axes[5] * at.z()));
                double near = axes[6] * at.x() + axes[7] * at.y() + axes[8] * at.z() + material.lift();
                if (picture.sees(point.x(), point.y(), near, tolerance)) {
                    run.add(point);
                } else {
                    finish(material, weight, run, shortest);
                    run = new ArrayList<>();
                }
            }
        }
        finish(material, weight, run, shortest);
    }

    private void finish(Solid.Material material, LineWeight weight, List<Point> run, double shortest) {
        double length = 0;
        for (int i = 1; i < run.size(); i++) {
            length += run.get(i - 1).distanceTo(run.get(i));
        }
        if (length >= shortest) {
            strokes.add(new Plate.Stroke(material, weight, Polylines.thinned(run, FLAT * picture.dot)));
        }
    }
}
