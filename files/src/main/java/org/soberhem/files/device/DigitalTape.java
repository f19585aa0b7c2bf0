package org.soberhem.files.device;

import java.util.function.Consumer;
import org.soberhem.core.length.LengthEntry;

/** A tape that sends what it reads. */
public interface DigitalTape extends AutoCloseable {

    /**
     * Begins to listen; readings and troubles come on the tape's own thread.
     *
     * @param reading gets each length
     * @param trouble gets a sentence for each reading that did not come through, and when the tape goes away
     */
    void listen(Consumer<LengthEntry> reading, Consumer<String> trouble);

    /** Stops listening. */
    @Override
    void close();
}
