package org.soberhem.library.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AmountsEntry;
import org.soberhem.core.alter.NearestPlace;
import org.soberhem.core.alter.Places;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.GarmentJoin;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.judging.StringLine;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;

/** What makers do to a pattern, each move on the sheets where it is usual. Amounts are common practice, from memory. */
class MakersMovesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double IN = 25.4;

    /** What a maker can measure with a tape. */
    private static final double TAPE = IN / 32;

    static Pattern sheet(String id) {
        var sheet = LIBRARY.sheet(id).orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    static AlterationKind kind(String id) {
        return LIBRARY.alterations().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Returns an alteration with its usual places and no amounts but those given, as its form begins. */
    static Alteration alteration(Pattern pattern, String id, Map<String, Object> given) {
        AlterationKind kind = kind(id);
        Map<String, Object> answers = new HashMap<>(kind.usual(pattern).orElse(Map.of()));
        kind.asks().stream()
                .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                .forEach(ask -> answers.put(ask.name(), 0.0));
        answers.putAll(given);
        return kind.make(answers, Sides.BOTH);
    }

    static Pattern made(Pattern pattern, String id, Map<String, Object> given) {
        Outcome outcome = alteration(pattern, id, given).apply(pattern);
        assertThat(outcome.refusal().map(why -> why.in(LengthFormat.INCH_EIGHTHS)))
                .as(id)
                .isEmpty();
        return outcome.pattern();
    }

    static Pattern madeTrue(Pattern pattern, String id, Map<String, Object> given) {
        Outcome outcome = alteration(pattern, id, given).apply(pattern);
        return outcome.completed().map(whole -> whole.apply(pattern).pattern()).orElse(outcome.pattern());
    }

    static Object amounts(String typed) {
        return AmountsEntry.parse(typed, LengthUnit.INCH);
    }

    static EdgeRef edge(String words) {
        return EdgeRef.parse(words);
    }

    static Piece left(Pattern pattern, String piece) {
        return pattern.piece(piece, Side.LEFT).orElseThrow();
    }

    private static List<String> round(Pattern pattern) {
        return pattern.pieces().stream()
                .filter(piece -> piece.spans().isPresent())
                .map(Piece::name)
                .distinct()
                .toList();
    }

    static double girth(Pattern pattern, String level) {
        return pattern.girth(level, round(pattern));
    }

    /** Names of the pieces whose outline changed. */
    private static Set<String> changed(Pattern before, Pattern after) {
        Set<String> changed = new TreeSet<>();
        for (Piece piece : after.pieces()) {
            boolean same = before.piece(piece.name(), piece.side())
                    .filter(was -> was.edges().equals(piece.edges()))
                    .isPresent();
            if (!same) {
                changed.add(piece.name());
            }
        }
        return changed;
    }

    @Test
    void p1_shortenAtTheWaist_takesAsMuchOutOfTheCentreFront() {
        Pattern gown = sheet("gown-bodice-1785");
        Pattern shorter = made(gown, "raise-waistline", Map.of("atFront", -IN, "atSide", -IN, "atBack", -IN));
        double before = gown.length(edge("front.centre"), Side.LEFT);
        assertThat(shorter.length(edge("front.centre"), Side.LEFT)).isCloseTo(before - IN, within(TAPE));
    }

    @Test
    void p1_whatIsAddedAtTheWaist_lowersABodice_andRaisesASkirt_dartsIncluded() {
        Map<String, Object> half = Map.of("atFront", IN / 2, "atSide", IN / 2, "atBack", IN / 2);
        for (String id : List.of("gown-bodice-1785", "walking-skirt-1906")) {
            Pattern before = sheet(id);
            Pattern after = made(before, "raise-waistline", half);
            boolean skirt = id.startsWith("walking");
            for (Piece piece : before.pieces()) {
                for (Edge edge : piece.edges()) {
                    if (piece.spans().isPresent() && edge.role() == Role.WAIST) {
                        double by = left(after, piece.name())
                                        .edge(edge.name())
                                        .orElseThrow()
                                        .path()
                                        .atShare(0.5)
                                        .y()
                                - edge.path().atShare(0.5).y();
                        assertThat(skirt ? -by : by)
                                .as("%s %s %s", id, piece.name(), edge.name())
                                .isCloseTo(IN / 2, within(IN / 16));
                    }
                }
            }
        }
    }

    @Test
    void p2_takeInTheSideSeam_ofAGown_movesOnlyTheTwoSideSeams() {
        Pattern gown = sheet("gown-bodice-1785");
        Pattern taken = made(gown, "take-in-seam", Map.of("atTop", IN / 2, "atBottom", IN / 2));
        assertThat(changed(gown, taken)).containsExactly("front", "side-back");
        assertThat(girth(taken, "bust")).isCloseTo(girth(gown, "bust") - IN, within(TAPE));
        assertThat(taken.length(edge("back.side-back"), Side.LEFT))
                .isEqualTo(gown.length(edge("back.side-back"), Side.LEFT));
    }

    @Test
    void p2_takeInTheSideSeam_ofASuit_leavesTheShoulder() {
        Pattern suit = sheet("jacket-1911");
        Pattern taken = made(suit, "take-in-seam", Map.of("atTop", IN / 2, "atBottom", IN / 2));
        assertThat(changed(suit, taken)).containsExactly("side-back", "side-front");
    }

    @Test
    void p2_gusset_liesUnderTheArm_onEveryFittedBodice() {
        for (String id : List.of("gown-bodice-1785", "jacket-1778", "bodice-1869", "bodice-1883", "jacket-1911")) {
            Pattern pattern = sheet(id);
            EdgeRef place = (EdgeRef)
                    kind("underarm-gusset").usual(pattern).orElseThrow().get("edge");
            assertThat(SeamRole.SIDE_SEAM.is(pattern, place)).as(id).isTrue();
        }
    }

    @Test
    void p2_twoSeamsThatFit_areBothOffered() {
        Pattern corset = sheet("corset-1900");
        var ask = kind("princess-room").asks().get(0);
        List<Object> places = Places.of(corset, ask.as(), Optional.empty());
        assertThat(ask.fitting(corset, places, List.of()))
                .contains(edge("front.back-seam"), edge("side-front.front-seam"));
    }

    @Test
    void p3_roomForTheBust_atThePrincessSeams_isNothingAtWaistAndHip() {
        for (String id : List.of("jacket-1911", "frock-1953", "bathing-suit-1957")) {
            Pattern before = sheet(id);
            Pattern after = madeTrue(before, "princess-room", Map.of("amount", -IN / 2));
            assertThat(girth(after, "bust") - girth(before, "bust")).as(id).isCloseTo(IN, within(TAPE));
            assertThat(girth(after, "waist") - girth(before, "waist")).as(id).isCloseTo(0, within(TAPE));
            if (before.pieces().get(0).levels().containsKey("hip")) {
                assertThat(girth(after, "hip") - girth(before, "hip")).as(id).isCloseTo(0, within(TAPE));
            }
        }
    }

    @Test
    void p4_centreBackSeam_takesEachAmountAtItsHeight() {
        Pattern bodice = sheet("bodice-1869");
        Pattern after = made(
                bodice,
                "shape-line",
                Map.of("edge", edge("back.centre"), "amounts", amounts("bust 1/2, waist 1, bottom 1")));
        assertThat(girth(bodice, "bust") - girth(after, "bust")).isCloseTo(IN / 2, within(TAPE));
        assertThat(girth(bodice, "waist") - girth(after, "waist")).isCloseTo(IN, within(TAPE));
    }

    @Test
    void p4_nothingBelowALength_leavesTheRestOfTheSeamWhereItWas() {
        Pattern suit = sheet("jacket-1911");
        Pattern after = madeTrue(
                suit,
                "shape-line",
                Map.of("edge", edge("back.centre"), "amounts", amounts("top 1/2, 3 in from the top 0")));
        double there = left(suit, "back").edge("centre").orElseThrow().path().length() - 3 * IN;
        assertThat(farthest(suit, after, "back", "centre", there)).isLessThan(0.1);
        assertThat(girth(after, "waist")).isCloseTo(girth(suit, "waist"), within(0.1));
    }

    /** How far a line moved within a length from its lower end, in millimetres. */
    private static double farthest(Pattern before, Pattern after, String piece, String name, double length) {
        var was = left(before, piece).edge(name).orElseThrow().path();
        var is = left(after, piece).edge(name).orElseThrow().path();
        boolean down = was.start().y() < was.end().y();
        double worst = 0;
        for (int i = 0; i <= 20; i++) {
            double up = length * 0.99 * i / 20;
            Point at = was.atShare(down ? 1 - up / was.length() : up / was.length());
            double nearest = is.flattened(0.01).stream()
                    .mapToDouble(at::distanceTo)
                    .min()
                    .orElseThrow();
            var points = is.flattened(0.01);
            for (int k = 1; k < points.size(); k++) {
                nearest = Math.min(nearest, distance(at, points.get(k - 1), points.get(k)));
            }
            worst = Math.max(worst, nearest);
        }
        return worst;
    }

    private static double distance(Point at, Point from, Point to) {
        Point along = to.minus(from);
        double share = Math.max(0, Math.min(1, at.minus(from).dot(along) / along.dot(along)));
        return at.distanceTo(from.towards(to, share));
    }

    @Test
    void p8_sliver_outOfAnOpenCentreBack_isTheWedgeAtTheNeck_andNothingAtTheWaist() {
        for (String id : List.of("gown-bodice-1785", "bodice-1883", "frock-1953")) {
            Pattern before = sheet(id);
            Pattern after = madeTrue(before, "neck-wedge", Map.of("atTop", 3 * IN / 8));
            Edge was = left(before, "back").edge("centre").orElseThrow();
            Edge is = left(after, "back").edge("centre").orElseThrow();
            assertThat(top(is).distanceTo(top(was))).as(id).isCloseTo(3 * IN / 16, within(TAPE));
            assertThat(bottom(is).distanceTo(bottom(was))).as(id).isLessThan(0.1);
        }
    }

    @Test
    void p8_openingEdge_isCurvedOutUnderTheBust_andStaysAboveIt() {
        Pattern bodice = sheet("bodice-1530");
        Pattern after = made(
                bodice,
                "shape-line",
                Map.of(
                        "edge", edge("front.centre"),
                        "amounts", amounts("top 0, bust 0, under-bust -1, waist 0")));
        assertThat(girth(after, "under-bust") - girth(bodice, "under-bust")).isCloseTo(IN, within(TAPE));
        assertThat(girth(after, "bust") - girth(bodice, "bust")).isCloseTo(0, within(0.1));
        assertThat(girth(after, "waist") - girth(bodice, "waist")).isCloseTo(0, within(0.1));
    }

    private static Point top(Edge edge) {
        var path = edge.path();
        return path.start().y() < path.end().y() ? path.start() : path.end();
    }

    private static Point bottom(Edge edge) {
        return edge.path().start().y() < edge.path().end().y()
                ? edge.path().end()
                : edge.path().start();
    }

    @Test
    void p17_aDifferenceBelowASixteenth_isTruedAndTold() {
        Pattern frock = sheet("frock-1953");
        Outcome outcome =
                alteration(frock, "princess-room", Map.of("amount", -IN / 4)).apply(frock);
        assertThat(outcome.refusal()).isEmpty();
        assertThat(outcome.trued()).isNotEmpty();
        assertThat(outcome.pattern().seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @Test
    void p19_anAmountThatCannotBeMade_isOfferedAtTheLargestThatCan() {
        Pattern gown = sheet("gown-bodice-1785");
        AlterationKind kind = kind("lengthen-at-level");
        Map<String, Object> answers = new HashMap<>(kind.usual(gown).orElseThrow());
        answers.putAll(Map.of("atFront", -6 * IN, "atSide", -6 * IN, "atBack", -6 * IN));
        Alteration tooMuch = kind.make(answers, Sides.BOTH);
        assertThat(tooMuch.apply(gown).refusal()).isPresent();
        Map<String, Object> largest = kind.largest(answers, Sides.BOTH, gown).orElseThrow();
        assertThat((Double) largest.get("atBack")).isBetween(-6 * IN + 0.1, -IN);
        assertThat(kind.make(largest, Sides.BOTH).apply(gown).refusal()).isEmpty();
    }

    @Test
    void p5_neckOfAStrapToppedPiece_isLoweredBetweenTheStraps() {
        Pattern bodice = sheet("bodice-1530");
        Pattern lower = made(bodice, "raise-neckline", Map.of("atFront", -IN));
        Edge inner = left(bodice, "front").edge("strap-inner").orElseThrow();
        assertThat(left(lower, "front").edge("strap-inner").orElseThrow().path())
                .isEqualTo(inner.path());
        Point was = left(bodice, "front").edge("neck").orElseThrow().path().start();
        Point is = left(lower, "front").edge("neck").orElseThrow().path().start();
        assertThat(is.y() - was.y()).isCloseTo(IN, within(TAPE));
    }

    @Test
    void p5_strapless_endsEveryPieceAboveTheBust_andKeepsTheSeamsTrue() {
        for (String id : List.of("bodice-1530", "gown-bodice-1785", "frock-1953")) {
            Pattern before = sheet(id);
            Pattern after = made(before, "strapless", Map.of("below", -IN / 2));
            assertThat(girth(after, "bust")).as(id).isCloseTo(girth(before, "bust"), within(TAPE));
            assertThat(after.pieces().stream().flatMap(piece -> piece.edges().stream()))
                    .as(id)
                    .noneMatch(edge -> edge.role() == Role.SHOULDER);
            assertThat(after.seamChecks().stream().filter(check -> check.seam().kind() == Seam.Kind.PLAIN))
                    .as(id)
                    .allMatch(SeamCheck::isTrue);
        }
    }

    @Test
    void p6_stringFromTheBustPoint_tellsHowTheStrapLeans_andTheNecklinesWidth() {
        CompiledSheet sheet = LIBRARY.sheet("bodice-1530").orElseThrow();
        Pattern bodice = sheet("bodice-1530");
        EdgeRef end = edge("front.shoulder");
        StringLine before = StringLine.of(bodice, end, sheet.middle()).orElseThrow();
        assertThat(before.bust().x()).as("a fifth of the bust apart").isCloseTo(3.6 * IN, within(0.1));
        Pattern turned = made(bodice, "turn-strap", Map.of("edge", end, "degrees", 8.0));
        StringLine after = StringLine.of(turned, end, sheet.middle()).orElseThrow();
        assertThat(after.strap() + after.lean() - before.strap() - before.lean())
                .isCloseTo(8, within(0.05));
        assertThat(after.inner()).isLessThan(before.inner() - 5);
        assertThat(after.sentence().in(LengthFormat.INCH_EIGHTHS))
                .contains("The neckline is 8¾ in wide between the straps")
                .contains("at the shoulder");
        assertThat(StringLine.of(bodice, edge("back.shoulder"), sheet.middle())).isEmpty();
        assertThat(StringLine.of(sheet("bodice-1869"), edge("front.shoulder"), sheet.middle()))
                .as("a plain shoulder is no strap")
                .isEmpty();
    }

    @Test
    void p7_strapsFartherOut_areJudgedAgainstThePeriod_onPaper() {
        Alteration out =
                alteration(sheet("bodice-1530"), "strap-out", Map.of("edge", edge("front.shoulder"), "out", IN / 2));
        double before = worked("bodice-1530").quantities().get("strap-outset-from-neck-point");
        double after = worked("bodice-1530", out).quantities().get("strap-outset-from-neck-point");
        assertThat(before).isCloseTo(2.5 * IN, within(0.5));
        assertThat(after - before).as("its inner end turns a little with it").isBetween(IN / 2, IN * 5 / 8);
    }

    private static DraftedGarment worked(String id, Alteration... alterations) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return DraftedGarment.of(sheet, sheet.middle(), List.of(alterations));
    }

    private static List<String> asked(DraftedGarment work) {
        assertThat(work.refused()).isEmpty();
        return work.questions().stream()
                .filter(PatternQuestion::isOpen)
                .map(PatternQuestion::name)
                .toList();
    }

    @Test
    void p5_strapless_asksWhatHoldsItUp_untilItIsSaid() {
        Alteration off = alteration(sheet("frock-1953"), "strapless", Map.of("below", -IN / 2));
        assertThat(asked(worked("frock-1953"))).isEmpty();
        assertThat(asked(worked("frock-1953", off))).containsExactly("what holds it up");
        Alteration boned =
                alteration(sheet("frock-1953"), "leave-so", Map.of("what", "what holds it up", "why", "ten bones"));
        DraftedGarment settled = worked("frock-1953", off, boned);
        assertThat(asked(settled)).isEmpty();
        assertThat(settled.questions().get(0).sentence().in(LengthFormat.INCH_EIGHTHS))
                .endsWith("ties? (left so: ten bones)");
    }

    @Test
    void p5_strapless_isNoLongerJudgedByWhatReachedAboveIt_andItsSleevesGoWithIt() {
        Alteration off = alteration(sheet("bodice-1869"), "strapless", Map.of("below", -IN));
        DraftedGarment work = worked("bodice-1869", off);
        assertThat(work.refused()).isEmpty();
        assertThat(work.pattern().names()).doesNotContain("sleeve");
        assertThat(work.checks()).allMatch(CheckResult::isJudged);
        assertThat(work.checks())
                .filteredOn(check -> check.name().equals("back length"))
                .allMatch(CheckResult::isLeftSo);
        assertThat(work.checks())
                .filteredOn(check -> check.name().equals("bust girth"))
                .noneMatch(CheckResult::isLeftSo);
    }

    @Test
    void p23_aStrapTurnedFarOffTheGrain_asks_andItsOwnGrainAnswers() {
        EdgeRef end = edge("front.shoulder");
        Pattern bodice = sheet("bodice-1530");
        Alteration turned = alteration(bodice, "turn-strap", Map.of("edge", end, "degrees", -10.0));
        assertThat(asked(worked("bodice-1530"))).isEmpty();
        assertThat(asked(worked("bodice-1530", turned))).containsExactly("front strap off the grain");
        Alteration apart = alteration(
                turned.apply(bodice).pattern(),
                "separate-strap",
                Map.of("piece", "front", "depth", 4.2 * IN, "grain", 19.0));
        assertThat(asked(worked("bodice-1530", turned, apart))).isEmpty();
    }

    @Test
    void p21_aRowOfButtons_asksForOneAtTheBust_andAtTheWaist() {
        Pattern bodice = sheet("bodice-1883");
        Alteration wide = alteration(bodice, "add-buttons", Map.of("count", 2.0, "first", IN / 2, "over", 11 * IN));
        assertThat(asked(worked("bodice-1883", wide))).contains("no button at the bust");
        Alteration close = alteration(bodice, "add-buttons", Map.of("count", 13.0, "first", IN / 2, "over", 11 * IN));
        assertThat(asked(worked("bodice-1883", close))).isEmpty();
    }

    @Test
    void p18_leavingSo_whatIsNotThere_settlesNothing_andSaysWhatThereIs() {
        Alteration nothing =
                alteration(sheet("frock-1953"), "leave-so", Map.of("what", "no such seam", "why", "because"));
        assertThat(worked("frock-1953", nothing).refused().get(0).in(LengthFormat.INCH_EIGHTHS))
                .startsWith("No seam, check or question is called \"no such seam\" here; there are bust girth");
    }

    @Test
    void p6_strapLeansInward_aboutItsRoot_andKeepsItsLength() {
        Pattern bodice = sheet("bodice-1530");
        EdgeRef end = edge("front.shoulder");
        Strap was = Strap.below(left(bodice, "front"), "shoulder");
        Pattern after = made(bodice, "turn-strap", Map.of("edge", end, "degrees", 10.0));
        Edge is = left(after, "front").edge("shoulder").orElseThrow();
        Point now = is.path().atShare(0.5);
        assertThat(now.x()).as("towards the centre").isLessThan(was.end().x() - 5);
        assertThat(now.distanceTo(was.root())).isCloseTo(was.length(), within(TAPE));
        assertThat(is.path().length()).isCloseTo(bodice.length(end, Side.LEFT), within(0.01));
    }

    @Test
    void p7_strapsFartherOut_moveTheirEndsOnly() {
        Pattern bodice = sheet("bodice-1580");
        Pattern after = bodice;
        for (String piece : List.of("front", "back")) {
            after = made(after, "strap-out", Map.of("edge", edge(piece + ".shoulder"), "out", IN / 2));
            double was = left(bodice, piece)
                    .edge("shoulder")
                    .orElseThrow()
                    .path()
                    .atShare(0.5)
                    .x();
            assertThat(left(after, piece)
                            .edge("shoulder")
                            .orElseThrow()
                            .path()
                            .atShare(0.5)
                            .x())
                    .isCloseTo(was + IN / 2, within(TAPE));
        }
        assertThat(girth(after, "bust")).isCloseTo(girth(bodice, "bust"), within(0.1));
    }

    @Test
    void p9_facing_followsTheEdgeThatItFaces() {
        Pattern gown = sheet("gown-bodice-1785");
        Pattern faced =
                made(gown, "add-facing", Map.of("edge", edge("front.neck"), "width", 1.5 * IN, "smaller", IN / 16));
        Pattern lower = made(faced, "raise-neckline", Map.of("atFront", -IN));
        double edge = lower.length(edge("front.neck"), Side.LEFT);
        double facing = lower.length(edge("front-facing.outer"), Side.LEFT);
        assertThat(edge).isGreaterThan(gown.length(edge("front.neck"), Side.LEFT) + 5);
        assertThat(facing).isCloseTo(edge, within(IN / 8));
        Point end =
                left(lower, "front-facing").edge("outer").orElseThrow().path().start();
        assertThat(end.distanceTo(
                        left(lower, "front").edge("neck").orElseThrow().path().start()))
                .isCloseTo(IN / 16, within(0.2));
    }

    @Test
    void p10_collarIsSpread_atItsOuterEdge_andKeepsItsNeckEdge() {
        for (String id : List.of("bodice-1883", "jacket-1911")) {
            Pattern before = sheet(id);
            String outer = id.equals("jacket-1911") ? "collar.outer" : "collar.upper";
            Pattern after = made(before, "collar-spread", Map.of("each", IN / 8));
            assertThat(after.length(edge(outer), Side.LEFT) - before.length(edge(outer), Side.LEFT))
                    .as(id)
                    .isCloseTo(3 * IN / 8, within(TAPE));
            assertThat(after.length(edge("collar.lower"), Side.LEFT))
                    .as(id)
                    .isCloseTo(before.length(edge("collar.lower"), Side.LEFT), within(0.5));
        }
    }

    @Test
    void p11_overlapIsWidened_withLapelAndRollLine_andTheGorgeStays() {
        Pattern suit = sheet("jacket-1911");
        Pattern after = made(suit, "widen-lap", Map.of("amount", 1.5 * IN));
        for (String name : List.of("front-edge", "lapel")) {
            Point was = left(suit, "front").edge(name).orElseThrow().path().end();
            Point is = left(after, "front").edge(name).orElseThrow().path().end();
            assertThat(was.x() - is.x()).as(name).isCloseTo(1.5 * IN, within(TAPE));
        }
        assertThat(after.length(edge("front.gorge"), Side.LEFT)).isEqualTo(suit.length(edge("front.gorge"), Side.LEFT));
        assertThat(girth(after, "bust")).isCloseTo(girth(suit, "bust"), within(0.01));
    }

    @Test
    void p11_notch_isCutHalfAsDeep() {
        Pattern suit = sheet("jacket-1911");
        double depth = suit.length(edge("front.lapel-top"), Side.LEFT);
        Pattern after = madeTrue(suit, "shape-lapel", Map.of("deeper", -depth / 2));
        assertThat(after.length(edge("front.lapel-top"), Side.LEFT)).isCloseTo(depth / 2, within(TAPE));
    }

    @Test
    void p12_sideIsMerged_andShapedByThreeDarts() {
        Pattern blouse = sheet("blouse-1906");
        Pattern merged = made(blouse, "join-pieces", Map.of());
        EdgeRef hem = merged.pieces().stream()
                .filter(piece -> piece.spans().isPresent())
                .flatMap(piece -> piece.edges().stream()
                        .filter(edge -> edge.role() == Role.HEM)
                        .map(edge -> new EdgeRef(piece.name(), edge.name())))
                .max(Comparator.comparingDouble(ref -> merged.length(ref, Side.LEFT)))
                .orElseThrow();
        Pattern after = made(
                merged,
                "darts-add",
                Map.of("edge", hem, "count", 3, "from", 0.2, "to", 0.8, "width", 1.5 * IN, "length", 4 * IN));
        assertThat(left(after, hem.piece()).darts())
                .hasSize(left(merged, hem.piece()).darts().size() + 3);
        assertThat(merged.length(hem, Side.LEFT) - after.length(hem, Side.LEFT)).isCloseTo(1.5 * IN, within(TAPE));
        assertThat(girth(after, "bust")).isCloseTo(girth(merged, "bust"), within(0.1));
    }

    @Test
    void p12_dartFromArmpitToHem_isDividedIntoThree_andTheWaistIsKept() {
        Pattern suit = sheet("jacket-1911");
        Pattern merged = made(suit, "join-pieces", Map.of());
        Piece side = merged.pieces().stream()
                .filter(piece -> piece.darts().size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(girth(merged, "waist")).as("joined").isCloseTo(girth(suit, "waist"), within(IN / 16));
        EdgeRef dart = new EdgeRef(side.name(), side.darts().get(0).name());
        Pattern after = made(merged, "dart-divide", Map.of("dart", dart, "count", 3, "apart", 1.25 * IN));
        assertThat(left(after, side.name()).darts()).hasSize(6);
        assertThat(girth(after, "waist")).isCloseTo(girth(merged, "waist"), within(TAPE));
        assertThat(left(after, side.name()).edges())
                .isEqualTo(left(merged, side.name()).edges());
    }

    @Test
    void p13_puffOfATwoPieceSleeve_leavesItsSeamsTrue_andTheOppositeTakesItOut() {
        Pattern sleeve = sheet("sleeve-1895");
        for (double inches : new double[] {0.125, 1, 2, 4}) {
            Pattern puffed = made(sleeve, "puff-top", Map.of("amount", inches * IN, "within", 2.5 * IN));
            assertThat(puffed.seamChecks()).as(inches + " in").allMatch(SeamCheck::isTrue);
            assertThat(puffed.length(edge("top-sleeve.cap-front"), Side.LEFT))
                    .isGreaterThan(sleeve.length(edge("top-sleeve.cap-front"), Side.LEFT));
            Pattern back = made(puffed, "puff-top", Map.of("amount", -inches * IN, "within", 2.5 * IN));
            assertThat(back.length(edge("top-sleeve.cap-front"), Side.LEFT))
                    .isCloseTo(sleeve.length(edge("top-sleeve.cap-front"), Side.LEFT), within(0.05));
        }
    }

    @Test
    void p14_sleeveEndsAtTheElbow_andItsCuffIsJudgedThere() {
        CompiledSheet blouse = LIBRARY.sheet("blouse-1906").orElseThrow();
        Pattern pattern = sheet("blouse-1906");
        Alteration cut = alteration(pattern, "cut-sleeve", Map.of());
        Inputs inputs = blouse.middle().with("elbow-bent", Inputs.Measured.both(10.5 * IN));
        DraftedGarment garment = DraftedGarment.of(blouse, inputs, List.of(cut));
        assertThat(garment.refused()).isEmpty();
        assertThat(garment.pattern().has(List.of(edge("sleeve.wrist")))).isTrue();
        CheckResult cuff = garment.checks().stream()
                .filter(check -> check.name().equals("closed cuff"))
                .findFirst()
                .orElseThrow();
        assertThat(cuff.body()).isCloseTo(10.5 * IN, within(0.01));
        assertThat(garment.checks().stream().filter(check -> check.name().equals("sleeve with cuff")))
                .allMatch(CheckResult::isLeftSo);
    }

    @Test
    void p14_sevenInches_comeOutOfTheMiddleOfASleeve_inOneStep() {
        Pattern blouse = sheet("blouse-1906");
        Pattern shorter = made(blouse, "sleeve-middle", Map.of("atFront", -7 * IN, "atBack", -7 * IN));
        for (String seam : List.of("sleeve.seam-front", "sleeve.seam-back")) {
            assertThat(height(blouse, seam) - height(shorter, seam)).as(seam).isCloseTo(7 * IN, within(TAPE));
        }
        assertThat(shorter.length(edge("sleeve.wrist"), Side.LEFT))
                .isCloseTo(blouse.length(edge("sleeve.wrist"), Side.LEFT), within(TAPE));
    }

    private static double height(Pattern pattern, String seam) {
        var path = pattern.edges(edge(seam), Side.LEFT).get(0).path();
        return Math.abs(path.end().y() - path.start().y());
    }

    @Test
    void p22_frenchSeam_andCasing_giveTheirAllowances() {
        Pattern blouse = sheet("blouse-1906");
        Pattern french = made(blouse, "sew-seam", Map.of("sewing", "french", "amount", 5 * IN / 8));
        assertThat(left(french, "back").edge("side").orElseThrow().allowance()).isEqualTo(5 * IN / 8);
        assertThat(left(french, "front").edge("side").orElseThrow().allowance()).isEqualTo(5 * IN / 8);
        Pattern cased =
                made(blouse, "sew-seam", Map.of("edge", edge("front.hem"), "sewing", "casing", "amount", IN / 2));
        assertThat(left(cased, "front").edge("hem").orElseThrow().allowance()).isEqualTo(3 * IN / 4);
    }

    @Test
    void p15_yokeIsAddedAboveALowBack_narrower_andTheBackIsGatheredIntoIt() {
        Pattern bodice = sheet("bodice-1530");
        Pattern after = made(bodice, "add-above", Map.of("edge", edge("back.neck"), "height", 3 * IN, "narrower", IN));
        Piece yoke = left(after, "back/yoke");
        assertThat(yoke.seamLine().box().height()).isGreaterThanOrEqualTo(3 * IN - 0.1);
        assertThat(bodice.length(edge("back.neck"), Side.LEFT)
                        - yoke.edge("lower").orElseThrow().path().length())
                .isCloseTo(IN, within(TAPE));
        assertThat(after.seamChecks()).allMatch(SeamCheck::isTrue);
        assertThat(yoke.edge("centre").orElseThrow().allowance())
                .as("nothing is added beyond the fold")
                .isEqualTo(left(bodice, "back").edge("centre").orElseThrow().allowance());
        Pattern stays = made(sheet("stays-1780"), "add-above", Map.of("edge", edge("side-front.top"), "height", IN));
        assertThat(left(stays, "side-front/yoke").edges())
                .extracting(Edge::name)
                .doesNotHaveDuplicates();
    }

    @Test
    void p15_strapIsShortened_alongItself_andKeepsItsBreadth() {
        Pattern bodice = sheet("bodice-1530");
        Pattern after = made(bodice, "strap-length", Map.of("edge", edge("front.shoulder"), "amount", -3 * IN / 2));
        Strap was = Strap.below(left(bodice, "front"), "shoulder");
        Strap is = Strap.below(left(after, "front"), "shoulder");
        assertThat(was.length() - is.length()).isCloseTo(1.5 * IN, within(IN / 16));
        assertThat(after.length(edge("front.shoulder"), Side.LEFT))
                .isCloseTo(bodice.length(edge("front.shoulder"), Side.LEFT), within(0.01));
        assertThat(after.length(edge("front.neck"), Side.LEFT)).isEqualTo(bodice.length(edge("front.neck"), Side.LEFT));
    }

    @Test
    void p15_aYokeAboveTheBack_offersTheStrapsShorterByItsHeight() {
        Pattern bodice = sheet("bodice-1530");
        Alteration yoke = alteration(bodice, "add-above", Map.of("edge", edge("back.neck"), "height", 3 * IN));
        assertThat(yoke.goesWith(yoke.apply(bodice).pattern()))
                .extracting(each -> each.sentence().in(LengthFormat.INCH_EIGHTHS))
                .containsExactly("Shorten the strap at the front shoulder by 3 in");
    }

    @Test
    void p9_liningFollowsItsPiece_andAsksIfItCannot() {
        Pattern bodice = sheet("bodice-1883");
        Alteration lining =
                alteration(bodice, "add-lining", Map.of("piece", "front", "smaller", 0.0, "longer", IN / 2));
        Alteration taken = alteration(bodice, "take-in-seam", Map.of("atTop", IN / 2, "atBottom", IN / 2));
        DraftedGarment work = worked("bodice-1883", lining, taken);
        assertThat(asked(work)).isEmpty();
        assertThat(work.pattern().length(edge("front-lining.side"), Side.LEFT))
                .isCloseTo(work.pattern().length(edge("front.side"), Side.LEFT) + IN / 2, within(IN / 16));
        assertThat(left(work.pattern(), "front-lining").cut()).containsOnlyKeys("lining");
        assertThat(left(work.pattern(), "front").cut()).doesNotContainKey("lining");
        Alteration beside =
                alteration(bodice, "add-lining", Map.of("piece", "side-back", "smaller", 0.0, "longer", 0.0));
        Alteration joined = alteration(bodice, "join-pieces", Map.of("edge", edge("front.side")));
        assertThat(asked(worked("bodice-1883", beside, joined)))
                .containsExactly("side-back-lining no longer as the side-back");
    }

    @Test
    void p9_aLineSewnToAnotherGarment_failsByName_whenOneIsAltered() {
        Pattern bodice = sheet("gown-bodice-1785");
        Alteration sewn = alteration(
                bodice,
                "sew-to",
                Map.of("line", "waist", "garment", "Petticoat", "otherLine", "waist", "fullness", 1.0));
        Map<String, Pattern> same = Map.of("Bodice", bodice, "Petticoat", bodice);
        assertThat(GarmentJoin.of("Bodice", List.of(sewn), same)).allMatch(GarmentJoin::isTrue);
        Pattern taken = made(bodice, "take-in-seam", Map.of("atTop", 0.0, "atBottom", IN / 2));
        GarmentJoin apart = GarmentJoin.of("Bodice", List.of(sewn), Map.of("Bodice", taken, "Petticoat", bodice))
                .get(0);
        assertThat(apart.isTrue()).isFalse();
        assertThat(apart.sentence().in(LengthFormat.INCH_EIGHTHS))
                .contains("to waist of the Petticoat")
                .endsWith("too short");
        Alteration full = alteration(
                bodice,
                "sew-to",
                Map.of("line", "waist", "garment", "Petticoat", "otherLine", "waist", "fullness", 2.0));
        assertThat(GarmentJoin.of("Bodice", List.of(full), same)
                        .get(0)
                        .sentence()
                        .in(LengthFormat.INCH_EIGHTHS))
                .contains("drawn up to")
                .endsWith("too short");
        assertThat(GarmentJoin.of("Bodice", List.of(sewn), Map.of("Bodice", bodice))
                        .get(0)
                        .isTrue())
                .isFalse();
        assertThat(alteration(
                                bodice,
                                "sew-to",
                                Map.of("line", "tail", "garment", "x", "otherLine", "waist", "fullness", 1.0))
                        .apply(bodice)
                        .refusal()
                        .orElseThrow()
                        .in(LengthFormat.INCH_EIGHTHS))
                .startsWith("There is no line \"tail\"; there are");
    }

    @Test
    void p22_interfacing_isSmallerAllRound_andEndsAtItsLevel() {
        Pattern suit = sheet("jacket-1911");
        Pattern after = made(suit, "add-interfacing", Map.of("piece", "front", "until", "bust", "smaller", IN / 2));
        var whole = left(suit, "front").seamLine();
        var inner = left(after, "front-interfacing").seamLine();
        double bust = left(suit, "front").levels().get("bust").from().y();
        assertThat(inner.box().maxY()).isCloseTo(bust, within(0.1));
        assertThat(inner.corners()).allMatch(whole::contains);
        double nearest = inner.corners().stream()
                .filter(at -> at.y() < bust - 1)
                .mapToDouble(at -> whole.corners().stream()
                        .mapToDouble(at::distanceTo)
                        .min()
                        .orElseThrow())
                .min()
                .orElseThrow();
        assertThat(nearest).isCloseTo(IN / 2, within(IN / 32));
    }

    @Test
    void p22_interfacing_downToALevelOnAnEdge_isRefusedInWords() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
            for (Piece piece : pattern.pieces()) {
                for (String level : piece.levels().keySet()) {
                    Outcome outcome = kind("add-interfacing")
                            .make(Map.of("piece", piece.name(), "until", level, "smaller", IN / 4), Sides.BOTH)
                            .apply(pattern);
                    outcome.refusal()
                            .ifPresent(why -> assertThat(why.in(LengthFormat.INCH_EIGHTHS))
                                    .matches(".*(choose|use) .*"));
                }
            }
        }
    }

    @Test
    void p22_interlining_ofAFold_staysOnTheFold() {
        Pattern bodice = sheet("bodice-1530");
        Pattern after = made(bodice, "add-interlining", Map.of("piece", "back", "smaller", IN / 8));
        Edge fold = left(after, "back-interlining").edge("centre").orElseThrow();
        assertThat(fold.path().start().x()).isEqualTo(0);
        var outer = left(bodice, "back").edge("side").orElseThrow().path().flattened(0.01);
        Point middle = left(after, "back-interlining")
                .edge("side")
                .orElseThrow()
                .path()
                .atShare(0.5);
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 1; i < outer.size(); i++) {
            nearest = Math.min(nearest, distance(middle, outer.get(i - 1), outer.get(i)));
        }
        assertThat(nearest).isCloseTo(IN / 8, within(0.05));
    }

    @Test
    void p22_pocket_marksBothEdgesOfItsSeam_andItsBagIsAPieceOfItsOwn() {
        Pattern skirt = sheet("walking-skirt-1906");
        Pattern after = made(
                skirt, "add-pocket", Map.of("below", 3 * IN, "opening", 6 * IN, "width", 7 * IN, "depth", 12 * IN));
        assertThat(left(after, "pocket").seamLine().box().width()).isCloseTo(7 * IN, within(0.01));
        assertThat(left(after, "pocket").seamLine().box().height()).isCloseTo(12 * IN, within(0.01));
        assertThat(left(after, "pocket").cut()).as("two bags a pocket").containsEntry("lining", 4);
        Pattern fold = made(
                sheet("blouse-1906"),
                "add-pocket",
                Map.of("edge", edge("back.side"), "opening", 4 * IN, "width", 5 * IN, "depth", 8 * IN));
        assertThat(left(fold, "pocket").cut())
                .as("also beside a piece on the fold")
                .containsEntry("lining", 4);
        assertThat(after.pieces().stream()
                        .filter(piece ->
                                piece.side() == Side.LEFT && !piece.name().equals("pocket"))
                        .flatMap(piece -> piece.notches().stream())
                        .filter(notch -> notch.name().startsWith("pocket")))
                .hasSize(4);
    }

    @Test
    void p16_widthIsAddedToTheBack_whereItIsPointedAt_andNothingElseMoves() {
        Pattern blouse = sheet("blouse-1906");
        Pattern after = madeTrue(
                blouse, "widen-here", Map.of("at", 0.6, "amounts", amounts("top 0, bust 0, waist 1, bottom 1")));
        assertThat(left(after, "back").widthAt("waist").orElseThrow()
                        - left(blouse, "back").widthAt("waist").orElseThrow())
                .isCloseTo(IN, within(TAPE));
        assertThat(left(after, "back").widthAt("bust").orElseThrow())
                .isCloseTo(left(blouse, "back").widthAt("bust").orElseThrow(), within(TAPE));
        assertThat(left(after, "front").widthAt("waist"))
                .isEqualTo(left(blouse, "front").widthAt("waist"));
        assertThat(left(after, "back").edge("shoulder"))
                .isEqualTo(left(blouse, "back").edge("shoulder"));
    }

    @Test
    void p18_collarLeftOff_settlesWhatJudgedIt() {
        CompiledSheet blouse = LIBRARY.sheet("blouse-1906").orElseThrow();
        Alteration off = alteration(sheet("blouse-1906"), "leave-off", Map.of("piece", "band"));
        DraftedGarment garment = DraftedGarment.of(blouse, blouse.middle(), List.of(off));
        assertThat(garment.refused()).isEmpty();
        assertThat(garment.seams()).allMatch(SeamCheck::isTrue);
        CheckResult band = garment.checks().stream()
                .filter(check -> check.name().equals("half collar band"))
                .findFirst()
                .orElseThrow();
        assertThat(band.passes()).isTrue();
        assertThat(band.sentence().in(LengthFormat.INCH_EIGHTHS)).contains("left so, the band is left off");
        DraftedGarment again = DraftedGarment.of(blouse, blouse.middle(), List.of());
        assertThat(again.checks()).noneMatch(CheckResult::isLeftSo);
    }

    @Test
    void p18_aSeamLeftSo_countsAsSettled() {
        Pattern wider = made(
                sheet("gown-bodice-1785"), "hollow-edge", Map.of("edge", edge("front.armscye"), "amount", 1.5 * IN));
        SeamCheck untrue = wider.seamChecks().stream()
                .filter(check -> !check.isTrue())
                .findFirst()
                .orElseThrow();
        Pattern left =
                made(wider, "leave-so", Map.of("what", untrue.seam().name(), "why", "it is gathered in by hand"));
        assertThat(left.seamChecks()).allMatch(SeamCheck::isTrue);
        assertThat(left.seamChecks().stream().map(check -> check.sentence().in(LengthFormat.INCH_EIGHTHS)))
                .anyMatch(told -> told.contains("left so"));
    }

    @Test
    void p23_grain_isTurnedByDegrees() {
        Pattern blouse = sheet("blouse-1906");
        Alteration turned = alteration(blouse, "change-grain", Map.of("piece", "sleeve", "degrees", 20.0));
        assertThat(turned.sentence().in(LengthFormat.INCH_EIGHTHS)).isEqualTo("Turn the grain of the sleeve by 20°");
        Point was =
                left(blouse, "sleeve").grainTo().minus(left(blouse, "sleeve").grainFrom());
        Piece is = left(turned.apply(blouse).pattern(), "sleeve");
        Point now = is.grainTo().minus(is.grainFrom());
        assertThat(Math.toDegrees(Math.acos(was.unit().dot(now.unit())))).isCloseTo(20, within(0.01));
    }

    @Test
    void p21_nineButtonsOverSixteenInches_areMarked_andCounted() {
        CompiledSheet blouse = LIBRARY.sheet("blouse-1906").orElseThrow();
        Pattern pattern = sheet("blouse-1906");
        Alteration row = alteration(
                pattern, "add-buttons", Map.of("count", 9, "first", IN / 2, "over", 16 * IN, "inside", IN / 2));
        assertThat(row.sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("9 buttons at the front stand: the first ½ in below its top, then 2 in apart");
        Pattern marked = row.apply(pattern).pattern();
        List<MarkLine> buttons = left(marked, "front").lines().stream()
                .filter(line -> line.name().startsWith("button "))
                .toList();
        assertThat(buttons).hasSize(9);
        for (int i = 1; i < buttons.size(); i++) {
            assertThat(buttons.get(i).from().distanceTo(buttons.get(i - 1).from()))
                    .isCloseTo(2 * IN, within(TAPE));
        }
        assertThat(left(marked, "front")
                        .seamLine()
                        .contains(buttons.get(0).from().towards(buttons.get(0).to(), 0.5)))
                .isTrue();
        assertThat(Checks.notions(blouse, blouse.middle(), marked)).containsEntry("button", 9.0);
    }

    @Test
    void badInput_anAlterationWhosePlaceIsGone_isOfferedAtWhatBecameOfIt() {
        Pattern suit = sheet("jacket-1911");
        Alteration hem =
                alteration(suit, "dart-add", Map.of("edge", edge("side-front.hem"), "width", IN / 2, "length", 4 * IN));
        Pattern joined = made(suit, "join-pieces", Map.of());
        assertThat(hem.apply(joined).refusal()).isPresent();
        Alteration near = NearestPlace.of(hem, LIBRARY.alterations(), joined).orElseThrow();
        assertThat(near.sentence().in(LengthFormat.INCH_EIGHTHS)).contains("hem");
        assertThat(near.apply(joined).refusal()).isEmpty();
        assertThat(NearestPlace.of(hem, LIBRARY.alterations(), suit))
                .as("its place is there")
                .isEmpty();
        Alteration gone = alteration(suit, "sleeve-pitch", Map.of("piece", "nothing alike"));
        assertThat(NearestPlace.of(gone, LIBRARY.alterations(), suit)).isEmpty();
    }
}
