package org.soberhem.desk.sheet;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.judging.Target;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.trace.TraceView;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.Thumbnail;
import org.soberhem.files.exchange.SvgOutlines;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.sheet.SheetText;
import org.soberhem.library.sheet.TracingFile;
import org.soberhem.studio.OfferedSheet;
import org.soberhem.studio.Studio;
import org.soberhem.studio.TracingCommands;

/** The shelf: all draft sheets, what each is, and the editor of the maker's own. */
public final class ShelfView extends StackPane implements AutoCloseable {

    private static final double SIDE = 400;

    private final Studio studio;
    private final FileDesk files;
    private final SheetChooser chooser;
    private final VBox about = new VBox(8);
    private final VBox unfinished = new VBox(6);
    private final Label said = Parts.text("", "soft");
    private final SheetEditor editor;
    private final TracingCommands beginnings;
    private final TraceView tracing;
    private final FlowPane tracings = new FlowPane(8, 8);
    private String shown = "";

    /** @param files where sheets go to and come from */
    public ShelfView(Studio studio, FileDesk files) {
        this.studio = studio;
        this.files = files;
        chooser = new SheetChooser(studio, false, offered -> show(offered.id()));
        editor = new SheetEditor(studio);
        Parts.show(editor, false);
        KeptPictures pictures = new KeptPictures(studio.keeper(), files);
        beginnings = new TracingCommands(studio);
        tracing = new TraceView(studio, files, beginnings, this::refresh);
        Button read = Parts.button("Read a sheet from a file", this::read);
        read.setId("import-sheet");
        Button trace = Parts.button(
                "Trace a picture",
                () -> pictures.ask((content, name) -> beginnings.picture(content, name, tracing::open), said::setText));
        trace.setId("trace-new");
        Button numbers = Parts.button("Enter by numbers", () -> tracing.open(beginnings.numbers()));
        numbers.setId("trace-numbers");
        HBox head = new HBox(12, Parts.label("Draft sheets", "title"), Parts.gap(), said, trace, numbers, read);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox list = new VBox(12, head, tracings, chooser);
        list.setPadding(new Insets(20, 20, 12, 28));
        VBox.setVgrow(chooser, Priority.ALWAYS);
        HBox.setHgrow(list, Priority.ALWAYS);
        about.getStyleClass().addAll("pad");
        ScrollPane side = Parts.scroll(new VBox(about, unfinished));
        unfinished.getStyleClass().add("pad");
        side.getStyleClass().add("panel");
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        HBox both = new HBox(list, side);
        getChildren().addAll(both, editor, tracing);
    }

    /** Reads the shelf again. */
    public void refresh() {
        chooser.refresh();
        showTracings();
        List<OfferedSheet> all = studio.sheets().offered();
        if (all.stream().noneMatch(each -> each.id().equals(shown))) {
            shown = all.get(0).id();
        }
        show(shown);
        if (studio.navigation().target().get() instanceof Target.Tracing asked) {
            studio.navigation().target().set(Target.PLACE);
            tracing.open(asked.id());
        }
    }

    private void show(String id) {
        shown = id;
        chooser.mark(id);
        about.getChildren().clear();
        studio.sheets().offered().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .ifPresent(this::describe);
        unfinished.getChildren().clear();
        studio.maker().sheets().forEach((own, text) -> {
            if (SheetText.of(text).sheet().isEmpty()) {
                unfinished
                        .getChildren()
                        .add(new HBox(
                                8,
                                Parts.text(own + " cannot be drawn yet", "needs"),
                                Parts.button("Go on with it", () -> edit(own)),
                                Parts.button("Remove", () -> drop(own))));
            }
        });
    }

    private void showTracings() {
        tracings.setAlignment(Pos.CENTER_LEFT);
        tracings.getChildren().setAll(Parts.label("Tracings", "soft"));
        studio.maker().tracings().forEach((id, begun) -> {
            Tappable each = new Tappable(
                    Parts.label(begun.about().title()),
                    "Go on with " + begun.about().title(),
                    () -> tracing.open(id),
                    "trace-piece");
            each.setId("tracing-" + id);
            tracings.getChildren().add(each);
        });
        Parts.show(tracings, !studio.maker().tracings().isEmpty());
    }

    private void describe(OfferedSheet offered) {
        DraftSheet sheet = offered.sheet().sheet();
        FlowPane actions = new FlowPane(8, 8);
        if (offered.own()) {
            actions.getChildren()
                    .addAll(
                            identified("edit-sheet", Parts.button("Change it", () -> edit(offered.id()), "main")),
                            Parts.button("Remove", () -> drop(offered.id())));
        } else {
            actions.getChildren()
                    .add(identified(
                            "copy-sheet",
                            Parts.button(
                                    "Copy it to change it",
                                    () -> edit(studio.sheets().copy(offered.id())),
                                    "main")));
        }
        actions.getChildren()
                .add(
                        identified(
                                "graft-sheet",
                                Parts.hinted(
                                        Parts.button(
                                                "Put edges of another on it",
                                                () -> tracing.open(beginnings.sheet(offered.sheet()))),
                                        "Its lines as they are drawn, copied: a neck or a sleeve head of another pattern laid on")));
        actions.getChildren()
                .add(identified("export-sheet", Parts.button("Write it to a file", () -> write(offered.id()))));
        about.getChildren()
                .addAll(
                        Parts.text(sheet.about().title(), "title"),
                        Parts.text(sheet.about().place() + ", " + sheet.about().from() + " to "
                                + sheet.about().to()),
                        Parts.text("System: " + sheet.about().system(), "soft"),
                        new Thumbnail(
                                Drafter.draft(offered.sheet(), offered.sheet().middle())
                                        .pattern(),
                                SIDE - 50,
                                190),
                        actions);
        list(
                "Measurements it needs",
                offered.sheet().requiredMeasures().stream()
                        .map(ids -> String.join(" or ", ids).replace('-', ' '))
                        .toList());
        list("Cautions", sheet.about().cautions());
        list(
                "Where it comes from",
                sheet.about().sources().stream().map(SheetSource::words).toList());
        list("Sewing order", sheet.sewing());
    }

    private static Button identified(String id, Button button) {
        button.setId(id);
        return button;
    }

    private void list(String title, List<String> lines) {
        if (!lines.isEmpty()) {
            about.getChildren().add(Parts.label(title, "caps"));
            lines.forEach(line -> about.getChildren().add(Parts.text("· " + line, "small")));
        }
    }

    private void edit(String id) {
        shown = id;
        editor.open(
                "Your sheet " + id,
                studio.sheets().text(id),
                text -> studio.sheets().change(id, text.text()),
                Map.of(),
                Optional.of(this::refresh));
    }

    private void drop(String id) {
        studio.sheets().remove(id);
        refresh();
    }

    private void write(String id) {
        byte[] text = studio.sheets().text(id).getBytes(StandardCharsets.UTF_8);
        files.write(id + ".yaml", () -> text, said::setText);
    }

    private void read() {
        files.read(
                (content, name) -> {
                    String stem = name.replaceFirst("\\.(ya?ml|svg)$", "");
                    if (name.endsWith(".svg")) {
                        drawing(name, stem, content);
                        return;
                    }
                    if (TracingFile.isTracing(content)) {
                        tracing(name, content);
                        return;
                    }
                    String id = studio.sheets().add(FileDesk.nameOf(stem), content);
                    SheetText taken = SheetText.of(studio.sheets().text(id));
                    said.setText(taken.problem()
                            .map(problem -> name + ", " + problem.getMessage() + ". It is kept, unfinished.")
                            .orElse("Read: " + name));
                    if (taken.sheet().isPresent()) {
                        shown = id;
                    }
                    refresh();
                },
                said::setText);
    }

    /** A drawing at a stated scale becomes a tracing, whose edges and heights are named next. */
    private void drawing(String name, String stem, String svg) {
        try {
            tracing.open(beginnings.drawing(SvgOutlines.tracing(stem, SvgOutlines.read(svg, OptionalDouble.empty()))));
        } catch (FormatException wrong) {
            said.setText("Not read: " + name + ". " + wrong.getMessage());
        }
    }

    private void tracing(String name, String content) {
        try {
            tracing.open(beginnings.drawing(TracingFile.read(content)));
        } catch (SheetException wrong) {
            said.setText("Not read: " + name + ", " + wrong.getMessage());
        }
    }

    @Override
    public void close() {
        tracing.close();
    }
}
