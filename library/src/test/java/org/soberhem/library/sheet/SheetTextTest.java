package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetText.Row;
import org.soberhem.library.sheet.SheetText.Table;

class SheetTextTest {

    private static final SheetText BLOUSE =
            SheetText.of(Library.shipped().sheetText("blouse-1906").orElseThrow());

    private static Table table(SheetText text, String owner) {
        return text.tables().stream()
                .filter(t -> t.owner().equals(owner))
                .findFirst()
                .orElseThrow();
    }

    private static Row row(Table table, String letter) {
        return table.rows().stream()
                .filter(r -> r.letter().equals(letter))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void with_changesOneCell_andNothingElse() {
        Row b = row(table(BLOUSE, "front"), "B");
        SheetText changed = BLOUSE.with(b.cells().get(1), "3 1/8");
        assertThat(changed.problem()).isEmpty();
        assertThat(changed.text()).isEqualTo(BLOUSE.text().replaceFirst("B: \\[0, 3\\]", "B: [0, 3 1/8]"));
    }

    @Test
    void with_aFormulaWithACommaOrNothing_isQuoted() {
        Row b = row(table(BLOUSE, "front"), "B");
        assertThat(BLOUSE.with(b.cells().get(1), "min(3 * unit, 4 in)").problem())
                .isEmpty();
        SheetText empty = BLOUSE.with(b.cells().get(1), " ");
        assertThat(empty.problem().orElseThrow().line()).isEqualTo(b.line());
        assertThat(empty.problem().orElseThrow().problem()).contains("a formula is missing");
    }

    @Test
    void withPointAfter_andWithout_giveTheSheetBack() {
        Table front = table(BLOUSE, "front");
        assertThat(SheetText.freeLetter(front)).isEqualTo("I");
        SheetText more = BLOUSE.withPointAfter(front, row(front, "B"), "I");
        assertThat(more.problem()).isEmpty();
        assertThat(more.text()).contains("      B: [0, 3]\n      I: [0, 0]\n");
        Table again = table(more, "front");
        assertThat(more.without(again, row(again, "I")).text()).isEqualTo(BLOUSE.text());
    }

    @Test
    void withPointAfter_inBraces_staysInBraces() {
        SheetText small = SheetText.of(SmallSheet.TEXT.replaceAll(
                "(?s)points:\n.*?      # point\n",
                "points: {A: [0, 0], B: [0, 9 in], C: [9 in, 9 in], D: {from: A, along: 9 in}}\n"));
        assertThat(small.problem()).isEmpty();
        Table square = table(small, "square");
        assertThat(row(square, "D").cells()).extracting(SheetText.Cell::label).containsExactly("from", "along");
        SheetText more = small.withPointAfter(square, row(square, "D"), "E");
        assertThat(more.problem()).isEmpty();
        assertThat(more.text()).contains("D: {from: A, along: 9 in}, E: [0, 0]}");
        Table again = table(more, "square");
        assertThat(more.without(again, row(again, "E")).text()).isEqualTo(small.text());
        assertThat(more.without(again, row(again, "A")).text()).contains("points: {B: [0, 9 in]");
    }

    @Test
    void of_textThatIsNoSheet_keepsIt_andTellsTheLine() {
        SheetText broken = SheetText.of("draft: [a\ntitle: b");
        assertThat(broken.text()).isEqualTo("draft: [a\ntitle: b");
        assertThat(broken.tables()).isEmpty();
        assertThat(broken.sheet()).isEmpty();
        assertThat(broken.problem().orElseThrow().getMessage()).contains("this is not YAML");
    }

    @Test
    void withSource_addsEvidence_toAListOnOneLineAndOnSeveral() {
        SheetSource plate =
                new SheetSource(SheetSource.Kind.PLATE, "a household magazine", "p. 12", SheetSource.Sure.LIKELY, "");
        for (SheetText text : List.of(
                BLOUSE,
                SheetText.of(
                        BLOUSE.text().replaceFirst("(?ms)^sources:.*?^cautions:", "sources: [guessed]\ncautions:")))) {
            SheetText more = text.withSource(plate);
            assertThat(more.problem()).isEmpty();
            List<SheetSource> sources =
                    more.sheet().orElseThrow().sheet().about().sources();
            assertThat(sources.get(0)).isEqualTo(plate);
            assertThat(sources)
                    .hasSize(
                            text.sheet().orElseThrow().sheet().about().sources().size() + 1);
        }
        assertThat(plate.words()).isEqualTo("period plate, a household magazine, p. 12 (fairly sure)");
    }
}
