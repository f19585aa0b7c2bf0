package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.EarlierVersion;
import org.soberhem.core.judging.Target;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Side;
import org.soberhem.studio.demo.Studios;

class StudioTest {

    @TempDir
    Path folder;

    private static double backLength(Studio studio) {
        return studio.situation()
                .work("Blouse")
                .orElseThrow()
                .pattern()
                .length(EdgeRef.parse("back.centre"), Side.LEFT);
    }

    @Test
    void alteration_survivesARestart_andUndoStillWorks() {
        Studio studio = Studios.demo(folder);
        studio.open("keeper-1907");
        double before = backLength(studio);
        new AlterationCommands(studio).make(LengthenAtLevel.evenly("midriff", 50.8, Sides.BOTH));
        assertThat(backLength(studio)).isEqualTo(before + 50.8, within(1e-6));
        studio.keeper().close();

        Studio again = Studios.open(folder);
        again.open("keeper-1907");
        assertThat(backLength(again)).isEqualTo(before + 50.8, within(1e-6));
        again.undo();
        assertThat(backLength(again)).isEqualTo(before, within(1e-6));
        assertThat(again.done().get()).isEqualTo("Taken back: Lengthen at the midriff by 2 in");
        again.redo();
        assertThat(backLength(again)).isEqualTo(before + 50.8, within(1e-6));
        again.keeper().close();
    }

    @Test
    void triedMeasure_isShownButNotKept() {
        Studio studio = Studios.demo(folder);
        studio.open("secretary-1906");
        double kept = studio.situation()
                .work("Blouse")
                .orElseThrow()
                .draft()
                .scale()
                .orElseThrow()
                .unit();
        studio.current().tryMeasure("full-bust", 36 * 30);
        assertThat(studio.situation()
                        .work("Blouse")
                        .orElseThrow()
                        .draft()
                        .scale()
                        .orElseThrow()
                        .unit())
                .isEqualTo(30);
        assertThat(studio.current()
                        .draft(studio.situation().costume().garment("Blouse").orElseThrow())
                        .orElseThrow()
                        .draft()
                        .scale()
                        .orElseThrow()
                        .unit())
                .isEqualTo(kept);
        studio.current().forgetTried();
        assertThat(studio.situation()
                        .work("Blouse")
                        .orElseThrow()
                        .draft()
                        .scale()
                        .orElseThrow()
                        .unit())
                .isEqualTo(kept);
        studio.keeper().close();
    }

    @Test
    void undo_nothingLeft_saysSo() {
        Studio studio = Studios.demo(folder);
        studio.open("post-1908");
        studio.undo();
        assertThat(studio.done().get()).isEqualTo("Nothing to take back");
        studio.keeper().close();
    }

    @Test
    void settle_opensThePlaceOfAnObstacle() {
        Studio studio = Studios.demo(folder);
        studio.open("post-1908");
        var hip = studio.situation().inTheWay().stream()
                .filter(obstacle -> obstacle.target().equals(new Target.Measure("full-hip")))
                .findFirst()
                .orElseThrow();
        studio.navigation().settle(hip);
        assertThat(studio.navigation().place().get()).contains(Stage.TAPE);
        assertThat(studio.navigation().target().get()).isEqualTo(new Target.Measure("full-hip"));
        studio.keeper().close();
    }

    @Test
    void begin_makesAWearerAndACostume_thatAreThereAfterARestart() {
        Studio studio = Studios.open(folder);
        assertThat(studio.histories().allCostumes().stream()
                        .map(studio.current()::evaluate)
                        .toList())
                .isEmpty();
        studio.garments()
                .begin(new Beginning(
                        "Boatman's sister",
                        "the quay",
                        "1906",
                        "2027-05-30",
                        "Jette Rahn",
                        "blouse-1906",
                        List.of("blouse-1906"),
                        List.of()));
        assertThat(studio.navigation().place().get()).contains(Stage.TAPE);
        assertThat(studio.situation().inTheWay().get(0).sentence().in(studio.format()))
                .isEqualTo("The wearer has not been measured: begin with the tape");
        studio.garments()
                .begin(new Beginning(
                        "Boatman's sister",
                        "",
                        "1907",
                        "",
                        "Jette Rahn",
                        "none",
                        List.of("walking-skirt-1906"),
                        List.of()));
        studio.keeper().close();

        Studio again = Studios.open(folder);
        assertThat(again.histories().wearers().values())
                .singleElement()
                .satisfies(w -> assertThat(w.name()).isEqualTo("Jette Rahn"));
        assertThat(again.histories().allCostumes().stream()
                        .map(again.current()::evaluate)
                        .toList())
                .extracting(situation -> situation.costume().id())
                .containsExactly("boatman-s-sister", "boatman-s-sister-2");
        assertThat(again.histories().allCostumes().stream()
                        .map(again.current()::evaluate)
                        .toList()
                        .get(0)
                        .costume()
                        .garments())
                .extracting(Garment::name)
                .containsExactly("Blouse");
        again.keeper().close();
    }

    @ParameterizedTest
    @CsvSource({
        "'', 1906, '', Ada, Say in a few words",
        "Title, 19o6, '', Ada, The year must have four digits",
        "Title, 1906, 30.5.2027, Ada, The date must be written like 2027-05-30",
        "Title, 1906, '', '', Name the wearer"
    })
    void beginning_saysWhatIsMissing(String title, String year, String event, String wearer, String words) {
        Beginning beginning = new Beginning(title, "", year, event, wearer, "none", List.of("blouse-1906"), List.of());
        assertThat(beginning.problem())
                .hasValueSatisfying(problem -> assertThat(problem).startsWith(words));
        assertThat(new Beginning("Title", "", "1906", "", "Ada", "none", List.of(), List.of()).problem())
                .contains("Choose at least one draft.");
        assertThat(new Beginning("Title", "", "1906", "2027-05-30", "Ada", "none", List.of("blouse-1906"), List.of())
                        .problem())
                .isEqualTo(Optional.empty());
    }

    @Test
    void earlierVersion_nearestToTheWearer_isBegunFrom() {
        Studio studio = Studios.demo(folder);
        studio.open("keeper-1907");
        List<EarlierVersion> nearest = studio.garments().earlierVersions();
        assertThat(nearest).isNotEmpty().noneMatch(each -> each.costume().id().equals("keeper-1907"));
        assertThat(nearest).extracting(EarlierVersion::outside).isSorted();
        EarlierVersion first = nearest.get(0);
        int before = studio.situation().costume().garments().size();
        studio.garments()
                .branch(
                        first.costume(),
                        first.garment(),
                        first.version(),
                        studio.situation().costume());
        assertThat(studio.situation().costume().garments()).hasSize(before + 1);
        assertThat(studio.situation().costume().garments().get(before).origin())
                .contains(first.costume().title())
                .contains("version " + first.version().number());
        studio.keeper().close();
    }
}
