package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.WayComparison;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.ScaledSheet;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/**
 * The drawing brought to a wearer's size in three ways, with how far each misses every landmark; and where it goes from
 * here.
 */
final class ScaledPanel extends VBox {

    private static final Map<String, String> WORDS =
            Map.of("landmarks", "by landmarks", "across-and-along", "across and along", "one-factor", "one factor");

    /** An error that a maker would see, in millimetres. */
    private static final double SEEN = 3;

    private final TraceDesk desk;
    private final Consumer<List<Drawn>> drawn;
    private final ChoiceBox<Costume> costume = new ChoiceBox<>();
    private final Label missing = Parts.text("", "needs");
    private final Label without = Parts.text("", "small", "soft");
    private final GridPane table = new GridPane();
    private final VBox actions = new VBox(8);
    private final Label said = Parts.text("", "small", "settled");

    /** A drawing to show. */
    record Drawn(String title, Pattern pattern) {}

    /** @param drawn gets the drawings to show side by side */
    ScaledPanel(TraceDesk desk, Consumer<List<Drawn>> drawn) {
        super(10);
        this.desk = desk;
        this.drawn = drawn;
        costume.setId("scaled-costume");
        costume.setMaxWidth(Double.MAX_VALUE);
        costume.setConverter(
                Parts.words(each -> desk.studio().histories().wearer(each).name() + ", for " + each.title()));
        costume.valueProperty().addListener((was, before, now) -> fill());
        table.setHgap(10);
        table.setVgap(3);
        getChildren().addAll(Parts.label("For", "caps"), costume, missing, without, table, actions, said);
    }

    void show() {
        Studio studio = desk.studio();
        Costume kept = costume.getValue();
        Parts.offer(
                costume.getItems(),
                studio.histories().allCostumes().stream()
                        .filter(each ->
                                studio.histories().wearer(each).set(each.set()).isPresent())
                        .sorted(Comparator.comparing(
                                each -> unread(inputs(each)).size()))
                        .toList());
        if (kept == null || !costume.getItems().contains(kept)) {
            costume.setValue(costume.getItems().stream()
                    .filter(each -> studio.situation() != null
                            && each.id().equals(studio.situation().costume().id()))
                    .findFirst()
                    .orElse(
                            costume.getItems().isEmpty()
                                    ? null
                                    : costume.getItems().get(0)));
        }
        fill();
    }

    private void fill() {
        table.getChildren().clear();
        actions.getChildren().clear();
        said.setText("");
        without.setText("");
        drawn.accept(List.of());
        TraceDesk.Made made = desk.sheet();
        String wrong = made.wrong().isEmpty() ? "" : made.wrong() + ".";
        if (made.sheet().isPresent()) {
            if (costume.getValue() != null) {
                wrong = draw();
            }
            keepSheet(made.text());
        }
        missing.setText(wrong);
        Parts.show(missing, !wrong.isEmpty());
        Parts.show(without, !without.getText().isEmpty());
    }

    private void keepSheet(String text) {
        Button keep = Parts.button("Keep it as a sheet", () -> {
            desk.keepSheet(text);
            said.setText("It stands on the shelf as " + desk.id() + ".");
        });
        keep.setId("keep-sheet");
        actions.getChildren().add(keep);
    }

    /** Landmarks that the wearer has no reading of are not scaled by. */
    private List<DrawnBodyMeasure> unread(Inputs inputs) {
        return desk.made().stream()
                .filter(DrawnBodyMeasure::used)
                .filter(each -> each.landmark().measures().stream()
                        .noneMatch(measure -> inputs.find(measure).isPresent()))
                .toList();
    }

    private Inputs inputs(Costume at) {
        Studio studio = desk.studio();
        return studio.makersLibrary()
                .resolver()
                .inputs(studio.histories().wearer(at).set(at.set()).orElseThrow(), at, Map.of());
    }

    private String draw() {
        Costume at = costume.getValue();
        Inputs inputs = inputs(at);
        List<DrawnBodyMeasure> unread = desk.tracing().chart().isEmpty() ? unread(inputs) : List.of();
        TraceDesk.Made made =
                desk.sheet(unread.stream().map(each -> each.landmark().id()).toList());
        if (!unread.isEmpty()) {
            without.setText("Not read of "
                    + desk.studio().histories().wearer(at).name() + ", so it is scaled without: "
                    + String.join(
                            ", ",
                            unread.stream()
                                    .map(each -> each.landmark().title().toLowerCase(Locale.ROOT))
                                    .toList())
                    + ".");
        }
        if (made.sheet().isEmpty()) {
            return made.wrong() + ".";
        }
        CompiledSheet sheet = made.sheet().get();
        Button add = Parts.button("Add it to " + at.title(), () -> addTo(at, made.text()), "main");
        add.setId("add-to-costume");
        actions.getChildren().add(add);
        if (sheet.sheet().choices().containsKey(ScaledSheet.SCALING)) {
            return compare(WayComparison.of(sheet, inputs, ScaledSheet.SCALING));
        }
        try {
            Pattern pattern = Drafter.draft(sheet, inputs).pattern();
            desk.sizeFor(inputs)
                    .ifPresent(size -> without.setText(size.in(desk.studio().format()) + "."));
            drawn.accept(List.of(new Drawn("as drawn", pattern)));
            checks(Checks.of(sheet, inputs, pattern));
            return "";
        } catch (DraftException refused) {
            return refused.sentence().in(desk.studio().format()) + ".";
        }
    }

    private void addTo(Costume at, String text) {
        Studio studio = desk.studio();
        studio.open(at.id());
        studio.garments().addFromText(text);
        studio.navigation().place().set(Optional.of(Stage.DRAFT));
    }

    private String compare(WayComparison compared) {
        List<Drawn> drawings = new ArrayList<>();
        String refused = "";
        table.add(Parts.label("wanted", "small", "soft"), 1, 0);
        for (int i = 0; i < compared.ways().size(); i++) {
            WayComparison.Way way = compared.ways().get(i);
            String words = WORDS.get(way.name());
            Label head = Parts.text(words, "small", "soft");
            head.setMaxWidth(62);
            table.add(head, i + 2, 0);
            way.pattern().ifPresent(pattern -> drawings.add(new Drawn(words, pattern)));
            refused = way.refused().isEmpty() ? refused : way.refused() + ".";
        }
        for (int r = 0; r < compared.rows().size(); r++) {
            WayComparison.Row row = compared.rows().get(r);
            table.add(Parts.label(row.name(), "small"), 0, r + 1);
            table.add(Parts.label(desk.studio().format().format(row.wanted()), "small"), 1, r + 1);
            for (int i = 0; i < row.errors().size(); i++) {
                table.add(error(row.errors().get(i)), i + 2, r + 1);
            }
        }
        drawn.accept(drawings);
        return refused;
    }

    private Label error(double error) {
        if (Double.isNaN(error)) {
            return Parts.label("–", "small", "soft");
        }
        if (Math.abs(error) < SEEN) {
            return Parts.label("✓", "small", "settled");
        }
        return Parts.label((error > 0 ? "+" : "−") + desk.studio().format().format(Math.abs(error)), "small", "needs");
    }

    private void checks(List<CheckResult> checks) {
        for (int i = 0; i < checks.size(); i++) {
            CheckResult check = checks.get(i);
            table.add(
                    Parts.text(check.sentence().in(desk.studio().format()), "small", check.passes() ? "soft" : "needs"),
                    0,
                    i);
        }
    }
}
