package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.body.Build;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/**
 * A standing body as a stack of cross-sections, computed from a wearer's own girths and heights. Levels that were not
 * measured keep their usual proportion to their neighbours.
 */
public final class BodyFigure {

    /** Height of a grown wearer who has not been measured. */
    private static final double USUAL_HEIGHT = 1680;

    private static final double[] USUAL_HEIGHTS = {680, 900, 1280, USUAL_HEIGHT};

    /** How far the arms hang away from the trunk: out for each millimetre down. */
    private static final double ARM_OUT = 0.16;

    private final FigurePlan plan;
    private final ToDoubleFunction<String> read;
    private final Build build;
    private final double height;
    private final Map<String, CrossSection> sections = new LinkedHashMap<>();
    private final Map<String, Place> marks = new LinkedHashMap<>();
    private final List<String> leg = new ArrayList<>();
    private final List<String> arm = new ArrayList<>();

    /**
     * @param plan proportions and tapes
     * @param build of the wearer
     * @param read returns the reading of a measure in millimetres, or NaN
     */
    public BodyFigure(FigurePlan plan, Build build, ToDoubleFunction<String> read) {
        this.plan = plan;
        this.build = build;
        this.read = read;
        double measured = read.applyAsDouble("height");
        height = Double.isNaN(measured) ? guessedHeight() : measured;
        FigurePlan.ByAge age = plan.ages().get(build.age());
        Anchors anchors = new Anchors(age);
        for (FigurePlan.Level level : plan.trunk()) {
            double at = anchors.at((age.fork() + (age.chin() - age.fork()) * level.at()) * height);
            section(plan.trunk(), level, new Place(0, at, level.centre() * height));
        }
        double fork = anchors.at(age.fork() * height);
        double hip = sections.get("hip").breadth();
        for (FigurePlan.Level level : plan.legs()) {
            double apart = hip * (0.34 + 0.19 * level.at());
            section(plan.legs(), level, new Place(-apart, fork * level.at(), level.centre() * height));
            leg.add(level.name());
        }
        double width = read.applyAsDouble("shoulder-width");
        double shoulder = (Double.isNaN(width) ? sections.get("armpit").breadth() * 2.2 : width * 0.95) / 2;
        double armpit = sections.get("armpit").middle().y();
        double neck = sections.get("neck-base").middle().y();
        Place shoulderPoint = new Place(
                -shoulder,
                neck - (neck - armpit) * 0.3,
                sections.get("armpit").middle().z());
        double reach = read.applyAsDouble("shoulder-to-wrist");
        double length = Double.isNaN(reach) ? height * 0.34 : reach;
        for (FigurePlan.Level level : plan.arms()) {
            double down = length / 0.77 * level.at();
            section(
                    plan.arms(),
                    level,
                    new Place(
                            shoulderPoint.x() - down * ARM_OUT,
                            shoulderPoint.y() - down,
                            shoulderPoint.z() - height * 0.004));
            arm.add(level.name());
        }
        marks(fork, shoulderPoint);
    }

    private double guessedHeight() {
        double floor = read.applyAsDouble("waist-to-floor-front");
        if (!Double.isNaN(floor)) {
            return floor / 0.62;
        }
        return USUAL_HEIGHTS[build.age().ordinal()];
    }

    /** Moves usual levels to where the wearer's own lengths put them, evenly between. */
    private final class Anchors {

        private final TreeMap<Double, Double> moved = new TreeMap<>();

        Anchors(FigurePlan.ByAge age) {
            double fork = age.fork() * height;
            double chin = age.chin() * height;
            moved.put(0.0, 0.0);
            moved.put(height, height);
            double inside = read.applyAsDouble("inside-leg");
            put(fork, inside);
            double waist = fork + (chin - fork) * level("waist").at();
            double usualNape = fork + (chin - fork) * (level("neck-base").at() + 0.06);
            double nape = read.applyAsDouble("nape-to-floor");
            double back = read.applyAsDouble("nape-to-waist");
            put(usualNape, nape);
            double napeAt = at(usualNape);
            put(waist, napeAt - back * 0.98);
            double hip = fork + (chin - fork) * level("hip").at();
            put(hip, at(waist) - read.applyAsDouble("waist-to-full-hip") * 0.98);
            double armpit = fork + (chin - fork) * level("armpit").at();
            put(armpit, napeAt - read.applyAsDouble("scye-depth"));
        }

        private FigurePlan.Level level(String name) {
            return plan.trunk().stream()
                    .filter(level -> level.name().equals(name))
                    .findFirst()
                    .orElseThrow();
        }

        /** Takes a reading only if the order of the levels stays what it is on every body. */
        private void put(double usual, double is) {
            Map.Entry<Double, Double> below = moved.lowerEntry(usual);
            Map.Entry<Double, Double> above = moved.higherEntry(usual);
            if (is > below.getValue() && is < above.getValue()) {
                moved.put(usual, is);
            }
        }

        double at(double usual) {
            Map.Entry<Double, Double> below = moved.floorEntry(usual);
            Map.Entry<Double, Double> above = moved.ceilingEntry(usual);
            if (below.getKey().equals(above.getKey())) {
                return below.getValue();
            }
            double share = (usual - below.getKey()) / (above.getKey() - below.getKey());
            return below.getValue() + share * (above.getValue() - below.getValue());
        }
    }

    private void section(List<FigurePlan.Level> limb, FigurePlan.Level level, Place middle) {
        OptionalDouble own = girth(level);
        sections.put(
                level.name(),
                CrossSection.ofGirth(
                        level.name(),
                        middle,
                        own.orElseGet(() -> usual(level) * likeness(limb, level)),
                        level.ratio(),
                        own.isPresent()));
    }

    private double usual(FigurePlan.Level level) {
        return (build.bust() ? level.girth() : level.flat())
                * height
                * plan.ages().get(build.age()).girths();
    }

    private OptionalDouble girth(FigurePlan.Level level) {
        return level.measures().stream()
                .mapToDouble(read)
                .filter(value -> !Double.isNaN(value))
                .findFirst();
    }

    /** Returns how much larger than usual the measured levels are, the near ones counting most. */
    private double likeness(List<FigurePlan.Level> limb, FigurePlan.Level level) {
        double sum = 0;
        double weights = 0;
        for (List<FigurePlan.Level> each : List.of(plan.trunk(), plan.legs(), plan.arms())) {
            for (FigurePlan.Level other : each) {
                OptionalDouble measured = girth(other);
                if (measured.isPresent()) {
                    double weight = each == limb ? 1 / (0.05 + Math.abs(other.at() - level.at())) : 0.5;
                    sum += weight * Math.log(measured.getAsDouble() / usual(other));
                    weights += weight;
                }
            }
        }
        return weights == 0 ? 1 : Math.exp(sum / weights);
    }

    private void marks(double fork, Place shoulder) {
        CrossSection neck = sections.get("neck-base");
        CrossSection armpit = sections.get("armpit");
        CrossSection bust = sections.get("bust");
        CrossSection waist = sections.get("waist");
        CrossSection hip = sections.get("hip");
        CrossSection elbow = sections.get("elbow");
        CrossSection wrist = sections.get("wrist");
        double rise = neck.breadth() * 0.35;
        double out = Math.max(-sections.get("hand").right().x() * 1.03, height * 0.16);
        double span = read.applyAsDouble("bust-point-to-bust-point");
        double point = Double.isNaN(span) ? bust.breadth() * 0.55 : span / 2;
        put("crown", 0, height, 0);
        put("crown-beside", out, height, out);
        put("floor-beside", out, 0, out);
        put("head-side", -headBreadth(), headMiddle(), 0);
        put("nape", 0, neck.middle().y() + rise, neck.back().z());
        put("neck-pit", 0, neck.middle().y() - rise, neck.front().z());
        put(
                "neck-point",
                -neck.breadth(),
                neck.middle().y() + rise * 0.4,
                neck.middle().z());
        mark("shoulder-point", shoulder);
        mark("shoulder-half", between(marks.get("neck-point"), shoulder, 0.5));
        put("shoulder-above", shoulder.x(), marks.get("neck-point").y(), shoulder.z());
        double chestLine = (shoulder.y() + armpit.middle().y()) / 2;
        put("chest-side", -armpit.breadth() * 0.92, chestLine, armpit.front().z() * 0.7);
        put("back-side", -armpit.breadth() * 0.95, chestLine, armpit.back().z() * 0.8);
        mark(
                "armpit",
                new Place(
                        -armpit.breadth(), armpit.middle().y(), armpit.middle().z()));
        put(
                "below-armpit",
                -armpit.breadth(),
                armpit.middle().y() - height * 0.06,
                armpit.middle().z());
        put("armscye-front", shoulder.x() * 0.94, chestLine, armpit.front().z() * 0.5);
        put("armscye-back", shoulder.x() * 0.94, chestLine, armpit.back().z() * 0.5);
        put("armpit-level-back", 0, armpit.middle().y(), armpit.back().z());
        put("bust-point", -point, bust.middle().y(), bust.front().z());
        put(
                "under-bust-front",
                0,
                sections.get("under-bust").middle().y(),
                sections.get("under-bust").front().z());
        mark("waist-front", waist.front());
        mark("waist-back", waist.back());
        mark("waist-side", waist.right());
        put(
                "waist-below-bust-point",
                -point * 0.85,
                waist.middle().y(),
                waist.front().z() * 0.9);
        put(
                "waist-over-leg",
                -hip.breadth() * 0.5,
                waist.middle().y(),
                waist.front().z() * 0.85);
        put(
                "bodice-point",
                0,
                waist.middle().y() - length("waist-to-bodice-point", 0.05),
                sections.get("belly").front().z());
        mark("belly-front", sections.get("belly").front());
        put(
                "lap",
                0,
                hip.middle().y() + (waist.middle().y() - hip.middle().y()) * 0.45,
                sections.get("belly").front().z());
        mark("hip-side", hip.right());
        mark("hip-back", hip.back());
        put("seat-side", hip.right().x(), fork, hip.middle().z());
        put("fork", 0, fork, 0);
        put("floor-front", 0, 0, sections.get("belly").front().z());
        put(
                "hem-front",
                0,
                length("hem-height", 0.08),
                sections.get("belly").front().z());
        put("floor-side", hip.right().x(), 0, hip.middle().z());
        put("floor-back", 0, 0, hip.back().z());
        put("floor-inside", 0, 0, 0);
        mark("knee-front", sections.get("knee").front());
        mark(
                "elbow",
                new Place(elbow.right().x(), elbow.middle().y(), elbow.middle().z()));
        mark("wrist", wrist.right());
        mark("elbow-inside", elbow.left());
        mark("wrist-inside", wrist.left());
    }

    private double length(String measure, double usualShare) {
        double read = this.read.applyAsDouble(measure);
        return Double.isNaN(read) ? height * usualShare : read;
    }

    private static Place between(Place from, Place to, double share) {
        return new Place(
                from.x() + (to.x() - from.x()) * share,
                from.y() + (to.y() - from.y()) * share,
                from.z() + (to.z() - from.z()) * share);
    }

    private void put(String name, double x, double y, double z) {
        mark(name, new Place(x, y, z));
    }

    private void mark(String name, Place place) {
        marks.put(name, place);
        marks.put(name + "-left", place.mirrored());
    }

    private double chin() {
        return plan.ages().get(build.age()).chin() * height;
    }

    private double headMiddle() {
        return (height + chin()) / 2;
    }

    private double headBreadth() {
        double girth = read.applyAsDouble("head");
        return (Double.isNaN(girth) ? (height - chin()) * 2.42 : girth) / CrossSection.perimeter(1, 1.25);
    }

    /** Returns the height from floor to crown, in millimetres. */
    public double height() {
        return height;
    }

    /** Returns half the breadth that a view needs with arms, in millimetres. */
    public double halfBreadth() {
        CrossSection hand = sections.get("hand");
        return Math.max(-hand.right().x(), height * 0.2) * 1.04;
    }

    /** Returns a cross-section by its level's name. */
    public Optional<CrossSection> section(String level) {
        return Optional.ofNullable(sections.get(level));
    }

    /** Returns a landmark by its name. */
    public Optional<Place> mark(String name) {
        return Optional.ofNullable(marks.get(name));
    }

    /** Returns the outlines of a view, those behind first: x to the right, y down from the floor, in millimetres. */
    public List<Path> outlines(FigureView view) {
        return view == FigureView.SIDE
                ? List.of(sideBody(), head(view))
                : List.of(armOutline(1), armOutline(-1), frontBody(), head(view));
    }

    private Path head(FigureView view) {
        double middle = headMiddle();
        double half = (height - chin()) / 2;
        double breadth = view == FigureView.SIDE ? headBreadth() * 1.25 : headBreadth();
        double forward =
                view == FigureView.SIDE ? sections.get("neck-mid").middle().z() + breadth * 0.2 : 0;
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
        CrossSection neck = sections.get("neck-mid");
        right.add(new Point(neck.breadth() * 0.94, -chin() - height * 0.03));
        right.add(new Point(neck.breadth(), -neck.middle().y()));
        Place base = marks.get("neck-point-left");
        right.add(new Point(base.x() * 1.05, -base.y() - height * 0.004));
        Place shoulder = marks.get("shoulder-point-left");
        right.add(new Point(shoulder.x() * 0.92, -shoulder.y() - height * 0.008));
        right.add(new Point(shoulder.x(), -shoulder.y() + height * 0.014));
        // From the front the bust lies within the line of the ribs.
        for (String level : List.of("armpit", "under-bust", "waist", "high-hip", "hip")) {
            CrossSection section = sections.get(level);
            right.add(new Point(section.breadth(), -section.middle().y()));
        }
        List<Point> inner = new ArrayList<>();
        for (String level : leg) {
            CrossSection section = sections.get(level);
            right.add(new Point(
                    section.breadth() - section.middle().x(), -section.middle().y()));
            inner.add(new Point(
                    Math.max(height * 0.004, -section.middle().x() - section.breadth()),
                    -section.middle().y()));
        }
        CrossSection ankle = sections.get("ankle");
        right.add(new Point(-ankle.middle().x() + ankle.breadth() * 1.9, -height * 0.004));
        right.add(new Point(-ankle.middle().x() - ankle.breadth() * 0.6, 0));
        Collections.reverse(inner);
        right.addAll(inner);
        right.add(new Point(0, -marks.get("fork").y()));
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
        Place shoulder = marks.get("shoulder-point-left");
        CrossSection top = sections.get("upper-arm");
        outer.add(new Point(side * (shoulder.x() - height * 0.01), -shoulder.y() - height * 0.004));
        outer.add(new Point(side * (shoulder.x() + top.breadth() * 0.35), -shoulder.y() + height * 0.025));
        for (String level : arm) {
            CrossSection section = sections.get(level);
            outer.add(new Point(side * -section.right().x(), -section.middle().y()));
            inner.add(new Point(side * -section.left().x(), -section.middle().y()));
        }
        CrossSection hand = sections.get("hand");
        double tip = -hand.middle().y() + height * 0.05;
        outer.add(new Point(side * (-hand.middle().x() + hand.breadth() * 0.75), tip - height * 0.012));
        outer.add(new Point(side * (-hand.middle().x() + hand.breadth() * 0.1), tip));
        Collections.reverse(inner);
        outer.addAll(inner);
        outer.add(new Point(
                side * sections.get("armpit").breadth() * 0.98,
                -sections.get("armpit").middle().y()));
        return Path.through(outer);
    }

    private Path sideBody() {
        List<Point> front = new ArrayList<>();
        List<Point> back = new ArrayList<>();
        CrossSection neck = sections.get("neck-mid");
        front.add(new Point(neck.front().z() + height * 0.012, -chin() - height * 0.02));
        back.add(new Point(neck.back().z() + height * 0.008, -chin() - height * 0.05));
        front.add(new Point(neck.front().z(), -neck.middle().y()));
        front.add(flat("neck-pit"));
        back.add(flat("nape"));
        for (String level : List.of(build.bust() ? "bust" : "armpit", "under-bust", "waist", "belly", "hip")) {
            CrossSection section = sections.get(level);
            front.add(new Point(section.front().z(), -section.middle().y()));
        }
        for (String level : List.of("armpit", "under-bust", "waist", "high-hip", "hip")) {
            CrossSection section = sections.get(level);
            back.add(new Point(section.back().z(), -section.middle().y()));
        }
        for (String level : leg) {
            CrossSection section = sections.get(level);
            double fuller = level.equals("thigh") ? 1.12 : 1;
            front.add(new Point(
                    section.middle().z() + section.depth() * fuller,
                    -section.middle().y()));
            back.add(new Point(
                    section.middle().z() - section.depth() * fuller,
                    -section.middle().y()));
        }
        CrossSection ankle = sections.get("ankle");
        front.add(new Point(ankle.front().z() + height * 0.085, -height * 0.012));
        front.add(new Point(ankle.front().z() + height * 0.09, 0));
        back.add(new Point(ankle.back().z() * 1.1 - height * 0.008, 0));
        Collections.reverse(back);
        front.addAll(back);
        front.add(front.get(0));
        return Path.through(front);
    }

    private Point flat(String mark) {
        return marks.get(mark).on(FigureView.SIDE);
    }

    /** Returns how the tape lies on a view, if it shows there. */
    public Optional<List<Point>> tape(String measure, FigureView view) {
        FigurePlan.Tape tape = plan.tapes().get(measure);
        if (tape == null) {
            return Optional.empty();
        }
        if (tape.ring().isPresent()) {
            return Optional.of(ring(tape.ring().get(), view));
        }
        return tape.on().contains(view)
                ? Optional.of(tape.path().stream()
                        .map(name -> marks.get(name).on(view))
                        .toList())
                : Optional.empty();
    }

    /** A ring seen level would be a line: it is seen from a little above. */
    private List<Point> ring(String name, FigureView view) {
        CrossSection section = ringSection(name);
        return section.shown(view).stream()
                .map(place -> {
                    Point flat = place.on(view);
                    double nearer = switch (view) {
                        case FRONT -> place.z() - section.middle().z();
                        case BACK -> section.middle().z() - place.z();
                        case SIDE -> section.middle().x() - place.x();
                    };
                    return new Point(flat.x(), flat.y() + nearer * 0.15);
                })
                .toList();
    }

    private CrossSection ringSection(String name) {
        if ("head".equals(name)) {
            double middle = headMiddle() + (height - chin()) * 0.12;
            return new CrossSection("head", new Place(0, middle, 0), headBreadth(), headBreadth() * 1.25, true);
        }
        if ("over-arms".equals(name)) {
            Place shoulder = marks.get("shoulder-point-left");
            CrossSection armpit = sections.get("armpit");
            return new CrossSection(
                    name,
                    new Place(
                            0,
                            (shoulder.y() + armpit.middle().y()) / 2,
                            armpit.middle().z()),
                    shoulder.x() + sections.get("upper-arm").breadth() * 0.9,
                    armpit.depth(),
                    false);
        }
        return sections.get(name);
    }

    /**
     * Returns what a measure would read on this body: the girth of its ring or the length of its path, in millimetres.
     * Of a measure that was read, that is nearly the reading; of one that was not, a guess.
     */
    public OptionalDouble expected(String measure) {
        FigurePlan.Tape tape = plan.tapes().get(measure);
        if (tape == null) {
            return OptionalDouble.empty();
        }
        if (tape.ring().isPresent()) {
            return OptionalDouble.of(ringSection(tape.ring().get()).girth());
        }
        double length = 0;
        for (int i = 1; i < tape.path().size(); i++) {
            length += marks.get(tape.path().get(i - 1))
                    .distanceTo(marks.get(tape.path().get(i)));
        }
        return OptionalDouble.of(length);
    }
}
