package org.soberhem.library.sheet;

import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/** A small measured sheet to try single things of the language with: a square of 10 in, A B C D, clockwise. */
final class SmallSheet {

    static final String TEXT = """
            draft: small
            title: Small
            place: nowhere
            years: [1900, 1900]
            garment: test
            system: measured
            sources: [invented for this test]
            measures: {bust: full-bust, arm: upper-arm}
            middle: {bust: 40 in, arm: 12 in}
            # more
            pieces:
              square:
                cut: {outer: 1}
                shape: plain
                # own
                points:
                  A: [0, 0]
                  B: [0, 10 in]
                  C: [10 in, 10 in]
                  D: [10 in, 0]
                  # point
                outline: [A, B, C, D]
                edges: {top: A..B, right: B..C, bottom: C..D, left: D..A}
                grain: [A, D]
            """;

    private SmallSheet() {}

    /** Returns the text with further parts of the sheet, lines of the piece, and points. */
    static String text(String more, String own, String point) {
        return TEXT.replace("# more\n", more.isEmpty() ? "" : more + "\n")
                .replace("    # own\n", own.isEmpty() ? "" : "    " + own + "\n")
                .replace("      # point\n", point.isEmpty() ? "" : "      " + point.replace("\n", "\n      ") + "\n");
    }

    static CompiledSheet withPoint(String point) {
        return SheetReader.read(text("", "", point));
    }

    /** Returns where a further point of the square lies. */
    static Point point(String written, String letter) {
        CompiledSheet sheet = withPoint(written);
        return piece(Drafter.draft(sheet, sheet.middle())).points().get(letter);
    }

    static Piece piece(Draft draft) {
        return draft.pattern().piece("square", Side.LEFT).orElseThrow();
    }
}
