package org.soberhem.desk.shell;

import java.util.List;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.desk.widget.Parts;

/** Every shortcut on one card. */
final class Shortcuts extends StackPane {

    private static final List<List<String>> ALL = List.of(
            List.of("Alt+1", "all costumes"),
            List.of("Alt+2 … Alt+8", "tape, draft, fitting, silhouette, cloth, bench, record"),
            List.of("Ctrl+N", "a new costume"),
            List.of("Ctrl+L", "the shelf of draft sheets"),
            List.of("Ctrl+Z, Ctrl+Shift+Z", "take back, do again"),
            List.of("F8", "inches or centimetres"),
            List.of("F9", "light or dark"),
            List.of("F4", "draft: try the garment on, or put the stand away"),
            List.of("F6", "draft: fold the table, the tapes and the walk away"),
            List.of("F7", "draft: find an alteration"),
            List.of("Page Up, Page Down", "draft: walk through it step by step"),
            List.of("+  −  0  1", "draft: nearer, farther, all, true size"),
            List.of("arrows", "draft: move the paper; on a tape: pull it"),
            List.of("Esc", "draft: leave the walk, let go of tried measurements"),
            List.of("arrows, Enter, Space", "tracing: move the cross, tap a corner, tap a curve (Shift and tap)"),
            List.of("C, Delete", "tracing: corner or curve, remove a place"),
            List.of("F7", "tape: measure step by step"),
            List.of("Enter, Page Up, Page Down", "measuring: next, back, leave out"),
            List.of("34+5", "measuring: 34 inches and five eighths"),
            List.of("F4, F6", "measuring: where the tape begins, read the digital tape"),
            List.of("letter, digit, digit", "fitting: zone, what is seen, eighths (Shift adds an inch)"),
            List.of("F2, F3, Backspace", "fitting: own words, same on the other side, take back"),
            List.of("Enter, Esc", "fitting: confirm what is worn beneath, pause"),
            List.of("F4, F5, F6", "fitting: movements and wear, photograph, conditions"),
            List.of("F7", "fitting: figure or flat pieces"),
            List.of("N P, arrows, T", "cloth: next or former cut, move it (Shift: far), turn it"),
            List.of("F1", "this card"));

    Shortcuts() {
        getStyleClass().add("veil");
        GridPane grid = new GridPane();
        grid.setHgap(24);
        grid.setVgap(8);
        for (int i = 0; i < ALL.size(); i++) {
            grid.add(Parts.label(ALL.get(i).get(0), "figure", "chosen"), 0, i);
            grid.add(Parts.label(ALL.get(i).get(1), "figure"), 1, i);
        }
        VBox card = new VBox(14, Parts.label("Shortcuts", "title"), grid);
        card.getStyleClass().add("card");
        card.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren().add(card);
        setOnMouseClicked(event -> Parts.show(this, false));
        Parts.show(this, false);
    }
}
