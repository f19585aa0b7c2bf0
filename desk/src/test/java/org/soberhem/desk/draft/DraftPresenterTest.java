package org.soberhem.desk.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.desk.widget.Paper;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

/** The presenter of the draft place, without a toolkit. */
class DraftPresenterTest {

    @TempDir
    private Path folder;

    private Studio studio;
    private DraftPresenter presenter;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("keeper-1907");
        presenter = new DraftPresenter(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private DraftedGarment takenUp() {
        DraftedGarment drafted = presenter.drafted().orElseThrow();
        presenter.takeUp(drafted);
        return drafted;
    }

    @Test
    void takeUp_tellsAnotherGarment_andBeginsItsWalkAnew() {
        DraftedGarment blouse = presenter.drafted().orElseThrow();
        assertThat(presenter.takeUp(blouse)).isTrue();
        assertThat(presenter.takeUp(blouse)).as("the same again").isFalse();
        presenter.walkBy(1, false);
        presenter.walkBy(1, false);
        assertThat(presenter.stepCount()).startsWith("2 of ");
        studio.open("secretary-1906");
        assertThat(presenter.takeUp(presenter.drafted().orElseThrow())).isTrue();
        assertThat(presenter.isWalking()).isFalse();
        assertThat(presenter.stepCount()).startsWith("1 of ");
    }

    @Test
    void walk_goesRound_drawsOnlyWhatIsDrawnSoFar_andIsLeft() {
        DraftedGarment drafted = takenUp();
        presenter.walkBy(-1, false);
        assertThat(presenter.isAtTheLastStep()).isTrue();
        presenter.walkBy(1, false);
        assertThat(presenter.stepCount()).startsWith("1 of ");
        assertThat(presenter.scene(drafted, false).walked()).contains(1);
        assertThat(presenter.scene(drafted, false).ghost()).isEmpty();
        presenter.leaveWalk();
        assertThat(presenter.scene(drafted, false).walked()).isEmpty();
    }

    @Test
    void walkBy_fromAChosenPoint_goesOnFromIt() {
        takenUp();
        Paper.Pick second = null;
        for (int i = 0; i < 4 || second == null; i++) {
            second = presenter.walkBy(1, false).orElse(null);
        }
        String at = presenter.stepCount();
        presenter.leaveWalk();
        presenter.walkBy(1, false);
        presenter.leaveWalk();
        presenter.walkTo(second);
        assertThat(presenter.stepCount()).isEqualTo(at);
    }

    @Test
    void tapes_governingFirstMarked_triedSaid() {
        DraftedGarment drafted = takenUp();
        List<DraftPresenter.Tape> tapes = presenter.tapes(drafted);
        assertThat(tapes).hasSizeBetween(2, 7);
        assertThat(tapes).filteredOn(DraftPresenter.Tape::governing).hasSize(1);
        DraftPresenter.Tape first = tapes.get(0);
        presenter.tryTyped(
                first.measure(), Length.ofMillimetres(first.millimetres().orElseThrow() + 30));
        DraftPresenter.Tape tried =
                presenter.tapes(presenter.drafted().orElseThrow()).get(0);
        assertThat(tried.tried()).isTrue();
        assertThat(tried.note()).startsWith("tried; the tape says");
        assertThat(tried.millimetres().orElseThrow())
                .isCloseTo(first.millimetres().orElseThrow() + 30, within(1e-6));
    }

    @Test
    void tryTyped_whatNoBodyHas_isSaidAndNotTried() {
        DraftPresenter.Tape first = presenter.tapes(takenUp()).get(0);
        presenter.tryTyped(first.measure(), Length.ofMillimetres(0));
        assertThat(studio.situation().tried()).isEmpty();
        assertThat(studio.done().get()).isNotEmpty();
    }

    @Test
    void preview_sameAgainIsNothingNew_andIsDrawnOnlyWhereItIsLookedAt() {
        DraftedGarment drafted = takenUp();
        Pattern after = LengthenAtLevel.evenly("midriff", 20, Sides.BOTH)
                .apply(drafted.pattern())
                .pattern();
        assertThat(presenter.preview(Optional.of(after), Optional.empty())).isTrue();
        assertThat(presenter.preview(Optional.of(after), Optional.empty())).isFalse();
        assertThat(presenter.scene(drafted, true).ghost()).contains(after);
        assertThat(presenter.scene(drafted, true).pattern()).isEqualTo(drafted.pattern());
        assertThat(presenter.scene(drafted, false).ghost()).isNotEqualTo(Optional.of(after));
        presenter.preview(Optional.of(after), Optional.of(drafted.pattern()));
        assertThat(presenter.scene(drafted, true).pattern())
                .as("two states compared: what is looked at is firm")
                .isEqualTo(after);
    }

    @Test
    void ghost_isTheLatestVersion_onceSomethingWasAltered() {
        studio.garments().nameVersion(presenter.garment().name(), "a test");
        assertThat(presenter.scene(takenUp(), false).ghost())
                .as("nothing was altered yet")
                .isEmpty();
        new AlterationCommands(studio).make(LengthenAtLevel.evenly("midriff", 20, Sides.BOTH));
        DraftedGarment altered = takenUp();
        Optional<Pattern> version = presenter
                .garment()
                .latest()
                .flatMap(latest -> studio.current().draft(presenter.garment(), latest))
                .map(DraftedGarment::pattern);
        assertThat(version).isPresent();
        assertThat(presenter.scene(altered, false).ghost()).isEqualTo(version);
    }

    @Test
    void seam_thatIsWalked_isFoundAgainAfterAChange_andForgottenWhenLeft() {
        DraftedGarment drafted = takenUp();
        SeamCheck seam = drafted.seams().get(0);
        presenter.walkSeam(Optional.of(seam));
        new AlterationCommands(studio).make(LengthenAtLevel.evenly("midriff", 20, Sides.BOTH));
        DraftedGarment altered = presenter.drafted().orElseThrow();
        assertThat(presenter.walkedSeam(altered))
                .hasValueSatisfying(found -> assertThat(found.seam()).isEqualTo(seam.seam()));
        presenter.walkSeam(Optional.empty());
        assertThat(presenter.walkedSeam(altered)).isEmpty();
        assertThat(presenter.isWalkingASeam()).isFalse();
    }

    @Test
    void pick_findsWhereAnEdgeBegins_andAPointByItsName() {
        DraftedGarment drafted = takenUp();
        var piece = drafted.pattern().pieces().get(0);
        var edge = piece.edges().get(0);
        assertThat(presenter.pick(new Target.Part(piece.name(), edge.name())))
                .contains(new Paper.Pick(piece.name(), edge.from()));
        String letter = piece.points().keySet().iterator().next();
        assertThat(presenter.pick(new Target.Part(piece.name(), letter)))
                .contains(new Paper.Pick(piece.name(), letter));
        assertThat(presenter.pick(new Target.Part(piece.name(), "no such part")))
                .isEmpty();
        assertThat(presenter.pick(new Target.Part("no such piece", letter))).isEmpty();
    }
}
