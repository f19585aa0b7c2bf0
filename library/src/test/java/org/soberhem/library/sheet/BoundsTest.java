package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.soberhem.core.formula.SheetException;

/** Sheets that are made to harm are refused in bounded time, in words. */
class BoundsTest {

    private static String refused(String text) {
        return Assertions.assertTimeout(
                Duration.ofSeconds(10),
                () -> Assertions.assertThrows(SheetException.class, () -> SheetReader.read(text))
                        .getMessage());
    }

    @Test
    void formula_tooLongOrTooDeep_isRefused() {
        assertThat(refused(SmallSheet.text("", "", "X: [" + "1 in + ".repeat(100) + "1 in, 0]")))
                .contains("at most 400 characters");
        assertThat(refused(SmallSheet.text("", "", "X: [\"" + "(".repeat(60) + "1 in" + ")".repeat(60) + "\", 0]")))
                .contains("brackets go deeper than 40");
    }

    @Test
    void points_tooMany_areRefused() {
        String points =
                IntStream.range(0, 400).mapToObj(i -> "P" + i + ": [0, 0]").collect(Collectors.joining("\n"));
        assertThat(refused(SmallSheet.text("", "", points))).contains("points of square: at most 300 are drawn");
    }

    @Test
    void amounts_thatDoubleEachOther_areOnlyWorkedOutOnce() {
        String bomb = "amounts:\n  a0: bust\n"
                + IntStream.range(1, 60)
                        .mapToObj(i -> "  a" + i + ": a" + (i - 1) + " + a" + (i - 1) + " - bust")
                        .collect(Collectors.joining("\n"));
        Assertions.assertTimeout(
                Duration.ofSeconds(5), () -> SheetReader.read(SmallSheet.text(bomb, "", "X: [a59 / 100, 0]")));
    }

    @Test
    void amounts_beyondAllNumbers_comeOutNowhere() {
        String bomb = "amounts:\n  a0: 99999999999999999999\n"
                + IntStream.range(1, 12)
                        .mapToObj(i -> "  a" + i + ": a" + (i - 1) + " * a" + (i - 1))
                        .collect(Collectors.joining("\n"));
        assertThat(refused(SmallSheet.text(bomb, "", "X: [a11 * 1 in, 0]"))).contains("comes out nowhere");
    }

    @Test
    void document_thatUnfoldsWithoutEnd_isRefused() {
        StringBuilder text = new StringBuilder("draft: &a0 [x, x, x, x, x, x, x, x, x, x]\n");
        for (int i = 1; i < 12; i++) {
            text.append("k")
                    .append(i)
                    .append(": &a")
                    .append(i)
                    .append(" [")
                    .append(("*a" + (i - 1) + ", ").repeat(9))
                    .append("*a")
                    .append(i - 1)
                    .append("]\n");
        }
        assertThat(refused(text.toString())).isNotBlank();
        String points =
                IntStream.range(0, 290).mapToObj(i -> "P" + i + ": [0, 0]").collect(Collectors.joining(", "));
        String pieces = IntStream.range(0, 2000)
                .mapToObj(i -> "  p" + i + ": {points: *many}")
                .collect(Collectors.joining("\n"));
        assertThat(refused(SmallSheet.text("frames:\n  f: {points: &many {" + points + "}}\n" + pieces, "", "")))
                .isNotBlank();
    }

    @Test
    void text_tooLong_isRefused() {
        assertThatThrownBy(() -> SheetReader.read("#".repeat(2_000_001))).hasMessageContaining("longer than");
    }
}
