package org.soberhem.desk.fitting;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.costume.Work;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/**
 * The round as it is logged, standing, a metre from the screen: letter, digit, digit. Nothing scrolls and nothing asks
 * to be closed.
 */
final class StandingView extends Pane {

    private static final double BAND = 64;
    private static final double FIGURE = 540;
    private static final double SEEN = 380;
    private static final double TAPE = 136;
    private static final double HAND = 96;
    private static final double ROW = 84;
    private static final int EIGHTHS = 24;

    private final Studio studio;
    private final FittingRound round;
    private final HBox band = new HBox(22);
    private final PointingPane pointing;
    private final VBox seen = new VBox();
    private final VBox log = new VBox(6);
    private final VBox tape = new VBox(4);
    private final HBox taps = new HBox();
    private final Label told = Parts.label("", "spoken");
    private final HBox hand = new HBox(8);
    private final TextField ownWords = new TextField();
    private final Button otherSide;
    private final Button views;
    private final Label clock = Parts.label("", "band-text", "soft");
    private boolean flat;

    StandingView(Studio studio, FittingRound round) {
        this.studio = studio;
        this.round = round;
        getStyleClass().add("standing");
        pointing = new PointingPane(studio.library().figure(), round::point);
        ownWords.setPromptText("own words, Enter");
        ownWords.getStyleClass().add("bigger");
        ownWords.setPrefHeight(ROW - 12);
        ownWords.setOnAction(event -> {
            round.see(ownWords.getText());
            ownWords.clear();
            requestFocus();
        });
        otherSide = handKey("same on the\nother side", "F3", round::sameOnTheOtherSide);
        views = handKey("", "F7", this::turn);
        hand.getChildren()
                .addAll(
                        handKey("own words", "F2", ownWords::requestFocus),
                        views,
                        otherSide,
                        handKey("take back", "⌫", studio::undo),
                        handKey("pause", "Esc", () -> studio.standingProperty().set(false)));
        hand.setAlignment(Pos.CENTER);
        told.setMaxWidth(Double.MAX_VALUE);
        tape.getChildren().addAll(taps, told);
        getChildren().addAll(band, pointing, seen, log, tape, hand);
        List.of(band, tape).forEach(part -> part.getStyleClass().add("standing-band"));
        seen.getStyleClass().add("standing-column");
        log.getStyleClass().add("standing-column");
        band.setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(10), tick -> tellTime()));
        ticking.setCycleCount(Animation.INDEFINITE);
        visibleProperty().addListener((was, before, now) -> {
            tellTime();
            if (now) {
                ticking.play();
            } else {
                ticking.stop();
            }
        });
        tellTime();
    }

    private static Button handKey(String words, String key, Runnable action) {
        Button button = Parts.button(words + "  " + key, action, "hand");
        button.setFocusTraversable(false);
        button.setPrefSize(240, 84);
        button.setMinSize(200, 84);
        button.setWrapText(true);
        return button;
    }

    private void tellTime() {
        clock.setText(studio.time().format(DateTimeFormatter.ofPattern("H:mm")) + "  ");
    }

    private void turn() {
        flat = !flat;
        refresh();
    }

    private void key(KeyEvent event) {
        if (ownWords.isFocused()) {
            if (event.getCode() == KeyCode.ESCAPE) {
                requestFocus();
                event.consume();
            }
            return;
        }
        if (event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        KeyCode code = event.getCode();
        boolean used = true;
        if (code == KeyCode.ESCAPE) {
            studio.standingProperty().set(false);
        } else if (code == KeyCode.F7) {
            turn();
        } else if (code == KeyCode.BACK_SPACE) {
            studio.undo();
        } else if (code == KeyCode.F3) {
            round.sameOnTheOtherSide();
        } else if (code == KeyCode.F2) {
            ownWords.requestFocus();
        } else if (code == KeyCode.ENTER) {
            confirm();
        } else if (code.isDigitKey()) {
            // The name ends in the digit on the number pad as well.
            String name = code.getName();
            digit(name.charAt(name.length() - 1) - '0', event.isShiftDown());
        } else if (code.isLetterKey()) {
            round.point(code.getChar());
        } else {
            used = false;
        }
        if (used) {
            event.consume();
        }
    }

    private void digit(int digit, boolean shifted) {
        Optional<Remark> remark = round.chosen().map(FittingRound.Logged::remark);
        if (remark.isEmpty()) {
            return;
        }
        if (earlier()) {
            settle(digit);
        } else if (remark.get().seen().isEmpty()) {
            round.see(digit);
        } else {
            round.pin(Length.ofInches(shifted ? 1 : 0, digit, 8));
        }
    }

    private void settle(int digit) {
        switch (digit) {
            case 1 -> round.settle(Remark.State.CURED);
            case 2 -> round.settle(Remark.State.OPEN);
            case 3 -> round.settle(Remark.State.LEFT);
            default -> {}
        }
    }

    /** Says whether the chosen remark is of an earlier round, so that its cure is asked. */
    private boolean earlier() {
        int now = round.fitting().map(Fitting::number).orElse(0);
        return round.chosen().filter(logged -> logged.fitting().number() < now).isPresent();
    }

    private void confirm() {
        round.fitting().filter(fitting -> !fitting.confirmed()).ifPresent(fitting -> round.confirm(fitting.stack()));
    }

    void refresh() {
        Optional<Fitting> fitting = round.fitting();
        if (fitting.isEmpty()) {
            return;
        }
        views.setText(flat ? "figure  F7" : "flat pieces  F7");
        otherSide.setDisable(round.chosen()
                .filter(logged -> logged.remark().sides() != Sides.BOTH)
                .isEmpty());
        band(fitting.get());
        figure(fitting.get());
        seen();
        log(fitting.get());
        tape();
    }

    private void band(Fitting fitting) {
        band.getChildren().clear();
        List<String> versions = new ArrayList<>();
        fitting.mockup().versions().forEach((garment, number) -> versions.add(garment + " version " + number));
        String stack = studio.library()
                .wardrobe()
                .stack(fitting.stack())
                .map(LayerStack::title)
                .orElse(fitting.stack());
        Node worn;
        if (fitting.confirmed()) {
            worn = Parts.label("over " + stack + "  ✓", "band-text", "settled");
        } else {
            worn = Parts.button("over " + stack + "?  Enter confirms", this::confirm, "band-text", "ask");
            worn.setFocusTraversable(false);
        }
        band.getChildren()
                .addAll(
                        Parts.label("Round " + fitting.number(), "band-text", "chosen"),
                        Parts.label(String.join(", ", versions), "band-text"),
                        worn,
                        Parts.label(
                                fitting.helper().isEmpty() ? "alone" : "with " + fitting.helper(), "band-text", "soft"),
                        Parts.gap(),
                        clock);
    }

    private void figure(Fitting fitting) {
        Optional<Remark> remark = round.chosen().map(FittingRound.Logged::remark);
        Optional<Pattern> pieces = Optional.empty();
        if (flat) {
            String garment = remark.map(Remark::garment)
                    .filter(name -> fitting.mockup().versions().containsKey(name))
                    .orElse(fitting.mockup().versions().keySet().iterator().next());
            pieces = studio.situation().work(garment).map(Work::pattern);
        }
        pointing.show(
                new PointingPane.Shown(
                        round.zones(),
                        remark.flatMap(r -> round.zone(r.zone())),
                        remark.map(Remark::sides),
                        fitting.remarks()),
                pieces);
    }

    private void seen() {
        seen.getChildren().clear();
        Optional<FittingRound.Logged> chosen = round.chosen();
        if (chosen.isEmpty()) {
            seen.getChildren()
                    .addAll(
                            Parts.text("Point at the figure, or press its letter.", "bigger"),
                            Parts.text("Then a digit for what is seen, then a digit for eighths.", "bigger", "soft"));
            return;
        }
        Remark remark = chosen.get().remark();
        String zone = round.zone(remark.zone()).map(Zone::name).orElse(remark.zone());
        String side = remark.sides() == Sides.BOTH ? "" : ", " + remark.sides().words();
        Label head = Parts.text(zone + side, "bigger", "chosen");
        head.setMinHeight(40);
        seen.getChildren().add(head);
        if (earlier()) {
            seen.getChildren().add(Parts.text(remark.seen(), "bigger"));
            List<String> answers = List.of("cured", "still there", "left as it is");
            for (int i = 0; i < answers.size(); i++) {
                int digit = i + 1;
                seen.getChildren().add(row(digit, answers.get(i), false, () -> settle(digit)));
            }
            return;
        }
        List<Zone.Symptom> symptoms = round.symptoms(remark);
        for (int i = 0; i < symptoms.size(); i++) {
            int place = i + 1;
            String words = symptoms.get(i).seen();
            seen.getChildren().add(row(place, words, words.equals(remark.seen()), () -> round.see(place)));
        }
        seen.getChildren().add(ownWords);
        if (!remark.seen().isEmpty() && round.symptom(remark).isEmpty()) {
            seen.getChildren().add(Parts.text("“" + remark.seen() + "”", "bigger"));
        }
    }

    private static Node row(int digit, String words, boolean selected, Runnable action) {
        Label text = Parts.text(words);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox line = new HBox(16, Parts.label(String.valueOf(digit), "digit"), text);
        line.setAlignment(Pos.CENTER_LEFT);
        Tappable row = new Tappable(line, words, action, "symptom");
        row.setFocusTraversable(false);
        row.setMinHeight(ROW - 6);
        row.setPrefHeight(ROW - 6);
        row.pseudoClassStateChanged(Parts.SELECTED, selected);
        return row;
    }

    private void log(Fitting fitting) {
        log.getChildren().clear();
        log.getChildren()
                .add(Parts.label(
                        fitting.confirmed() ? "this round" : "this round, provisional",
                        "bigger",
                        fitting.confirmed() ? "soft" : "provisional"));
        List<FittingRound.Logged> atHand = round.atHand();
        if (atHand.isEmpty()) {
            log.getChildren().add(Parts.text("Nothing is logged yet.", "bigger", "soft"));
        }
        for (FittingRound.Logged logged : atHand.subList(0, Math.min(5, atHand.size()))) {
            log.getChildren().add(entry(logged, fitting.number()));
        }
    }

    private Node entry(FittingRound.Logged logged, int now) {
        Remark remark = logged.remark();
        Zone zone = round.zone(remark.zone()).orElseThrow();
        int letter = remark.sides() == Sides.RIGHT ? 1 : 0;
        String where = zone.letters().get(Math.min(letter, zone.letters().size() - 1))
                + (zone.sided() && remark.sides() == Sides.BOTH ? zone.letters().get(1) : "");
        String amount = remark.amount()
                .map(length -> "  " + studio.format().number(length))
                .orElse("");
        String state = logged.fitting().number() < now
                ? "fitting " + logged.fitting().number() + ": cured?"
                : remark.seen().isEmpty() ? "what is seen?" : "kept";
        Label words = Parts.label(remark.seen().isEmpty() ? zone.name() : remark.seen(), "remark-words");
        words.setWrapText(true);
        words.setMaxHeight(62);
        VBox box = new VBox(
                0,
                new HBox(
                        10,
                        Parts.label(where + amount, "bigger", "chosen"),
                        Parts.gap(),
                        Parts.label(state, "remark-state")),
                words);
        Tappable entry = new Tappable(
                box,
                zone.name() + " " + remark.seen(),
                () -> round.chosenProperty().set(Optional.of(remark.id())),
                "remark");
        entry.setFocusTraversable(false);
        entry.setMinHeight(86);
        entry.setPrefHeight(86);
        entry.setMaxHeight(86);
        entry.pseudoClassStateChanged(
                Parts.SELECTED,
                round.chosenProperty().get().filter(remark.id()::equals).isPresent());
        return entry;
    }

    private void tape() {
        taps.getChildren().clear();
        Optional<Remark> remark = round.chosen().map(FittingRound.Logged::remark);
        Optional<Length> pinned = remark.flatMap(Remark::amount);
        for (int i = 0; i <= EIGHTHS; i++) {
            Length amount = Length.ofInches(0, i, 8);
            boolean whole = i % 8 == 0;
            boolean chosen = pinned.filter(amount::equals).isPresent();
            String fraction =
                    i % 2 == 0 || chosen ? LengthFormat.INCH_EIGHTHS.number(Length.ofInches(0, i % 8, 8)) : "";
            Label label = Parts.label(whole ? String.valueOf(i / 8) : fraction, whole ? "tap-whole" : "tap-part");
            Tappable tap = new Tappable(
                    label,
                    amount.in(LengthUnit.INCH) + " in",
                    () -> round.pin(amount),
                    "tap",
                    whole ? "whole" : "part");
            tap.setFocusTraversable(false);
            tap.pseudoClassStateChanged(Parts.SELECTED, chosen);
            tap.setDisable(remark.isEmpty() || earlier());
            tap.setPrefSize(getWidth() / (EIGHTHS + 1), 84);
            tap.setMinWidth(0);
            taps.getChildren().add(tap);
        }
        told.setText(remark.map(r -> round.told(r).in(studio.format()))
                .orElse("Cloth taken at the seam: a pinch ½ in deep takes 1 in."));
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double middle = getHeight() - BAND - TAPE - HAND;
        band.resizeRelocate(0, 0, width, BAND);
        pointing.resizeRelocate(0, BAND, FIGURE, middle);
        seen.resizeRelocate(FIGURE, BAND, SEEN, middle);
        log.resizeRelocate(FIGURE + SEEN, BAND, width - FIGURE - SEEN, middle);
        tape.resizeRelocate(0, BAND + middle, width, TAPE);
        taps.getChildren().forEach(tap -> ((Tappable) tap).setPrefWidth((width - 8) / (EIGHTHS + 1)));
        hand.resizeRelocate(0, getHeight() - HAND, width, HAND);
    }
}
