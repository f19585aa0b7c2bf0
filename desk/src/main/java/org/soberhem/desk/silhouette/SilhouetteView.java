package org.soberhem.desk.silhouette;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** The period's rules one under the other, and the reason of the chosen one. */
public final class SilhouetteView extends BorderPane {

    private static final double SIDE = 380;
    private static final double TITLE = 250;

    private final Studio studio;
    private final VBox rows = new VBox();
    private final VBox reason = new VBox(8);
    private final Label head = Parts.text("", "title");
    private final ObstacleList obstacles;
    private final StringProperty chosen = new SimpleStringProperty(this, "chosen", "");

    public SilhouetteView(Studio studio) {
        this.studio = studio;
        obstacles = new ObstacleList(studio::settle);
        VBox top = new VBox(
                2,
                head,
                Parts.text(
                        "The band is what is usual, its paler rim what is near. ● right   ○ near   ▲ outside; the numbers are the fittings.",
                        "soft"));
        top.setPadding(new Insets(16, 24, 10, 24));
        ScrollPane scroll = Parts.scroll(rows);
        scroll.getStyleClass().add("sheet");
        BorderPane middle = new BorderPane(scroll);
        middle.setTop(top);
        setCenter(middle);
        setRight(side());
        studio.situationProperty().addListener((was, before, now) -> refresh());
        studio.formatProperty().addListener((was, before, now) -> refresh());
        studio.placeProperty().addListener((was, before, now) -> refresh());
        studio.targetProperty().addListener((was, before, now) -> {
            if (studio.library().rules().stream().anyMatch(rule -> rule.id().equals(now))) {
                chosen.set(now);
            }
        });
        chosen.addListener((was, before, now) -> refresh());
        refresh();
    }

    private VBox side() {
        reason.setPadding(new Insets(16, 16, 16, 16));
        VBox.setVgrow(reason, Priority.ALWAYS);
        VBox way = new VBox(4, Parts.label("In the way", "caps", "inset"), obstacles);
        way.setPadding(new Insets(8, 0, 8, 0));
        ScrollPane scroll = Parts.scroll(way);
        scroll.setPrefHeight(300);
        scroll.setMinHeight(300);
        scroll.getStyleClass().add("foot");
        VBox side = new VBox(reason, scroll);
        side.getStyleClass().add("panel");
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        return side;
    }

    private void refresh() {
        if (studio.situation() == null
                || studio.placeProperty().get().filter(Stage.SILHOUETTE::equals).isEmpty()) {
            return;
        }
        Costume costume = studio.situation().costume();
        head.setText("Rules of " + costume.year() + " for " + costume.title());
        List<RuleHistory> histories = RuleHistory.of(studio);
        rows.getChildren().clear();
        if (histories.isEmpty()) {
            rows.getChildren()
                    .add(new VBox(Parts.text(
                            studio.situation().judgement().works().isEmpty()
                                    ? "Nothing can be judged before a garment is drawn: measure the wearer first."
                                    : "The library has no rules for these garments in " + costume.year() + ".",
                            "soft",
                            "rule-row")));
        }
        histories.forEach(history -> rows.getChildren().add(row(history)));
        Optional<RuleHistory> shown = histories.stream()
                .filter(history -> history.rule().id().equals(chosen.get()))
                .findFirst()
                .or(() -> worst(histories));
        reason(shown);
        mark(shown);
        obstacles.show(studio.situation().inTheWay(), studio.format());
    }

    private static Optional<RuleHistory> worst(List<RuleHistory> histories) {
        return histories.stream()
                .filter(history -> history.now().grade() == Verdict.Grade.OUTSIDE)
                .findFirst()
                .or(() -> histories.stream().findFirst());
    }

    private Tappable row(RuleHistory history) {
        Verdict now = history.now();
        VBox words = new VBox(
                1,
                Parts.text(history.rule().title(), "figure"),
                Parts.label(history.garment(), "small", "faint"),
                Parts.label(grade(now.grade()), "small", now.grade() == Verdict.Grade.OUTSIDE ? "needs" : "soft"));
        words.setMinWidth(TITLE);
        words.setMaxWidth(TITLE);
        RangeBar bar = new RangeBar(history, studio.format());
        HBox.setHgrow(bar, Priority.ALWAYS);
        HBox line = new HBox(16, words, bar);
        line.setAlignment(Pos.CENTER_LEFT);
        Tappable row = new Tappable(
                line,
                history.rule().title() + ": " + grade(now.grade()),
                () -> chosen.set(history.rule().id()),
                "rule-row");
        row.setId("rule-" + history.rule().id());
        return row;
    }

    private static String grade(Verdict.Grade grade) {
        return switch (grade) {
            case RIGHT -> "● right";
            case NEAR -> "○ near";
            case OUTSIDE -> "▲ outside";
            case UNKNOWN -> "? not known yet";
        };
    }

    private void mark(Optional<RuleHistory> shown) {
        for (Node row : rows.getChildren()) {
            row.pseudoClassStateChanged(
                    Parts.SELECTED,
                    shown.filter(history -> ("rule-" + history.rule().id()).equals(row.getId()))
                            .isPresent());
        }
    }

    private void reason(Optional<RuleHistory> shown) {
        reason.getChildren().clear();
        if (shown.isEmpty()) {
            return;
        }
        Rule rule = shown.get().rule();
        reason.getChildren()
                .addAll(
                        Parts.text(rule.title(), "title"),
                        Parts.text(rule.why()),
                        Parts.text(
                                "For a " + rule.garment() + ", " + rule.from() + " to " + rule.to() + "; "
                                        + rule.evidence() + ". Judged from "
                                        + (rule.judged() == Rule.Judged.DRAFT ? "the draft." : "the fitting."),
                                "small",
                                "soft"),
                        Parts.label("Round by round", "caps"));
        for (RuleHistory.Entry entry : shown.get().entries()) {
            reason.getChildren()
                    .add(Parts.text(
                            entry.words() + ": " + entry.verdict().sentence().in(studio.format())));
        }
    }
}
