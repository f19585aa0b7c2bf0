package org.soberhem.desk.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
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
import org.soberhem.core.length.LengthUnit;
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
            boolean lacking = CostReport.lacking(studio.situation().judgement(), studio.stash(), kind) > 1e-6;
            if (need == 0 && have == 0) {
                continue;
            }
            Label wanted = Parts.label(need == 0 ? "" : amount(kind, need), "figure", lacking ? "needs" : "settled");
            grid.addRow(
                    row++,
                    Parts.label((lacking ? "✗ " : need > 0 ? "✓ " : "") + kind.many()),
                    wanted,
                    field(kind, have == 0 ? "" : inHand(kind, have), true),
                    field(kind, price(kind) == 0 ? "" : String.format(Locale.ROOT, "%.2f", shownPrice(kind)), false));
        }
        getChildren()
                .addAll(
                        Parts.text(
                                row == 1
                                        ? "The sheets of this costume count no notions, and none are in hand."
                                        : "Counted from the patterns of all garments of this costume. Prices are for one, or for a "
                                                + (studio.format().clothUnit() == LengthUnit.YARD ? "yard" : "metre")
                                                + ". Buttons of one garment are alike: write sets as 8 + 6.",
                                "soft"),
                        grid,
                        fault);
        CostReport.lacking(
                        studio.situation().judgement(),
                        studio.stash(),
                        studio.library().notions())
                .forEach(lacking -> getChildren().add(Parts.text(lacking.in(studio.format()), "needs")));
    }

    private double price(Notion.Kind kind) {
        return studio.stash().notions().stream()
                .filter(notion -> notion.kind().equals(kind.id()))
                .mapToDouble(Notion::price)
                .findFirst()
                .orElse(0);
    }

    private double shownPrice(Notion.Kind kind) {
        return kind.byLength() ? studio.format().clothPrice(price(kind)) : price(kind);
    }

    private String inHand(Notion.Kind kind, double have) {
        return kind.inSets()
                ? studio.stash().sets(kind.id()).stream()
                        .map(set -> String.format(Locale.ROOT, "%.0f", set))
                        .collect(Collectors.joining(" + "))
                : amount(kind, have);
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
        List<Double> sets = new ArrayList<>();
        try {
            LengthFormat format = studio.format();
            if (isAmount && kind.inSets()) {
                for (String each : typed.isBlank() ? new String[] {"0"} : typed.split("\\+")) {
                    sets.add(Double.parseDouble(each.strip()));
                }
            }
            value = typed.isBlank() || !sets.isEmpty()
                    ? 0
                    : isAmount && kind.byLength()
                            ? LengthEntry.parse(typed, format.unit()).value().toMillimetres()
                            : Double.parseDouble(typed.strip().replace(',', '.'));
        } catch (LengthFormatException | NumberFormatException wrong) {
            fault.setText("\"" + typed + "\" cannot be read for " + kind.many() + ": write a number"
                    + (kind.byLength() ? " with its unit, such as 3 yd." : "."));
            return;
        }
        double price =
                isAmount ? price(kind) : kind.byLength() ? studio.format().metrePrice(value) : value;
        if (kind.inSets()) {
            List<Double> kept = isAmount ? sets : studio.stash().sets(kind.id());
            studio.keep(
                    studio.stash().withSets(kind, kept, price),
                    "notion",
                    Sentence.of("{}: {} in hand", kind.many(), isAmount ? typed : inHand(kind, 1)));
            return;
        }
        double have = isAmount ? value : studio.stash().amount(kind.id());
        studio.keep(
                studio.stash().with(new Notion(kind.id(), kind.many(), have, price)),
                "notion",
                Sentence.of("{}: {} in hand", kind.many(), isAmount ? typed : amount(kind, have)));
    }
}
