package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.ResolvedMeasure;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;

/** Which value a draft takes: by definition, posture and layers, or as the maker chose. */
class TakenValuesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final MeasureResolver TAPE = new MeasureResolver(LIBRARY.measures(), LIBRARY.wardrobe());
    private static final String CORSET = "blouse-1906";

    private final List<Reading> readings = new ArrayList<>();
    private Costume costume =
            new Costume("c", "C", "", 1906, Optional.empty(), "w", "s", "none", List.of(), List.of(), "", Map.of());

    private void read(String measure, Side side, Posture posture, String typed) {
        readings.add(new Reading(measure, side, posture, List.of(LengthEntry.parse(typed, LengthUnit.CENTIMETRE))));
    }

    private void read(String measure, String typed) {
        read(measure, Side.MIDDLE, Posture.STANDING, typed);
    }

    private MeasurementSet set(String stack) {
        return MeasurementSet.of("s", LocalDate.of(2026, 5, 14), stack, "", "", readings);
    }

    private ResolvedMeasure taken(String asked, String stack) {
        return TAPE.taken(asked, set(stack), costume);
    }

    private static String words(ResolvedMeasure taken) {
        return taken.words().in(LengthFormat.CENTIMETRES);
    }

    private void choose(String asked, String from, Choice.Take take) {
        costume = costume.taking(asked, Optional.of(new Choice(from, take, "because")));
    }

    @Test
    void byDefinition_anotherWaistIsNotTakenWithoutAWord() {
        read("waist-narrowest", "70");
        ResolvedMeasure taken = taken("waist-crease", "none");
        assertThat(taken.state()).isEqualTo(ResolvedMeasure.State.MISSING);
        assertThat(taken.value()).isEmpty();
        assertThat(words(taken)).contains("Waist, narrowest 70.0 cm was", "only if you say so");
        assertThat(TAPE.candidates("waist-crease", set("none"))).containsExactly("waist-crease", "waist-narrowest");
        choose("waist-crease", "waist-narrowest", Choice.Take.STANDING);
        ResolvedMeasure chosen = taken("waist-crease", "none");
        assertThat(chosen.state()).isEqualTo(ResolvedMeasure.State.OTHER_DEFINITION);
        assertThat(chosen.value()).contains(Inputs.Measured.both(700));
        assertThat(words(chosen)).isEqualTo("Waist, narrowest in place of Waist, side-bend crease: because");
        assertThat(TAPE.inputs(set("none"), costume, Map.of()).find("waist-crease"))
                .isPresent();
        costume = costume.taking("waist-crease", Optional.empty());
        assertThat(TAPE.inputs(set("none"), costume, Map.of()).find("waist-crease"))
                .isEmpty();
    }

    @Test
    void byPosture_standingUnlessChosen_theLargerOfBothSideBySide() {
        read("full-hip", "99");
        read("full-hip", Side.MIDDLE, Posture.SEATED, "105");
        assertThat(taken("full-hip", "none").value()).contains(Inputs.Measured.both(990));
        choose("full-hip", "full-hip", Choice.Take.SEATED);
        assertThat(taken("full-hip", "none").value()).contains(Inputs.Measured.both(1050));
        choose("full-hip", "full-hip", Choice.Take.LARGER);
        assertThat(taken("full-hip", "none").value()).contains(Inputs.Measured.both(1050));
    }

    @Test
    void onlySeated_isNotTakenForStanding_unlessItIsAlwaysReadSeated() {
        read("full-hip", Side.MIDDLE, Posture.SEATED, "105");
        read("torso-length-seated", Side.MIDDLE, Posture.SEATED, "24");
        assertThat(taken("full-hip", "none").state()).isEqualTo(ResolvedMeasure.State.MISSING);
        assertThat(taken("torso-length-seated", "none").value()).contains(Inputs.Measured.both(240));
    }

    @Test
    void leftAndRight_stayApart() {
        read("wrist", Side.LEFT, Posture.STANDING, "16");
        read("wrist", Side.RIGHT, Posture.STANDING, "17");
        assertThat(taken("wrist", "none").value()).contains(new Inputs.Measured(160, 170));
    }

    @Test
    void byLayers_readingsOverOthersAreMarked_andEstimatedOnlyIfWanted() {
        costume = costume.withStack(CORSET);
        read("waist-crease", "70");
        read("neck-base", "36");
        read("full-bust", "92");
        assertThat(taken("neck-base", "none").state()).isEqualTo(ResolvedMeasure.State.MEASURED);
        ResolvedMeasure stale = taken("waist-crease", "none");
        assertThat(stale.state()).isEqualTo(ResolvedMeasure.State.OTHER_LAYERS);
        assertThat(stale.value()).contains(Inputs.Measured.both(700));
        choose("waist-crease", "waist-crease", Choice.Take.ESTIMATE);
        ResolvedMeasure estimated = taken("waist-crease", "none");
        assertThat(estimated.state()).isEqualTo(ResolvedMeasure.State.ESTIMATED);
        assertThat(words(estimated)).contains("an estimate", "not a measurement");
        double least = estimated.estimate().orElseThrow().least();
        double most = estimated.estimate().orElseThrow().most();
        assertThat(most).isGreaterThan(least);
        assertThat(estimated.value().orElseThrow().left()).isCloseTo((least + most) / 2, within(1e-6));
        choose("full-bust", "full-bust", Choice.Take.ESTIMATE);
        assertThat(taken("full-bust", "none").state()).isEqualTo(ResolvedMeasure.State.OTHER_LAYERS);
        assertThat(words(taken("full-bust", "none"))).contains("cannot be estimated");
        assertThat(taken("waist-crease", CORSET).state()).isEqualTo(ResolvedMeasure.State.MEASURED);
    }
}
