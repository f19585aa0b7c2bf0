package org.soberhem.files.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.picture.Pictures;
import org.soberhem.library.trace.Plates;

/**
 * The shipped plate, photographed under known tilt, traced on its picture by a hand that finds the ink, and drafted.
 */
class PhotographedPlateTest {

    /** What the issue of tracing asks for, at the size of the finished pattern, in millimetres. */
    private static final double MET = 1.5;

    private static final int PIXELS = 4000;
    private static final double INCH = 25.4;

    /** So far round where the eye looks the hand seeks the ink, in pixels. */
    private static final int SEEKS = 2;

    /** What is no paler may be ink, of 255. */
    private static final double PALE = 190;

    private final Pattern sheet = Plates.jacket();
    private final PlateCamera.Plate plate = PlateCamera.plate(sheet, INCH);

    private static BufferedImage asPhotograph(BufferedImage picture) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", bytes);
        return Pictures.small(bytes.toByteArray(), PIXELS);
    }

    /** Returns the middle of the ink near to where the eye looks, in shares of the picture's width. */
    private static Point tapped(BufferedImage picture, Point eye) {
        double weights = 0;
        Point sum = Point.ORIGIN;
        for (int y = (int) eye.y() - SEEKS; y <= eye.y() + SEEKS; y++) {
            for (int x = (int) eye.x() - SEEKS; x <= eye.x() + SEEKS; x++) {
                double dark = Math.max(0, PALE - (picture.getRGB(x, y) >> 8 & 255));
                weights += dark * dark;
                sum = sum.plus(new Point(x + 0.5, y + 0.5).times(dark * dark));
            }
        }
        Point at = weights == 0 ? eye : sum.times(1 / weights);
        return at.times(1.0 / picture.getWidth());
    }

    private Grid grid(BufferedImage picture, Alignment seen) {
        double right = plate.wide();
        double low = plate.high();
        List<Point> corners = new ArrayList<>();
        for (Point corner : List.of(Point.ORIGIN, new Point(right, 0), new Point(right, low), new Point(0, low))) {
            corners.add(tapped(picture, seen.of(corner)));
        }
        return new Grid(Grid.Way.FOUR_CORNERS, corners, plate.across(), plate.down(), INCH);
    }

    private List<TracedPiece> traced(BufferedImage picture, Alignment seen) {
        List<TracedPiece> traced = new ArrayList<>();
        for (TracedPiece piece : TracedCopy.of(sheet, TracedCopy.EXACT)) {
            Point shift = plate.pieces().stream()
                    .filter(placed -> placed.piece().name().equals(piece.name()))
                    .findFirst()
                    .orElseThrow()
                    .shift();
            List<Knot> knots = piece.outline().stream()
                    .map(knot -> knot.at(tapped(picture, seen.of(knot.at().plus(shift)))))
                    .toList();
            TracedPiece tapped = piece.with(knots).centred(Optional.empty());
            for (var level : piece.levels().entrySet()) {
                Point look = seen.of(level.getValue().plus(shift));
                tapped = tapped.level(level.getKey(), Optional.of(look.times(1.0 / picture.getWidth())));
            }
            traced.add(tapped);
        }
        return traced;
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "18, -12, 4", "-25, 10, -7", "8, 28, 12"})
    void photographOfAPlate_traced_isItsSheet(double back, double aside, double turn) throws IOException {
        PlateCamera.Tilt tilt = new PlateCamera.Tilt(back, aside, turn, 4, 11);
        BufferedImage picture = asPhotograph(PlateCamera.photograph(plate, tilt, PIXELS));
        Alignment seen = PlateCamera.seen(plate, tilt, PIXELS);
        Tracing tracing = Tracing.begun(Plates.exact().about(), Optional.of("picture"), grid(picture, seen))
                .with(traced(picture, seen));
        CompiledSheet drafted = Plates.sheet(tracing);
        Pattern copy = Drafter.draft(drafted, drafted.middle()).pattern();
        double worst = 0;
        for (String name : List.of("back", "front")) {
            Piece mine = copy.piece(name, Side.LEFT).orElseThrow();
            for (Edge edge : sheet.piece(name, Side.LEFT).orElseThrow().edges()) {
                for (Point at : edge.path().flattened(0.05)) {
                    worst = Math.max(worst, away(mine, at));
                }
            }
        }
        assertThat(worst).isLessThan(MET);
        Piece sleeve = copy.piece("sleeve", Side.LEFT).orElseThrow();
        for (Edge edge : sheet.piece("sleeve", Side.LEFT).orElseThrow().edges()) {
            assertThat(Math.abs(sleeve.edge(edge.name()).orElseThrow().path().length()
                            - edge.path().length()))
                    .isLessThan(2 * MET);
        }
    }

    /** Returns how far a place lies from the outline of a piece. */
    private static double away(Piece piece, Point at) {
        List<Point> line = piece.seamLine().corners();
        double away = Double.MAX_VALUE;
        for (int i = 0; i < line.size(); i++) {
            Point from = line.get(i);
            Point way = line.get((i + 1) % line.size()).minus(from);
            double share = Math.max(0, Math.min(1, at.minus(from).dot(way) / way.dot(way)));
            away = Math.min(away, at.distanceTo(from.plus(way.times(share))));
        }
        return away;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0,0 1,1 1,0 0,1 | cross or fold back",
                "0,0 0.5,0.01 1,0 0,1 | nearly in one line",
                "0,0 0,1 1,1 1,0 | go round the wrong way",
                "0,0 0,0.001 1,1 0,1 | lie on one spot",
                "0,0 1,0 1,1 | needs 4 marks: 3 are set",
                "0,0 1,0 0.3,0.3 0,1 | cross or fold back",
            })
    void cornersThatHoldNoGrid_areToldInWords(String marks, String told) {
        List<Point> corners = Arrays.stream(marks.split(" "))
                .map(each -> new Point(Double.parseDouble(each.split(",")[0]), Double.parseDouble(each.split(",")[1])))
                .toList();
        assertThatThrownBy(() -> new Grid(Grid.Way.FOUR_CORNERS, corners, 10, 10, INCH).paper())
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(told);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 10, 25.4, Between the marks there must be 1 to 1000 squares across: 0",
        "10, 0, 25.4, Between the marks there must be 1 to 1000 squares down: 0",
        "10, 10, 0, Say what one square is worth"
    })
    void gridWithoutWorth_isToldInWords(int across, int down, double square, String told) {
        List<Point> corners = List.of(Point.ORIGIN, new Point(1, 0), new Point(1, 1), new Point(0, 1));
        assertThatThrownBy(() -> new Grid(Grid.Way.FOUR_CORNERS, corners, across, down, square).paper())
                .hasMessageStartingWith(told);
    }
}
