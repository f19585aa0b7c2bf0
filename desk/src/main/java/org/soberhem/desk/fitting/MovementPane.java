package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Trial;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** Movements to try in the mock-up, each with a letter; a digit says how the chosen one went. */
final class MovementPane extends HBox {

    private static final double BOX_WIDTH = 262;
    private static final double BOX_HEIGHT = 72;

    private final FittingRound round;
    private final Trying trying;
    private final FlowPane boxes = new FlowPane(8, 8);
    private final VBox detail = new VBox(8);
    private Optional<Movement> chosen = Optional.empty();
    private boolean again;

    MovementPane(FittingRound round, Trying trying) {
        super(12);
        this.round = round;
        this.trying = trying;
        getStyleClass().add("conditions");
        boxes.setPrefWrapLength(2 * BOX_WIDTH + 8);
        boxes.setMinWidth(2 * BOX_WIDTH + 8);
        detail.setPrefWidth(352);
        detail.setMaxWidth(352);
        getChildren().addAll(boxes, detail);
    }

    void refresh() {
        if (round.fitting().isEmpty()) {
            return;
        }
        List<Movement> all = trying.movements();
        if (chosen.isEmpty() || !all.contains(chosen.get())) {
            chosen = all.stream()
                    .filter(each -> trying.trial(each, again).isEmpty())
                    .findFirst();
        }
        boxes.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            Movement movement = all.get(i);
            String result = trying.trial(movement, again)
                    .map(trial -> mark(trial.result()))
                    .orElse("");
            Label words = Parts.label((char) ('A' + i) + "  " + movement.name() + "  " + result);
            words.setWrapText(true);
            words.setMaxWidth(BOX_WIDTH - 12);
            Tappable box = new Tappable(words, movement.name(), () -> choose(movement), "choice");
            box.setFocusTraversable(false);
            box.setPrefSize(BOX_WIDTH, BOX_HEIGHT);
            box.setMaxHeight(BOX_HEIGHT);
            box.pseudoClassStateChanged(
                    Parts.SELECTED, chosen.filter(movement::equals).isPresent());
            boxes.getChildren().add(box);
        }
        detail();
    }

    private static String mark(Trial.Result result) {
        return switch (result) {
            case PASSED -> "✓";
            case WITH_REMARK -> "✓!";
            case FAILED -> "✗";
            case NOT_TRIED -> "–";
        };
    }

    private void choose(Movement movement) {
        chosen = Optional.of(movement);
        refresh();
    }

    private void detail() {
        detail.getChildren().clear();
        if (chosen.isEmpty()) {
            detail.getChildren().addAll(Parts.text("Every movement has its answer.", "bigger", "soft"), againRow());
            return;
        }
        Movement movement = chosen.get();
        String stop = movement.stop().isEmpty() ? "" : " " + capital(movement.stop()) + ".";
        detail.getChildren().add(Parts.text(trying.read(movement.task()) + stop, "bigger"));
        Trial.Result[] results = Trial.Result.values();
        for (int i = 0; i < results.length; i++) {
            Trial.Result result = results[i];
            HBox line = new HBox(14, Parts.label(String.valueOf(i + 1), "digit"), Parts.label(result.words()));
            line.setAlignment(Pos.CENTER_LEFT);
            Tappable row = new Tappable(line, result.words(), () -> answer(result), "symptom");
            row.setFocusTraversable(false);
            row.setMinHeight(BOX_HEIGHT);
            row.pseudoClassStateChanged(
                    Parts.SELECTED,
                    trying.trial(movement, again)
                            .filter(trial -> trial.result() == result)
                            .isPresent());
            detail.getChildren().add(row);
        }
        detail.getChildren().add(againRow());
    }

    private Tappable againRow() {
        Tappable row = new Tappable(
                Parts.label(again ? "5  at once" : "5  again after an hour's wear"),
                "again after wear",
                this::turn,
                "choice");
        row.setFocusTraversable(false);
        row.setMinHeight(BOX_HEIGHT);
        row.pseudoClassStateChanged(Parts.SELECTED, again);
        return row;
    }

    private void turn() {
        again = !again;
        chosen = Optional.empty();
        refresh();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Says how the chosen movement went, by the result's digit. */
    void digit(int digit) {
        if (digit == Trial.Result.values().length + 1) {
            turn();
        } else if (digit >= 1 && digit <= Trial.Result.values().length) {
            answer(Trial.Result.values()[digit - 1]);
        }
    }

    private void answer(Trial.Result result) {
        Optional<Movement> answered = chosen;
        chosen = Optional.empty();
        answered.ifPresent(movement -> trying.tried(movement, again, result));
    }

    /** Chooses a movement by its letter. */
    void letter(String letter) {
        List<Movement> all = trying.movements();
        int place = letter.charAt(0) - 'A';
        if (place >= 0 && place < all.size()) {
            choose(all.get(place));
        }
    }
}
