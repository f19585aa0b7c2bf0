package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.chart.CategoryAxis;
import javafx.scene.chart.LineChart;
import javafx.scene.chart.NumberAxis;
import javafx.scene.chart.XYChart;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.SetComparison;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** A wearer's sets over the years: one measure as a line, two sets compared, and the costumes that a change touches. */
final class HistoryPanel extends BorderPane {

    private static final List<Integer> MONTHS = List.of(1, 3, 6, 12, 24);

    private final Studio studio;
    private final TapeDesk desk;
    private final ChoiceBox<MeasurementSet> before = new ChoiceBox<>();
    private final ChoiceBox<MeasurementSet> after = new ChoiceBox<>();
    private final ChoiceBox<Integer> months = new ChoiceBox<>();
    private final NumberAxis lengths = new NumberAxis();
    private final LineChart<String, Number> chart = new LineChart<>(new CategoryAxis(), lengths);
    private final VBox changes = new VBox(0);
    private String wearer = "";
    private final Filling filling = new Filling();

    HistoryPanel(Studio studio, TapeDesk desk) {
        this.studio = studio;
        this.desk = desk;
        for (ChoiceBox<MeasurementSet> box : List.of(before, after)) {
            box.setConverter(
                    Parts.words(set -> set.date() + ", " + set.readings().size() + " readings"));
            box.valueProperty().addListener((was, old, now) -> compare());
        }
        months.getItems().setAll(MONTHS);
        months.setConverter(Parts.words(HistoryPanel::words));
        months.setId("months");
        months.valueProperty().addListener((was, old, now) -> {
            if (!filling.isOn() && now != null && now != studio.maker().months()) {
                studio.keep(
                        studio.maker().withMonths(now),
                        "months",
                        Sentence.of("Wearers are measured again after {}", words(now)));
            }
        });
        HBox head = new HBox(
                8,
                Parts.label("from", "soft"),
                before,
                Parts.label("to", "soft"),
                after,
                Parts.gap(),
                Parts.label("measure again after", "soft"),
                months);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(10, 16, 8, 16));
        head.getStyleClass().add("band");
        chart.setLegendVisible(false);
        chart.setAnimated(false);
        chart.setPrefHeight(250);
        chart.setMinHeight(200);
        lengths.setForceZeroInRange(false);
        var scroll = Parts.scroll(changes);
        scroll.getStyleClass().add("sheet");
        BorderPane below = new BorderPane(scroll);
        below.setTop(chart);
        setTop(head);
        setCenter(below);
        desk.measureProperty().addListener((was, old, now) -> draw());
    }

    private static String words(int months) {
        return months == 1 ? "1 month" : months + " months";
    }

    /** Shows the wearer's sets. */
    void refresh() {
        Wearer now = studio.situation().wearer();
        filling.during(() -> {
            months.setValue(studio.maker().months());
            List<MeasurementSet> sets = now.sets();
            if (!wearer.equals(now.id()) || !before.getItems().equals(sets)) {
                wearer = now.id();
                before.getItems().setAll(sets);
                after.getItems().setAll(sets);
                before.setValue(sets.size() < 2 ? null : sets.get(sets.size() - 2));
                after.setValue(sets.isEmpty() ? null : sets.get(sets.size() - 1));
            }
        });
        compare();
        draw();
    }

    private void draw() {
        if (studio.situation() == null || getScene() == null) {
            return;
        }
        Optional<Measure> measure =
                studio.library().measures().find(desk.measureProperty().get());
        chart.getData().clear();
        if (measure.isEmpty()) {
            chart.setTitle("");
            return;
        }
        chart.setTitle(measure.get().name() + ", " + studio.format().unit().word());
        XYChart.Series<String, Number> series = new XYChart.Series<>();
        List<MeasurementSet> sets = new ArrayList<>(studio.situation().wearer().sets());
        sets.sort((a, b) -> a.date().compareTo(b.date()));
        for (MeasurementSet set : sets) {
            set.value(measure.get().id(), Side.RIGHT)
                    .ifPresent(value -> series.getData()
                            .add(new XYChart.Data<>(
                                    set.date()
                                            + (set.stack()
                                                            .equals(sets.get(sets.size() - 1)
                                                                    .stack())
                                                    ? ""
                                                    : " *"),
                                    (double) value.nanometres()
                                            / studio.format().unit().nanometres())));
        }
        chart.getData().add(series);
    }

    private void compare() {
        if (filling.isOn()) {
            return;
        }
        changes.getChildren().clear();
        if (before.getValue() == null
                || after.getValue() == null
                || before.getValue().equals(after.getValue())) {
            changes.getChildren()
                    .add(Parts.text("A second set, of another day, shows here what has changed.", "soft", "pad"));
            return;
        }
        Set<String> incomparable = studio.wardrobe()
                .noLongerCount(before.getValue().stack(), after.getValue().stack());
        List<SetComparison.Change> all = SetComparison.of(before.getValue(), after.getValue(), incomparable);
        Set<String> changed = new TreeSet<>();
        for (SetComparison.Change change : all) {
            Measure measure = studio.library().measures().find(change.measure()).orElseThrow();
            boolean real = change.comparable() && change.isReal(measure);
            if (real) {
                changed.add(measure.id());
            }
            changes.getChildren().add(row(measure, change, real));
        }
        touched(changed);
    }

    private HBox row(Measure measure, SetComparison.Change change, boolean real) {
        Label name = Parts.label(measure.name(), "figure");
        name.setMinWidth(230);
        name.setPrefWidth(230);
        Label values = Parts.label(
                studio.format().number(change.before()) + " → "
                        + studio.format().format(change.after()),
                "figure");
        values.setMinWidth(170);
        Label by = Parts.label(
                change.comparable() ? studio.format().signed(change.by()) : "other layers: not to be compared",
                real ? "needs" : "soft");
        HBox row = new HBox(10, name, values, by);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("measure-row");
        row.setOnMouseClicked(event -> desk.measureProperty().set(measure.id()));
        return row;
    }

    private void touched(Set<String> changed) {
        List<String> touched = new ArrayList<>();
        for (Costume costume : studio.histories().costumesOf(wearer)) {
            boolean older = !costume.set().equals(after.getValue().id());
            boolean uses = costume.garments().stream()
                    .flatMap(garment -> studio.current().sheet(garment).usableMeasures().stream())
                    .anyMatch(changed::contains);
            if (older && uses) {
                touched.add(costume.title());
            }
        }
        changes.getChildren()
                .add(
                        0,
                        Parts.text(
                                changed.isEmpty()
                                        ? "Nothing has changed by more than readings of one day differ."
                                        : touched.isEmpty()
                                                ? "No costume is drawn from older readings of what has changed."
                                                : "Drawn from older readings of what has changed: "
                                                        + String.join(", ", touched) + ".",
                                touched.isEmpty() ? "soft" : "needs",
                                "pad"));
    }
}
