package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.soberhem.files.store.FailingDiskRun;

/** Lets every writing call of a workspace's life fail in turn, as a full disk and as a broken one. */
public final class DiskRun {

    private DiskRun() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("disk-run");
        Process work = FailingDiskRun.under(folder, 1).inheritIO().start();
        System.exit(work.waitFor());
    }
}
