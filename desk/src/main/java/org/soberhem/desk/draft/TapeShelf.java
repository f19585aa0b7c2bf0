package org.soberhem.desk.draft;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.geometry.Insets;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.TapeWindow;

/** The tapes beneath a draft: each is pulled or typed at, and the pieces follow. */
final class TapeShelf extends HBox {

    private static final double GOVERNING = 260;
    private static final double OTHER = 160;

    private final BiConsumer<String, Double> pulled;
    private final BiConsumer<String, Length> typed;
    private final Map<String, TapeWindow> tapes = new LinkedHashMap<>();

    /**
     * @param pulled gets a measure and its value in millimetres while its tape is pulled
     * @param typed gets a measure and the length that was typed
     */
    TapeShelf(BiConsumer<String, Double> pulled, BiConsumer<String, Length> typed) {
        super(8);
        this.pulled = pulled;
        this.typed = typed;
        setPadding(new Insets(8, 12, 8, 12));
        getStyleClass().add("foot");
    }

    /** Shows the tapes; those of the same measures stay as they are. */
    void show(List<DraftPresenter.Tape> wanted, LengthFormat format) {
        List<String> measures =
                wanted.stream().map(DraftPresenter.Tape::measure).toList();
        if (!List.copyOf(tapes.keySet()).equals(measures)) {
            tapes.clear();
            wanted.forEach(each -> tapes.put(each.measure(), tape(each)));
            getChildren().setAll(tapes.values());
        }
        for (DraftPresenter.Tape each : wanted) {
            TapeWindow tape = tapes.get(each.measure());
            Parts.show(tape, each.millimetres().isPresent());
            each.millimetres().ifPresent(value -> tape.show(value, format, each.note(), each.tried()));
        }
    }

    private TapeWindow tape(DraftPresenter.Tape of) {
        TapeWindow tape = new TapeWindow(
                of.governing(),
                value -> pulled.accept(of.measure(), value),
                value -> typed.accept(of.measure(), value));
        tape.setPrefWidth(of.governing() ? GOVERNING : OTHER);
        tape.setMinWidth(120);
        HBox.setHgrow(tape, Priority.ALWAYS);
        return tape;
    }
}
