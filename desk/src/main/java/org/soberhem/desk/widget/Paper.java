package org.soberhem.desk.widget;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Group;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.stage.Screen;
import org.soberhem.core.draft.DraftedPiece;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;

/**
 * The paper: pieces to scale between two rulers, to zoom, move and point at. Pieces keep their places and scale while a
 * number changes, until they are fitted again.
 */
public final class Paper extends Region {

    /**
     * A line that helps to judge, such as a string held against the body.
     *
     * @param piece on which piece it is drawn
     */
    public record Guide(String piece, Point from, Point to) {}

    /** A chosen point of a piece. */
    public record Pick(String piece, String point) {}

    /**
     * What is drawn.
     *
     * @param subject whose pattern it is; another one is laid out anew
     * @param pattern the pattern as it stands
     * @param ghost an earlier state to compare with
     * @param plates what the sheet draws; empty to leave construction lines and letters out
     * @param steps how it is drawn, for the construction lines
     * @param walked how many of the steps are shown; empty to show the finished drawing
     * @param troubled piece.edge and piece.level where a check fails
     * @param format for the rulers
     */
    public record Scene(
            String subject,
            Pattern pattern,
            Optional<Pattern> ghost,
            List<DraftedPiece> plates,
            List<DraftingSteps.Step> steps,
            Optional<Integer> walked,
            List<String> troubled,
            LengthFormat format) {

        /** Returns a drawing of seam and cutting lines alone. */
        public static Scene plain(
                String subject, Pattern pattern, Optional<Pattern> ghost, List<String> troubled, LengthFormat format) {
            return new Scene(subject, pattern, ghost, List.of(), List.of(), Optional.empty(), troubled, format);
        }

        /** Returns the steps of a plate: its own, and on the first plate of a frame the frame's. */
        private List<DraftingSteps.Step> stepsOf(DraftedPiece plate, int until) {
            boolean first = plates.stream()
                    .filter(other -> other.frame().equals(plate.frame()))
                    .findFirst()
                    .filter(plate::equals)
                    .isPresent();
            return steps.subList(0, until).stream()
                    .filter(step -> step.owner().equals(plate.piece())
                            || first && step.owner().equals(plate.frame()))
                    .toList();
        }
    }

    private static final double RULER = 18;
    private static final double MARGIN = 28;
    private static final double NEAR = 12;

    private final ObjectProperty<Pick> pick = new SimpleObjectProperty<>(this, "pick");
    private final Pane grid = new Pane();
    private final Group drawing = new Group();
    private final Pane sheet = new Pane(grid, drawing);
    private final Pane rulers = new Pane();
    private Scene scene;
    private PieceLayout layout;
    private View view;
    private boolean fitted = true;
    private double dragX;
    private double dragY;
    private List<EdgeRef> lit = List.of();
    private Optional<Guide> guide = Optional.empty();
    private Optional<PaperPull.Hand> hand = Optional.empty();
    private Optional<PaperPull> drag = Optional.empty();

    public Paper() {
        getStyleClass().add("sheet");
        sheet.setPickOnBounds(true);
        rulers.setMouseTransparent(true);
        getChildren().addAll(sheet, rulers);
        setFocusTraversable(true);
        pick.addListener((was, before, now) -> draw());
        sheet.addEventHandler(ScrollEvent.SCROLL, event -> {
            zoom(event.getDeltaY() > 0 ? 1.15 : 1 / 1.15, event.getX(), event.getY());
            event.consume();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            dragX = event.getX();
            dragY = event.getY();
            drag = hand.isPresent() ? dragged(new Point(dragX, dragY)) : Optional.empty();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            drag.ifPresent(each -> each.end(new Point(event.getX(), event.getY()), hand.orElseThrow()));
            drag = Optional.empty();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            if (drag.isPresent()) {
                draw();
                drag.get().draw(drawing, new Point(event.getX(), event.getY()));
                drawing.applyCss();
                return;
            }
            move(event.getX() - dragX, event.getY() - dragY);
            dragX = event.getX();
            dragY = event.getY();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.isStillSincePress()) {
                pickNear(event.getX(), event.getY());
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** The chosen point; null if none is. */
    public ObjectProperty<Pick> pickProperty() {
        return pick;
    }

    /** Shows a pattern; pieces that were shown before stay where they are. */
    public void show(Scene shown) {
        boolean samePieces = scene != null
                && scene.subject().equals(shown.subject())
                && SpreadPiece.of(scene.pattern()).stream()
                        .map(SpreadPiece::name)
                        .toList()
                        .equals(SpreadPiece.of(shown.pattern()).stream()
                                .map(SpreadPiece::name)
                                .toList());
        scene = shown;
        if (!samePieces) {
            layout = PieceLayout.of(shown.pattern());
            fitted = true;
        }
        draw();
    }

    /** Lights edges and draws a line beside them, so that it is seen what is meant. */
    public void light(List<EdgeRef> edges, Optional<Guide> line) {
        if (!lit.equals(edges) || !guide.equals(line)) {
            lit = edges;
            guide = line;
            draw();
        }
    }

    /** Lets the chosen corner and the lit edges be pulled and pieces be tapped; empty lets the paper be moved only. */
    public void letPull(Optional<PaperPull.Hand> gets) {
        hand = gets;
    }

    /** Begins to pull what the mouse is on. */
    private Optional<PaperPull> dragged(Point mouse) {
        double step = scene.format() == LengthFormat.CENTIMETRES ? 1 : 25.4 / 8;
        return frames().stream()
                .flatMap(frame -> PaperPull.corner(frame, pick.get(), mouse, NEAR, step)
                        .or(() -> PaperPull.edge(frame, lit, mouse, step))
                        .stream())
                .findFirst();
    }

    private List<PaperPull.Frame> frames() {
        return SpreadPiece.of(scene.pattern()).stream()
                .map(spread -> new PaperPull.Frame(spread, layout.places().get(spread.name()), view))
                .toList();
    }

    /** Lays the pieces out again and shows them whole. */
    public void fit() {
        layout = PieceLayout.of(scene.pattern());
        fitted = true;
        draw();
    }

    /** Shows the pieces at their true size on this screen. */
    public void trueSize() {
        double perMillimetre =
                Screen.getPrimary().getDpi() / LengthUnit.INCH.nanometres() * LengthUnit.MILLIMETRE.nanometres();
        zoomMiddle(perMillimetre / view.scale());
    }

    /** Magnifies round the middle of the paper. */
    public void zoomMiddle(double factor) {
        zoom(factor, getWidth() / 2, getHeight() / 2);
    }

    private void zoom(double factor, double atX, double atY) {
        fitted = false;
        view = view.zoomed(factor, atX, atY);
        draw();
    }

    private void move(double dx, double dy) {
        fitted = false;
        view = view.moved(dx, dy);
        draw();
    }

    private void key(KeyEvent event) {
        double step = 40;
        switch (event.getCode()) {
            case PLUS, EQUALS, ADD -> zoomMiddle(1.25);
            case MINUS, SUBTRACT -> zoomMiddle(0.8);
            case DIGIT0, NUMPAD0 -> fit();
            case DIGIT1, NUMPAD1 -> trueSize();
            case LEFT -> move(step, 0);
            case RIGHT -> move(-step, 0);
            case UP -> move(0, step);
            case DOWN -> move(0, -step);
            default -> {
                return;
            }
        }
        if (event.getCode() != KeyCode.TAB) {
            event.consume();
        }
    }

    private void pickNear(double x, double y) {
        Point mouse = new Point(x, y);
        Pick nearest = null;
        double least = NEAR;
        for (SpreadPiece spread : SpreadPiece.of(scene.pattern())) {
            PieceLayout.Place place = layout.places().get(spread.name());
            for (DraftedPiece plate : scene.plates()) {
                if (!plate.piece().equals(spread.piece().name())) {
                    continue;
                }
                for (DraftedPiece.PlatePoint point : plate.points()) {
                    double distance = view.of(place.of(point.at())).distanceTo(mouse);
                    if (!point.corner() && distance < least) {
                        least = distance;
                        nearest = new Pick(plate.piece(), point.name());
                    }
                }
            }
        }
        pick.set(nearest);
        if (nearest == null && hand.isPresent()) {
            frames().forEach(frame -> frame.within(mouse)
                    .ifPresent(at -> hand.get().place(frame.spread().piece().name(), at)));
        }
    }

    @Override
    protected void layoutChildren() {
        sheet.resizeRelocate(RULER, RULER, getWidth() - RULER, getHeight() - RULER);
        rulers.resizeRelocate(0, 0, getWidth(), getHeight());
        Rectangle clip = new Rectangle(sheet.getWidth(), sheet.getHeight());
        sheet.setClip(clip);
        if (fitted) {
            draw();
        }
    }

    private void draw() {
        if (scene == null || getWidth() < 80 || getHeight() < 80) {
            return;
        }
        if (fitted) {
            view = View.fit(layout.box(), getWidth() - RULER, getHeight() - RULER, MARGIN);
        }
        drawGrid();
        drawing.getChildren().clear();
        List<SpreadPiece> spreads = SpreadPiece.of(scene.pattern());
        drawBodyLine(spreads);
        for (SpreadPiece spread : spreads) {
            PieceLayout.Place place = layout.places().get(spread.name());
            Piece piece = spread.piece();
            Optional<DraftedPiece> plate = scene.plates().stream()
                    .filter(p -> p.piece().equals(piece.name()))
                    .findFirst();
            Optional<String> picked = Optional.ofNullable(pick.get())
                    .filter(chosen -> chosen.piece().equals(piece.name()))
                    .map(Pick::point);
            List<String> troubled = scene.troubled().stream()
                    .filter(name -> name.startsWith(piece.name() + "."))
                    .map(name -> name.substring(piece.name().length() + 1))
                    .toList();
            PieceDrawing drawn = new PieceDrawing(spread, place, view);
            if (scene.walked().isPresent() && plate.isPresent()) {
                int walked = scene.walked().get();
                DraftingSteps.Step now = scene.steps().get(walked - 1);
                drawing.getChildren().add(drawn.walked(scene.stepsOf(plate.get(), walked), now));
                continue;
            }
            drawing.getChildren()
                    .add(drawn.full(
                            plate,
                            plate.map(each -> scene.stepsOf(each, scene.steps().size()))
                                    .orElse(List.of()),
                            picked,
                            troubled));
        }
        for (SpreadPiece spread : spreads) {
            PieceDrawing over = new PieceDrawing(spread, layout.places().get(spread.name()), view);
            drawing.getChildren().add(over.lit(lit, guide));
        }
        // Over the pieces: beneath them it would show only where it is the larger.
        scene.ghost().ifPresent(this::drawGhost);
        drawRulers();
        // Shapes that are added while the window is laid out would stay unstyled until the next pulse.
        sheet.applyCss();
        rulers.applyCss();
    }

    private void drawGhost(Pattern ghost) {
        for (SpreadPiece spread : SpreadPiece.of(ghost)) {
            PieceLayout.Place place = layout.places().get(spread.name());
            if (place != null) {
                drawing.getChildren().add(new PieceDrawing(spread, place, view).ghost());
            }
        }
    }

    private void drawBodyLine(List<SpreadPiece> spreads) {
        layout.line().ifPresent(name -> {
            Level level = spreads.stream()
                    .map(SpreadPiece::piece)
                    .map(piece -> piece.levels().get(name))
                    .filter(found -> found != null)
                    .findFirst()
                    .orElseThrow();
            PieceLayout.Place place = layout.places().get(spreads.get(0).name());
            double y = view.y(place.of(level.from()).y());
            drawing.getChildren().add(Ink.line(new Point(0, y), new Point(sheet.getWidth(), y), "body-line"));
            drawing.getChildren().add(Ink.text(name, sheet.getWidth() - 26, y - 10, "body-line-name"));
        });
    }

    private double step() {
        double unit = scene.format() == LengthFormat.CENTIMETRES ? 10 : 25.4;
        double step = unit;
        for (double factor : new double[] {1, 2, 5, 10, 20, 50}) {
            step = unit * factor;
            if (step * view.scale() >= 26) {
                break;
            }
        }
        return step;
    }

    private void drawGrid() {
        grid.getChildren().clear();
        double step = step();
        for (double mm = Math.ceil(-view.x() / view.scale() / step) * step; view.x(mm) < getWidth(); mm += step) {
            double x = Math.round(view.x(mm)) + 0.5;
            grid.getChildren().add(Ink.line(new Point(x, 0), new Point(x, getHeight()), "grid-line"));
        }
        for (double mm = Math.ceil(-view.y() / view.scale() / step) * step; view.y(mm) < getHeight(); mm += step) {
            double y = Math.round(view.y(mm)) + 0.5;
            grid.getChildren().add(Ink.line(new Point(0, y), new Point(getWidth(), y), "grid-line"));
        }
    }

    private void drawRulers() {
        rulers.getChildren().clear();
        Region top = new Region();
        top.getStyleClass().add("ruler");
        top.resizeRelocate(0, 0, getWidth(), RULER);
        Region left = new Region();
        left.getStyleClass().add("ruler");
        left.resizeRelocate(0, 0, RULER, getHeight());
        rulers.getChildren().addAll(top, left);
        double step = step();
        double unit = scene.format() == LengthFormat.CENTIMETRES ? 10 : 25.4;
        long first = (long) Math.ceil(-view.x() / view.scale() / step);
        for (long i = first; view.x(i * step) + RULER < getWidth(); i++) {
            double x = Math.round(view.x(i * step) + RULER) + 0.5;
            if (x > RULER + 1) {
                rulers.getChildren().add(Ink.line(new Point(x, RULER - 6), new Point(x, RULER), "ruler-line"));
                if (i % 2 == 0) {
                    rulers.getChildren().add(Ink.text(number(i * step / unit), x, 6, "ruler-number"));
                }
            }
        }
        first = (long) Math.ceil(-view.y() / view.scale() / step);
        for (long i = first; view.y(i * step) + RULER < getHeight(); i++) {
            double y = Math.round(view.y(i * step) + RULER) + 0.5;
            if (y > RULER + 1) {
                rulers.getChildren().add(Ink.line(new Point(RULER - 6, y), new Point(RULER, y), "ruler-line"));
                if (i % 2 == 0) {
                    Text number = Ink.text(number(i * step / unit), 6, y, "ruler-number");
                    number.setRotate(-90);
                    rulers.getChildren().add(number);
                }
            }
        }
    }

    private static String number(double value) {
        return String.valueOf(Math.round(value));
    }
}
