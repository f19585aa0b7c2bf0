package org.soberhem.desk.tape;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.desk.studio.Situation;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Parts;

/** The tape: the figure, the readings, how each is taken, and what was worn beneath. */
public final class TapeView extends BorderPane {

    private static final double FIGURE = 270;
    private static final double SIDE = 340;

    private final Studio studio;
    private final TapeDesk desk;
    private final FigurePane figure;
    private final ReadingRows rows;
    private final VBox how = new VBox(5);
    private final VBox layers = new VBox(5);
    private final ObstacleList obstacles;
    private final ChoiceBox<MeasurementSet> sets = new ChoiceBox<>();
    private final ChoiceBox<LayerStack> takenOver = new ChoiceBox<>();
    private final ChoiceBox<LayerStack> wornOver = new ChoiceBox<>();
    private final ChoiceBox<Measure> more = new ChoiceBox<>();
    private final TextField lacing = new TextField();
    private final TextField helper = new TextField();
    private final Button drawFrom;
    private final Button begin;
    private final FlowPane conditions;
    private String costume = "";
    private boolean filling;

    public TapeView(Studio studio) {
        this.studio = studio;
        desk = new TapeDesk(studio);
        figure = new FigurePane(studio.library().figure());
        rows = new ReadingRows(studio, desk);
        obstacles = new ObstacleList(studio::settle);
        drawFrom = Parts.button("Draw the costume from these", desk::drawFromThis, "main");
        begin = Parts.button("Measure anew", desk::beginSet);
        lacing.setPromptText("how far laced");
        helper.setPromptText("who held the tape; empty if alone");
        conditions = new FlowPane(8, 6, Parts.label("over", "soft"), takenOver, lacing, helper);
        conditions.setAlignment(Pos.CENTER_LEFT);
        createChoices();
        figure.setPrefWidth(FIGURE);
        figure.setMinWidth(FIGURE);
        setLeft(figure);
        setCenter(middle());
        setRight(side());
        studio.situationProperty().addListener((was, before, now) -> refresh());
        studio.formatProperty().addListener((was, before, now) -> refresh());
        studio.targetProperty().addListener((was, before, now) -> {
            if (studio.library().measures().find(now).isPresent()) {
                desk.measureProperty().set(now);
            }
        });
        desk.setProperty().addListener((was, before, now) -> refresh());
        desk.postureProperty().addListener((was, before, now) -> refresh());
        desk.measureProperty().addListener((was, before, now) -> explain());
        refresh();
    }

    private void createChoices() {
        sets.setConverter(Parts.words(set -> set.date() + ", " + set.id()));
        sets.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.setProperty().set(now.id());
            }
        });
        List<LayerStack> stacks = studio.library().wardrobe().stacks();
        for (ChoiceBox<LayerStack> box : List.of(takenOver, wornOver)) {
            box.setConverter(Parts.words(LayerStack::title));
            box.getItems().setAll(stacks);
            box.setMaxWidth(300);
        }
        takenOver.valueProperty().addListener((was, before, now) -> conditions());
        wornOver.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.wearOver(now.id(), now.title());
            }
        });
        for (TextField field : List.of(lacing, helper)) {
            field.setPrefColumnCount(16);
            field.setOnAction(event -> conditions());
            field.focusedProperty().addListener((was, before, now) -> {
                if (!now) {
                    conditions();
                }
            });
        }
        more.setConverter(Parts.words(Measure::name));
        more.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.ask(now);
                refresh();
            }
        });
    }

    private void conditions() {
        if (!filling && takenOver.getValue() != null) {
            desk.conditions(takenOver.getValue().id(), lacing.getText(), helper.getText());
        }
    }

    private BorderPane middle() {
        ToggleGroup postures = new ToggleGroup();
        HBox postureBox = new HBox(0);
        for (Posture posture : Posture.values()) {
            ToggleButton button = new ToggleButton(posture == Posture.STANDING ? "standing" : "seated");
            button.setToggleGroup(postures);
            button.setSelected(posture == Posture.STANDING);
            button.setOnAction(event -> {
                button.setSelected(true);
                desk.postureProperty().set(posture);
            });
            postureBox.getChildren().add(button);
        }
        HBox head = new HBox(10, sets, postureBox, Parts.gap(), begin);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox top = new VBox(8, head, conditions, drawFrom);
        top.setPadding(new Insets(12, 16, 10, 16));
        top.getStyleClass().add("band");
        ScrollPane scroll = Parts.scroll(rows);
        scroll.getStyleClass().add("sheet");
        HBox foot = new HBox(10, Parts.label("One more measure", "soft"), more);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setPadding(new Insets(8, 16, 8, 16));
        foot.getStyleClass().add("foot");
        BorderPane middle = new BorderPane(scroll);
        middle.setTop(top);
        middle.setBottom(foot);
        return middle;
    }

    private ScrollPane side() {
        how.setPadding(new Insets(12, 14, 8, 14));
        layers.setPadding(new Insets(8, 14, 8, 14));
        VBox way = new VBox(4, Parts.label("In the way", "caps", "inset"), obstacles);
        way.setPadding(new Insets(8, 0, 8, 0));
        way.getStyleClass().add("foot");
        layers.getStyleClass().add("foot");
        VBox all = new VBox(how, way, layers);
        all.getStyleClass().add("raised");
        VBox.setVgrow(layers, Priority.ALWAYS);
        ScrollPane scroll = Parts.scroll(all);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("panel");
        scroll.setPrefWidth(SIDE);
        scroll.setMinWidth(SIDE);
        return scroll;
    }

    private void refresh() {
        Situation now = studio.situation();
        if (now == null
                || studio.placeProperty().get().filter(Stage.TAPE::equals).isEmpty()) {
            return;
        }
        filling = true;
        if (!costume.equals(now.costume().id())) {
            costume = now.costume().id();
            desk.lookAtCostumesSet();
        }
        Optional<MeasurementSet> shown = desk.set();
        sets.getItems().setAll(now.wearer().sets());
        sets.setValue(shown.orElse(null));
        Parts.show(sets, shown.isPresent());
        Parts.show(conditions, shown.isPresent());
        begin.setText(
                shown.isPresent()
                        ? "Measure anew"
                        : "Begin measuring " + now.wearer().name());
        Parts.show(
                drawFrom,
                shown.filter(set -> !set.id().equals(now.costume().set())).isPresent());
        Wardrobe wardrobe = studio.library().wardrobe();
        shown.ifPresent(set -> {
            takenOver.setValue(wardrobe.stack(set.stack()).orElse(null));
            lacing.setText(set.lacing());
            helper.setText(set.helper());
        });
        wornOver.setValue(wardrobe.stack(now.costume().stack()).orElse(null));
        more.getItems()
                .setAll(studio.library().measures().all().stream()
                        .filter(measure -> desk.rows().stream()
                                .noneMatch(row -> row.measure().equals(measure)))
                        .toList());
        more.setValue(null);
        filling = false;
        rows.refresh();
        if (desk.measureProperty().get().isEmpty() && !desk.rows().isEmpty()) {
            desk.measureProperty().set(desk.rows().get(0).measure().id());
        }
        explain();
        layers(wardrobe, now);
        obstacles.show(now.inTheWay(), studio.format());
    }

    private void explain() {
        String id = desk.measureProperty().get();
        figure.show(id);
        how.getChildren().clear();
        Optional<Measure> found = studio.library().measures().find(id);
        if (found.isEmpty()) {
            how.getChildren().add(Parts.text("Choose a measure to see how it is taken.", "soft"));
            return;
        }
        Measure measure = found.get();
        how.getChildren()
                .addAll(
                        Parts.text(measure.name(), "title"),
                        Parts.text(measure.definition()),
                        Parts.text(measure.how(), "soft"),
                        Parts.text(
                                "Tape " + measure.tension() + " · "
                                        + measure.posture().replace("both", "standing and seated") + " · a helper is "
                                        + measure.helper()
                                        + measure.isoTerm()
                                                .map(term -> " · ISO 8559-1: " + term + " (from memory)")
                                                .orElse(""),
                                "small",
                                "soft"));
        for (Measure.Confusable other : measure.confusable()) {
            how.getChildren().add(Parts.text("Not " + name(other.id()) + ": " + other.tell(), "small"));
        }
    }

    private String name(String id) {
        return studio.library().measures().find(id).map(Measure::name).orElse(id);
    }

    private void layers(Wardrobe wardrobe, Situation now) {
        layers.getChildren().setAll(Parts.label("The costume is worn over", "caps"), wornOver);
        Optional<LayerStack> stack = wardrobe.stack(now.costume().stack());
        if (stack.isEmpty()) {
            return;
        }
        StringBuilder order = new StringBuilder();
        for (String id : stack.get().layers()) {
            Optional<Layer> layer = wardrobe.layer(id);
            order.append(order.length() == 0 ? "" : " → ")
                    .append(layer.map(Layer::name).orElse(id));
        }
        layers.getChildren().add(Parts.text(order.toString(), "small", "soft"));
        for (String id : stack.get().layers()) {
            wardrobe.layer(id)
                    .filter(layer -> !layer.caution().isEmpty())
                    .ifPresent(layer ->
                            layers.getChildren().add(Parts.text(layer.name() + ": " + layer.caution(), "small")));
        }
    }
}
