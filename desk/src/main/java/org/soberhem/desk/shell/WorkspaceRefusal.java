package org.soberhem.desk.shell;

import javafx.geometry.Insets;
import javafx.scene.layout.VBox;
import org.soberhem.desk.widget.Parts;

/** Shown instead of the window when the workspace cannot be opened. */
final class WorkspaceRefusal extends VBox {

    WorkspaceRefusal(String message) {
        super(16);
        setPadding(new Insets(80));
        setMaxWidth(800);
        getChildren().addAll(Parts.label("The workspace cannot be opened", "title"), Parts.text(message, "figure"));
    }
}
