package org.soberhem.desk.draft;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Work;
import org.soberhem.desk.studio.Situation;

/** Prints and exports what is shown. */
public final class PrintPanel extends VBox {

    private Optional<Work> work = Optional.empty();

    public PrintPanel() {
        setPadding(new Insets(12));
    }

    void show(Situation situation, Garment garment, Work shown) {
        work = Optional.of(shown);
    }
}
