package org.soberhem.studio.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.device.PlateCamera;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/**
 * The demo's tracings: the shipped plate, photographed askew by the camera stand-in and traced, and the same in sizes.
 */
final class DemoTracing {

    /** How the page lay when it was photographed. */
    static final PlateCamera.Tilt TILT = new PlateCamera.Tilt(17, -11, 3, 4, 1893);

    /** Width of the picture, in pixels. */
    static final int PIXELS = 2400;

    static final String PICTURE = "plate-jacket.jpg";

    /** A hand traces with fewer places than a copy needs, in millimetres. */
    private static final double HAND = 0.6;

    private static final double INCH = 25.4;

    /** Between two pieces of the nested pattern, in millimetres. */
    private static final double GAP = 80;

    /** Beyond this share of a piece's breadth it grows from size to size. */
    private static final double SHOULDER = 0.55;

    private static final String ID = "dressing-jacket";

    private DemoTracing() {}

    /** Returns the plate on its grid. */
    static PlateCamera.Plate plate(Library library) {
        return PlateCamera.plate(pattern(library), INCH);
    }

    private static Pattern pattern(Library library) {
        return Drafter.draft(SheetReader.read(library.plate("dressing-jacket-1893")), Inputs.of(Map.of()))
                .pattern();
    }

    /** Returns a maker who has traced it. */
    static Maker maker(Library library, String picture) {
        PlateCamera.Plate plate = plate(library);
        Alignment seen = PlateCamera.seen(plate, TILT, PIXELS);
        List<Point> corners = List.of(
                share(seen, Point.ORIGIN),
                share(seen, new Point(plate.wide(), 0)),
                share(seen, new Point(plate.wide(), plate.high())),
                share(seen, new Point(0, plate.high())));
        SheetSource source = new SheetSource(
                SheetSource.Kind.PLATE,
                "a page of a household magazine",
                "plate 3",
                SheetSource.Sure.LIKELY,
                "invented for the demo");
        Tracing.About about = new Tracing.About(
                "Dressing jacket", Tracing.Kind.GRIDDED, "jacket", "western Europe", 1890, 1897, source);
        Tracing tracing = Tracing.begun(
                        about,
                        Optional.of(picture),
                        new Grid(Grid.Way.FOUR_CORNERS, corners, plate.across(), plate.down(), INCH))
                .with(pieces(library, plate, seen));
        return Maker.NEW.withTracing(ID, tracing).withTracing(ID + "-in-sizes", inSizes(library));
    }

    /**
     * The same jacket as a nested pattern: back and front graded by hand to three neighbouring sizes of the shipped
     * chart.
     */
    private static Tracing inSizes(Library library) {
        SheetSource source = new SheetSource(
                SheetSource.Kind.COPY,
                "a pattern sold in sizes",
                "no. 114",
                SheetSource.Sure.UNSURE,
                "invented for the demo");
        Tracing.About about = new Tracing.About(
                "Dressing jacket in sizes", Tracing.Kind.SIZED, "jacket", "not stated", 1890, 1897, source);
        List<TracedPiece> pieces = new ArrayList<>();
        List<TracedPiece> middle = TracedCopy.apart(TracedCopy.of(pattern(library), HAND), GAP);
        for (int step = -1; step <= 1; step++) {
            for (TracedPiece piece : middle.subList(0, 2)) {
                pieces.add(graded(piece, step));
            }
        }
        SizeChart chart = library.charts().get(0);
        return Tracing.begun(about, Optional.empty(), Grid.PAPER).with(pieces).sized(chart.title());
    }

    /** A size more is 4 cm round: 1 cm in each half of back and front, beyond the shoulder. */
    private static TracedPiece graded(TracedPiece piece, int step) {
        Box box = Box.round(piece.outline().stream().map(Knot::at).toList());
        double beyond = box.minX() + SHOULDER * box.width();
        return piece.mapped(at -> at.x() > beyond ? at.plus(new Point(10 * step, 0)) : at)
                .inSize(String.valueOf(96 + 4 * step));
    }

    private static List<TracedPiece> pieces(Library library, PlateCamera.Plate plate, Alignment seen) {
        List<TracedPiece> pieces = new ArrayList<>();
        for (TracedPiece copy : TracedCopy.of(pattern(library), HAND)) {
            Point shift = plate.pieces().stream()
                    .filter(placed -> placed.piece().name().equals(copy.name()))
                    .findFirst()
                    .orElseThrow()
                    .shift();
            TracedPiece piece = copy.centred(Optional.empty())
                    .with(copy.outline().stream()
                            .map(knot -> knot.at(share(seen, knot.at().plus(shift))))
                            .toList());
            for (var level : copy.levels().entrySet()) {
                piece = piece.level(
                        level.getKey(), Optional.of(share(seen, level.getValue().plus(shift))));
            }
            pieces.add(piece);
        }
        return pieces;
    }

    private static Point share(Alignment seen, Point at) {
        return seen.of(at).times(1.0 / PIXELS);
    }
}
