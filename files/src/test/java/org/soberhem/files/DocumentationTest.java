package org.soberhem.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.Inputs;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.library.Library;

/** What the project's own pages say is so. */
class DocumentationTest {

    private static final List<String> MODULES = List.of("core", "library", "files", "studio", "cli", "desk");
    private static final int WIDTH = 120;

    private static final Path ROOT = Path.of("..");

    private static String text(String file) throws IOException {
        return Files.readString(ROOT.resolve(file));
    }

    @Test
    void readme_linksAndCommandsAreThere() throws IOException {
        Matcher link = Pattern.compile("\\]\\((docs/[^)]+)\\)").matcher(text("README.md"));
        int links = 0;
        while (link.find()) {
            links++;
            assertThat(ROOT.resolve(link.group(1))).as(link.group(1)).exists();
        }
        assertThat(links).isGreaterThan(5);
        for (String command : List.of("sober-hem", "test.sh", ".ci/run", "bench/run")) {
            assertThat(Files.isExecutable(ROOT.resolve(command))).as(command).isTrue();
        }
    }

    @Test
    void screenshots_areLinkedAndFew() throws IOException {
        String readme = text("README.md");
        try (Stream<Path> shots = Files.list(ROOT.resolve("docs/screenshots"))) {
            List<String> names =
                    shots.map(shot -> shot.getFileName().toString()).toList();
            assertThat(names)
                    .hasSizeLessThan(20)
                    .allSatisfy(name -> assertThat(readme).contains(name));
        }
    }

    @Test
    void measurementsPage_exampleIsRead() throws IOException {
        Matcher example =
                Pattern.compile("```csv\n(.*?)```", Pattern.DOTALL).matcher(text("docs/formats/measurements.md"));
        assertThat(example.find()).isTrue();
        Inputs inputs = MeasureFile.read(example.group(1), Library.shipped().measures());
        assertThat(inputs.find("waist-crease").orElseThrow().left()).isCloseTo(685, within(1e-9));
        assertThat(inputs.find("armscye").orElseThrow().right()).isCloseTo(16.25 * 25.4, within(1e-9));
    }

    @Test
    void pageOfCore_namesEveryPackage() throws IOException {
        String page = text("docs/modules/core.md");
        try (Stream<Path> packages = Files.list(ROOT.resolve("core/src/main/java/org/soberhem/core"))) {
            assertThat(packages.map(folder -> folder.getFileName().toString()).toList())
                    .allSatisfy(name -> assertThat(page).contains("`" + name + "`"));
        }
    }

    @Test
    void everyPackage_saysInOneSentenceWhatItIs() throws IOException {
        for (String module : MODULES) {
            try (Stream<Path> all = Files.walk(ROOT.resolve(module + "/src/main/java/org/soberhem"))) {
                List<Path> folders = all.filter(Files::isDirectory)
                        .filter(DocumentationTest::holdsJava)
                        .toList();
                assertThat(folders)
                        .allSatisfy(folder ->
                                assertThat(folder.resolve("package-info.java")).exists());
            }
        }
    }

    @Test
    void comments_areAtMostOneLineWide() throws IOException {
        for (String module : MODULES) {
            try (Stream<Path> all = Files.walk(ROOT.resolve(module + "/src"))) {
                assertThat(all.filter(file -> file.toString().endsWith(".java")).toList())
                        .allSatisfy(file -> assertThat(Files.readAllLines(file).stream()
                                        .filter(line -> line.strip().matches("(/\\*\\*|\\*|//).*")))
                                .allSatisfy(line -> assertThat(line.codePointCount(0, line.length()))
                                        .as(line)
                                        .isLessThanOrEqualTo(WIDTH)));
            }
        }
    }

    private static boolean holdsJava(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.anyMatch(file -> file.toString().endsWith(".java"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
