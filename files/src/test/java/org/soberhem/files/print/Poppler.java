package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Reads printed pages back with poppler's tools, not with the library that wrote them. */
final class Poppler {

    private Poppler() {}

    /** Runs one of poppler's tools on a PDF and returns what it wrote. */
    static String run(Path folder, byte[] pdf, String... command) throws IOException, InterruptedException {
        assumeTrue(
                Files.isExecutable(Path.of("/usr/bin/" + command[0])),
                "poppler-utils is not installed; ./test.sh installs it");
        Path file = Files.write(folder.resolve("printed.pdf"), pdf);
        List<String> all = new ArrayList<>(List.of(command));
        all.add(file.toString());
        Path out = folder.resolve("out");
        all.add(out.toString());
        Process process = new ProcessBuilder(all).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        return Files.readString(out);
    }
}
