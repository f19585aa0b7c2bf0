package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CompiledSheet.Adjustable;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** The same draft for another wearer, by another law or way, or with another value: laid over it, and in numbers. */
final class WhatIfPanel extends VBox {

    /** One thing that may be otherwise. */
    private record Other(String words, Optional<Inputs> inputs, String asks) {}

    private static final Other SAME = new Other("as it is", Optional.empty(), "");

    private final Studio studio;
    private final Consumer<Optional<Pattern>> preview;
    private final ChoiceBox<Other> other = new ChoiceBox<>();
    private final LengthField value;
    private final VBox told = new VBox(4);
    private DraftedGarment work;
    private Garment garment;

    /** @param preview gets the other drawing, or nothing */
    WhatIfPanel(Studio studio, Consumer<Optional<Pattern>> preview) {
        this.studio = studio;
        this.preview = preview;
        other.setId("what-if");
        other.setMaxWidth(Double.MAX_VALUE);
        other.setConverter(Parts.words(Other::words));
        value = new LengthField(studio::format, length -> compare());
        value.setId("what-if-value");
        other.valueProperty().addListener((was, before, now) -> {
            Parts.show(value, now != null && !now.asks().isEmpty());
            value.show(Optional.empty());
            compare();
        });
        HBox.setHgrow(other, Priority.ALWAYS);
        HBox line = new HBox(8, other, value);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox form = new VBox(
                10,
                Parts.label("What if …", "caps"),
                line,
                Parts.text(
                        "The other draft is laid over this one in woad blue, broken; nothing is changed by it. Wearers are offered who are measured for this draft.",
                        "small",
                        "soft"),
                told);
        form.getStyleClass().add("pad");
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    void show(Situation now, Garment shownGarment, DraftedGarment shown) {
        garment = shownGarment;
        work = shown;
        List<Other> all = new ArrayList<>(List.of(SAME));
        for (Wearer wearer : studio.histories().wearers().values()) {
            List<MeasurementSet> sets = wearer.sets();
            if (wearer.id().equals(now.wearer().id()) || sets.isEmpty()) {
                continue;
            }
            Inputs inputs = studio.makersLibrary()
                    .resolver()
                    .inputs(sets.get(sets.size() - 1), now.costume(), garment.settings());
            boolean measuredForIt = work.sheet().requiredMeasures().stream()
                    .allMatch(ids -> ids.stream().anyMatch(id -> inputs.find(id).isPresent()));
            if (measuredForIt) {
                all.add(new Other("… " + wearer.name() + " wore it", Optional.of(inputs), ""));
            }
        }
        for (Adjustable each : work.sheet().adjustables()) {
            double chosen = work.draft().settings().get(each.name());
            for (int way = 0; way < each.ways().size(); way++) {
                if (way != (int) chosen) {
                    all.add(new Other(
                            "… " + each.title() + " were " + each.ways().get(way),
                            Optional.of(work.inputs().withSetting(each.name(), way)),
                            ""));
                }
            }
        }
        work.draft()
                .measures()
                .keySet()
                .forEach(id -> all.add(new Other(
                        "… "
                                + studio.library()
                                        .measures()
                                        .find(id)
                                        .map(m -> m.name())
                                        .orElse(id) + " were",
                        Optional.empty(),
                        id)));
        String kept = other.getValue() == null ? "" : other.getValue().words();
        other.getItems().setAll(all);
        other.setValue(all.stream()
                .filter(each -> each.words().equals(kept))
                .findFirst()
                .orElse(SAME));
        compare();
    }

    private Optional<Inputs> inputs() {
        Other chosen = other.getValue();
        if (chosen == null || chosen.asks().isEmpty()) {
            return chosen == null ? Optional.empty() : chosen.inputs();
        }
        return value.value()
                .map(Length::toMillimetres)
                .map(millimetres -> work.inputs().with(chosen.asks(), Inputs.Measured.both(millimetres)));
    }

    private void compare() {
        told.getChildren().clear();
        if (work == null) {
            return;
        }
        Optional<Inputs> inputs = inputs();
        Optional<Pattern> drawn = Optional.empty();
        if (inputs.isPresent()) {
            try {
                drawn = Optional.of(DraftedGarment.of(work.sheet(), inputs.get(), garment.alterations())
                        .pattern());
            } catch (DraftException dead) {
                told.getChildren().add(Parts.text(dead.sentence().in(studio.format()), "needs"));
            }
        }
        drawn.ifPresent(this::differences);
        preview.accept(drawn);
    }

    private void differences(Pattern then) {
        List<Effect> effects = Effect.between(work.pattern(), then);
        LengthFormat format = studio.format();
        if (effects.isEmpty()) {
            told.getChildren().add(Parts.text("No girth or length differs by a sixteenth of an inch.", "soft"));
            return;
        }
        told.getChildren().add(row("", "now", "then", "", "small", "soft"));
        for (Effect effect : effects) {
            told.getChildren()
                    .add(row(
                            effect.name(),
                            format.number(effect.before()),
                            format.number(effect.after()),
                            (effect.change() > 0 ? "+" : "") + format.number(effect.change()),
                            "figure"));
        }
    }

    private static HBox row(String name, String now, String then, String change, String... styles) {
        HBox row = new HBox(
                6, cell(name, 168, styles), cell(now, 52, styles), cell(then, 52, styles), cell(change, 52, styles));
        row.getStyleClass().add("what-if-row");
        return row;
    }

    private static Label cell(String words, double width, String... styles) {
        var cell = Parts.text(words, styles);
        cell.setMinWidth(width);
        cell.setPrefWidth(width);
        return cell;
    }
}
