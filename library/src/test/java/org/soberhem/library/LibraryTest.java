package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.SeamCheck;

class LibraryTest {

    private static final Library LIBRARY = Library.shipped();

    static List<CompiledSheet> sheets() {
        return LIBRARY.sheets();
    }

    @Test
    void measures_areAtLeastThoseOfBodiceSleeveAndSkirt() {
        MeasureCatalogue catalogue = LIBRARY.measures();
        assertThat(catalogue.all()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(catalogue.find("bust").orElseThrow().id()).isEqualTo("full-bust");
        assertThat(catalogue.find("natural waist").orElseThrow().id()).isEqualTo("waist-crease");
        for (Measure measure : catalogue.all()) {
            measure.usual()
                    .forEach((age, usual) -> assertThat(usual.least())
                            .as("%s of %s", measure.id(), age.words())
                            .isLessThan(usual.most()));
            measure.confusable()
                    .forEach(other -> assertThat(catalogue.find(other.id()))
                            .as(other.id())
                            .isPresent());
        }
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void sheet_atItsMiddleSize_passesEverything(CompiledSheet sheet) {
        Draft draft = Drafter.draft(sheet, sheet.middle());
        assertThat(Checks.of(sheet, sheet.middle(), draft.pattern()))
                .allSatisfy(check -> assertThat(check.passes())
                        .as(check.sentence().in(LengthFormat.INCH_EIGHTHS))
                        .isTrue());
        assertThat(draft.pattern().seamChecks())
                .filteredOn(check -> !check.isTrue())
                .map(SeamCheck::sentence)
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void sheet_asksOnlyForKnownMeasures(CompiledSheet sheet) {
        assertThat(sheet.usableMeasures())
                .allSatisfy(id -> assertThat(LIBRARY.measures().find(id)).as(id).isPresent());
        assertThat(Checks.of(
                        sheet,
                        sheet.middle(),
                        Drafter.draft(sheet, sheet.middle()).pattern()))
                .allMatch(CheckResult::isJudged);
    }
}
