package org.soberhem.desk.widget;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;

/** A window over a drawn tape: the tape is pulled left or right under a fixed mark, or its number is typed. */
public final class TapeWindow extends VBox {

    private static final PseudoClass GOVERNING = PseudoClass.getPseudoClass("governing");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final double STRIP = 40;

    /** Pixels that the tape runs for a millimetre. */
    private static final double PACE = 2.4;

    private final Label name = new Label();
    private final TextField number = new TextField();
    private final Pane strip = new Pane();
    private final Consumer<Length> typed;
    private double millimetres;
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;
    private double grabbed;

    /**
     * @param governing whether the draft's scale goes by it
     * @param pulled gets the value in millimetres while the tape is pulled
     * @param typed gets a typed value
     */
    public TapeWindow(boolean governing, DoubleConsumer pulled, Consumer<Length> typed) {
        this.typed = typed;
        getStyleClass().add("tape-window");
        pseudoClassStateChanged(GOVERNING, governing);
        name.getStyleClass().add("caps");
        number.getStyleClass().add("figure");
        number.setPrefColumnCount(5);
        number.setMaxWidth(110);
        strip.getStyleClass().add("strip");
        strip.setMinHeight(STRIP);
        strip.setPrefHeight(STRIP);
        strip.setFocusTraversable(true);
        strip.widthProperty().addListener((was, before, now) -> draw());
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(strip.widthProperty());
        clip.setHeight(STRIP);
        strip.setClip(clip);
        setSpacing(4);
        getChildren().addAll(name, number, strip);
        number.setOnAction(event -> accept());
        number.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                restore();
            }
        });
        strip.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            strip.requestFocus();
            grabbed = event.getX();
        });
        strip.addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            pulled.accept(Math.max(1, millimetres - (event.getX() - grabbed) / PACE));
            grabbed = event.getX();
        });
        strip.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            double step = format == LengthFormat.CENTIMETRES ? 5 : 25.4 / 8;
            if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
                pulled.accept(Math.max(1, millimetres + (event.getCode() == KeyCode.LEFT ? -step : step)));
                event.consume();
            }
        });
    }

    /** Shows a value, and words above it: the measure, or what is provisional about it. */
    public void show(double value, LengthFormat shownAs, String words, boolean provisional) {
        millimetres = value;
        format = shownAs;
        name.setText(words);
        name.getStyleClass().removeAll("provisional");
        if (provisional) {
            name.getStyleClass().add("provisional");
        }
        if (!number.isFocused()) {
            restore();
        }
        draw();
    }

    private void restore() {
        number.setText(format.format(millimetres));
        number.pseudoClassStateChanged(WRONG, false);
    }

    private void accept() {
        try {
            Length value = LengthEntry.parse(number.getText(), format.unit()).value();
            if (value.nanometres() <= 0) {
                throw new LengthFormatException(
                        "A measurement must be more than nothing: \"" + number.getText() + "\"");
            }
            number.pseudoClassStateChanged(WRONG, false);
            typed.accept(value);
        } catch (LengthFormatException wrong) {
            number.pseudoClassStateChanged(WRONG, true);
            name.setText(wrong.getMessage());
        }
    }

    private void draw() {
        strip.getChildren().clear();
        double width = strip.getWidth();
        if (width < 10) {
            return;
        }
        boolean metric = format == LengthFormat.CENTIMETRES;
        double step = metric ? 5 : 25.4 / 4;
        int perNumber = metric ? 2 : 4;
        double reach = width / 2 / PACE;
        for (long i = (long) Math.ceil((millimetres - reach) / step); i * step <= millimetres + reach; i++) {
            if (i < 0) {
                continue;
            }
            double x = Math.round(width / 2 + (i * step - millimetres) * PACE) + 0.5;
            boolean whole = i % perNumber == 0;
            strip.getChildren().add(Ink.line(new Point(x, 0), new Point(x, whole ? 15 : 8), "tick"));
            if (whole) {
                strip.getChildren().add(Ink.text(String.valueOf(i / perNumber), x, 25, "tick-number"));
            }
        }
        double mark = Math.round(width / 2) + 0.5;
        strip.getChildren().add(Ink.line(new Point(mark, 0), new Point(mark, STRIP), "pointer"));
    }
}
