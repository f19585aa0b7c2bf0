package org.soberhem.library.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.FoundationShape;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/**
 * The figure against other ways to compute it, and against 507 measured adults (Heinz, Peterson, Johnson, Kerk 2003).
 */
class FigureOutsideTest {

    private static final Library LIBRARY = Library.shipped();

    /** What the published measures stand for at the levels of the figure. */
    private static final Map<String, String> LEVELS = Map.of(
            "armpit", "chest",
            "waist", "waist-narrowest",
            "belly", "belly",
            "hip", "full-hip",
            "thigh", "thigh",
            "knee", "knee",
            "calf", "calf",
            "ankle", "ankle",
            "wrist", "wrist",
            "upper-arm", "upper-arm-flexed");

    private static BodyFigure figure(Build build, Map<String, Double> read) {
        return new BodyFigure(LIBRARY.figurePlan(), build, measure -> read.getOrDefault(measure, Double.NaN));
    }

    /** The perimeter of a cross-section by summing chords, which knows nothing of the formula that shaped it. */
    private static double chords(CrossSection section) {
        int steps = 4000;
        double length = 0;
        for (int i = 0; i < steps; i++) {
            double one = 2 * Math.PI * i / steps;
            double other = 2 * Math.PI * (i + 1) / steps;
            length += Math.hypot(
                    section.breadth() * (Math.cos(other) - Math.cos(one)),
                    section.depth() * (Math.sin(other) - Math.sin(one)));
        }
        return length;
    }

    @Test
    void crossSections_haveTheMeasuredGirths_byNumericalIntegration() {
        for (Bodies.Body body : Bodies.measured()) {
            BodyFigure figure = figure(new Build(Age.ADULT, body.woman()), body.millimetres());
            LEVELS.forEach((level, measure) -> assertThat(chords(figure.at(level)))
                    .as(level)
                    .isCloseTo(body.millimetres().get(measure), within(0.1)));
        }
    }

    @Test
    void unevenShouldersAndHips_areDrawnUneven_onTheSideTheyWereReadOn() {
        Map<String, Double> right = new HashMap<>(Map.of(
                "height",
                1700.0,
                "shoulder-slope",
                40.0,
                "waist-to-floor-right",
                1050.0,
                "waist-to-floor-left",
                1030.0));
        Map<String, Double> left = new HashMap<>(right);
        left.put("shoulder-slope", 62.0);
        BodyFigure figure = new BodyFigure(
                LIBRARY.figurePlan(),
                Build.ADULT,
                FoundationShape.NATURAL,
                measure -> right.getOrDefault(measure, Double.NaN),
                measure -> left.getOrDefault(measure, Double.NaN));
        assertThat(figure.shoulderTilt()).isCloseTo(22, within(1e-9));
        assertThat(figure.mark("shoulder-point").orElseThrow().y()
                        - figure.mark("shoulder-point-left").orElseThrow().y())
                .isCloseTo(22, within(1e-9));
        assertThat(figure.waistTilt()).isCloseTo(10, within(1e-9));
        double waist = figure.at("waist").middle().y();
        // The narrowest place of each side lies at that side's own waist.
        assertThat(figure.form().right().at(waist + 10))
                .isCloseTo(figure.form().left().at(waist - 10), within(1e-9));
    }

    /**
     * The data give breadths over the bones, pressed with calipers; the figure's hips have flesh on them, and its
     * shoulders are reckoned from the chest where no shoulder width was read. So the figure must be the broader at the
     * hip, and the two must go together from body to body.
     */
    @Test
    void breadths_goWithTheMeasuredBonesBeneath() {
        List<Bodies.Body> bodies = Bodies.measured();
        List<Bodies.Breadths> bones = Bodies.breadths();
        List<Double> hips = new ArrayList<>();
        List<Double> shoulders = new ArrayList<>();
        for (int i = 0; i < bodies.size(); i++) {
            BodyFigure figure = figure(
                    new Build(Age.ADULT, bodies.get(i).woman()), bodies.get(i).millimetres());
            hips.add(2 * figure.at("hip").breadth() - bones.get(i).hips());
            shoulders.add(
                    2 * Math.abs(figure.mark("shoulder-point").orElseThrow().x())
                            - bones.get(i).shoulders());
        }
        hips.sort(Double::compare);
        shoulders.sort(Double::compare);
        // The figures that docs/architecture.md tells, in millimetres: 5 %, median, 95 %.
        assertThat(List.of(at(hips, 0.05), at(hips, 0.5), at(hips, 0.95)))
                .usingElementComparator(FigureOutsideTest::nearly)
                .containsExactly(17.0, 42.0, 72.0);
        assertThat(List.of(at(shoulders, 0.05), at(shoulders, 0.5), at(shoulders, 0.95)))
                .usingElementComparator(FigureOutsideTest::nearly)
                .containsExactly(-51.0, -14.0, 38.0);
    }

    private static int nearly(double one, double other) {
        return Math.abs(one - other) < 1 ? 0 : Double.compare(one, other);
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.round(share * (sorted.size() - 1)));
    }
}
