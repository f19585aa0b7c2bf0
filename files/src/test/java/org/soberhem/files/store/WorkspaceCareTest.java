package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.body.Wearer;

/** Backups, the way back, a copy to move with, erasing. */
class WorkspaceCareTest {

    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-24T10:00:00Z"), ZoneOffset.UTC);
    private static final String SECRET = "Wilhelmine Unverwechselbar";

    @TempDir
    Path folder;

    private Workspace open() {
        return Workspace.open(folder.resolve("here"), CLOCK);
    }

    private static void keep(Workspace workspace, String id, String name, String note) {
        workspace.keep(
                "wearer",
                id,
                Wearer.of(id, name, note, List.of()),
                Action.of("change", "Changed " + name),
                Wearer.class);
    }

    private static String note(Workspace workspace, String id) {
        return workspace.lines("wearer", Wearer.class).stream()
                .filter(line -> line.id().equals(id))
                .map(line -> line.value().note())
                .findFirst()
                .orElse("gone");
    }

    @Test
    void goingBack_takesTheBackup_andPutsAsideWhatWasThere() {
        try (Workspace workspace = open()) {
            keep(workspace, "a", "Ada", "before");
            workspace.backUpNow();
            keep(workspace, "a", "Ada", "after");
            assertThat(workspace.backups()).hasSize(1);
            workspace.restoreNext(workspace.backups().get(0));
            assertThat(note(workspace, "a")).isEqualTo("after");
        }
        try (Workspace workspace = open()) {
            assertThat(note(workspace, "a")).isEqualTo("before");
            workspace.verify();
            assertThat(folder.resolve("here/backups/put-aside-1.db")).exists();
            keep(workspace, "a", "Ada", "later");
        }
        try (Workspace workspace = open()) {
            assertThat(note(workspace, "a")).as("it goes back once only").isEqualTo("later");
            workspace.restoreNext(folder.resolve("here/backups/put-aside-1.db"));
        }
        try (Workspace workspace = open()) {
            assertThat(note(workspace, "a"))
                    .as("what was put aside is a way back too")
                    .isEqualTo("after");
        }
    }

    @Test
    void aWholeCopy_opensElsewhereWithItsPictures() throws IOException {
        Path zip = folder.resolve("whole.zip");
        String hash;
        try (Workspace workspace = open()) {
            hash = workspace.attach("a picture".getBytes(StandardCharsets.UTF_8));
            keep(workspace, "a", "Ada", hash);
            workspace.copyWhole(zip);
        }
        Path there = folder.resolve("there/deep");
        Workspace.fromWhole(zip, there);
        try (Workspace moved = Workspace.open(there, CLOCK)) {
            moved.verify();
            assertThat(note(moved, "a")).isEqualTo(hash);
            assertThat(moved.attachment(hash)).isPresent();
        }
        assertThatThrownBy(() -> Workspace.fromWhole(zip, there))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("not empty");
    }

    @ParameterizedTest
    @ValueSource(strings = {"../outside.db", "attachments/../../x", "readme.txt", "attachments/0123"})
    void aFileThatIsNoCopy_changesNothing(String entry) throws IOException {
        Path zip = folder.resolve("bad.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            out.putNextEntry(new ZipEntry("workspace.db"));
            out.write(1);
            out.closeEntry();
            out.putNextEntry(new ZipEntry(entry));
            out.write(1);
            out.closeEntry();
        }
        Path there = folder.resolve("there");
        assertThatThrownBy(() -> Workspace.fromWhole(zip, there))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("nothing was changed");
        assertThat(there).doesNotExist();
        Files.writeString(zip, "no zip at all");
        assertThatThrownBy(() -> Workspace.fromWhole(zip, there)).isInstanceOf(StoreException.class);
        assertThat(there).doesNotExist();
    }

    @Test
    void whatIsErased_isNowhereInTheFiles_andTheBackupsThatHoldItAreNamed() throws IOException {
        String picture;
        String shared;
        List<Path> holding;
        try (Workspace workspace = open()) {
            picture = workspace.attach("only hers".getBytes(StandardCharsets.UTF_8));
            shared = workspace.attach("of both".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < 70; i++) {
                keep(workspace, "a", SECRET, "note " + i + " " + picture + " " + shared);
            }
            keep(workspace, "b", "Berta", "once " + SECRET + " lent it");
            keep(workspace, "b", "Berta", shared);
            workspace.backUpNow();
            holding = workspace.erase(Set.of("a"), Map.of("b", Wearer.of("b", "Berta", shared, List.of())));
            assertThat(note(workspace, "a")).isEqualTo("gone");
            assertThat(note(workspace, "b")).isEqualTo(shared);
            assertThat(workspace.undo("b", Wearer.class).undoable()).isFalse();
            assertThat(workspace.attachment(picture)).isEmpty();
            assertThat(workspace.attachment(shared)).isPresent();
        }
        assertThat(holding)
                .extracting(file -> file.getFileName().toString())
                .containsExactly("workspace-2026-11-24.db", "attachments");
        try (Stream<Path> files = Files.list(folder.resolve("here"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                String bytes = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
                assertThat(bytes).as(file.toString()).doesNotContain(SECRET);
            }
        }
    }
}
