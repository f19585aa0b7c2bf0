package org.soberhem.core.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.alter.edit.Part;
import org.soberhem.core.alter.edit.Sewing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.AddDart;
import org.soberhem.core.alter.kind.AddFacing;
import org.soberhem.core.alter.kind.AddOverlap;
import org.soberhem.core.alter.kind.AddYoke;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.ChangeDart;
import org.soberhem.core.alter.kind.ChangeGrain;
import org.soberhem.core.alter.kind.DartToGathers;
import org.soberhem.core.alter.kind.DartToSeam;
import org.soberhem.core.alter.kind.EvenAllowances;
import org.soberhem.core.alter.kind.GrowthTuck;
import org.soberhem.core.alter.kind.HollowEdge;
import org.soberhem.core.alter.kind.InsertGore;
import org.soberhem.core.alter.kind.InsertGusset;
import org.soberhem.core.alter.kind.JoinPieces;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.LengthenShoulder;
import org.soberhem.core.alter.kind.MovePoint;
import org.soberhem.core.alter.kind.NewSeam;
import org.soberhem.core.alter.kind.OpenCentre;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.PitchSleeve;
import org.soberhem.core.alter.kind.PuffSleeve;
import org.soberhem.core.alter.kind.ReshapeLine;
import org.soberhem.core.alter.kind.RotateDart;
import org.soberhem.core.alter.kind.SetAllowance;
import org.soberhem.core.alter.kind.ShapeSeam;
import org.soberhem.core.alter.kind.SlashAndFan;
import org.soberhem.core.alter.kind.SlopeShoulder;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.alter.kind.TurnStrap;
import org.soberhem.core.alter.kind.TwoPieceSleeve;
import org.soberhem.core.alter.kind.WidenPiece;
import org.soberhem.core.geometry.Corner;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.SpreadPiece;

class AlterationRulesTest {

    private static final Pattern START = Bodices.plain();
    private static final double MM = 1e-6;

    private static EdgeRef edge(String words) {
        return EdgeRef.parse(words);
    }

    private static Pattern done(Alteration alteration) {
        Outcome outcome = alteration.apply(START);
        assertThat(outcome.refusal()).isEmpty();
        return outcome.pattern();
    }

    private static String refusal(Alteration alteration) {
        Outcome outcome = alteration.apply(START);
        assertThat(outcome.pattern()).isSameAs(START);
        return outcome.refusal().orElseThrow().in(LengthFormat.INCH_EIGHTHS);
    }

    private static Piece left(Pattern pattern, String piece) {
        return pattern.piece(piece, Side.LEFT).orElseThrow();
    }

    @Test
    void plainSeamTorn_isRefused_andTheCompletingOneMakesItTrue() {
        Alteration longer = new MovePoint(edge("front.W"), 0, 12, Sides.BOTH);
        Outcome outcome = longer.apply(START);
        assertThat(outcome.refusal().orElseThrow().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo(
                        "The edges of front side to back side would differ by ½ in and no longer meet: make the other edge true with it");
        Alteration both = outcome.completed().orElseThrow();
        Outcome whole = both.apply(START);
        assertThat(whole.refusal()).isEmpty();
        assertThat(whole.pattern().seamChecks()).allMatch(SeamCheck::isTrue);
        assertThat(both.sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Move point W of the front: 0 in out, ½ in down; True the back side to what it is sewn to");
    }

    @Test
    void easedSeamUnequal_isMadeAndTold_withTheCompletingOne() {
        Outcome outcome = new ReshapeLine(ReshapeLine.Line.NECK, -12, 0, 0, Sides.BOTH).apply(START);
        assertThat(outcome.refusal()).isEmpty();
        assertThat(outcome.unequal())
                .singleElement()
                .satisfies(told -> assertThat(told.in(LengthFormat.INCH_EIGHTHS))
                        .contains("front neck + back neck to band lower"));
        Pattern whole = outcome.completed().orElseThrow().apply(START).pattern();
        assertThat(whole.seamChecks()).allMatch(SeamCheck::isTrue);
        assertThat(left(whole, "band").edges()).anyMatch(left(whole, "band")::isFold);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "back.centre | on the fold",
                "front.gone | no edge \"gone\"",
            })
    void hollow_whereItCannotBe_isRefused(String where, String why) {
        assertThat(refusal(new HollowEdge(edge(where), 5, Sides.BOTH))).contains(why);
    }

    @Test
    void whatMakesPieces_isMadeOnBothSides() {
        for (Alteration each : List.of(
                new NewSeam(edge("back.neck"), 0.5, "waist", 0.5, 0, 0, Sides.LEFT),
                new AddYoke("back", 60, 0, Sides.RIGHT),
                new AddDart(edge("back.waist"), 0.5, 20, 80, Sides.LEFT),
                new JoinPieces(edge("front.side"), Sides.LEFT),
                new TwoPieceSleeve("sleeve", 10, 10, Sides.LEFT))) {
            assertThat(refusal(each)).contains("choose both sides");
        }
    }

    @Test
    void refusals_sayWhatAndWhatHelps() {
        assertThat(refusal(new AddYoke("back", 5000, 0, Sides.BOTH))).contains("choose another depth");
        assertThat(refusal(new AddDart(edge("back.waist"), 0.02, 40, 80, Sides.BOTH)))
                .contains("no room");
        assertThat(refusal(new AddDart(edge("back.waist"), 0.5, 20, 900, Sides.BOTH)))
                .contains("make it shorter");
        assertThat(refusal(new RotateDart(edge("front.gone"), "side", 0.5, 1, Sides.BOTH)))
                .contains("no dart");
        assertThat(refusal(new ChangeGrain("back", 45, Sides.BOTH))).contains("seam at the centre first");
        assertThat(refusal(new AddOverlap(edge("front.side"), 20, false, Sides.BOTH)))
                .contains("edge that is open");
        assertThat(refusal(new SetAllowance(edge("front.centre"), Sewing.FELLED, 15, Sides.BOTH)))
                .contains("not sewn to another edge");
        assertThat(refusal(new PuffSleeve("band", 20, 0, 5, Sides.BOTH))).contains("choose a sleeve");
        assertThat(refusal(new PitchSleeve("sleeve", 900, Sides.BOTH))).contains("would leave the cap");
        assertThat(refusal(new InsertGusset(edge("front.side"), 900, 90, Sides.BOTH)))
                .contains("cannot be opened");
        assertThat(refusal(new WidenPiece("trousers", 0, 1, 5, 5, Sides.BOTH))).contains("no piece \"trousers\"");
        assertThat(refusal(new ReshapeLine(ReshapeLine.Line.HEM, 5, 5, 5, Sides.BOTH)))
                .contains("There is no hem");
        assertThat(refusal(new SlashAndFan(edge("sleeve.wrist"), "wrist", 2, 5, true, Sides.BOTH)))
                .contains("choose two edges");
        assertThat(refusal(new SlashAndFan(edge("back.waist"), "centre", 2, 5, true, Sides.BOTH)))
                .contains("A fold stays straight");
        assertThat(refusal(new GrowthTuck("bust", 0, Sides.BOTH))).contains("must have a depth");
        assertThat(refusal(new OpenCentre("sleeve", 5, 5, Sides.BOTH))).contains("no edge at the centre");
        assertThat(refusal(new TurnStrap(edge("front.gone"), 5, Sides.BOTH))).contains("choose another edge");
    }

    @Test
    void sides_reachOnlyTheirSide() {
        Pattern after = new ShapeSeam(edge("front.side"), 0, 10, 0, Sides.LEFT).made(START);
        assertThat(left(after, "front")).isNotEqualTo(left(START, "front"));
        assertThat(after.piece("front", Side.RIGHT)).isEqualTo(START.piece("front", Side.RIGHT));
        assertThat(SpreadPiece.of(after)).extracting(SpreadPiece::name).contains("front left", "front right");
        assertThat(new ShapeSeam(edge("front.side"), 0, 10, 0, Sides.LEFT)
                        .on(Sides.RIGHT)
                        .made(after)
                        .seamChecks())
                .allMatch(check -> check.side() == Side.MIDDLE);
    }

    @Test
    void oneHighShoulder_raisesOneArmOnly_andKeepsTheShouldersLength() {
        Pattern after = done(new SlopeShoulder(Part.FRONT_AND_BACK, 0, -8, Sides.RIGHT));
        assertThat(after.length(edge("front.shoulder"), Side.RIGHT))
                .isCloseTo(START.length(edge("front.shoulder"), Side.LEFT), within(MM));
        assertThat(after.point(edge("front.C"), Side.RIGHT).orElseThrow().y())
                .isLessThan(
                        after.point(edge("front.C"), Side.LEFT).orElseThrow().y() - 7);
    }

    @Test
    void backShoulderReduced_leavesTheFront() {
        Pattern after = done(new SlopeShoulder(Part.BACK, 6, 6, Sides.BOTH));
        assertThat(left(after, "front")).isEqualTo(left(START, "front"));
        assertThat(after.length(edge("back.shoulder"), Side.LEFT))
                .isCloseTo(START.length(edge("back.shoulder"), Side.LEFT), within(MM));
    }

    @Test
    void armHoleLowered_movesTheUnderarmAlongBothSideSeams() {
        Pattern after = done(new ReshapeLine(ReshapeLine.Line.ARMSCYE, 0, -10, 0, Sides.BOTH));
        for (String side : List.of("front.side", "back.side")) {
            assertThat(after.length(edge(side), Side.LEFT))
                    .isCloseTo(START.length(edge(side), Side.LEFT) - 10, within(1e-5));
        }
        assertThat(after.length(edge("front.shoulder"), Side.LEFT))
                .isCloseTo(START.length(edge("front.shoulder"), Side.LEFT), within(MM));
    }

    @Test
    void waistlineWithADart_movesAsOneLine() {
        Pattern after = done(new ReshapeLine(ReshapeLine.Line.WAIST, 10, 10, 10, Sides.BOTH));
        assertThat(after.length(edge("front.centre"), Side.LEFT))
                .isCloseTo(START.length(edge("front.centre"), Side.LEFT) + 10, within(MM));
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @Test
    void shoulderMadeLonger_movesTheArmEndOnly() {
        Pattern after = done(new LengthenShoulder(8, Sides.BOTH));
        for (String each : List.of("front.shoulder", "back.shoulder")) {
            assertThat(after.length(edge(each), Side.LEFT))
                    .isCloseTo(START.length(edge(each), Side.LEFT) + 8, within(MM));
        }
        assertThat(after.length(edge("front.neck"), Side.LEFT))
                .isCloseTo(START.length(edge("front.neck"), Side.LEFT), within(MM));
    }

    @Test
    void joinedAtTheSide_isOnePieceOnTheFold_andWhatCannotLieFlatIsADart() {
        Pattern after = done(new JoinPieces(edge("front.side"), Sides.BOTH));
        assertThat(after.names()).containsExactly("back", "sleeve", "band");
        Piece joined = left(after, "back");
        assertThat(joined.shape()).isEqualTo(CutShape.FOLD);
        assertThat(joined.seamLine().crossing()).isEmpty();
        assertThat(after.length(edge("front.armscye"), Side.LEFT))
                .isCloseTo(START.length(edge("front.armscye"), Side.LEFT), within(0.01));
        assertThat(joined.darts()).extracting(dart -> dart.name()).contains("side up", "side down");
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
        assertThat(joined.seamLine().signedArea())
                .isGreaterThan(left(START, "front").seamLine().signedArea()
                        + left(START, "back").seamLine().signedArea());
    }

    @Test
    void dartToSeam_cutsThePieceThroughItsPoint() {
        Outcome outcome = new DartToSeam(edge("front.waist"), "armscye", 0.6, Sides.BOTH).apply(START);
        Pattern after = outcome.refusal().isEmpty()
                ? outcome.pattern()
                : outcome.completed().orElseThrow().apply(START).pattern();
        assertThat(after.names()).contains("front/2");
        assertThat(left(after, "front").darts()).isEmpty();
        assertThat(left(after, "front/2").darts()).isEmpty();
        double waist = START.girth("waist", List.of("front"));
        assertThat(after.girth("waist", List.of("front"))).isCloseTo(waist, within(0.5));
    }

    @Test
    void dartToGathers_sewsItsWidthInTheWaist() {
        Pattern after = done(new DartToGathers(edge("front.waist"), Sides.BOTH));
        assertThat(left(after, "front").darts()).isEmpty();
        assertThat(left(after, "front").edges())
                .noneMatch(each -> each.name().equals("dart-mouth") && each.role() == Role.DART);
    }

    @Test
    void dartSplit_leavesHalfAndOpensHalf() {
        Pattern after = done(new RotateDart(edge("front.waist"), "waist-2", 0.5, 0.5, Sides.BOTH));
        List<Double> mouths = left(after, "front").darts().stream()
                .map(dart -> dart.first().distanceTo(dart.second()))
                .toList();
        assertThat(mouths).hasSize(2);
        assertThat(mouths.get(0)).isCloseTo(10, within(0.1));
        assertThat(after.girth("bust", List.of("front"))).isCloseTo(START.girth("bust", List.of("front")), within(MM));
    }

    @Test
    void dartWithCurvedLegs_takesMoreHalfWay() {
        Piece straight = left(START, "front");
        Pattern after = done(new ChangeDart(edge("front.waist"), 0, 0, 0, 4, Sides.BOTH));
        var from =
                straight.darts().get(0).point().towards(straight.darts().get(0).first(), 0.5);
        var along = new Point(1, 0);
        double before = straight.darts().get(0).takenUp(from, along);
        assertThat(left(after, "front").darts().get(0).takenUp(from, along)).isCloseTo(before + 8, within(0.3));
    }

    @Test
    void gussetUnderTheArm_isSewnToFourEdgesOfItsLength() {
        Pattern after = done(new InsertGusset(edge("back.side"), 60, 90, Sides.BOTH));
        List<SeamCheck> sewn = after.seamChecks().stream()
                .filter(check -> check.seam().name().startsWith("gusset"))
                .toList();
        assertThat(sewn).hasSize(4).allMatch(SeamCheck::isTrue);
        assertThat(after.length(edge("sleeve.seam-back"), Side.LEFT))
                .isCloseTo(START.length(edge("sleeve.seam-back"), Side.LEFT), within(1e-5));
    }

    @Test
    void gore_isAsWideAsAsked_andItsSidesAreTheSlits() {
        Pattern after = done(new InsertGore(edge("back.side"), 50, 90, Sides.BOTH));
        assertThat(after.length(edge("back-gore.base"), Side.LEFT)).isCloseTo(50, within(MM));
        assertThat(after.seamChecks())
                .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                .allMatch(SeamCheck::isTrue);
    }

    @Test
    void overlapTurnedBack_liesOnThePieceWithoutAStep() {
        Pattern after = done(new AddOverlap(edge("front.centre"), 30, true, Sides.BOTH));
        Piece front = left(after, "front");
        assertThat(front.seamLine().box().minX()).isCloseTo(-30, within(MM));
        assertThat(front.lines()).anyMatch(line -> line.kind() == MarkLine.Kind.FOLD);
        assertThat(after.girth("bust", List.of("front"))).isCloseTo(START.girth("bust", List.of("front")), within(MM));
        assertThat(after.length(edge("front.neck"), Side.LEFT))
                .isCloseTo(START.length(edge("front.neck"), Side.LEFT), within(MM));
    }

    @Test
    void facing_staysWithinItsEdge() {
        Pattern after = done(new AddFacing(edge("front.neck"), AddFacing.Kind.FACING, 40, 2, Sides.BOTH));
        Piece facing = left(after, "front-facing");
        var neck = left(START, "front").edge("neck").orElseThrow().path();
        for (double share : new double[] {0.1, 0.5, 0.9}) {
            double nearest = Double.POSITIVE_INFINITY;
            for (int i = 0; i <= 400; i++) {
                nearest = Math.min(
                        nearest,
                        neck.atShare(i / 400.0)
                                .distanceTo(facing.edge("outer")
                                        .orElseThrow()
                                        .path()
                                        .atShare(share)));
            }
            assertThat(nearest).isCloseTo(2, within(0.1));
        }
        assertThat(facing.seamLine().contains(facing.grainFrom())).isTrue();
    }

    @Test
    void growthTuck_addsTwiceItsDepth_andMarksBothStitchLines() {
        Pattern after = done(new GrowthTuck("bust", 15, Sides.BOTH));
        assertThat(after.length(edge("front.centre"), Side.LEFT))
                .isCloseTo(START.length(edge("front.centre"), Side.LEFT) + 30, within(MM));
        assertThat(left(after, "front").lines())
                .filteredOn(line -> line.kind() == MarkLine.Kind.TUCK)
                .hasSize(2);
    }

    @Test
    void pitch_movesTheMarksOnly() {
        Pattern after = done(new PitchSleeve("sleeve", 9, Sides.BOTH));
        Piece sleeve = left(after, "sleeve");
        assertThat(sleeve.edges()).isEqualTo(left(START, "sleeve").edges());
        var was = left(START, "sleeve").at(left(START, "sleeve").notches().get(1));
        assertThat(sleeve.at(sleeve.notches().get(1)).distanceTo(was)).isBetween(8.0, 9.01);
        assertThat(sleeve.at(sleeve.notches().get(1)).x()).isPositive();
    }

    @Test
    void puff_widensTheCap_leavesTheWrist_andIsGathered() {
        Pattern after = done(new PuffSleeve("sleeve", 80, 0, 20, Sides.BOTH));
        assertThat(after.length(edge("sleeve.wrist"), Side.LEFT))
                .isCloseTo(START.length(edge("sleeve.wrist"), Side.LEFT), within(MM));
        Piece was = left(START, "sleeve");
        Piece is = left(after, "sleeve");
        assertThat(is.seamLine().box().width() - was.seamLine().box().width()).isCloseTo(80, within(0.5));
        assertThat(was.seamLine().box().minY() - is.seamLine().box().minY()).isCloseTo(20, within(MM));
        assertThat(after.seams()).anyMatch(seam -> seam.kind() == Seam.Kind.GATHERED);
    }

    @Test
    void sleeveWidened_atTheUpperArmOnly_keepsItsSeamsAlike() {
        Pattern after = done(new WidenPiece("sleeve", 0, 1, 24, 0, Sides.BOTH));
        assertThat(after.length(edge("sleeve.seam-back"), Side.LEFT))
                .isCloseTo(after.length(edge("sleeve.seam-front"), Side.LEFT), within(MM));
        assertThat(after.length(edge("sleeve.wrist"), Side.LEFT))
                .isCloseTo(START.length(edge("sleeve.wrist"), Side.LEFT), within(MM));
    }

    @Test
    void effects_sayWhichSide_andCountWhatAPieceWasCutInto() {
        Pattern left = done(LengthenAtLevel.evenly("elbow", 20, Sides.LEFT));
        assertThat(Effect.between(START, left))
                .extracting(Effect::name)
                .containsExactly("whole underarm", "sleeve at the elbow (wearer's left)");
        Pattern longer = done(LengthenAtLevel.evenly("bust", 20, Sides.LEFT));
        assertThat(Effect.between(START, longer))
                .extracting(Effect::name)
                .contains("front centre length (wearer's left)", "back side length (wearer's left)")
                .noneMatch(name -> name.contains("right"));
        Pattern cut = done(new TwoPieceSleeve("sleeve", 12, 12, Sides.BOTH));
        assertThat(Effect.between(START, cut)).noneMatch(effect -> effect.name().contains("elbow"));
    }

    @Test
    void felledSeam_isWideOnOneEdge_andHalfOnTheOther() {
        Pattern after = done(new SetAllowance(edge("front.side"), Sewing.FELLED, 20, Sides.BOTH));
        assertThat(left(after, "front").edge("side").orElseThrow().allowance()).isEqualTo(20);
        assertThat(left(after, "back").edge("side").orElseThrow().allowance()).isEqualTo(10);
    }

    @Test
    void hem_turnsTwice_andFoldsBackAtItsEnds() {
        Pattern after = done(new SetAllowance(edge("sleeve.wrist"), Sewing.HEM_TWICE, 25.4, Sides.BOTH));
        Edge wrist = left(after, "sleeve").edge("wrist").orElseThrow();
        assertThat(wrist.allowance()).isCloseTo(25.4 + 6.35, within(MM));
        assertThat(wrist.corner()).isEqualTo(Corner.FOLDED);
    }

    @Test
    void evenAllowances_leaveTheFold() {
        Pattern after = done(new EvenAllowances(16, Sides.BOTH));
        for (Piece piece : after.pieces()) {
            for (Edge each : piece.edges()) {
                assertThat(each.allowance()).isEqualTo(piece.isFold(each) ? 0 : 16);
            }
        }
    }

    @Test
    void terms_takeApart_andPutTogether() {
        Alteration slash = new SlashAndFan(edge("sleeve.wrist"), "cap-back", 3, 12.5, true, Sides.LEFT);
        assertThat(AlterationValues.make("slash-and-fan", AlterationValues.of(slash)))
                .isEqualTo(slash);
        assertThat(AlterationValues.kind(TakeInSeam.class)).isEqualTo("take-in-seam");
        assertThatThrownBy(() -> AlterationValues.make("slash-and-fan", Map.of("open", "sleeve.wrist")))
                .hasMessageContaining("\"hinge\" must be given");
        assertThatThrownBy(() -> AlterationValues.type("cut-to-ribbons")).hasMessageContaining("cut-to-ribbons");
    }

    @Test
    void changedDart_keepsItsMouthOnTheWaist() {
        Pattern after = done(new ChangeDart(edge("front.waist"), 6, 10, 0, 0, Sides.BOTH));
        Piece front = left(after, "front");
        assertThat(front.darts().get(0).first().distanceTo(front.darts().get(0).second()))
                .isCloseTo(26, within(MM));
        assertThat(START.girth("waist", List.of("front")) - after.girth("waist", List.of("front")))
                .isBetween(10.0, 12.1);
    }

    @Test
    void dartTakenOut_givesItsWidthBack_onBothSides() {
        Pattern closed = done(new ChangeDart(edge("front.waist"), -20, 0, 0, 0, Sides.BOTH));
        assertThat(left(closed, "front").darts()).isEmpty();
        assertThat(left(closed, "front").edges()).noneMatch(each -> each.name().equals("dart-mouth"));
        assertThat(closed.girth("waist", List.of("front")) - START.girth("waist", List.of("front")))
                .isBetween(36.0, 40.1);
        assertThat(refusal(new ChangeDart(edge("front.waist"), -20, 0, 0, 0, Sides.LEFT)))
                .contains("both sides");
    }
}
