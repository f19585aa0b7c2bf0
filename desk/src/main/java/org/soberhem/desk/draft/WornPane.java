package org.soberhem.desk.draft;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.drape.WornFinding;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.View;
import org.soberhem.studio.Studio;
import org.soberhem.studio.TrialRoom;

/**
 * The garment tried on, beside its pieces: it follows the draft when the hand rests. The last trial stays beneath as a
 * ghost; a finding lights its piece.
 */
final class WornPane extends VBox implements TrialRoom.Watcher<WornPicture> {

    private static final double WIDE = 330;
    private static final double MARGIN = 8;

    /** Degrees that the figure turns for each pixel that it is dragged. */
    private static final double TURN = 0.8;

    /** The draft that was tried is still the same within this, millimetres. */
    private static final double SAME = 0.05;

    private final Studio studio;
    private final BiConsumer<String, Point> aim;
    private final Pane figure = new Pane();
    private final ChoiceBox<ClothKind> cloth = new ChoiceBox<>();
    private final ProgressBar progress = new ProgressBar(0);
    private final Button stop = Parts.button("Stop", this::stop);
    private final HBox going = new HBox(8);
    private final Label state = Parts.text("", "small", "soft");
    private final VBox told = new VBox(4);
    private final PauseTransition rests = new PauseTransition(Duration.millis(700));
    private Viewpoint from = Viewpoint.of(FigureView.FRONT);
    private Optional<WornPicture> picture = Optional.empty();
    private Optional<Plate> last = Optional.empty();
    private Optional<Plate> ghost = Optional.empty();
    private Optional<Pattern> tried = Optional.empty();
    private Optional<DraftedGarment> drafted = Optional.empty();
    private String shown = "";
    private double dragged;

    /**
     * @param aim shows a place of a piece, by its name, on the paper
     * @param close runs when it is put away
     */
    WornPane(Studio studio, BiConsumer<String, Point> aim, Runnable close) {
        this.studio = studio;
        this.aim = aim;
        setId("tried-on");
        cloth.setId("tried-cloth");
        cloth.setConverter(Parts.words(ClothKind::title));
        cloth.getItems().setAll(studio.library().clothKinds());
        cloth.valueProperty().addListener((was, before, now) -> {
            tried = Optional.empty();
            follow();
        });
        cloth.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(cloth, Priority.ALWAYS);
        Label title = Parts.label("Tried on in", "caps");
        title.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(8, title, cloth, Parts.button("×", close));
        head.setAlignment(Pos.CENTER_LEFT);
        progress.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(progress, Priority.ALWAYS);
        stop.setId("stop-trying");
        going.getChildren().addAll(progress, stop);
        Parts.show(going, false);
        going.setAlignment(Pos.CENTER_LEFT);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(figure.widthProperty());
        clip.heightProperty().bind(figure.heightProperty());
        figure.setClip(clip);
        figure.setMinHeight(220);
        figure.setOnMousePressed(press -> dragged = press.getX());
        figure.setOnMouseDragged(drag -> {
            from = from.turnedBy(-(drag.getX() - dragged) * TURN);
            dragged = drag.getX();
            picture = picture.map(seen -> seen.turned(from));
            ghost = Optional.empty();
            draw();
        });
        figure.setOnMouseClicked(this::point);
        figure.widthProperty().addListener(size -> draw());
        figure.heightProperty().addListener(size -> draw());
        ScrollPane scroll = Parts.scroll(told);
        scroll.setMinHeight(150);
        scroll.setPrefHeight(210);
        VBox.setVgrow(figure, Priority.ALWAYS);
        getChildren().addAll(head, figure, going, state, scroll);
        getStyleClass().addAll("panel", "pad");
        setSpacing(8);
        setPrefWidth(WIDE);
        setMinWidth(WIDE);
        setMaxWidth(WIDE);
        rests.setOnFinished(rested -> start());
    }

    /** Shows a drafted garment; while the pane is seen it is tried on when it has changed. */
    void show(DraftedGarment work) {
        String now =
                studio.situation().costume().id() + " " + work.sheet().sheet().id();
        drafted = Optional.of(work);
        if (!now.equals(shown)) {
            shown = now;
            tried = Optional.empty();
            picture = Optional.empty();
            last = Optional.empty();
            ghost = Optional.empty();
            ClothKind usual =
                    studio.library().clothFor(work.sheet().sheet().about().garment());
            cloth.setValue(cloth.getItems().stream()
                    .filter(kind -> kind.id().equals(usual.id()))
                    .findFirst()
                    .orElseThrow());
        }
        follow();
    }

    private void follow() {
        if (isVisible() && tried.isEmpty()) {
            start();
        } else if (isVisible() && isStale()) {
            say("The draft has changed: tried on again when the hand rests.");
            rests.playFromStart();
        }
    }

    private boolean isStale() {
        return drafted.isPresent()
                && tried.filter(was -> was.sameAs(drafted.get().pattern(), SAME))
                        .isEmpty();
    }

    /** Tries on what is shown, at once. */
    void start() {
        rests.stop();
        if (drafted.isEmpty() || cloth.getValue() == null) {
            return;
        }
        say("Trying it on …");
        Pattern pattern = drafted.get().pattern();
        tried = Optional.of(pattern);
        Viewpoint seenFrom = from;
        double limit = cloth.getValue().drawn().gives();
        studio.trials()
                .tryOn(
                        studio.judge().figure(studio.situation().judged(), 0.5).body(),
                        pattern,
                        TryOn.Plan.USUAL.of(cloth.getValue()),
                        draped -> WornPicture.of(draped, limit, seenFrom),
                        this);
    }

    /** Stops a trial; what was seen of it stays. */
    void stop() {
        rests.stop();
        studio.trials().stop();
        goes(false);
        say("Stopped. What is shown is not at rest.");
    }

    private void goes(boolean now) {
        Parts.show(going, now);
    }

    private void say(String words) {
        state.setText(words);
    }

    @Override
    public void going(double share) {
        goes(true);
        progress.setProgress(share);
    }

    @Override
    public void seen(WornPicture now, boolean done) {
        if (done) {
            ghost = last.filter(plate -> plate.from().equals(now.plate().from()));
            last = Optional.of(now.plate());
            goes(false);
            say("The stand is padded hard and stands still: look where this points on a mock-up.");
            tell(now.findings());
        }
        picture = Optional.of(now);
        draw();
    }

    @Override
    public void cannot(String why) {
        goes(false);
        picture = Optional.empty();
        ghost = Optional.empty();
        told.getChildren().clear();
        say(why);
        draw();
    }

    private void tell(List<WornFinding> findings) {
        told.getChildren().clear();
        for (WornFinding finding : findings) {
            Button line = Parts.button(finding.sentence().in(studio.format()), () -> aim(finding.triangle()));
            line.getStyleClass().add(finding.kind() == WornFinding.Kind.TIGHT ? "tried-tight" : "tried-line");
            line.setWrapText(true);
            line.setMinWidth(0);
            line.setMinHeight(Region.USE_PREF_SIZE);
            line.setMaxWidth(WIDE - 46);
            line.setDisable(finding.triangle() < 0);
            told.getChildren().add(line);
        }
    }

    private void draw() {
        figure.getChildren().clear();
        if (picture.isEmpty() || figure.getWidth() < 1 || figure.getHeight() < 1) {
            return;
        }
        View view = view(picture.get());
        PlateDrawing.draw(picture.get().plate(), view, figure.getChildren());
        ghost.ifPresent(before -> PlateDrawing.drawGhost(before, view, figure.getChildren()));
    }

    /** Shows on the paper where a triangle of the cloth is. */
    private void aim(int triangle) {
        picture.filter(seen -> triangle >= 0).ifPresent(seen -> {
            ClothMesh mesh = seen.draped().mesh();
            aim.accept(mesh.pieceOf(triangle).name(), mesh.onPaper(triangle));
        });
    }

    /** Shows on the paper what was pointed at on the figure. */
    private void point(MouseEvent click) {
        if (picture.isPresent() && click.isStillSincePress()) {
            View view = view(picture.get());
            Point at = new Point((click.getX() - view.x()) / view.scale(), (click.getY() - view.y()) / view.scale());
            aim(picture.get().draped().under(from, at));
        }
    }

    private View view(WornPicture seen) {
        return View.fit(seen.box(), figure.getWidth(), figure.getHeight(), MARGIN);
    }
}
