package org.soberhem.desk.tape;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.judging.ResolvedMeasure;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** Which value the drafts take for each measure they ask for, and the maker's overruling of it. */
final class ValuesPanel extends BorderPane {

    private static final double NAME = 210;
    private static final double VALUE = 90;

    private final Studio studio;
    private final TapeDesk desk;
    private final VBox rows = new VBox(0);
    private final Button estimate;
    private final Button readings;

    ValuesPanel(Studio studio, TapeDesk desk) {
        this.studio = studio;
        this.desk = desk;
        estimate = Parts.button("Estimate over the layers until measured", this::estimate);
        estimate.setId("estimate-all");
        readings = Parts.button("Take the readings as they are", this::readings);
        HBox head = new HBox(
                10,
                Parts.text("A draft takes what it asks for, by definition, posture and layers.", "soft"),
                Parts.gap(),
                estimate,
                readings);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(10, 16, 8, 16));
        head.getStyleClass().add("band");
        setTop(head);
        var scroll = Parts.scroll(rows);
        scroll.getStyleClass().add("sheet");
        setCenter(scroll);
    }

    private List<ResolvedMeasure> taken(MeasurementSet set) {
        return studio.makersLibrary().resolver().taken(desk.needed(), set, costume());
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    private Optional<MeasurementSet> set() {
        return studio.situation().set();
    }

    /** Shows what is taken now. */
    void refresh() {
        rows.getChildren().clear();
        if (set().isEmpty()) {
            rows.getChildren().add(Parts.text("The costume is not drawn from any measurements yet.", "soft", "pad"));
            Parts.show(estimate, false);
            Parts.show(readings, false);
            return;
        }
        List<ResolvedMeasure> all = taken(set().get());
        Parts.show(estimate, all.stream().anyMatch(each -> each.state() == ResolvedMeasure.State.OTHER_LAYERS));
        Parts.show(readings, all.stream().anyMatch(each -> each.take() == Choice.Take.ESTIMATE));
        all.forEach(each -> rows.getChildren().add(row(each)));
    }

    private HBox row(ResolvedMeasure taken) {
        String name = studio.library().measures().name(taken.asked());
        Label asked = Parts.label(name, "figure");
        asked.setMinWidth(NAME);
        asked.setPrefWidth(NAME);
        Label value = Parts.label(
                taken.value()
                        .map(both -> both.left() == both.right()
                                ? studio.format().format(both.left())
                                : studio.format().number(both.left()) + " / "
                                        + studio.format().format(both.right()))
                        .orElse("—"),
                "mean");
        value.setMinWidth(VALUE);
        boolean good = taken.state() == ResolvedMeasure.State.MEASURED;
        if (!good) {
            value.getStyleClass().add("provisional");
        }
        HBox other = overruling(taken);
        Parts.show(other, false);
        Button overrule = Parts.button("take another", () -> Parts.show(other, !other.isVisible()), "quiet");
        overrule.setId("overrule-" + taken.asked());
        Label said = Parts.text(taken.words().in(studio.format()), good ? "soft" : "needs");
        said.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox line = new HBox(8, said);
        if (taken.overruled()) {
            line.getChildren().add(Parts.button("as usual", () -> keep(taken.asked(), Optional.empty()), "quiet"));
        }
        line.getChildren().add(overrule);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(2, line, other);
        HBox row = new HBox(10, asked, value, words);
        HBox.setHgrow(words, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("layer-row");
        row.setId("value-" + taken.asked());
        return row;
    }

    private HBox overruling(ResolvedMeasure taken) {
        ChoiceBox<String> from = new ChoiceBox<>();
        from.setConverter(Parts.words(studio.library().measures()::name));
        from.getItems().setAll(studio.makersLibrary().resolver().candidates(taken.asked(), set().orElseThrow()));
        from.setValue(taken.from());
        from.setMaxWidth(190);
        from.setId("from-" + taken.asked());
        ChoiceBox<Choice.Take> take = new ChoiceBox<>();
        take.setConverter(Parts.words(Choice.Take::words));
        take.getItems().setAll(Choice.Take.values());
        take.setValue(taken.take());
        take.setMaxWidth(150);
        take.setId("take-" + taken.asked());
        TextField reason = new TextField();
        reason.setPromptText("why");
        reason.setPrefColumnCount(12);
        reason.setId("reason-" + taken.asked());
        Button choose =
                Parts.button("Take this", () -> choose(taken.asked(), from.getValue(), take.getValue(), reason));
        choose.setId("choose-" + taken.asked());
        HBox line = new HBox(6, from, take, reason, choose);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private void choose(String asked, String from, Choice.Take take, TextField reason) {
        if (reason.getText().isBlank()) {
            reason.setPromptText("say why first");
            reason.requestFocus();
            return;
        }
        keep(asked, Optional.of(new Choice(from, take, reason.getText().strip())));
    }

    private void keep(String asked, Optional<Choice> choice) {
        String name = studio.library().measures().name(asked);
        studio.keep(
                costume().taking(asked, choice),
                "choice",
                choice.map(made -> Sentence.of(
                                "{}: the drafts take {}, {}",
                                name,
                                studio.library().measures().name(made.from()),
                                made.take().words()))
                        .orElse(Sentence.of("{}: the drafts take the usual reading", name)));
    }

    private void estimate() {
        Costume changed = costume();
        for (ResolvedMeasure taken : taken(set().orElseThrow())) {
            if (taken.state() == ResolvedMeasure.State.OTHER_LAYERS) {
                changed =
                        changed.taking(taken.asked(), Optional.of(new Choice(taken.from(), Choice.Take.ESTIMATE, "")));
            }
        }
        studio.keep(changed, "choice", Sentence.of("Estimated over the layers until measured"));
    }

    private void readings() {
        Costume changed = costume();
        for (ResolvedMeasure taken : taken(set().orElseThrow())) {
            if (taken.take() == Choice.Take.ESTIMATE) {
                changed = changed.taking(taken.asked(), Optional.empty());
            }
        }
        studio.keep(changed, "choice", Sentence.of("The readings are taken as they are"));
    }
}
