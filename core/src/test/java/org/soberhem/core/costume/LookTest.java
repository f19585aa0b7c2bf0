package org.soberhem.core.costume;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;

class LookTest {

    private static Costume costume(Look look) {
        return new Costume(
                "c",
                "c",
                "",
                1906,
                Optional.empty(),
                "w",
                "s",
                "none",
                List.of(),
                List.of(),
                "",
                Map.of(),
                look,
                null,
                null);
    }

    @Test
    void departure_isKeptWithItsReason_andTakenBack() {
        Look left = Look.USUAL.departing("hem", Optional.of("the cloth ran out"));
        assertThat(left.departures()).containsExactly(Map.entry("hem", "the cloth ran out"));
        assertThat(left.departing("hem", Optional.empty())).isEqualTo(Look.USUAL);
    }

    @Test
    void otherSilhouette_beginsWithItsUsualSchool_andKeepsTheDepartures() {
        Look look = new Look("one", "trailing", Map.of("hem", "why")).of("other");
        assertThat(look.silhouette()).isEqualTo("other");
        assertThat(look.school()).isEmpty();
        assertThat(look.departures()).containsKey("hem");
        assertThat(look.inSchool("walking").school()).isEqualTo("walking");
    }

    @Test
    void look_staysWithTheCostume_whateverElseChanges() {
        Look look = new Look("one", "", Map.of());
        Costume changed = costume(look).drawnFrom("other").wornOver("corset").taking("waist", Optional.empty());
        assertThat(changed.look()).isEqualTo(look);
        assertThat(changed.looking(Look.USUAL).look()).isEqualTo(Look.USUAL);
        assertThat(changed.looking(Look.USUAL).stack()).isEqualTo("corset");
    }

    @Test
    void costumesAndFittingsOfOlderWorkspaces_lackWhatCameLater() {
        assertThat(costume(null).look()).isEqualTo(Look.USUAL);
        Fitting old = new Fitting(
                1,
                null,
                new Mockup(Map.of(), "", null, null, null, null),
                new Conditions("none", true, "", null, null, null, null, false, false),
                List.of(),
                Map.of(),
                null,
                null,
                null);
        assertThat(old).isEqualTo(Fitting.begun(1, null, new Mockup(Map.of(), ""), new Conditions("none", true, "")));
        assertThat(new Decision(null, "let out", Optional.empty(), 0).kind()).isEqualTo(Decision.Kind.OWN_WORDS);
    }

    @Test
    void answer_isGiven_changed_andTakenBack() {
        Fitting fitting = Fitting.begun(1, null, new Mockup(Map.of(), ""), new Conditions("none", true, ""));
        Fitting answered = fitting.answering("stance", Optional.of(0.5));
        assertThat(answered.answers()).containsExactly(Map.entry("stance", 0.5));
        assertThat(answered.answering("stance", Optional.of(1.0)).answers()).containsEntry("stance", 1.0);
        assertThat(answered.answering("stance", Optional.empty())).isEqualTo(fitting);
        assertThat(answered.under(answered.conditions().over("corset")).answers())
                .containsKey("stance");
    }

    @Test
    void proposal_isReadBackAsItWasWritten() {
        String target = Obstacle.proposal("change-hem", Map.of("atFront", -12.7, "atBack", 3.0));
        assertThat(target).startsWith(Obstacle.PROPOSAL);
        assertThat(Obstacle.proposedKind(target)).isEqualTo("change-hem");
        assertThat(Obstacle.proposedAmounts(target)).isEqualTo(Map.of("atFront", -12.7, "atBack", 3.0));
        assertThat(Obstacle.proposedAmounts(Obstacle.proposal("underarm-gusset", Map.of())))
                .isEmpty();
    }
}
