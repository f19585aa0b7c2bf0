package org.soberhem.desk.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.ShortClothAdvice;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.gate.GateCheck;
import org.soberhem.core.gate.GateCondition;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.Piecing;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class ClothDeskTest {

    @TempDir
    Path folder;

    private Studio studio;
    private ClothDesk desk;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("secretary-1906");
        studio.current().garment().set("Walking skirt");
        studio.navigation().place().set(Optional.of(Stage.CLOTH));
        desk = new ClothDesk(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private ClothSupply supply() {
        return desk.supply().orElseThrow();
    }

    private GateCondition.State state(GateCheck check) {
        return studio.current().standing("Walking skirt", GateStep.CUT_CLOTH).conditions().stream()
                .filter(condition -> condition.check() == check)
                .findFirst()
                .orElseThrow()
                .state();
    }

    @Test
    void theDemosSerge_mustBeSteamed_thenItsLayIsPlannedAnew_andTheGateSaysSo() {
        assertThat(desk.uses()).containsExactly("outer", "interlining");
        assertThat(supply().isLaid()).isTrue();
        assertThat(state(GateCheck.WASHED)).isEqualTo(GateCondition.State.MISSING);
        assertThat(state(GateCheck.SET)).isEqualTo(GateCondition.State.MET);
        Cloth serge = supply().cloth().orElseThrow();
        studio.keep(
                studio.stash().with(serge.withState(new Cloth.State(true, 0), 4500, 1480)),
                "ready",
                Sentence.of("Steamed"));
        assertThat(state(GateCheck.WASHED)).isEqualTo(GateCondition.State.MET);
        assertThat(supply().isLaid()).as("it became narrower").isFalse();
        assertThat(state(GateCheck.SET)).isEqualTo(GateCondition.State.MISSING);
        studio.undo();
        assertThat(supply().isLaid()).isTrue();
    }

    @Test
    void c4_whatIsWiderThanItsCloth_isPieced_andAllOfItLiesOnIt() {
        assertThat(desk.piecing()).as("the serge is wide enough").isEmpty();
        Cloth serge = supply().cloth().orElseThrow();
        studio.keep(studio.stash().with(serge.withState(serge.state(), 4500, 700)), "narrow", Sentence.of("Narrower"));
        Piecing how = desk.piecing().orElseThrow();
        assertThat(how.seams()).isNotEmpty();
        assertThat(how.left()).isEmpty();
        int before = supply().pieces().pieces().size();
        desk.piece(how);
        assertThat(desk.piecing()).isEmpty();
        assertThat(supply().pieces().pieces()).hasSize(before + how.seams().size());
    }

    @Test
    void aCutIsMovedByHand_orRefused_andTakenBack() {
        Lay before = desk.lay().orElseThrow();
        int last = before.placed().size() - 1;
        assertThat(desk.move(last, 0, 200)).isEmpty();
        Lay moved = desk.lay().orElseThrow();
        assertThat(moved.placed().get(last).y())
                .isGreaterThan(before.placed().get(last).y());
        assertThat(desk.move(last, 0, -1500))
                .hasValueSatisfying(why -> assertThat(why).contains("cannot lie there"));
        assertThat(desk.lay()).contains(moved);
        assertThat(desk.turn(0))
                .as("serge has a nap")
                .hasValueSatisfying(why -> assertThat(why).contains("way up"));
        studio.undo();
        assertThat(desk.lay()).contains(before);
    }

    @Test
    void whatIsCut_isTakenOffTheClothInHand() {
        double needed = supply().needed().orElseThrow();
        double before = supply().cloth().orElseThrow().length();
        desk.cut();
        assertThat(supply().use().cutOn()).contains(studio.today());
        assertThat(studio.stash().cloth("serge").orElseThrow().length()).isCloseTo(before - needed, within(1e-6));
        assertThat(studio.situation().inTheWay()).noneMatch(obstacle -> obstacle.stage() == Stage.CLOTH);
    }

    @Test
    void tooLittleCloth_stands_inTheWay_andWaysOutAreOffered() {
        studio.keep(studio.stash().with(supply().cloth().orElseThrow().left(3000)), "less", Sentence.of("Less"));
        assertThat(supply().isEnough()).isFalse();
        assertThat(studio.situation().inTheWay())
                .anyMatch(obstacle -> obstacle.stage() == Stage.CLOTH
                        && obstacle.sentence().in(studio.format()).contains("too short"));
        List<ShortClothAdvice.Way> ways = ClothDesk.waysOut(
                supply(),
                desk.drawn().orElseThrow(),
                supply().use().lay().orElseThrow().length());
        assertThat(ways).isNotEmpty();
        assertThat(desk.others(supply())).extracting(Cloth::id).doesNotContain("serge", "linsey");
    }
}
