package org.soberhem.desk.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.bench.BenchView;
import org.soberhem.desk.cloth.ClothView;
import org.soberhem.desk.draft.DraftView;
import org.soberhem.desk.draft.PrintPanel;
import org.soberhem.desk.fitting.FittingPlace;
import org.soberhem.desk.rail.RailView;
import org.soberhem.desk.record.RecordView;
import org.soberhem.desk.sheet.ShelfView;
import org.soberhem.desk.silhouette.SilhouetteView;
import org.soberhem.desk.tape.TapeView;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;
import org.soberhem.studio.Subscriptions;

/** The whole window: thread, heading and the place that is open. */
public final class MainView extends StackPane implements AutoCloseable {

    private final Studio studio;
    private final BorderPane frame = new BorderPane();
    private final Subscriptions listening = new Subscriptions();
    private final RailView rail;
    private final ShelfView shelf;
    private final Map<Stage, Supplier<PlaceView>> makers = new EnumMap<>(Stage.class);
    private final Map<Stage, PlaceView> places = new EnumMap<>(Stage.class);
    private final Label title = Parts.label("Sober Hem", "title");
    private final Label version = Parts.label("", "soft");
    private final Label done = Parts.label("", "soft");
    private final Label kept = Parts.label("", "small", "settled");
    private final Label fault = Parts.text("", "needs");
    private final HBox warning = new HBox(fault);
    private final ChoiceBox<String> garments = new ChoiceBox<>();
    private final Shortcuts shortcuts = new Shortcuts();

    /**
     * @param studio the studio
     * @param files where files go to and come from
     */
    public MainView(Studio studio, FileDesk files) {
        this.studio = studio;
        ThreadStrip strip = new ThreadStrip(studio, listening);
        getStyleClass().add("main-view");
        rail = new RailView(studio, files, this::open);
        shelf = new ShelfView(studio, files);
        makers.put(Stage.DRAFT, () -> new DraftView(studio, new PrintPanel(studio, files), files));
        makers.put(Stage.SILHOUETTE, () -> new SilhouetteView(studio, files));
        makers.put(Stage.TAPE, () -> new TapeView(studio, files));
        makers.put(Stage.CLOTH, () -> new ClothView(studio, files));
        makers.put(Stage.BENCH, () -> new BenchView(studio, files));
        makers.put(Stage.RECORD, () -> new RecordView(studio, files));
        makers.put(Stage.FITTING, () -> new FittingPlace(studio, files));
        frame.setLeft(strip);
        warning.getStyleClass().add("warning");
        HBox heading = heading();
        frame.setTop(new VBox(heading, warning));
        getChildren().addAll(frame, shortcuts);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        listenToAll(heading, strip);
        refresh();
        showPlace();
    }

    private void listenToAll(HBox heading, ThreadStrip strip) {
        listening.listen(studio.navigation().standing(), now -> {
            Parts.show(heading, !now);
            Parts.show(strip, !now);
        });
        listening.listen(studio.navigation().place(), now -> {
            studio.navigation().shelf().set(false);
            showPlace();
        });
        listening.listen(studio.navigation().shelf(), now -> {
            if (studio.navigation().place().get().isEmpty()) {
                showPlace();
            }
        });
        listening.listen(studio.current().situation(), now -> refresh());
        listening.listen(studio.current().garment(), now -> refresh());
        listening.listen(studio.preferences().dark(), now -> darken());
        sceneProperty().addListener((was, before, now) -> darken());
        listening.follow(studio.done(), done::setText);
        listening.follow(studio.keeper().state(), now -> {
            kept.setText(now);
            kept.getStyleClass().removeAll("settled", "needs");
            kept.getStyleClass().add(now.equals(Keeper.NOT_KEPT) ? "needs" : "settled");
        });
        listening.follow(studio.keeper().fault(), now -> {
            fault.setText(now);
            Parts.show(warning, !now.isEmpty());
        });
    }

    private HBox heading() {
        garments.valueProperty().addListener((was, before, now) -> {
            if (now != null) {
                studio.current().garment().set(now);
            }
        });
        Button undo = Parts.hinted(Parts.button("↶ Undo", studio::undo, "quiet"), "Ctrl+Z");
        Button redo = Parts.hinted(Parts.button("↷ Redo", studio::redo, "quiet"), "Ctrl+Shift+Z");
        Button unit = Parts.hinted(Parts.button("in / cm", this::otherUnit, "quiet"), "Inches or centimetres (F8)");
        Button light = Parts.hinted(
                Parts.button(
                        "◐",
                        () -> studio.preferences()
                                .dark()
                                .set(!studio.preferences().dark().get()),
                        "quiet"),
                "Light or dark (F9)");
        Button help = Parts.hinted(Parts.button("?", this::toggleShortcuts, "quiet"), "All shortcuts (F1)");
        done.setMaxWidth(340);
        HBox heading = new HBox(10, title, garments, version, Parts.gap(), done, kept, undo, redo, unit, light, help);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.setPadding(new Insets(0, 12, 0, 16));
        heading.setMinHeight(44);
        heading.setPrefHeight(44);
        heading.getStyleClass().add("band");
        return heading;
    }

    private void otherUnit() {
        studio.preferences()
                .format()
                .set(
                        studio.format() == LengthFormat.CENTIMETRES
                                ? LengthFormat.INCH_EIGHTHS
                                : LengthFormat.CENTIMETRES);
    }

    private void toggleShortcuts() {
        Parts.show(shortcuts, !shortcuts.isVisible());
    }

    private void darken() {
        if (getScene() != null) {
            getScene().getRoot().getStyleClass().remove("dark");
            if (studio.preferences().dark().get()) {
                getScene().getRoot().getStyleClass().add("dark");
            }
        }
    }

    private void open(Situation situation) {
        studio.open(situation.costume().id());
        studio.navigation().place().set(Optional.of(situation.stage()));
    }

    private void refresh() {
        Situation now = studio.situation();
        boolean inCostume = now != null && studio.navigation().place().get().isPresent();
        Parts.show(garments, inCostume && !now.costume().garments().isEmpty());
        Parts.show(version, inCostume);
        if (!inCostume) {
            title.setText("Sober Hem");
            return;
        }
        Costume costume = now.costume();
        title.setText(costume.title());
        var names = costume.garments().stream().map(Garment::name).toList();
        if (!garments.getItems().equals(names)) {
            garments.getItems().setAll(names);
        }
        garments.setValue(studio.current().garment().get());
        version.setText(costume.garment(studio.current().garment().get())
                .map(now.judgement()::versionWords)
                .orElse(""));
    }

    private void showPlace() {
        Optional<Stage> place = studio.navigation().place().get();
        studio.navigation().standing().set(false);
        refresh();
        if (place.isEmpty() || studio.situation() == null) {
            boolean onShelf = studio.navigation().shelf().get();
            if (onShelf) {
                shelf.refresh();
            } else {
                rail.refresh();
            }
            showOnly(onShelf ? shelf : rail);
            return;
        }
        showOnly(places.computeIfAbsent(place.get(), stage -> makers.get(stage).get()));
    }

    /** What is hidden leaves the window: nodes that are kept in it cost time at every frame. */
    private void showOnly(Node node) {
        places.values().stream().filter(place -> place != node).forEach(place -> place.show(false));
        frame.setCenter(node);
        if (node instanceof PlaceView place) {
            place.show(true);
        }
        // Else the keyboard would go from what has left to the next best field.
        node.requestFocus();
    }

    /** Ends all listening; the window is closed. */
    @Override
    public void close() {
        listening.close();
        shelf.close();
        places.values().forEach(PlaceView::close);
    }

    private void key(KeyEvent event) {
        boolean used = true;
        if (event.isShortcutDown() && event.getCode() == KeyCode.Z) {
            if (event.isShiftDown()) {
                studio.redo();
            } else {
                studio.undo();
            }
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.N) {
            studio.navigation().place().set(Optional.empty());
            rail.beginCostume();
        } else if (event.isAltDown() && event.getCode() == KeyCode.DIGIT1) {
            studio.navigation().place().set(Optional.empty());
            studio.navigation().shelf().set(false);
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.L) {
            studio.navigation().place().set(Optional.empty());
            studio.navigation().shelf().set(true);
        } else if (event.isAltDown() && stageOf(event.getCode()).isPresent() && studio.situation() != null) {
            studio.navigation().place().set(stageOf(event.getCode()));
        } else if (event.getCode() == KeyCode.F1) {
            toggleShortcuts();
        } else if (event.getCode() == KeyCode.F8) {
            otherUnit();
        } else if (event.getCode() == KeyCode.F9) {
            studio.preferences().dark().set(!studio.preferences().dark().get());
        } else if (event.getCode() == KeyCode.ESCAPE && shortcuts.isVisible()) {
            toggleShortcuts();
        } else {
            used = false;
        }
        if (used) {
            event.consume();
        }
    }

    private static Optional<Stage> stageOf(KeyCode code) {
        int digit = code.getCode() - KeyCode.DIGIT2.getCode();
        return digit >= 0 && digit < Stage.values().length ? Optional.of(Stage.values()[digit]) : Optional.empty();
    }
}
