package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.LengthenAtLevel;
import org.soberhem.core.alter.Outcome;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.alter.TakeInSeam;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Work;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;
import org.soberhem.desk.widget.Parts;

/** Alterations made so far, and the next one with what it would do before it is made. */
final class AlterPanel extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    /** A place on the pattern that can be altered. */
    private record Place(String words, Optional<String> level, Optional<Seam> seam) {}

    private final ChoiceBox<Place> place = new ChoiceBox<>();
    private final ChoiceBox<Sides> sides = new ChoiceBox<>();
    private final List<TextField> amounts = List.of(new TextField(), new TextField(), new TextField());
    private final List<Label> names = List.of(new Label(), new Label(), new Label());
    private final VBox told = new VBox(2);
    private final VBox made = new VBox(2);
    private final Button apply;
    private final Consumer<Optional<Pattern>> preview;
    private Work work;
    private LengthFormat format;
    private Optional<Alteration> pending = Optional.empty();

    /**
     * @param preview gets the pattern as it would become, or nothing
     * @param make makes an alteration
     * @param version names the pattern as it stands as a new version
     */
    AlterPanel(Consumer<Optional<Pattern>> preview, Consumer<Alteration> make, Runnable version) {
        this.preview = preview;
        place.setMaxWidth(Double.MAX_VALUE);
        place.setConverter(Parts.words(Place::words));
        place.valueProperty().addListener((was, before, now) -> placeChosen());
        sides.getItems().setAll(Sides.values());
        sides.setValue(Sides.BOTH);
        sides.setConverter(Parts.words(Sides::words));
        sides.valueProperty().addListener((was, before, now) -> weigh());
        amounts.forEach(field -> {
            field.setPrefColumnCount(6);
            field.setPromptText("0");
            field.textProperty().addListener((was, before, now) -> weigh());
        });
        apply = Parts.button("Make this alteration", () -> pending.ifPresent(make), "main");
        HBox fields = new HBox(8);
        for (int i = 0; i < amounts.size(); i++) {
            names.get(i).getStyleClass().addAll("small", "soft");
            amounts.get(i).setId("alter-amount-" + i);
            fields.getChildren().add(new VBox(2, names.get(i), amounts.get(i)));
        }
        HBox.setHgrow(place, Priority.ALWAYS);
        VBox form = new VBox(
                8,
                Parts.label("Next alteration", "caps"),
                new HBox(8, place, sides),
                fields,
                told,
                new HBox(8, apply, Parts.button("Name a version", version)),
                Parts.label("Made so far", "caps"),
                made);
        form.getStyleClass().add("pad");
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    void show(Work shown, Garment garment, LengthFormat shownAs) {
        work = shown;
        format = shownAs;
        List<Place> places = places(shown.pattern());
        Place chosen = place.getValue();
        if (!place.getItems().equals(places)) {
            place.getItems().setAll(places);
            place.setValue(places.contains(chosen) ? chosen : places.get(0));
        }
        made.getChildren().clear();
        garment.alterations()
                .forEach(alteration -> made.getChildren()
                        .add(Parts.text("· " + alteration.sentence().in(format))));
        if (garment.alterations().isEmpty()) {
            made.getChildren().add(Parts.text("None: the pieces are as the sheet draws them.", "soft"));
        }
        weigh();
    }

    private static List<Place> places(Pattern pattern) {
        List<Place> places = new ArrayList<>();
        Set<String> levels = new LinkedHashSet<>();
        pattern.pieces().forEach(piece -> levels.addAll(piece.levels().keySet()));
        levels.forEach(level -> places.add(new Place("Length at the " + level, Optional.of(level), Optional.empty())));
        for (Seam seam : pattern.seams()) {
            if (seam.first().size() == 1
                    && seam.second().size() == 1
                    && !seam.kind().byFullness()) {
                places.add(new Place("Seam of " + seam.name(), Optional.empty(), Optional.of(seam)));
            }
        }
        return places;
    }

    private void placeChosen() {
        boolean level = place.getValue() != null && place.getValue().level().isPresent();
        String[] words = level
                ? new String[] {"at front", "at side", "at back"}
                : new String[] {"at its top", "at its bottom", ""};
        for (int i = 0; i < words.length; i++) {
            names.get(i).setText(words[i]);
            Parts.show(names.get(i), !words[i].isEmpty());
            Parts.show(amounts.get(i), !words[i].isEmpty());
        }
        weigh();
    }

    /** Empties the amounts after an alteration was made. */
    void cleared() {
        amounts.forEach(field -> field.setText(""));
    }

    private void weigh() {
        told.getChildren().clear();
        pending = Optional.empty();
        if (work != null && place.getValue() != null) {
            pending = typed();
        }
        Optional<Pattern> after = Optional.empty();
        if (pending.isPresent()) {
            told.getChildren().add(Parts.text(pending.get().sentence().in(format)));
            Outcome outcome = pending.get().apply(work.pattern());
            if (outcome.refusal().isPresent()) {
                told.getChildren().add(Parts.text(outcome.refusal().get().in(format), "needs"));
                pending = Optional.empty();
            } else {
                after = Optional.of(outcome.pattern());
                for (Effect effect : Effect.between(work.pattern(), outcome.pattern())) {
                    told.getChildren().add(Parts.text(effect.sentence().in(format), "small", "soft"));
                }
            }
        } else {
            told.getChildren()
                    .add(Parts.text(
                            "Type an amount: a minus sign shortens or lets out. At a seam it is cloth taken there: ½ in pinched takes 1 in.",
                            "small",
                            "soft"));
        }
        apply.setDisable(pending.isEmpty());
        preview.accept(after);
    }

    private Optional<Alteration> typed() {
        double[] values = new double[3];
        boolean any = false;
        for (int i = 0; i < values.length; i++) {
            TextField field = amounts.get(i);
            field.pseudoClassStateChanged(WRONG, false);
            if (field.getText().isBlank() || !field.isManaged()) {
                continue;
            }
            try {
                values[i] = LengthEntry.parse(field.getText(), format.unit())
                        .value()
                        .toMillimetres();
                any |= values[i] != 0;
            } catch (LengthFormatException unfinished) {
                field.pseudoClassStateChanged(WRONG, true);
                return Optional.empty();
            }
        }
        if (!any) {
            return Optional.empty();
        }
        Place chosen = place.getValue();
        return Optional.of(
                chosen.level().isPresent()
                        ? new LengthenAtLevel(chosen.level().get(), values[0], values[1], values[2], sides.getValue())
                        : new TakeInSeam(
                                chosen.seam().orElseThrow().first().get(0), values[0], values[1], sides.getValue()));
    }
}
