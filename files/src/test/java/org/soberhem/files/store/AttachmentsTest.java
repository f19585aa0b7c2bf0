package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Wearer;

class AttachmentsTest {

    private static final Instant NOW = Instant.parse("2026-05-01T10:00:00Z");

    @TempDir
    private Path folder;

    private Workspace open(Instant at) {
        return Workspace.open(folder, Clock.fixed(at, ZoneOffset.UTC));
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    private static void keep(Workspace workspace, String note) {
        Wearer wearer = Wearer.of("ada", "Ada", note, List.of());
        workspace.keep("wearer", "ada", wearer, Action.of("note", "Noted"), Wearer.class);
    }

    @Test
    void samePicture_isKeptOnce_andFoundAgain() throws Exception {
        try (Workspace workspace = open(NOW)) {
            String hash = workspace.attach(bytes("front"));
            assertThat(hash).hasSize(64).isEqualTo(workspace.attach(bytes("front")));
            assertThat(Files.readString(workspace.attachment(hash).orElseThrow()))
                    .isEqualTo("front");
            assertThat(workspace.attachment("../workspace.db")).isEmpty();
            assertThat(workspace.attachment("f".repeat(64))).isEmpty();
            try (var files = Files.list(folder.resolve("attachments"))) {
                assertThat(files).hasSize(1);
            }
        }
    }

    @Test
    void picture_staysWhileItIsNamed_andThirtyDaysAfter() {
        String hash;
        try (Workspace workspace = open(NOW)) {
            hash = workspace.attach(bytes("front"));
            keep(workspace, "began");
            keep(workspace, "picture " + hash);
        }
        Instant later = NOW.plus(400, ChronoUnit.DAYS);
        try (Workspace workspace = open(later)) {
            workspace.sweep();
            assertThat(workspace.attachment(hash)).as("it is named").isPresent();
            keep(workspace, "no picture");
            workspace.sweep();
            assertThat(workspace.attachment(hash)).as("undo may bring it back").isPresent();
        }
        try (Workspace workspace = open(later.plus(29, ChronoUnit.DAYS))) {
            workspace.sweep();
            assertThat(workspace.attachment(hash)).isPresent();
        }
        try (Workspace workspace = open(later.plus(31, ChronoUnit.DAYS))) {
            workspace.sweep();
            assertThat(workspace.attachment(hash)).isEmpty();
        }
    }

    @Test
    void pictureThatNothingEverNamed_goesAfterThirtyDays() throws Exception {
        try (Workspace workspace = open(NOW)) {
            String hash = workspace.attach(bytes("lost"));
            Files.setLastModifiedTime(workspace.attachment(hash).orElseThrow(), FileTime.from(NOW));
            workspace.sweep();
            assertThat(workspace.attachment(hash)).isPresent();
            Files.setLastModifiedTime(
                    workspace.attachment(hash).orElseThrow(), FileTime.from(NOW.minus(31, ChronoUnit.DAYS)));
            workspace.sweep();
            assertThat(workspace.attachment(hash)).isEmpty();
        }
    }

    @Test
    void backup_hasThePictures_andVerifyFindsADamagedOne() throws Exception {
        try (Workspace workspace = open(NOW)) {
            String hash = workspace.attach(bytes("front"));
            workspace.backUp();
            Path copy = folder.resolve("backups").resolve("attachments").resolve(hash);
            assertThat(Files.readString(copy)).isEqualTo("front");
            workspace.verify();
            Files.writeString(workspace.attachment(hash).orElseThrow(), "gnawed");
            assertThatThrownBy(workspace::verify)
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("is damaged: put the one of its folder \"backups/attachments\" in its place");
        }
        // A later backup counts its copies by files, not by the folder of pictures.
        try (Workspace workspace = open(NOW.plus(1, ChronoUnit.DAYS))) {
            workspace.backUp();
            try (var files = Files.list(folder.resolve("backups"))) {
                assertThat(files.filter(Files::isRegularFile)).hasSize(2);
            }
        }
    }

    @Test
    void secondProcess_cannotAttach() {
        try (Workspace first = open(NOW);
                Workspace second = open(NOW)) {
            assertThat(first.isReadOnly()).isFalse();
            assertThatThrownBy(() -> second.attach(bytes("front"))).hasMessageContaining("is open in another window");
        }
    }
}
