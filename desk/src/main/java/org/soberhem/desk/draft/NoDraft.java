package org.soberhem.desk.draft;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Stage;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** Shown where nothing can be drawn: why, and the way on. */
final class NoDraft extends VBox {

    private static final double MARGIN = 60;

    /** @param add opens the choice of a sheet */
    NoDraft(Studio studio, Runnable add) {
        super(8);
        setPadding(new Insets(MARGIN));
        setMaxWidth(700);
        Situation now = studio.situation();
        if (now.costume().garments().isEmpty()) {
            Button first = Parts.button("Add a garment", add, "main");
            first.setId("first-garment");
            getChildren()
                    .addAll(
                            Parts.label("No garment has a pattern yet", "title"),
                            Parts.text("Choose a sheet from the shelf, or change a copy of one; the wearer can be"
                                    + " measured before or after."),
                            first);
            return;
        }
        getChildren().add(Parts.label("This garment cannot be drawn yet", "title"));
        now.judgement()
                .failures()
                .values()
                .forEach(failure ->
                        getChildren().add(Parts.text(failure.sentence().in(studio.format()))));
        if (now.set().isEmpty()) {
            getChildren().add(Parts.text("The wearer has not been measured. Open the tape first."));
        }
        getChildren()
                .add(Parts.button(
                        "Open the tape", () -> studio.navigation().place().set(Optional.of(Stage.TAPE)), "main"));
    }
}
