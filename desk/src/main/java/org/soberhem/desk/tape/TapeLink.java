package org.soberhem.desk.tape;

import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.files.device.DigitalTape;
import org.soberhem.files.device.StreamTape;
import org.soberhem.files.device.TapeStandIn;

/** The digital tape that is connected, if one is: a real one on a port, or the stand-in. */
public final class TapeLink implements AutoCloseable {

    private static final long SEED = 1778;

    private final Executor ui;
    private final BooleanProperty connected = new SimpleBooleanProperty(this, "connected", false);
    private final StringProperty trouble = new SimpleStringProperty(this, "trouble", "");
    private Consumer<LengthEntry> receiver = entry -> {};
    private Optional<TapeStandIn> standIn = Optional.empty();
    private Optional<DigitalTape> tape = Optional.empty();

    /** @param ui runs on the interface thread */
    public TapeLink(Executor ui) {
        this.ui = ui;
    }

    /** Whether a tape is connected. */
    public ReadOnlyBooleanProperty connectedProperty() {
        return connected;
    }

    /** What went wrong with the tape last; empty while all is well. */
    public StringProperty troubleProperty() {
        return trouble;
    }

    /** Says who gets the readings. */
    public void receive(Consumer<LengthEntry> by) {
        receiver = by;
    }

    /** Connects the stand-in. */
    public void connectStandIn() {
        close();
        TapeStandIn started = new TapeStandIn(0, SEED);
        standIn = Optional.of(started);
        connect(started.port());
    }

    /** Connects the tape that answers on a port of this machine. */
    public void connect(int port) {
        try {
            StreamTape connecting = StreamTape.connect(port);
            connecting.listen(
                    entry -> ui.execute(() -> {
                        trouble.set("");
                        receiver.accept(entry);
                    }),
                    words -> ui.execute(() -> trouble.set(words)));
            tape = Optional.of(connecting);
            trouble.set("");
            connected.set(true);
        } catch (UncheckedIOException nobody) {
            trouble.set(nobody.getMessage());
        }
    }

    /** Says how the stand-in behaves. */
    public void behave(TapeStandIn.Manner manner) {
        standIn.ifPresent(played -> played.behave(manner));
    }

    /** Lets the stand-in read a length; nothing happens with a real tape. */
    public void press(double millimetres) {
        standIn.ifPresent(played -> played.press(millimetres));
    }

    public boolean isStandIn() {
        return standIn.isPresent();
    }

    @Override
    public void close() {
        tape.ifPresent(DigitalTape::close);
        standIn.ifPresent(TapeStandIn::close);
        tape = Optional.empty();
        standIn = Optional.empty();
        connected.set(false);
    }
}
