package org.soberhem.desk.tape;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Reading;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** The readings of a set: three fields a row, their mean and spread, and what is odd about them. */
final class ReadingRows extends VBox {

    private static final double NAME = 200;
    private static final double FIELD = 74;
    private static final double MEAN = 84;
    private static final double SPREAD = 44;

    private static final PseudoClass PLAIN = PseudoClass.getPseudoClass("plain");

    private final Studio studio;
    private final TapeDesk desk;
    private final Map<String, String> said = new HashMap<>();
    private final Map<String, HBox> byMeasure = new HashMap<>();
    private List<TapeDesk.Row> shown = List.of();
    private String shownFor = "";
    private List<Doubt> doubts = List.of();
    private Map<String, String> missed = Map.of();

    ReadingRows(Studio studio, TapeDesk desk) {
        this.studio = studio;
        this.desk = desk;
        desk.measureProperty().addListener((was, before, now) -> mark());
    }

    void refresh() {
        List<TapeDesk.Row> rows = desk.rows();
        String now = desk.setProperty().get() + desk.postureProperty().get() + studio.format() + desk.doubts() + missed;
        if (rows.equals(shown) && now.equals(shownFor)) {
            return;
        }
        Optional<String> focused = focused();
        doubts = desk.doubts();
        shown = rows;
        shownFor = now;
        getChildren().clear();
        byMeasure.clear();
        boolean others = false;
        getChildren().add(Parts.label("Needed for this costume", "caps", "rows-head"));
        for (TapeDesk.Row row : rows) {
            if (!row.needed() && !others) {
                others = true;
                getChildren().add(Parts.label("Also read", "caps", "rows-head"));
            }
            getChildren().add(row(row));
        }
        mark();
        focused.map(id -> lookup("#" + id)).ifPresent(Node::requestFocus);
    }

    /** Writes beside the readings how far the stand lies from them, by measure. */
    void missed(Map<String, String> words) {
        missed = words;
        refresh();
    }

    /** Puts the keyboard into the first field of a measure. */
    void focus(String measure) {
        byMeasure.entrySet().stream()
                .filter(entry -> entry.getKey().startsWith(measure + "-"))
                .findFirst()
                .map(entry -> lookup("#reading-" + entry.getKey() + "-0"))
                .ifPresent(Node::requestFocus);
    }

    private Optional<String> focused() {
        return Optional.ofNullable(getScene())
                .map(Scene::getFocusOwner)
                .filter(LengthField.class::isInstance)
                .map(Node::getId);
    }

    private static String key(TapeDesk.Row row) {
        return row.measure().id() + "-" + row.side().name().toLowerCase(Locale.ROOT);
    }

    private HBox row(TapeDesk.Row row) {
        Label name = Parts.label(TapeDesk.name(row), "figure");
        Label note = Parts.text("", "small", "needs");
        VBox names = new VBox(0, name, note);
        names.setAlignment(Pos.CENTER_LEFT);
        names.setMinWidth(NAME);
        names.setPrefWidth(NAME);
        HBox line = new HBox(8, names);
        line.getStyleClass().add("measure-row");
        for (int place = 0; place < Reading.MOST; place++) {
            line.getChildren().add(field(row, place, note));
        }
        Label mean = Parts.label(
                row.reading().map(r -> studio.format().format(r.mean())).orElse("—"), "mean");
        mean.setMinWidth(MEAN);
        if (!row.counts()) {
            mean.getStyleClass().add("provisional");
            Parts.hinted(mean, "Taken over other layers than the costume's: it no longer counts");
        }
        line.getChildren().add(mean);
        if (row.measure().sided() && row.side() == Side.MIDDLE && row.reading().isPresent()) {
            line.getChildren()
                    .add(Parts.hinted(
                            Parts.button("L R", () -> desk.apart(row), "quiet"), "Read left and right apart"));
        } else {
            Label spread = Parts.label(
                    row.reading()
                            .filter(r -> r.taken().size() > 1)
                            .map(r -> "± " + studio.format().number(r.spread()))
                            .orElse(""),
                    "small",
                    "soft");
            spread.setMinWidth(SPREAD);
            line.getChildren().add(spread);
        }
        note(row, note);
        line.addEventFilter(
                MouseEvent.MOUSE_PRESSED,
                event -> desk.measureProperty().set(row.measure().id()));
        byMeasure.put(key(row), line);
        return line;
    }

    private LengthField field(TapeDesk.Row row, int place, Label note) {
        LengthField field = LengthField.ofEntries(studio::format, entry -> accept(row, place, entry));
        Optional<LengthEntry> taken = row.reading()
                .filter(r -> place < r.taken().size())
                .map(r -> r.taken().get(place));
        field.show(taken.map(LengthEntry::value));
        field.onCleared(() -> desk.wipe(row, place));
        field.onEntered(() -> goOn(row, place));
        field.setId("reading-" + key(row) + "-" + place);
        field.setMinWidth(FIELD);
        field.setPrefWidth(FIELD);
        boolean next = place <= row.reading().map(r -> r.taken().size()).orElse(0);
        field.setDisable(!next || desk.set().isEmpty());
        taken.ifPresent(entry -> Parts.hinted(field, "typed: " + entry.typed()));
        field.faultProperty().addListener((was, before, now) -> {
            note.setText(now);
            Parts.show(note, !now.isEmpty());
        });
        field.focusedProperty().addListener((was, before, now) -> {
            if (now) {
                desk.measureProperty().set(row.measure().id());
            }
        });
        return field;
    }

    private void accept(TapeDesk.Row row, int place, LengthEntry entry) {
        EntryJudgement judgement = desk.read(row, place, entry);
        said.remove(key(row));
        judgement
                .sentence()
                .filter(words -> judgement.refused())
                .ifPresent(words -> said.put(key(row), words.in(studio.format())));
        shown = List.of();
        refresh();
    }

    /** Puts the keyboard into the next field: of the same measure, or of the next one. */
    private void goOn(TapeDesk.Row from, int place) {
        List<String> keys = shown.stream().map(ReadingRows::key).toList();
        int at = keys.indexOf(key(from));
        boolean same = place + 1 < Reading.MOST && isOpen(key(from), place + 1);
        String next = same
                ? "#reading-" + key(from) + "-" + (place + 1)
                : "#reading-" + keys.get(Math.min(at + 1, keys.size() - 1)) + "-0";
        Optional.ofNullable(lookup(next)).ifPresent(field -> Parts.focus(this, field));
    }

    private boolean isOpen(String key, int place) {
        Node field = lookup("#reading-" + key + "-" + place);
        return field != null && !field.isDisabled();
    }

    private void note(TapeDesk.Row row, Label note) {
        String doubted = doubts.stream()
                .filter(doubt -> doubt.measures().stream()
                        .findFirst()
                        .filter(row.measure().id()::equals)
                        .isPresent())
                .map(doubt -> "? " + doubt.kind().words())
                .findFirst()
                .orElse("");
        String words = said.getOrDefault(key(row), doubted);
        boolean plain = words.isEmpty();
        note.pseudoClassStateChanged(ReadingRows.PLAIN, plain);
        note.setText(plain ? missed.getOrDefault(row.measure().id(), "") : words);
        Parts.show(note, !note.getText().isEmpty());
    }

    private void mark() {
        byMeasure.forEach((key, line) -> line.pseudoClassStateChanged(
                Parts.SELECTED, key.startsWith(desk.measureProperty().get() + "-")));
    }
}
