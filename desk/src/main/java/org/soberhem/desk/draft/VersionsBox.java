package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.event.ActionEvent;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/**
 * The versions of a garment as a tree: what each was worn as, any two laid over each other, and how to go on from one.
 */
final class VersionsBox extends VBox {

    private static final double INDENT = 16;

    /** A state of the pattern that can be compared. */
    private record State(String words, Optional<Version> version) {}

    private static final State NOW = new State("as it stands", Optional.empty());

    private final Studio studio;
    private final AlterationCommands desk;
    private final BiConsumer<Optional<Pattern>, Optional<Pattern>> preview;
    private final TextField why = new TextField();
    private final VBox tree = new VBox(6);
    private final ChoiceBox<State> one = new ChoiceBox<>();
    private final ChoiceBox<State> other = new ChoiceBox<>();
    private final VBox differences = new VBox(2);
    private final HBox comparing;
    private DraftedGarment work;

    /** @param preview gets two states to lay over each other, the first as it is and the second as a ghost */
    VersionsBox(Studio studio, AlterationCommands desk, BiConsumer<Optional<Pattern>, Optional<Pattern>> preview) {
        super(8);
        this.studio = studio;
        this.desk = desk;
        this.preview = preview;
        why.setPromptText("what it is made for");
        why.setId("version-why");
        HBox.setHgrow(why, Priority.ALWAYS);
        Button name =
                Parts.hinted(Parts.button("Name a version", this::name), "The pattern as it stands is kept for ever");
        name.setId("version-name");
        why.setOnAction(event -> name());
        HBox naming = new HBox(8, why, name);
        naming.setAlignment(Pos.CENTER_LEFT);
        for (ChoiceBox<State> choice : List.of(one, other)) {
            choice.setConverter(Parts.words(State::words));
            choice.setMaxWidth(Double.MAX_VALUE);
            choice.valueProperty().addListener((was, before, now) -> compare());
            HBox.setHgrow(choice, Priority.ALWAYS);
        }
        one.setId("version-one");
        other.setId("version-other");
        comparing = new HBox(6, one, Parts.label("with", "soft"), other);
        comparing.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Parts.label("Versions", "caps"), naming, tree, comparing, differences);
    }

    private void name() {
        desk.name(why.getText());
        why.setText("");
    }

    void show(Garment garment, DraftedGarment shown) {
        work = shown;
        tree.getChildren().clear();
        if (!garment.origin().isEmpty()) {
            tree.getChildren().add(Parts.text("Begun " + garment.origin() + ".", "small", "soft"));
        }
        if (garment.versions().isEmpty()) {
            tree.getChildren().add(Parts.text("None yet. Each mock-up names one; nothing is ever cut up.", "soft"));
        }
        branch(garment, 0, 0);
        List<State> states = new ArrayList<>(List.of(NOW));
        garment.versions().forEach(each -> states.add(new State("version " + each.number(), Optional.of(each))));
        Parts.show(comparing, states.size() > 1);
        Parts.offer(one.getItems(), states);
        Parts.offer(other.getItems(), states);
        for (ChoiceBox<State> choice : List.of(one, other)) {
            if (choice.getValue() == null || !states.contains(choice.getValue())) {
                choice.setValue(NOW);
            }
        }
    }

    private void branch(Garment garment, int after, int depth) {
        for (Version version : garment.versions()) {
            if (version.after() == after) {
                tree.getChildren().add(row(garment, version, depth));
                branch(garment, version.number(), depth + 1);
            }
        }
    }

    private VBox row(Garment garment, Version version, int depth) {
        boolean base = garment.base() == version.number();
        boolean unchanged = studio.situation().judgement().since(garment) == SinceVersion.UNCHANGED;
        String mark = base ? unchanged ? "● " : "◐ " : "○ ";
        VBox row = new VBox(
                1, Parts.text(mark + "Version " + version.number() + ", " + version.date() + ": " + version.why()));
        row.setPadding(new Insets(0, 0, 0, depth * INDENT));
        String worn = desk.worn(version);
        if (!worn.isEmpty()) {
            row.getChildren().add(Parts.text(worn, "small", "soft"));
        }
        FlowPane keys = new FlowPane(2, 2);
        if (!base || !unchanged) {
            Button on = Parts.hinted(
                    Parts.button("go on from it", () -> desk.takeUp(version), "quiet", "small"),
                    "The next version comes after this one");
            on.setId("version-on-" + version.number());
            keys.getChildren().add(on);
        }
        keys.getChildren().addAll(elsewhere(version), whom(version, row), copy(version), remade(version));
        row.getChildren().add(keys);
        if (desk.isStale(version)) {
            row.getChildren()
                    .add(Parts.text(
                            "Its recipe now gives something else than it did; the version stays as it was cut.",
                            "small",
                            "needs"));
            keys.getChildren().add(Parts.button("name what it gives now", () -> desk.renew(version), "quiet", "small"));
        }
        return row;
    }

    /** Shows beneath a version which bodies it would serve. */
    private Button whom(Version version, VBox row) {
        Button button = Parts.hinted(
                Parts.button(
                        "whom it serves",
                        () -> desk.serves(version)
                                .forEach(each -> row.getChildren()
                                        .add(Parts.text("· " + each.in(studio.format()), "small", "soft"))),
                        "quiet",
                        "small"),
                "Between which measurements it fits, as it is and let out");
        button.setId("version-serves-" + version.number());
        button.addEventHandler(ActionEvent.ACTION, event -> button.setDisable(true));
        return button;
    }

    private Button copy(Version version) {
        Button button = Parts.hinted(
                Parts.button("trace a copy", () -> desk.traceCopy(version), "quiet", "small"),
                "Its outlines as a tracing, to be scaled or combined; the version stays as it is");
        button.setId("version-copy-" + version.number());
        return button;
    }

    private Button remade(Version version) {
        Button button = Parts.hinted(
                Parts.button("remake it", () -> desk.remake(version), "quiet", "small"),
                "Begins a costume from the finished garment: its cloth is cut, and only what it allows can be done");
        button.setId("version-remake-" + version.number());
        return button;
    }

    private MenuButton elsewhere(Version version) {
        MenuButton menu = new MenuButton("use in another costume");
        menu.getStyleClass().addAll("quiet", "small");
        menu.setId("version-branch-" + version.number());
        for (Costume costume : studio.histories().allCostumes()) {
            if (!costume.id().equals(studio.situation().costume().id())) {
                MenuItem item = new MenuItem(costume.title());
                item.setOnAction(event -> desk.branch(version, costume));
                menu.getItems().add(item);
            }
        }
        return menu;
    }

    private void compare() {
        differences.getChildren().clear();
        if (work == null || one.getValue() == null || other.getValue() == null) {
            return;
        }
        if (one.getValue().equals(other.getValue())) {
            preview.accept(Optional.empty(), Optional.empty());
            return;
        }
        Optional<Pattern> main = pattern(one.getValue());
        Optional<Pattern> ghost = pattern(other.getValue());
        if (main.isEmpty() || ghost.isEmpty()) {
            differences.getChildren().add(Parts.text("One of them cannot be drawn any more.", "needs"));
            return;
        }
        List<Effect> effects = Effect.between(ghost.get(), main.get());
        for (Effect effect : effects) {
            differences.getChildren().add(Parts.text(effect.sentence().in(studio.format()), "small", "soft"));
        }
        if (effects.isEmpty()) {
            differences.getChildren().add(Parts.text("No girth or length differs by a sixteenth of an inch.", "soft"));
        }
        preview.accept(main, ghost);
    }

    private Optional<Pattern> pattern(State state) {
        return state.version().isPresent() ? desk.pattern(state.version().get()) : Optional.of(work.pattern());
    }
}
