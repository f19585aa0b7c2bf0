package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KillTest {

    @Test
    void killedProcess_losesNothingThatItHadShownAsKept(@TempDir Path folder) throws Exception {
        KillRun.Found found = KillRun.run(folder, 10, 8);
        assertThat(found.kept()).isGreaterThan(10);
        assertThat(found.lost()).isZero();
    }
}
