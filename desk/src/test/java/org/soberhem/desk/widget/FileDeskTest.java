package org.soberhem.desk.widget;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.library.input.FormatException;

class FileDeskTest {

    @TempDir
    Path folder;

    private final List<String> said = new ArrayList<>();
    private final List<String> got = new ArrayList<>();

    private static FileDesk at(Path file) {
        return new FileDesk(name -> Optional.of(file), () -> Optional.of(file), Runnable::run, Runnable::run);
    }

    @Test
    void write_saysThatItWorks_andWhere() throws IOException {
        Path file = folder.resolve("skirt.svg");
        at(file).write("skirt.svg", () -> new byte[] {1, 2}, said::add);
        assertThat(said).containsExactly("Writing skirt.svg …", "Written: " + file);
        assertThat(Files.readAllBytes(file)).containsExactly(1, 2);
    }

    @Test
    void write_whereNothingCanBeWritten_saysWhatToDo() {
        at(folder.resolve("no-such-folder/skirt.svg")).write("skirt.svg", () -> new byte[0], said::add);
        assertThat(said.get(1)).startsWith("Not written: ").endsWith("Choose another folder.");
    }

    @Test
    void changedMind_writesAndReadsNothing() {
        FileDesk desk = new FileDesk(name -> Optional.empty(), Optional::empty, Runnable::run, Runnable::run);
        desk.write("skirt.svg", () -> new byte[0], said::add);
        desk.read((text, name) -> got.add(text), said::add);
        assertThat(said).isEmpty();
        assertThat(got).isEmpty();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void read_givesTheTextWithItsName() throws IOException {
        Path file = Files.writeString(folder.resolve("outline.yaml"), "title: Ärmel");
        at(file).read((text, name) -> got.add(name + "=" + text), said::add);
        assertThat(got).containsExactly("outline.yaml=title: Ärmel");
        assertThat(said).isEmpty();
    }

    @Test
    void read_ofAMissingFile_ofOneTooLarge_orOfWrongContent_isSaid() throws IOException {
        at(folder.resolve("gone.yaml")).read((text, name) -> got.add(text), said::add);
        Path file = Files.write(folder.resolve("large.bin"), new byte[11]);
        at(file).read(10, content -> content.length, (length, name) -> got.add(name), said::add);
        at(file).read(
                        11,
                        content -> {
                            throw new FormatException("It is not a picture");
                        },
                        (nothing, name) -> got.add(name),
                        said::add);
        assertThat(got).isEmpty();
        assertThat(said).hasSize(3);
        assertThat(said.get(0)).isEqualTo("gone.yaml: there is no such file");
        assertThat(said.get(1)).contains("large.bin: it is larger than 10 bytes");
        assertThat(said.get(2)).isEqualTo("large.bin: It is not a picture");
    }

    @Test
    void nameOf_keepsLettersAndDigits_ofAnyScript() {
        assertThat(FileDesk.nameOf("Skirt, 1861 Märta")).isEqualTo("skirt-1861-märta");
    }
}
