package org.soberhem.desk.widget;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;

/**
 * A field for one length. Enter, or leaving it, hands the length on; what cannot be read stays as typed, is marked, and
 * is explained by {@link #faultProperty()}.
 */
public final class LengthField extends TextField {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Supplier<LengthFormat> format;
    private final Consumer<LengthEntry> accepted;
    private Runnable cleared = () -> {};
    private Optional<Runnable> entered = Optional.empty();
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper(this, "fault", "");
    private String shown = "";
    private Optional<Length> held = Optional.empty();

    private LengthField(Consumer<LengthEntry> accepted, Supplier<LengthFormat> format) {
        this.format = format;
        this.accepted = accepted;
        setPrefColumnCount(6);
        setMaxWidth(92);
        setOnAction(event -> enter());
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.TAB && !event.isShiftDown() && entered.isPresent()) {
                event.consume();
                enter();
            }
        });
        focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                accept();
            }
        });
        textProperty().addListener((was, before, now) -> weigh());
    }

    /**
     * @param format how the maker wants lengths shown; its unit is assumed where none is typed
     * @param accepted gets what was typed
     */
    public LengthField(Supplier<LengthFormat> format, Consumer<Length> accepted) {
        this(entry -> accepted.accept(entry.value()), format);
    }

    /** Returns a field that hands on the text as typed beside its value. */
    public static LengthField ofEntries(Supplier<LengthFormat> format, Consumer<LengthEntry> accepted) {
        return new LengthField(accepted, format);
    }

    /** Says what is done when a shown length is wiped out. */
    public void onCleared(Runnable action) {
        cleared = action;
    }

    /** Says where Enter and Tab go on to when what was typed is taken. */
    public void onEntered(Runnable next) {
        entered = Optional.of(next);
    }

    private void enter() {
        accept();
        if (fault.get().isEmpty()) {
            entered.ifPresent(Runnable::run);
        }
    }

    /** Why the text cannot be read; empty if it can. */
    public ReadOnlyStringProperty faultProperty() {
        return fault.getReadOnlyProperty();
    }

    /** Shows a length, or nothing. */
    public void show(Optional<Length> value) {
        held = value;
        shown = value.map(length -> format.get().number(length)).orElse("");
        setText(shown);
    }

    /** Returns the exact length that was handed on or shown last, if there is one. */
    public Optional<Length> value() {
        return held;
    }

    /** Takes a length as if it had been typed, such as one that a digital tape sends. */
    public void take(LengthEntry entry) {
        setText(entry.typed());
        accept();
    }

    private void weigh() {
        String problem = "";
        if (!getText().isBlank() && !getText().equals(shown)) {
            try {
                LengthEntry.parse(getText(), format.get().unit());
            } catch (LengthFormatException wrong) {
                problem = wrong.getMessage();
            }
        }
        fault.set(problem);
        pseudoClassStateChanged(WRONG, !problem.isEmpty());
    }

    private void accept() {
        if (getText().equals(shown) || !fault.get().isEmpty()) {
            return;
        }
        if (getText().isBlank()) {
            shown = "";
            held = Optional.empty();
            cleared.run();
            return;
        }
        LengthEntry entry = LengthEntry.parse(getText(), format.get().unit());
        shown = getText();
        held = Optional.of(entry.value());
        accepted.accept(entry);
    }
}
