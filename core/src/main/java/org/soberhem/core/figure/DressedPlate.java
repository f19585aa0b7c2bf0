package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** Draws a body and what it wears, from one side. */
public final class DressedPlate {

    /** Height of a petticoat's hem, share of the height. */
    private static final double UNDER_HEM = 0.05;

    /** Shapes that are seen as one overlap, in millimetres. */
    private static final double OVERLAP = 12;

    private final DressedFigure dressed;
    private final BodyFigure body;
    private final BodyPlate plate;
    private final FigureView view;
    private final int right;

    private DressedPlate(DressedFigure dressed, FigureView view) {
        this.dressed = dressed;
        this.body = dressed.body();
        this.plate = new BodyPlate(body);
        this.view = view;
        this.right = view == FigureView.BACK ? 1 : -1;
    }

    /** Draws the bare body. */
    public static FigurePlate of(BodyFigure body, FigureView view) {
        BodyPlate plate = new BodyPlate(body);
        List<FigurePlate.Part> parts = new ArrayList<>();
        parts.add(part(FigurePlate.Kind.BODY, plate.trunkAndLegs(view)));
        arms(view).forEach(side -> parts.add(part(FigurePlate.Kind.BODY, List.of(plate.arm(view, side)))));
        return new FigurePlate(view, parts);
    }

    /** Draws a dressed body. */
    public static FigurePlate of(DressedFigure dressed, FigureView view) {
        return new DressedPlate(dressed, view).drawn();
    }

    private static FigurePlate.Part part(FigurePlate.Kind kind, List<Path> shapes) {
        return new FigurePlate.Part(kind, shapes, List.of());
    }

    private static List<Integer> arms(FigureView view) {
        return view == FigureView.SIDE ? List.of(1) : List.of(1, -1);
    }

    private FigurePlate drawn() {
        List<FigurePlate.Part> parts = new ArrayList<>();
        parts.add(part(FigurePlate.Kind.BODY, plate.trunkAndLegs(view)));
        double floor = body.height() * UNDER_HEM;
        dressed.petticoat()
                .ifPresent(under -> parts.add(
                        part(FigurePlate.Kind.UNDER, List.of(hanging(under, dressed.waist(), floor, floor, floor)))));
        dressed.skirtForm()
                .ifPresent(skirt -> parts.add(part(
                        FigurePlate.Kind.SKIRT,
                        List.of(hanging(
                                skirt,
                                dressed.waistSeam(),
                                dressed.hemFront(),
                                dressed.hemSide(),
                                dressed.hemBack())))));
        dressed.overskirt()
                .ifPresent(over -> parts.add(part(
                        FigurePlate.Kind.TRUNK,
                        List.of(hanging(
                                over,
                                dressed.waistSeam(),
                                dressed.overskirtFront(),
                                (dressed.overskirtFront() + dressed.overskirtBack()) / 2,
                                dressed.overskirtBack())))));
        dressed.trunkForm().ifPresent(trunk -> parts.add(trunk(trunk)));
        for (int side : arms(view)) {
            parts.add(part(FigurePlate.Kind.BODY, List.of(plate.arm(view, side))));
            dressed.sleeve()
                    .ifPresent(sleeve -> parts.add(part(FigurePlate.Kind.SLEEVE, List.of(sleeve(sleeve, side)))));
        }
        double cape = dressed.given("cape-length");
        if (cape > 0) {
            parts.add(part(FigurePlate.Kind.TRUNK, List.of(cape(cape))));
        }
        return new FigurePlate(view, parts);
    }

    /** A cape falls from the neck over shoulders and arms. */
    private Path cape(double length) {
        double nape = body.mark("nape").orElseThrow().y();
        Place neck = body.mark("neck-point-left").orElseThrow();
        Place shoulder = body.mark("shoulder-point-left").orElseThrow();
        double end = nape - length;
        double middle = (shoulder.y() + end) / 2;
        Form beneath = dressed.skirtForm().orElse(body.form());
        double collar = -neck.y() - OVERLAP;
        if (view == FigureView.SIDE) {
            double bust = body.form().fore().at(body.at("bust").middle().y());
            double blades = body.form().aft().at(body.at("armpit").middle().y());
            double fore = Math.max(beneath.fore().at(end), bust) + OVERLAP * 2;
            double aft = Math.max(beneath.aft().at(end), blades) + OVERLAP * 2;
            return BodyPlate.closed(List.of(
                    new Point(neck.z() + neck.x() * 0.5, collar),
                    new Point(body.form().fore().at(shoulder.y()) + OVERLAP * 2, -shoulder.y()),
                    new Point(fore * 0.97, -middle),
                    new Point(fore, -end),
                    new Point(-aft, -end),
                    new Point(-aft * 0.97, -middle),
                    new Point(-body.form().aft().at(shoulder.y()) - OVERLAP, -shoulder.y()),
                    new Point(-body.form().aft().at(nape), collar)));
        }
        double arm = shoulder.x() + body.at("upper-arm").breadth() + (shoulder.y() - end) * body.armOut();
        double wide = Math.max(arm, Math.abs(one(beneath, end))) + OVERLAP * 2;
        List<Point> half = List.of(
                new Point(neck.x() * 0.98, collar),
                new Point(shoulder.x() * 0.75, -shoulder.y() - OVERLAP * 2),
                new Point(shoulder.x() + OVERLAP * 2, -shoulder.y() + OVERLAP * 2),
                new Point((shoulder.x() + wide) / 2 + OVERLAP * 2, -middle),
                new Point(wide, -end));
        List<Point> round = new ArrayList<>(half);
        round.add(new Point(0, -end + OVERLAP));
        for (int i = half.size() - 1; i >= 0; i--) {
            round.add(new Point(-half.get(i).x(), half.get(i).y()));
        }
        return BodyPlate.closed(round);
    }

    /** The outline of a form as the view shows it: where it reaches on the one side of the picture and on the other. */
    private double one(Form form, double height) {
        return view == FigureView.SIDE
                ? form.fore().at(height)
                : right * form.right().at(height);
    }

    private double other(Form form, double height) {
        return view == FigureView.SIDE
                ? -form.aft().at(height)
                : -right * form.left().at(height);
    }

    /** What hangs from the waist to a hem of its own height in front, at the sides and behind. */
    private Path hanging(Form skirt, double top, double front, double side, double back) {
        double oneEnd = Math.max(0, view == FigureView.SIDE ? front : side);
        double otherEnd = Math.max(0, view == FigureView.SIDE ? back : side);
        double middle = Math.max(0, view == FigureView.BACK ? back : front);
        List<Point> down = new ArrayList<>();
        List<Point> up = new ArrayList<>();
        int steps = 48;
        for (int i = 0; i <= steps; i++) {
            double oneAt = top + (oneEnd - top) * i / steps;
            double otherAt = top + (otherEnd - top) * i / steps;
            down.add(new Point(one(skirt, oneAt), -oneAt));
            up.add(new Point(other(skirt, otherAt), -otherAt));
        }
        Collections.reverse(up);
        Point from = down.get(down.size() - 1);
        Point to = up.get(0);
        Path hem = view == FigureView.SIDE
                ? Path.through(List.of(from, from.towards(to, 0.5), to))
                : Path.through(List.of(
                        from,
                        new Point(from.x() * 0.6, -(oneEnd + (middle - oneEnd) * 0.7) + body.height() * 0.006),
                        new Point(0, -middle + body.height() * 0.008),
                        new Point(to.x() * 0.6, -(otherEnd + (middle - otherEnd) * 0.7) + body.height() * 0.006),
                        to));
        return Path.through(down)
                .then(hem)
                .then(Path.through(up))
                .then(BodyPlate.straight(up.get(up.size() - 1), down.get(0)));
    }

    private FigurePlate.Part trunk(Form trunk) {
        double armpit = body.at("armpit").middle().y();
        double end = Math.max(dressed.trunkEnd(), trunk.right().bottom());
        List<Path> shapes = new ArrayList<>();
        if (view == FigureView.SIDE) {
            shapes.add(sideTrunk(trunk, end));
        } else {
            shapes.add(BodyPlate.band(armpit + OVERLAP, end, y -> one(trunk, y), y -> other(trunk, y)));
            shapes.add(shoulders(trunk, armpit));
        }
        double point = view == FigureView.BACK ? 0 : dressed.given("bodice-point-depth");
        if (point > 0) {
            double tip = dressed.waist() - point;
            double at = view == FigureView.SIDE ? one(trunk, end) * 0.98 : 0;
            shapes.add(BodyPlate.closed(List.of(
                    new Point(one(trunk, end), -end),
                    new Point(at + (one(trunk, end) - at) * 0.35, -(end + tip) / 2),
                    new Point(at, -tip),
                    new Point(at + (other(trunk, end) - at) * 0.35, -(end + tip) / 2),
                    new Point(other(trunk, end), -end))));
        }
        List<Path> lines = new ArrayList<>();
        collar().ifPresent(shapes::add);
        return new FigurePlate.Part(FigurePlate.Kind.TRUNK, shapes, lines);
    }

    /** From the armpits up to the neckline and the shoulders. */
    private Path shoulders(Form trunk, double armpit) {
        double height = body.height();
        Place neck = body.mark("neck-point-left").orElseThrow();
        double width = dressed.given("neckline-width");
        double half = Double.isNaN(width) ? neck.x() : width / 2;
        double low = neckline(view == FigureView.BACK ? "neckline-back-depth" : "neckline-front-depth");
        double from = view == FigureView.BACK
                ? body.mark("nape").orElseThrow().y()
                : body.mark("neck-pit").orElseThrow().y();
        double middle = from - low;
        List<Point> round = new ArrayList<>();
        for (int side : new int[] {1, -1}) {
            int across = side * right;
            Place point = body.mark(side > 0 ? "shoulder-point" : "shoulder-point-left")
                    .orElseThrow();
            double out = Math.abs(point.x());
            double share = Math.max(0, Math.min(0.9, (half - neck.x()) / (out - neck.x())));
            double at = neck.y() + (point.y() - neck.y()) * share;
            double reach = side > 0 ? trunk.right().at(armpit) : trunk.left().at(armpit);
            List<Point> edge = new ArrayList<>(List.of(
                    new Point(across * Math.max(half, neck.x() * 0.98) * 0.8, -(middle + (at - middle) * 0.25)),
                    new Point(across * Math.max(half, neck.x() * 0.98), -at - height * 0.003),
                    new Point(across * out * 0.96, -point.y() - height * 0.006),
                    new Point(across * out * 1.03, -point.y() + height * 0.014),
                    new Point(across * reach, -armpit)));
            if (side < 0) {
                Collections.reverse(edge);
            }
            round.addAll(edge);
        }
        round.add(new Point(0, -middle));
        return BodyPlate.closed(round);
    }

    /** From the lower edge up the front to the neckline, over the shoulder, and down the back. */
    private Path sideTrunk(Form trunk, double end) {
        Place point = body.mark("neck-point").orElseThrow();
        double low = neckline("neckline-front-depth");
        double front = body.mark("neck-pit").orElseThrow().y() - low;
        double back = body.mark("nape").orElseThrow().y() - neckline("neckline-back-depth");
        List<Point> round = new ArrayList<>();
        int steps = 40;
        for (int i = 0; i <= steps; i++) {
            double at = end + (front - end) * i / steps;
            round.add(new Point(trunk.fore().at(at), -at));
        }
        if (low > point.y() * 0.01) {
            round.add(new Point(
                    point.z() + (trunk.fore().at(front) - point.z()) * 0.35, -(front + (point.y() - front) * 0.45)));
        }
        round.add(new Point(point.z(), -point.y() - body.height() * 0.004));
        for (int i = 0; i <= steps; i++) {
            double at = back + (end - back) * i / steps;
            round.add(new Point(-trunk.aft().at(at), -at));
        }
        return BodyPlate.closed(round);
    }

    /** Returns how low a neckline lies; beneath a collar that stands it is hidden. */
    private double neckline(String quantity) {
        if (dressed.given("collar-stand-height") > 0) {
            return -body.height() * 0.015;
        }
        double low = dressed.given(quantity);
        return Double.isNaN(low) ? 0 : low;
    }

    private Optional<Path> collar() {
        double stand = dressed.given("collar-stand-height");
        if (Double.isNaN(stand)) {
            return Optional.empty();
        }
        CrossSection neck = body.at("neck-mid");
        CrossSection base = body.at("neck-base");
        double pit = body.mark("neck-pit").orElseThrow().y();
        double nape = body.mark("nape").orElseThrow().y();
        double one = view == FigureView.SIDE ? neck.front().z() : neck.breadth();
        double other = view == FigureView.SIDE ? neck.back().z() : -neck.breadth();
        double oneLow = view == FigureView.SIDE ? pit : base.middle().y();
        double otherLow = view == FigureView.SIDE ? nape : base.middle().y();
        double slack = body.height() * 0.003;
        return Optional.of(BodyPlate.closed(List.of(
                new Point(one * 1.04 + slack, -oneLow),
                new Point(one + slack, -(oneLow + stand)),
                new Point(other - slack, -(otherLow + stand)),
                new Point(other * 1.04 - slack, -otherLow),
                new Point((one + other) / 2, -(Math.min(oneLow, otherLow) - slack * 6)))));
    }

    private Path sleeve(DressedFigure.Sleeve sleeve, int side) {
        ArmAxis axis = new ArmAxis(body, side);
        List<Point> outer = new ArrayList<>();
        List<Point> inner = new ArrayList<>();
        int steps = 24;
        double rise = sleeve.rise() / axis.length();
        outer.add(axis.beside(view, -rise, -sleeve.reach().at(0) * 0.2));
        outer.add(axis.beside(view, -rise * 0.8, sleeve.reach().at(0) * 0.55));
        for (int i = 1; i <= steps; i++) {
            double at = sleeve.end() * i / steps;
            double reach = sleeve.reach().at(at);
            outer.add(axis.beside(view, at, reach));
            inner.add(axis.beside(view, at, -reach * (view == FigureView.SIDE ? 1 : Math.min(1, 0.8 + at))));
        }
        Collections.reverse(inner);
        outer.addAll(inner);
        return BodyPlate.closed(outer);
    }
}
