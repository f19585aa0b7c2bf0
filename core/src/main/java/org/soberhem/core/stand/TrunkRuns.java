package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.BACK;
import static org.soberhem.core.stand.Angles.FRONT;
import static org.soberhem.core.stand.Angles.LEFT;
import static org.soberhem.core.stand.Angles.RIGHT;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.figure.Place;
import org.soberhem.core.stand.TrunkModel.At;

/** The ways of a tape over a trunk: round it, down it, across it, round its arm-hole. */
final class TrunkRuns {

    /** A drafted arm-hole's depth is reckoned to so far below the armpit, share of the way from nape to waist. */
    private static final double SCYE_BELOW = 0.03;

    /** Seated, the chair lies so far below the fork, share of the height of the waist. */
    static final double SEATED = 0.045;

    private TrunkRuns() {}

    static int side(boolean left) {
        return left ? LEFT : RIGHT;
    }

    static TapeRun level(TrunkSurface trunk, double height) {
        return Taut.round(trunk.level(height).stream()
                .map(place -> new Taut.Spot(place.x(), place.z(), place))
                .toList());
    }

    static double bellyHeight(TrunkSurface trunk) {
        double hip = trunk.marks().height(At.HIP);
        return hip + (trunk.marks().height(At.WAIST) - hip) * 0.62;
    }

    static double chestHeight(TrunkSurface trunk) {
        double armpit = trunk.marks().height(At.ARMPIT);
        return armpit - (armpit - trunk.marks().height(At.BUST)) * 0.3;
    }

    /** Close up under the armpits, a little higher in front than behind. */
    static TapeRun highBust(TrunkSurface trunk) {
        double rise = 0.12;
        double length = Math.sqrt(1 + rise * rise);
        return Taut.round(trunk.slanted(trunk.marks().height(At.ARMPIT) - 6, rise).stream()
                .map(place -> new Taut.Spot(place.x(), place.z() * length, place))
                .toList());
    }

    static TapeRun row(TrunkSurface trunk, At at) {
        List<Place> all = new ArrayList<>();
        for (int i = 0; i < Angles.COLUMNS; i++) {
            all.add(trunk.at(at, i));
        }
        return new TapeRun(all, true);
    }

    static double waistHeight(TrunkSurface trunk, boolean left) {
        return trunk.marks().height(At.WAIST) + (left ? -1 : 1) * trunk.marks().tilt();
    }

    /** Down the middle of front or back, from a landmark to a level. */
    static TapeRun down(TrunkSurface trunk, int column, At from, At to) {
        return downTo(trunk, column, from, trunk.marks().height(to));
    }

    private static TapeRun downTo(TrunkSurface trunk, int column, At from, double end) {
        boolean front = column == FRONT;
        List<Taut.Spot> way = new ArrayList<>();
        SurfaceGrid grid = trunk.grid();
        for (int row = trunk.marks().row(from); row >= 0; row--) {
            double y = grid.y(row, column);
            if (y <= end) {
                break;
            }
            double z = front ? trunk.foremost(row) : grid.z(row, column);
            way.add(new Taut.Spot(-y, front ? z : -z, new Place(0, y, z)));
        }
        Place last = trunk.onColumn(column, end, At.FORK, At.CHEST);
        way.add(new Taut.Spot(-last.y(), front ? last.z() : -last.z(), last));
        return Taut.over(way);
    }

    static TapeRun scyeDepth(TrunkSurface trunk) {
        double armpit = trunk.marks().height(At.ARMPIT);
        double below =
                SCYE_BELOW * (trunk.at(At.NECK_ROOT, BACK).y() - trunk.marks().height(At.WAIST));
        return downTo(trunk, BACK, At.NECK_ROOT, armpit - below);
    }

    static TapeRun overTheBust(TrunkSurface trunk, boolean left) {
        Place from = trunk.at(At.NECK_ROOT, side(left));
        Place to = trunk.bustPoint(left);
        Place chord = TrunkSurface.unit(TrunkSurface.minus(to, from));
        Place normal = TrunkSurface.unit(TrunkSurface.cross(chord, new Place(0, 0, 1)));
        Place out = TrunkSurface.cross(normal, chord);
        double forward = out.z() < 0 ? -1 : 1;
        List<Place> cut = new ArrayList<>(trunk.upright(
                from,
                normal,
                left ? LEFT : FRONT,
                trunk.marks().row(At.BUST),
                trunk.marks().row(At.NECK_ROOT) - 1));
        cut.removeIf(place -> {
            double along = TrunkSurface.dot(TrunkSurface.minus(place, from), chord);
            return along <= 0 || place.y() <= to.y();
        });
        List<Taut.Spot> way = new ArrayList<>();
        way.add(spot(from, from, chord, out, forward));
        for (int i = cut.size() - 1; i >= 0; i--) {
            way.add(spot(cut.get(i), from, chord, out, forward));
        }
        way.add(spot(to, from, chord, out, forward));
        return Taut.over(way);
    }

    private static Taut.Spot spot(Place place, Place from, Place chord, Place out, double forward) {
        Place away = TrunkSurface.minus(place, from);
        return new Taut.Spot(TrunkSurface.dot(away, chord), forward * TrunkSurface.dot(away, out), place);
    }

    static TapeRun underTheBust(TrunkSurface trunk, boolean left) {
        Place from = trunk.bustPoint(left);
        double waist = waistHeight(trunk, left);
        List<Place> cut = trunk.upright(
                from, new Place(1, 0, 0), left ? LEFT : FRONT, 0, trunk.marks().row(At.ARMPIT));
        List<Taut.Spot> way = new ArrayList<>();
        way.add(new Taut.Spot(-from.y(), from.z(), from));
        Place above = from;
        for (int i = cut.size() - 1; i >= 0; i--) {
            Place place = cut.get(i);
            if (place.y() >= from.y()) {
                continue;
            }
            if (place.y() <= waist) {
                Place end = TrunkSurface.mix(above, place, (above.y() - waist) / (above.y() - place.y()));
                way.add(new Taut.Spot(-end.y(), end.z(), end));
                break;
            }
            way.add(new Taut.Spot(-place.y(), place.z(), place));
            above = place;
        }
        return Taut.over(way);
    }

    static TapeRun slope(TrunkSurface trunk, boolean left) {
        Place shoulder = trunk.at(At.SHOULDER, side(left));
        return plumb(new Place(shoulder.x(), trunk.at(At.NECK_ROOT, side(left)).y(), shoulder.z()), shoulder.y());
    }

    static TapeRun plumb(Place from, double height) {
        return new TapeRun(List.of(from, new Place(from.x(), height, from.z())), false);
    }

    static TapeRun shoulderWidth(TrunkSurface trunk) {
        Place left = trunk.at(At.SHOULDER, LEFT);
        Place right = trunk.at(At.SHOULDER, RIGHT);
        Place nape = trunk.at(At.NECK_ROOT, BACK);
        Place below = new Place(nape.x(), nape.y() - 12, nape.z());
        Place chord = TrunkSurface.unit(TrunkSurface.minus(left, right));
        Place normal = TrunkSurface.unit(TrunkSurface.cross(chord, TrunkSurface.minus(below, right)));
        Place upward = normal.y() < 0 ? new Place(-normal.x(), -normal.y(), -normal.z()) : normal;
        Place out = TrunkSurface.cross(upward, chord);
        double back = out.z() < 0 ? 1 : -1;
        List<Taut.Spot> way = new ArrayList<>();
        way.add(spot(right, right, chord, out, back));
        trunk.cut(right, upward, RIGHT + 1, Angles.COLUMNS / 2 - 1, At.ARMPIT, At.NECK)
                .forEach(place -> way.add(spot(place, right, chord, out, back)));
        way.add(spot(left, right, chord, out, back));
        return Taut.over(way);
    }

    /** From one arm's crease to the other, level, half way between shoulder point and armpit. */
    static TapeRun across(TrunkSurface trunk, boolean front) {
        double to = crease(trunk, front);
        List<Place> section = trunk.level(trunk.marks().height(At.CHEST));
        List<Taut.Spot> way = new ArrayList<>();
        for (Place place : section) {
            boolean facing = front == place.z() > trunk.grid().z(trunk.marks().row(At.CHEST), LEFT);
            if (facing && Math.abs(place.x()) < to) {
                way.add(new Taut.Spot(place.x(), front ? place.z() : -place.z(), place));
            }
        }
        Place left = creasePoint(trunk, front, true);
        Place right = creasePoint(trunk, front, false);
        way.sort((a, b) -> Double.compare(a.along(), b.along()));
        way.add(0, new Taut.Spot(right.x(), front ? right.z() : -right.z(), right));
        way.add(new Taut.Spot(left.x(), front ? left.z() : -left.z(), left));
        return Taut.over(way);
    }

    private static double crease(TrunkSurface trunk, boolean front) {
        double out = trunk.at(At.SHOULDER, LEFT).x();
        double wanted =
                out * (front ? trunk.marks().creaseFront() : trunk.marks().creaseBack());
        double most = trunk.grid().x(trunk.marks().row(At.CHEST), LEFT) * 0.985;
        return Math.min(wanted, most);
    }

    /** Returns where the crease between arm and chest, or arm and back, begins. */
    static Place creasePoint(TrunkSurface trunk, boolean front, boolean left) {
        double x = crease(trunk, front) * (left ? 1 : -1);
        List<Place> section = trunk.level(trunk.marks().height(At.CHEST));
        int middle = front ? FRONT : BACK;
        int step = left == front ? -1 : 1;
        Place before = section.get(middle);
        for (int i = 1; i <= Angles.COLUMNS / 4; i++) {
            Place next = section.get(Math.floorMod(middle + step * i, Angles.COLUMNS));
            if (Math.abs(next.x()) >= Math.abs(x)) {
                return TrunkSurface.mix(before, next, (x - before.x()) / (next.x() - before.x()));
            }
            before = next;
        }
        return before;
    }

    static Place armpit(TrunkSurface trunk, boolean left) {
        return trunk.onColumn(side(left), trunk.marks().height(At.ARMPIT), At.FORK, At.SHOULDER);
    }

    static TapeRun armscye(TrunkSurface trunk, boolean left) {
        return oval(
                trunk.at(At.SHOULDER, side(left)),
                creasePoint(trunk, true, left),
                armpit(trunk, left),
                creasePoint(trunk, false, left));
    }

    /** Returns the oval whose one axis goes from above to below and whose other from the front to the back. */
    static TapeRun oval(Place top, Place front, Place bottom, Place back) {
        Place middle = TrunkSurface.mix(TrunkSurface.mix(top, bottom, 0.5), TrunkSurface.mix(front, back, 0.5), 0.5);
        Place up = TrunkSurface.minus(top, TrunkSurface.mix(top, bottom, 0.5));
        Place forward = TrunkSurface.minus(front, TrunkSurface.mix(front, back, 0.5));
        List<Place> oval = new ArrayList<>();
        for (int i = 0; i < Angles.COLUMNS; i++) {
            double c = Angles.COS[i];
            double s = Angles.SIN[i];
            oval.add(new Place(
                    middle.x() + c * up.x() + s * forward.x(),
                    middle.y() + c * up.y() + s * forward.y(),
                    middle.z() + c * up.z() + s * forward.z()));
        }
        return new TapeRun(oval, true);
    }

    static TapeRun sideLength(TrunkSurface trunk, boolean left) {
        return sideways(trunk, left, At.WAIST, trunk.marks().height(At.ARMPIT), waistHeight(trunk, left));
    }

    /** Down the side from one height to a lower one. */
    static TapeRun sideways(TrunkSurface trunk, boolean left, At lowest, double from, double to) {
        int column = side(left);
        List<Taut.Spot> way = new ArrayList<>();
        Place first = trunk.onColumn(column, from, At.FORK, At.SHOULDER);
        way.add(new Taut.Spot(-first.y(), Math.abs(first.x()), first));
        for (int row = trunk.marks().row(At.CHEST); row >= 0; row--) {
            double y = trunk.grid().y(row, column);
            if (y < from && y > to) {
                Place place = trunk.grid().place(row, column);
                way.add(new Taut.Spot(-y, Math.abs(place.x()), place));
            }
        }
        Place last = trunk.onColumn(column, to, At.FORK, At.SHOULDER);
        way.add(new Taut.Spot(-last.y(), Math.abs(last.x()), last));
        return Taut.over(way);
    }

    /** From the waist over what stands out furthest, then plumb to the floor. */
    static TapeRun toFloor(TrunkSurface trunk, int column) {
        double waist = column == LEFT || column == RIGHT
                ? waistHeight(trunk, column == LEFT)
                : trunk.marks().height(At.WAIST);
        Place first = trunk.onColumn(column, waist, At.FORK, At.ARMPIT);
        List<Taut.Spot> way = new ArrayList<>();
        way.add(new Taut.Spot(-first.y(), out(first, column), first));
        double most = way.get(0).out();
        for (int row = trunk.marks().row(At.UNDER_BUST); row >= 0; row--) {
            Place place = trunk.grid().place(row, column);
            if (place.y() < waist) {
                most = Math.max(most, out(place, column));
                way.add(new Taut.Spot(-place.y(), out(place, column), place));
            }
        }
        Place floor = column == FRONT || column == BACK
                ? new Place(0, 0, column == FRONT ? most : -most)
                : new Place(column == LEFT ? most : -most, 0, first.z());
        way.add(new Taut.Spot(0, most, floor));
        return Taut.over(way);
    }

    private static double out(Place place, int column) {
        return switch (column) {
            case FRONT -> place.z();
            case BACK -> -place.z();
            default -> Math.abs(place.x());
        };
    }

    /** From the waist in front, under the fork, to the waist behind. */
    static TapeRun rise(TrunkSurface trunk) {
        double waist = trunk.marks().height(At.WAIST);
        List<Place> front = column(trunk, FRONT, waist);
        List<Place> back = column(trunk, BACK, waist);
        List<Place> all = new ArrayList<>(front);
        double fork = trunk.marks().height(At.FORK) - 14;
        Place low = front.get(front.size() - 1);
        Place behind = back.get(back.size() - 1);
        for (int i = 1; i < 8; i++) {
            Place along = TrunkSurface.mix(low, behind, i / 8.0);
            double dip = StrictMath.sin(Math.PI * i / 8);
            all.add(new Place(0, along.y() + (fork - along.y()) * dip, along.z()));
        }
        for (int i = back.size() - 1; i >= 0; i--) {
            all.add(back.get(i));
        }
        return new TapeRun(all, false);
    }

    private static List<Place> column(TrunkSurface trunk, int column, double from) {
        List<Place> all = new ArrayList<>();
        all.add(trunk.onColumn(column, from, At.FORK, At.ARMPIT));
        for (int row = trunk.marks().row(At.UNDER_BUST); row >= 0; row--) {
            if (trunk.grid().y(row, column) < from) {
                all.add(trunk.grid().place(row, column));
            }
        }
        return all;
    }
}
