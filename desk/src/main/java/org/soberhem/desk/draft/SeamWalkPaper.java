package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.TrueSeam;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.SeamWalk;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.Parts;

/**
 * One edge of a seam walked along the other on the paper, with the lengths between marks and the lines that cross it.
 */
final class SeamWalkPaper extends BorderPane {

    private static final double RIM = 40;
    private static final int SAMPLES = 6;

    /** The whole walk takes this many steps and seconds. */
    private static final int STEPS = 100;

    private static final double SECONDS = 5;

    private final Pane sheet = new Pane();
    private final Group drawing = new Group();
    private final Slider slider = new Slider(0, 1, 0);
    private final ToggleButton play = new ToggleButton("▶ walk");
    private final Timeline timeline;
    private final Label title = Parts.label("", "heading");
    private final Label place = Parts.label("", "small", "soft");
    private final GridPane lengths = new GridPane();
    private final VBox crossings = new VBox(4);
    private final HBox truing = new HBox(8);
    private final Consumer<Alteration> make;
    private final Runnable close;
    private Optional<SeamWalk> walk = Optional.empty();
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;

    /**
     * @param make makes a truing
     * @param close leaves the walk
     */
    SeamWalkPaper(Consumer<Alteration> make, Runnable close) {
        this.make = make;
        this.close = close;
        getStyleClass().add("sheet");
        sheet.setMinSize(0, 0);
        sheet.getChildren().add(drawing);
        sheet.widthProperty().addListener((was, before, now) -> draw());
        sheet.heightProperty().addListener((was, before, now) -> draw());
        slider.setId("seam-slider");
        slider.valueProperty().addListener((was, before, now) -> draw());
        HBox.setHgrow(slider, Priority.ALWAYS);
        play.setId("seam-play");
        timeline = new Timeline(new KeyFrame(Duration.seconds(SECONDS / STEPS), event -> step()));
        timeline.setCycleCount(Animation.INDEFINITE);
        play.selectedProperty().addListener((was, before, now) -> {
            play.setText(now ? "❚❚ pause" : "▶ walk");
            if (now) {
                if (slider.getValue() >= 1) {
                    slider.setValue(0);
                }
                timeline.play();
            } else {
                timeline.stop();
            }
        });
        Button leave = Parts.hinted(Parts.button("Close", close, "quiet"), "Esc");
        leave.setId("seam-close");
        HBox bar = new HBox(10, play, slider, place, leave);
        bar.setAlignment(Pos.CENTER_LEFT);
        lengths.setHgap(18);
        lengths.setVgap(3);
        HBox words = new HBox(40, lengths, crossings);
        VBox foot = new VBox(10, title, bar, words, truing);
        foot.setPadding(new Insets(12, 20, 14, 20));
        foot.getStyleClass().add("foot");
        setCenter(sheet);
        setBottom(foot);
    }

    private void step() {
        slider.setValue(Math.min(1, slider.getValue() + 1.0 / STEPS));
        if (slider.getValue() >= 1) {
            play.setSelected(false);
        }
    }

    /** Stops the walk. */
    void leave() {
        play.setSelected(false);
        walk = Optional.empty();
    }

    void show(SeamWalk shown, LengthFormat shownAs) {
        boolean same = walk.filter(
                        was -> was.check().seam().equals(shown.check().seam()))
                .isPresent();
        walk = Optional.of(shown);
        format = shownAs;
        if (!same) {
            play.setSelected(false);
            slider.setValue(0);
        }
        SeamCheck check = shown.check();
        title.setText(check.sentence().in(format));
        lengths.getChildren().clear();
        row(0, "up to", "first", "second", "eased");
        int line = 1;
        for (SeamWalk.Between each : shown.between()) {
            row(
                    line++,
                    each.to(),
                    format.format(each.first()),
                    format.format(each.second()),
                    Sentence.of("{}", SeamCheck.shown(each.difference())).in(format));
        }
        crossings.getChildren().clear();
        cross(shown, true, "where the walk begins");
        cross(shown, false, "where it ends");
        truing.getChildren().clear();
        Sides sides = check.side() == Side.LEFT ? Sides.LEFT : check.side() == Side.RIGHT ? Sides.RIGHT : Sides.BOTH;
        if (!check.isTrue()) {
            truing.getChildren()
                    .addAll(
                            truing(new TrueSeam(check.seam().first().get(0), sides)),
                            truing(new TrueSeam(check.seam().second().get(0), sides)));
        }
        draw();
    }

    private Button truing(TrueSeam alteration) {
        Button button = Parts.button(alteration.sentence().in(format), () -> make.accept(alteration));
        button.setId("true-" + alteration.edge().piece());
        return button;
    }

    private void row(int line, String... cells) {
        for (int column = 0; column < cells.length; column++) {
            Label cell = line == 0
                    ? Parts.label(cells[column], "small", "soft")
                    : Parts.label(cells[column], column == 0 ? "small" : "figure");
            lengths.add(cell, column, line);
        }
    }

    private void cross(SeamWalk shown, boolean atStart, String where) {
        shown.crossing(atStart).ifPresent(crossing -> {
            String line = crossing.line().word() + ", " + where + ": " + Math.round(crossing.degrees()) + "° together";
            crossings
                    .getChildren()
                    .add(
                            crossing.isSmooth()
                                    ? Parts.text("✓ " + line + ", it runs on smoothly")
                                    : Parts.text(
                                            "✗ " + line
                                                    + (crossing.degrees() < 180
                                                            ? ": a dip when sewn, fill it out"
                                                            : ": a peak when sewn, take it off"),
                                            "needs"));
        });
    }

    private void draw() {
        drawing.getChildren().clear();
        if (walk.isEmpty() || sheet.getWidth() < 10 || sheet.getHeight() < 10) {
            return;
        }
        double along = slider.getValue() * walk.get().length();
        SeamWalk.Laid laid = walk.get().at(along);
        place.setText(format.format(along) + " of " + format.format(walk.get().length()));
        Box box = around(laid);
        double scale =
                Math.min((sheet.getWidth() - 2 * RIM) / box.width(), (sheet.getHeight() - 2 * RIM) / box.height());
        Screen screen = new Screen(box, scale, sheet.getWidth(), sheet.getHeight());
        piece(laid.first(), screen, point -> point, "seam-line");
        piece(laid.second(), screen, laid::of, "ghost");
        Point at = screen.of(laid.place());
        drawing.getChildren().add(Ink.line(at.plus(new Point(-9, 0)), at.plus(new Point(9, 0)), "troubled"));
        drawing.getChildren().add(Ink.line(at.plus(new Point(0, -9)), at.plus(new Point(0, 9)), "troubled"));
        drawing.applyCss();
    }

    private void piece(Piece piece, Screen screen, UnaryOperator<Point> to, String style) {
        List<Point> corners = new ArrayList<>();
        piece.seamLine().corners().forEach(corner -> corners.add(screen.of(to.apply(corner))));
        corners.add(corners.get(0));
        drawing.getChildren().add(Ink.polyline(corners, style));
        for (Notch notch : piece.notches()) {
            Point at = piece.at(notch);
            Point out = at.plus(piece.outward(notch).times(5));
            drawing.getChildren().add(Ink.line(screen.of(to.apply(at)), screen.of(to.apply(out)), style));
        }
        Point middle = screen.of(to.apply(piece.seamLine().box().middle()));
        drawing.getChildren().add(Ink.text(piece.name(), middle.x(), middle.y(), "piece-name"));
    }

    /** Returns a box that holds both pieces wherever the walk is on them, so that the drawing keeps its scale. */
    private Box around(SeamWalk.Laid now) {
        Box box = now.first().seamLine().box();
        double length = walk.orElseThrow().length();
        for (int i = 0; i <= SAMPLES; i++) {
            SeamWalk.Laid laid = walk.orElseThrow().at(length * i / SAMPLES);
            if (laid.first() == now.first() && laid.second() == now.second()) {
                box = box.union(Box.round(laid.second().seamLine().corners().stream()
                        .map(laid::of)
                        .toList()));
            }
        }
        return box;
    }

    /** Places on the sheet. */
    private record Screen(Box box, double scale, double width, double height) {
        Point of(Point at) {
            return new Point(
                    width / 2 + (at.x() - box.middle().x()) * scale,
                    height / 2 + (at.y() - box.middle().y()) * scale);
        }
    }
}
