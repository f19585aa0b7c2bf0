package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KillTest {

    @Test
    void killedProcess_losesNothingThatItHadShownAsKept(@TempDir Path folder) throws Exception {
        KillRun.Found found = KillRun.run(folder, 4, 8, false);
        assertThat(found.kept()).isGreaterThan(4);
        assertThat(found.lost()).isZero();
    }

    @Test
    void killedProcess_whoseDiskFailsAsWell_losesNothing(@TempDir Path folder) throws Exception {
        KillRun.Found found = KillRun.run(folder, 4, 9, true);
        assertThat(found.refused()).isPositive();
        assertThat(found.lost()).isZero();
    }

    @Test
    void diskThatFailsAtAnyWrite_isToldInWords_andNothingIsLost(@TempDir Path folder) throws Exception {
        Path said = folder.resolve("said");
        ProcessBuilder work = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        FailingDiskRun.class.getName(),
                        folder.resolve("w").toString(),
                        "151")
                .redirectErrorStream(true)
                .redirectOutput(said.toFile());
        FailingDisk.under(work, folder);
        int exit = work.start().waitFor();
        assertThat(exit).as(Files.readString(said)).isZero();
        assertThat(Files.readString(said)).contains("times refused in words", " 0 bad");
    }
}
