package org.soberhem.files.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.figure.Figure;
import org.soberhem.core.fitting.FitReading;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.silhouette.Rule;

/** The files of the library speak of each other; every name that one uses is there in the other. */
class LibraryAgreesTest {

    private static final Library LIBRARY = Library.shipped();

    private static List<CompiledSheet> sheetsOf(String garment) {
        return LIBRARY.sheets().stream()
                .filter(sheet -> sheet.sheet().about().garment().equals(garment))
                .toList();
    }

    static Stream<Arguments> remedies() {
        return LIBRARY.zones().stream()
                .flatMap(zone -> zone.symptoms().stream()
                        .filter(symptom -> !symptom.alter().isEmpty())
                        .flatMap(symptom -> zone.garments().stream()
                                .flatMap(garment -> sheetsOf(garment).stream()
                                        .map(sheet -> Arguments.of(sheet.sheet().id(), symptom.id(), symptom)))));
    }

    @ParameterizedTest(name = "{1} on {0}")
    @MethodSource("remedies")
    void symptom_itsAlterationCanBeMadeOnTheGarmentsSheet(String id, String name, Zone.Symptom symptom) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        for (Sides sides : Sides.values()) {
            Alteration alteration = symptom.alteration(9.525, sides).orElseThrow();
            assertThat(alteration.apply(pattern).refusal()).as("%s", alteration).isEmpty();
        }
    }

    @Test
    void zones_haveLettersOfTheirOwn_andPlacesOnTheFigureAndTheirPieces() {
        Set<String> letters = new HashSet<>();
        for (Zone zone : LIBRARY.zones()) {
            zone.letters()
                    .forEach(
                            letter -> assertThat(letters.add(letter)).as(letter).isTrue());
            assertThat(zone.letters()).hasSizeBetween(1, 2);
            // 6 rows fit the standing view; a seventh takes own words.
            assertThat(zone.symptoms()).as(zone.id()).hasSizeBetween(1, 6);
            assertThat(zone.at().x()).isBetween(0.0, Figure.HALF_BREADTH);
            assertThat(zone.at().y()).isBetween(0.0, Figure.HEIGHT);
            for (String garment : zone.garments()) {
                assertThat(sheetsOf(garment))
                        .isNotEmpty()
                        .allSatisfy(sheet -> assertThat(sheet.sheet().pieces())
                                .containsKey(zone.flat().piece()));
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
    void corsets_carryTheirCaution() {
        // Usual cautions: in stages, never to a number, stop at pain, not for children, ask a clinician.
        assertThat(LIBRARY.wardrobe().layers())
                .filteredOn(
                        layer -> layer.id().startsWith("corset-s") || layer.id().startsWith("corset-l"))
                .isNotEmpty()
                .allSatisfy(layer -> assertThat(layer.caution())
                        .contains("stages", "Not for children", "clinician", "stop at pain"));
    }

    @Test
    void stays_areDressedAfterShiftAndStockings() {
        // Dressing order: stockings and shoes before stays that stop one bending (common practice).
        for (LayerStack stack : LIBRARY.wardrobe().stacks()) {
            List<String> order = stack.layers();
            int corset = order.stream()
                    .filter(id -> id.startsWith("corset-s") || id.startsWith("corset-l"))
                    .mapToInt(order::indexOf)
                    .findFirst()
                    .orElse(Integer.MAX_VALUE);
            for (String before : List.of("chemise", "combination", "stockings-suspended", "shoes-heeled")) {
                assertThat(order.indexOf(before))
                        .as("%s in %s", before, stack.id())
                        .isLessThan(corset);
            }
        }
    }

    @Test
    void rules_readQuantitiesThatSomebodyKnows_andTheirRangesAreRanges() {
        for (Rule rule : LIBRARY.rules()) {
            assertThat(rule.least()).as(rule.id()).isLessThan(rule.most());
            assertThat(rule.near()).isPositive();
            assertThat(rule.from()).isLessThanOrEqualTo(rule.to());
            assertThat(List.of("from memory", "common practice")).contains(rule.evidence());
            if (rule.judged() == Rule.Judged.DRAFT) {
                assertThat(sheetsOf(rule.garment()))
                        .isNotEmpty()
                        .allSatisfy(
                                sheet -> assertThat(sheet.sheet().quantities()).containsKey(rule.quantity()));
            } else {
                assertThat(LIBRARY.fitReadings()).extracting(FitReading::id).contains(rule.quantity());
            }
        }
        assertThat(LIBRARY.rules())
                .hasSizeGreaterThanOrEqualTo(5)
                .extracting(Rule::id)
                .doesNotHaveDuplicates();
    }

    @Test
    void sheets_atTheirMiddleSize_areRightByTheRulesOfTheirYears() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
            var known = Checks.quantities(sheet, sheet.middle(), pattern);
            LIBRARY.rules().stream()
                    .filter(rule -> rule.judged() == Rule.Judged.DRAFT
                            && rule.appliesTo(
                                    sheet.sheet().about().garment(),
                                    sheet.sheet().about().from()))
                    .forEach(rule ->
                            assertThat(known.get(rule.quantity())).as(rule.id()).isBetween(rule.least(), rule.most()));
        }
    }

    @Test
    void figure_itsTapesBelongToKnownMeasures_andLieOnIt() {
        Figure figure = LIBRARY.figure();
        figure.tapes().forEach((measure, line) -> {
            assertThat(LIBRARY.measures().find(measure)).as(measure).isPresent();
            Stream.of(line.front(), line.back())
                    .flatMap(Optional::stream)
                    .flatMap(List::stream)
                    .forEach(place -> {
                        assertThat(Math.abs(place.x())).as(measure).isLessThanOrEqualTo(Figure.HALF_BREADTH);
                        assertThat(place.y()).as(measure).isBetween(0.0, Figure.HEIGHT);
                    });
        });
        assertThat(figure.tapes()).hasSameSizeAs(LIBRARY.measures().all());
        for (Point place : figure.half()) {
            assertThat(place.x()).isBetween(0.0, Figure.HALF_BREADTH);
        }
    }
}
