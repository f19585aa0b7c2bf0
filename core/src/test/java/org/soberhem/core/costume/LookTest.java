package org.soberhem.core.costume;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

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
                null,
                Optional.empty());
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
        Costume changed = costume(look).withSet("other").withStack("corset").taking("waist", Optional.empty());
        assertThat(changed.look()).isEqualTo(look);
        assertThat(changed.withLook(Look.USUAL).look()).isEqualTo(Look.USUAL);
        assertThat(changed.withLook(Look.USUAL).stack()).isEqualTo("corset");
    }
}
