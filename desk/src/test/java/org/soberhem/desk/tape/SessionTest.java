package org.soberhem.desk.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Measure.Station;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

/** The guided session without its window: the demo's next wearer, who has not been measured. */
class SessionTest {

    @TempDir
    Path folder;

    private Studio studio;
    private TapeDesk desk;
    private Session session;

    @BeforeEach
    void openNext() {
        studio = Studios.demo(folder);
        studio.open("clerk-1907");
        studio.navigation().place().set(Optional.of(Stage.TAPE));
        desk = new TapeDesk(studio);
        desk.lookAtCostumesSet();
        session = new Session(studio, desk);
        session.begin();
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private MeasuringRoute.Step step() {
        return session.stepProperty().get().orElseThrow();
    }

    private void toTheReadings() {
        session.next();
        session.next();
    }

    private void readStep(String typed) {
        assertThat(session.accept(typed)).as(session.faultProperty().get()).isTrue();
        session.accept("");
    }

    @Test
    void s8_theShortestWalk_isOnlyWhatTheDraftsNeed() {
        assertThat(desk.walk().steps())
                .extracting(step -> step.measure().id())
                .doesNotContain("forearm", "height")
                .contains("waist-crease", "waist-to-floor-back");
        assertThat(desk.walk().steps().size())
                .isLessThan(desk.walk(true).steps().size());
    }

    @Test
    void wholeWalk_isWhatTheDraftsNeedAndMore_theRibbonFirst_seatedAfterStanding() {
        desk.wholeProperty().set(true);
        List<MeasuringRoute.Step> steps = desk.walk().steps();
        assertThat(desk.walk().ribbon()).isTrue();
        assertThat(steps.get(0).measure().id()).isEqualTo("waist-crease");
        assertThat(steps).extracting(step -> step.measure().id()).contains("wrist", "forearm", "waist-to-floor-back");
        assertThat(steps)
                .filteredOn(step -> step.posture() == Posture.SEATED)
                .extracting(step -> step.measure().id())
                .containsExactly("waist-crease", "full-hip");
        assertThat(steps).extracting(MeasuringRoute.Step::station).isSortedAccordingTo((a, b) -> a.compareTo(b));
        assertThat(steps.get(steps.size() - 1).station()).isEqualTo(Station.SHOES_OFF);
    }

    @Test
    void pages_conditionsRibbonReadings() {
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.CONDITIONS);
        session.next();
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.RIBBON);
        session.next();
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.READING);
        session.back();
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.RIBBON);
        session.back();
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.CONDITIONS);
    }

    @Test
    void threeReadings_goOnByThemselves_oneByEnter() {
        toTheReadings();
        MeasuringRoute.Step first = step();
        session.accept("26 1/2");
        session.accept("26+3");
        assertThat(step()).isEqualTo(first);
        session.accept("26 1/2");
        assertThat(step()).isNotEqualTo(first);
        MeasuringRoute.Step second = step();
        readStep("38");
        assertThat(step()).isNotEqualTo(second);
        MeasurementSet set = desk.set().orElseThrow();
        assertThat(first.in(set).orElseThrow().taken())
                .extracting(LengthEntry::value)
                .containsExactly(Length.ofInches(26, 4, 8), Length.ofInches(26, 3, 8), Length.ofInches(26, 4, 8));
    }

    @Test
    void eighthsByPlus_onlyInInches() {
        toTheReadings();
        assertThat(session.entry("34+5").value()).isEqualTo(Length.ofInches(34, 5, 8));
        studio.preferences().format().set(LengthFormat.CENTIMETRES);
        session.accept("87+5");
        assertThat(session.faultProperty().get()).contains("cannot be read as a length");
        assertThat(session.reading()).isEmpty();
    }

    @Test
    void unreadableAndImpossible_areSaid_andNothingIsKept() {
        toTheReadings();
        assertThat(session.accept("26 3/0")).isFalse();
        assertThat(session.faultProperty().get()).contains("nothing under its stroke");
        assertThat(session.accept("-3")).isFalse();
        assertThat(session.faultProperty().get()).contains("more than nothing");
        assertThat(session.reading()).isEmpty();
    }

    @Test
    void leftOut_comesBackAtTheEnd_andPausingLosesNothing() {
        toTheReadings();
        MeasuringRoute.Step left = step();
        session.skip();
        int all = desk.walk().steps().size();
        while (session.pageProperty().get() == Session.Page.READING) {
            session.accept(typical(step()));
            if (session.pageProperty().get() == Session.Page.READING
                    && session.reading().isPresent()) {
                session.accept("");
            }
        }
        assertThat(session.pageProperty().get()).isEqualTo(Session.Page.END);
        assertThat(session.missing()).containsExactly(left);
        assertThat(session.taken()).isEqualTo(all - 1);
        // Another session, another day of the same week, goes on where this one ended.
        Session resumed = new Session(studio, desk);
        resumed.begin();
        assertThat(resumed.stepProperty().get()).contains(left);
        resumed.accept("27");
        resumed.accept("");
        assertThat(resumed.pageProperty().get()).isEqualTo(Session.Page.END);
        assertThat(studio.situation().judgement().failures()).isEmpty();
        assertThat(studio.situation().judgement().works()).containsOnlyKeys("Blouse", "Walking skirt");
    }

    /** Returns something usual for a measure. */
    private static String typical(MeasuringRoute.Step step) {
        return switch (step.measure().id()) {
            case "full-hip" -> step.posture() == Posture.SEATED ? "41" : "39";
            case "full-bust" -> "36";
            case "waist-crease" -> "27";
            case "neck-base" -> "14 1/2";
            case "nape-to-waist" -> "15 1/2";
            case "armscye" -> "15 1/2";
            case "shoulder-to-wrist" -> "23";
            case "wrist" -> "6 1/4";
            case "forearm" -> "9 1/2";
            case "hand" -> "8";
            case "height" -> "65";
            default -> "40 1/2";
        };
    }

    @Test
    void doubts_whileTyping_beforeAnythingIsKept() {
        toTheReadings();
        session.accept("26 1/2");
        session.accept("");
        while (!step().measure().id().equals("full-hip")) {
            session.skip();
        }
        assertThat(session.doubtsIf("39")).isEmpty();
        assertThat(session.doubtsIf("3")).isEmpty();
        assertThat(session.doubtsIf("93")).isNotEmpty();
        assertThat(session.doubtsIf("99")).extracting(Doubt::kind).contains(Doubt.Kind.UNIT);
        assertThat(session.reading()).isEmpty();
        session.accept("99");
        Doubt unit = session.doubts().get(0);
        session.readAgain(unit);
        assertThat(step().measure().id()).isEqualTo("full-hip");
        desk.correct(unit, unit.corrections().get(0));
        assertThat(session.doubts()).isEmpty();
        session.takeBack();
        assertThat(session.reading()).isEmpty();
    }

    @Test
    void tapeAtTheFloor_forTheSession_orForOneReadingOnly() {
        desk.startAt(TapeStart.TEN_AT_FLOOR);
        toTheReadings();
        while (!step().measure().id().equals("waist-to-floor-front")) {
            session.skip();
        }
        session.accept("51");
        assertThat(session.reading().orElseThrow().mean()).isEqualTo(Length.ofInches(41, 0, 8));
        session.takeBack();
        session.startOnlyNow(Optional.of(TapeStart.END));
        session.accept("41");
        assertThat(session.reading().orElseThrow().mean()).isEqualTo(Length.ofInches(41, 0, 8));
        session.takeBack();
        desk.startAt(TapeStart.END);
        session.startOnlyNow(Optional.of(TapeStart.TEN_AT_FLOOR));
        assertThat(session.doubtsIf("51")).isEmpty();
        session.accept("51");
        assertThat(session.reading().orElseThrow().mean()).isEqualTo(Length.ofInches(41, 0, 8));
    }

    @Test
    void digitalTape_sendsIntoTheStep() {
        toTheReadings();
        assertThat(session.accept(LengthEntry.parse("67.2 cm", LengthUnit.CENTIMETRE)))
                .isTrue();
        assertThat(desk.set().orElseThrow().value("waist-crease", Side.MIDDLE)).contains(Length.ofMillimetres(672));
    }

    @Test
    void otherLayersThanTheCostumes_beginAnotherSet() {
        toTheReadings();
        session.accept("27");
        String first = desk.set().orElseThrow().id();
        desk.wearOver("woman-1895");
        session.begin();
        assertThat(desk.set().orElseThrow().id()).isNotEqualTo(first);
        assertThat(desk.set().orElseThrow().stack()).isEqualTo("woman-1895");
    }
}
