package org.soberhem.desk.draft;

import java.util.stream.Stream;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.desk.widget.Parts;
import org.soberhem.library.sheet.SheetText;
import org.soberhem.studio.Studio;

/** Adds evidence to the garment at hand: what its pattern was drawn from, where that is, and how sure it is. */
final class EvidenceForm extends VBox {

    private final Studio studio;
    private final ChoiceBox<SheetSource.Kind> kind = new ChoiceBox<>();
    private final TextField where = new TextField();
    private final TextField at = new TextField();
    private final ChoiceBox<SheetSource.Sure> sure = new ChoiceBox<>();

    EvidenceForm(Studio studio) {
        super(6);
        this.studio = studio;
        kind.getItems().setAll(SheetSource.Kind.values());
        kind.setConverter(Parts.words(SheetSource.Kind::words));
        kind.setValue(SheetSource.Kind.PLATE);
        kind.setId("evidence-kind");
        sure.getItems().setAll(SheetSource.Sure.values());
        sure.setConverter(Parts.words(SheetSource.Sure::words));
        sure.setValue(SheetSource.Sure.LIKELY);
        where.setPromptText("which, and where it is kept");
        where.setId("evidence-where");
        at.setPromptText("page, plate or number");
        GridPane form = new GridPane();
        form.setHgap(8);
        form.setVgap(6);
        form.addRow(0, kind, where);
        form.addRow(1, sure, at);
        Stream.of(where, at).forEach(each -> GridPane.setHgrow(each, Priority.ALWAYS));
        var add = Parts.button("Add this evidence", this::add);
        add.setId("evidence-add");
        getChildren().addAll(Parts.label("More evidence", "caps"), form, add);
    }

    private void add() {
        String name = studio.current().garment().get();
        studio.situation().costume().garment(name).ifPresent(garment -> {
            SheetSource source = new SheetSource(
                    kind.getValue(), where.getText().strip(), at.getText().strip(), sure.getValue(), "");
            studio.garments()
                    .changeSheet(
                            studio.situation().costume().id(),
                            name,
                            SheetText.of(garment.sheet()).withSource(source).text());
            where.clear();
            at.clear();
        });
    }
}
