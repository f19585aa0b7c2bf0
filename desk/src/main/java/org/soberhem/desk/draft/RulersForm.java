package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.RulerTable;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Parts;
import org.soberhem.library.sheet.ScaleText;
import org.soberhem.studio.Studio;

/**
 * Paper rulers that the maker measured: what each is marked with, and how long so many of its units are. Taken, they
 * become a scale law of the garment's own sheet.
 */
final class RulersForm extends VBox {

    private static final int ROWS = 3;

    private final Studio studio;
    private final VBox known = new VBox(2);
    private final List<List<TextField>> rows = new ArrayList<>();
    private final Label problem = Parts.text("", "needs");
    private Garment garment;

    RulersForm(Studio studio) {
        super(6);
        this.studio = studio;
        GridPane grid = new GridPane();
        grid.setHgap(6);
        grid.setVgap(4);
        List<String> heads = List.of("ruler marked", "units", "measure");
        List<String> hints = List.of("34 in", "10", "9 3/8 in");
        for (int column = 0; column < heads.size(); column++) {
            grid.add(Parts.label(heads.get(column), "small", "soft"), column, 0);
        }
        for (int row = 0; row < ROWS; row++) {
            List<TextField> fields = new ArrayList<>();
            for (int column = 0; column < heads.size(); column++) {
                TextField field = new TextField();
                field.setId("ruler-" + row + "-" + column);
                field.setPrefColumnCount(6);
                field.setPromptText(row == 0 ? hints.get(column) : "");
                grid.add(field, column, row + 1);
                fields.add(field);
            }
            rows.add(fields);
        }
        var take = Parts.button("Take these rulers", this::take);
        take.setId("take-rulers");
        Parts.show(problem, false);
        setAlignment(Pos.TOP_LEFT);
        getChildren()
                .addAll(
                        Parts.text(
                                "Have you paper rulers of your own? Measure one, better two or more: on the ruler marked 34, ten units measure …",
                                "small",
                                "soft"),
                        known,
                        grid,
                        problem,
                        take);
    }

    void show(DraftedGarment work, Garment shown) {
        garment = shown;
        known.getChildren().clear();
        Parts.show(this, work.draft().scale().isPresent());
        LengthFormat format = studio.format();
        ScaleText.rulers(work.sheet().sheet()).ifPresent(table -> {
            List<Double> residuals = table.residuals();
            for (int i = 0; i < table.rulers().size(); i++) {
                RulerTable.Ruler ruler = table.rulers().get(i);
                double off = Math.round(residuals.get(i) * 1000) / 100.0;
                known.getChildren()
                        .add(Parts.text(
                                "· marked " + format.format(ruler.marked()) + ": ten units are "
                                        + format.format(ruler.unit() * 10) + ", " + (off < 0 ? "−" : "+")
                                        + Math.abs(off) + " mm off the straight line through all",
                                "small"));
            }
        });
    }

    private void take() {
        List<List<String>> typed = rows.stream()
                .map(row -> row.stream().map(field -> field.getText().strip()).toList())
                .filter(row -> row.stream().anyMatch(text -> !text.isEmpty()))
                .toList();
        try {
            studio.garments()
                    .changeSheet(
                            studio.situation().costume().id(),
                            garment.name(),
                            ScaleText.withRulers(
                                    garment.sheet(), typed, studio.format().unit()));
            Parts.show(problem, false);
            rows.forEach(row -> row.forEach(TextField::clear));
        } catch (SheetException wrong) {
            problem.setText(wrong.problem());
            Parts.show(problem, true);
        }
    }
}
