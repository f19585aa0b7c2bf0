package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class FittingCommandTest extends CommandTest {

    @Test
    void symptoms_areListedForAGarment_andTheirFacts() {
        assertThat(run("symptoms", "--garment", "hood", "--json")).isZero();
        assertThat(json().findValuesAsString("id")).contains("hood-wont-pass").doesNotContain("hem-long");
        assertThat(run("symptoms", "--facts")).isZero();
        assertThat(out.toString()).contains("girth-short").contains("layer-present");
        assertThat(run("symptoms", "--garment", "spacesuit")).isEqualTo(2);
        assertThat(err.toString()).contains("no kind of garment \"spacesuit\"");
    }

    @Test
    void causes_areWeighedByFactsAndTests() {
        assertThat(run("causes", "arm-front-pinch", "--json")).isZero();
        JsonNode before = json();
        assertThat(before.get("causes").get(0).get("id").asString()).isEqualTo("front-wide-scye");
        assertThat(run("causes", "arm-front-pinch", "--fact", "layer-present corset-cover", "--json"))
                .isZero();
        assertThat(json().get("causes").get(0).get("id").asString()).isEqualTo("underlayer-scye");
        assertThat(json().get("proposed-test").asString()).isEqualTo("front-wide-scye");
        assertThat(run("causes", "arm-front-pinch", "--tested", "underlayer-scye=yes", "--json"))
                .isZero();
        assertThat(json().get("causes").get(0).get("share").asDouble()).isGreaterThan(0.8);
        assertThat(json().has("proposed-test")).isFalse();
        assertThat(run("causes", "arm-front-pinch")).isZero();
        assertThat(out.toString()).contains("Two remain; first: ", "something else");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "causes nothing | There is no symptom \"nothing\"",
                "causes arm-front-pinch --fact sunshine | There is no fact \"sunshine\"",
                "causes arm-front-pinch --tested x=yes | has no cause \"x\"",
                "causes arm-front-pinch --tested underlayer-scye=perhaps | must be yes or no: perhaps",
                "fitting nobody --demo | There is no costume \"nobody\"",
                "fitting keeper-1907 --demo | was tried on yet",
                "fitting secretary-1906 --round 9 --demo | has no fitting 9",
                "ready secretary-1906 Hat --demo | has no garment \"Hat\"",
                "ready secretary-1906 --step fold --demo | --step must be cut-cloth",
                "fitting secretary-1906 --workspace /nowhere/at/all | there is no workspace"
            })
    void wrongInput_isOneClearLine(String arguments, String said) {
        assertThat(run(arguments.strip().split(" "))).isEqualTo(2);
        assertThat(err.toString()).contains(said.strip()).doesNotContain("Exception");
        assertThat(err.toString().strip().lines()).hasSize(1);
    }

    @Test
    void fitting_isSummedUp() {
        assertThat(run("fitting", "secretary-1906", "--round", "1", "--demo", "--json"))
                .isZero();
        JsonNode row = json().get("to-do").get(0);
        assertThat(row.get("seen").asString()).isEqualTo("loose fold down the side");
        assertThat(row.get("place").asString()).isEqualTo("back side to front side");
        assertThat(row.get("to").asInt()).isEqualTo(2);
        JsonNode side = json().get("in-all").get(0);
        assertThat(side.get("girth").asDouble()).isCloseTo(-12.7, within(1e-9));
        assertThat(run("fitting", "Harbour office secretary", "--demo", "--cm")).isZero();
        assertThat(out.toString())
                .contains("wearer's right: nothing is decided (crumples and pinches at the front of the arm)")
                .contains("Blouse is provisional: the cloth is stiffer")
                .contains("0.6 cm taken in at each side");
        assertThat(run("fitting", "secretary-1906", "--round", "1", "--demo")).isZero();
        assertThat(out.toString())
                .contains("Blouse, 1 → 2  back side to front side, both sides: take in ¼ in at the top,"
                        + " the same at the bottom (loose fold down the side)");
    }

    @Test
    void ready_saysWhatIsMissing_andFailsWhileTheGateIsClosed() {
        assertThat(run("ready", "secretary-1906", "blouse", "--demo")).isEqualTo(1);
        assertThat(out.toString())
                .contains(
                        "closed",
                        "✓ Version 2 was tried on",
                        "✗ Open: crumples",
                        "✓ Every cloth is made ready",
                        "✗ Blouse, lining: no cloth is chosen");
        assertThat(run("ready", "wife-1778", "Petticoat", "--demo", "--json"))
                .as("it was passed with a reason")
                .isZero();
        assertThat(json().get("open").asBoolean()).isFalse();
        assertThat(json().get("passed").asString()).startsWith("Market day");
        assertThat(run("ready", "wife-1778", "Jacket", "--demo")).isEqualTo(1);
    }

    private Path marks(String... lines) throws IOException {
        Path file = folder.resolve("marks.csv");
        Files.writeString(file, "name,use,there-x,there-y,here-x,here-y\n" + String.join("\n", lines));
        return file;
    }

    @Test
    void overlay_measuresInRealLengths() throws IOException {
        Path file = marks(
                "eye,holds,500,100,250,150", "foot,holds,500,1700,250,950", "button 1,compared,500,800,250,512.5");
        assertThat(run("overlay", file.toString(), "--from", "eye", "--to", "foot", "--length", "64 in"))
                .isZero();
        assertThat(out.toString().strip()).isEqualTo("button 1: 1 in too low");
        assertThat(run("overlay", file.toString(), "--json")).isZero();
        assertThat(json().get("mm-per-point").isNull()).isTrue();
        assertThat(json().get("matrix").get(0).asDouble()).isCloseTo(2, within(1e-9));
    }

    @Test
    void overlay_saysWhatIsWrongWithTheMarks() throws IOException {
        assertThat(run("overlay", marks("eye,holds,1,2,3").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("line 2: 6 values must stand here: 5");
        assertThat(run("overlay", marks("eye,looks,1,2,3,4").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("line 2: use must be holds or compared: \"looks\"");
        assertThat(run("overlay", marks("eye,holds,1,2,3,far").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("here-y must be a number: \"far\"");
        Path one = marks("eye,holds,1,2,3,4");
        assertThat(run("overlay", one.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("2 places must be marked on both pictures: 1 are");
        assertThat(run("overlay", one.toString(), "--from", "eye")).isEqualTo(2);
        assertThat(err.toString()).contains("belong together");
        assertThat(run("overlay", one.toString(), "--from", "eye", "--to", "toe", "--length", "1 in"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("there is no mark \"toe\"");
        Path bare = folder.resolve("bare.csv");
        Files.writeString(bare, "x,y\n1,2");
        assertThat(run("overlay", bare.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("the first line must be name,use");
    }
}
