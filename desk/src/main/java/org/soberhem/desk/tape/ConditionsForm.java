package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.body.Weight;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerClass;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** Under which circumstances a set is read: who, over what, how laced, which shoes, at which mark the tape begins. */
final class ConditionsForm extends VBox {

    private final Studio studio;
    private final TapeDesk desk;
    private final ChoiceBox<Age> age = new ChoiceBox<>();
    private final CheckBox bust = new CheckBox("a bust to be fitted");
    private final ChoiceBox<LayerStack> over = new ChoiceBox<>();
    private final TextField helper = new TextField();
    private final TextField lacing = new TextField();
    private final TextField hair = new TextField();
    private final TextField weight = new TextField();
    private final ChoiceBox<TapeStart> start = new ChoiceBox<>();
    private final LengthField gapBust = gap("gap-bust");
    private final LengthField gapWaist = gap("gap-waist");
    private final LengthField gapHem = gap("gap-hem");
    private final LengthField heel;
    private final FlowPane gapRow;
    private final HBox anotherLacing;
    private final HBox heelRow;
    private final HBox weightRow;
    private final VBox rings = new VBox(4);
    private final Label wrong = Parts.text("", "small", "needs");
    private AsWorn asked = AsWorn.UNSTATED;
    private final Filling filling = new Filling();

    ConditionsForm(Studio studio, TapeDesk desk) {
        super(8);
        this.studio = studio;
        this.desk = desk;
        heel = new LengthField(studio::format, value -> worn(now -> now.withHeel(Optional.of(value))));
        heel.onCleared(() -> worn(now -> now.withHeel(Optional.empty())));
        heel.setId("heel");
        createChoices();
        gapRow = flow(
                new HBox(6, named("stands open at bust"), gapBust),
                new HBox(6, named("waist"), gapWaist),
                new HBox(6, named("hem"), gapHem),
                lacing);
        anotherLacing = new HBox(
                8,
                Parts.label("These were read at another lacing.", "needs"),
                Parts.button("Begin another set", () -> desk.beginLacedAnew(asked), "main"),
                Parts.button("It was mistyped", () -> desk.wornAs(asked)));
        heelRow = new HBox(6, Parts.label("heel", "soft"), heel);
        weightRow = new HBox(6, Parts.label("weight", "soft"), weight);
        for (HBox row : List.of(anotherLacing, heelRow, weightRow)) {
            row.setAlignment(Pos.CENTER_LEFT);
        }
        getChildren()
                .addAll(
                        flow(Parts.label("Measured as", "soft"), age, bust, weightRow),
                        flow(Parts.label("over", "soft"), over),
                        flow(Parts.label("tape held by", "soft"), helper, Parts.label("begins", "soft"), start),
                        gapRow,
                        anotherLacing,
                        flow(heelRow, Parts.label("hair", "soft"), hair),
                        rings,
                        wrong);
    }

    private static FlowPane flow(Node... parts) {
        FlowPane flow = new FlowPane(8, 6, parts);
        flow.setAlignment(Pos.CENTER_LEFT);
        return flow;
    }

    private static Label named(String words) {
        Label label = Parts.label(words, "soft");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private LengthField gap(String id) {
        LengthField field = new LengthField(this::format, value -> gaps());
        field.setId(id);
        field.setPrefWidth(64);
        return field;
    }

    private LengthFormat format() {
        return studio.format();
    }

    private void createChoices() {
        age.getItems().setAll(Age.values());
        age.setConverter(Parts.words(Age::words));
        age.setId("age");
        age.valueProperty().addListener((was, before, now) -> build());
        bust.setOnAction(event -> build());
        bust.setId("bust");
        over.setConverter(Parts.words(LayerStack::title));
        over.setMaxWidth(600);
        over.setId("taken-over");
        over.valueProperty().addListener((was, before, now) -> conditions());
        start.getItems().setAll(TapeStart.values());
        start.setConverter(Parts.words(TapeStart::words));
        start.setId("tape-start");
        start.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.startAt(now);
            }
        });
        helper.setPromptText("nobody: alone");
        helper.setId("helper");
        lacing.setPromptText("in words");
        hair.setPromptText("hair, wig or headdress");
        weight.setPromptText("9.2 kg or 20 lb 4 oz");
        weight.setId("weight");
        for (TextField field : List.of(helper, lacing)) {
            field.setPrefColumnCount(12);
            committed(field, this::conditions);
        }
        committed(hair, () -> worn(now -> now.withHair(hair.getText().strip())));
        committed(weight, this::weigh);
    }

    private static void committed(TextField field, Runnable action) {
        field.setOnAction(event -> action.run());
        field.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                action.run();
            }
        });
    }

    private void build() {
        if (!filling.isOn() && age.getValue() != null) {
            desk.build(new Build(age.getValue(), bust.isSelected()));
        }
    }

    private void conditions() {
        if (!filling.isOn() && over.getValue() != null) {
            desk.conditions(over.getValue().id(), lacing.getText(), helper.getText());
        }
    }

    private void worn(UnaryOperator<AsWorn> change) {
        if (!filling.isOn()) {
            desk.set().ifPresent(set -> desk.wornAs(change.apply(set.worn())));
        }
    }

    /** A gap counts when all three are there: waist first is usual, the others follow it until they are typed. */
    private void gaps() {
        List<Optional<Length>> typed = List.of(gapBust.value(), gapWaist.value(), gapHem.value());
        if (filling.isOn() || desk.set().isEmpty() || typed.stream().anyMatch(Optional::isEmpty)) {
            return;
        }
        asked = desk.set()
                .get()
                .worn()
                .withGap(new AsWorn.Gap(
                        typed.get(0).get(), typed.get(1).get(), typed.get(2).get()));
        boolean another = desk.isAnotherLacing(asked);
        Parts.show(anotherLacing, another);
        if (!another) {
            desk.wornAs(asked);
        }
    }

    private void weigh() {
        if (filling.isOn() || weight.getText().isBlank()) {
            return;
        }
        try {
            desk.weigh(Optional.of(Weight.parse(weight.getText())));
            wrong.setText("");
        } catch (IllegalArgumentException unreadable) {
            wrong.setText(unreadable.getMessage());
        }
        Parts.show(wrong, !wrong.getText().isEmpty());
    }

    /** Shows the conditions of the set that is looked at. */
    void refresh() {
        Optional<MeasurementSet> shown = desk.set();
        Parts.show(this, shown.isPresent());
        if (shown.isEmpty()) {
            return;
        }
        filling.during(() -> {
            MeasurementSet set = shown.get();
            Build build = desk.wearer().build();
            age.setValue(build.age());
            bust.setSelected(build.bust());
            Parts.show(bust, build.age() == Age.ADULT);
            Parts.offer(over.getItems(), studio.wardrobe().stacks());
            over.setValue(studio.wardrobe().stack(set.stack()).orElse(null));
            helper.setText(set.helper());
            lacing.setText(set.lacing());
            hair.setText(set.worn().hair());
            start.setValue(set.start());
            weight.setText(set.weight().map(Weight::typed).orElse(""));
            AsWorn worn = set.worn();
            gapBust.show(worn.gap().map(AsWorn.Gap::bust));
            gapWaist.show(worn.gap().map(AsWorn.Gap::waist));
            gapHem.show(worn.gap().map(AsWorn.Gap::hem));
            heel.show(worn.heel());
            Parts.show(gapRow, wears(set, Layer::isLaced));
            Parts.show(heelRow, wears(set, layer -> layer.kind() == LayerClass.FOOTWEAR));
            Parts.show(weightRow, studio.library().asked().weighed().contains(build.age()));
            Parts.show(anotherLacing, false);
            Parts.show(wrong, !wrong.getText().isEmpty());
            rings(worn.rings());
            Parts.show(rings, wears(set, Layer::isHooped));
        });
    }

    private boolean wears(MeasurementSet set, Predicate<Layer> wanted) {
        return studio.wardrobe().stack(set.stack()).map(studio.wardrobe()::layersOf).orElse(List.of()).stream()
                .anyMatch(wanted);
    }

    private void rings(List<AsWorn.Ring> stated) {
        rings.getChildren().clear();
        HBox head = new HBox(
                8,
                Parts.label("Rings of the skirt support, from the top down", "soft"),
                Parts.button("One more ring", () -> addRing(stated), "quiet"));
        head.setAlignment(Pos.CENTER_LEFT);
        rings.getChildren().add(head);
        for (int i = 0; i < stated.size(); i++) {
            rings.getChildren().add(ring(stated, i));
        }
    }

    private void addRing(List<AsWorn.Ring> stated) {
        List<AsWorn.Ring> more = new ArrayList<>(stated);
        more.add(
                stated.isEmpty()
                        ? new AsWorn.Ring(
                                Length.ofMillimetres(700), Length.ofMillimetres(100), Length.ofMillimetres(150))
                        : stated.get(stated.size() - 1));
        worn(now -> now.withRings(more));
    }

    private HBox ring(List<AsWorn.Ring> stated, int place) {
        AsWorn.Ring ring = stated.get(place);
        LengthField height =
                ringField(ring.height(), value -> put(stated, place, new AsWorn.Ring(value, ring.side(), ring.back())));
        LengthField side =
                ringField(ring.side(), value -> put(stated, place, new AsWorn.Ring(ring.height(), value, ring.back())));
        LengthField back =
                ringField(ring.back(), value -> put(stated, place, new AsWorn.Ring(ring.height(), ring.side(), value)));
        HBox row = new HBox(
                6,
                Parts.label((place + 1) + ": above the floor", "soft"),
                height,
                Parts.label("out at the side", "soft"),
                side,
                Parts.label("behind", "soft"),
                back,
                Parts.button(
                        "✕",
                        () -> {
                            List<AsWorn.Ring> fewer = new ArrayList<>(stated);
                            fewer.remove(place);
                            worn(now -> now.withRings(fewer));
                        },
                        "quiet"));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private LengthField ringField(Length value, Consumer<Length> accepted) {
        LengthField field = new LengthField(studio::format, accepted);
        field.setPrefWidth(64);
        field.show(Optional.of(value));
        return field;
    }

    private void put(List<AsWorn.Ring> stated, int place, AsWorn.Ring ring) {
        List<AsWorn.Ring> changed = new ArrayList<>(stated);
        changed.set(place, ring);
        worn(now -> now.withRings(changed));
    }
}
