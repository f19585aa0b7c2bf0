package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** Draws the outlines of a figure: a plain plate, neither fashion drawing nor mannequin. */
final class BodyOutline {

    private final BodyFigure figure;
    private final List<String> legs;
    private final List<String> arms;

    /**
     * @param legs levels from the thigh down
     * @param arms levels from the shoulder down
     */
    BodyOutline(BodyFigure figure, List<String> legs, List<String> arms) {
        this.figure = figure;
        this.legs = legs;
        this.arms = arms;
    }

    /** Returns the outlines of a view, those behind first. */
    List<Path> of(FigureView view) {
        return view == FigureView.SIDE
                ? List.of(sideBody(), head(view))
                : List.of(armOutline(1), armOutline(-1), frontBody(), head(view));
    }

    private Place mark(String name) {
        return figure.mark(name).orElseThrow();
    }

    private Path head(FigureView view) {
        double middle = figure.headMiddle();
        double half = (figure.height() - figure.chin()) / 2;
        double breadth = view == FigureView.SIDE ? figure.headBreadth() * 1.25 : figure.headBreadth();
        double forward =
                view == FigureView.SIDE ? figure.at("neck-mid").middle().z() + breadth * 0.2 : 0;
        List<Point> round = new ArrayList<>();
        for (int i = 0; i <= 16; i++) {
            double angle = 2 * Math.PI * i / 16;
            // A head tapers to the chin.
            double taper = StrictMath.sin(angle) < 0 ? 1 + 0.14 * StrictMath.sin(angle) : 1;
            round.add(new Point(
                    forward + breadth * taper * StrictMath.cos(angle), -middle - half * StrictMath.sin(angle)));
        }
        return Path.through(round);
    }

    private Path frontBody() {
        List<Point> right = new ArrayList<>();
        CrossSection neck = figure.at("neck-mid");
        right.add(new Point(neck.breadth() * 0.94, -figure.chin() - figure.height() * 0.03));
        right.add(new Point(neck.breadth(), -neck.middle().y()));
        Place base = mark("neck-point-left");
        right.add(new Point(base.x() * 1.05, -base.y() - figure.height() * 0.004));
        Place shoulder = mark("shoulder-point-left");
        right.add(new Point(shoulder.x() * 0.92, -shoulder.y() - figure.height() * 0.008));
        right.add(new Point(shoulder.x(), -shoulder.y() + figure.height() * 0.014));
        // From the front the bust lies within the line of the ribs.
        for (String level : List.of("armpit", "under-bust", "waist", "high-hip", "hip")) {
            CrossSection section = figure.at(level);
            right.add(new Point(section.breadth(), -section.middle().y()));
        }
        List<Point> inner = new ArrayList<>();
        for (String level : legs) {
            CrossSection section = figure.at(level);
            right.add(new Point(
                    section.breadth() - section.middle().x(), -section.middle().y()));
            inner.add(new Point(
                    Math.max(figure.height() * 0.004, -section.middle().x() - section.breadth()),
                    -section.middle().y()));
        }
        CrossSection ankle = figure.at("ankle");
        right.add(new Point(-ankle.middle().x() + ankle.breadth() * 1.9, -figure.height() * 0.004));
        right.add(new Point(-ankle.middle().x() - ankle.breadth() * 0.6, 0));
        Collections.reverse(inner);
        right.addAll(inner);
        right.add(new Point(0, -mark("fork").y()));
        List<Point> all = new ArrayList<>(right);
        List<Point> mirrored = new ArrayList<>();
        right.forEach(point -> mirrored.add(new Point(-point.x(), point.y())));
        Collections.reverse(mirrored);
        all.addAll(mirrored.subList(1, mirrored.size()));
        return Path.through(all);
    }

    private Path armOutline(int side) {
        List<Point> outer = new ArrayList<>();
        List<Point> inner = new ArrayList<>();
        Place shoulder = mark("shoulder-point-left");
        CrossSection top = figure.at("upper-arm");
        outer.add(new Point(side * (shoulder.x() - figure.height() * 0.01), -shoulder.y() - figure.height() * 0.004));
        outer.add(new Point(side * (shoulder.x() + top.breadth() * 0.35), -shoulder.y() + figure.height() * 0.025));
        for (String level : arms) {
            CrossSection section = figure.at(level);
            outer.add(new Point(side * -section.right().x(), -section.middle().y()));
            inner.add(new Point(side * -section.left().x(), -section.middle().y()));
        }
        CrossSection hand = figure.at("hand");
        double tip = -hand.middle().y() + figure.height() * 0.05;
        outer.add(new Point(side * (-hand.middle().x() + hand.breadth() * 0.75), tip - figure.height() * 0.012));
        outer.add(new Point(side * (-hand.middle().x() + hand.breadth() * 0.1), tip));
        Collections.reverse(inner);
        outer.addAll(inner);
        outer.add(new Point(
                side * figure.at("armpit").breadth() * 0.98,
                -figure.at("armpit").middle().y()));
        return Path.through(outer);
    }

    private Path sideBody() {
        List<Point> front = new ArrayList<>();
        List<Point> back = new ArrayList<>();
        CrossSection neck = figure.at("neck-mid");
        front.add(new Point(neck.front().z() + figure.height() * 0.012, -figure.chin() - figure.height() * 0.02));
        back.add(new Point(neck.back().z() + figure.height() * 0.008, -figure.chin() - figure.height() * 0.05));
        front.add(new Point(neck.front().z(), -neck.middle().y()));
        front.add(flat("neck-pit"));
        back.add(flat("nape"));
        for (String level : List.of(figure.hasBust() ? "bust" : "armpit", "under-bust", "waist", "belly", "hip")) {
            CrossSection section = figure.at(level);
            front.add(new Point(section.front().z(), -section.middle().y()));
        }
        for (String level : List.of("armpit", "under-bust", "waist", "high-hip", "hip")) {
            CrossSection section = figure.at(level);
            back.add(new Point(section.back().z(), -section.middle().y()));
        }
        for (String level : legs) {
            CrossSection section = figure.at(level);
            double fuller = level.equals("thigh") ? 1.12 : 1;
            front.add(new Point(
                    section.middle().z() + section.depth() * fuller,
                    -section.middle().y()));
            back.add(new Point(
                    section.middle().z() - section.depth() * fuller,
                    -section.middle().y()));
        }
        CrossSection ankle = figure.at("ankle");
        front.add(new Point(ankle.front().z() + figure.height() * 0.085, -figure.height() * 0.012));
        front.add(new Point(ankle.front().z() + figure.height() * 0.09, 0));
        back.add(new Point(ankle.back().z() * 1.1 - figure.height() * 0.008, 0));
        Collections.reverse(back);
        front.addAll(back);
        front.add(front.get(0));
        return Path.through(front);
    }

    private Point flat(String mark) {
        return mark(mark).on(FigureView.SIDE);
    }
}
