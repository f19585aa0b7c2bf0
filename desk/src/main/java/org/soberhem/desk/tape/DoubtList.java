package org.soberhem.desk.tape;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Parts;

/** Doubts, each with what was seen, what would explain it and the ways out. Asked, never forced. */
final class DoubtList extends VBox {

    private final TapeDesk desk;
    private final Consumer<Doubt> again;
    private final Runnable corrected;
    private final String size;

    /**
     * @param again goes to the reading that is taken again
     * @param corrected is told when a correction was taken
     * @param size style class of words and buttons; empty for the usual size
     */
    DoubtList(TapeDesk desk, Consumer<Doubt> again, Runnable corrected, String size) {
        super(8);
        this.desk = desk;
        this.again = again;
        this.corrected = corrected;
        this.size = size;
    }

    /** Shows doubts of the set that is looked at. */
    void show(List<Doubt> doubts, LengthFormat format) {
        getChildren().clear();
        for (Doubt doubt : doubts) {
            FlowPane ways = new FlowPane(6, 6);
            doubt.corrections()
                    .forEach(correction -> ways.getChildren()
                            .add(Parts.button(
                                    correction.words().in(format), () -> take(doubt, correction), size, "main")));
            if (!doubt.measures().isEmpty()) {
                ways.getChildren().add(Parts.button("Read again", () -> again.accept(doubt), size));
            }
            if (doubt.kind() == Doubt.Kind.OLD) {
                ways.getChildren().add(Parts.button("Measure anew", desk::beginSet, size));
            }
            ways.getChildren().add(Parts.button("It is right", () -> desk.itIsRight(doubt), size));
            VBox one = new VBox(
                    4,
                    Parts.label("? " + doubt.kind().words(), size.isEmpty() ? "caps" : size, "needs"),
                    Parts.text(doubt.saw().in(format), size),
                    Parts.text(doubt.explains().in(format), size.isEmpty() ? "small" : size, "soft"),
                    ways);
            one.getStyleClass().add("doubt");
            getChildren().add(one);
        }
    }

    private void take(Doubt doubt, Doubt.Correction correction) {
        desk.correct(doubt, correction);
        corrected.run();
    }
}
