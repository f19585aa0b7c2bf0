package org.soberhem.desk.tape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.studio.Beginning;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class TapeDeskTest {

    @TempDir
    Path folder;

    private Studio studio;
    private TapeDesk desk;

    @BeforeEach
    void openDemo() {
        studio = Studios.demo(folder);
        studio.open("post-1908");
        studio.navigation().place().set(Optional.of(Stage.TAPE));
        desk = new TapeDesk(studio);
        desk.lookAtCostumesSet();
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private TapeDesk.Row row(String measure) {
        return desk.rows().stream()
                .filter(row -> row.measure().id().equals(measure))
                .findFirst()
                .orElseThrow();
    }

    private List<String> doubted() {
        return desk.doubts().stream()
                .map(doubt -> doubt.saw().in(studio.format()))
                .toList();
    }

    private static LengthEntry typed(String text) {
        return LengthEntry.parse(text, LengthUnit.INCH);
    }

    @Test
    void rows_whatTheDraftNeedsComesFirst() {
        List<TapeDesk.Row> rows = desk.rows();
        assertThat(rows.get(0).needed()).isTrue();
        assertThat(rows).extracting(row -> row.measure().id()).contains("waist-to-floor-back", "height");
        assertThat(row("height").needed()).isFalse();
        assertThat(row("waist-to-floor-back").reading()).isEmpty();
    }

    @Test
    void read_settlesWhatStoodInTheWay_andTheDraftFollows() {
        assertThat(doubted()).contains("Full hip readings differ by ⅞ in");
        long before = studio.situation().count(Stage.TAPE);
        desk.read(row("full-hip"), 1, typed("47 1/8"));
        assertThat(doubted()).noneMatch(words -> words.contains("Full hip readings"));
        desk.read(row("waist-to-floor-back"), 0, typed("40 1/2"));
        assertThat(studio.situation().count(Stage.TAPE)).isEqualTo(before - 2);
        studio.undo();
        studio.undo();
        assertThat(studio.situation().count(Stage.TAPE)).isEqualTo(before);
    }

    @Test
    void read_impossible_isRefusedAndTheOldOneStays() {
        assertThat(desk.read(row("full-hip"), 0, typed("-2 in"))
                        .sentence()
                        .orElseThrow()
                        .in(studio.format()))
                .contains("must be more than nothing");
        assertThat(row("full-hip").reading().orElseThrow().taken().get(0).typed())
                .isEqualTo("47 1/4");
    }

    @Test
    void read_unusual_isKeptAndQuestioned() {
        assertThat(desk.read(row("full-hip"), 0, typed("340"))
                        .sentence()
                        .orElseThrow()
                        .in(studio.format()))
                .contains("is 340 in right?");
        assertThat(row("full-hip").reading().orElseThrow().taken().get(0).typed())
                .isEqualTo("340");
    }

    @Test
    void wipe_takesOneReadingAway_andTheLastTakesTheMeasure() {
        desk.wipe(row("full-hip"), 0);
        assertThat(row("full-hip").reading().orElseThrow().taken()).hasSize(2);
        desk.wipe(row("full-hip"), 0);
        desk.wipe(row("full-hip"), 0);
        assertThat(row("full-hip").reading()).isEmpty();
    }

    @Test
    void seated_isReadApartFromStanding() {
        desk.postureProperty().set(Posture.SEATED);
        assertThat(row("full-hip").reading()).isEmpty();
        desk.read(row("full-hip"), 0, typed("49"));
        desk.postureProperty().set(Posture.STANDING);
        assertThat(row("full-hip").reading().orElseThrow().taken().get(0).typed())
                .isEqualTo("47 1/4");
    }

    @Test
    void apart_leftAndRightBeginWithWhatWasRead() {
        studio.open("secretary-1906");
        desk.lookAtCostumesSet();
        desk.apart(row("wrist"));
        assertThat(desk.rows())
                .filteredOn(row -> row.measure().id().equals("wrist"))
                .extracting(TapeDesk.Row::side)
                .containsExactly(Side.LEFT, Side.RIGHT);
    }

    @Test
    void otherLayers_markWhatNoLongerCounts_andCanBeTakenBack() {
        assertThat(row("full-hip").counts()).isTrue();
        desk.wearOver("none");
        assertThat(row("full-hip").counts()).isFalse();
        assertThat(row("height").counts()).isTrue();
        studio.undo();
        assertThat(row("full-hip").counts()).isTrue();
    }

    @Test
    void newWearer_firstSet_isWhatTheCostumeIsDrawnFrom() {
        studio.garments()
                .begin(new Beginning(
                        "New one",
                        "",
                        "1906",
                        "",
                        "Nobody yet",
                        "blouse-1906",
                        List.of("walking-skirt-1906"),
                        List.of()));
        desk.lookAtCostumesSet();
        assertThat(desk.set()).isEmpty();
        desk.beginSet();
        desk.read(row("waist-crease"), 0, typed("28"));
        desk.read(row("waist-to-floor-front"), 0, typed("41"));
        assertThat(studio.situation().work("Skirt")).isPresent();
    }

    @Test
    void anewSet_leavesTheCostumeOnItsOldOne_untilItIsChosen() {
        desk.beginSet();
        assertThat(studio.situation().costume().set()).isEqualTo("alone");
        desk.conditions("none", "", "Ruth");
        assertThat(desk.set().orElseThrow().helper()).isEqualTo("Ruth");
        desk.drawFromThis();
        assertThat(studio.situation().costume().set()).isEqualTo("set-2");
    }

    @Test
    void ask_addsAMeasureToRead() {
        var head = studio.library().measures().find("head").orElseThrow();
        desk.ask(head);
        assertThat(row("head").reading()).isEmpty();
        assertThat(desk.walk().steps()).anyMatch(step -> step.measure().equals(head));
    }

    private Doubt doubt(Doubt.Kind kind) {
        return desk.doubts().stream()
                .filter(doubt -> doubt.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void doubt_wrongUnit_isCorrectedAndTheTypedTextStays() {
        Doubt wrist = doubt(Doubt.Kind.UNIT);
        assertThat(wrist.measures()).containsExactly("wrist");
        desk.correct(wrist, wrist.corrections().get(0));
        assertThat(desk.doubts()).noneMatch(doubt -> doubt.measures().contains("wrist"));
        LengthEntry corrected = row("wrist").reading().orElseThrow().taken().get(0);
        assertThat(corrected.value().toMillimetres()).isCloseTo(170, within(1e-6));
        assertThat(corrected.typed()).isEqualTo("17 → cm");
        studio.undo();
        assertThat(desk.doubts()).contains(wrist);
    }

    @Test
    void doubt_itIsRight_isNotAskedAgain_untilTheNumbersChange() {
        desk.itIsRight(doubt(Doubt.Kind.SPREAD));
        assertThat(desk.doubts()).noneMatch(doubt -> doubt.kind() == Doubt.Kind.SPREAD);
        assertThat(studio.situation().inTheWay())
                .noneMatch(obstacle -> obstacle.sentence().in(studio.format()).contains("readings differ"));
        desk.read(row("full-hip"), 0, typed("48"));
        assertThat(desk.doubts()).anyMatch(doubt -> doubt.kind() == Doubt.Kind.SPREAD);
    }

    @Test
    void tapeWeightedToTheFloor_tenInchesComeOffHeightsOnly() {
        desk.startAt(TapeStart.TEN_AT_FLOOR);
        desk.read(row("waist-to-floor-back"), 0, typed("50 1/2"));
        LengthEntry back =
                row("waist-to-floor-back").reading().orElseThrow().taken().get(0);
        assertThat(back.value()).isEqualTo(Length.ofInches(40, 4, 8));
        assertThat(back.typed()).isEqualTo("50 1/2 − 10 in");
        desk.read(row("forearm"), 0, typed("10 1/4"));
        assertThat(row("forearm").reading().orElseThrow().taken().get(0).typed())
                .isEqualTo("10 1/4");
    }

    @Test
    void trusted_leavesOutWhatIsMisread_notWhatOnlyDiffers() {
        MeasurementSet trusted = desk.trusted().orElseThrow();
        assertThat(trusted.has("wrist")).isFalse();
        assertThat(trusted.has("full-hip")).isTrue();
        Doubt wrist = doubt(Doubt.Kind.UNIT);
        desk.correct(wrist, wrist.corrections().get(0));
        assertThat(desk.trusted().orElseThrow().has("wrist")).isTrue();
    }

    @Test
    void anotherGap_isAnotherSet() {
        AsWorn.Gap tighter = new AsWorn.Gap(Length.ZERO, Length.ofInches(1, 0, 8), Length.ZERO);
        AsWorn worn = desk.set().orElseThrow().worn().withGap(tighter);
        assertThat(desk.isAnotherLacing(worn)).isTrue();
        desk.beginLacedAnew(worn);
        assertThat(desk.set().orElseThrow().worn().gap()).contains(tighter);
        assertThat(desk.set().orElseThrow().readings()).isEmpty();
        assertThat(desk.isAnotherLacing(AsWorn.UNSTATED)).isFalse();
    }

    @Test
    void child_isAskedForFewer_andNoBust() {
        studio.open("girl-1905");
        desk.lookAtCostumesSet();
        assertThat(desk.needed()).contains("height", "chest", "waist-crease").doesNotContain("full-bust");
        desk.build(new Build(Age.INFANT, false));
        assertThat(desk.needed()).containsExactly("height");
        studio.undo();
        assertThat(desk.wearer().build().age()).isEqualTo(Age.CHILD);
    }

    @Test
    void takeOver_readingsFromAFile_takeThePlaceOfTheirOwn() {
        desk.takeOver(
                MeasureFile.readings(
                        "measure,reading 1,reading 2\nfull-hip,47,47 1/8\nhead,22,\n",
                        studio.library().measures(),
                        LengthUnit.INCH),
                "wiebke.csv");
        assertThat(row("full-hip").reading().orElseThrow().taken()).hasSize(2);
        assertThat(row("head").reading().orElseThrow().mean()).isEqualTo(Length.ofInches(22, 0, 8));
        assertThat(row("waist-crease").reading().orElseThrow().taken()).hasSize(3);
    }
}
