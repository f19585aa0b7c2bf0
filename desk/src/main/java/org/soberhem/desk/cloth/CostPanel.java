package org.soberhem.desk.cloth;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.report.CostReport;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** What the costume costs, and all costumes of a season together. */
final class CostPanel extends VBox {

    private final Studio studio;

    CostPanel(Studio studio) {
        super(10);
        this.studio = studio;
        setPadding(new Insets(4, 16, 16, 16));
    }

    void refresh() {
        Parts.keepingFocus(this, this::fill);
    }

    private void fill() {
        getChildren().clear();
        CostReport cost = cost(studio.situation());
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(5);
        int row = 0;
        for (CostReport.Line line : cost.lines()) {
            Label what = Parts.text(line.what());
            what.setMaxWidth(190);
            grid.addRow(
                    row++,
                    what,
                    Parts.label(line.words(studio.format()), "soft"),
                    Parts.label(line.price() == 0 ? "no price" : number(line.sum()), "figure"));
        }
        grid.addRow(
                row++,
                Parts.label("Hours"),
                Parts.label(number(cost.hours()) + " h", "soft"),
                Parts.label(number(cost.work()), "figure"));
        grid.addRow(
                row,
                Parts.label("In all", "figure"),
                Parts.label("", "soft"),
                Parts.label(number(cost.sum()), "figure"));
        TextField rate = new TextField(number(studio.maker().habits().rate()));
        rate.setId("hour-rate");
        rate.setPrefColumnCount(6);
        rate.setMaxWidth(90);
        Label fault = Parts.text("", "needs");
        rate.setOnAction(event -> {
            try {
                double value = Double.parseDouble(rate.getText().strip().replace(',', '.'));
                Maker maker = studio.maker();
                studio.keep(
                        maker.withHabits(new Maker.Habits(maker.habits().limit(), value)),
                        "rate",
                        Sentence.of("An hour is reckoned at {}", rate.getText().strip()));
            } catch (NumberFormatException wrong) {
                fault.setText("\"" + rate.getText() + "\" is not a number: write it like 12.50.");
            }
        });
        getChildren().addAll(grid, Parts.label("An hour of work is reckoned at", "soft"), rate, fault);
        season();
        getChildren()
                .add(Parts.text(
                        "In your own money. Cloth counts as it is laid with ends and shrinkage, notions as the patterns need them, hours as the bench logged them.",
                        "soft",
                        "small"));
    }

    private CostReport cost(Situation situation) {
        return CostReport.of(
                situation.judgement(),
                studio.supplies(),
                studio.library().notions(),
                studio.maker().habits().rate());
    }

    /** All costumes must be worked out for it: only when it is asked. */
    private void season() {
        int year = year(studio.situation().costume().event());
        VBox answer = new VBox();
        Button ask = Parts.button(
                "All costumes of " + year + " together",
                () -> answer.getChildren()
                        .setAll(Parts.label(
                                number(studio.histories().costumeIds().stream()
                                        .filter(id -> year(studio.histories()
                                                        .costumes()
                                                        .overview(id)
                                                        .event())
                                                == year)
                                        .mapToDouble(id -> cost(studio.current()
                                                        .evaluate(studio.histories()
                                                                .costumes()
                                                                .value(id)))
                                                .sum())
                                        .sum()),
                                "figure")));
        ask.setId("season");
        getChildren().addAll(ask, answer);
    }

    private int year(Optional<LocalDate> event) {
        return event.map(LocalDate::getYear).orElse(studio.today().getYear());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
