package org.soberhem.desk.draft;

import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Work;
import org.soberhem.core.draft.Units;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/** The amounts of a sheet that the maker may choose, with their limits and what they are for. */
final class SettingsForm extends VBox {

    private final BiConsumer<String, Length> choose;

    /** @param choose gets a setting's name and its new amount */
    SettingsForm(BiConsumer<String, Length> choose) {
        super(6);
        this.choose = choose;
    }

    void show(Work work, LengthFormat format) {
        getChildren().clear();
        work.sheet().sheet().settings().forEach((name, setting) -> {
            LengthField field = new LengthField(() -> format, length -> choose.accept(name, length));
            field.setId("setting-" + name);
            field.show(Optional.of(Length.ofMillimetres(work.draft().settings().get(name))));
            Label words = Parts.label(name, "figure");
            words.setMinWidth(84);
            Label limits = Parts.text(
                    Units.shown(setting.least().text()) + " to "
                            + Units.shown(setting.most().text()) + ": " + setting.why(),
                    "small",
                    "soft");
            HBox line = new HBox(8, words, field, limits);
            line.setAlignment(Pos.CENTER_LEFT);
            field.setMinWidth(64);
            getChildren().add(line);
        });
    }
}
