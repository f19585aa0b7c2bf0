package org.soberhem.core.body;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Measure.Station;
import org.soberhem.core.pattern.Side;

class MeasuringRouteTest {

    private static final MeasureCatalogue CATALOGUE = new MeasureCatalogue(List.of(
            SomeMeasures.at("waist", Station.FRONT),
            SomeMeasures.at("bust", Station.FRONT),
            SomeMeasures.apart("sleeve", Station.RIGHT),
            SomeMeasures.at("nape", Station.BACK),
            SomeMeasures.at("left hip", Station.LEFT),
            SomeMeasures.at("right hip", Station.RIGHT),
            SomeMeasures.measure("lap", "lap alias", Measure.Sides.MIDDLE, "seated", Station.SEATED)));

    private static MeasuringRoute walk(List<String> seated, String... wanted) {
        return MeasuringRoute.of(CATALOGUE, Build.ADULT, List.of(wanted), seated);
    }

    @Test
    void walk_roundTheBody_eachStationOnce_seatedLast() {
        MeasuringRoute walk = walk(List.of("waist"), "lap", "left hip", "nape", "sleeve", "bust", "waist");
        assertThat(walk.steps())
                .extracting(
                        step -> step.station() + " " + step.measure().id() + " " + step.side() + " " + step.posture())
                .containsExactly(
                        "FRONT waist MIDDLE STANDING",
                        "FRONT bust MIDDLE STANDING",
                        "RIGHT sleeve RIGHT STANDING",
                        "BACK nape MIDDLE STANDING",
                        "LEFT sleeve LEFT STANDING",
                        "LEFT left hip MIDDLE STANDING",
                        "SEATED waist MIDDLE SEATED",
                        "SEATED lap MIDDLE SEATED");
        assertThat(walk.turns()).isEqualTo(3);
        assertThat(walk.ribbon()).isTrue();
    }

    @Test
    void walk_goesTheOtherWayRound_whereThatIsShorter() {
        MeasuringRoute walk = walk(List.of(), "nape", "left hip");
        assertThat(walk.steps()).extracting(MeasuringRoute.Step::station).containsExactly(Station.LEFT, Station.BACK);
        assertThat(walk.turns()).isEqualTo(2);
        assertThat(walk(List.of(), "right hip", "nape").steps())
                .extracting(MeasuringRoute.Step::station)
                .containsExactly(Station.RIGHT, Station.BACK);
    }

    @Test
    void walk_withoutTheWaist_needsNoRibbon_andWhatIsNotAskedOfTheWearerIsLeftOut() {
        assertThat(walk(List.of(), "bust").ribbon()).isFalse();
        assertThat(MeasuringRoute.of(CATALOGUE, new Build(Age.INFANT, false), List.of("bust"), List.of())
                        .steps())
                .isEmpty();
        assertThat(walk(List.of(), "unknown").steps()).isEmpty();
    }

    @Test
    void step_nameSaysSideAndPosture() {
        List<MeasuringRoute.Step> steps =
                walk(List.of("waist"), "waist", "sleeve").steps();
        assertThat(steps)
                .extracting(MeasuringRoute.Step::name)
                .containsExactly(
                        "Waist", "Waist, " + Side.RIGHT.words(), "Waist, " + Side.LEFT.words(), "Waist, seated");
    }
}
