package org.soberhem.desk.draft;

import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.NearestPlace;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/** The chain of alterations made so far: each can be changed, taken out, copied, or made on the other side. */
final class MadeList extends VBox {

    private final Studio studio;
    private final AlterationCommands desk;
    private final IntConsumer change;

    /** @param change gets the place of an alteration that is to be changed */
    MadeList(Studio studio, AlterationCommands desk, IntConsumer change) {
        super(4);
        this.studio = studio;
        this.desk = desk;
        this.change = change;
    }

    void show(Garment garment, DraftedGarment work) {
        getChildren().clear();
        List<Alteration> made = garment.alterations();
        Button copyAll = Parts.hinted(
                Parts.button(
                        "Copy all",
                        () -> copy(IntStream.range(0, made.size()).boxed().toList()),
                        "quiet"),
                "To make them again on another garment");
        copyAll.setDisable(made.isEmpty());
        Button paste = Parts.hinted(
                Parts.button("Paste " + desk.copied().size(), desk::paste, "quiet"), "What was copied, made here");
        paste.setId("alter-paste");
        Parts.show(paste, !desk.copied().isEmpty());
        HBox head = new HBox(6, Parts.label("Made so far", "caps"), Parts.gap(), copyAll, paste);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(head);
        if (made.isEmpty()) {
            getChildren().add(Parts.text("None: the pieces are as the sheet draws them.", "soft"));
        }
        for (int i = 0; i < made.size(); i++) {
            getChildren().add(row(i, made.get(i), work));
        }
    }

    private void copy(List<Integer> places) {
        desk.copy(places);
        refreshed();
    }

    /** The button that pastes appears as soon as something was copied. */
    private void refreshed() {
        Garment garment = desk.garment();
        studio.situation().work(garment.name()).ifPresent(work -> show(garment, work));
    }

    private VBox row(int place, Alteration alteration, DraftedGarment work) {
        Label words = Parts.text((place + 1) + "  " + alteration.sentence().in(studio.format()));
        FlowPane keys = new FlowPane(
                2,
                2,
                key("change", place, () -> change.accept(place), "In the form above"),
                key("copy", place, () -> copy(List.of(place)), "To make it again elsewhere"));
        if (alteration.sides() != Sides.BOTH) {
            Sides other = alteration.sides() == Sides.LEFT ? Sides.RIGHT : Sides.LEFT;
            keys.getChildren()
                    .add(key(
                            "same on the " + (other == Sides.LEFT ? "left" : "right"),
                            place,
                            () -> desk.onOtherSide(place).ifPresent(desk::make),
                            "Made on the other side of the wearer as well"));
        }
        keys.getChildren()
                .add(key("take out", place, () -> desk.takeOut(place), "What comes after is made again without it"));
        HBox.setHgrow(words, Priority.ALWAYS);
        VBox row = new VBox(1, words);
        Sentence why = work.refused().get(place);
        if (why != null) {
            row.getChildren().add(Parts.text("✗ not made: " + why.in(studio.format()), "small", "needs"));
            NearestPlace.of(
                            alteration,
                            studio.library().alterations(),
                            work.before(desk.garment().alterations(), place))
                    .ifPresent(near -> keys.getChildren()
                            .add(
                                    0,
                                    key(
                                            "instead: " + near.sentence().in(studio.format()),
                                            place,
                                            () -> desk.change(place, near),
                                            "At the nearest place")));
        }
        row.getChildren().add(keys);
        return row;
    }

    private static Button key(String words, int place, Runnable action, String hint) {
        Button key = Parts.hinted(Parts.button(words, action, "quiet", "small"), hint);
        key.setId("made-" + words.split("[ :]")[0] + "-" + place);
        return key;
    }
}
