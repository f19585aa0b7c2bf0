package org.soberhem.desk.fitting;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

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
    private static final int EIGHTHS = 24;

    /** What the left of the view shows. */
    private enum Mode {
        POINTING,
        CONDITIONS,
        MOVEMENTS
    }

    private final Studio studio;
    private final FittingRound round;
    private final Trying trying;
    private final HBox band = new HBox(22);
    private final PointingPane pointing;
    private final ConditionsPane conditions;
    private final MovementPane movements;
    private final SeenPane seen;
    private final LogPane log;
    private final VBox tape = new VBox(4);
    private final HBox taps = new HBox();
    private final Label told = Parts.label("", "spoken");
    private final HBox hand = new HBox(8);
    private final Button otherSide;
    private final Button views;
    private final Label clock = Parts.label("", "band-text", "soft");
    private Mode mode = Mode.POINTING;
    private boolean flat;

    StandingView(Studio studio, FittingRound round, Trying trying, PictureShelf pictures) {
        this.studio = studio;
        this.round = round;
        this.trying = trying;
        getStyleClass().add("standing");
        pointing = new PointingPane(studio.figures(), this::point);
        conditions = new ConditionsPane(studio, round, trying);
        movements = new MovementPane(round, trying);
        seen = new SeenPane(round, this::requestFocus);
        log = new LogPane(studio, round);
        otherSide = handKey("same on the\nother side", "F3", round::sameOnTheOtherSide);
        views = handKey("", "F7", this::turn);
        hand.getChildren()
                .addAll(
                        handKey("photograph", "F5", () -> pictures.photograph(round)),
                        handKey("movements", "F4", () -> show(Mode.MOVEMENTS)),
                        views,
                        otherSide,
                        handKey("take back", "⌫", studio::undo),
                        handKey("pause", "Esc", this::leave));
        hand.setAlignment(Pos.CENTER);
        told.setMaxWidth(Double.MAX_VALUE);
        tape.getChildren().addAll(taps, told);
        getChildren().addAll(band, pointing, conditions, movements, seen, log, tape, hand);
        List.of(band, tape).forEach(part -> part.getStyleClass().add("standing-band"));
        band.setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(10), tick -> tellTime()));
        ticking.setCycleCount(Animation.INDEFINITE);
        round.pageProperty().addListener((was, before, now) -> refresh());
        visibleProperty().addListener((was, before, now) -> {
            tellTime();
            if (now) {
                ticking.play();
            } else {
                ticking.stop();
                mode = Mode.POINTING;
            }
        });
        tellTime();
    }

    private static Button handKey(String words, String key, Runnable action) {
        Button button = Parts.button(words + "  " + key, action, "hand");
        button.setFocusTraversable(false);
        button.setPrefSize(204, 84);
        button.setMinSize(190, 84);
        button.setWrapText(true);
        return button;
    }

    private void tellTime() {
        clock.setText(studio.time().format(DateTimeFormatter.ofPattern("H:mm")) + "  ");
    }

    private void turn() {
        if (mode == Mode.POINTING) {
            flat = !flat;
        }
        mode = Mode.POINTING;
        refresh();
    }

    /** Shows the conditions or the movements, or, if they are shown, the figure again. */
    private void show(Mode wanted) {
        mode = mode == wanted ? Mode.POINTING : wanted;
        refresh();
    }

    private void leave() {
        if (mode == Mode.POINTING) {
            studio.navigation().standing().set(false);
        } else {
            show(mode);
        }
    }

    private void key(KeyEvent event) {
        if (seen.ownWords().isFocused()) {
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
        if (code.isDigitKey()) {
            // The name ends in the digit on the number pad as well.
            String name = code.getName();
            digit(name.charAt(name.length() - 1) - '0', event.isShiftDown());
        } else if (code.isLetterKey()) {
            letter(code.getChar());
        } else {
            used = command(code);
        }
        if (used) {
            event.consume();
        }
    }

    private boolean command(KeyCode code) {
        switch (code) {
            case ESCAPE -> leave();
            case F7 -> turn();
            case F6 -> show(Mode.CONDITIONS);
            case F4 -> show(Mode.MOVEMENTS);
            case F5 -> ((Button) hand.getChildren().get(0)).fire();
            case F3 -> round.sameOnTheOtherSide();
            case F2 -> seen.ownWords().requestFocus();
            case BACK_SPACE -> studio.undo();
            case ENTER -> confirm();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void letter(String letter) {
        switch (mode) {
            case CONDITIONS -> conditions.letter(letter);
            case MOVEMENTS -> movements.letter(letter);
            case POINTING -> point(letter);
        }
    }

    /**
     * With the wrong side out, the garment's left lies on the wearer's right: what is pointed at is named by the
     * garment.
     */
    private void point(String letter) {
        round.fitting()
                .ifPresent(fitting -> round.zones()
                        .forEach(zone -> zone.sides(letter)
                                .ifPresent(sides ->
                                        round.point(zone, fitting.conditions().garmentSide(sides)))));
    }

    private void digit(int digit, boolean shifted) {
        if (mode == Mode.CONDITIONS) {
            conditions.digit(digit);
            return;
        }
        if (mode == Mode.MOVEMENTS) {
            movements.digit(digit);
            return;
        }
        Optional<Remark> remark = round.chosen().map(FittingRound.Logged::remark);
        if (remark.isEmpty()) {
            return;
        }
        if (earlier()) {
            if (digit >= 1 && digit <= SeenPane.ANSWERS.size()) {
                round.settle(SeenPane.ANSWERS.get(digit - 1));
            }
        } else if (remark.get().seen().isEmpty()) {
            if (digit == 0) {
                round.turnPage();
            } else {
                round.see(digit);
            }
        } else {
            round.pin(Length.ofInches(shifted ? 1 : 0, digit, 8));
        }
    }

    /** Says whether the chosen remark is of an earlier round, so that its cure is asked. */
    private boolean earlier() {
        int now = round.fitting().map(Fitting::number).orElse(0);
        return round.chosen().filter(logged -> logged.fitting().number() < now).isPresent();
    }

    private void confirm() {
        if (round.fitting().filter(fitting -> !fitting.confirmed()).isPresent()) {
            trying.confirm();
        }
        mode = Mode.POINTING;
        refresh();
    }

    void refresh() {
        Optional<Fitting> fitting = round.fitting();
        if (fitting.isEmpty()) {
            return;
        }
        views.setText(mode != Mode.POINTING ? "the figure  F7" : flat ? "figure  F7" : "flat pieces  F7");
        otherSide.setDisable(round.chosen()
                .filter(logged -> logged.remark().sides() != Sides.BOTH)
                .isEmpty());
        Parts.show(pointing, mode == Mode.POINTING);
        Parts.show(seen, mode == Mode.POINTING);
        Parts.show(conditions, mode == Mode.CONDITIONS);
        Parts.show(movements, mode == Mode.MOVEMENTS);
        band(fitting.get());
        switch (mode) {
            case CONDITIONS -> conditions.refresh();
            case MOVEMENTS -> movements.refresh();
            case POINTING -> {
                figure(fitting.get());
                seen.refresh(earlier());
            }
        }
        log.refresh(fitting.get());
        tape();
        requestLayout();
    }

    private void band(Fitting fitting) {
        band.getChildren().clear();
        List<String> versions = new ArrayList<>();
        fitting.mockup().versions().forEach((garment, number) -> versions.add(garment + " " + number));
        Conditions now = fitting.conditions();
        String worn = "over " + studio.wardrobe().title(now.stack())
                + (now.off().isEmpty() ? "" : ", " + now.off().size() + " not worn");
        Tappable layers = new Tappable(
                Parts.label(worn + (now.confirmed() ? "  ✓" : ""), "band-text", now.confirmed() ? "settled" : "soft"),
                "how it is worn",
                () -> show(Mode.CONDITIONS));
        layers.setId("conditions");
        layers.setFocusTraversable(false);
        layers.setMinWidth(120);
        band.getChildren()
                .addAll(
                        Parts.label("Round " + fitting.number(), "band-text", "chosen"),
                        Parts.label(String.join(", ", versions), "band-text"),
                        layers);
        if (!now.confirmed()) {
            Button ask = Parts.button("Enter confirms", this::confirm, "band-text", "ask");
            ask.setFocusTraversable(false);
            band.getChildren().add(ask);
        }
        band.getChildren()
                .addAll(
                        Parts.label(
                                (now.insideOut() ? "wrong side out · " : "")
                                        + (now.mark().isEmpty() ? "" : now.mark() + (now.markTried() ? " ✓" : "?")),
                                "band-text",
                                "soft"),
                        Parts.label(
                                fitting.helper().isEmpty() ? "alone" : "with " + fitting.helper(), "band-text", "soft"),
                        Parts.gap(),
                        clock);
        band.getChildren().forEach(part -> {
            if (part instanceof Label label && label != clock) {
                label.setMinWidth(USE_PREF_SIZE);
            }
        });
        clock.setMinWidth(USE_PREF_SIZE);
    }

    private void figure(Fitting fitting) {
        Optional<Remark> remark = round.chosen().map(FittingRound.Logged::remark);
        Optional<Pattern> pieces = Optional.empty();
        if (flat) {
            String garment = remark.map(Remark::garment)
                    .filter(name -> fitting.mockup().versions().containsKey(name))
                    .orElse(fitting.mockup().versions().keySet().iterator().next());
            pieces = studio.situation().pattern(garment);
        }
        pointing.show(
                new PointingPane.Shown(
                        round.zones(),
                        remark.flatMap(r -> round.zone(r.zone())),
                        remark.map(Remark::sides).map(fitting.conditions()::garmentSide),
                        fitting.remarks(),
                        fitting.conditions(),
                        Optional.of(studio.judge().figure(studio.situation().judged(), 0.5))),
                pieces);
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
            tap.setDisable(remark.isEmpty() || earlier() || mode != Mode.POINTING);
            tap.setPrefSize(getWidth() / (EIGHTHS + 1), 84);
            tap.setMinWidth(0);
            taps.getChildren().add(tap);
        }
        told.setText(remark.map(round::said).orElse("Cloth taken at the seam: a pinch ½ in deep takes 1 in."));
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double middle = getHeight() - BAND - TAPE - HAND;
        band.resizeRelocate(0, 0, width, BAND);
        boolean left = studio.maker().leftHanded();
        double rest = width - FIGURE - SEEN;
        // For the left hand the figure, which is pointed at most, stands at the right.
        place(pointing, left ? rest + SEEN : 0, FIGURE, middle);
        place(seen, left ? rest : FIGURE, SEEN, middle);
        place(conditions, left ? rest : 0, FIGURE + SEEN, middle);
        place(movements, left ? rest : 0, FIGURE + SEEN, middle);
        place(log, left ? 0 : FIGURE + SEEN, rest, middle);
        tape.resizeRelocate(0, BAND + middle, width, TAPE);
        taps.getChildren().forEach(tap -> ((Tappable) tap).setPrefWidth((width - 8) / (EIGHTHS + 1)));
        hand.resizeRelocate(0, getHeight() - HAND, width, HAND);
    }

    private static void place(Region part, double x, double width, double height) {
        part.resizeRelocate(x, BAND, width, height);
    }
}
