package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** Draws a body: a plain plate, neither fashion drawing nor mannequin. */
final class BodyPlate {

    /** A contour is drawn through a point every so many millimetres. */
    private static final double STEP = 14;

    /** Front of a head: half its breadth as a share of the widest, by the share of its height from the chin. */
    private static final double[][] HEAD = {
        {0, 0.12},
        {0.03, 0.3},
        {0.1, 0.52},
        {0.22, 0.74},
        {0.38, 0.9},
        {0.55, 0.98},
        {0.68, 1},
        {0.8, 0.92},
        {0.9, 0.72},
        {0.97, 0.4},
        {1, 0.1}
    };

    /** Side of a head: forward of its middle as a share of half its depth, by the share of its height from the chin. */
    private static final double[][] FACE = {
        {0.02, 0.32},
        {0, 0.52},
        {0.05, 0.66},
        {0.12, 0.63},
        {0.16, 0.69},
        {0.22, 0.69},
        {0.25, 0.72},
        {0.3, 0.84},
        {0.36, 0.76},
        {0.46, 0.7},
        {0.53, 0.76},
        {0.66, 0.77},
        {0.8, 0.64},
        {0.92, 0.34},
        {1, -0.1}
    };

    private static final double[][] NAPE = {
        {0.97, -0.5}, {0.88, -0.8}, {0.74, -0.98}, {0.6, -1}, {0.45, -0.9}, {0.32, -0.72}, {0.2, -0.6}
    };

    private final BodyFigure figure;

    BodyPlate(BodyFigure figure) {
        this.figure = figure;
    }

    /** Returns the body without its arms. */
    List<Path> trunkAndLegs(FigureView view) {
        if (view == FigureView.SIDE) {
            return List.of(sideTrunk(), sideLeg(), sideNeck(), sideHead());
        }
        return List.of(leg(view, 1), leg(view, -1), trunk(view), yoke(view), frontHead());
    }

    private Place mark(String name) {
        return figure.mark(name).orElseThrow();
    }

    /** Says to which side of the picture the wearer's right lies. */
    private static int right(FigureView view) {
        return view == FigureView.BACK ? 1 : -1;
    }

    private double headForward() {
        return figure.at("neck-mid").middle().z() + figure.headBreadth() * 0.22;
    }

    private double headAt(double share) {
        return -(figure.chin() + share * (figure.height() - figure.chin()));
    }

    private Path frontHead() {
        List<Point> round = new ArrayList<>();
        for (double[] each : HEAD) {
            round.add(new Point(figure.headBreadth() * each[1], headAt(each[0])));
        }
        for (int i = HEAD.length - 1; i >= 0; i--) {
            round.add(new Point(-figure.headBreadth() * HEAD[i][1], headAt(HEAD[i][0])));
        }
        round.add(round.get(0));
        return Path.through(round);
    }

    private Path sideHead() {
        List<Point> round = new ArrayList<>();
        double deep = figure.headBreadth() * 1.25;
        for (double[][] half : List.of(FACE, NAPE)) {
            for (double[] each : half) {
                round.add(new Point(headForward() + deep * each[1], headAt(each[0])));
            }
        }
        round.add(round.get(0));
        return Path.through(round);
    }

    private Path sideNeck() {
        CrossSection neck = figure.at("neck-mid");
        Place pit = mark("neck-pit");
        Place nape = mark("nape");
        double under = headAt(0.06);
        double head = figure.headBreadth();
        double chest = figure.at("armpit").middle().y();
        Form form = figure.form();
        double between = (pit.y() + chest) / 2;
        double behind = (nape.y() + chest) / 2;
        List<Point> front = List.of(
                new Point(headForward() + head * 0.3, under),
                new Point(neck.front().z() * 0.96, -neck.middle().y()),
                new Point(pit.z(), -pit.y()),
                new Point(form.fore().at(between), -between),
                new Point(form.fore().at(chest), -chest));
        List<Point> back = List.of(
                new Point(-form.aft().at(chest), -chest),
                new Point(-form.aft().at(behind), -behind),
                new Point(nape.z(), -nape.y()),
                new Point(neck.back().z(), -neck.middle().y() - figure.height() * 0.008),
                new Point(headForward() - head * 0.85, headAt(0.3)));
        return Path.through(front)
                .then(straight(front.get(front.size() - 1), back.get(0)))
                .then(Path.through(back))
                .then(straight(back.get(back.size() - 1), front.get(0)));
    }

    private Path sideTrunk() {
        double from = figure.at("armpit").middle().y() + figure.height() * 0.02;
        return band(
                from,
                figure.at("thigh").middle().y(),
                y -> figure.form().fore().at(y),
                y -> -figure.form().aft().at(y));
    }

    private Path sideLeg() {
        double ankle = figure.at("ankle").middle().y();
        List<Point> front = new ArrayList<>();
        List<Point> back = new ArrayList<>();
        for (double y = figure.at("hip").middle().y(); y > ankle; y -= STEP) {
            front.add(new Point(figure.form().fore().at(y), -y));
            back.add(new Point(-figure.form().aft().at(y), -y));
        }
        double height = figure.height();
        double toe = figure.at("ankle").front().z();
        front.add(new Point(toe + height * 0.004, -ankle + height * 0.006));
        front.add(new Point(toe + height * 0.05, -height * 0.018));
        front.add(new Point(toe + height * 0.088, -height * 0.008));
        front.add(new Point(toe + height * 0.086, 0));
        double heel = figure.at("ankle").back().z() - height * 0.01;
        back.add(new Point(figure.at("ankle").back().z(), -ankle + height * 0.01));
        back.add(new Point(heel, -height * 0.012));
        back.add(new Point(heel + height * 0.004, 0));
        Collections.reverse(back);
        front.addAll(back);
        return closed(front);
    }

    /** A shape between two heights, from the one line round to the other. */
    static Path band(double top, double bottom, DoubleUnaryOperator one, DoubleUnaryOperator other) {
        List<Point> down = new ArrayList<>();
        List<Point> up = new ArrayList<>();
        int steps = (int) Math.max(4, Math.ceil((top - bottom) / STEP));
        for (int i = 0; i <= steps; i++) {
            double y = top + (bottom - top) * i / steps;
            down.add(new Point(one.applyAsDouble(y), -y));
            up.add(new Point(other.applyAsDouble(y), -y));
        }
        Collections.reverse(up);
        return Path.through(down)
                .then(straight(down.get(down.size() - 1), up.get(0)))
                .then(Path.through(up))
                .then(straight(up.get(up.size() - 1), down.get(0)));
    }

    static Path straight(Point from, Point to) {
        return Path.of(new LineSegment(from, to));
    }

    static Path closed(List<Point> round) {
        return Path.through(round).then(straight(round.get(round.size() - 1), round.get(0)));
    }

    private Path trunk(FigureView view) {
        int right = right(view);
        double top = figure.at("armpit").middle().y() + figure.height() * 0.008;
        return band(
                top,
                figure.fork(),
                y -> right * figure.form().right().at(y),
                y -> -right * figure.form().left().at(y));
    }

    /** Neck and shoulders down to the armpits. */
    private Path yoke(FigureView view) {
        int right = right(view);
        CrossSection neck = figure.at("neck-mid");
        double height = figure.height();
        double armpit = figure.at("armpit").middle().y();
        List<Point> round = new ArrayList<>();
        for (int side : new int[] {1, -1}) {
            int across = side * right;
            Place point = side > 0 ? mark("shoulder-point") : mark("shoulder-point-left");
            double out = Math.abs(point.x());
            double base = mark("neck-point-left").x();
            double neckAt = mark("neck-point").y();
            List<Point> half = List.of(
                    new Point(across * neck.breadth() * 0.92, headAt(0.3)),
                    new Point(across * neck.breadth() * 0.96, -neck.middle().y()),
                    new Point(across * base * 1.04, -neckAt - height * 0.002),
                    new Point(
                            across * (base + (out - base) * 0.4),
                            -(neckAt + (point.y() - neckAt) * 0.52) - height * 0.002),
                    new Point(across * out * 0.93, -point.y() - height * 0.004),
                    new Point(across * out * 1.02, -point.y() + height * 0.016),
                    new Point(across * figure.form().right().at(armpit), -armpit + height * 0.02));
            if (side < 0) {
                half = new ArrayList<>(half);
                Collections.reverse(half);
            }
            round.addAll(half);
        }
        return closed(round);
    }

    private Path leg(FigureView view, int side) {
        int across = side * right(view);
        double height = figure.height();
        Contour outer = side > 0 ? figure.form().right() : figure.form().left();
        TreeMap<Double, Double> inside = new TreeMap<>();
        for (String level : figure.legs()) {
            CrossSection section = figure.at(level);
            inside.put(
                    section.middle().y(),
                    Math.max(height * 0.003, -section.middle().x() - section.breadth()));
        }
        Contour inner = Contour.through(inside);
        double ankle = figure.at("ankle").middle().y();
        List<Point> down = new ArrayList<>();
        List<Point> up = new ArrayList<>();
        for (double y = figure.fork() + height * 0.02; y > ankle; y -= STEP) {
            down.add(new Point(across * outer.at(y), -y));
            up.add(new Point(across * inner.at(y), -y));
        }
        double middle = -figure.at("ankle").middle().x();
        double broad = figure.at("ankle").breadth();
        down.add(new Point(across * (middle + broad * 1.05), -ankle + height * 0.008));
        down.add(new Point(across * (middle + broad * 1.75), -height * 0.01));
        down.add(new Point(across * (middle + broad * 1.6), 0));
        down.add(new Point(across * (middle - broad * 0.4), 0));
        down.add(new Point(across * (middle - broad * 0.9), -height * 0.012));
        Collections.reverse(up);
        down.addAll(up);
        return closed(down);
    }

    /** Returns an arm and hand; side 1 is the wearer's right. */
    Path arm(FigureView view, int side) {
        double height = figure.height();
        List<Point> outer = new ArrayList<>();
        List<Point> inner = new ArrayList<>();
        ArmAxis axis = new ArmAxis(figure, side);
        double top = figure.at("upper-arm").breadth();
        if (view != FigureView.SIDE) {
            outer.add(axis.beside(view, -0.02, -top * 0.5));
            outer.add(axis.beside(view, -0.005, top * 0.35));
            outer.add(axis.beside(view, 0.06, top * 0.98));
        } else {
            outer.add(axis.beside(view, -0.01, top * 0.5));
        }
        for (String level : figure.arms()) {
            CrossSection section = figure.at(level);
            outer.add(axis.beside(view, axis.share(level), section.breadth()));
            inner.add(axis.beside(view, axis.share(level), -section.breadth()));
        }
        double hand = figure.at("hand").breadth();
        double end = axis.share("hand");
        double finger = height * 0.05 / axis.length();
        outer.add(axis.beside(view, end + finger * 0.7, hand * 0.6));
        outer.add(axis.beside(view, end + finger, hand * 0.1));
        inner.add(axis.beside(view, end + finger * 0.7, -hand * 0.42));
        Collections.reverse(inner);
        outer.addAll(inner);
        if (view != FigureView.SIDE) {
            double armpit = figure.at("armpit").middle().y();
            Contour trunk = side > 0 ? figure.form().right() : figure.form().left();
            outer.add(new Point(side * right(view) * trunk.at(armpit) * 0.98, -armpit));
        } else {
            outer.add(axis.beside(view, -0.01, -top * 0.5));
        }
        return closed(outer);
    }
}
