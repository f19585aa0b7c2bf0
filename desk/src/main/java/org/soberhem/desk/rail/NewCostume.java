package org.soberhem.desk.rail;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.desk.sheet.SheetChooser;
import org.soberhem.desk.widget.NeedsBox;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Beginning;
import org.soberhem.studio.Studio;

/** Begins a costume: what it is, who wears it over what, and which sheets it is drafted from. */
final class NewCostume extends VBox {

    private final Studio studio;
    private final Runnable begun;
    private final TextField title = new TextField();
    private final TextField place = new TextField();
    private final TextField year = new TextField("1906");
    private final TextField event = new TextField();
    private final ComboBox<String> wearer = new ComboBox<>();
    private final ChoiceBox<LayerStack> stack = new ChoiceBox<>();
    private final NeedsBox needs = new NeedsBox(all -> {});
    private final SheetChooser drafts;
    private final Label problem = Parts.text("", "needs");

    /** @param begun is called after the costume has been begun and opened */
    NewCostume(Studio studio, Runnable begun) {
        super(10);
        this.studio = studio;
        this.begun = begun;
        drafts = new SheetChooser(studio, true, chosen -> {});
        drafts.setPrefHeight(290);
        getStyleClass().add("card");
        title.setPromptText("harbour office secretary");
        title.setPrefColumnCount(22);
        place.setPromptText("where it was worn");
        year.setPrefColumnCount(5);
        year.textProperty().addListener((was, before, now) -> drafts.show(now));
        event.setPromptText("2027-05-30, or empty");
        event.setPrefColumnCount(12);
        wearer.setEditable(true);
        wearer.setPromptText("name of the wearer");
        stack.setConverter(Parts.words(LayerStack::title));
        stack.getItems().setAll(studio.wardrobe().stacks());
        stack.setValue(stack.getItems().get(0));
        title.setId("new-title");
        wearer.setId("new-wearer");
        Parts.show(problem, false);
        getChildren()
                .addAll(
                        Parts.label("A new costume", "title"),
                        new HBox(
                                16,
                                named("What it is", title),
                                named("Place", place),
                                named("Year", year),
                                named("Needed on", event)),
                        new HBox(16, named("Wearer", wearer), named("Worn over", stack)),
                        named("In it the wearer must be able to", needs),
                        named("Drafted from", drafts),
                        problem,
                        buttons());
        setPadding(new Insets(18));
    }

    private HBox buttons() {
        var begin = Parts.button("Begin", this::begin, "main");
        begin.setId("begin-costume");
        HBox buttons = new HBox(8, begin, Parts.button("Not now", () -> Parts.show(this, false)));
        buttons.setAlignment(Pos.CENTER_LEFT);
        return buttons;
    }

    private static VBox named(String words, Node field) {
        return new VBox(2, Parts.label(words, "small", "soft"), field);
    }

    /** Shows the form with the sheets and the wearers that are known. */
    void open() {
        drafts.show(year.getText());
        wearer.getItems().setAll(studio.histories().wearerNames());
        Parts.show(this, true);
        Parts.focus(this, title);
    }

    private void begin() {
        Optional<String> missing = begun(new Beginning(
                title.getText(),
                place.getText(),
                year.getText(),
                event.getText(),
                Optional.ofNullable(wearer.getEditor().getText()).orElse(""),
                stack.getValue().id(),
                drafts.chosen(),
                needs.chosen()));
        problem.setText(missing.orElse(""));
        Parts.show(problem, missing.isPresent());
    }

    private Optional<String> begun(Beginning beginning) {
        Optional<String> missing = beginning.problem();
        if (missing.isEmpty()) {
            studio.garments().begin(beginning);
            Parts.show(this, false);
            begun.run();
        }
        return missing;
    }
}
