package org.soberhem.desk.silhouette;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** The silhouettes there are: read, chosen for the costume, copied, and the maker's own written with their rules. */
final class SilhouettesPanel extends BorderPane {

    private static final double LIST = 330;

    /** What is written when a rule is added, to be changed. */
    private static final String NEW_RULE = """
            - id: my-rule-%d
              quantity: skirt-hem-girth
              for: [skirt, gathered-skirt, petticoat]
              kind: likeness
              band: [2500, 3500]
              rim: [2200, 4000]
              judged: paper
              why: "Say here what it makes, and where it is seen."
              below: "Widen the hem by {amount}."
              above: "Narrow the hem by {amount}."
              weight: 2
              evidence: own reading of a picture
            """;

    private final Studio studio;
    private final SilhouetteDesk desk;
    private final OwnOutlines own;
    private final ListView<Silhouette.Header> list = new ListView<>();
    private final VBox about = new VBox(6);
    private final TextArea text = new TextArea();
    private final VBox writing;
    private final VBox said = new VBox();
    private final Button drop;
    private final FigurePane figure;
    private String costume = "";
    private final Filling filling = new Filling();

    SilhouettesPanel(Studio studio, SilhouetteDesk desk, FileDesk files) {
        this.studio = studio;
        this.desk = desk;
        own = new OwnOutlines(studio);
        figure = desk.figure(FigureView.FRONT, FigureView.SIDE, FigureView.BACK);
        list.setId("outlines");
        list.setPrefWidth(LIST);
        list.setMinWidth(LIST);
        list.setCellFactory(view -> new Named());
        list.getSelectionModel().selectedItemProperty().addListener(filling.heard(now -> show()));
        text.setId("outline-text");
        text.getStyleClass().add("writing");
        text.textProperty().addListener((was, before, now) -> check());
        text.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                keep();
            }
        });
        Button use = Parts.button("Take it for this costume", () -> chosen().ifPresent(desk::choose), "main");
        use.setId("outline-use");
        Button copy = Parts.button("Copy, to change it", this::copy);
        copy.setId("outline-copy");
        drop = Parts.button("Remove", () -> chosen().ifPresent(header -> own.drop(header.id())), "quiet");
        Button out = Parts.button(
                "Write to a file",
                () -> chosen().ifPresent(header -> files.write(
                        header.id() + ".yaml",
                        () -> own.text(header.id()).getBytes(StandardCharsets.UTF_8),
                        words -> studio.done().set(words))),
                "quiet");
        Button in = Parts.button(
                "Read from a file",
                () -> files.read(this::take, words -> studio.done().set(words)),
                "quiet");
        Button rule = Parts.button("Add a rule", this::addRule);
        rule.setId("outline-rule");
        writing = new VBox(6, new FlowPane(8, 6, rule), text, said);
        VBox.setVgrow(text, Priority.ALWAYS);
        VBox.setVgrow(writing, Priority.ALWAYS);
        VBox middle = new VBox(10, new FlowPane(8, 6, use, copy, drop, out, in), about, figure, writing);
        VBox.setVgrow(figure, Priority.ALWAYS);
        figure.plain();
        figure.setMinHeight(220);
        middle.getStyleClass().addAll("pad", "sheet");
        setLeft(list);
        setCenter(middle);
    }

    /** Years and name of a silhouette. */
    private static final class Named extends ListCell<Silhouette.Header> {
        @Override
        protected void updateItem(Silhouette.Header header, boolean empty) {
            super.updateItem(header, empty);
            setText(empty || header == null ? "" : header.from() + "–" + header.to() + "  " + header.title());
        }
    }

    private Optional<Silhouette.Header> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    }

    private boolean isOwn() {
        return chosen().filter(header -> own.isOwn(header.id())).isPresent();
    }

    void refresh() {
        filling.during(() -> {
            boolean same = costume.equals(studio.situation().costume().id());
            costume = studio.situation().costume().id();
            String was = chosen().filter(header -> same)
                    .map(Silhouette.Header::id)
                    .or(() -> desk.silhouette()
                            .map(silhouette -> silhouette.header().id()))
                    .orElse("");
            list.getItems().setAll(own.headers());
            list.getItems().stream()
                    .filter(header -> header.id().equals(was))
                    .findFirst()
                    .ifPresentOrElse(
                            header -> {
                                list.getSelectionModel().select(header);
                                list.scrollTo(header);
                            },
                            () -> list.getSelectionModel().selectFirst());
        });
        show();
    }

    private void show() {
        filling.during(() -> {
            boolean writable = isOwn();
            Parts.show(writing, writable);
            Parts.show(drop, writable);
            Parts.show(about, !writable);
            Parts.show(figure, !writable);
            about.getChildren().clear();
            chosen().ifPresent(header -> {
                if (writable) {
                    text.setText(own.text(header.id()));
                } else {
                    studio.judge().silhouettes().find(header.id()).ifPresent(this::describe);
                }
            });
        });
        check();
    }

    private void describe(Silhouette silhouette) {
        EvaluatedCostume at = studio.situation().judged();
        figure.show(
                new FigurePane.Shown(
                        studio.judge(),
                        at,
                        Optional.of(studio.judge().dressing().outline(silhouette, at.subject())),
                        List.of(),
                        Optional.empty(),
                        "on " + at.wearer().name() + ", dressed as now"),
                studio.format());
        about.getChildren()
                .addAll(
                        Parts.text(silhouette.header().title(), "title"),
                        Parts.text(
                                silhouette.header().from() + " to "
                                        + silhouette.header().to() + ", "
                                        + silhouette.header().place() + "; " + silhouette.wornBy(),
                                "soft"),
                        line("Wears", String.join(", ", silhouette.wears())),
                        line("Over", String.join(", ", silhouette.over())),
                        line("Closes", silhouette.closures()),
                        line("Cloth", silhouette.cloth()),
                        line("Stands", silhouette.posture()));
        silhouette.marks().forEach((part, words) -> about.getChildren().add(line(part, words)));
        about.getChildren().add(line("Often wrong", String.join("; ", silhouette.mistakes())));
        about.getChildren()
                .add(Parts.text(
                        silhouette.rules().size()
                                + " rules and proportions, all from memory or common practice as each says. A copy can be changed: "
                                + "its rules, its outline, its years.",
                        "small",
                        "soft"));
    }

    private static Node line(String name, String words) {
        return Parts.text(Character.toUpperCase(name.charAt(0)) + name.substring(1) + ": " + words);
    }

    private void copy() {
        chosen().ifPresent(header -> select(own.copy(header.id())));
    }

    private void take(String content, String name) {
        try {
            own.take(content);
            refresh();
        } catch (SheetException wrong) {
            studio.done().set("Not taken: " + name + ", " + wrong.getMessage());
        }
    }

    private void addRule() {
        String written = text.getText();
        int number = 1;
        while (written.contains("my-rule-" + number + "\n")) {
            number++;
        }
        String with = written.replaceFirst("(?m)^rules:.*$", "rules:");
        text.setText((with.endsWith("\n") ? with : with + "\n")
                + (with.contains("\nrules:") ? "" : "rules:\n")
                + NEW_RULE.formatted(number));
        text.positionCaret(text.getLength());
        keep();
    }

    /** Says what is wrong while it is written; right or wrong it is kept. */
    private void check() {
        said.getChildren().clear();
        if (!isOwn()) {
            return;
        }
        try {
            Silhouette read = studio.library().silhouetteReader().read(text.getText());
            said.getChildren()
                    .add(Parts.text("● It can be read: " + read.rules().size() + " rules and proportions.", "soft"));
        } catch (SheetException wrong) {
            said.getChildren().add(Parts.text("▲ " + wrong.getMessage(), "needs"));
        }
    }

    private void keep() {
        if (filling.isOn() || !isOwn()) {
            return;
        }
        String id = chosen().orElseThrow().id();
        if (!text.getText().equals(own.text(id))) {
            select(own.keep(id, text.getText()));
        }
    }

    private void select(String id) {
        refresh();
        list.getItems().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .ifPresent(list.getSelectionModel()::select);
    }
}
