package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Measure;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.trace.Landmark;

/** The files of the library speak of each other; every name that one uses is there in the other. */
class LibraryAgreesTest {

    private static final Library LIBRARY = Library.shipped();

    private static List<CompiledSheet> sheetsOf(String garment) {
        return LIBRARY.sheets().stream()
                .filter(sheet -> sheet.sheet().about().garment().equals(garment))
                .toList();
    }

    @Test
    void zones_haveLettersOfTheirOwn_andPlacesOnTheFigureAndTheirPieces() {
        Set<String> letters = new HashSet<>();
        for (Zone zone : LIBRARY.zones()) {
            zone.letters()
                    .forEach(
                            letter -> assertThat(letters.add(letter)).as(letter).isTrue());
            assertThat(zone.letters()).hasSizeBetween(1, 2);
            assertThat(zone.at().x()).isBetween(0.0, 135.0);
            assertThat(zone.at().y()).isBetween(0.0, 800.0);
            List<String> kinds = zone.garments().contains("any")
                    ? LIBRARY.sheets().stream()
                            .map(sheet -> sheet.sheet().about())
                            .filter(about -> zone.isOn(
                                    about.garment(),
                                    List.copyOf(LIBRARY.sheets().stream()
                                            .filter(sheet ->
                                                    sheet.sheet().about().equals(about))
                                            .findFirst()
                                            .orElseThrow()
                                            .sheet()
                                            .pieces()
                                            .keySet())))
                            .map(about -> about.garment())
                            .toList()
                    : zone.garments();
            assertThat(kinds).as(zone.id()).isNotEmpty();
            for (String garment : kinds) {
                assertThat(sheetsOf(garment))
                        .isNotEmpty()
                        .anySatisfy(sheet -> assertThat(zone.flat()
                                        .piece(List.copyOf(
                                                sheet.sheet().pieces().keySet())))
                                .as("%s on %s", zone.id(), sheet.sheet().id())
                                .isPresent());
            }
        }
        // I and O are taken for figures.
        assertThat(letters).doesNotContain("I", "O");
    }

    @Test
    void layers_changeKnownMeasures_andStacksHoldKnownLayers() {
        for (Layer layer : LIBRARY.wardrobe().layers()) {
            layer.changes()
                    .forEach(measure -> assertThat(LIBRARY.measures().find(measure))
                            .as("%s of %s", measure, layer.id())
                            .isPresent());
        }
        for (LayerStack stack : LIBRARY.wardrobe().stacks()) {
            stack.layers()
                    .forEach(layer -> assertThat(LIBRARY.wardrobe().layer(layer))
                            .as("%s in %s", layer, stack.id())
                            .isPresent());
            assertThat(stack.layers()).doesNotHaveDuplicates();
        }
    }

    @Test
    void layers_namesAgree_andTheirNumbersAreRanges() {
        Set<String> ids = new HashSet<>();
        for (Layer layer : LIBRARY.wardrobe().layers()) {
            assertThat(ids.add(layer.id())).as(layer.id()).isTrue();
            assertThat(layer.from()).as(layer.id()).isLessThan(layer.to());
            assertThat(LIBRARY.wardrobe().cautions().keySet()).as(layer.id()).containsAll(layer.cautions());
            layer.effects().forEach(effect -> {
                assertThat(effect.least()).as(layer.id()).isLessThanOrEqualTo(effect.most());
                assertThat(layer.changes()).as(layer.id()).contains(effect.measure());
            });
            layer.notWith()
                    .forEach(other -> assertThat(LIBRARY.wardrobe().layer(other))
                            .as("%s of %s", other, layer.id())
                            .isPresent());
        }
        assertThat(ids).hasSizeBetween(40, 80);
        assertThat(LIBRARY.wardrobe().stacks()).hasSizeGreaterThan(14);
    }

    @Test
    void hoopsAndBustles_haveRings_padsHaveNone() {
        for (String hooped : List.of("cage-1858", "farthingale-cone-1550", "pocket-hoops-1765", "bustle-1885")) {
            assertThat(LIBRARY.wardrobe().layer(hooped).orElseThrow().isHooped())
                    .as(hooped)
                    .isTrue();
        }
        for (String padded : List.of("hip-pad-1898", "false-rump-1785", "roll-1580", "bustle-pad-1835")) {
            assertThat(LIBRARY.wardrobe().layer(padded).orElseThrow().isHooped())
                    .as(padded)
                    .isFalse();
        }
    }

    @Test
    void cautions_areAllReached() {
        Set<String> reached = new HashSet<>();
        LIBRARY.wardrobe().layers().forEach(layer -> reached.addAll(layer.cautions()));
        LIBRARY.measures().all().forEach(measure -> reached.add(measure.how().caution()));
        assertThat(reached).containsAll(LIBRARY.wardrobe().cautions().keySet());
        LIBRARY.measures().all().stream()
                .map(measure -> measure.how().caution())
                .filter(caution -> !caution.isEmpty())
                .forEach(caution -> assertThat(LIBRARY.wardrobe().cautions()).containsKey(caution));
    }

    @Test
    void corsetsAndStays_carryTheirCautions() {
        // Usual cautions: in stages, never to a number, stop at pain, not for children, ask a clinician.
        assertThat(LIBRARY.wardrobe().layers())
                .filteredOn(layer -> layer.id().matches("(corset|stays|bodies)-\\d.*"))
                .hasSizeGreaterThan(8)
                .allSatisfy(layer -> assertThat(layer.cautions()).contains("lacing", "clinician", "not-children"));
        assertThat(LIBRARY.wardrobe().cautions().get("lacing"))
                .contains("stages", "never to a target number", "Stop at pain");
        assertThat(LIBRARY.wardrobe().cautions().get("clinician")).contains("ask a clinician");
    }

    @Test
    void stacks_areWornAndDressedAsTheirLayersAsk_inYearsThatTheyHave() {
        // Dressing order: stockings and shoes before stays that stop one bending (common practice).
        for (LayerStack stack : LIBRARY.wardrobe().stacks()) {
            assertThat(LIBRARY.wardrobe().problems(stack)).as(stack.id()).isEmpty();
            for (Layer layer : LIBRARY.wardrobe().layersOf(stack)) {
                assertThat(layer.from() <= stack.to() && layer.to() >= stack.from())
                        .as("%s in %s", layer.id(), stack.id())
                        .isTrue();
            }
        }
    }

    @Test
    void relations_haveLimits_andTouchMeasuresOfTheCatalogue() {
        assertThat(LIBRARY.relations()).hasSizeGreaterThan(80).allSatisfy(relation -> {
            assertThat(relation.least()).as(relation.says()).isLessThan(relation.most());
            assertThat(List.of("sample", "tried on the sample", "common practice", "memory"))
                    .contains(relation.evidence());
            assertThat(relation.measures())
                    .allSatisfy(id -> assertThat(LIBRARY.measures().find(id)).isPresent());
        });
        assertThat(LIBRARY.proportions().variables())
                .allSatisfy(variable ->
                        assertThat(LIBRARY.measures().find(variable.measure())).isPresent());
    }

    @Test
    void asked_growsWithAge() {
        // Small children need few measurements, adults many (common practice): a baby its height and weight, a toddler
        // chest and waist too.
        Map<Age, List<String>> least = LIBRARY.asked().least();
        assertThat(least.get(Age.INFANT)).containsExactly("height");
        assertThat(LIBRARY.asked().weighed()).contains(Age.INFANT);
        assertThat(least.get(Age.TODDLER)).contains("height", "chest", "waist-crease");
        assertThat(least.get(Age.CHILD)).containsAll(least.get(Age.TODDLER)).hasSizeGreaterThan(5);
        least.forEach((age, ids) -> ids.stream()
                .map(id -> LIBRARY.measures().find(id).orElseThrow())
                .forEach(measure -> assertThat(
                                measure.isFor(new Build(age, false)) || measure.isFor(new Build(age, true)))
                        .as("%s of %s", measure.id(), age.words())
                        .isTrue()));
        assertThat(LIBRARY.measures().all(new Build(Age.INFANT, false)).size())
                .isLessThan(LIBRARY.measures().all(new Build(Age.CHILD, false)).size());
    }

    @Test
    void measures_saysWhichTermOfTheStandard_andThatItIsFromMemory() {
        Measure waist = LIBRARY.measures().find("waist-midway").orElseThrow();
        assertThat(waist.iso().orElseThrow().words()).contains("\"waist girth\"", "from memory");
        assertThat(LIBRARY.measures().all().stream()
                        .filter(measure -> measure.iso().isPresent())
                        .count())
                .isGreaterThan(25);
    }

    @Test
    void charts_areReadAndDecidedByMeasuresThatTheyHave() {
        assertThat(LIBRARY.charts()).isNotEmpty().allSatisfy(chart -> {
            assertThat(chart.source()).contains("memory");
            assertThat(chart.rows()).hasSizeGreaterThan(5);
        });
        LIBRARY.governing()
                .values()
                .forEach(ids -> ids.forEach(
                        id -> assertThat(LIBRARY.measures().find(id)).as(id).isPresent()));
    }

    @Test
    void stands_everyMeasureHasItsTape_onEveryAge() {
        assertThat(Stand.measures())
                .containsExactlyInAnyOrderElementsOf(
                        LIBRARY.measures().all().stream().map(Measure::id).toList());
        for (Age age : Age.values()) {
            BodyFigure figure = new BodyFigure(LIBRARY.figurePlan(), new Build(age, true), measure -> Double.NaN);
            Stand stand = StandMaker.rough(figure);
            for (Measure measure : LIBRARY.measures().all()) {
                double length =
                        stand.tape(measure.id(), Side.RIGHT).orElseThrow().length();
                // The tape of an unmeasured body reads something that is usual at its age, or nearly so.
                measure.usualAt(age)
                        .ifPresent(usual -> assertThat(length)
                                .as("%s of %s", measure.id(), age.words())
                                .isBetween(
                                        usual.least().toMillimetres() * 0.75 - 15,
                                        usual.most().toMillimetres() * 1.25 + 15));
            }
        }
    }

    @Test
    void landmarks_nameKnownMeasures_andKeepTheirEaseInOrder() {
        assertThat(LIBRARY.landmarks().all()).extracting(Landmark::id).doesNotHaveDuplicates();
        for (Landmark landmark : LIBRARY.landmarks().all()) {
            assertThat(landmark.measures())
                    .as(landmark.id())
                    .isNotEmpty()
                    .allSatisfy(
                            id -> assertThat(LIBRARY.measures().find(id)).as(id).isPresent());
            assertThat(landmark.ease().usual())
                    .as(landmark.id())
                    .isBetween(landmark.ease().least(), landmark.ease().most());
            assertThat(landmark.why()).isNotBlank();
        }
        assertThat(LIBRARY.landmarks().armHole().least())
                .isLessThan(LIBRARY.landmarks().armHole().most());
    }
}
