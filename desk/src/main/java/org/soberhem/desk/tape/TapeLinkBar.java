package org.soberhem.desk.tape;

import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.device.TapeStandIn;

/** Connects a digital tape, and plays the stand-in. */
final class TapeLinkBar extends HBox {

    private static final String PORT = "\\d{1,5}";
    private static final int MOST_PORTS = 65_535;

    private final TapeLink link;
    private final Supplier<OptionalDouble> expected;

    /** @param expected what a tape would read now, in millimetres, for the stand-in */
    TapeLinkBar(TapeLink link, Supplier<OptionalDouble> expected) {
        super(8);
        this.link = link;
        this.expected = expected;
        setAlignment(Pos.CENTER_LEFT);
        TextField port = new TextField();
        port.setPromptText("port");
        port.setPrefColumnCount(5);
        port.setId("tape-port");
        Button connect = Parts.button("Connect", () -> connect(port.getText().strip()));
        Parts.hinted(connect, "A digital tape on a port of this machine; without a number, the stand-in");
        connect.setId("tape-connect");
        ChoiceBox<TapeStandIn.Manner> manner = new ChoiceBox<>();
        manner.getItems().setAll(TapeStandIn.Manner.values());
        manner.setConverter(Parts.words(TapeStandIn.Manner::words));
        manner.setValue(TapeStandIn.Manner.STEADY);
        manner.valueProperty().addListener((was, before, now) -> link.behave(now));
        manner.setId("tape-manner");
        Button press = Parts.hinted(Parts.button("Read (F6)", this::press), "Lets the stand-in read into the field");
        press.setId("tape-press");
        Button off = Parts.button("Put away", link::close, "quiet");
        Label trouble = Parts.label("", "small", "needs");
        trouble.textProperty().bind(link.troubleProperty());
        getChildren().addAll(Parts.label("Digital tape", "soft"), port, connect, manner, press, off, trouble);
        Runnable shown = () -> {
            boolean on = link.connectedProperty().get();
            Parts.show(port, !on);
            Parts.show(connect, !on);
            Parts.show(manner, on && link.isStandIn());
            Parts.show(press, on && link.isStandIn());
            Parts.show(off, on);
        };
        link.connectedProperty().addListener((was, before, now) -> shown.run());
        shown.run();
    }

    private void connect(String port) {
        if (port.isEmpty()) {
            link.connectStandIn();
        } else if (port.matches(PORT) && Integer.parseInt(port) <= MOST_PORTS) {
            link.connect(Integer.parseInt(port));
        } else {
            link.troubleProperty().set("A port is a number up to 65535: \"" + port + "\"");
        }
    }

    /** Lets the stand-in read what the figure lets expect. */
    void press() {
        expected.get().ifPresent(link::press);
    }
}
