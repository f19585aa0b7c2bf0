package org.soberhem.core.draft;

import java.util.Map;
import org.soberhem.core.formula.SheetException;

/** How large a sheet may be; keeps the time and memory of one that was made to harm within bounds. */
final class Limits {

    private static final int PIECES = 80;
    private static final int POINTS = 300;
    private static final int ALL_POINTS = 3000;
    private static final int EDGES = 60;
    private static final int SOLVES = 12;
    private static final int OTHERS = 400;

    private Limits() {}

    static void check(DraftSheet sheet) {
        most(0, "frames and pieces", sheet.frames().size() + sheet.pieces().size(), PIECES);
        int points = 0;
        int solves = 0;
        for (Map.Entry<String, DraftSheet.Ground> frame : sheet.frames().entrySet()) {
            points += points(frame.getKey(), frame.getValue());
            solves += frame.getValue().solve().size();
        }
        for (Map.Entry<String, DraftSheet.PieceSheet> each : sheet.pieces().entrySet()) {
            DraftSheet.PieceSheet piece = each.getValue();
            points += points(each.getKey(), piece.ground());
            solves += piece.ground().solve().size();
            most(piece.line(), "edges of " + each.getKey(), piece.edges().size(), EDGES);
            most(piece.line(), "joins of " + each.getKey(), piece.outline().size(), POINTS);
            int marks = piece.notches().size()
                    + piece.lines().size()
                    + piece.darts().size();
            most(piece.line(), "marks of " + each.getKey(), marks, POINTS);
        }
        most(0, "points", points, ALL_POINTS);
        most(0, "amounts to solve", solves, SOLVES);
        most(0, "amounts", sheet.amounts().size(), OTHERS);
        most(
                0,
                "settings",
                sheet.settings().size() + sheet.ease().size() + sheet.choices().size(),
                OTHERS);
        most(0, "seams", sheet.seams().size(), OTHERS);
        most(
                0,
                "checks",
                sheet.checks().size()
                        + sheet.openings().size()
                        + sheet.quantities().size()
                        + sheet.notions().size()
                        + sheet.sums().size(),
                OTHERS);
    }

    private static int points(String name, DraftSheet.Ground ground) {
        most(ground.line(), "points of " + name, ground.points().size(), POINTS);
        return ground.points().size();
    }

    private static void most(int line, String what, int found, int allowed) {
        if (found > allowed) {
            throw new SheetException(line, what + ": at most " + allowed + " are drawn, found " + found);
        }
    }
}
