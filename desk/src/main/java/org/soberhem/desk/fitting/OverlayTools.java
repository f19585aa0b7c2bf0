package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.likeness.Likeness;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** What is done with a picture over its reference: marks, the known length, opacity, outlines, and what differs. */
final class OverlayTools extends ScrollPane {

    private final Studio studio;
    private final FittingRound round;
    private final VBox box = new VBox(8);
    private final ToggleButton laid = new ToggleButton("Laid over");
    private final ToggleButton tracing = new ToggleButton("Trace");
    private final ToggleButton compared = new ToggleButton("to compare");
    private final TextField name = new TextField();
    private final Slider opacity = new Slider(0, 1, 0.5);
    private final CheckBox perspective = new CheckBox("in perspective (four marks)");
    private final ChoiceBox<String> from = new ChoiceBox<>();
    private final ChoiceBox<String> to = new ChoiceBox<>();
    private final LengthField length;
    private Optional<OverlayDesk> desk = Optional.empty();

    /** @param redraw called when another view of the same marks is wanted */
    OverlayTools(Studio studio, FittingRound round, Runnable redraw) {
        this.studio = studio;
        this.round = round;
        setContent(box);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setPrefWidth(300);
        setMinWidth(300);
        getStyleClass().add("panel");
        box.setPadding(new Insets(12));
        laid.setId("laid-over");
        tracing.setId("trace-outline");
        compared.setId("mark-compared");
        name.setId("mark-name");
        name.setPromptText("name of the next mark");
        perspective.setId("in-perspective");
        opacity.setId("opacity");
        laid.setOnAction(event -> redraw.run());
        perspective.setOnAction(event -> desk.ifPresent(each -> each.by(perspective.isSelected())));
        opacity.setOnMouseReleased(event -> desk.ifPresent(each -> each.opacity(opacity.getValue())));
        opacity.setOnKeyReleased(event -> desk.ifPresent(each -> each.opacity(opacity.getValue())));
        length = new LengthField(studio::format, typed -> {
            if (from.getValue() != null && to.getValue() != null) {
                desk.ifPresent(each -> each.known(from.getValue(), to.getValue(), typed));
            }
        });
        length.setId("known-length");
    }

    boolean isLaid() {
        return laid.isSelected();
    }

    boolean isTracing() {
        return tracing.isSelected();
    }

    Overlay.Use use() {
        return compared.isSelected() ? Overlay.Use.COMPARED : Overlay.Use.HOLDS;
    }

    /** Returns the name for the next mark, and forgets it. */
    String takeName() {
        String taken = name.getText();
        name.clear();
        return taken;
    }

    void show(Optional<OverlayDesk> shown) {
        desk = shown;
        box.getChildren().clear();
        if (shown.isEmpty()) {
            box.getChildren()
                    .add(Parts.text(
                            "A picture of the wearer laid over a picture it should be like finds the last tenth of the"
                                    + " likeness: a button an inch too low. Add both at the left.",
                            "soft"));
            return;
        }
        OverlayDesk at = shown.get();
        OverlayDesk.Answer answer = at.answer(studio.format());
        box.getChildren().addAll(Parts.text(step(at), "figure"), Parts.text(answer.words(), "small", "soft"));
        Optional<Overlay> overlay = at.overlay();
        if (overlay.isEmpty()) {
            return;
        }
        opacity.setValue(overlay.get().opacity());
        perspective.setSelected(overlay.get().perspective());
        HBox marking = new HBox(6, name, compared);
        marking.setAlignment(Pos.CENTER_LEFT);
        Button end = Parts.button("End", at::endOutline, "quiet");
        Button clear = Parts.button("Clear", at::clearOutlines, "quiet");
        box.getChildren()
                .addAll(
                        Parts.label("Marks", "caps"),
                        marking,
                        pairs(at, overlay.get().pairs()),
                        perspective,
                        Parts.label("One length known on the wearer", "caps"),
                        known(overlay.get()),
                        Parts.label("Laid over", "caps"),
                        new HBox(6, laid, tracing, end, clear),
                        opacity,
                        Parts.label("What differs", "caps"));
        answer.likeness().ifPresent(likeness -> differences(at, likeness));
    }

    private String step(OverlayDesk at) {
        if (at.overlay().isEmpty()) {
            return "Choose at the left what it should be like.";
        }
        return at.next()
                .map(pair -> "Now mark \"" + pair.name() + "\" on the picture at the right.")
                .orElse(
                        compared.isSelected()
                                ? "Mark on the reference what is compared: a button, an edge."
                                : "Mark on the reference what holds both together: eyes, hands, feet.");
    }

    private VBox pairs(OverlayDesk at, List<Overlay.Pair> pairs) {
        VBox rows = new VBox(2);
        for (Overlay.Pair pair : pairs) {
            Label words = Parts.label(
                    (pair.use() == Overlay.Use.HOLDS ? "◆ " : "● ")
                            + pair.name()
                            + (pair.here().isEmpty() ? " (not on the picture yet)" : ""),
                    "small");
            Button drop = Parts.button("×", () -> at.drop(pair.name()), "quiet", "small");
            HBox row = new HBox(4, words, Parts.gap(), drop);
            row.setAlignment(Pos.CENTER_LEFT);
            rows.getChildren().add(row);
        }
        return rows;
    }

    private Node known(Overlay overlay) {
        List<String> names = overlay.pairs().stream().map(Overlay.Pair::name).toList();
        Parts.offer(from.getItems(), names);
        Parts.offer(to.getItems(), names);
        overlay.known().ifPresent(known -> {
            from.setValue(known.from());
            to.setValue(known.to());
            length.show(Optional.of(known.length()));
        });
        if (overlay.known().isEmpty() && !length.isFocused()) {
            length.show(Optional.empty());
        }
        from.setMaxWidth(92);
        to.setMaxWidth(92);
        HBox row = new HBox(4, from, to, length);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void differences(OverlayDesk at, Likeness likeness) {
        for (Likeness.Difference difference : likeness.differences()) {
            box.getChildren().add(Parts.text(capital(difference.sentence().in(studio.format())) + ".", "figure"));
            if (!Double.isNaN(difference.down()) && difference.isSeen()) {
                ChoiceBox<Zone> place = new ChoiceBox<>();
                place.setConverter(Parts.words(Zone::name));
                place.getItems().setAll(round.zones());
                place.setValue(round.place(difference.name())
                        .filter(place.getItems()::contains)
                        .orElse(null));
                Button remark = Parts.button(
                        "Make it a remark", () -> at.remark(round, difference, Optional.ofNullable(place.getValue())));
                remark.setId("remark-" + difference.name().replace(' ', '-'));
                place.setId("place-" + difference.name().replace(' ', '-'));
                box.getChildren().add(new HBox(6, place, remark));
            }
        }
        if (likeness.differences().isEmpty()) {
            box.getChildren().add(Parts.text("Press \"to compare\" and mark the same thing on both.", "small", "soft"));
        }
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
