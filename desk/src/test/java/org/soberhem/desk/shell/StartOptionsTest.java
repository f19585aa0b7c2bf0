package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StartOptionsTest {

    @Test
    void of_theWindowsOwnArguments() {
        assertThat(StartOptions.of(List.of())).contains(new StartOptions(false, Optional.empty()));
        assertThat(StartOptions.of(List.of("--demo"))).contains(new StartOptions(true, Optional.empty()));
        Optional<Path> folder = Optional.of(Path.of("my folder"));
        assertThat(StartOptions.of(List.of("--workspace=my folder"))).contains(new StartOptions(false, folder));
        assertThat(StartOptions.of(List.of("--workspace", "my folder"))).contains(new StartOptions(false, folder));
    }

    @Test
    void of_anythingElse_isNotTheWindow() {
        for (List<String> other : List.of(
                List.of("drafts"),
                List.of("--help"),
                List.of("--demo", "--workspace=x"),
                List.of("--workspace"),
                List.of("--workspace="),
                List.of("--workspace", "--demo"),
                List.of("--workspace", "x", "verify"))) {
            assertThat(StartOptions.of(other)).as(other.toString()).isEmpty();
        }
    }
}
