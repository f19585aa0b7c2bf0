package org.soberhem.core.body;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Measure.Station;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;

class SetComparisonTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private static Reading reading(String measure, Posture posture, String typed) {
        return new Reading(measure, Side.MIDDLE, posture, List.of(LengthEntry.parse(typed, LengthUnit.CENTIMETRE)));
    }

    private static MeasurementSet set(Reading... readings) {
        return MeasurementSet.of("s", DAY, "none", "", "", Arrays.asList(readings));
    }

    @Test
    void onlyWhatBothHave_byPosture_andMarkedWhereLayersForbidIt() {
        List<SetComparison.Change> changes = SetComparison.of(
                set(
                        reading("waist", Posture.STANDING, "70"),
                        reading("hip", Posture.STANDING, "98"),
                        reading("wrist", Posture.STANDING, "16")),
                set(
                        reading("waist", Posture.STANDING, "72.5"),
                        reading("waist", Posture.SEATED, "75"),
                        reading("hip", Posture.STANDING, "97")),
                Set.of("hip"));
        assertThat(changes).hasSize(2);
        assertThat(changes.get(0).by()).isEqualTo(25);
        assertThat(changes.get(0).comparable()).isTrue();
        assertThat(changes.get(1).comparable()).isFalse();
    }

    @Test
    void real_isMoreThanReadingsOfOneDayDiffer() {
        Measure waist = SomeMeasures.at("waist", Station.FRONT);
        assertThat(new SetComparison.Change("waist", Side.MIDDLE, Posture.STANDING, 700, 710, true).isReal(waist))
                .isFalse();
        assertThat(new SetComparison.Change("waist", Side.MIDDLE, Posture.STANDING, 700, 689, true).isReal(waist))
                .isTrue();
    }

    @Test
    void circumstances_areChangedOneByOne_andTheReadingsStay() {
        MeasurementSet set = set(reading("waist", Posture.STANDING, "70"));
        MeasurementSet changed = set.withStart(TapeStart.ONE_INCH)
                .wornAs(AsWorn.UNSTATED.withHair("cap"))
                .settle("doubt")
                .under("corset", "closed", "Ruth");
        assertThat(changed.readings()).isEqualTo(set.readings());
        assertThat(changed.start()).isEqualTo(TapeStart.ONE_INCH);
        assertThat(changed.worn().hair()).isEqualTo("cap");
        assertThat(changed.settled()).containsExactly("doubt");
        assertThat(changed.alone()).isFalse();
        assertThat(set.alone()).isTrue();
        assertThat(set.has("waist")).isTrue();
        assertThat(set.has("hip")).isFalse();
    }

    @Test
    void floorMark_comesOffHeightsOnly() {
        Measure girth = SomeMeasures.at("waist", Station.FRONT);
        assertThat(TapeStart.TEN_AT_FLOOR.offset(girth).nanometres()).isZero();
        assertThat(TapeStart.ONE_INCH.offset(girth)).isEqualTo(TapeStart.ONE_INCH.offset());
    }
}
