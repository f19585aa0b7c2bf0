package org.soberhem.desk.trace;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.length.Length;
import org.soberhem.core.trace.Grid;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/** How a picture is brought to scale: which marks, how many squares lie between them, and what a square is worth. */
final class GridPanel extends VBox {

    private static final int MOST = 1000;

    private final TraceDesk desk;
    private final ChoiceBox<Grid.Way> way = new ChoiceBox<>();
    private final Spinner<Integer> across = new Spinner<>(1, MOST, 10);
    private final Spinner<Integer> down = new Spinner<>(1, MOST, 10);
    private final LengthField square;
    private final Label step = Parts.text("", "figure");
    private final Label fault = Parts.text("", "small", "needs");
    private final Label downWords = Parts.label("Squares down");
    private final Filling filling = new Filling();

    GridPanel(TraceDesk desk) {
        super(10);
        this.desk = desk;
        way.setId("grid-way");
        way.getItems().setAll(Grid.Way.FOUR_CORNERS, Grid.Way.TWO_POINTS);
        way.setConverter(Parts.words(
                each -> each == Grid.Way.TWO_POINTS ? "two points: taken straight on" : "four corners: taken askew"));
        way.setMaxWidth(Double.MAX_VALUE);
        square = new LengthField(desk.studio()::format, length -> take(length));
        square.setId("grid-square");
        across.setId("grid-across");
        down.setId("grid-down");
        for (Spinner<Integer> each : List.of(across, down)) {
            each.setEditable(true);
            each.setPrefWidth(100);
            each.valueProperty().addListener((was, before, now) -> take(worth()));
        }
        way.valueProperty().addListener((was, before, now) -> take(worth()));
        GridPane form = new GridPane();
        form.setHgap(10);
        form.setVgap(8);
        form.addRow(0, Parts.label("Squares across"), across);
        form.addRow(1, downWords, down);
        form.addRow(2, Parts.label("One square is"), square);
        fault.textProperty().bind(square.faultProperty());
        getChildren()
                .addAll(
                        Parts.label("The grid", "caps"),
                        way,
                        step,
                        form,
                        fault,
                        Parts.text(
                                "Count the squares between your marks. A square is worth what it stands for on the"
                                        + " finished pattern, in any unit: 1 in, 2 cm, 1 pouce, 1 nail.",
                                "small",
                                "soft"),
                        Parts.button("Set the marks anew", desk::clearMarks, "quiet"));
    }

    private Length worth() {
        return Length.ofMillimetres(desk.tracing().grid().square());
    }

    private void take(Length each) {
        if (!filling.isOn() && way.getValue() != null) {
            desk.grid(way.getValue(), across.getValue(), down.getValue(), each.toMillimetres());
        }
    }

    void show() {
        filling.during(() -> {
            Grid grid = desk.tracing().grid();
            way.setValue(grid.way() == Grid.Way.PAPER ? null : grid.way());
            across.getValueFactory().setValue(Math.max(1, grid.across()));
            down.getValueFactory().setValue(Math.max(1, grid.down()));
            boolean corners = grid.way() == Grid.Way.FOUR_CORNERS;
            Parts.show(down, corners);
            Parts.show(downWords, corners);
            if (!square.isFocused()) {
                square.show(Optional.of(Length.ofMillimetres(grid.square())));
            }
            step.setText(step(grid));
            step.getStyleClass().remove("needs");
            if (isWrong(grid)) {
                step.getStyleClass().add("needs");
            }
        });
    }

    private static boolean isWrong(Grid grid) {
        return grid.marks().size() == grid.way().marks() && !words(grid).isEmpty();
    }

    private static String words(Grid grid) {
        try {
            grid.paper();
            return "";
        } catch (IllegalArgumentException wrong) {
            return wrong.getMessage() + ".";
        }
    }

    private static String step(Grid grid) {
        int set = grid.marks().size();
        if (set < grid.way().marks()) {
            return grid.way() == Grid.Way.TWO_POINTS
                    ? "Tap the " + (set == 0 ? "left" : "right") + " end of a line that runs across."
                    : "Tap the grid's corner "
                            + List.of(
                                            "above at the left.",
                                            "above at the right.",
                                            "below at the right.",
                                            "below at the left.")
                                    .get(set);
        }
        String wrong = words(grid);
        return wrong.isEmpty()
                ? "The grid lies on the picture. Does it lie on its lines? Drag a mark until it does."
                : wrong;
    }
}
