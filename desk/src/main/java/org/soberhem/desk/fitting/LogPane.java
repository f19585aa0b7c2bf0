package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;
import org.soberhem.studio.Subscriptions;

/** The last five remarks of the round, and those of earlier rounds whose cure is asked. */
final class LogPane extends VBox {

    private static final int MOST = 5;
    private static final double ENTRY = 99;

    private final Studio studio;
    private final FittingRound round;
    private final Subscriptions keeping = new Subscriptions();

    LogPane(Studio studio, FittingRound round) {
        super(0);
        this.studio = studio;
        this.round = round;
        getStyleClass().add("standing-column");
    }

    void refresh(Fitting fitting) {
        getChildren().clear();
        keeping.close();
        List<Label> keptWords = new ArrayList<>();
        List<FittingRound.Logged> atHand = round.atHand();
        if (atHand.isEmpty()) {
            getChildren().add(Parts.text("Nothing is logged yet.", "bigger", "soft"));
        }
        for (FittingRound.Logged logged : atHand.subList(0, Math.min(MOST, atHand.size()))) {
            getChildren().add(entry(logged, fitting, keptWords));
        }
        keeping.follow(studio.keeper().state(), state -> keptWords.forEach(label -> label.setText(state)));
    }

    private Node entry(FittingRound.Logged logged, Fitting now, List<Label> keptWords) {
        Remark remark = logged.remark();
        String state = logged.fitting().number() < now.number()
                ? "fitting " + logged.fitting().number() + ": cured?"
                : remark.seen().isEmpty()
                        ? "what is seen?"
                        : studio.keeper().state().get();
        boolean pictured = logged.fitting().pictures().stream()
                .anyMatch(picture -> picture.remark().equals(remark.id()));
        Optional<Zone> zone = round.zone(remark.zone());
        String name = zone.map(Zone::name).orElse(remark.zone());
        Label words = Parts.label(remark.seen().isEmpty() ? name : round.words(remark), "remark-words");
        words.setWrapText(true);
        words.setMinHeight(64);
        words.setMaxHeight(64);
        words.setAlignment(Pos.TOP_LEFT);
        Label said = Parts.label(state, "remark-state");
        if (!logged.fitting().confirmed()) {
            said.getStyleClass().add("provisional");
        }
        if (logged.fitting().number() == now.number() && !remark.seen().isEmpty()) {
            // Kept is said when the action is durable, not before.
            keptWords.add(said);
        }
        VBox box = new VBox(
                0,
                new HBox(
                        10,
                        Parts.label(
                                zone.map(each -> letters(each, logged)).orElse("")
                                        + remark.amount()
                                                .map(length ->
                                                        "  " + studio.format().number(length))
                                                .orElse("")
                                        + (pictured ? "  ▣" : ""),
                                "bigger",
                                "chosen"),
                        Parts.gap(),
                        said),
                words);
        Tappable entry = new Tappable(
                box,
                name + " " + round.words(remark),
                () -> round.chosenProperty().set(Optional.of(remark.id())),
                "remark");
        entry.setFocusTraversable(false);
        entry.setMinHeight(ENTRY);
        entry.setPrefHeight(ENTRY);
        entry.setMaxHeight(ENTRY);
        entry.pseudoClassStateChanged(
                Parts.SELECTED,
                round.chosenProperty().get().filter(remark.id()::equals).isPresent());
        return entry;
    }

    /** Returns the letters that were pressed: the wearer's side, whatever side of the garment lay there. */
    private static String letters(Zone zone, FittingRound.Logged logged) {
        Sides sides = logged.fitting().conditions().garmentSide(logged.remark().sides());
        if (!zone.sided() || sides != Sides.BOTH) {
            int place = sides == Sides.RIGHT ? 1 : 0;
            return zone.letters().get(Math.min(place, zone.letters().size() - 1));
        }
        return String.join("", zone.letters());
    }
}
