package org.soberhem.core.pattern;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;

/**
 * Where the pieces of a pattern lie on the paper, in millimetres. Pieces of the body hang on one line drawn right
 * across, centre front to the left and centre back to the right; the others stand beside them.
 *
 * @param places where each piece lies, by the spread's name
 * @param line name of the level that the pieces hang on, if they share one
 * @param box everything
 */
public record PieceLayout(Map<String, Place> places, Optional<String> line, Box box) {

    private static final double GAP = 45;

    /** Room beneath a piece that stands in a column, for its name. */
    private static final double NAME_GAP = 70;

    /**
     * One piece's place.
     *
     * @param dx added to x, after mirroring
     * @param dy added to y
     * @param mirrored whether x is turned round
     */
    public record Place(double dx, double dy, boolean mirrored) {

        public Point of(Point point) {
            return new Point((mirrored ? -point.x() : point.x()) + dx, point.y() + dy);
        }

        Box of(Box box) {
            return mirrored
                    ? new Box(dx - box.maxX(), box.minY() + dy, dx - box.minX(), box.maxY() + dy)
                    : new Box(box.minX() + dx, box.minY() + dy, box.maxX() + dx, box.maxY() + dy);
        }
    }

    /** Lays out a pattern. */
    public static PieceLayout of(Pattern pattern) {
        List<SpreadPiece> spreads = SpreadPiece.of(pattern);
        Optional<String> line = List.of("waist", "hip").stream()
                .filter(level ->
                        spreads.stream().filter(s -> hangs(s.piece(), level)).count() > 1)
                .findFirst();
        Map<String, Place> places = new LinkedHashMap<>();
        List<SpreadPiece> beside = new ArrayList<>();
        double x = 0;
        double top = 0;
        double bottom = 0;
        for (SpreadPiece spread : spreads) {
            Piece piece = spread.piece();
            if (line.isEmpty() || !hangs(piece, line.get())) {
                beside.add(spread);
                continue;
            }
            Level level = piece.levels().get(line.get());
            boolean mirrored =
                    piece.spans().filter(spans -> spans.from() > spans.to()).isPresent();
            Box box = new Place(0, 0, mirrored).of(piece.cuttingLine().box());
            Place place = new Place(x - box.minX(), -level.from().y(), mirrored);
            places.put(spread.name(), place);
            x += box.width() + GAP;
            top = Math.min(top, box.minY() + place.dy());
            bottom = Math.max(bottom, box.maxY() + place.dy());
        }
        double right = standBeside(beside, places, x, top, bottom);
        bottom = Math.max(bottom, top + tallest(beside));
        return new PieceLayout(places, line, new Box(0, top, Math.max(1, right), Math.max(top + 1, bottom)));
    }

    private static boolean hangs(Piece piece, String level) {
        return piece.spans().isPresent() && piece.levels().containsKey(level);
    }

    private static double tallest(List<SpreadPiece> spreads) {
        return spreads.stream()
                .mapToDouble(s -> s.piece().cuttingLine().box().height())
                .max()
                .orElse(0);
    }

    /** Stands pieces in columns no taller than the body pieces, or than the tallest of them. */
    private static double standBeside(
            List<SpreadPiece> beside, Map<String, Place> places, double from, double top, double bottom) {
        double height = Math.max(bottom - top, tallest(beside));
        double x = from;
        double y = top;
        double widest = 0;
        for (SpreadPiece spread : beside) {
            Box box = spread.piece().cuttingLine().box();
            if (y > top && y + box.height() > top + height) {
                x += widest + GAP;
                y = top;
                widest = 0;
            }
            places.put(spread.name(), new Place(x - box.minX(), y - box.minY(), false));
            y += box.height() + NAME_GAP;
            widest = Math.max(widest, box.width());
        }
        return x + widest;
    }
}
