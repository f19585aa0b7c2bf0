package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.beans.property.StringProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** Every rule that has a number, with its band and how the costume stood through the rounds. */
final class RulesPanel extends BorderPane {

    private static final double TITLE = 216;

    private final Studio studio;
    private final SilhouetteDesk desk;
    private final StringProperty chosen;
    private final VBox rows = new VBox();

    /**
     * @param chosen id of the rule that is opened
     */
    RulesPanel(Studio studio, SilhouetteDesk desk, StringProperty chosen) {
        this.studio = studio;
        this.desk = desk;
        this.chosen = chosen;
        VBox top = new VBox(Parts.text(
                "The band is what is usual, its paler rim what is near. ● met   ○ near   ▲ not met   ◇ departed on purpose; "
                        + "numbers are fittings, v versions that nobody tried on.",
                "soft"));
        top.setPadding(new Insets(10, 16, 8, 16));
        setTop(top);
        ScrollPane scroll = Parts.scroll(rows);
        scroll.getStyleClass().add("sheet");
        setCenter(scroll);
    }

    void refresh() {
        rows.getChildren().clear();
        List<RuleHistory> histories = new ArrayList<>(RuleHistory.of(studio));
        histories.removeIf(history -> history.rule().judged() == Rule.Judged.EYE);
        histories.sort(
                Comparator.comparing((RuleHistory history) -> history.now().grade() == Verdict.Grade.UNKNOWN));
        if (histories.isEmpty()) {
            rows.getChildren().add(Parts.text("Nothing can be judged before a garment is drawn.", "soft", "rule-row"));
        }
        histories.forEach(history -> rows.getChildren().add(row(history)));
        for (Node row : rows.getChildren()) {
            row.pseudoClassStateChanged(Parts.SELECTED, ("rule-" + chosen.get()).equals(row.getId()));
        }
    }

    private Tappable row(RuleHistory history) {
        Verdict now = history.now();
        VBox words = new VBox(
                1,
                Parts.text(now.title(), "figure"),
                Parts.label(
                        VerdictPanel.mark(now) + " " + now.grade().words()
                                + (history.garment().isEmpty() ? "" : " · " + history.garment()),
                        "small",
                        now.grade() == Verdict.Grade.NOT_MET ? "needs" : "soft"));
        words.setMinWidth(TITLE);
        words.setMaxWidth(TITLE);
        RangeBar bar = new RangeBar(history, value -> desk.shown(now, value));
        HBox.setHgrow(bar, Priority.ALWAYS);
        HBox line = new HBox(12, words, bar);
        line.setAlignment(Pos.CENTER_LEFT);
        Tappable row = new Tappable(
                line,
                now.title() + ": " + now.grade().words(),
                () -> chosen.set(history.rule().id()),
                "rule-row");
        row.setId("rule-" + history.rule().id());
        return row;
    }
}
