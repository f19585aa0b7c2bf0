package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Place;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.Stand;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PieceDrawing;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.View;
import org.soberhem.studio.FigureRoom;

/**
 * The figure front and back, or the flat pieces, with a lettered key for every zone. Keys stand in columns beside the
 * drawing, wearer's right and left apart, each with a line to its place.
 */
final class PointingPane extends Pane {

    private static final double SIDE_WIDTH = 100;
    private static final double FLAT_GAP = 14;
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");
    private static final double HEAD = 66;

    /**
     * What is pointed at.
     *
     * @param sides of the wearer that are chosen
     * @param marked remarks, by the garment's sides
     * @param conditions whether the wrong side is out
     * @param dressed the wearer in what is tried on; empty where nothing is
     */
    record Shown(
            List<Zone> zones,
            Optional<Zone> chosen,
            Optional<Sides> sides,
            List<Remark> marked,
            Conditions conditions,
            Optional<DressedFigure> dressed) {

        static final Shown NOTHING = new Shown(
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                new Conditions("", true, ""),
                Optional.empty());
    }

    /** The wearer as drawn: front and back, and where each zone's keys point, by letter. */
    private record Figure(double height, Plate front, Plate back, Map<String, Place> places) {}

    private final FigureRoom.Easel easel;
    private final Consumer<String> point;
    private Optional<Figure> figure = Optional.empty();
    private Shown shown = Shown.NOTHING;
    private Optional<Pattern> flat = Optional.empty();

    /**
     * @param figures where the wearer is drawn
     * @param point gets the letter of the key that is tapped
     */
    PointingPane(FigureRoom figures, Consumer<String> point) {
        easel = figures.easel();
        this.point = point;
        setMinSize(0, 0);
    }

    /**
     * Shows the zones.
     *
     * @param pieces the flat pieces to point at instead of the figure
     */
    void show(Shown now, Optional<Pattern> pieces) {
        shown = now;
        flat = pieces;
        requestLayout();
        now.dressed()
                .ifPresent(dressed -> easel.draw(dressed.body(), stand -> drawn(stand, dressed, now.zones()), made -> {
                    figure = Optional.of(made);
                    requestLayout();
                }));
    }

    private static Figure drawn(Stand stand, DressedFigure dressed, List<Zone> zones) {
        List<Solid> solids = stand.wearing(dressed);
        Map<String, Place> places = new HashMap<>();
        for (Zone zone : zones) {
            for (String letter : zone.letters()) {
                boolean left = zone.sides(letter).orElseThrow() == Sides.LEFT;
                places.put(letter, stand.pointed(zone.at(), zone.back(), left));
            }
        }
        return new Figure(
                stand.body().height(),
                PlateMaker.plate(solids, Viewpoint.of(FigureView.FRONT)),
                PlateMaker.plate(solids, Viewpoint.of(FigureView.BACK)),
                places);
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (flat.isPresent()) {
            flatPieces(flat.get());
        } else if (figure.isPresent()) {
            double half = getWidth() / 2;
            view(false, 0, half);
            view(true, half, half);
            getChildren().add(Ink.line(new Point(half, 10), new Point(half, getHeight() - 10), "leader"));
        }
        applyCss();
    }

    private void view(boolean back, double from, double width) {
        double middle = from + width / 2;
        double height = getHeight() - HEAD - 8;
        // On the front view the wearer's right is left in the picture; from behind it is the other way round.
        Figure drawn = figure.get();
        View on = new View(height / drawn.height(), middle, HEAD + 4 + height);
        Viewpoint camera = Viewpoint.of(back ? FigureView.BACK : FigureView.FRONT);
        PlateDrawing.draw(back ? drawn.back() : drawn.front(), on, getChildren());
        caption(back ? "back" : "front", middle, 44);
        sides(back ? "left" : "right", back ? "right" : "left", from, width);
        List<PointingKey> leftKeys = new ArrayList<>();
        List<PointingKey> rightKeys = new ArrayList<>();
        for (Zone zone : shown.zones()) {
            if (zone.back() != back) {
                continue;
            }
            for (String letter : zone.letters()) {
                Sides sides = zone.sides(letter).orElseThrow();
                boolean toRight = sides == Sides.LEFT != back;
                Place place = drawn.places().get(letter);
                if (place == null) {
                    continue;
                }
                Point at = on.of(camera.picture(place));
                PointingKey key = new PointingKey(letter, zone, sides, at);
                if (sides == Sides.BOTH) {
                    place(key, middle - PointingKey.WIDTH / 2, at.y() - PointingKey.HEIGHT / 2, false);
                } else {
                    (toRight ? rightKeys : leftKeys).add(key);
                }
            }
        }
        column(leftKeys, from + 2);
        column(rightKeys, from + width - PointingKey.WIDTH - 2);
    }

    /**
     * Draws the pieces that have zones, one under the other: the wearer's right ones mirrored beside their keys, the
     * left ones beside theirs, both with the middle of the body towards the keys in the middle.
     */
    private void flatPieces(Pattern pattern) {
        sides("right", "left", 0, getWidth());
        List<SpreadPiece> spreads = SpreadPiece.of(pattern).stream()
                .filter(spread -> shown.zones().stream().anyMatch(zone -> isOn(zone, pattern, spread)))
                .toList();
        List<PointingKey> middle = flatSide(pattern, of(spreads, "right"), Sides.LEFT);
        flatSide(pattern, of(spreads, "left"), Sides.RIGHT);
        column(middle, getWidth() / 2 - PointingKey.WIDTH / 2);
    }

    private static boolean isOn(Zone zone, Pattern pattern, SpreadPiece spread) {
        return zone.flat()
                .piece(pattern.names())
                .filter(spread.piece().name()::equals)
                .isPresent();
    }

    private static List<SpreadPiece> of(List<SpreadPiece> spreads, String without) {
        return spreads.stream().filter(spread -> !spread.side().equals(without)).toList();
    }

    /** Draws one side's pieces and keys, and returns the keys that belong to the middle of the body. */
    private List<PointingKey> flatSide(Pattern pattern, List<SpreadPiece> spreads, Sides side) {
        boolean mirrored = side == Sides.RIGHT;
        List<Box> boxes = spreads.stream()
                .map(spread -> spread.piece().cuttingLine().box())
                .toList();
        double breadth = boxes.stream().mapToDouble(Box::width).max().orElse(1);
        double height = boxes.stream().mapToDouble(Box::height).sum();
        double room = getWidth() / 2 - PointingKey.WIDTH * 1.5 - 3 * FLAT_GAP;
        double tall = getHeight() - HEAD - FLAT_GAP * (boxes.size() + 1);
        double scale = Math.min(room / breadth, tall / height);
        double inner = PointingKey.WIDTH / 2 + FLAT_GAP;
        View view = new View(scale, getWidth() / 2 + (mirrored ? -inner : inner), HEAD);
        List<PointingKey> outer = new ArrayList<>();
        List<PointingKey> middle = new ArrayList<>();
        double down = 0;
        for (int i = 0; i < spreads.size(); i++) {
            Box box = boxes.get(i);
            PieceLayout.Place place =
                    new PieceLayout.Place(mirrored ? box.minX() : -box.minX(), down - box.minY(), mirrored);
            getChildren().add(new PieceDrawing(spreads.get(i), place, view).outline("thumb-line"));
            down += box.height() + FLAT_GAP / scale;
            for (Zone zone : shown.zones()) {
                if (isOn(zone, pattern, spreads.get(i))) {
                    Point at = view.of(place.of(new Point(
                            box.minX() + box.width() * zone.flat().across(),
                            box.minY() + box.height() * zone.flat().down())));
                    for (String letter : zone.letters()) {
                        Sides sides = zone.sides(letter).orElseThrow();
                        if (sides == side || sides == Sides.BOTH) {
                            (sides == side ? outer : middle).add(new PointingKey(letter, zone, sides, at));
                        }
                    }
                }
            }
        }
        column(outer, mirrored ? 2 : getWidth() - PointingKey.WIDTH - 2);
        return middle;
    }

    /**
     * Stands keys one above the other in the order of their places, the column level with them on the whole. What does
     * not fit stands in a second column, nearer to the middle.
     */
    private void column(List<PointingKey> keys, double x) {
        keys.sort(Comparator.comparingDouble(key -> key.place().y()));
        int most = Math.max(1, (int) ((getHeight() - HEAD) / PointingKey.STEP));
        double inward = (x < getWidth() / 2 ? 1 : -1) * (PointingKey.WIDTH + 4);
        for (int from = 0; from < keys.size(); from += most) {
            List<PointingKey> part = keys.subList(from, Math.min(keys.size(), from + most));
            double mean =
                    part.stream().mapToDouble(key -> key.place().y()).average().orElse(0);
            double room = getHeight() - part.size() * PointingKey.STEP;
            double top = Math.max(HEAD, Math.min(room, mean - part.size() * PointingKey.STEP / 2));
            double at = x + from / most * inward;
            List<PointingKey> order = PointingKey.uncrossed(part, at, top);
            for (int i = 0; i < order.size(); i++) {
                place(order.get(i), at, top + i * PointingKey.STEP, true);
            }
        }
    }

    private void place(PointingKey key, double x, double y, boolean leader) {
        boolean chosen = shown.chosen().filter(key.zone()::equals).isPresent()
                && shown.sides()
                        .filter(sides -> sides == Sides.BOTH || key.sides() == Sides.BOTH || sides == key.sides())
                        .isPresent();
        if (leader) {
            Point from = key.leader(x, y);
            getChildren().add(Ink.line(from, key.place(), chosen ? "leader chosen" : "leader"));
        }
        String words = key.zone().name()
                + (key.sides() == Sides.BOTH ? "" : ", " + key.sides().words());
        Tappable box = new Tappable(Parts.label(key.letter()), words, () -> point.accept(key.letter()), "zone");
        if (!leader) {
            box.getStyleClass().add("over-figure");
        }
        box.setFocusTraversable(false);
        box.pseudoClassStateChanged(Parts.SELECTED, chosen);
        box.pseudoClassStateChanged(
                MARKED,
                shown.marked().stream()
                        .anyMatch(remark -> remark.zone().equals(key.zone().id())
                                && (remark.sides() == Sides.BOTH
                                        || shown.conditions().garmentSide(remark.sides()) == key.sides())));
        box.resizeRelocate(x, y, PointingKey.WIDTH, PointingKey.HEIGHT);
        getChildren().add(box);
    }

    private void caption(String words, double middle, double y) {
        getChildren().add(Ink.text(words, middle, y, "side-name"));
    }

    /** Writes whose side each column is, so that nobody has to think of mirrors. */
    private void sides(String left, String right, double from, double width) {
        boolean turned = shown.conditions().insideOut();
        Text first = Ink.text((turned ? "garment\n" + right : "wearer's\n" + left), 0, 0, "side-name");
        first.setX(from + 6);
        first.setY(24);
        Text last = Ink.text((turned ? "garment\n" + left : "wearer's\n" + right), 0, 0, "side-name");
        last.setTextAlignment(TextAlignment.RIGHT);
        last.setX(from + width - SIDE_WIDTH - 6);
        last.setWrappingWidth(SIDE_WIDTH);
        last.setY(24);
        getChildren().addAll(first, last);
    }
}
