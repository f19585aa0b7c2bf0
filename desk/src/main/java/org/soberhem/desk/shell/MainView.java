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
import org.soberhem.desk.studio.Keeper;
import org.soberhem.desk.studio.Situation;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.tape.TapeView;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;

/** The whole window: thread, heading and the place that is open. */
public final class MainView extends StackPane {

    private final Studio studio;
    private final BorderPane frame = new BorderPane();
    private final RailView rail;
    private final ShelfView shelf;
    private final Map<Stage, Supplier<Node>> makers = new EnumMap<>(Stage.class);
    private final Map<Stage, Node> places = new EnumMap<>(Stage.class);
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
        ThreadStrip strip = new ThreadStrip(studio);
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
        studio.standingProperty().addListener((was, before, now) -> {
            Parts.show(heading, !now);
            Parts.show(strip, !now);
        });
        getChildren().addAll(frame, shortcuts);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        studio.placeProperty().addListener((was, before, now) -> {
            studio.shelfProperty().set(false);
            showPlace();
        });
        studio.shelfProperty().addListener((was, before, now) -> {
            if (studio.placeProperty().get().isEmpty()) {
                showPlace();
            }
        });
        studio.situationProperty().addListener((was, before, now) -> refresh());
        studio.garmentProperty().addListener((was, before, now) -> refresh());
        studio.darkProperty().addListener((was, before, now) -> darken());
        sceneProperty().addListener((was, before, now) -> darken());
        done.textProperty().bind(studio.doneProperty());
        kept.textProperty().bind(studio.keeper().stateProperty());
        kept.textProperty().addListener((was, before, now) -> {
            kept.getStyleClass().removeAll("settled", "needs");
            kept.getStyleClass().add(now.equals(Keeper.NOT_KEPT) ? "needs" : "settled");
        });
        fault.textProperty().bind(studio.keeper().faultProperty());
        studio.keeper().faultProperty().addListener((was, before, now) -> Parts.show(warning, !now.isEmpty()));
        Parts.show(warning, !fault.getText().isEmpty());
        refresh();
        showPlace();
    }

    private HBox heading() {
        garments.valueProperty().addListener((was, before, now) -> {
            if (now != null) {
                studio.garmentProperty().set(now);
            }
        });
        Button undo = Parts.hinted(Parts.button("↶ Undo", studio::undo, "quiet"), "Ctrl+Z");
        Button redo = Parts.hinted(Parts.button("↷ Redo", studio::redo, "quiet"), "Ctrl+Shift+Z");
        Button unit = Parts.hinted(Parts.button("in / cm", this::otherUnit, "quiet"), "Inches or centimetres (F8)");
        Button light = Parts.hinted(
                Parts.button(
                        "◐",
                        () -> studio.darkProperty().set(!studio.darkProperty().get()),
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
        studio.formatProperty()
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
            if (studio.darkProperty().get()) {
                getScene().getRoot().getStyleClass().add("dark");
            }
        }
    }

    private void open(Situation situation) {
        studio.open(situation.costume().id());
        studio.placeProperty().set(Optional.of(situation.stage()));
    }

    private void refresh() {
        Situation now = studio.situation();
        boolean inCostume = now != null && studio.placeProperty().get().isPresent();
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
        garments.setValue(studio.garmentProperty().get());
        version.setText(costume.garment(studio.garmentProperty().get())
                .map(now.judgement()::versionWords)
                .orElse(""));
    }

    private void showPlace() {
        Optional<Stage> place = studio.placeProperty().get();
        studio.standingProperty().set(false);
        refresh();
        if (place.isEmpty() || studio.situation() == null) {
            if (studio.shelfProperty().get()) {
                shelf.refresh();
                frame.setCenter(shelf);
            } else {
                rail.refresh();
                frame.setCenter(rail);
            }
            return;
        }
        Node node =
                places.computeIfAbsent(place.get(), stage -> makers.get(stage).get());
        frame.setCenter(node);
        node.requestFocus();
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
            studio.placeProperty().set(Optional.empty());
            rail.beginCostume();
        } else if (event.isAltDown() && event.getCode() == KeyCode.DIGIT1) {
            studio.placeProperty().set(Optional.empty());
            studio.shelfProperty().set(false);
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.L) {
            studio.placeProperty().set(Optional.empty());
            studio.shelfProperty().set(true);
        } else if (event.isAltDown() && stageOf(event.getCode()).isPresent() && studio.situation() != null) {
            studio.placeProperty().set(stageOf(event.getCode()));
        } else if (event.getCode() == KeyCode.F1) {
            toggleShortcuts();
        } else if (event.getCode() == KeyCode.F8) {
            otherUnit();
        } else if (event.getCode() == KeyCode.F9) {
            studio.darkProperty().set(!studio.darkProperty().get());
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
