package org.soberhem.desk.sheet;

import javafx.geometry.Insets;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.Parts;

/** Gives a costume another garment, drafted from a sheet of the shelf. */
public final class AddGarment extends VBox {

    private final Studio studio;
    private final SheetChooser chooser;
    private Runnable closed = () -> {};

    public AddGarment(Studio studio) {
        super(10);
        this.studio = studio;
        getStyleClass().add("panel");
        setPadding(new Insets(18));
        chooser = new SheetChooser(studio, false, chosen -> {
            Parts.show(this, false);
            studio.addGarment(chosen.id());
            closed.run();
        });
        VBox.setVgrow(chooser, Priority.ALWAYS);
        HBox head = new HBox(
                12,
                Parts.label("Another garment for this costume", "title"),
                Parts.gap(),
                Parts.button("Not now", () -> {
                    Parts.show(this, false);
                    closed.run();
                }));
        getChildren().addAll(head, chooser);
        Parts.show(this, false);
    }

    /** Shows the sheets of the costume's year; {@code whenClosed} is run after one is chosen or none. */
    public void open(Runnable whenClosed) {
        closed = whenClosed;
        Parts.show(this, true);
        chooser.show(String.valueOf(studio.situation().costume().year()));
    }
}
