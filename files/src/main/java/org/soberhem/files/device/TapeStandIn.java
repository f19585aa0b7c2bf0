package org.soberhem.files.device;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;

/** A digital tape that is only played: it sends lengths over a local stream, with the faults that real ones have. */
public final class TapeStandIn implements AutoCloseable {

    /** How the tape behaves. */
    public enum Manner {
        STEADY("steady"),
        NOISY("noisy"),
        DROPPING("drops out"),
        WRONG_UNIT("wrong unit");

        private final String words;

        Manner(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Standard deviation of a steady hand and of a noisy one, in millimetres. */
    private static final double STEADY = 1.5;

    private static final double NOISY = 9;

    private static final int LOST_OF_TEN = 4;

    private static final long PATIENCE = 1000;

    private final ServerSocket server;
    private final Random random;
    private final Thread welcoming;
    private final List<Socket> listeners = new CopyOnWriteArrayList<>();
    private volatile Manner manner = Manner.STEADY;
    private int number;

    /**
     * @param port to listen on; 0 for any that is free
     * @param seed of the noise
     */
    public TapeStandIn(int port, long seed) {
        random = new Random(seed);
        try {
            server = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
        } catch (IOException taken) {
            throw new UncheckedIOException("The digital tape cannot use port " + port + ": take another", taken);
        }
        welcoming = new Thread(this::welcome, "tape stand-in");
        welcoming.setDaemon(true);
        welcoming.start();
    }

    private void welcome() {
        while (!server.isClosed()) {
            try {
                listeners.add(server.accept());
            } catch (IOException ended) {
                return;
            }
        }
    }

    public int port() {
        return server.getLocalPort();
    }

    public void behave(Manner chosen) {
        manner = chosen;
    }

    /** Returns how many listen. */
    public int listeners() {
        return listeners.size();
    }

    /**
     * Reads a length as the tape does and sends it.
     *
     * @param millimetres what a perfect tape would read
     */
    public synchronized void press(double millimetres) {
        number++;
        double read = millimetres + random.nextGaussian() * (manner == Manner.NOISY ? NOISY : STEADY);
        String line = String.format(
                Locale.ROOT,
                "{\"n\": %d, \"length\": \"%.1f\", \"unit\": \"%s\"}",
                number,
                read / 10,
                manner == Manner.WRONG_UNIT ? "in" : "cm");
        if (manner == Manner.DROPPING) {
            int fate = random.nextInt(10);
            if (fate < LOST_OF_TEN / 2) {
                return;
            }
            if (fate < LOST_OF_TEN) {
                line = line.substring(0, line.length() / 2);
            }
        }
        byte[] bytes = (line + "\n").getBytes(StandardCharsets.UTF_8);
        for (Socket listener : listeners) {
            try {
                OutputStream out = listener.getOutputStream();
                out.write(bytes);
                out.flush();
            } catch (IOException gone) {
                listeners.remove(listener);
            }
        }
    }

    @Override
    public void close() {
        try {
            server.close();
            for (Socket listener : listeners) {
                listener.close();
            }
            // The port is free only when nobody waits at it any more.
            welcoming.join(PATIENCE);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (IOException broken) {
            throw new UncheckedIOException("The digital tape cannot be put away", broken);
        }
    }
}
