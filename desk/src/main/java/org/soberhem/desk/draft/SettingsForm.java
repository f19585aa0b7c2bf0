package org.soberhem.desk.draft;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.CompiledSheet.Adjustable;
import org.soberhem.core.formula.Units;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** What the maker may choose on a sheet: amounts with their limits, ways, the scale law; each with what it is for. */
final class SettingsForm extends VBox {

    private final Studio studio;

    /** @param studio where the choice is kept with the garment at hand */
    SettingsForm(Studio studio) {
        super(8);
        this.studio = studio;
    }

    private void tell(Optional<Sentence> refusal) {
        refusal.ifPresent(why -> studio.done().set(why.in(studio.format())));
    }

    void show(DraftedGarment work, LengthFormat format) {
        show(work, work.sheet().adjustables(), format);
    }

    /** Shows only some of what may be chosen. */
    void show(DraftedGarment work, List<Adjustable> some, LengthFormat format) {
        getChildren().clear();
        for (Adjustable each : some) {
            double value = work.draft().settings().get(each.name());
            Control field = each.ways().isEmpty() ? amount(each, value, format) : way(each, (int) value);
            field.setId("setting-" + each.name().replace('.', '-'));
            String limits = each.ways().isEmpty()
                    ? limit(each.least(), format) + " to " + limit(each.most(), format) + " is usual: "
                    : "";
            Label words = Parts.label(each.title(), "figure");
            words.setMinWidth(84);
            HBox line = new HBox(8, words, field);
            line.setAlignment(Pos.CENTER_LEFT);
            getChildren()
                    .add(new VBox(
                            1,
                            line,
                            Parts.text(
                                    limits + WrittenLengths.sentence(each.why()).in(format), "small", "soft")));
        }
    }

    private static String limit(String written, LengthFormat format) {
        return Units.formula(written).map(words -> words.in(format)).orElse("by rule");
    }

    private String garment() {
        return studio.current().garment().get();
    }

    private LengthField amount(Adjustable each, double value, LengthFormat format) {
        LengthField field =
                new LengthField(() -> format, length -> tell(studio.garments().choose(garment(), each.name(), length)));
        field.show(Optional.of(Length.ofMillimetres(value)));
        field.setMinWidth(64);
        return field;
    }

    private ChoiceBox<String> way(Adjustable each, int chosen) {
        ChoiceBox<String> box = new ChoiceBox<>();
        box.getItems().setAll(each.ways());
        box.setValue(each.ways().get(chosen));
        box.valueProperty()
                .addListener((was, before, now) -> tell(studio.garments()
                        .chooseWay(garment(), each.name(), each.ways().indexOf(now), now)));
        return box;
    }
}
