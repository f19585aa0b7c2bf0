package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** What is tried on next, and the two ways to the standing view: go on with the last round, or begin another. */
final class NewFitting extends VBox {

    private final Studio studio;
    private final FittingRound round;
    private final FlowPane garments = new FlowPane(12, 4);
    private final List<CheckBox> boxes = new ArrayList<>();
    private final TextField cloth = new TextField();
    private final TextField helper = new TextField();
    private final Button goOn;
    private final Button begin;

    NewFitting(Studio studio, FittingRound round) {
        super(8);
        this.studio = studio;
        this.round = round;
        cloth.setPromptText("mock-up cloth");
        helper.setPromptText("who helps; empty if alone");
        goOn = Parts.button("", this::stand, "main");
        begin = Parts.button("", this::begin);
        setPadding(new Insets(12, 12, 8, 12));
        getStyleClass().add("band");
        getChildren().addAll(goOn, Parts.label("Next round", "caps"), garments, new HBox(8, cloth, helper), begin);
    }

    private void stand() {
        studio.navigation().standing().set(true);
    }

    private void begin() {
        List<String> worn = boxes.stream()
                .filter(CheckBox::isSelected)
                .map(CheckBox::getText)
                .toList();
        round.begin(
                worn,
                cloth.getText().isBlank() ? "cloth not named" : cloth.getText().strip(),
                helper.getText().strip());
        stand();
    }

    void refresh() {
        Optional<Fitting> latest = round.fitting();
        Parts.show(goOn, latest.isPresent());
        latest.ifPresent(fitting -> goOn.setText("Stand at fitting " + fitting.number()));
        int next = latest.map(Fitting::number).orElse(0) + 1;
        begin.setText("Begin fitting " + next);
        List<String> drawn = studio.situation().costume().garments().stream()
                .map(Garment::name)
                .filter(name -> studio.situation().work(name).isPresent())
                .toList();
        if (!boxes.stream().map(CheckBox::getText).toList().equals(drawn)) {
            boxes.clear();
            for (String name : drawn) {
                CheckBox box = new CheckBox(name);
                box.setSelected(boxes.isEmpty());
                box.selectedProperty().addListener((was, before, now) -> enable());
                boxes.add(box);
            }
            garments.getChildren().setAll(boxes);
        }
        if (cloth.getText().isEmpty()) {
            latest.ifPresent(fitting -> cloth.setText(fitting.mockup().cloth()));
        }
        enable();
    }

    private void enable() {
        begin.setDisable(boxes.stream().noneMatch(CheckBox::isSelected));
    }
}
