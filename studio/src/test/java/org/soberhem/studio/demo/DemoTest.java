package org.soberhem.studio.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Side;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** The demo is what its story says: eight wearers, ten costumes, at different stages. */
class DemoTest {

    @TempDir
    Path folder;

    private Studio studio;
    private List<Situation> all;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        all = studio.histories().allCostumes().stream()
                .map(studio.current()::evaluate)
                .toList();
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Situation situation(String id) {
        return all.stream()
                .filter(each -> each.costume().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void wearers_areOfDifferingBuild() {
        assertThat(studio.histories().wearers().values()).hasSize(8);
        assertThat(studio.histories().wearers().values())
                .extracting(Wearer::build)
                .contains(new Build(Age.CHILD, false), Build.ADULT);
        List<Double> waists = studio.histories().wearers().values().stream()
                .flatMap(wearer -> wearer.sets().stream())
                .flatMap(set -> set.value("waist-crease", Side.LEFT).stream())
                .map(Length::toMillimetres)
                .sorted()
                .toList();
        assertThat(waists.get(waists.size() - 1) - waists.get(0)).isGreaterThan(150);
        assertThat(studio.histories().wearers().values())
                .anyMatch(wearer -> wearer.sets().isEmpty());
        assertThat(studio.histories().wearers().values())
                .flatExtracting(Wearer::sets)
                .extracting(set -> ((MeasurementSet) set).alone())
                .contains(true, false);
    }

    @Test
    void costumes_standAtDifferentStages_fromSheetsOfEveryDraftedSystem() {
        assertThat(all.stream().map(Situation::stage).collect(Collectors.toSet()))
                .isEqualTo(Set.of(Stage.TAPE, Stage.DRAFT, Stage.FITTING, Stage.SILHOUETTE));
        assertThat(situation("keeper-1907").costume().fittings()).isEmpty();
        assertThat(situation("secretary-1906").costume().fittings()).hasSize(2);
        assertThat(all)
                .flatExtracting(each -> each.costume().garments())
                .extracting(garment -> studio.current()
                        .sheet((Garment) garment)
                        .sheet()
                        .about()
                        .system())
                .containsOnly("proportional-ruler", "divisions", "measured", "rectangles");
        assertThat(all)
                .allSatisfy(each -> assertThat(each.judgement().failures()).isEmpty());
    }

    @Test
    void secretary_hasACuredRemark_andAnUnsolvedCause() {
        List<Remark> remarks = situation("secretary-1906").costume().fittings().stream()
                .map(Fitting::remarks)
                .flatMap(List::stream)
                .toList();
        assertThat(remarks)
                .extracting(Remark::state)
                .contains(Remark.State.CURED, Remark.State.OPEN, Remark.State.LEFT);
        assertThat(remarks).anySatisfy(remark -> assertThat(remark.cause()).isEmpty());
        Garment blouse = situation("secretary-1906").costume().garment("Blouse").orElseThrow();
        assertThat(blouse.versions()).extracting(Version::after).containsExactly(0, 1, 1);
        assertThat(situation("secretary-1906").judgement().versionWords(blouse)).isEqualTo("version 2");
    }

    @Test
    void everyRemark_speaksOfAZoneOfItsGarment_inTheWordsOfItsSymptoms() {
        for (Situation each : all) {
            for (Fitting fitting : each.costume().fittings()) {
                for (Remark remark : fitting.remarks()) {
                    assertThat(studio.library().zones())
                            .filteredOn(zone -> zone.id().equals(remark.zone()))
                            .singleElement()
                            .satisfies(zone -> assertThat(studio.library()
                                            .symptoms()
                                            .find(remark.seen())
                                            .orElseThrow()
                                            .zones())
                                    .contains(zone.id()));
                    assertThat(fitting.mockup().versions()).containsKey(remark.garment());
                }
            }
        }
    }

    @Test
    void oneCostumeIsDone_worn_andHasItsLesson() {
        assertThat(all)
                .filteredOn(each -> each.inTheWay().isEmpty())
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.costume().papers().wearings()).isNotEmpty();
                    assertThat(each.costume().papers().otherwise()).isNotBlank();
                    assertThat(each.costume().papers().passages()).isNotEmpty();
                });
    }

    @Test
    void oneCostumesLayersChangedAfterItsFitting() {
        assertThat(situation("quay-1861").inTheWay())
                .anySatisfy(obstacle -> assertThat(obstacle.sentence().in(studio.format()))
                        .startsWith("Fitting 1 was over no shaping layer, the costume is now worn over"));
    }

    @Test
    void inTheWay_isShort_andEveryLineHasAPlace() {
        assertThat(all).allSatisfy(each -> {
            assertThat(each.inTheWay()).hasSizeLessThanOrEqualTo(6);
            each.inTheWay().forEach(obstacle -> {
                String words = obstacle.sentence().in(studio.format());
                assertThat(words).isNotBlank().doesNotContain("{}", "null", "Optional");
                assertThat(obstacle.stage()).isNotNull();
            });
        });
    }
}
