package org.soberhem.files.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Spoilt input is read or refused in words, soon, and writes nothing outside its place. */
class ReaderFuzzTest {

    private static final int INPUTS = 150;

    @Test
    void everyReader_readsOrRefusesInWords(@TempDir Path place) throws IOException {
        ReaderFuzz fuzz = new ReaderFuzz(place);
        for (String name : fuzz.names()) {
            fuzz.good(name);
            ReaderFuzz.Found found = fuzz.run(name, INPUTS, 7);
            assertThat(found.crashes()).as(name).isEmpty();
            assertThat(found.isGood()).as(name).isTrue();
            assertThat(found.refused()).as("%s: the inputs are spoilt", name).isPositive();
        }
    }
}
