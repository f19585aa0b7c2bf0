package org.soberhem.files.store;

import java.io.File;
import java.io.IOException;
import java.nio.ByteOrder;
import java.nio.LongBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;

/** A disk that fails when it is told to: {@code src/test/c/failing-disk.c} loaded before a process of its own. */
final class FailingDisk {

    static final long FULL = 28;
    static final long BROKEN = 5;

    private static final int NUMBERS = 4;

    private final LongBuffer control;

    private FailingDisk(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            control = channel.map(FileChannel.MapMode.READ_WRITE, 0, NUMBERS * Long.BYTES)
                    .order(ByteOrder.nativeOrder())
                    .asLongBuffer();
        }
    }

    /** Returns the disk of this process, which was started under it. */
    static FailingDisk own() throws IOException {
        return new FailingDisk(Path.of(System.getenv("FAILING_DISK_CONTROL")));
    }

    /** Compiles it, and puts it under a process that is to be started. */
    static void under(ProcessBuilder process, Path folder) throws IOException, InterruptedException {
        Path library = folder.resolve("failing-disk.so");
        if (!Files.exists(library)) {
            Process compiler = new ProcessBuilder(
                            "cc",
                            "-shared",
                            "-fPIC",
                            "-O1",
                            "-o",
                            library.toString(),
                            "src/test/c/failing-disk.c",
                            "-ldl")
                    .directory(new File(System.getProperty("failing-disk.module", ".")))
                    .inheritIO()
                    .start();
            if (compiler.waitFor() != 0) {
                throw new IllegalStateException("failing-disk.c could not be compiled: install gcc and libc6-dev");
            }
        }
        Path control = folder.resolve("control");
        Files.write(control, new byte[NUMBERS * Long.BYTES]);
        Map<String, String> around = process.environment();
        around.put("LD_PRELOAD", library.toString());
        around.put("FAILING_DISK_FOLDER", folder.resolve("w").toString());
        around.put("FAILING_DISK_CONTROL", control.toString());
    }

    /** Returns how many writing calls there were. */
    long calls() {
        return control.get(0);
    }

    /** Lets so many calls fail from the n-th from now on. */
    void fail(long from, long many, long how) {
        control.put(1, 0);
        control.put(2, many);
        control.put(3, how);
        control.put(1, calls() + from);
    }

    void mend() {
        control.put(1, 0);
    }
}
