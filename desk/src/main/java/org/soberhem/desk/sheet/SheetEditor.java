package org.soberhem.desk.sheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.formula.SheetException;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.library.sheet.SheetText;
import org.soberhem.studio.Studio;

/**
 * Changes a sheet: its points in a table, or the whole of it as text, beside the drawing that follows. While something
 * is wrong the drawing stays as it was last right, and what is wrong is said at its place.
 */
public final class SheetEditor extends BorderPane {

    private static final double SIDE = 470;

    private final Studio studio;
    private final Label title = Parts.label("", "title");
    private final Label size = Parts.label("", "small", "soft");
    private final Paper paper = new Paper();
    private final PointsTable points;
    private final TextArea area = new TextArea();
    private final VBox problem = new VBox();
    private final ToggleButton asText = new ToggleButton("As text");
    private Consumer<SheetText> keep = text -> {};
    private Optional<Runnable> closed = Optional.empty();
    private Map<String, Inputs.Measured> measures = Map.of();
    private SheetText text = SheetText.of("");
    private String kept = "";

    public SheetEditor(Studio studio) {
        this.studio = studio;
        getStyleClass().addAll("panel", "sheet-editor");
        points = new PointsTable(this::changed, paper.pickProperty()::set);
        area.setId("sheet-area");
        area.getStyleClass().add("sheet-area");
        area.textProperty().addListener((was, before, now) -> {
            if (!now.equals(text.text())) {
                take(SheetText.of(now), false);
            }
        });
        area.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                keepIt();
            }
        });
        paper.pickProperty().addListener((was, before, now) -> points.pick(Optional.ofNullable(now)));
        setTop(head());
        setCenter(paper);
        setRight(side());
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                close();
                event.consume();
            }
        });
    }

    private HBox head() {
        var done = Parts.hinted(Parts.button("Done", this::close, "main"), "Esc");
        done.setId("editor-done");
        HBox head = new HBox(12, title, size, Parts.gap(), done);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 12, 8, 16));
        return head;
    }

    private VBox side() {
        ToggleButton asTable = new ToggleButton("Points");
        ToggleGroup group = new ToggleGroup();
        asTable.setToggleGroup(group);
        asText.setToggleGroup(group);
        asText.setId("editor-text");
        asTable.setId("editor-points");
        asTable.setSelected(true);
        Parts.show(area, false);
        group.selectedToggleProperty().addListener((was, before, now) -> {
            if (now == null) {
                before.setSelected(true);
                return;
            }
            Parts.show(area, now == asText);
            Parts.show(points, now == asTable);
            if (now == asTable) {
                keepIt();
                points.show(text);
            } else {
                area.setText(text.text());
            }
        });
        VBox.setVgrow(area, Priority.ALWAYS);
        VBox.setVgrow(points, Priority.ALWAYS);
        VBox side = new VBox(8, new HBox(6, asTable, asText), problem, points, area);
        side.setPadding(new Insets(0, 12, 12, 12));
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        return side;
    }

    /**
     * Opens a sheet.
     *
     * @param heading whose sheet it is
     * @param written the sheet
     * @param keeping gets it after each change, right or wrong
     * @param drawnFor the wearer's measurements; the middle size is drawn where they are not enough
     * @param whenClosed what is done when the maker is through
     */
    public void open(
            String heading,
            String written,
            Consumer<SheetText> keeping,
            Map<String, Inputs.Measured> drawnFor,
            Optional<Runnable> whenClosed) {
        title.setText(heading);
        keep = keeping;
        closed = whenClosed;
        measures = drawnFor;
        kept = written;
        Parts.show(this, true);
        paper.pickProperty().set(null);
        take(SheetText.of(written), true);
        area.setText(written);
        requestFocus();
    }

    /** Keeps what was typed and goes away. */
    public void close() {
        keepIt();
        Parts.show(this, false);
        closed.ifPresent(Runnable::run);
    }

    /** A change at the table is kept at once. */
    private void changed(SheetText now) {
        take(now, true);
        area.setText(now.text());
        keepIt();
    }

    private void keepIt() {
        if (!text.text().equals(kept)) {
            kept = text.text();
            keep.accept(text);
        }
    }

    private void take(SheetText now, boolean fillTable) {
        text = now;
        problem.getChildren().clear();
        now.problem().ifPresent(this::tell);
        if (fillTable) {
            points.show(now);
        }
        now.sheet().ifPresent(this::draw);
    }

    private void tell(SheetException wrong) {
        problem.getChildren()
                .add(new Tappable(
                        Parts.text(wrong.getMessage(), "needs"),
                        wrong.getMessage(),
                        () -> showLine(wrong.line()),
                        "obstacle"));
    }

    private void showLine(int line) {
        asText.setSelected(true);
        int from = 0;
        for (int i = 1; i < line && from >= 0; i++) {
            from = area.getText().indexOf('\n', from) + 1;
        }
        int end = area.getText().indexOf('\n', from);
        area.requestFocus();
        area.selectRange(from, end < 0 ? area.getLength() : end);
    }

    private void draw(CompiledSheet sheet) {
        Inputs inputs = new Inputs(measures, Map.of());
        boolean enough = sheet.requiredMeasures().stream()
                .allMatch(ids -> ids.stream().anyMatch(id -> inputs.find(id).isPresent()));
        Inputs drawn = enough ? inputs : sheet.middle();
        size.setText(enough ? "at the wearer's size" : "at the sheet's middle size");
        try {
            Draft draft = Drafter.draft(sheet, drawn);
            paper.show(new Paper.Scene(
                    title.getText(),
                    draft.pattern(),
                    Optional.empty(),
                    draft.plates(),
                    DraftingSteps.of(sheet, drawn).steps(),
                    Optional.empty(),
                    List.of(),
                    studio.format()));
        } catch (DraftException dead) {
            problem.getChildren().setAll(Parts.text(dead.sentence().in(studio.format()), "needs"));
        }
    }
}
