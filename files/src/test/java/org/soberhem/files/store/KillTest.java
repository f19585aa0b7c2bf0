package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KillTest {

    @Test
    void killedProcess_losesNothingThatItHadShownAsKept(@TempDir Path folder) throws Exception {
        KillRun.Found found = KillRun.run(folder, 3, 8, false);
        assertThat(found.kept()).isGreaterThanOrEqualTo(6);
        assertThat(found.lost()).isZero();
    }

    @Test
    void killedProcess_whoseDiskFailsAsWell_losesNothing(@TempDir Path folder) throws Exception {
        KillRun.Found found = KillRun.run(folder, 3, 9, true);
        assertThat(found.refused()).isPositive();
        assertThat(found.lost()).isZero();
    }

    @Test
    void diskThatFailsAtAnyWrite_isToldInWords_andNothingIsLost(@TempDir Path folder) throws Exception {
        Path said = folder.resolve("said");
        int exit = FailingDiskRun.under(folder, 307)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start()
                .waitFor();
        assertThat(exit).as(Files.readString(said)).isZero();
        assertThat(Files.readString(said)).contains("times refused in words", " 0 bad");
    }
}
