package org.soberhem.files.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;

class DigitalTapeTest {

    private static final int PATIENCE = 5;
    private static final long SEED = 3;

    private final BlockingQueue<LengthEntry> read = new LinkedBlockingQueue<>();
    private final BlockingQueue<String> troubles = new LinkedBlockingQueue<>();
    private TapeStandIn standIn;
    private StreamTape tape;

    @BeforeEach
    void connect() throws InterruptedException {
        standIn = new TapeStandIn(0, SEED);
        tape = StreamTape.connect(standIn.port());
        tape.listen(read::add, troubles::add);
        for (int i = 0; i < 500 && standIn.listeners() == 0; i++) {
            Thread.sleep(10);
        }
        assertThat(standIn.listeners()).isEqualTo(1);
    }

    @AfterEach
    void putAway() {
        tape.close();
        standIn.close();
    }

    private LengthEntry next() throws InterruptedException {
        LengthEntry entry = read.poll(PATIENCE, TimeUnit.SECONDS);
        assertThat(entry).isNotNull();
        return entry;
    }

    @Test
    void steady_readsNearlyTheTruth_inCentimetres() throws InterruptedException {
        standIn.press(874);
        LengthEntry entry = next();
        assertThat(entry.unit()).isEqualTo(LengthUnit.CENTIMETRE);
        assertThat(entry.value().toMillimetres()).isCloseTo(874, within(6.0));
    }

    @Test
    void wrongUnit_theNumberIsCentimetres_theWordInches() throws InterruptedException {
        standIn.behave(TapeStandIn.Manner.WRONG_UNIT);
        standIn.press(874);
        LengthEntry entry = next();
        assertThat(entry.unit()).isEqualTo(LengthUnit.INCH);
        assertThat(entry.readAs(LengthUnit.CENTIMETRE).value().toMillimetres()).isCloseTo(874, within(6.0));
    }

    @Test
    void dropOuts_areSaid_andNothingWrongIsRead() throws InterruptedException {
        standIn.behave(TapeStandIn.Manner.DROPPING);
        for (int i = 0; i < 40; i++) {
            standIn.press(500);
        }
        standIn.behave(TapeStandIn.Manner.STEADY);
        standIn.press(700);
        for (LengthEntry entry = next(); entry.value().toMillimetres() < 600; entry = next()) {
            assertThat(entry.value().toMillimetres()).isCloseTo(500, within(6.0));
        }
        assertThat(troubles)
                .anyMatch(words -> words.contains("was lost"))
                .anyMatch(words -> words.contains("did not come through"));
    }

    @Test
    void tapePutAway_isSaid() throws InterruptedException {
        standIn.close();
        assertThat(troubles.poll(PATIENCE, TimeUnit.SECONDS)).contains("went away");
    }

    @Test
    void garbledLines_areTroubles_neverReadings() {
        for (String line : new String[] {
            "",
            "{",
            "null",
            "[]",
            "{\"n\": 1}",
            "{\"length\": \"x\", \"unit\": \"cm\"}",
            "{\"length\": \"5\", \"unit\": \"parsec\"}",
            "x".repeat(10_000)
        }) {
            troubles.clear();
            Optional<LengthEntry> entry = tape.read(line, troubles::add);
            assertThat(entry).as(line.length() > 40 ? "long" : line).isEmpty();
            assertThat(troubles).isNotEmpty();
        }
    }

    @Test
    void nobodyThere_isSaidWithThePort() {
        int port = standIn.port();
        standIn.close();
        assertThatThrownBy(() -> StreamTape.connect(port))
                .isInstanceOf(UncheckedIOException.class)
                .hasMessageContaining("No digital tape answers on port " + port);
    }
}
