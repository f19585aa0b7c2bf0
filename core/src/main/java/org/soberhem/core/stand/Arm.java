package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Side;

/** Makes an arm: rings square to a line from the shoulder over the elbow to the finger tips. */
final class Arm {

    /** A hanging arm goes so far outwards, degrees. */
    private static final double HANGS = 9;

    /** The elbow lies so far along the arm where it was not read. */
    private static final double ELBOW = 0.585;

    /**
     * A ring of the arm.
     *
     * @param at how far along the bone, millimetres
     * @param across half of it from within outwards
     * @param deep half of it from behind forward
     */
    private record Oval(double at, double across, double deep) {

        static Oval of(double at, CrossSection section, double size) {
            double radius = section.girth() / (2 * Math.PI) * size;
            return new Oval(at, radius * 0.97, radius * 1.03);
        }
    }

    private final BodyFigure body;
    private final double scale;
    private final double radius;

    private Arm(BodyFigure body) {
        this.body = body;
        this.scale = body.height() / 1680;
        this.radius = body.at("upper-arm").girth() / (2 * Math.PI);
    }

    /**
     * Returns an arm.
     *
     * @param shoulder the shoulder point of its side
     * @param armpit below it
     */
    static Limb of(BodyFigure body, Place shoulder, Place armpit, Pose pose, boolean left) {
        Side side = left ? Side.LEFT : Side.RIGHT;
        Place outward = new Place(Math.abs(shoulder.x()), shoulder.y(), shoulder.z());
        Limb arm = new Arm(body)
                .leftArm(outward, shoulder.y() - armpit.y(), pose, side)
                .asRead(body);
        return left ? arm : arm.mirrored("right arm");
    }

    private Limb leftArm(Place shoulder, double deep, Pose pose, Side side) {
        double length =
                Math.max(20 * scale, body.read("shoulder-to-wrist", side).orElse(body.height() * 0.34));
        double elbowAt = body.read("shoulder-to-elbow", side).orElse(length * ELBOW);
        double upper = Math.max(length * 0.45, Math.min(length * 0.7, elbowAt));
        Place joint = new Place(shoulder.x() - 0.42 * radius, shoulder.y() - 0.62 * radius, shoulder.z() - 2 * scale);
        Place along = direction(Math.toRadians(HANGS + pose.raised()));
        Place elbow = plus(joint, along, upper - 0.3 * radius);
        double bend = Math.toRadians(pose.bent());
        Place below = TrunkSurface.unit(
                plus(plus(new Place(0, 0, 0), along, StrictMath.cos(bend)), forward(along), StrictMath.sin(bend)));
        Place between = TrunkSurface.unit(TrunkSurface.mix(along, below, 0.5));
        List<Oval> top = upper(upper, Math.max(radius, Math.min(radius * 1.45, deep * 0.42)));
        List<Oval> rest = lower(length - upper);
        SurfaceGrid rings = new SurfaceGrid(top.size() + rest.size(), COLUMNS);
        for (int i = 0; i < top.size(); i++) {
            boolean last = i == top.size() - 1;
            ring(rings, i, plus(joint, along, top.get(i).at()), last ? between : along, top.get(i), i == 0);
        }
        for (int i = 0; i < rest.size(); i++) {
            Place middle = plus(elbow, below, rest.get(i).at());
            ring(rings, top.size() + i, middle, below, rest.get(i), i == rest.size() - 1);
        }
        SurfaceGrid surface = Loft.surface(rings, Limb.SPANS);
        Loft.pole(surface, 0);
        Loft.pole(surface, surface.rows() - 1);
        int elbowRow = (top.size() - 2) * Limb.SPANS;
        return new Limb(
                "left arm",
                surface,
                Map.of(
                        "upper-arm", 4 * Limb.SPANS,
                        "elbow", elbowRow,
                        "forearm", elbowRow + Limb.SPANS,
                        "wrist", elbowRow + 3 * Limb.SPANS,
                        "hand", elbowRow + 4 * Limb.SPANS));
    }

    /** From the cap of the shoulder to the elbow; the first ring only rounds the cap. */
    private List<Oval> upper(double toElbow, double deep) {
        Oval cap = new Oval(-0.45 * radius, 0.84 * radius, 0.88 * deep);
        List<Oval> all = new ArrayList<>();
        all.add(cap);
        all.add(new Oval(-0.85 * radius, 0, 0));
        all.add(cap);
        all.add(new Oval(0.4 * radius, 1.08 * radius, 1.08 * deep));
        all.add(new Oval(1.3 * radius, 1.06 * radius, 1.05 * radius + 0.25 * (deep - radius)));
        all.add(Oval.of(0.47 * toElbow, body.at("upper-arm"), 0.98));
        all.add(Oval.of(0.72 * toElbow, body.at("upper-arm"), 0.91));
        all.add(Oval.of(toElbow - 0.3 * radius, body.at("elbow"), 1));
        return all;
    }

    /** From below the elbow to the finger tips; the last ring only rounds them. */
    private List<Oval> lower(double length) {
        double palm = 62 * scale;
        double hand = body.at("hand").breadth();
        Oval fingers = new Oval(length + palm * 2.05, hand * 0.36, hand * 0.76);
        return List.of(
                Oval.of(0.2 * length, body.at("forearm"), 1),
                Oval.of(0.58 * length, body.at("forearm"), 0.86),
                Oval.of(0.97 * length, body.at("wrist"), 1),
                new Oval(length + palm, hand * 0.5, hand),
                fingers,
                new Oval(length + palm * 2.7, 0, 0),
                fingers);
    }

    /** The direction of an arm lifted so far from plumb; it hangs a little forward. */
    private static Place direction(double angle) {
        return TrunkSurface.unit(new Place(StrictMath.sin(angle), -StrictMath.cos(angle), 0.05));
    }

    /** The direction that an elbow bends to: forward and a little inward, square to the arm. */
    private static Place forward(Place along) {
        Place ahead = new Place(-0.2, 0, 1);
        return TrunkSurface.unit(plus(ahead, along, -TrunkSurface.dot(ahead, along)));
    }

    private static void ring(SurfaceGrid rings, int row, Place middle, Place axis, Oval oval, boolean opposite) {
        Place forward = forward(axis);
        Place outward = TrunkSurface.cross(forward, axis);
        double turn = opposite ? -1 : 1;
        for (int i = 0; i < COLUMNS; i++) {
            Place beside = plus(middle, outward, turn * oval.across() * Angles.COS[i]);
            Place place = plus(beside, forward, turn * oval.deep() * Angles.SIN[i]);
            rings.put(row, i, place.x(), place.y(), place.z());
        }
    }

    private static Place plus(Place from, Place along, double by) {
        return new Place(from.x() + by * along.x(), from.y() + by * along.y(), from.z() + by * along.z());
    }
}
