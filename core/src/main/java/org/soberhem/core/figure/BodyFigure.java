package org.soberhem.core.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.body.Build;
import org.soberhem.core.pattern.Side;

/**
 * A standing body as a stack of cross-sections, computed from a wearer's own girths and heights. Levels that were not
 * measured keep their usual proportion to their neighbours.
 */
public final class BodyFigure {

    /** Height of a grown wearer who has not been measured. */
    private static final double USUAL_HEIGHT = 1680;

    private static final double[] USUAL_HEIGHTS = {680, 900, 1280, USUAL_HEIGHT};

    /** A shoulder whose slope was not read lies so far below the neck, as a share of the way to the armpit. */
    private static final double USUAL_DROP = 0.3;

    /** How far the arms hang away from the trunk: out for each millimetre down. */
    private static final double ARM_OUT = 0.16;

    private final FigurePlan plan;
    private final ToDoubleFunction<String> read;
    private final ToDoubleFunction<String> readLeft;
    private final Build build;
    private final FoundationShape stance;
    private final Anchors anchors;
    private final double height;
    private final double fork;
    private final Map<String, CrossSection> sections = new LinkedHashMap<>();
    private final Map<String, Place> marks;
    private final double shoulderTilt;
    private final BelievedReadings believed;
    private final Form form;

    /** A body alike on both sides, as it stands by itself. */
    public BodyFigure(FigurePlan plan, Build build, ToDoubleFunction<String> read) {
        this(plan, build, FoundationShape.NATURAL, read, read);
    }

    /**
     * @param plan proportions and tapes
     * @param build of the wearer
     * @param stance how what is worn shapes and holds the body
     * @param read returns the reading of a measure in millimetres, of two sides the right one, or NaN
     * @param readLeft returns the reading of the left side
     */
    public BodyFigure(
            FigurePlan plan,
            Build build,
            FoundationShape stance,
            ToDoubleFunction<String> read,
            ToDoubleFunction<String> readLeft) {
        this.plan = plan;
        this.build = build;
        this.stance = stance;
        this.read = read;
        this.readLeft = readLeft;
        believed = new BelievedReadings(plan, build, read);
        height = believed.height().orElseGet(this::guessedHeight);
        FigurePlan.ByAge age = plan.ages().get(build.age());
        anchors = new Anchors(plan, age, height, read);
        for (FigurePlan.Level level : plan.trunk()) {
            double at = anchors.at((age.fork() + (age.chin() - age.fork()) * level.at()) * height);
            double raised = level.name().equals("bust") ? stance.bustUp() * height : 0;
            double forward = level.centre() + stance.forward().getOrDefault(level.name(), 0.0);
            section(plan.trunk(), level, new Place(0, at + raised, forward * height));
        }
        fork = anchors.at(age.fork() * height);
        double hip = sections.get("hip").breadth();
        for (FigurePlan.Level level : plan.legs()) {
            double apart = hip * (0.34 + 0.19 * level.at());
            section(plan.legs(), level, new Place(-apart, fork * level.at(), level.centre() * height));
        }
        double width = read.applyAsDouble("shoulder-width");
        double shoulder = (Double.isNaN(width) ? sections.get("armpit").breadth() * 2.2 : width * 0.95) / 2;
        double armpit = sections.get("armpit").middle().y();
        double neck = sections.get("neck-base").middle().y();
        double usualDrop = (neck - armpit) * USUAL_DROP;
        Place shoulderPoint = new Place(
                -shoulder,
                neck - drop(read, usualDrop),
                sections.get("armpit").middle().z());
        shoulderTilt = drop(readLeft, usualDrop) - drop(read, usualDrop);
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
        }
        marks = new BodyLandmarks(this, fork, shoulderPoint).all();
        form = new BodyForm(this).made();
    }

    private BodyFigure(BodyFigure of, Form form, Map<String, Double> heights, Map<String, Place> places) {
        plan = of.plan;
        read = of.read;
        readLeft = of.readLeft;
        build = of.build;
        stance = of.stance;
        anchors = of.anchors;
        height = of.height;
        fork = heights.getOrDefault("fork", of.fork);
        believed = of.believed;
        of.sections.forEach((name, section) -> sections.put(
                name, section.at(heights.getOrDefault(name, section.middle().y()))));
        marks = new LinkedHashMap<>(of.marks);
        marks.putAll(places);
        shoulderTilt = of.shoulderTilt;
        this.form = form;
    }

    /**
     * Returns the same body with the shape that a stand found for it.
     *
     * @param shape trunk and legs
     * @param heights of levels, by name, millimetres
     * @param places landmarks, by name
     */
    public BodyFigure shaped(Form shape, Map<String, Double> heights, Map<String, Place> places) {
        return new BodyFigure(this, shape, heights, places);
    }

    /**
     * Returns how far the shoulder point lies below the base of the neck; a slope is read from the neck point above it.
     */
    private double drop(ToDoubleFunction<String> side, double usual) {
        double slope =
                side.applyAsDouble("shoulder-slope") - sections.get("neck-base").breadth() * BodyLandmarks.NECK_POINT;
        return Double.isNaN(slope) ? usual : Math.min(Math.max(slope, usual * 0.2), usual * 2);
    }

    /** Returns by how much the wearer's left shoulder lies lower than the right, in millimetres. */
    public double shoulderTilt() {
        return shoulderTilt;
    }

    /** Returns by how much the waist lies higher at the wearer's right side than in the middle, in millimetres. */
    public double waistTilt() {
        double right = read.applyAsDouble("waist-to-floor-right");
        double left = read.applyAsDouble("waist-to-floor-left");
        return Double.isNaN(right) || Double.isNaN(left) ? 0 : (right - left) / 2;
    }

    /** Returns the length of the arm from shoulder point to wrist, as a plumb line sees it, in millimetres. */
    public double reach() {
        return marks.get("shoulder-point").y() - sections.get("wrist").middle().y();
    }

    /**
     * Returns what it was made from: two bodies of equal answers are alike.
     *
     * @param measures that matter, by catalogue id
     */
    public Object madeFrom(Set<String> measures) {
        Map<String, Double> readings = new TreeMap<>();
        for (String measure : measures) {
            readings.put(measure, read.applyAsDouble(measure));
            readings.put(measure + " left", readLeft.applyAsDouble(measure));
        }
        return List.of(build, stance, height, readings);
    }

    /** Returns the same body as if a measure had not been read. */
    public BodyFigure without(String measure) {
        return new BodyFigure(
                plan,
                build,
                stance,
                each -> each.equals(measure) ? Double.NaN : read.applyAsDouble(each),
                each -> each.equals(measure) ? Double.NaN : readLeft.applyAsDouble(each));
    }

    /** Returns how far the arms hang away from the trunk: out for each millimetre down. */
    public double armOut() {
        return ARM_OUT;
    }

    /**
     * What a level is drawn from.
     *
     * @param girth catalogue id of the reading of its girth; empty if it follows its neighbours
     * @param height catalogue id of the reading that puts it where it is; empty if it follows its neighbours
     */
    public record Origin(Optional<String> girth, Optional<String> height) {}

    /** Returns what a level of the trunk is drawn from. */
    public Origin origin(String level) {
        Optional<String> girth = plan.trunk().stream()
                .filter(each -> each.name().equals(level))
                .flatMap(each -> each.measures().stream())
                .filter(measure -> !Double.isNaN(read.applyAsDouble(measure)))
                .findFirst();
        return new Origin(girth, anchors.from(level));
    }

    /**
     * Returns what was read of a measure on one side, in millimetres; of what lies in the middle either side answers.
     */
    public OptionalDouble read(String measure, Side side) {
        double value = (side == Side.LEFT ? readLeft : read).applyAsDouble(measure);
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Returns the height of the fork, in millimetres. */
    public double fork() {
        return fork;
    }

    /** Returns the measures whose readings no body like this has, by catalogue id. */
    public Set<String> notBelieved() {
        return believed.refused();
    }

    private double guessedHeight() {
        double floor = read.applyAsDouble("waist-to-floor-front");
        double usual = USUAL_HEIGHTS[build.age().ordinal()];
        if (floor > usual * 0.4 && floor < usual * 0.9) {
            return floor / 0.62;
        }
        return usual;
    }

    private void section(List<FigurePlan.Level> limb, FigurePlan.Level level, Place middle) {
        OptionalDouble own = girth(level);
        sections.put(
                level.name(),
                CrossSection.ofGirth(
                        level.name(),
                        middle,
                        own.orElseGet(() -> usual(level) * StrictMath.pow(likeness(limb, level), level.follows())),
                        stance.round().getOrDefault(level.name(), level.ratio()),
                        own.isPresent()));
    }

    private double usual(FigurePlan.Level level) {
        return plan.usualGirth(level, build) * height;
    }

    private OptionalDouble girth(FigurePlan.Level level) {
        return believed.girth(level);
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

    public double chin() {
        return plan.ages().get(build.age()).chin() * height;
    }

    public double headMiddle() {
        return (height + chin()) / 2;
    }

    /** Returns the girth of the head, in millimetres. */
    public double headGirth() {
        double girth = read.applyAsDouble("head");
        double usual = (height - chin()) * 2.42;
        return girth > usual * 0.7 && girth < usual * 1.4 ? girth : usual;
    }

    double headBreadth() {
        return headGirth() / CrossSection.perimeter(1, 1.25);
    }

    /** Says whether the bust is its foremost level. */
    public boolean hasBust() {
        return build.bust();
    }

    /** Returns the height from floor to crown, in millimetres. */
    public double height() {
        return height;
    }

    /** Returns a reading, or a share of the height where there is none, in millimetres. */
    double reading(String measure, double usualShare) {
        double own = read.applyAsDouble(measure);
        return Double.isNaN(own) ? height * usualShare : own;
    }

    /** Returns a cross-section that every figure has. */
    public CrossSection at(String level) {
        return sections.get(level);
    }

    /** Returns a cross-section by its level's name. */
    public Optional<CrossSection> section(String level) {
        return Optional.ofNullable(sections.get(level));
    }

    /** Returns a landmark by its name. */
    public Optional<Place> mark(String name) {
        return Optional.ofNullable(marks.get(name));
    }

    /** Returns the trunk and both legs as one shape, from the ankles to the neck. */
    public Form form() {
        return form;
    }

    /** Returns the names of the levels of the legs, from the thigh down. */
    List<String> legs() {
        return names(plan.legs());
    }

    private static List<String> names(List<FigurePlan.Level> levels) {
        return levels.stream().map(FigurePlan.Level::name).toList();
    }
}
