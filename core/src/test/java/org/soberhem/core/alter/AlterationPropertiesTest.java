package org.soberhem.core.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.AmountsAlong.From;
import org.soberhem.core.alter.edit.AmountsAlong.Place;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.AddDart;
import org.soberhem.core.alter.kind.AddYoke;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.MovePoint;
import org.soberhem.core.alter.kind.MoveSeam;
import org.soberhem.core.alter.kind.NewSeam;
import org.soberhem.core.alter.kind.OpenCentre;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.PuffCap;
import org.soberhem.core.alter.kind.ReshapeLine;
import org.soberhem.core.alter.kind.RotateDart;
import org.soberhem.core.alter.kind.ShapeLine;
import org.soberhem.core.alter.kind.ShapeSeam;
import org.soberhem.core.alter.kind.SlashAndFan;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.alter.kind.TrueSeam;
import org.soberhem.core.alter.kind.TurnStrap;
import org.soberhem.core.alter.kind.TwoPieceSleeve;
import org.soberhem.core.alter.kind.WidenHere;
import org.soberhem.core.alter.kind.WidenPiece;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

/**
 * What each alteration does to girths and lengths, by its definition, on bodices of any build; and that its opposite
 * undoes it.
 */
class AlterationPropertiesTest {

    private static final List<String> BODY = List.of("front", "back");
    private static final double EXACT = 1e-6;

    /** Where a seam is curved, its shares of length change a little when it is shifted. */
    private static final double CURVED = 0.05;

    static LongStream seeds() {
        return LongStream.range(1, 25);
    }

    private static Pattern done(Pattern pattern, Alteration alteration) {
        Outcome outcome = alteration.apply(pattern);
        assertThat(outcome.refusal()).as(alteration.toString()).isEmpty();
        return outcome.pattern();
    }

    private static double amount(long seed) {
        return 2 + new Random(seed).nextDouble() * 14;
    }

    private static EdgeRef edge(String words) {
        return EdgeRef.parse(words);
    }

    /** Compares places along every edge of pieces of the same name; edges may be cut into more stretches. */
    private static void assertSame(Pattern one, Pattern other, double tolerance) {
        assertThat(one.names()).isEqualTo(other.names());
        for (int i = 0; i < one.pieces().size(); i++) {
            Piece here = one.pieces().get(i);
            Piece there = other.pieces().get(i);
            for (Edge each : there.edges()) {
                Path path = whole(here, each.name());
                double apart = 0;
                for (int k = 0; k <= 8; k++) {
                    Point at = path.atShare(k / 8.0);
                    apart = Math.max(apart, at.distanceTo(each.path().atShare(k / 8.0)));
                }
                assertThat(apart).as(here.name() + " " + each.name()).isLessThan(tolerance);
            }
        }
    }

    private static Path whole(Piece piece, String name) {
        return piece.edges().stream()
                .filter(edge -> edge.name().equals(name) || edge.name().startsWith(name + "/"))
                .sorted(Comparator.comparing(Edge::name))
                .map(Edge::path)
                .reduce(Path::then)
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void opposite_undoesIt_exactly(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        List<List<Alteration>> pairs = List.of(
                List.of(
                        new LengthenAtLevel("bust", by, by / 2, by * 1.5, Sides.BOTH),
                        new LengthenAtLevel("bust", -by, -by / 2, -by * 1.5, Sides.BOTH)),
                List.of(
                        new WidenPiece("back", 0.5, 0.5, by, by, Sides.BOTH),
                        new WidenPiece("back", 0.5, 0.5, -by, -by, Sides.BOTH)),
                List.of(
                        new WidenPiece("sleeve", 0, 1, by, by, Sides.LEFT),
                        new WidenPiece("sleeve", 0, 1, -by, -by, Sides.LEFT)),
                List.of(
                        new SlashAndFan(edge("sleeve.wrist"), "cap-back", 3, by, false, Sides.BOTH),
                        new SlashAndFan(edge("sleeve.wrist"), "cap-back", 3, -by, false, Sides.BOTH)),
                List.of(
                        new MovePoint(edge("back.W"), by / 8, by / 8, Sides.RIGHT),
                        new MovePoint(edge("back.W"), -by / 8, -by / 8, Sides.RIGHT)));
        for (List<Alteration> pair : pairs) {
            Pattern there = pair.get(0).made(start);
            Pattern back = pair.get(1).made(there);
            assertSame(back, start, EXACT);
            assertThat(there).isNotEqualTo(start);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void dartTurnedThere_andBack_isAsBefore(long seed) {
        Pattern start = Bodices.any(seed);
        Pattern there = done(start, new RotateDart(edge("front.waist"), "shoulder", 0.5, 1, Sides.BOTH));
        Piece front = there.piece("front", Side.LEFT).orElseThrow();
        assertThat(front.darts())
                .singleElement()
                .satisfies(dart -> assertThat(dart.first().distanceTo(dart.point()))
                        .isCloseTo(dart.second().distanceTo(dart.point()), within(EXACT)));
        Pattern back = done(there, new RotateDart(edge("front.shoulder-dart"), "waist-1", 0, 1, Sides.BOTH));
        assertThat(back.girth("bust", BODY)).isCloseTo(start.girth("bust", BODY), within(EXACT));
        Piece same = back.piece("front", Side.LEFT).orElseThrow();
        Piece was = start.piece("front", Side.LEFT).orElseThrow();
        for (Edge each : was.edges()) {
            if (!each.name().equals("dart-mouth")) {
                for (int k = 0; k <= 4; k++) {
                    assertThat(whole(same, each.name())
                                    .atShare(k / 4.0)
                                    .distanceTo(each.path().atShare(k / 4.0)))
                            .as(each.name())
                            .isLessThan(EXACT);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void seamShiftedOnACurve_andBack_isAsBefore(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        for (double[] taken : new double[][] {{by, by}, {by, 0}, {0, -by}}) {
            Pattern there = done(start, new TakeInSeam(edge("front.side"), taken[0], taken[1], Sides.BOTH));
            Pattern back = done(there, new TakeInSeam(edge("front.side"), -taken[0], -taken[1], Sides.BOTH));
            assertSame(back, start, CURVED);
        }
        Pattern shaped = done(start, new ShapeSeam(edge("back.side"), 0, by / 2, 0, Sides.BOTH));
        assertSame(done(shaped, new ShapeSeam(edge("back.side"), 0, -by / 2, 0, Sides.BOTH)), start, CURVED);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void shapedAtPlaces_turned_orPuffed_andBack_isAsBefore(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        AmountsAlong amounts =
                new AmountsAlong(List.of(Place.top(0), new Place(From.MIDDLE, "", 0, by / 2), Place.bottom(0)));
        for (double sign : new double[] {1, -1}) {
            assertUndone(
                    start,
                    new ShapeLine(edge("front.side"), amounts.times(sign), Sides.BOTH),
                    new ShapeLine(edge("front.side"), amounts.times(-sign), Sides.BOTH));
            assertUndone(
                    start,
                    new TurnStrap(edge("front.shoulder"), sign * by / 6, Sides.BOTH),
                    new TurnStrap(edge("front.shoulder"), -sign * by / 6, Sides.BOTH));
            assertUndone(
                    start,
                    new WidenHere("back", 0.4, amounts.times(sign), Sides.BOTH),
                    new WidenHere("back", 0.4, amounts.times(-sign), Sides.BOTH));
        }
        assertUndone(start, new PuffCap("sleeve", by, 60, Sides.BOTH), new PuffCap("sleeve", -by, 60, Sides.BOTH));
    }

    private static void assertUndone(Pattern start, Alteration there, Alteration back) {
        Pattern made = there.made(start);
        assertThat(made).isNotEqualTo(start);
        assertSame(back.made(made), start, CURVED);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void takenAtASeam_isLostTwiceRound_lessTheLeanOfTheSeam(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = done(start, new TakeInSeam(edge("front.side"), by, by, Sides.BOTH));
        // Each edge moves by half, square to the chord; across, that is more by 1 / cosine of the chord's lean.
        Path side = start.piece("front", Side.LEFT)
                .orElseThrow()
                .edge("side")
                .orElseThrow()
                .path();
        Point chord = side.end().minus(side.start()).unit();
        double across = 2 * by / Math.abs(chord.y());
        assertThat(start.girth("bust", BODY) - after.girth("bust", BODY)).isCloseTo(across, within(0.03 * across));
        assertThat(after.seamChecks())
                .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                .allMatch(SeamCheck::isTrue);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void movedSeam_changesNoGirth(long seed) {
        Pattern start = Bodices.any(seed);
        Pattern after = done(start, new MoveSeam(edge("front.side"), amount(seed), amount(seed), Sides.BOTH));
        assertThat(after.girth("bust", BODY)).isCloseTo(start.girth("bust", BODY), within(CURVED));
        assertThat(after.piece("front", Side.LEFT).orElseThrow().widthAt("bust").orElseThrow())
                .isGreaterThan(start.piece("front", Side.LEFT)
                        .orElseThrow()
                        .widthAt("bust")
                        .orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void widenedPiece_addsItsAmountOnEachSide(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = new WidenPiece("back", 0.5, 0.5, by, by, Sides.BOTH).made(start);
        assertThat(after.girth("bust", BODY) - start.girth("bust", BODY)).isCloseTo(2 * by, within(EXACT));
        Pattern left = new WidenPiece("back", 0.5, 0.5, by, by, Sides.LEFT).made(start);
        assertThat(left.girth("bust", BODY) - start.girth("bust", BODY)).isCloseTo(by, within(EXACT));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void newDart_takesItsWidthAtTheEdge_andNothingAboveItsPoint(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = done(start, new AddDart(edge("back.waist"), 0.5, by, 90, Sides.BOTH));
        assertThat(start.length(edge("back.waist"), Side.LEFT) - after.length(edge("back.waist"), Side.LEFT))
                .isCloseTo(by, within(EXACT));
        assertThat(after.girth("bust", BODY)).isCloseTo(start.girth("bust", BODY), within(EXACT));
        double atWaist = start.girth("waist", BODY) - after.girth("waist", BODY);
        assertThat(atWaist).isCloseTo(2 * by * 89 / 90, within(0.01));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void centreSeam_takesItsAmountOnce_andOpensTheFold(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = new OpenCentre("back", by, by, Sides.BOTH).made(start);
        assertThat(start.girth("bust", BODY) - after.girth("bust", BODY)).isCloseTo(by, within(EXACT));
        Piece back = after.piece("back", Side.LEFT).orElseThrow();
        assertThat(back.edge("centre").orElseThrow().allowance()).isPositive();
        assertThat(back.edges()).noneMatch(back::isFold);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void newSeam_losesOnlyWhatIsTaken_andTheHalvesMeet(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = done(start, new NewSeam(edge("back.shoulder"), 0.5, "waist", 0.4, 0, by, Sides.BOTH));
        assertThat(after.names()).contains("back", "back/2");
        double lost = start.girth("waist", BODY) - after.girth("waist", BODY);
        assertThat(lost).isCloseTo(2 * by, within(0.06 * by));
        Pattern bare = done(start, new NewSeam(edge("back.shoulder"), 0.5, "waist", 0.4, 0, 0, Sides.BOTH));
        assertThat(bare.girth("bust", BODY)).isCloseTo(start.girth("bust", BODY), within(EXACT));
        double area = 0;
        for (String name : List.of("back", "back/2")) {
            area += bare.piece(name, Side.LEFT).orElseThrow().seamLine().signedArea();
        }
        assertThat(area)
                .isCloseTo(
                        start.piece("back", Side.LEFT).orElseThrow().seamLine().signedArea(), within(1.0));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void yoke_keepsEveryLength(long seed) {
        Pattern start = Bodices.any(seed);
        Pattern after = done(start, new AddYoke("back", 70, 0, Sides.BOTH));
        assertThat(after.names()).contains("back/yoke");
        for (String each : List.of("back.armscye", "back.centre", "back.neck", "back.shoulder")) {
            assertThat(after.length(edge(each), Side.LEFT))
                    .as(each)
                    .isCloseTo(start.length(edge(each), Side.LEFT), within(1e-5));
        }
        assertThat(after.seamChecks())
                .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                .allMatch(SeamCheck::isTrue);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void twoPieceSleeve_keepsCapAndWrist_andItsSeamsMeet(long seed) {
        Pattern start = Bodices.any(seed);
        Pattern after = done(start, new TwoPieceSleeve("sleeve", 12, 20, Sides.BOTH));
        assertThat(after.names()).contains("sleeve", "sleeve/under").hasSize(5);
        for (String each : List.of("sleeve.cap-front", "sleeve.cap-back", "sleeve.wrist")) {
            assertThat(after.length(edge(each), Side.LEFT))
                    .as(each)
                    .isCloseTo(start.length(edge(each), Side.LEFT), within(0.01));
        }
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void fan_opensItsAmountAtEverySlash_andHoldsTheOtherEdge(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern after = new SlashAndFan(edge("sleeve.wrist"), "cap-back", 4, by, false, Sides.BOTH).made(start);
        assertThat(after.length(edge("sleeve.wrist"), Side.LEFT) - start.length(edge("sleeve.wrist"), Side.LEFT))
                .isCloseTo(4 * by, within(EXACT));
        assertThat(after.length(edge("sleeve.cap-back"), Side.LEFT))
                .isCloseTo(start.length(edge("sleeve.cap-back"), Side.LEFT), within(1e-5));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neckline_slidesAlongTheShoulders_alike(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed) / 2;
        Pattern after = new ReshapeLine(ReshapeLine.Line.NECK, -by, -by, -by, Sides.BOTH).made(start);
        for (String each : List.of("front.shoulder", "back.shoulder", "front.centre", "back.centre")) {
            assertThat(start.length(edge(each), Side.LEFT) - after.length(edge(each), Side.LEFT))
                    .as(each)
                    .isCloseTo(by, within(1e-5));
        }
        assertThat(after.girth("waist", BODY)).isCloseTo(start.girth("waist", BODY), within(EXACT));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void truedSeam_isTrue(long seed) {
        Pattern start = Bodices.any(seed);
        double by = amount(seed);
        Pattern wider = new ReshapeLine(ReshapeLine.Line.NECK, -by, 0, 0, Sides.BOTH).made(start);
        Pattern trued = done(wider, new TrueSeam(edge("band.lower"), Sides.BOTH));
        assertThat(trued.seamChecks()).allMatch(SeamCheck::isTrue);
        Pattern full = new WidenPiece("sleeve", 0, 1, by, by, Sides.BOTH).made(start);
        Pattern lowered = done(full, new TrueSeam(edge("sleeve.cap-back"), Sides.BOTH));
        assertThat(lowered.seamChecks()).allMatch(SeamCheck::isTrue);
        Pattern cap = done(start, new TrueSeam(edge("sleeve.cap-front"), Sides.BOTH));
        assertThat(cap.length(edge("sleeve.cap-front"), Side.LEFT) + cap.length(edge("sleeve.cap-back"), Side.LEFT))
                .isCloseTo(
                        cap.length(edge("front.armscye"), Side.LEFT) + cap.length(edge("back.armscye"), Side.LEFT),
                        within(0.01));
    }
}
