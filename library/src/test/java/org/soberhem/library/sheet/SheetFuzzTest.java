package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.library.Library;

/** Spoils the shipped sheets at random places; whatever comes out is read or refused in words, never anything else. */
class SheetFuzzTest {

    private static final SumInputs.Circumstances CIRCUMSTANCES =
            new SumInputs.Circumstances(1850, Library.shipped().usages());
    private static final int MUTATIONS = 1250;
    private static final List<String> PIECES_OF_SHEETS = List.of(
            "/",
            "0",
            "-",
            "[",
            "]",
            "{",
            "}",
            ":",
            ",",
            "..",
            "A",
            "unit",
            " in",
            "bust",
            "distance(A, B)",
            "&a",
            "*a",
            "|",
            "#",
            "'",
            "\"",
            "99999999999999999999",
            "1/0",
            "\n",
            "  ",
            "front.",
            "girth(",
            "{from: A, towards: B, by: 1 in}",
            "{arc: [A, 5 in], meets-arc: [B, 4 in]}",
            "solve: {x: {from: 0 in, to: 9 in, until: length(front.side), is: 9 in}}",
            "amounts: {x: bust}",
            "choices: {x: {of: [a, b], why: c}}",
            "rectangle: {along: 9 in, out: 9 in}",
            "through: [A, B]",
            "leaves: A",
            "on: ",
            "rulers: [[1 in, 2, 3 in]]",
            "sums: {x: {kind: gathers, width: 9 in, band: 3 in, style: box}}",
            "kind: drape",
            "rows: [[0 in, 9 in, 3 in]]",
            "style: box",
            "1e9 in",
            "((((((((((",
            "é",
            "\t");

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void read_mutatedSheet_isReadOrRefusedInWords(long seed) {
        Random random = new Random(seed);
        List<String> sheets = Library.shipped().sheets().stream()
                .map(sheet -> Library.shipped().sheetText(sheet.sheet().id()).orElseThrow())
                .toList();
        int refused = 0;
        for (int i = 0; i < MUTATIONS; i++) {
            String mutated = mutated(sheets.get(random.nextInt(sheets.size())), random);
            try {
                Assertions.assertTimeout(Duration.ofSeconds(5), () -> sums(SheetReader.read(mutated)));
            } catch (SheetException told) {
                refused++;
                assertThat(told.getMessage()).as("seed %d, round %d", seed, i).isNotBlank();
                assertThat(told.line()).isGreaterThanOrEqualTo(0);
            } catch (RuntimeException crash) {
                throw new AssertionError("seed " + seed + ", round " + i + ": " + crash, crash);
            }
        }
        assertThat(refused).isGreaterThan(MUTATIONS / 3);
    }

    /** A sheet that could be read has sums that are said in words, whatever they come to. */
    private static void sums(CompiledSheet sheet) {
        Inputs middle = sheet.middle();
        Sums.of(sheet, middle, Drafter.draft(sheet, middle).pattern(), CIRCUMSTANCES)
                .forEach(sum -> assertThat(sum.answer().in(LengthFormat.CENTIMETRES))
                        .isNotBlank()
                        .doesNotContain("{}"));
    }

    private static String mutated(String sheet, Random random) {
        StringBuilder text = new StringBuilder(sheet);
        int changes = 1 + random.nextInt(3);
        for (int i = 0; i < changes; i++) {
            int at = random.nextInt(text.length());
            int to = Math.min(text.length(), at + random.nextInt(6));
            switch (random.nextInt(4)) {
                case 0 -> text.delete(at, to);
                case 1 -> text.insert(at, PIECES_OF_SHEETS.get(random.nextInt(PIECES_OF_SHEETS.size())));
                case 2 -> text.replace(at, to, PIECES_OF_SHEETS.get(random.nextInt(PIECES_OF_SHEETS.size())));
                default -> swapLines(text, random);
            }
        }
        return text.toString();
    }

    private static void swapLines(StringBuilder text, Random random) {
        List<String> lines = new ArrayList<>(text.toString().lines().toList());
        int a = random.nextInt(lines.size());
        int b = random.nextInt(lines.size());
        String line = lines.get(a);
        lines.set(a, lines.get(b));
        lines.set(b, line);
        text.setLength(0);
        text.append(String.join("\n", lines));
    }
}
