package org.soberhem.desk.fitting;

import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** After it was worn: what was noticed, and what would be done otherwise. */
final class AfterView extends VBox implements FittingPlace.Shown {

    private final Studio studio;
    private final VBox carried = new VBox(4);
    private final VBox worn = new VBox(4);
    private final TextField noticed = new TextField();
    private final TextArea otherwise = new TextArea();
    private String shown = "";

    AfterView(Studio studio) {
        super(10);
        this.studio = studio;
        setPadding(new Insets(16, 24, 16, 24));
        noticed.setId("wearing");
        noticed.setPromptText("what was noticed when it was worn, Enter");
        noticed.setOnAction(event -> note());
        HBox.setHgrow(noticed, Priority.ALWAYS);
        otherwise.setId("otherwise");
        otherwise.setPromptText("what would be done otherwise next time");
        otherwise.setWrapText(true);
        otherwise.setPrefRowCount(6);
        otherwise.setMaxWidth(820);
        noticed.setMaxWidth(820);
        otherwise.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                keep();
            }
        });
        Button keep = Parts.button("Keep it", this::keep);
        keep.setId("keep-otherwise");
        getChildren()
                .addAll(
                        carried,
                        Parts.label("Worn", "heading"),
                        worn,
                        noticed,
                        Parts.label("Next time", "heading"),
                        Parts.text(
                                "It goes with the pattern: a garment that branches from this costume is told it.",
                                "soft"),
                        otherwise,
                        keep);
    }

    @Override
    public void refresh() {
        Costume costume = studio.situation().costume();
        carried.getChildren().clear();
        for (Garment garment : costume.garments()) {
            if (!garment.origin().isEmpty()) {
                carried.getChildren().add(Parts.text(garment.name() + ", " + garment.origin(), "figure", "chosen"));
            }
        }
        worn.getChildren().clear();
        for (CostumeRecord.Wearing wearing : costume.papers().wearings()) {
            worn.getChildren().add(Parts.text(wearing.date() + ": " + wearing.words(), "figure"));
        }
        if (costume.papers().wearings().isEmpty()) {
            worn.getChildren().add(Parts.text("It has not been worn yet.", "soft"));
        }
        String kept = costume.papers().otherwise();
        if (!shown.equals(costume.id() + kept)) {
            shown = costume.id() + kept;
            otherwise.setText(kept);
        }
    }

    private void note() {
        Costume costume = studio.situation().costume();
        if (!noticed.getText().isBlank()) {
            CostumeRecord.Wearing wearing =
                    new CostumeRecord.Wearing(studio.today(), noticed.getText().strip());
            noticed.clear();
            studio.keep(
                    costume.withPapers(costume.papers().with(wearing)),
                    "wearing",
                    Sentence.of("Noted how it was to wear"));
        }
    }

    private void keep() {
        Costume costume = studio.situation().costume();
        String words = otherwise.getText().strip();
        if (shown.startsWith(costume.id()) && !words.equals(costume.papers().otherwise())) {
            studio.keep(
                    costume.withPapers(costume.papers().doingOtherwise(words)),
                    "otherwise",
                    Sentence.of("Noted what would be done otherwise"));
        }
    }
}
