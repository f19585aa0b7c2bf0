package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.Place;

/**
 * Makes a leg that grows out of the trunk: its upper row is the trunk's half row, closed by a saddle under the fork,
 * and
 * passes smoothly into the ovals of the leg.
 */
final class Leg {

    /** The way on which the trunk's half becomes a leg, share of the height. */
    private static final double PASSING = 0.066;

    /** The thigh is read so far below the trunk's lowest row, where the leg is itself, share of the height. */
    private static final double THIGH = 0.068;

    /** How far the saddle lies below the trunk's lowest row, share of the height. */
    private static final double SADDLE = 0.011;

    /** Half of the least distance between the legs, millimetres. */
    private static final double GAP = 1.5;

    private Leg() {}

    /** Returns the leg of one side. */
    static Limb of(BodyFigure body, SurfaceGrid trunk, boolean left) {
        Limb leg = left(body, left ? trunk : mirrored(trunk));
        return left ? leg : leg.mirrored("right leg");
    }

    private static SurfaceGrid mirrored(SurfaceGrid trunk) {
        SurfaceGrid two = new SurfaceGrid(2, trunk.columns());
        for (int row = 0; row < 2; row++) {
            for (int i = 0; i < trunk.columns(); i++) {
                Place place = trunk.place(row, Angles.mirrored(i));
                two.put(row, i, 0.0 - place.x(), place.y(), place.z());
            }
        }
        return two;
    }

    private static Limb left(BodyFigure body, SurfaceGrid trunk) {
        double top = trunk.y(0, Angles.LEFT);
        List<Ring> ovals = ovals(body, top, Math.abs(trunk.x(0, Angles.LEFT)));
        SurfaceGrid rings = new SurfaceGrid(ovals.size() + 2, COLUMNS);
        List<Double> middles = middles(body, ovals.size(), Math.abs(trunk.x(0, Angles.LEFT)), ovals);
        for (int i = 0; i < ovals.size(); i++) {
            ovals.get(i).into(rings, i);
            for (int column = 0; column < COLUMNS; column++) {
                rings.at()[rings.index(i, column)] += middles.get(i);
            }
        }
        sole(rings, ovals.size());
        SurfaceGrid legs = Loft.surface(rings, Limb.SPANS);
        Limb ovalLeg = new Limb("left leg", legs, levels()).asRead(body);
        return new Limb("left leg", joined(ovalLeg.grid(), trunk, body.height()), levels());
    }

    private static Map<String, Integer> levels() {
        return Map.of(
                "thigh", Limb.SPANS,
                "knee", 4 * Limb.SPANS,
                "below-knee", 5 * Limb.SPANS,
                "calf", 6 * Limb.SPANS,
                "ankle", 8 * Limb.SPANS);
    }

    /** Rings about the middle of the leg, from above the fork to the foot. */
    private static List<Ring> ovals(BodyFigure body, double top, double half) {
        double scale = body.height() / 1680;
        CrossSection thigh = body.at("thigh");
        CrossSection knee = body.at("knee");
        CrossSection below = body.at("below-knee");
        CrossSection calf = body.at("calf");
        CrossSection ankle = body.at("ankle");
        double kneeY = knee.middle().y();
        double thighY = Math.max(top - THIGH * body.height(), kneeY + 0.1 * body.height());
        List<Ring> all = new ArrayList<>();
        all.add(oval(top + (top - thighY), thigh, 1.02, 0));
        all.add(oval(top, thigh, 1.02, 0));
        all.add(oval(thighY, thigh, 1, 0));
        all.add(oval(thighY * 0.52 + kneeY * 0.48, thigh, 0.86, 2 * scale));
        all.add(oval(kneeY + 40 * scale, knee, 1.06, 2 * scale));
        all.add(oval(kneeY - 10 * scale, knee, 0.98, 2 * scale));
        all.add(oval(below.middle().y() - 14 * scale, below, 0.99, -2 * scale));
        all.add(oval(calf.middle().y(), calf, 1.02, -9 * scale));
        all.add(oval(calf.middle().y() * 0.42 + ankle.middle().y() * 0.58, calf, 0.78, -9 * scale));
        all.add(oval(ankle.middle().y(), ankle, 1, -6 * scale));
        double foot = body.height() * 0.074;
        double heel = ankle.girth() / (2 * Math.PI);
        all.add(Ring.level(46 * scale, heel * 1.02, foot * 0.62, 20 * scale, 0, 0));
        all.add(Ring.level(20 * scale, heel * 1.12, foot * 0.93, 45 * scale, 0, 0.02));
        all.add(Ring.level(8 * scale, heel * 1.14, foot * 0.98, 48 * scale, 0, 0.02));
        return all;
    }

    private static Ring oval(double height, CrossSection section, double size, double back) {
        double radius = section.girth() / (2 * Math.PI) * size;
        return Ring.level(height, radius * 0.97, radius * 1.03, section.middle().z() * 0.4 + back, 0, 0);
    }

    /** How far out the middles of the rings lie: never so near that the legs would meet. */
    private static List<Double> middles(BodyFigure body, int count, double half, List<Ring> ovals) {
        List<Double> all = new ArrayList<>();
        double ankle = Math.max(body.at("ankle").breadth() + 12, half * 0.36);
        double floor = ovals.get(count - 1).heights()[0];
        double top = ovals.get(1).heights()[0];
        for (Ring ring : ovals) {
            double up = Math.max(0, Math.min(1, (ring.heights()[0] - floor) / (top - floor)));
            double wanted = ankle + (half * 0.52 - ankle) * up;
            all.add(Math.max(wanted, ring.breadth() * 1.03 + GAP * 2));
        }
        return all;
    }

    private static void sole(SurfaceGrid rings, int row) {
        double x = (rings.x(row - 1, Angles.LEFT) + rings.x(row - 1, Angles.RIGHT)) / 2;
        double z = (rings.z(row - 1, Angles.FRONT) + rings.z(row - 1, Angles.BACK)) / 2;
        double above = rings.y(row - 1, 0);
        for (int i = 0; i < COLUMNS; i++) {
            rings.put(row, i, x, -above / 2, z);
            int over = (i + COLUMNS / 2) % COLUMNS;
            rings.put(row + 1, i, rings.x(row - 1, over), above, rings.z(row - 1, over));
        }
    }

    private static SurfaceGrid joined(SurfaceGrid leg, SurfaceGrid trunk, double height) {
        SurfaceGrid joined = new SurfaceGrid(leg.rows(), COLUMNS);
        double top = trunk.y(0, Angles.LEFT);
        double front = trunk.z(0, Angles.FRONT);
        double back = trunk.z(0, Angles.BACK);
        for (int row = 0; row < leg.rows(); row++) {
            double y = row == 0 ? top : leg.y(row, 0);
            double passed = Smooth.step((top - y) / (PASSING * height));
            for (int i = 0; i < COLUMNS; i++) {
                double x = leg.x(row, i);
                double z = leg.z(row, i);
                boolean saddle = i > Angles.FRONT && i < Angles.BACK;
                if (saddle) {
                    double t = (i - Angles.FRONT) / (double) (Angles.BACK - Angles.FRONT);
                    double dip = SADDLE * height * StrictMath.sin(Math.PI * t) * (1 - passed);
                    double under = front + (back - front) * (1 - StrictMath.cos(Math.PI * t)) / 2;
                    joined.put(row, i, passed * x, y - dip, under + passed * (z - under));
                } else if (row == 0) {
                    // The first row is the trunk's own, to the last bit.
                    joined.put(row, i, trunk.x(0, i), trunk.y(0, i), trunk.z(0, i));
                } else {
                    double slopeX = (trunk.x(1, i) - trunk.x(0, i)) / (trunk.y(1, i) - trunk.y(0, i));
                    double slopeZ = (trunk.z(1, i) - trunk.z(0, i)) / (trunk.y(1, i) - trunk.y(0, i));
                    double onX = trunk.x(0, i) + slopeX * (y - top);
                    double onZ = trunk.z(0, i) + slopeZ * (y - top);
                    joined.put(row, i, onX + passed * (x - onX), y, onZ + passed * (z - onZ));
                }
            }
        }
        Loft.pole(joined, joined.rows() - 1);
        return joined;
    }
}
