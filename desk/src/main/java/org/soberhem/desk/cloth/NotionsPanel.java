package org.soberhem.desk.cloth;

import java.util.Locale;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.report.CostReport;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** Hooks, buttons, bones and tape: what the patterns need beside what is in hand. */
final class NotionsPanel extends VBox {

    private final Studio studio;
    private final Label fault = Parts.text("", "needs");

    NotionsPanel(Studio studio) {
        super(10);
        this.studio = studio;
        setPadding(new Insets(4, 16, 16, 16));
    }

    void refresh() {
        Parts.keepingFocus(this, this::fill);
    }

    private void fill() {
        getChildren().clear();
        fault.setText("");
        Map<String, Double> needed = CostReport.notions(studio.situation().judgement());
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(6);
        grid.addRow(
                0,
                Parts.label("", "caps"),
                Parts.label("needed", "caps"),
                Parts.label("in hand", "caps"),
                Parts.label("price", "caps"));
        int row = 1;
        for (Notion.Kind kind : studio.library().notions()) {
            double need = needed.getOrDefault(kind.id(), 0.0);
            double have = studio.stash().amount(kind.id());
            if (need == 0 && have == 0) {
                continue;
            }
            Label wanted = Parts.label(
                    need == 0 ? "" : amount(kind, need), "figure", have + 1e-6 < need ? "needs" : "settled");
            grid.addRow(
                    row++,
                    Parts.label((have + 1e-6 < need ? "✗ " : need > 0 ? "✓ " : "") + kind.many()),
                    wanted,
                    field(kind, have == 0 ? "" : amount(kind, have), true),
                    field(kind, price(kind) == 0 ? "" : String.format(Locale.ROOT, "%.2f", price(kind)), false));
        }
        getChildren()
                .addAll(
                        Parts.text(
                                row == 1
                                        ? "The sheets of this costume count no notions, and none are in hand."
                                        : "Counted from the patterns of all garments of this costume. Prices are for one, or for a metre.",
                                "soft"),
                        grid,
                        fault);
    }

    private double price(Notion.Kind kind) {
        return studio.stash().notions().stream()
                .filter(notion -> notion.kind().equals(kind.id()))
                .mapToDouble(Notion::price)
                .findFirst()
                .orElse(0);
    }

    private String amount(Notion.Kind kind, double value) {
        return kind.byLength() ? studio.format().format(value) : String.format(Locale.ROOT, "%.0f", value);
    }

    private TextField field(Notion.Kind kind, String shown, boolean isAmount) {
        TextField field = new TextField(shown);
        field.setPrefColumnCount(6);
        field.setAlignment(Pos.CENTER_RIGHT);
        field.setId((isAmount ? "have-" : "price-") + kind.id());
        field.setOnAction(event -> keep(kind, field.getText(), isAmount));
        field.focusedProperty().addListener((was, before, now) -> {
            if (!now && !field.getText().equals(shown)) {
                keep(kind, field.getText(), isAmount);
            }
        });
        return field;
    }

    private void keep(Notion.Kind kind, String typed, boolean isAmount) {
        double value;
        try {
            LengthFormat format = studio.format();
            value = typed.isBlank()
                    ? 0
                    : isAmount && kind.byLength()
                            ? LengthEntry.parse(typed, format.unit()).value().toMillimetres()
                            : Double.parseDouble(typed.strip().replace(',', '.'));
        } catch (LengthFormatException | NumberFormatException wrong) {
            fault.setText("\"" + typed + "\" cannot be read for " + kind.many() + ": write a number"
                    + (kind.byLength() ? " with its unit, such as 3 yd." : "."));
            return;
        }
        double have = isAmount ? value : studio.stash().amount(kind.id());
        double price = isAmount ? price(kind) : value;
        studio.keep(
                studio.stash().with(new Notion(kind.id(), kind.many(), have, price)),
                "notion",
                Sentence.of("{}: {} in hand", kind.many(), isAmount ? typed : amount(kind, have)));
    }
}
