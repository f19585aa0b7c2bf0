package org.soberhem.desk.bench;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Latest;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.BenchCommands;

/** When a costume will be done, and what to leave out first. */
final class OutlookPane extends VBox {

    /** In fewer cases than this share it is not thought to be done in time. */
    private static final double LIKELY = 0.8;

    private final BenchCommands desk;
    private final Consumer<String> said;
    private final Latest reckoning;

    /** The costume whose outlook is shown. */
    private String reckoned = "";

    OutlookPane(BenchCommands desk, FileDesk files, Consumer<String> said) {
        super(10);
        this.desk = desk;
        this.said = said;
        this.reckoning = new Latest(files);
    }

    /** Shows it for the costume at hand; it is reckoned in the background, what was reckoned last stays until then. */
    void refresh() {
        Bench bench = desk.bench();
        if (bench.tasks().isEmpty() || bench.isFinished()) {
            getChildren()
                    .setAll(Parts.text(
                            bench.tasks().isEmpty() ? "There are no steps to reckon with." : "Every step is done.",
                            "soft"));
            return;
        }
        if (!reckoned.equals(desk.costume().id())) {
            getChildren().setAll(Parts.text("Reckoning …", "soft"));
        }
        String costume = desk.costume().id();
        reckoning.ask(
                desk.outlook(desk.costume()),
                found -> {
                    reckoned = costume;
                    getChildren().clear();
                    found.forecast().ifPresent(forecast -> forecast(forecast, found));
                },
                said);
    }

    private void forecast(Forecast forecast, BenchCommands.Outlook found) {
        Label middle = Parts.label(day(forecast.middle()), "large");
        getChildren()
                .addAll(
                        middle,
                        Parts.text("In four of five cases between " + day(forecast.early()) + " and "
                                + day(forecast.late()) + "; about " + BenchCommands.time(forecast.minutes())
                                + " of work are left."));
        int timed = found.timed();
        getChildren()
                .add(Parts.text(
                        timed == 0
                                ? "Nothing was timed yet: this is what is usual, not your own pace."
                                : "From your own pace: " + timed + (timed == 1 ? " step" : " steps") + " timed.",
                        "small",
                        "soft"));
        desk.costume().event().ifPresent(event -> {
            double share = forecast.inTime();
            String how = String.format(Locale.ROOT, "%.0f of 100", share * 100);
            getChildren()
                    .add(Parts.text(
                            "Needed on " + day(event) + ": in time in " + how + " cases.",
                            share < LIKELY ? "needs" : "settled"));
            if (share < LIKELY) {
                List<BenchCommands.Spared> spared = found.spared();
                getChildren().add(Parts.label("What to leave out first", "caps"));
                spared.forEach(each -> getChildren()
                        .add(Parts.text("· " + each.task().title()
                                + String.format(Locale.ROOT, " (then %.0f of 100)", each.inTime() * 100))));
                if (spared.isEmpty()) {
                    getChildren()
                            .add(Parts.text(
                                    "No step is marked as one that can be left out: tap a step to mark it.", "soft"));
                }
            }
        });
    }

    private static String day(LocalDate date) {
        return date.getDayOfMonth() + " " + date.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " "
                + date.getYear();
    }
}
