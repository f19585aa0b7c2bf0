package org.soberhem.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;

class MeasurementsTest {

    private static final Measure WAIST = measure("waist-crease", "natural waist");

    private static Measure measure(String id, String alias) {
        return SomeMeasures.girth(id, alias);
    }

    private static Reading reading(Side side, Posture posture, String... typed) {
        return new Reading(
                "waist-crease",
                side,
                posture,
                List.of(typed).stream()
                        .map(text -> LengthEntry.parse(text, LengthUnit.INCH))
                        .toList());
    }

    private static final MeasurementSet EMPTY =
            MeasurementSet.of("may", LocalDate.of(2026, 5, 1), "none", "", "Ruth", List.of());

    @Test
    void mean_andSpread_ofThreeReadings_areExact() {
        Reading reading = reading(Side.MIDDLE, Posture.STANDING, "27", "26 7/8", "27 1/8");
        assertThat(reading.mean()).isEqualTo(Length.ofInches(27));
        assertThat(reading.spread()).isEqualTo(Length.ofInches(0, 1, 4));
    }

    @Test
    void reading_fourthOrNone_isRefused() {
        assertThatThrownBy(() -> reading(Side.MIDDLE, Posture.STANDING, "1", "2", "3", "4"))
                .hasMessage("A measurement must have one to three readings: 4");
        assertThatThrownBy(() -> reading(Side.MIDDLE, Posture.STANDING)).hasMessageContaining("0");
    }

    @Test
    void reading_replacedAndTakenAway() {
        Reading reading = reading(Side.MIDDLE, Posture.STANDING, "27", "28");
        LengthEntry other = LengthEntry.parse("29", LengthUnit.INCH);
        assertThat(reading.with(1, other).taken().get(1)).isEqualTo(other);
        assertThat(reading.with(2, other).taken()).hasSize(3);
        assertThat(reading.without(0).orElseThrow().mean()).isEqualTo(Length.ofInches(28));
        assertThat(reading.without(0).orElseThrow().without(0)).isEmpty();
    }

    @Test
    void value_takesTheSidesOwn_thenTheMiddle_thenTheOther() {
        MeasurementSet middle = EMPTY.with(reading(Side.MIDDLE, Posture.STANDING, "27"));
        assertThat(middle.value("waist-crease", Side.LEFT)).contains(Length.ofInches(27));
        MeasurementSet apart = middle.with(reading(Side.LEFT, Posture.STANDING, "26"));
        assertThat(apart.value("waist-crease", Side.LEFT)).contains(Length.ofInches(26));
        assertThat(apart.value("waist-crease", Side.RIGHT)).contains(Length.ofInches(27));
        MeasurementSet only = EMPTY.with(reading(Side.LEFT, Posture.STANDING, "26"));
        assertThat(only.value("waist-crease", Side.RIGHT)).contains(Length.ofInches(26));
        assertThat(EMPTY.value("waist-crease", Side.LEFT)).isEmpty();
    }

    @Test
    void value_seatedReading_isNotTakenForStanding() {
        MeasurementSet seated = EMPTY.with(reading(Side.MIDDLE, Posture.SEATED, "28"));
        assertThat(seated.value("waist-crease", Side.LEFT)).isEmpty();
        assertThat(seated.without("waist-crease", Side.MIDDLE, Posture.SEATED).readings())
                .isEmpty();
    }

    @Test
    void wearer_setWithTheSameId_isReplaced() {
        Wearer wearer = Wearer.of("ada", "Ada", "", List.of(EMPTY));
        Wearer changed = wearer.with(EMPTY.under("corset", "closed", ""));
        assertThat(changed.sets()).hasSize(1);
        assertThat(changed.set("may").orElseThrow().stack()).isEqualTo("corset");
    }

    @ParameterizedTest
    @CsvSource({
        "-2 in, true, more than nothing",
        "0, true, more than nothing",
        "340 in, false, usually",
        "27 in, false, ''",
        "12 m, true, another unit"
    })
    void judgement_refusesTheImpossible_andQuestionsTheUnusual(String typed, boolean refused, String words) {
        EntryJudgement judgement = EntryJudgement.of(
                WAIST, LengthEntry.parse(typed, LengthUnit.INCH).value(), Age.ADULT);
        assertThat(judgement.refused()).isEqualTo(refused);
        assertThat(judgement
                        .sentence()
                        .map(s -> s.in(LengthFormat.INCH_EIGHTHS))
                        .orElse(""))
                .contains(words);
        assertThat(judgement.sentence().isPresent()).isEqualTo(!words.isEmpty());
    }

    @Test
    void catalogue_findsByIdAndAlias_blanksAndHyphensAlike() {
        MeasureCatalogue catalogue = new MeasureCatalogue(List.of(WAIST));
        assertThat(catalogue.find("Natural-Waist")).contains(WAIST);
        assertThat(catalogue.find("natural waist")).contains(WAIST);
        assertThat(catalogue.find("hip")).isEmpty();
        assertThatThrownBy(() -> new MeasureCatalogue(List.of(WAIST, measure("waist-narrowest", "natural waist"))))
                .hasMessageContaining("\"natural waist\" must name one measurement");
    }
}
