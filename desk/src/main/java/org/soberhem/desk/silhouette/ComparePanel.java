package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.desk.silhouette.Comparison.Choice;
import org.soberhem.desk.silhouette.Comparison.What;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** Two figures side by side and what differs between them. */
final class ComparePanel extends BorderPane {

    private static final double NUMBERS = 350;

    private final Studio studio;
    private final SilhouetteDesk desk;
    private final Comparison comparison;
    private final ComboBox<What> what = new ComboBox<>();
    private final ComboBox<Choice> with = new ComboBox<>();
    private final FigurePane one;
    private final FigurePane other;
    private final GridPane numbers = new GridPane();
    private final VBox said = new VBox(6);
    private final Filling filling = new Filling();

    ComparePanel(Studio studio, SilhouetteDesk desk) {
        this.studio = studio;
        this.desk = desk;
        one = desk.figure(FigureView.FRONT, FigureView.SIDE);
        other = desk.figure(FigureView.FRONT, FigureView.SIDE);
        this.comparison = new Comparison(studio);
        what.setId("compare-what");
        what.getItems().setAll(What.values());
        what.setConverter(Parts.words(What::words));
        what.setValue(What.PERIOD);
        with.setId("compare-with");
        with.setConverter(Parts.words(Choice::words));
        with.setPrefWidth(330);
        what.valueProperty().addListener((was, before, now) -> refresh());
        with.valueProperty().addListener(filling.heard(now -> show()));
        HBox choices = new HBox(8, Parts.label("Compare with", "soft"), what, with);
        choices.setPadding(new Insets(8, 16, 8, 16));
        choices.setAlignment(Pos.CENTER_LEFT);
        other.plain();
        HBox figures = new HBox(one, other);
        HBox.setHgrow(one, Priority.ALWAYS);
        HBox.setHgrow(other, Priority.ALWAYS);
        one.setPrefWidth(400);
        other.setPrefWidth(400);
        numbers.setHgap(14);
        numbers.setVgap(3);
        VBox side = new VBox(10, said, numbers);
        side.getStyleClass().add("pad");
        BorderPane right = new BorderPane(Parts.scroll(side));
        right.getStyleClass().add("panel");
        right.setPrefWidth(NUMBERS);
        right.setMinWidth(NUMBERS);
        setTop(choices);
        setCenter(figures);
        setRight(right);
    }

    void refresh() {
        filling.during(() -> {
            Choice was = with.getValue();
            List<Choice> choices = comparison.choices(what.getValue());
            Parts.offer(with.getItems(), choices);
            with.setValue(
                    choices.contains(was) ? was : choices.stream().findFirst().orElse(null));
        });
        show();
    }

    private void show() {
        numbers.getChildren().clear();
        said.getChildren().clear();
        Optional<Choice> choice = Optional.ofNullable(with.getValue());
        Optional<Silhouette> period = desk.silhouette();
        Comparison.Pair pair = comparison.pair(choice, period);
        one.show(pair.one(), studio.format());
        Parts.show(other, pair.other().isPresent());
        pair.other().ifPresent(second -> other.show(second, studio.format()));
        one.standBeside(pair.other().map(second -> other));
        other.standBeside(Optional.of(one));
        if (choice.isEmpty()) {
            said.getChildren().add(Parts.text(what.getValue().none(), "soft"));
            return;
        }
        pair.said().forEach(sentence -> said.getChildren().add(Parts.text(sentence.in(studio.format()))));
        pair.lengths().ifPresent(lengths -> {
            Button take = Parts.button("Take these lengths to the skirt balance", () -> comparison.take(lengths));
            take.setId("compare-take");
            said.getChildren().add(take);
        });
        numbers(pair);
    }

    private void numbers(Comparison.Pair pair) {
        Map<String, Double> left = pair.numbers();
        Map<String, Double> right = pair.otherNumbers();
        List<QuantityKind> differing = new ArrayList<>();
        for (QuantityKind kind : studio.judge().silhouettes().kinds()) {
            Double one = left.get(kind.id());
            Double two = right.get(kind.id());
            if (one != null && two != null && Math.abs(one - two) > Comparison.least(kind)) {
                differing.add(kind);
            }
        }
        numbers.add(
                Parts.label(differing.isEmpty() ? "No number of the figure differs" : "What differs", "caps"), 0, 0);
        if (!differing.isEmpty()) {
            numbers.add(Parts.label("as it is", "small", "soft"), 1, 0);
            numbers.add(Parts.label("the other", "small", "soft"), 2, 0);
        }
        int row = 1;
        for (QuantityKind kind : differing) {
            Label title = Parts.text(kind.title(), "small");
            title.setPrefWidth(168);
            numbers.add(title, 0, row);
            numbers.add(Parts.label(comparison.shown(kind, left.get(kind.id())), "small"), 1, row);
            numbers.add(Parts.label(comparison.shown(kind, right.get(kind.id())), "small"), 2, row++);
        }
    }
}
