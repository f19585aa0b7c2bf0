package org.soberhem.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;

/** Lays are judged by JTS from the outlines themselves and where the planner says that they lie. */
class LayPlannerTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static final LayPiece FRONT =
            new LayPiece("front", 2, CutShape.PAIR, outline(0, 0, 180, 0, 260, 90, 230, 420, 0, 430));
    private static final LayPiece BACK =
            new LayPiece("back", 1, CutShape.FOLD, outline(0, 0, 150, 20, 210, 120, 200, 400, 0, 400));
    private static final LayPiece SLEEVE =
            new LayPiece("sleeve", 2, CutShape.PAIR, outline(0, 120, 160, 0, 320, 110, 260, 560, 50, 560));
    private static final LayPiece CUFF = new LayPiece("cuff", 4, CutShape.PLAIN, outline(0, 0, 220, 0, 220, 90, 0, 90));
    private static final LayPiece ODD = new LayPiece("tab", 1, CutShape.PLAIN, outline(0, 0, 90, 0, 60, 140, 0, 80));

    private static Outline outline(double... numbers) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < numbers.length; i += 2) {
            corners.add(new Point(numbers[i], numbers[i + 1]));
        }
        return new Outline(corners);
    }

    /** Time for so many questions whether there is time left. */
    private static BooleanSupplier questions(int many) {
        int[] left = {many};
        return () -> left[0]-- > 0;
    }

    private static List<Lay> plans(List<LayPiece> pieces, LayRules rules, int questions) {
        List<Lay> found = new ArrayList<>();
        new LayPlanner(pieces, rules, new SplittableRandom(7)).plan(questions(questions), found::add);
        return found;
    }

    private static Lay best(List<LayPiece> pieces, LayRules rules) {
        List<Lay> found = plans(pieces, rules, 100);
        for (int i = 1; i < found.size(); i++) {
            assertThat(found.get(i).length()).isLessThan(found.get(i - 1).length());
        }
        return found.get(found.size() - 1);
    }

    private static Polygon polygon(Lay lay, PlacedPiece cut) {
        LayPiece piece = lay.piece(cut);
        boolean half = lay.rules().folded() && !cut.single();
        Outline outline = half ? piece.outline() : piece.opened();
        double lean = Math.toRadians(cut.lean());
        List<Coordinate> ring = new ArrayList<>();
        for (Point corner : outline.corners()) {
            double x = cut.mirrored() ? -corner.x() : corner.x();
            double y = corner.y();
            x = cut.turned() ? -x : x;
            y = cut.turned() ? -y : y;
            ring.add(new Coordinate(
                    x * Math.cos(lean) - y * Math.sin(lean) + cut.x(),
                    x * Math.sin(lean) + y * Math.cos(lean) + cut.y()));
        }
        ring.add(ring.get(0));
        return FACTORY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static void isLegal(Lay lay) {
        List<Polygon> laid = lay.placed().stream().map(cut -> polygon(lay, cut)).toList();
        for (int i = 0; i < laid.size(); i++) {
            Envelope box = laid.get(i).getEnvelopeInternal();
            double width = lay.placed().get(i).single()
                    ? lay.rules().width()
                    : lay.rules().lying();
            assertThat(box.getMinX()).isGreaterThan(-1e-6);
            assertThat(box.getMinY()).isGreaterThan(-1e-6);
            assertThat(box.getMaxX()).isLessThan(width + 1e-6);
            assertThat(box.getMaxY()).isLessThan(lay.length() + 1e-6);
            for (int j = 0; j < i; j++) {
                assertThat(laid.get(i).intersection(laid.get(j)).getArea())
                        .as("%s on %s", lay.placed().get(i), lay.placed().get(j))
                        .isLessThan(0.5);
            }
        }
        assertThat(lay.length()).isGreaterThan(Lay.bound(lay.pieces(), lay.rules()) - 1e-6);
        assertThat(lay.clashes()).isEmpty();
        for (LayPiece piece : lay.pieces()) {
            long out = lay.placed().stream()
                    .filter(cut -> cut.name().equals(piece.name()))
                    .mapToInt(cut -> lay.rules().folded() && !cut.single() && piece.kind() != CutShape.FOLD ? 2 : 1)
                    .sum();
            assertThat(out).as(piece.name()).isEqualTo(piece.count());
        }
    }

    @ParameterizedTest
    @CsvSource({"900,false,false", "900,false,true", "900,true,false", "900,true,true", "700,false,false"})
    void aLayHasEveryCutNoneOnAnotherAndNoneOverTheEdge(double width, boolean folded, boolean nap) {
        Lay lay = best(List.of(FRONT, BACK, SLEEVE, CUFF), LayRules.plain(width, folded, nap));
        isLegal(lay);
        if (nap) {
            assertThat(lay.placed()).noneMatch(PlacedPiece::turned);
        }
        for (PlacedPiece cut : lay.placed()) {
            if (folded && cut.name().equals("back")) {
                assertThat(polygon(lay, cut).getEnvelopeInternal().getMinX()).isCloseTo(0, within(1e-6));
            }
            if (!folded && lay.piece(cut).kind() == CutShape.PLAIN) {
                assertThat(cut.mirrored()).as(cut.toString()).isFalse();
            }
        }
        if (!folded) {
            assertThat(lay.placed().stream()
                            .filter(cut -> cut.name().equals("front") && cut.mirrored())
                            .count())
                    .isEqualTo(1);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void anyPiecesAreLaidLegally(int seed) {
        RandomGenerator random = new SplittableRandom(seed);
        List<LayPiece> pieces = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            double wide = 60 + random.nextInt(280);
            double high = 60 + random.nextInt(500);
            double in = random.nextDouble();
            CutShape kind = CutShape.values()[random.nextInt(CutShape.values().length)];
            pieces.add(new LayPiece(
                    "piece " + i,
                    1 + random.nextInt(4),
                    kind,
                    outline(0, 0, wide * in, 0, wide, high * in, wide * 0.7, high, 0, high * 0.9)));
        }
        for (boolean folded : new boolean[] {false, true}) {
            isLegal(best(pieces, LayRules.plain(800, folded, random.nextBoolean())));
        }
    }

    @Test
    void whatCannotComeOutOfFoldedClothIsCutFromSingleClothAfterIt() {
        Lay lay = best(List.of(FRONT, CUFF, ODD), LayRules.plain(700, true, false));
        isLegal(lay);
        assertThat(lay.placed().stream().filter(PlacedPiece::single).map(PlacedPiece::name))
                .containsExactly("tab");
        double folded = lay.placed().stream()
                .filter(cut -> !cut.single())
                .mapToDouble(cut -> polygon(lay, cut).getEnvelopeInternal().getMaxY())
                .max()
                .orElseThrow();
        assertThat(lay.singleFrom().orElseThrow()).isGreaterThanOrEqualTo(folded);
    }

    @Test
    void rectanglesThatFillTheClothAreLaidWithoutWaste() {
        LayPiece panel = new LayPiece("panel", 6, CutShape.PLAIN, outline(0, 0, 300, 0, 300, 500, 0, 500));
        Lay lay = best(List.of(panel), LayRules.plain(900, false, true));
        assertThat(lay.length()).isCloseTo(1000, within(1e-6));
        assertThat(lay.used()).isCloseTo(1, within(1e-9));
    }

    @Test
    void thereIsAPlanAtOnceAndItIsTheLastOneWhenItIsStopped() {
        List<Lay> found = plans(List.of(FRONT, SLEEVE), LayRules.plain(900, false, false), 0);
        assertThat(found).isNotEmpty();
        isLegal(found.get(found.size() - 1));
    }

    @Test
    void stripesMeetWherePiecesAreMatched() {
        double repeat = 64;
        LayPiece front =
                new LayPiece("front", 2, CutShape.PAIR, FRONT.outline(), false, Optional.of(new Point(245, 260)));
        LayPiece back =
                new LayPiece("back", 2, CutShape.PAIR, SLEEVE.outline(), false, Optional.of(new Point(290, 300)));
        LayRules rules = new LayRules(900, false, false, false, 0, 0, repeat, repeat);
        Lay lay = best(List.of(front, back, CUFF), rules);
        isLegal(lay);
        for (PlacedPiece cut : lay.placed()) {
            lay.piece(cut).match().map(cut::of).ifPresent(at -> {
                assertThat(Math.IEEEremainder(at.x(), repeat)).isCloseTo(0, within(1e-6));
                assertThat(Math.IEEEremainder(at.y(), repeat)).isCloseTo(0, within(1e-6));
            });
        }
    }

    @Test
    void piecesKeepTheirDistance() {
        LayRules rules = new LayRules(900, false, false, false, 0, 12, 0, 0);
        Lay lay = best(List.of(FRONT, SLEEVE, CUFF), rules);
        isLegal(lay);
        for (PlacedPiece one : lay.placed()) {
            for (PlacedPiece other : lay.placed()) {
                if (one != other) {
                    assertThat(polygon(lay, one).distance(polygon(lay, other))).isGreaterThan(11.9);
                }
            }
        }
    }

    @Test
    void aGrainLineLeansNoFurtherThanItMay() {
        LayRules rules = new LayRules(700, false, false, false, 2, 0, 0, 0);
        Lay lay = best(List.of(FRONT, SLEEVE, ODD), rules);
        isLegal(lay);
        assertThat(lay.placed()).allMatch(cut -> Math.abs(cut.lean()) <= 2);
        assertThatThrownBy(() -> new LayRules(700, false, false, false, 6, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("5 degrees");
    }

    @Test
    void onClothAlikeOnBothSidesAnyPieceMayLieMirrored() {
        LayRules rules = new LayRules(420, false, true, true, 0, 0, 0, 0);
        LayPiece wedge = new LayPiece("wedge", 4, CutShape.PLAIN, outline(0, 0, 190, 0, 10, 400, 0, 400));
        Lay mirrored = best(List.of(wedge), rules);
        Lay kept = best(List.of(wedge), LayRules.plain(420, false, true));
        assertThat(mirrored.clashes()).isEmpty();
        assertThat(kept.placed()).noneMatch(PlacedPiece::mirrored);
        assertThat(mirrored.length()).isLessThanOrEqualTo(kept.length());
    }

    @Test
    void whatIsHeldBackIsLaidLast() {
        LayPiece held = new LayPiece(
                "collar", 1, CutShape.PLAIN, outline(0, 0, 400, 0, 400, 60, 0, 60), true, Optional.empty());
        Lay lay = plans(List.of(held, FRONT, SLEEVE), LayRules.plain(900, false, true), 0)
                .get(0);
        isLegal(lay);
        PlacedPiece collar = lay.placed().stream()
                .filter(cut -> cut.name().equals("collar"))
                .findFirst()
                .orElseThrow();
        assertThat(collar.y()).isGreaterThan(0);
    }

    @Test
    void aPieceWiderThanTheClothIsNamed() {
        assertThatThrownBy(() -> new LayPlanner(
                        List.of(FRONT, SLEEVE), LayRules.plain(500, true, false), new SplittableRandom(1)))
                .isInstanceOf(LayException.class)
                .hasMessageContaining("\"front\"")
                .satisfies(thrown -> assertThat(((LayException) thrown).piece()).isEqualTo("front"));
    }

    @Test
    void aHalfWithMarksOnItsFold_opensOutWithoutASpur() {
        LayPiece half =
                new LayPiece("front", 1, CutShape.FOLD, outline(0, 30, 150, 0, 210, 400, 0, 410, 0, 300, 0, 120));
        List<Point> opened = half.opened().corners();
        assertThat(opened).hasSize(6);
        assertThat(opened.stream().filter(corner -> Math.abs(corner.x()) < 1e-9))
                .hasSize(2);
        assertThat(Math.abs(half.opened().signedArea()))
                .isCloseTo(2 * Math.abs(half.outline().signedArea()), within(1e-6));
    }
}
