package org.soberhem.core.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;

/** Plates of balls, whose outlines, areas and hidden lines are known. */
class PlateMakerTest {

    private static final double DOT = 1;

    private static Mesh ball(String name, double radius, double y, double z) {
        return Balls.ball(name, radius, 1, y, z);
    }

    private static Solid solid(Mesh mesh, Solid.Material material, SurfaceLine... lines) {
        return new Solid(material, mesh, List.of(lines));
    }

    private static double length(Plate plate, LineWeight weight) {
        return plate.strokes().stream()
                .filter(stroke -> stroke.weight() == weight)
                .mapToDouble(stroke -> {
                    double length = 0;
                    for (int i = 1; i < stroke.points().size(); i++) {
                        length += stroke.points()
                                .get(i - 1)
                                .distanceTo(stroke.points().get(i));
                    }
                    return length;
                })
                .sum();
    }

    private static double area(Plate plate, Solid.Material material, int tone) {
        double twice = 0;
        for (Plate.Wash wash : plate.washes()) {
            if (wash.material() != material || wash.tone() != tone) {
                continue;
            }
            for (List<Point> border : wash.borders()) {
                for (int i = 0; i < border.size(); i++) {
                    Point a = border.get(i);
                    Point b = border.get((i + 1) % border.size());
                    twice += a.x() * b.y() - a.y() * b.x();
                }
            }
        }
        return Math.abs(twice / 2);
    }

    @Test
    void mesh_ofABall_hasItsVolumeAndArea_andNormalsOutwards() {
        Mesh ball = ball("ball", 100, 300, 0);
        assertThat(ball.volume()).isCloseTo(4.0 / 3 * Math.PI * 1e6, within(2e4));
        assertThat(ball.area()).isCloseTo(4 * Math.PI * 1e4, within(500.0));
        double[] normals = ball.normals();
        for (int i = 0; i < ball.placeCount(); i++) {
            Place place = ball.place(i);
            assertThat(normals[3 * i] * place.x()
                            + normals[3 * i + 1] * (place.y() - 300)
                            + normals[3 * i + 2] * place.z())
                    .isGreaterThan(99);
        }
    }

    @Test
    void outline_ofABall_isACircle_fromEverySide() {
        for (double turned : new double[] {0, 33, 90, 180}) {
            Plate plate = PlateMaker.plate(
                    List.of(solid(ball("ball", 100, 300, 0), Solid.Material.BODY)), new Viewpoint(turned, 0), DOT);
            assertThat(length(plate, LineWeight.OUTLINE)).isCloseTo(2 * Math.PI * 100, within(8.0));
            assertThat(area(plate, Solid.Material.BODY, 0)).isCloseTo(Math.PI * 1e4, within(300.0));
            assertThat(area(plate, Solid.Material.BODY, 1)).isBetween(2000.0, 25000.0);
        }
    }

    @Test
    void lines_behindASurface_areNotSeen() {
        List<Place> round = new ArrayList<>();
        for (int i = 0; i <= 64; i++) {
            double angle = 2 * Math.PI * i / 64;
            round.add(new Place(100 * Math.cos(angle), 300, 100 * Math.sin(angle)));
        }
        Solid ringed = solid(ball("ball", 100, 300, 0), Solid.Material.BODY, new SurfaceLine(LineWeight.TAPE, round));
        Plate level = PlateMaker.plate(List.of(ringed), Viewpoint.of(FigureView.FRONT), DOT);
        // Seen level, the front half of the ring covers the hind one: a straight line as long as the ball is broad.
        assertThat(level.strokes().stream()
                        .filter(stroke -> stroke.weight() == LineWeight.TAPE)
                        .flatMap(stroke -> stroke.points().stream())
                        .mapToDouble(Point::x)
                        .max()
                        .orElseThrow())
                .isCloseTo(100, within(2.0));
        Plate above = PlateMaker.plate(List.of(ringed), new Viewpoint(0, 30), DOT);
        double half = length(above, LineWeight.TAPE);
        // From above it is half of an ellipse of half axes 100 and 50: 484 in all (handbook value from memory).
        assertThat(half).isCloseTo(242, within(12.0));
    }

    @Test
    void nearer_hidesWhatLiesBehindIt_andClothesHideWhatTheyLieOn() {
        Plate plate = PlateMaker.plate(
                List.of(
                        solid(ball("behind", 100, 300, 0), Solid.Material.BODY),
                        solid(ball("before", 60, 300, 250), Solid.Material.SKIRT)),
                Viewpoint.of(FigureView.FRONT),
                DOT);
        assertThat(area(plate, Solid.Material.SKIRT, 0)).isCloseTo(Math.PI * 3600, within(200.0));
        assertThat(area(plate, Solid.Material.BODY, 0)).isCloseTo(Math.PI * 6400, within(400.0));
        Plate worn = PlateMaker.plate(
                List.of(
                        solid(ball("body", 100, 300, 0), Solid.Material.BODY),
                        solid(ball("cloth", 99, 300, 0), Solid.Material.TRUNK)),
                Viewpoint.of(FigureView.FRONT),
                DOT);
        assertThat(area(worn, Solid.Material.BODY, 0)).isLessThan(1000);
    }

    @Test
    void nothing_orTooMuch_isRefused() {
        assertThatThrownBy(() -> PlateMaker.plate(List.of(), Viewpoint.of(FigureView.FRONT), DOT))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1 to 127");
    }

    @Test
    void viewpoints_haveWords_andKnowTheirViews() {
        assertThat(Viewpoint.of(FigureView.SIDE).words()).isEqualTo("right side");
        assertThat(Viewpoint.of(FigureView.BACK).turnedBy(90).words()).isEqualTo("left side");
        assertThat(Viewpoint.THREE_QUARTERS.view()).isEmpty();
        assertThat(Viewpoint.of(FigureView.BACK).view()).contains(FigureView.BACK);
        assertThat(Viewpoint.of(FigureView.SIDE).picture(new Place(5, 7, 11))).satisfies(point -> {
            assertThat(point.x()).isCloseTo(11, within(1e-9));
            assertThat(point.y()).isCloseTo(-7, within(1e-9));
        });
    }
}
