package org.soberhem.desk.tape;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlateRow;
import org.soberhem.studio.FigureRoom;
import org.soberhem.studio.Studio;

/** The wearer's stand in a stack of layers, put on one by one. */
final class LayeredStand extends VBox {

    private static final double TALL = 330;

    /** Names the part of the stack that is on: it is another stack than the whole. */
    private static final String SHOWN = "as-far-as-shown";

    private final Studio studio;
    private final FigureRoom.Easel easel;
    private final PlateRow plates = new PlateRow();
    private final Label worn = Parts.text("", "small");
    private final Button fewer;
    private final Button more;
    private Optional<LayerStack> stack = Optional.empty();
    private int on;

    LayeredStand(Studio studio) {
        super(6);
        this.studio = studio;
        easel = studio.figures().easel();
        fewer = Parts.button("one less", () -> wear(on - 1), "quiet");
        fewer.setId("layer-off");
        more = Parts.button("one more", () -> wear(on + 1), "quiet");
        more.setId("layer-on");
        worn.setId("layers-on");
        HBox steps = new HBox(6, Parts.label("The stand", "caps"), Parts.gap(), fewer, more);
        steps.setAlignment(Pos.CENTER_LEFT);
        plates.setPrefHeight(TALL);
        plates.setMinHeight(TALL);
        VBox.setVgrow(plates, Priority.ALWAYS);
        getChildren().addAll(steps, worn, plates);
    }

    /** Shows a stack with all its layers on. */
    void show(Optional<LayerStack> shown) {
        stack = shown;
        wear(shown.map(some -> some.layers().size()).orElse(0));
    }

    private void wear(int count) {
        List<String> layers = stack.map(LayerStack::layers).orElse(List.of());
        on = Math.max(0, Math.min(layers.size(), count));
        fewer.setDisable(on == 0);
        more.setDisable(on == layers.size());
        Wardrobe wardrobe = studio.wardrobe();
        String last = on == 0
                ? "nothing on"
                : "as far as: "
                        + wardrobe.layer(layers.get(on - 1)).orElseThrow().name();
        worn.setText(last + " (" + on + " of " + layers.size() + ")");
        stack.ifPresent(some -> draw(wardrobe, some, layers));
    }

    private void draw(Wardrobe wardrobe, LayerStack whole, List<String> layers) {
        LayerStack less = whole.copied(SHOWN, whole.title(), layers.subList(0, on));
        Dressing dressing = new Dressing(studio.library().figurePlan(), wardrobe.with(List.of(less)));
        Dressing.Subject subject = new Dressing.Subject(
                studio.situation().wearer().build(), studio.situation().set(), SHOWN, Map.of());
        DressedFigure dressed = dressing.dressed(subject, Map.of(), 0.5);
        easel.draw(
                dressed.body(),
                stand -> {
                    List<Solid> solids = stand.wearing(dressed);
                    return List.of(
                            PlateMaker.plate(solids, Viewpoint.of(FigureView.FRONT)),
                            PlateMaker.plate(solids, Viewpoint.of(FigureView.SIDE)));
                },
                plates::show);
    }
}
