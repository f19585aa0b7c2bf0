package org.soberhem.cli;

import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Scanner;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.files.device.TapeStandIn;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "tape",
        description = "Plays a digital tape: each length that is typed is sent to whoever listens on the port.")
final class TapeCommand extends Answering {

    @Option(names = "--port", paramLabel = "N", defaultValue = "0", description = "0 for any that is free")
    private int port;

    @Option(
            names = "--manner",
            paramLabel = "HOW",
            defaultValue = "steady",
            description = "steady, noisy, dropping or wrong-unit (${DEFAULT-VALUE})")
    private String manner;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1778", description = "of the noise (${DEFAULT-VALUE})")
    private long seed;

    @Override
    public Integer call() {
        if (port < 0 || port > 65_535) {
            throw new WrongInput("--port must be 0 to 65535: " + port);
        }
        TapeStandIn.Manner how;
        try {
            how = TapeStandIn.Manner.valueOf(manner.toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException unknown) {
            throw new WrongInput("--manner must be steady, noisy, dropping or wrong-unit: \"" + manner + "\"");
        }
        try (TapeStandIn tape = new TapeStandIn(port, seed);
                Scanner typed = new Scanner(System.in)) {
            tape.behave(how);
            out().println("Listening on port " + tape.port() + ". Type lengths, one a line; end with an empty line.");
            out().flush();
            while (typed.hasNextLine()) {
                String line = typed.nextLine();
                if (line.isBlank()) {
                    break;
                }
                send(tape, line);
            }
        } catch (UncheckedIOException taken) {
            throw new WrongInput(taken.getMessage());
        }
        return 0;
    }

    private void send(TapeStandIn tape, String line) {
        try {
            tape.press(LengthEntry.parse(line, LengthUnit.INCH).value().toMillimetres());
            out().println("sent to " + tape.listeners());
        } catch (LengthFormatException wrong) {
            out().println(wrong.getMessage());
        }
        out().flush();
    }
}
