package org.soberhem.desk.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Ranking;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.gate.GateCheck;
import org.soberhem.core.gate.GateCondition;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.AlterationCommands;

class DecidingTest extends DemoRound {

    DecidingTest() {
        super("secretary-1906");
    }

    private FittingRound.Logged choose(String remark) {
        round.chosenProperty().set(Optional.of(remark));
        return round.chosen().orElseThrow();
    }

    private List<String> ranked(FittingRound.Logged logged) {
        return deciding.ranking(logged).orElseThrow().causes().stream()
                .map(Ranking.Ranked::cause)
                .map(Cause::id)
                .toList();
    }

    @Test
    void underlayer_isFoundByOneTest_namedAndDecided() {
        FittingRound.Logged pinch = choose("2-2");
        Ranking before = deciding.ranking(pinch).orElseThrow();
        assertThat(before.causes().get(0).cause().id())
                .as("the corset cover is worn")
                .isEqualTo("underlayer-scye");
        Cause test = before.proposed().orElseThrow().cause();
        assertThat(test.id()).as("the lesser trouble of the two").isEqualTo("front-wide-scye");
        deciding.tested(test, false);
        Ranking after = deciding.ranking(round.chosen().orElseThrow()).orElseThrow();
        assertThat(after.causes().get(0).cause().id()).isEqualTo("underlayer-scye");
        assertThat(after.proposed()).isEmpty();
        deciding.because("underlayer-scye");
        assertThat(deciding.asked(remark()))
                .as("nothing of the pattern mends it")
                .isEmpty();
        deciding.decide(Decision.Kind.CHANGE_FOUNDATION, "");
        assertThat(remark().decision().orElseThrow().words()).isEqualTo("change the foundation");
        assertThat(remark().isOpen()).as("until a later round says so").isTrue();
        assertThat(studio.situation().inTheWay())
                .anySatisfy(obstacle -> assertThat(obstacle.sentence().in(studio.format()))
                        .contains("change the foundation is decided, no version has it"));
    }

    @Test
    void amountThatNobodyPinned_isTheMiddleOfWhatIsUsual_onTheNamedCause() {
        choose("2-2");
        deciding.because("front-wide-scye");
        Alteration asked = deciding.asked(remark()).orElseThrow();
        assertThat(asked.sentence().in(studio.format()))
                .isEqualTo("Hollow the front armscye by ⅜ in half way along it, wearer's right");
        assertThat(deciding.alter(asked)).isEmpty();
        assertThat(remark().decision().orElseThrow().version()).isEqualTo(4);
        assertThat(studio.situation().costume().garment("Blouse").orElseThrow().versions())
                .hasSize(4);
    }

    @Test
    void decisionOnTheLikeliestCause_namesIt() {
        choose("2-1");
        assertThat(remark().cause()).isEmpty();
        deciding.alter(deciding.asked(remark()).orElseThrow());
        assertThat(remark().cause()).isEqualTo("slope-too-flat");
        studio.undo();
        assertThat(remark().decision()).isEmpty();
    }

    @Test
    void ownCause_isRemembered_andStandsInTheListElsewhere() {
        choose("2-2");
        deciding.addCause("she leans on the railing");
        assertThat(remark().cause()).isEqualTo("she-leans-on-the-railing");
        assertThat(ranked(choose("1-2"))).contains("she-leans-on-the-railing");
        choose("2-2");
        deciding.addCause("she leans on the railing");
        assertThat(studio.maker().causes().get("arm-front-pinch"))
                .extracting(Cause::id)
                .containsExactly("she-leans-on-the-railing", "she-leans-on-the-railing-2");
    }

    @Test
    void remarkInOwnWords_hasNoCausesAndMayHaveOne() {
        round.point("A");
        round.see("the collar smells of the sea");
        assertThat(deciding.ranking(round.chosen().orElseThrow())).isEmpty();
        deciding.because("it was dried on the quay");
        assertThat(remark().cause()).isEqualTo("it was dried on the quay");
        assertThat(deciding.asked(remark())).isEmpty();
    }

    @Test
    void provisional_saysWhatTheRemarkRestsOn() {
        FittingRound.Logged pinch = choose("2-2");
        assertThat(deciding.provisional(pinch))
                .extracting(words -> words.in(studio.format()))
                .singleElement()
                .asString()
                .startsWith("the cloth is stiffer than the final cloth");
        trying.under(round.fitting().orElseThrow().conditions().toggling("corset-cover-1880"), Sentence.of("Without"));
        assertThat(deciding.provisional(round.chosen().orElseThrow())).hasSize(2);
        assertThat(studio.situation().inTheWay())
                .anySatisfy(obstacle -> assertThat(obstacle.sentence().in(studio.format()))
                        .isEqualTo("Fitting 2 was without Corset cover: its remarks are provisional"));
    }

    @Test
    void wrongSideOut_thePointedSideIsTheOtherOfTheGarment() {
        trying.under(round.fitting().orElseThrow().conditions().turned(true), Sentence.of("Wrong side out"));
        round.point(
                round.zone("side-front").orElseThrow(),
                round.fitting().orElseThrow().conditions().garmentSide(Sides.LEFT));
        assertThat(remark().sides()).isEqualTo(Sides.RIGHT);
        assertThat(round.place(remark())).isEqualTo("side, garment's right");
    }

    @Test
    void movements_areThoseOfTheGarmentsWorn_andCountAtTheGate() {
        assertThat(trying.movements()).extracting(Movement::id).contains("arms-up", "sit", "wear-long");
        for (Movement movement : trying.movements()) {
            trying.tried(movement, false, Trial.Result.PASSED);
        }
        GateStanding standing = studio.current().standing("Blouse", GateStep.CUT_CLOTH);
        assertThat(standing.conditions())
                .filteredOn(each -> each.check() == GateCheck.MOVEMENTS || each.check() == GateCheck.WEAR)
                .extracting(GateCondition::state)
                .containsOnly(GateCondition.State.MET);
        assertThat(standing.isOpen()).isFalse();
    }

    @Test
    void whatIsPointedAtAfterAMovementFailed_wasSeenInIt_once() {
        Movement arms = trying.movements().get(0);
        trying.tried(arms, false, Trial.Result.FAILED);
        round.point("H");
        assertThat(remark().movement()).isEqualTo(arms.id());
        round.point("A");
        assertThat(remark().movement())
                .as("it was moved before anything was said")
                .isEqualTo(arms.id());
        round.see(1);
        round.point("H");
        assertThat(remark().movement()).isEmpty();
    }

    @Test
    void movement_isAskedAgainAfterWear_besideTheAnswerAtOnce() {
        Movement arms = trying.movements().get(0);
        trying.tried(arms, false, Trial.Result.PASSED);
        trying.tried(arms, true, Trial.Result.FAILED);
        assertThat(trying.trial(arms, false).orElseThrow().result()).isEqualTo(Trial.Result.PASSED);
        assertThat(trying.trial(arms, true).orElseThrow().minutes()).isEqualTo(60);
        GateCondition moved = studio.current().standing("Blouse", GateStep.CUT_CLOTH).conditions().stream()
                .filter(each -> each.check() == GateCheck.MOVEMENTS)
                .findFirst()
                .orElseThrow();
        assertThat(moved.words().in(studio.format())).contains(arms.name().toLowerCase(Locale.ROOT));
    }

    @Test
    void p19_twoRemarksOfARound_areMadeIntoOneVersion() {
        int before = garment().versions().size();
        round.point("L");
        see("side-wide");
        round.pin(Length.ofInches(1));
        FittingRound.Logged first = round.chosen().orElseThrow();
        assertThat(deciding.versionOfTheRound(first))
                .as("nothing is decided yet")
                .isEmpty();
        Alteration side = deciding.asked(remark()).orElseThrow();
        assertThat(deciding.alter(side)).isEmpty();
        choose("2-1");
        Version made = deciding.versionOfTheRound(round.chosen().orElseThrow()).orElseThrow();
        Alteration other = deciding.asked(remark()).orElseThrow();
        assertThat(deciding.alterWithTheRest(other)).isEmpty();
        assertThat(garment().versions()).hasSize(before + 1);
        Version both = garment().latest().orElseThrow();
        assertThat(both.number()).isEqualTo(made.number());
        assertThat(both.after()).isEqualTo(made.after());
        assertThat(both.alterations()).endsWith(side, other);
        assertThat(remark().decision().orElseThrow().version()).isEqualTo(both.number());
        studio.undo();
        assertThat(garment().latest().orElseThrow()).isEqualTo(made);
    }

    private Garment garment() {
        return studio.situation().costume().garment("Blouse").orElseThrow();
    }

    /** Common practice, no source: a pinch ½ in deep takes 1 in; at two side seams that is 2 in of girth. */
    @Test
    void amount_isMadePlain_overBothSidesAndAllLayers() {
        round.point("L");
        see("side-wide");
        round.pin(Length.ofInches(1));
        round.sameOnTheOtherSide();
        Alteration asked = deciding.asked(remark()).orElseThrow();
        DraftedGarment work = studio.situation().work("Blouse").orElseThrow();
        assertThat(deciding.total(asked, work).orElseThrow().in(studio.format()))
                .isEqualTo("Each edge of the seam moves by ½ in; 2 in in all over both sides, in outer alike");
        choose("2-1");
        assertThat(deciding.total(deciding.asked(remark()).orElseThrow(), work)).isEmpty();
    }

    @Test
    void lesson_goesWithThePatternThatBranches() {
        AlterationCommands desk = new AlterationCommands(studio);
        studio.keep(
                studio.situation()
                        .costume()
                        .withPapers(studio.situation().costume().papers().doingOtherwise("a lighter lawn")),
                "otherwise",
                Sentence.of("Noted"));
        Version version = desk.garment().versions().get(0);
        desk.branch(
                version,
                studio.histories().allCostumes().stream()
                        .filter(costume -> costume.id().equals("clerk-1907"))
                        .findFirst()
                        .orElseThrow());
        studio.open("clerk-1907");
        assertThat(studio.situation().costume().garments())
                .extracting(Garment::origin)
                .contains("from Harbour office secretary, Blouse, version 1; next time: a lighter lawn");
    }

    @Test
    void newRound_takesOverTheClothAndMarksInAnotherColour() {
        Fitting before = round.fitting().orElseThrow();
        round.begin(List.of("Blouse"), before.mockup().cloth(), "");
        Fitting now = round.fitting().orElseThrow();
        assertThat(now.mockup().differs()).isEqualTo(before.mockup().differs());
        assertThat(now.conditions().mark()).isNotEqualTo(before.conditions().mark());
        assertThat(now.conditions().markTried()).isFalse();
        round.begin(List.of("Blouse"), "linen", "");
        assertThat(round.fitting().orElseThrow().mockup().differs()).isEmpty();
    }

    @Test
    void readings_areAskedForOfTheGarmentsWorn() {
        assertThat(trying.asked(round.fitting().orElseThrow()))
                .extracting(kind -> kind.id())
                .contains("neck-gap", "sleeve-length", "girth-pinched-out", "waist-seam-above-natural-waist")
                .doesNotContain("skirt-hem-clearance-front");
    }

    /** What was said in own words takes any alteration, made where it was pointed at, by the pinned amount. */
    @Test
    void f5_ownWords_takeAnyAlteration() {
        choose("2-2");
        round.see("creases like a fan");
        assertThat(deciding.asked(remark())).isEmpty();
        var raise = studio.library().alterations().stream()
                .filter(each -> each.id().equals("raise-armscye"))
                .findFirst();
        deciding.choose(remark(), raise);
        Alteration asked = deciding.asked(remark()).orElseThrow();
        assertThat(asked.sentence().in(studio.format())).containsIgnoringCase("arm-hole");
        assertThat(deciding.alter(asked)).isEmpty();
        deciding.choose(remark(), Optional.empty());
        assertThat(deciding.chosen(remark())).isEmpty();
    }

    /** A difference from a picture is put where its name says, or where the maker says. */
    @Test
    void f5_aDifference_isPutWhereItsNameSays() {
        choose("2-2");
        assertThat(round.place("waist line").orElseThrow().id()).isEqualTo("waist-front");
        assertThat(round.place("sleeve").orElseThrow().id()).isEqualTo("sleeve");
        assertThat(round.place("button 1").orElseThrow().id()).isEqualTo("front-edge");
    }
}
