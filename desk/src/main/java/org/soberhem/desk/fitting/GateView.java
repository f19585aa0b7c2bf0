package org.soberhem.desk.fitting;

import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.gate.GateCondition;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.gate.HeldBackEdges;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** The gate before each step that cannot be taken back, for the garment at hand. */
final class GateView extends BorderPane implements FittingPlace.Shown {

    private final Studio studio;
    private final VBox steps = new VBox(4);
    private final VBox shown = new VBox(6);
    private GateStep step = GateStep.CUT_CLOTH;

    GateView(Studio studio) {
        this.studio = studio;
        steps.setPadding(new Insets(14));
        steps.setPrefWidth(300);
        steps.setMinWidth(300);
        steps.getStyleClass().add("panel");
        shown.setPadding(new Insets(14, 24, 14, 24));
        setLeft(steps);
        setCenter(Parts.scroll(shown));
    }

    @Override
    public void refresh() {
        steps.getChildren().clear();
        shown.getChildren().clear();
        Costume costume = studio.situation().costume();
        String name = studio.current().garment().get();
        if (costume.garment(name).isEmpty()) {
            shown.getChildren().add(Parts.text("A garment comes first: choose its draft.", "soft"));
            return;
        }
        steps.getChildren().add(Parts.label("Steps that cannot be taken back", "caps"));
        for (GateStep each : GateStep.values()) {
            steps.getChildren().add(row(name, each));
        }
        held(name);
        show(studio.current().standing(name, step));
    }

    private Node row(String name, GateStep each) {
        GateStanding standing = studio.current().standing(name, each);
        String words = standing.isOpen()
                ? "✓ open"
                : standing.passed().isPresent()
                        ? "→ passed with a reason"
                        : "✗ closed, " + standing.missing().size() + " missing";
        VBox box = new VBox(
                1,
                Parts.text(each.words(), "figure"),
                Parts.label(words, "small", standing.isOpen() ? "settled" : "needs"));
        Tappable row = new Tappable(box, each.words(), () -> choose(each), "remark");
        row.setId("gate-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        row.pseudoClassStateChanged(Parts.SELECTED, each == step);
        return row;
    }

    private void choose(GateStep wanted) {
        step = wanted;
        refresh();
    }

    private void held(String name) {
        steps.getChildren().add(Parts.label("Held back to the end", "caps"));
        studio.situation()
                .work(name)
                .ifPresent(work -> HeldBackEdges.of(work)
                        .forEach(words ->
                                steps.getChildren().add(Parts.text(words.in(studio.format()) + ".", "small", "soft"))));
    }

    private void show(GateStanding standing) {
        shown.getChildren()
                .addAll(
                        Parts.text(standing.step().words() + ": " + standing.garment(), "title"),
                        Parts.text(
                                standing.isOpen()
                                        ? "Everything is as it should be. Look once more, then do it."
                                        : "Closed: what is missing is named below, and where it is settled.",
                                "soft"));
        for (GateCondition condition : standing.conditions()) {
            shown.getChildren().add(condition(condition));
        }
        standing.passed()
                .ifPresent(passage -> shown.getChildren()
                        .add(Parts.text(
                                "Passed on " + passage.date() + " for version " + passage.version() + ": "
                                        + passage.reason(),
                                "figure",
                                "chosen")));
        if (!standing.isOpen()) {
            pass(standing);
        }
    }

    private Node condition(GateCondition condition) {
        String mark = switch (condition.state()) {
            case MET -> "✓";
            case MISSING -> "✗";
            case UNKNOWN -> "?";
        };
        String style = switch (condition.state()) {
            case MET -> "settled";
            case MISSING -> "needs";
            case UNKNOWN -> "soft";
        };
        Node words = Parts.text(condition.words().in(studio.format()), "figure");
        HBox line = new HBox(12, Parts.label(mark, "figure", "gate-mark", style), words);
        line.setAlignment(Pos.TOP_LEFT);
        line.getStyleClass().add("gate-row");
        if (condition.state() != GateCondition.State.MISSING) {
            return line;
        }
        Obstacle obstacle = new Obstacle(
                condition.stage(), studio.current().garment().get(), condition.target(), condition.words());
        return new Tappable(
                line,
                condition.words().in(studio.format()),
                () -> studio.navigation().settle(obstacle));
    }

    /** A closed gate may be passed, with a written reason. */
    private void pass(GateStanding standing) {
        TextField reason = new TextField();
        reason.setId("gate-reason");
        reason.setPromptText("why it is done all the same");
        HBox.setHgrow(reason, Priority.ALWAYS);
        Button pass = Parts.button("Pass it with this reason", () -> pass(standing, reason.getText()));
        pass.setId("gate-pass");
        pass.disableProperty().bind(reason.textProperty().map(String::isBlank));
        HBox row = new HBox(8, reason, pass);
        VBox.setMargin(row, new Insets(12, 0, 0, 0));
        shown.getChildren().add(row);
    }

    private void pass(GateStanding standing, String reason) {
        Costume costume = studio.situation().costume();
        Garment garment = costume.garment(standing.garment()).orElseThrow();
        if (studio.situation().judgement().since(garment) != SinceVersion.UNCHANGED) {
            Optional<DraftedGarment> work = studio.current().draft(garment);
            if (work.isEmpty()) {
                studio.done().set("It cannot be passed: the garment cannot be drawn. Settle that at the draft");
                return;
            }
            garment = garment.withVersion(
                    studio.today(),
                    "passed as it stands",
                    work.get().inputs(),
                    work.get().pattern());
            costume = costume.with(garment);
        }
        CostumeRecord.Passage passage = new CostumeRecord.Passage(
                standing.step(), garment.name(), garment.base(), studio.today(), reason.strip());
        studio.keep(
                costume.withPapers(costume.papers().with(passage)),
                "gate",
                Sentence.of("{}, {}: passed with a reason", standing.step().words(), garment.name()));
    }
}
