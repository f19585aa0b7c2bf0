package org.soberhem.desk.draft;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.DraftedPiece;
import org.soberhem.core.formula.Units;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;

/** The points of one piece: the sheet's units and what they are for this wearer. */
final class PointsPanel extends VBox {

    private static final double LETTER = 46;
    private static final double COLUMN = 76;

    private final ChoiceBox<String> piece = new ChoiceBox<>();
    private final Label law = Parts.text("", "small", "soft");
    private final VBox rows = new VBox();
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Consumer<Paper.Pick> pick;
    private final Map<String, HBox> byLetter = new LinkedHashMap<>();
    private DraftedGarment work;
    private LengthFormat format;
    private Optional<Paper.Pick> picked = Optional.empty();

    /** @param pick gets the point whose row is chosen */
    PointsPanel(Consumer<Paper.Pick> pick) {
        this.pick = pick;
        getStyleClass().add("numbers");
        piece.setMaxWidth(Double.MAX_VALUE);
        piece.valueProperty().addListener((was, before, now) -> fill());
        HBox head = row("point", "along", "", "out", "");
        head.getStyleClass().add("head");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox chooser = new HBox(8, piece);
        HBox.setHgrow(piece, Priority.ALWAYS);
        VBox top = new VBox(6, chooser, law);
        top.getStyleClass().add("pad");
        getChildren().addAll(top, head, scroll);
    }

    void show(DraftedGarment shown, LengthFormat shownAs) {
        work = shown;
        format = shownAs;
        List<String> names =
                shown.draft().plates().stream().map(DraftedPiece::piece).toList();
        if (!piece.getItems().equals(names)) {
            piece.getItems().setAll(names);
        }
        if (piece.getValue() == null || !names.contains(piece.getValue())) {
            piece.setValue(names.get(0));
        } else {
            fill();
        }
    }

    void pick(Optional<Paper.Pick> chosen) {
        picked = chosen;
        if (chosen.isPresent() && !chosen.get().piece().equals(piece.getValue())) {
            piece.setValue(chosen.get().piece());
        }
        mark();
    }

    private void fill() {
        rows.getChildren().clear();
        byLetter.clear();
        if (work == null || piece.getValue() == null) {
            return;
        }
        Optional<DraftedPiece> plate = work.draft().plates().stream()
                .filter(p -> p.piece().equals(piece.getValue()))
                .findFirst();
        if (plate.isEmpty()) {
            return;
        }
        law.setText(ScaleLawText.sentence(plate.get().scale(), format));
        for (DraftedPiece.PlatePoint point : plate.get().points()) {
            HBox row = row(
                    point.name() + (point.corner() ? " ◦" : ""),
                    Units.brief(point.along()),
                    format.number(point.at().y()),
                    Units.brief(point.out()),
                    format.number(point.at().x()));
            row.setFocusTraversable(true);
            row.setOnMouseClicked(event -> choose(point));
            row.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
                if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                    choose(point);
                }
            });
            byLetter.put(point.name(), row);
            rows.getChildren().add(row);
        }
        mark();
    }

    private void choose(DraftedPiece.PlatePoint point) {
        pick.accept(new Paper.Pick(piece.getValue(), point.name()));
    }

    private void mark() {
        byLetter.forEach((letter, row) -> row.pseudoClassStateChanged(
                Parts.SELECTED,
                picked.filter(p ->
                                p.piece().equals(piece.getValue()) && p.point().equals(letter))
                        .isPresent()));
        picked.map(p -> byLetter.get(p.point())).ifPresent(row -> {
            double below = row.getBoundsInParent().getMaxY()
                    - scroll.getViewportBounds().getHeight();
            double room = rows.getHeight() - scroll.getViewportBounds().getHeight();
            if (room > 0) {
                scroll.setVvalue(Math.max(0, Math.min(1, (below + 60) / room)));
            }
        });
    }

    private static HBox row(String letter, String along, String alongLength, String out, String outLength) {
        HBox row = new HBox();
        row.getStyleClass().add("row");
        row.getChildren()
                .addAll(
                        cell(letter, LETTER),
                        cell(along, COLUMN),
                        cell(alongLength, COLUMN),
                        cell(out, COLUMN),
                        cell(outLength, COLUMN));
        row.getChildren().get(1).getStyleClass().add("soft");
        row.getChildren().get(3).getStyleClass().add("soft");
        return row;
    }

    private static Label cell(String words, double width) {
        Label cell = Parts.label(words, "cell");
        cell.setMinWidth(width);
        cell.setPrefWidth(width);
        return cell;
    }
}
