package org.soberhem.desk.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.length.Length;
import org.soberhem.core.silhouette.QuantityKind;

class FittingRoundTest extends DemoRound {

    FittingRoundTest() {
        super("keeper-1907");
    }

    @TempDir
    Path folder;

    private Garment blouse() {
        return studio.situation().costume().garment("Blouse").orElseThrow();
    }

    @Test
    void begin_namesTheVersionThatWasCut() {
        assertThat(blouse().versions()).isEmpty();
        round.begin(List.of("Blouse"), "calico", "Ada");
        Fitting fitting = round.fitting().orElseThrow();
        assertThat(fitting.mockup().versions()).containsEntry("Blouse", 1);
        assertThat(fitting.confirmed()).isFalse();
        assertThat(blouse().versions()).hasSize(1);
        // A second round of an unaltered garment tries the same version again.
        round.begin(List.of("Blouse"), "calico", "Ada");
        assertThat(blouse().versions()).hasSize(1);
        assertThat(round.fitting().orElseThrow().number()).isEqualTo(2);
    }

    @Test
    void version_isNamedFromWhatIsKept_notFromWhatIsOnlyTried() {
        double kept = studio.situation()
                .work("Blouse")
                .orElseThrow()
                .inputs()
                .find("full-bust")
                .orElseThrow()
                .left();
        studio.current().tryMeasure("full-bust", kept + 100);
        round.begin(List.of("Blouse"), "calico", "");
        assertThat(blouse().versions().get(0).measures().get("full-bust").left())
                .isEqualTo(kept);
        studio.garments().nameVersion("Blouse", "named while trying");
        assertThat(blouse().versions().get(1).measures().get("full-bust").left())
                .isEqualTo(kept);
        round.point("H");
        see("waist-low");
        round.pin(Length.ofInches(1));
        deciding.alter(deciding.asked(remark()).orElseThrow());
        assertThat(blouse().versions().get(2).measures().get("full-bust").left())
                .isEqualTo(kept);
    }

    @Test
    void threeKeys_logARemark_andEachTouchIsKept() {
        round.begin(List.of("Blouse"), "calico", "");
        round.point("M");
        assertThat(remark().sides()).isEqualTo(Sides.RIGHT);
        assertThat(remark().zone()).isEqualTo("side-front");
        assertThat(round.told(remark()).in(studio.format())).isEqualTo("side, wearer's right: what is seen there?");
        round.see(1);
        assertThat(remark().seen()).isEqualTo("side-wide");
        assertThat(remark().cause()).as("the maker names the cause").isEmpty();
        assertThat(round.told(remark()).in(studio.format()))
                .isEqualTo("How much? Usually: take in the side seam, ¼ in to 1 in");
        round.pin(Length.ofInches(0, 3, 8));
        assertThat(round.told(remark()).in(studio.format()))
                .isEqualTo("Take in the wearer's right back side seam by ⅜ in: bust girth less by ⅜ in, now 37¾ in");
        round.sameOnTheOtherSide();
        assertThat(round.told(remark()).in(studio.format()))
                .isEqualTo("Take in each back side seam by ⅜ in: bust girth less by ¾ in, now 37⅜ in");
        studio.undo();
        assertThat(remark().sides()).isEqualTo(Sides.RIGHT);
    }

    @Test
    void point_beforeAnythingWasSaid_movesTheRemark() {
        round.begin(List.of("Blouse"), "calico", "");
        round.point("F");
        round.point("G");
        assertThat(round.fitting().orElseThrow().remarks()).hasSize(1);
        assertThat(remark().sides()).isEqualTo(Sides.RIGHT);
        round.see("creases like a fan");
        assertThat(round.symptom(remark())).isEmpty();
        round.point("A");
        assertThat(round.fitting().orElseThrow().remarks()).hasSize(2);
        round.point("?");
        assertThat(round.fitting().orElseThrow().remarks()).hasSize(2);
        assertThat(round.zones())
                .extracting(Zone::id)
                .contains("bust", "collar", "elbow", "waist-back")
                .doesNotContain("fork");
    }

    @Test
    void decide_makesTheNextVersion_andAltersThePattern() {
        round.begin(List.of("Blouse"), "calico", "");
        trying.confirm();
        round.point("H");
        see("waist-low");
        round.pin(Length.ofInches(1));
        Alteration asked = deciding.asked(remark()).orElseThrow();
        assertThat(asked).isEqualTo(LengthenAtLevel.evenly("midriff", -25.4, Sides.BOTH));
        assertThat(deciding.alter(asked)).isEmpty();
        assertThat(blouse().versions()).hasSize(2);
        assertThat(blouse().alterations()).containsExactly(asked);
        assertThat(remark().decision().orElseThrow().version()).isEqualTo(2);
        assertThat(remark().state()).isEqualTo(Remark.State.OPEN);
        studio.undo();
        assertThat(blouse().versions()).hasSize(1);
        assertThat(remark().decision()).isEmpty();
    }

    @Test
    void decide_whatCannotBeDone_isRefusedAndChangesNothing() {
        round.begin(List.of("Blouse"), "calico", "");
        round.point("H");
        round.see(2);
        assertThat(deciding.alter(LengthenAtLevel.evenly("midriff", -900, Sides.BOTH)))
                .hasValueSatisfying(
                        sentence -> assertThat(sentence.in(studio.format())).contains("cannot be shortened there"));
        assertThat(blouse().alterations()).isEmpty();
    }

    @Test
    void remark_isOpenUntilALaterRoundSaysItIsCured() {
        round.begin(List.of("Blouse"), "calico", "");
        round.point("H");
        see("waist-low");
        String id = remark().id();
        round.begin(List.of("Blouse"), "calico", "");
        assertThat(round.atHand()).extracting(logged -> logged.remark().id()).containsExactly(id);
        round.chosenProperty().set(Optional.of(id));
        round.settle(Remark.State.CURED);
        assertThat(round.atHand()).isEmpty();
        assertThat(studio.done().get()).isEqualTo("Cured: waist seam lies below the waist");
    }

    @Test
    void ownDecision_andCause_areKept() {
        round.begin(List.of("Blouse"), "calico", "");
        round.point("D");
        round.see(2);
        deciding.because("the corset cover binds");
        deciding.decide(Decision.Kind.TEST_AGAIN, "try without the cover");
        assertThat(remark().cause()).isEqualTo("the corset cover binds");
        assertThat(remark().decision().orElseThrow().words()).isEqualTo("try without the cover");
        assertThat(deciding.asked(remark())).isEmpty();
    }

    @Test
    void reading_movesTheVerdictOfItsRule() {
        round.begin(List.of("Blouse"), "calico", "");
        QuantityKind pouch = trying.asked(round.fitting().orElseThrow()).stream()
                .filter(each -> each.id().equals("front-pouch"))
                .findFirst()
                .orElseThrow();
        trying.measured(pouch, Length.ofMillimetres(30));
        double known = studio.situation().verdicts().stream()
                .filter(each -> each.kind().equals(pouch))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value()
                .orElseThrow();
        assertThat(known).isCloseTo(30, within(1e-9));
    }

    @Test
    void question_byEye_isAnsweredWithTheRound_andJudged() {
        round.begin(List.of("Blouse"), "calico", "");
        Fitting fitting = round.fitting().orElseThrow();
        var question = trying.questions(fitting).stream()
                .filter(each -> each.rule().id().equals("s04-stance"))
                .findFirst()
                .orElseThrow();
        trying.answer(question, 0);
        assertThat(round.fitting().orElseThrow().answers()).containsEntry("s04-stance", 0.0);
        assertThat(studio.situation().verdicts())
                .filteredOn(each -> each.rule().id().equals("s04-stance"))
                .singleElement()
                .satisfies(each -> assertThat(each.isOpen()).isTrue());
    }
}
