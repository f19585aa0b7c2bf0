package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.pattern.Piece;

/** Edges that leave and come in square to their neighbours, which may be curved themselves. */
class SquareEdgesTest {

    private static Piece drawn(String outline, String points) {
        CompiledSheet sheet = SheetReader.read(
                SmallSheet.text("", "", points).replace("outline: [A, B, C, D]", "outline: " + outline));
        return SmallSheet.piece(Drafter.draft(sheet, sheet.middle()));
    }

    private static Path path(Piece piece, String edge) {
        return piece.edge(edge).orElseThrow().path();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "[A, B, C, {to: D, leaves: square, comes: square}]",
                "[A, B, {to: C, hollow: 1 in}, {to: D, leaves: square, comes: square}]",
                "[{to: A, round: 2 in}, B, {to: C, hollow: 1 in}, {to: D, leaves: square, comes: square}]",
                "[{to: A, round: 2 in}, B, {to: C, hollow: 1 in}, {to: D, through: [X], leaves: square, comes: square}]"
            })
    void edge_meetsItsNeighboursAtRightAngles(String outline) {
        Piece piece = drawn(outline, "X: [11 in, 5 in]");
        Path bottom = path(piece, "bottom");
        assertThat(bottom.startDirection().dot(path(piece, "right").endDirection()))
                .isEqualTo(0, within(1e-9));
        assertThat(bottom.endDirection().dot(path(piece, "left").startDirection()))
                .isEqualTo(0, within(1e-9));
        assertThat(bottom.startDirection().x()).isNegative();
    }

    @Test
    void edge_squareToOneThatIsSquareItself_isRefused() {
        assertThatThrownBy(() -> drawn("[A, {to: B, comes: square}, {to: C, leaves: square}, D]", ""))
                .hasMessageContaining("edges \"top\" and \"right\" of piece \"square\"")
                .hasMessageContaining("cannot have another square to it");
        assertThatThrownBy(() -> drawn(
                        "[{to: A, leaves: square}, {to: B, leaves: square}, {to: C, leaves: square}, {to: D, leaves: square}]",
                        ""))
                .hasMessageContaining("cannot have another square to it");
    }

    @Test
    void curve_squareInTheMiddleOfAnEdge_isRefused() {
        String text = SmallSheet.text("", "", "X: [5 in, 11 in]")
                .replace("outline: [A, B, C, D]", "outline: [A, B, {to: X, comes: square}, C, D]");
        assertThatThrownBy(() -> SheetReader.read(text)).hasMessageContaining("at its own ends only");
    }
}
