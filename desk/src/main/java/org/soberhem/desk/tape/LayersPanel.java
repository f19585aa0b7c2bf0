package org.soberhem.desk.tape;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.OverLayers;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.print.DressingCardPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.studio.Studio;

/** The foundation layers in dressing order: what each is and does, and the maker's own stacks. */
final class LayersPanel extends BorderPane {

    private final Studio studio;
    private final TapeDesk tape;
    private final StackDesk desk;
    private final FileDesk files;
    private final ChoiceBox<LayerStack> stacks = new ChoiceBox<>();
    private final ComboBox<Layer> more = new ComboBox<>();
    private final TextField title = new TextField();
    private final Label said = Parts.text("", "small", "needs");
    private final VBox order = new VBox(0);
    private final VBox side = new VBox(6);
    private final LayeredStand stand;
    private final Button wear;
    private String shownCostume = "";
    private final Filling filling = new Filling();

    LayersPanel(Studio studio, TapeDesk tape, FileDesk files) {
        this.studio = studio;
        this.tape = tape;
        this.files = files;
        desk = new StackDesk(studio);
        stand = new LayeredStand(studio);
        stacks.setConverter(Parts.words(stack -> stack.title()));
        stacks.setMaxWidth(440);
        stacks.setId("stacks");
        stacks.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.lookAt(now.id());
            }
        });
        wear = Parts.button("Wear the costume over this", this::wear, "main");
        wear.setId("wear-over");
        Button card = Parts.button("Dressing card (PDF)", this::card);
        card.setId("dressing-card");
        FlowPane head = new FlowPane(8, 6, stacks, wear, card);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(10, 16, 8, 16));
        head.getStyleClass().add("band");
        ScrollPane scroll = Parts.scroll(order);
        scroll.getStyleClass().add("sheet");
        side.setPadding(new Insets(12, 14, 12, 14));
        stand.setPadding(new Insets(4, 14, 12, 14));
        VBox whole = new VBox(side, stand);
        whole.getStyleClass().add("raised");
        ScrollPane sideScroll = Parts.scroll(whole);
        side.getStyleClass().add("raised");
        sideScroll.setFitToHeight(true);
        sideScroll.getStyleClass().add("panel");
        sideScroll.setPrefWidth(300);
        sideScroll.setMinWidth(300);
        setTop(head);
        setCenter(scroll);
        setBottom(foot());
        setRight(sideScroll);
        desk.stackProperty().addListener((was, before, now) -> show());
    }

    /** One more layer, and a name to save the stack by. */
    private FlowPane foot() {
        more.setConverter(Parts.words(layer -> layer.name() + " (" + layer.from() + "–" + layer.to() + ")"));
        more.setMaxWidth(260);
        more.setId("more-layers");
        more.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.add(now);
            }
        });
        title.setPromptText("name of your own stack");
        title.setId("stack-title");
        title.setOnAction(event -> save());
        Button save = Parts.button("Save as my own", this::save);
        save.setId("save-stack");
        FlowPane foot = new FlowPane(8, 6, Parts.label("One more layer", "soft"), more, title, save, said);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setPadding(new Insets(8, 16, 8, 16));
        foot.getStyleClass().add("foot");
        return foot;
    }

    private void save() {
        said.setText(desk.save(title.getText()).orElse(""));
        if (said.getText().isEmpty()) {
            title.clear();
            refresh();
        }
    }

    private void wear() {
        desk.stackProperty().get().ifPresent(stack -> tape.wearOver(stack.id()));
        refresh();
    }

    private void card() {
        desk.stackProperty()
                .get()
                .ifPresent(stack -> files.write(
                        FileDesk.nameOf("dressing " + stack.title()) + ".pdf",
                        () -> DressingCardPdf.write(stack, studio.wardrobe(), PaperSize.A4),
                        said::setText));
    }

    /** Shows the costume's stack, or the one that is being changed. */
    void refresh() {
        if (!shownCostume.equals(studio.situation().costume().id())
                || desk.stackProperty().get().isEmpty()) {
            shownCostume = studio.situation().costume().id();
            desk.lookAt(studio.situation().costume().stack());
        }
        show();
    }

    private void show() {
        Optional<LayerStack> stack = desk.stackProperty().get();
        filling.during(() -> {
            Parts.offer(stacks.getItems(), studio.wardrobe().stacks());
            stacks.setValue(
                    stack.flatMap(now -> studio.wardrobe().stack(now.id())).orElse(null));
            Parts.offer(more.getItems(), desk.others());
            more.setValue(null);
        });
        order.getChildren().clear();
        side.getChildren().clear();
        stand.show(stack);
        if (stack.isEmpty()) {
            return;
        }
        boolean changed = desk.isChanged();
        boolean own = studio.situation().costume().stack().equals(stack.get().id());
        wear.setDisable(changed || own);
        wear.setText(own && !changed ? "The costume is worn over this" : "Wear the costume over this");
        if (changed) {
            order.getChildren()
                    .add(Parts.text(
                            "Changed: give it a name and save it as your own; the shipped one stays as it is.",
                            "provisional",
                            "pad"));
        }
        List<Layer> layers = studio.wardrobe().layersOf(stack.get());
        for (int i = 0; i < layers.size(); i++) {
            order.getChildren().add(row(layers.get(i), i));
        }
        if (layers.isEmpty()) {
            order.getChildren()
                    .add(Parts.text("Nothing that shapes the body. Add the first layer below.", "soft", "pad"));
        }
        side(stack.get());
    }

    private HBox row(Layer layer, int place) {
        Label number = Parts.label(String.valueOf(place + 1), "large", "soft");
        number.setMinWidth(34);
        VBox words = new VBox(
                1,
                Parts.label(layer.name(), "figure"),
                Parts.text(layer.kind().words() + " · " + layer.about(), "small", "soft"));
        String effects = String.join(
                "; ",
                layer.effects().stream()
                        .map(effect -> studio.library().measures().name(effect.measure()) + " " + by(effect))
                        .toList());
        if (!effects.isEmpty()) {
            words.getChildren().add(Parts.text(effects, "small"));
        }
        if (!layer.mind().isEmpty()) {
            words.getChildren().add(Parts.text("Often got wrong: " + layer.mind(), "small", "soft"));
        }
        for (String caution : layer.cautions()) {
            words.getChildren()
                    .add(Parts.text("⚠ " + studio.wardrobe().cautions().getOrDefault(caution, caution), "small"));
        }
        if (layer.kind().shapes()) {
            TextField own = new TextField();
            own.setPromptText("which pair: my old ones");
            own.setMaxWidth(200);
            own.setId("call-" + layer.id());
            own.setOnAction(event -> desk.call(layer.id(), own.getText()));
            words.getChildren().add(own);
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        VBox moves = new VBox(
                0,
                Parts.hinted(Parts.button("↑", () -> desk.move(layer.id(), -1), "quiet"), "Put on earlier"),
                Parts.hinted(Parts.button("↓", () -> desk.move(layer.id(), 1), "quiet"), "Put on later"));
        Button away = Parts.hinted(Parts.button("✕", () -> desk.remove(layer.id()), "quiet"), "Leave it out");
        away.setId("remove-" + layer.id());
        HBox row = new HBox(8, number, words, moves, away);
        row.getStyleClass().add("layer-row");
        return row;
    }

    private String by(Layer.Effect effect) {
        if (effect.share()) {
            return signed(Math.round(effect.least() * 100)) + " to " + signed(Math.round(effect.most() * 100)) + " %";
        }
        return studio.format().signed(effect.least()) + " to " + studio.format().signed(effect.most());
    }

    private static String signed(long percent) {
        return percent > 0 ? "+" + percent : String.valueOf(percent);
    }

    private void side(LayerStack stack) {
        side.getChildren().add(Parts.text(stack.title(), "heading"));
        side.getChildren()
                .add(Parts.text(
                        stack.who() + ", " + stack.place() + ", " + stack.from() + "–" + stack.to(), "small", "soft"));
        if (!stack.note().isEmpty()) {
            side.getChildren().add(Parts.text(stack.note(), "small"));
        }
        desk.problems().forEach(problem -> side.getChildren().add(Parts.text(problem.in(studio.format()), "needs")));
        Optional<MeasurementSet> set = tape.set();
        if (set.isEmpty()) {
            side.getChildren().add(Parts.text("Nobody has been measured over it yet.", "soft"));
            return;
        }
        String over = studio.wardrobe().title(set.get().stack());
        Set<String> stale = desk.noLongerCount(set.get());
        side.getChildren().add(Parts.label("Readings over " + over, "caps"));
        if (stale.isEmpty()) {
            side.getChildren().add(Parts.text("All of them count over this stack too.", "settled"));
        } else {
            side.getChildren().add(Parts.text("No longer count: " + String.join(", ", stale), "needs"));
            side.getChildren().add(Parts.text("Still count: " + String.join(", ", desk.stillCount(set.get())), "soft"));
        }
        if (!set.get().worn().rings().isEmpty()) {
            rings(set.get());
        }
    }

    private void rings(MeasurementSet set) {
        set.value("waist-to-floor-front", Side.MIDDLE)
                .ifPresent(waist -> side.getChildren()
                        .add(Parts.text(
                                "Over the rings as stated a tape from the waist runs "
                                        + studio.format()
                                                .format(OverLayers.overRings(
                                                        waist.toMillimetres(),
                                                        set.worn().rings(),
                                                        false))
                                        + " at each side and "
                                        + studio.format()
                                                .format(OverLayers.overRings(
                                                        waist.toMillimetres(),
                                                        set.worn().rings(),
                                                        true))
                                        + " behind: an estimate, not a measurement.",
                                "small")));
    }
}
