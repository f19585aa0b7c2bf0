package org.soberhem.core.silhouette;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Contour;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/**
 * A period's outline on one wearer: its heights moved to the wearer's own levels, its breadths and depths in the
 * proportion in which the wearer is broader and deeper than a usual body of the same height. A shape to compare with,
 * never a size to come to. In millimetres.
 */
public final class PeriodOutline {

    /** The outline is compared from here down: above, a head and a neck are nobody's costume. */
    private static final double SHOULDER = 0.81;

    /** So far below the outline of the sleeves hands may hang, as far out as its end, as a share of the height. */
    private static final double HANDS = 0.18;

    /** Above it there is no dress to compare. */
    private static final double NECK = 0.88;

    private final Contour halfLeast;
    private final Contour halfMost;
    private final List<Contour> arm = new ArrayList<>();
    private final Contour foreLeast;
    private final Contour foreMost;
    private final Contour aftLeast;
    private final Contour aftMost;
    private final Contour heights;
    private final Map<String, Double> levels = new LinkedHashMap<>();

    /**
     * @param silhouette the period's outline
     * @param own the wearer
     * @param usual a usual body of the same height and build
     * @param reference heights of levels on the body that the outline was thought out on, as shares of the height
     */
    public PeriodOutline(Silhouette silhouette, BodyFigure own, BodyFigure usual, Map<String, Double> reference) {
        Map<Double, Double> moved = new TreeMap<>();
        double height = own.height();
        moved.put(0.0, 0.0);
        moved.put(1.0, height);
        moved.put(reference.get("fork"), own.fork());
        moved.put(reference.get("hip"), own.at("hip").middle().y());
        moved.put(reference.get("waist"), own.at("waist").middle().y());
        moved.put(
                reference.get("shoulder"),
                own.mark("shoulder-point").orElseThrow().y());
        heights = Contour.through(moved);
        double broad = factor(own, usual, true) * height;
        double deep = factor(own, usual, false) * height;
        halfLeast = front(silhouette, level -> level.half().least() * broad);
        halfMost = front(silhouette, level -> level.half().most() * broad);
        TreeMap<Double, Double> inner = new TreeMap<>();
        TreeMap<Double, Double> outer = new TreeMap<>();
        for (Silhouette.FrontLevel level : silhouette.front()) {
            level.arm().ifPresent(range -> {
                inner.put(heights.at(level.at()), range.least() * broad);
                outer.put(heights.at(level.at()), range.most() * broad);
            });
        }
        if (inner.size() > 1) {
            arm.add(Contour.through(inner));
            arm.add(Contour.through(outer));
        }
        foreLeast = side(silhouette, level -> level.fore().least() * deep);
        foreMost = side(silhouette, level -> level.fore().most() * deep);
        aftLeast = side(silhouette, level -> level.aft().least() * deep);
        aftMost = side(silhouette, level -> level.aft().most() * deep);
        silhouette.front().stream()
                .filter(level -> !level.level().isEmpty())
                .forEach(level -> levels.put(level.level(), heights.at(level.at())));
    }

    /** How much broader or deeper a body is than another, at chest and hip. */
    private static double factor(BodyFigure own, BodyFigure usual, boolean breadth) {
        return size(own, breadth) / size(usual, breadth);
    }

    private static double size(BodyFigure body, boolean breadth) {
        return breadth
                ? body.at("armpit").breadth() + body.at("hip").breadth()
                : body.at("armpit").depth() + body.at("hip").depth();
    }

    private Contour front(Silhouette silhouette, ToDoubleFunction<Silhouette.FrontLevel> of) {
        return through(silhouette.front(), Silhouette.FrontLevel::at, of);
    }

    private Contour side(Silhouette silhouette, ToDoubleFunction<Silhouette.SideLevel> of) {
        return through(silhouette.side(), Silhouette.SideLevel::at, of);
    }

    private <L> Contour through(List<L> levels, Function<L, Double> at, ToDoubleFunction<L> of) {
        TreeMap<Double, Double> knots = new TreeMap<>();
        levels.stream()
                .filter(level -> at.apply(level) < NECK)
                .forEach(level -> knots.put(heights.at(at.apply(level)), of.applyAsDouble(level)));
        return Contour.through(knots);
    }

    /** Returns the period's outline as bands between its narrower and its wider line, as a view shows them; closed. */
    public List<Path> bands(FigureView view) {
        if (view == FigureView.SIDE) {
            return List.of(band(foreLeast, foreMost, 1), band(aftLeast, aftMost, -1));
        }
        List<Path> bands = new ArrayList<>(List.of(band(halfLeast, halfMost, 1), band(halfLeast, halfMost, -1)));
        if (!arm.isEmpty()) {
            bands.add(band(arm.get(0), arm.get(1), 1));
            bands.add(band(arm.get(0), arm.get(1), -1));
        }
        return bands;
    }

    private static Path band(Contour least, Contour most, int side) {
        List<Point> down = new ArrayList<>();
        List<Point> up = new ArrayList<>();
        int steps = 64;
        for (int i = 0; i <= steps; i++) {
            double height = least.top() + (least.bottom() - least.top()) * i / steps;
            down.add(new Point(side * least.at(height), -height));
            up.add(new Point(side * most.at(height), -height));
        }
        Collections.reverse(up);
        Point end = down.get(steps);
        return Path.through(down)
                .then(Path.of(new LineSegment(end, up.get(0))))
                .then(Path.through(up))
                .then(Path.of(new LineSegment(up.get(steps), down.get(0))));
    }

    /** Returns half the breadth that is usual at a height, without the arms. */
    public Silhouette.Range half(double height) {
        return new Silhouette.Range(halfLeast.at(height), halfMost.at(height));
    }

    /** Returns the heights of what the outline names, such as waist and hem, by name. */
    public Map<String, Double> levels() {
        return levels;
    }

    /** How far a seen outline lies from this one at most, and where. */
    public record Departure(double millimetres, double height) {}

    /**
     * What is seen at one height.
     *
     * @param height above the floor, in millimetres
     * @param reach how far the outline reaches there from the middle, in millimetres
     */
    public record Seen(double height, double reach) {}

    /**
     * Returns the widest departure of an outline seen from the front, between the neck and the knee; what lies within
     * the band, arms and sleeves included, does not depart.
     *
     * @param seen on either side
     * @param knee height of the knee, in millimetres
     */
    public Departure departure(List<Seen> seen, double knee) {
        Departure widest = new Departure(0, knee);
        double neck = heights.at(SHOULDER);
        for (Seen each : seen) {
            if (each.height() < knee || each.height() > neck) {
                continue;
            }
            double least = half(each.height()).least();
            double most = half(each.height()).most();
            if (!arm.isEmpty() && each.height() <= arm.get(1).top()) {
                Contour outer = arm.get(1);
                if (each.height() >= outer.bottom()) {
                    least = Math.min(least, arm.get(0).at(each.height()));
                }
                if (each.height() >= outer.bottom() - HANDS * heights.at(1)) {
                    most = Math.max(most, outer.at(Math.max(each.height(), outer.bottom())));
                }
            }
            double off = Math.max(least - each.reach(), each.reach() - most);
            if (off > widest.millimetres()) {
                widest = new Departure(off, each.height());
            }
        }
        return widest;
    }
}
