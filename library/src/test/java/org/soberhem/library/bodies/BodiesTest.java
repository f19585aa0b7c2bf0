package org.soberhem.library.bodies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.library.Library;

/** Tries every shipped sheet on 507 measured adults (Heinz, Peterson, Johnson, Kerk 2003; see the folder's README). */
class BodiesTest {

    private static final double JOINED = 1e-6;
    private static final double INCH = 25.4;
    private static final Library LIBRARY = Library.shipped();
    private static final List<Inputs> BODIES = Bodies.all();

    /** Every ninth body, for what takes long; both sexes, from the slightest to the stoutest, are among them. */
    private static final List<Inputs> SOME = IntStream.range(0, BODIES.size())
            .filter(i -> i % 9 == 0)
            .mapToObj(BODIES::get)
            .toList();

    static Stream<Arguments> sheets() {
        return LIBRARY.sheets().stream()
                .flatMap(sheet -> Stream.of(
                        Arguments.of(
                                sheet.sheet().id(), "least", settings(sheet, CompiledSheet.Adjustable::least, false)),
                        Arguments.of(
                                sheet.sheet().id(), "most", settings(sheet, CompiledSheet.Adjustable::most, true))));
    }

    private static Function<Inputs, Inputs> settings(
            CompiledSheet sheet, Function<CompiledSheet.Adjustable, String> limit, boolean last) {
        return body -> {
            Inputs chosen = body;
            for (CompiledSheet.Adjustable each : sheet.adjustables()) {
                if (limit.apply(each).contains("(")) {
                    // A limit that follows the body: its default stays.
                    continue;
                }
                if (each.ways().isEmpty()) {
                    double value = LengthEntry.parse(limit.apply(each), LengthUnit.INCH)
                            .value()
                            .toMillimetres();
                    chosen = chosen.withSetting(each.name(), value);
                } else {
                    chosen = chosen.withSetting(each.name(), last ? each.ways().size() - 1.0 : 0.0);
                }
            }
            return chosen;
        };
    }

    @Test
    void bodies_areWhatTheProgramMakesOfThePublishedTable() {
        assertThat(BodiesProgram.complete(Bodies.resource("body-dimensions.csv")))
                .isEqualTo(Bodies.resource("bodies.csv"));
        assertThat(BODIES).hasSize(507);
    }

    static Stream<String> ids() {
        return LIBRARY.sheets().stream().map(sheet -> sheet.sheet().id());
    }

    @ParameterizedTest
    @MethodSource("ids")
    void sheet_onEveryBody_isClosedAndTrue(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        int refused = 0;
        for (Inputs body : BODIES) {
            try {
                Pattern pattern = Drafter.draft(sheet, body).pattern();
                pattern.pieces().forEach(BodiesTest::assertClosed);
                assertThat(pattern.seamChecks()).allMatch(SeamCheck::isTrue);
            } catch (DraftException dead) {
                // An arm that no cap of the sheet fits; told in a sentence.
                assertThat(dead.getMessage()).contains("cannot be drawn from these measurements", " can be made ");
                refused++;
            }
        }
        assertThat(refused).isLessThanOrEqualTo(BODIES.size() / 250);
    }

    /** Every setting at its limit at once is more than anybody chooses: a sheet may refuse, but in a sentence. */
    @ParameterizedTest(name = "{0}, settings at their {1}")
    @MethodSource("sheets")
    void sheet_atItsLimits_isClosedAndTrueOrRefusedInWords(String id, String limit, Function<Inputs, Inputs> settings) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        for (Inputs body : SOME) {
            try {
                Pattern pattern = Drafter.draft(sheet, settings.apply(body)).pattern();
                pattern.pieces().forEach(BodiesTest::assertClosed);
                assertThat(pattern.seamChecks())
                        .filteredOn(check -> !check.seam().kind().byFullness())
                        .allMatch(SeamCheck::isTrue);
            } catch (DraftException refused) {
                assertThat(refused.getMessage()).hasSizeGreaterThan(30).doesNotContain(" mm");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void sheet_onManyBodies_afterEveryAlteration_isClosedAndTrueOrRefused(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        int done = 0;
        for (Inputs body : SOME) {
            Pattern pattern = Drafter.draft(sheet, body).pattern();
            for (Alteration alteration : largest(pattern)) {
                Outcome outcome = alteration.apply(pattern);
                if (outcome.refusal().isPresent()) {
                    assertThat(outcome.pattern()).isSameAs(pattern);
                    assertThat(outcome.refusal().get().in(LengthFormat.CENTIMETRES))
                            .isNotBlank();
                    continue;
                }
                done++;
                outcome.pattern().pieces().forEach(BodiesTest::assertClosed);
                assertThat(outcome.pattern().seamChecks())
                        .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                        .as("after %s", alteration)
                        .allMatch(SeamCheck::isTrue);
            }
        }
        // Square-cut pieces are sewn to each other all round; most of them are changed by the sheet's settings instead.
        if (!"rectangles".equals(sheet.sheet().about().system())) {
            assertThat(done)
                    .isGreaterThan(SOME.size() * largest(anyPattern(sheet)).size() / 3);
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void seamLines_haveTheAreaThatJtsMeasures_andAreValidThere(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        for (Inputs body : SOME) {
            for (Piece piece : Drafter.draft(sheet, body).pattern().pieces()) {
                List<Point> corners = piece.seamLine().corners();
                Coordinate[] ring = new Coordinate[corners.size() + 1];
                for (int i = 0; i <= corners.size(); i++) {
                    Point corner = corners.get(i % corners.size());
                    ring[i] = new Coordinate(corner.x(), corner.y());
                }
                Polygon polygon = new GeometryFactory().createPolygon(ring);
                assertThat(polygon.isValid()).as(piece.name()).isTrue();
                assertThat(piece.seamLine().signedArea())
                        .isCloseTo(polygon.getArea(), within(1e-9 * polygon.getArea()));
            }
        }
    }

    private static Pattern anyPattern(CompiledSheet sheet) {
        return Drafter.draft(sheet, BODIES.get(0)).pattern();
    }

    /** Every level by two inches and every plain or eased seam by one inch, both ways, even and tapering. */
    private static List<Alteration> largest(Pattern pattern) {
        List<Alteration> all = new ArrayList<>();
        pattern.pieces().stream()
                .flatMap(piece -> piece.levels().keySet().stream())
                .distinct()
                .forEach(level -> {
                    all.add(LengthenAtLevel.evenly(level, 2 * INCH, Sides.BOTH));
                    all.add(LengthenAtLevel.evenly(level, -2 * INCH, Sides.BOTH));
                    all.add(new LengthenAtLevel(level, 0, 0, -INCH, Sides.BOTH));
                });
        for (Seam seam : pattern.seams()) {
            if (seam.kind() == Seam.Kind.PLAIN
                    && seam.first().size() == 1
                    && seam.second().size() == 1) {
                all.add(new TakeInSeam(seam.first().get(0), INCH, INCH, Sides.BOTH));
                all.add(new TakeInSeam(seam.first().get(0), -INCH, 0, Sides.BOTH));
                all.add(new TakeInSeam(seam.first().get(0), 0, INCH, Sides.LEFT));
            }
        }
        return all;
    }

    private static void assertClosed(Piece piece) {
        List<Edge> edges = piece.edges();
        for (int i = 0; i < edges.size(); i++) {
            double gap = edges.get(i)
                    .path()
                    .end()
                    .distanceTo(edges.get((i + 1) % edges.size()).path().start());
            assertThat(gap).as("%s after %s", piece.name(), edges.get(i).name()).isCloseTo(0, within(JOINED));
        }
        assertThat(piece.seamLine().crossing()).as(piece.name()).isEmpty();
        assertThat(piece.cuttingLine().crossing())
                .as("cutting line of %s", piece.name())
                .isEmpty();
        assertThat(piece.seamLine().signedArea()).isPositive();
    }
}
