package org.soberhem.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher on machines that lack something: a copy of it, with a Java that only says what it was given. */
class LauncherTest {

    @TempDir
    private Path tree;

    private Path tools;
    private String said;

    @BeforeEach
    void layOut() throws IOException {
        Path script = Path.of("..", "sober-hem");
        Files.copy(script, tree.resolve("sober-hem"));
        Files.writeString(tree.resolve("pom.xml"), "");
        for (String module : List.of("core", "library", "files", "studio", "cli", "desk")) {
            Files.createDirectories(tree.resolve(module).resolve("src/main"));
            Files.writeString(tree.resolve(module).resolve("pom.xml"), "");
        }
        Path jar = tree.resolve("desk/target/desk-0.1.0.jar");
        Files.createDirectories(jar.getParent());
        Files.writeString(jar, "");
        Files.setLastModifiedTime(jar, FileTime.from(Instant.now().plusSeconds(60)));
        tools = Files.createDirectories(tree.resolve("tools"));
        tool("java", "echo \"java on '${DISPLAY:-}': $*\"");
        tool("id", "echo 1000");
        tool("ldconfig", "echo libGL.so.1");
    }

    private void tool(String name, String does) throws IOException {
        Path file = tools.resolve(name);
        Files.writeString(file, "#!/bin/sh\n" + does + "\n");
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }

    private int run(String display, String... arguments) throws IOException, InterruptedException {
        Path out = tree.resolve("out");
        List<String> command =
                new ArrayList<>(List.of("bash", tree.resolve("sober-hem").toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(out.toFile());
        Map<String, String> around = builder.environment();
        around.put("PATH", tools + ":" + around.get("PATH"));
        around.remove("JAVA_HOME");
        around.remove("WAYLAND_DISPLAY");
        around.put("DISPLAY", display);
        Process process = builder.start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        said = Files.readString(out);
        return process.exitValue();
    }

    @Test
    void displayWithoutWhatAWindowNeeds_demo_isToldInOneLine_andGoesOnOffscreen() throws Exception {
        assertThat(run(":7", "--demo")).isZero();
        assertThat(said.lines()).hasSize(2);
        assertThat(said)
                .contains("sober-hem: a window needs packages that are missing")
                .contains("apt-get install libgtk-3-0 libxtst6")
                .contains("java on ''")
                .contains("org.soberhem.desk.Main --demo");
    }

    @Test
    void displayWithoutWhatAWindowNeeds_ownWorkspace_isRefused() throws Exception {
        assertThat(run(":7", "--workspace", "here")).isEqualTo(2);
        assertThat(said.lines()).singleElement().asString().contains("apt-get install libgtk-3-0 libxtst6");
    }

    @Test
    void asRoot_whatAWindowNeeds_isInstalled() throws Exception {
        tool("id", "echo 0");
        tool("apt-get", "echo \"$*\" >> " + tree.resolve("installed"));
        assertThat(run(":7")).isZero();
        assertThat(said).contains("installing libgtk-3-0 libxtst6").contains("java on ':7'");
        assertThat(Files.readString(tree.resolve("installed"))).contains("install -y libgtk-3-0 libxtst6");
    }

    @Test
    void commands_needNoWindow() throws Exception {
        assertThat(run(":7", "drafts")).isZero();
        assertThat(said).contains("java on ':7'").doesNotContain("missing");
    }

    @Test
    void aMachineWithEverything_isAskedNothing() throws Exception {
        tool("ldconfig", "echo libGL.so.1 libgtk-3.so.0 libXtst.so.6");
        assertThat(run(":7")).isZero();
        assertThat(said.lines()).singleElement().asString().startsWith("java on ':7'");
    }
}
