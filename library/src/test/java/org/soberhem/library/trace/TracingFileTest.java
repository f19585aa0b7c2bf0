package org.soberhem.library.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.TracedDart;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.sheet.TracedSheet;
import org.soberhem.library.sheet.TracingFile;

class TracingFileTest {

    private static final Grid GRID = new Grid(
            Grid.Way.FOUR_CORNERS,
            List.of(new Point(0.1, 0.1), new Point(0.9, 0.125), new Point(0.875, 0.7), new Point(0.125, 0.75)),
            47,
            30,
            25.4);

    private static Tracing full() {
        Tracing exact = Plates.exact();
        TracedPiece front = exact.pieces()
                .get(1)
                .inSize("36")
                .cut(exact.pieces().get(1).shape(), 2, 9.5)
                .folding(List.of(new TracedDart(new Point(80, 240), new Point(70, 400), new Point(95, 400))));
        return exact.with(1, front)
                .with(GRID)
                .easing("bust", 63.5)
                .using("neck", false)
                .sized("Own sizes");
    }

    @Test
    void tracing_writtenAndRead_isTheSame() {
        assertThat(TracingFile.read(TracingFile.write(full()))).isEqualTo(rounded(full()));
        Tracing paper = Plates.exact();
        assertThat(TracingFile.read(TracingFile.write(paper)).grid()).isEqualTo(Grid.PAPER);
        assertThat(TracingFile.isTracing(TracingFile.write(paper))).isTrue();
        assertThat(TracingFile.isTracing(Plates.text(paper))).isFalse();
    }

    /** Places are written to a millionth. */
    private static Tracing rounded(Tracing tracing) {
        return tracing.with(tracing.pieces().stream()
                .map(piece -> piece.with(piece.outline().stream()
                                .map(knot -> knot.at(rounded(knot.at())))
                                .toList())
                        .centred(piece.centre().map(TracingFileTest::rounded)))
                .toList());
    }

    private static Point rounded(Point at) {
        return new Point(Math.rint(at.x() * 1e6) / 1e6, Math.rint(at.y() * 1e6) / 1e6);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "years: [1890, 1897] | years: [1890] | there must be 2 columns here, [first, last]: 1",
                "square: 25.400000 mm | square: 25 | a length must stand here",
                "across: 47 | across: many | a whole number must stand here: \"many\"",
                "way: four-corners | way: three-corners | three-corners",
                "shape: fold | shape: round | round",
                "[0.100000, 0.100000] | [0.1, NaN] | a number must stand here: \"NaN\"",
                "unused: [neck] | unread: [neck] | unread",
            })
    void wrongTracing_isToldWithItsLine(String was, String now, String told) {
        String text = TracingFile.write(full());
        assertThat(text).contains(was);
        assertThatThrownBy(() -> TracingFile.read(text.replace(was, now)))
                .isInstanceOf(SheetException.class)
                .hasMessageStartingWith("line ")
                .hasMessageContaining(told);
    }

    @Test
    void tooManyPlaces_areRefused() {
        StringBuilder text = new StringBuilder(TracingFile.write(Plates.exact()));
        int at = text.indexOf("  outline:\n") + "  outline:\n".length();
        text.insert(at, "  - [1, 2]\n".repeat(400));
        assertThatThrownBy(() -> TracingFile.read(text.toString())).hasMessageContaining("at most 300 places");
        assertThatThrownBy(() -> TracingFile.read("x".repeat(1_000_001))).hasMessageContaining("1 000 000 characters");
    }

    /** Whatever a file says, it is read or refused in words. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void damagedTracing_isReadOrRefusedInWords(long seed) {
        Random random = new Random(seed);
        String text = TracingFile.write(full());
        for (int i = 0; i < 200; i++) {
            StringBuilder damaged = new StringBuilder(text);
            for (int k = 0; k < 1 + random.nextInt(6); k++) {
                int at = random.nextInt(damaged.length());
                if (random.nextBoolean()) {
                    damaged.deleteCharAt(at);
                } else {
                    damaged.insert(at, (char) (32 + random.nextInt(90)));
                }
            }
            try {
                Tracing read = TracingFile.read(damaged.toString()).sized("");
                TracedSheet.write("damaged", read, Plates.LIBRARY.landmarks());
            } catch (SheetException | IllegalArgumentException refused) {
                assertThat(refused.getMessage())
                        .as("seed %s, %s", seed, damaged)
                        .hasSizeGreaterThan(12);
            }
        }
    }

    @Test
    void outlineThatIsNone_isToldInWords() {
        TracedPiece back = Plates.exact().pieces().get(0);
        TracedPiece crossed = back.with(List.of(
                back.outline().get(0).at(new Point(0, 0)).named("centre"),
                back.outline().get(0).at(new Point(0, 100)).named("hem"),
                back.outline().get(0).at(new Point(100, 0)).named("side"),
                back.outline().get(0).at(new Point(100, 100)).named("neck")));
        assertThatThrownBy(() -> Plates.exact().with(List.of(crossed)).paper())
                .hasMessageMatching("The outline of \"back\" crosses itself near \\d+ mm out and -?\\d+ mm along: .*");
        TracedPiece two = back.with(back.outline().subList(0, 2));
        assertThatThrownBy(() -> Plates.exact().with(List.of(two)).paper())
                .hasMessage("\"back\" needs at least three corners: it has 1");
        TracedPiece twice = back.replacing(0, back.outline().get(0).named("side"));
        assertThatThrownBy(() -> Plates.exact().with(List.of(twice)).paper())
                .hasMessage("Two edges of \"back\" are called \"side\": call one of them otherwise");
        assertThatThrownBy(() -> Plates.exact().with(List.of(back, back)).paper())
                .hasMessage("Two pieces are called \"back\": call one of them otherwise");
        assertThatThrownBy(() -> Plates.exact().with(List.of()).paper())
                .hasMessageStartingWith("Nothing is traced yet");
    }
}
