package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** What is usually seen in the chosen zone, numbered, or what has become of an earlier remark. */
final class SeenPane extends VBox {

    /** What an earlier remark can have become, by its digit. */
    static final List<Remark.State> ANSWERS =
            List.of(Remark.State.CURED, Remark.State.OPEN, Remark.State.WORSE, Remark.State.MOVED, Remark.State.LEFT);

    private static final double ROW = 72;

    private final FittingRound round;
    private final TextField ownWords = new TextField();

    /** @param done called when own words were said or left */
    SeenPane(FittingRound round, Runnable done) {
        this.round = round;
        getStyleClass().add("standing-column");
        ownWords.setId("own-words");
        ownWords.setPromptText("own words F2, Enter");
        ownWords.getStyleClass().add("bigger");
        ownWords.setPrefHeight(54);
        ownWords.setOnAction(event -> {
            round.see(ownWords.getText());
            ownWords.clear();
            done.run();
        });
    }

    TextField ownWords() {
        return ownWords;
    }

    /** @param earlier whether the chosen remark is of an earlier round */
    void refresh(boolean earlier) {
        getChildren().clear();
        Optional<FittingRound.Logged> chosen = round.chosen();
        if (chosen.isEmpty()) {
            getChildren()
                    .addAll(
                            Parts.text("Point at the figure, or press its letter.", "bigger"),
                            Parts.text("Then a digit for what is seen, then a digit for eighths.", "bigger", "soft"));
            return;
        }
        Remark remark = chosen.get().remark();
        if (earlier) {
            getChildren().add(Parts.text(round.words(remark), "bigger"));
            for (int i = 0; i < ANSWERS.size(); i++) {
                Remark.State state = ANSWERS.get(i);
                getChildren().add(row(i + 1, state.words(), state == remark.state(), () -> round.settle(state)));
            }
            return;
        }
        List<Symptom> symptoms = round.shown(remark);
        for (int i = 0; i < symptoms.size(); i++) {
            int place = i + 1;
            Symptom symptom = symptoms.get(i);
            getChildren().add(row(place, symptom.seen(), symptom.id().equals(remark.seen()), () -> round.see(place)));
        }
        if (round.symptoms(remark).size() > FittingRound.ROWS) {
            HBox last = new HBox(8, more(), ownWords);
            HBox.setHgrow(ownWords, Priority.ALWAYS);
            last.setAlignment(Pos.CENTER_LEFT);
            getChildren().add(last);
        } else {
            getChildren().add(ownWords);
        }
        if (!remark.seen().isEmpty() && round.symptom(remark).isEmpty()) {
            getChildren().add(Parts.text("“" + remark.seen() + "”", "bigger"));
        }
    }

    private Node more() {
        Tappable more =
                new Tappable(Parts.label("0 more", "bigger"), "more that is seen there", round::turnPage, "choice");
        more.setFocusTraversable(false);
        more.setMinSize(104, 54);
        more.setPrefSize(104, 54);
        return more;
    }

    private static Node row(int digit, String words, boolean selected, Runnable action) {
        Label text = Parts.text(words);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox line = new HBox(16, Parts.label(String.valueOf(digit), "digit"), text);
        line.setAlignment(Pos.CENTER_LEFT);
        Tappable row = new Tappable(line, words, action, "symptom");
        row.setFocusTraversable(false);
        row.setMinHeight(ROW);
        row.setPrefHeight(ROW);
        row.pseudoClassStateChanged(Parts.SELECTED, selected);
        return row;
    }
}
