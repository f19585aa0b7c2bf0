package org.soberhem.files.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.Consumer;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A tape on a local stream: one JSON object a line, {@code {"n": 7, "length": 87.4, "unit": "cm"}}. */
public final class StreamTape implements DigitalTape {

    private static final int PATIENCE = 2000;
    private static final int LONGEST_LINE = 400;

    private final Socket socket;
    private final JsonMapper mapper = JsonMapper.builder().build();
    private int last;
    private volatile boolean closed;

    private StreamTape(Socket socket) {
        this.socket = socket;
    }

    /**
     * Connects to a tape on this machine.
     *
     * @throws UncheckedIOException if nobody answers there; the message says where
     */
    public static StreamTape connect(int port) {
        Socket socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE);
            return new StreamTape(socket);
        } catch (IOException nobody) {
            throw new UncheckedIOException(
                    "No digital tape answers on port " + port + " of this machine: start it, or check the number",
                    nobody);
        }
    }

    @Override
    public void listen(Consumer<LengthEntry> reading, Consumer<String> trouble) {
        Thread thread = new Thread(() -> run(reading, trouble), "digital tape");
        thread.setDaemon(true);
        thread.start();
    }

    private void run(Consumer<LengthEntry> reading, Consumer<String> trouble) {
        try (Reader sent = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            for (Optional<String> line = line(sent); line.isPresent(); line = line(sent)) {
                read(line.get(), trouble).ifPresent(reading);
            }
            if (!closed) {
                trouble.accept("The digital tape went away: type, or connect it again");
            }
        } catch (IOException broken) {
            if (!closed) {
                trouble.accept("The digital tape went away: " + broken.getMessage());
            }
        }
    }

    /**
     * Returns the next line, of a longer one than any reading only so much that it is seen to be too long; empty at the
     * end.
     */
    static Optional<String> line(Reader sent) throws IOException {
        StringBuilder line = new StringBuilder();
        int letter = sent.read();
        if (letter < 0) {
            return Optional.empty();
        }
        for (; letter >= 0 && letter != '\n'; letter = sent.read()) {
            if (line.length() <= LONGEST_LINE) {
                line.append((char) letter);
            }
        }
        return Optional.of(line.toString());
    }

    /** Reads one line; what cannot be read, and what was lost before it, is said. */
    Optional<LengthEntry> read(String line, Consumer<String> trouble) {
        try {
            if (line.length() > LONGEST_LINE) {
                throw new LengthFormatException("a line of " + line.length() + " characters");
            }
            JsonNode sent = mapper.readTree(line);
            int number = sent.path("n").asInt(0);
            if (last > 0 && number > last + 1) {
                trouble.accept("A reading of the digital tape was lost: read again");
            }
            last = number;
            String text =
                    sent.path("length").asString("") + " " + sent.path("unit").asString("");
            return Optional.of(LengthEntry.parse(text, LengthUnit.MILLIMETRE));
        } catch (JacksonException | LengthFormatException garbled) {
            trouble.accept("A reading of the digital tape did not come through: read again");
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        closed = true;
        try {
            socket.close();
        } catch (IOException broken) {
            throw new UncheckedIOException("The digital tape cannot be let go", broken);
        }
    }
}
