package org.soberhem.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Runs commands as a shell would, and keeps what they said last. */
abstract class CommandTest {

    @TempDir
    Path folder;

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    int run(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return SoberHem.execute(args, new PrintWriter(out), new PrintWriter(err), file -> {});
    }

    /** Returns the answer that was given as JSON. */
    JsonNode json() {
        return JsonMapper.builder().build().readTree(out.toString());
    }
}
