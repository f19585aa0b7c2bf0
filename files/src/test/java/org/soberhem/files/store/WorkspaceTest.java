package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Stance;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.report.Overview;
import org.soberhem.library.Library;

class WorkspaceTest {

    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-24T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private Workspace open() {
        return Workspace.open(folder, CLOCK);
    }

    private static HistoryLine<Wearer> keep(Workspace workspace, Wearer wearer, String sentence) {
        return workspace.keep("wearer", wearer.id(), wearer, Action.of("test", sentence), Wearer.class);
    }

    private static Wearer wearer(String note) {
        Reading reading = new Reading(
                "full-bust", Side.MIDDLE, Posture.STANDING, List.of(LengthEntry.parse("38 1/2", LengthUnit.INCH)));
        MeasurementSet set =
                MeasurementSet.of("s1", LocalDate.of(2026, 3, 1), "none", "", "a helper", List.of(reading));
        return Wearer.of("w1", "Ida", note, List.of(set));
    }

    private static Pattern pattern() {
        CompiledSheet sheet = Library.shipped().sheet("bodice-1869").orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private static Costume costume() {
        Version version = new Version(
                1,
                LocalDate.of(2026, 4, 1),
                "first mock-up",
                Map.of("full-bust", Inputs.Measured.both(977.9)),
                Map.of("stand", 25.4),
                List.of(LengthenAtLevel.evenly("midriff", -12.7, Sides.BOTH)),
                "draft: y",
                0,
                Optional.of(pattern()));
        Garment blouse = new Garment(
                "Blouse",
                "draft: x",
                Map.of("stand", 25.4),
                List.of(new TakeInSeam(EdgeRef.parse("back.side"), 6.35, 0, Sides.LEFT)),
                List.of(version));
        Remark remark = Remark.at("1-1", "Blouse", "bust", Sides.LEFT)
                .withSeen("strains")
                .withAmount(Length.ofInches(0, 3, 8))
                .because("too narrow")
                .in("arms-up")
                .tested("girth-small", true)
                .withDecision(new Decision(
                        Decision.Kind.ALTER,
                        "let out",
                        Optional.of(LengthenAtLevel.evenly("midriff", 3, Sides.BOTH)),
                        2))
                .withState(Remark.State.WORSE, 2);
        Overlay overlay = Overlay.over("b".repeat(64))
                .with(new Overlay.Pair("eye", Overlay.Use.HOLDS, new Point(0.5, 0.1), Optional.of(new Point(0.4, 0.2))))
                .knowing(new Overlay.Known("eye", "foot", Length.ofInches(60)))
                .tracing(List.of(List.of(new Point(0, 0), new Point(1, 1))));
        Fitting fitting = Fitting.begun(
                        1,
                        LocalDate.of(2026, 4, 9),
                        new Mockup(Map.of("Blouse", 1), "calico")
                                .toggling(ClothDifference.STIFFER)
                                .stepping(InnerPart.BONES)
                                .leaving(Optional.of(Length.ofInches(0, 1, 2))),
                        new Conditions("blouse-1906", true, "Ruth")
                                .toggling("corset-cover-1880")
                                .toggling(Stance.HOLLOW_BACK)
                                .withMark("red", true)
                                .turned(true))
                .with(remark)
                .with(new Trial("sit", 60, Trial.Result.FAILED, "presses"))
                .with(new Picture("a".repeat(64), "front", "1-1").laidOver(overlay))
                .withReading("collar-ease", Length.ofMillimetres(8));
        return new Costume(
                "c1",
                "Blouse",
                "here",
                1906,
                Optional.of(LocalDate.of(2026, 7, 1)),
                "w1",
                "s1",
                "blouse-1906",
                List.of(blouse),
                List.of(fitting),
                "",
                Map.of());
    }

    @Test
    void keep_everythingComesBackAsItWas() {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("tall"), "began");
            workspace.keep("costume", "c1", costume(), Action.of("new", "began"), Costume.class);
        }
        try (Workspace workspace = open()) {
            assertThat(workspace.lines("wearer", Wearer.class))
                    .singleElement()
                    .satisfies(line -> assertThat(line.value()).isEqualTo(wearer("tall")));
            assertThat(workspace.lines("costume", Costume.class))
                    .singleElement()
                    .satisfies(line -> assertThat(line.value()).isEqualTo(costume()));
            assertThat(workspace.overviews("costume"))
                    .as("nothing was told of it")
                    .containsEntry("c1", Optional.empty());
            Overview known = Overview.of(costume(), seen -> seen, List.of("measure again"));
            workspace.note("c1", known);
            assertThat(workspace.overviews("costume")).containsEntry("c1", Optional.of(known));
            assertThat(workspace.line("c1", Costume.class).value()).isEqualTo(costume());
        }
    }

    @Test
    void undoAndRedo_surviveARestart() {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
            keep(workspace, wearer("two"), "wrote two");
            keep(workspace, wearer("three"), "wrote three");
            assertThat(workspace.undo("w1", Wearer.class).value().note()).isEqualTo("two");
        }
        try (Workspace workspace = open()) {
            HistoryLine<Wearer> line = workspace.lines("wearer", Wearer.class).get(0);
            assertThat(line.value().note()).isEqualTo("two");
            assertThat(line.done()).isEqualTo("wrote two");
            assertThat(line.redo()).isEqualTo("wrote three");
            assertThat(workspace.redo("w1", Wearer.class).value().note()).isEqualTo("three");
            assertThat(workspace.redo("w1", Wearer.class).value().note()).isEqualTo("three");
            workspace.undo("w1", Wearer.class);
            HistoryLine<Wearer> first = workspace.undo("w1", Wearer.class);
            assertThat(first.value().note()).isEqualTo("one");
            assertThat(first.undoable()).isFalse();
            assertThat(workspace.undo("w1", Wearer.class).value().note()).isEqualTo("one");
        }
    }

    @Test
    void keep_afterUndo_forgetsWhatCouldBeRedone() {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
            keep(workspace, wearer("two"), "wrote two");
            workspace.undo("w1", Wearer.class);
            HistoryLine<Wearer> line = keep(workspace, wearer("other"), "wrote other");
            assertThat(line.value().note()).isEqualTo("other");
            assertThat(line.redo()).isEmpty();
        }
    }

    @Test
    void keep_acrossSnapshots_everyStateIsReached() {
        int states = 2 * ActionLog.SNAPSHOT_EVERY + 3;
        try (Workspace workspace = open()) {
            for (int i = 0; i < states; i++) {
                keep(workspace, wearer("note " + i), "wrote " + i);
            }
        }
        try (Workspace workspace = open()) {
            for (int i = states - 2; i >= 0; i--) {
                assertThat(workspace.undo("w1", Wearer.class).value().note()).isEqualTo("note " + i);
            }
        }
    }

    @Test
    void open_secondTime_isReadOnlyAndSaysSo() {
        try (Workspace first = open();
                Workspace second = open()) {
            keep(first, wearer("one"), "began");
            assertThat(first.isReadOnly()).isFalse();
            assertThat(second.isReadOnly()).isTrue();
            assertThat(second.lines("wearer", Wearer.class)).hasSize(1);
            assertThatThrownBy(() -> keep(second, wearer("two"), "wrote"))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("open in another window");
        }
    }

    @Test
    void open_newerFormat_refusedUntouched() throws Exception {
        open().close();
        Path database = folder.resolve("workspace.db");
        try (RandomAccessFile file = new RandomAccessFile(database.toFile(), "rw")) {
            file.seek(60);
            file.writeInt(99);
        }
        byte[] before = Files.readAllBytes(database);
        assertThatThrownBy(this::open)
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("newer Sober Hem (format 99");
        assertThat(Files.readAllBytes(database)).isEqualTo(before);
    }

    @Test
    void open_noDatabase_refusedUntouched() throws Exception {
        Path database = folder.resolve("workspace.db");
        Files.writeString(database, "not a database, but long enough to be taken for one. ".repeat(10));
        assertThatThrownBy(this::open)
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("is damaged and was not touched");
        assertThat(Files.readString(database)).startsWith("not a database");
    }

    @Test
    void open_damagedPages_saysWhereTheBackupIs() throws Exception {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
        }
        try (RandomAccessFile file =
                new RandomAccessFile(folder.resolve("workspace.db").toFile(), "rw")) {
            file.seek(100);
            file.write(new byte[(int) file.length() - 100]);
        }
        assertThatThrownBy(() -> {
                    try (Workspace workspace = open()) {
                        workspace.lines("wearer", Wearer.class);
                    }
                })
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("backups");
    }

    /** The process file system refuses new folders even to the superuser. */
    @Test
    void open_folderThatCannotBeWritten_refused() {
        assertThatThrownBy(() -> Workspace.open(Path.of("/proc/sober-hem"), CLOCK))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("cannot be written");
    }

    @Test
    void keep_fullDisk_losesNothingAndCanBeDoneAgain() {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
            workspace.limitPages(1);
            String long1 = "x".repeat(200_000);
            assertThatThrownBy(() -> keep(workspace, wearer(long1), "wrote much"))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("The disk is full");
            assertThat(workspace.lines("wearer", Wearer.class).get(0).value().note())
                    .isEqualTo("one");
            workspace.limitPages(1_000_000);
            assertThat(keep(workspace, wearer(long1), "wrote much").value().note())
                    .hasSize(200_000);
        }
    }

    @Test
    void backUp_onceADay_opensAsAWorkspace(@TempDir Path other) throws Exception {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
            workspace.backUp();
            workspace.backUp();
            workspace.verify();
        }
        Path copy = folder.resolve("backups/workspace-2026-11-24.db");
        Files.copy(copy, other.resolve("workspace.db"));
        try (Workspace restored = Workspace.open(other, CLOCK)) {
            assertThat(restored.lines("wearer", Wearer.class)).hasSize(1);
        }
    }

    @Test
    void revision_isSmall_andAFinishedPatternIsKeptOnce() throws Exception {
        Costume changed = costume();
        try (Workspace workspace = open()) {
            workspace.keep("costume", "c1", changed, Action.of("new", "began"), Costume.class);
            for (int i = 0; i < 20; i++) {
                changed = changed.with(changed.garments().get(0).withSetting("stand", 20 + i));
                workspace.keep("costume", "c1", changed, Action.of("setting", "stand"), Costume.class);
            }
        }
        try (Handle handle =
                Jdbi.create("jdbc:sqlite:" + folder.resolve("workspace.db")).open()) {
            assertThat(handle.createQuery("SELECT max(length(forward) + length(back)) FROM revision")
                            .mapTo(Integer.class)
                            .one())
                    .isLessThan(200);
            assertThat(handle.createQuery("SELECT count(*) FROM part")
                            .mapTo(Integer.class)
                            .one())
                    .as("two sheets and one pattern")
                    .isEqualTo(3);
        }
        try (Workspace workspace = open()) {
            assertThat(workspace.line("c1", Costume.class).value()).isEqualTo(changed);
        }
    }

    @Test
    void open_thatFails_holdsNothing() throws Exception {
        open().close();
        Path database = folder.resolve("workspace.db");
        byte[] good = Files.readAllBytes(database);
        long before = openFiles();
        for (int i = 0; i < 100; i++) {
            Files.writeString(database, "not a database. ".repeat(10));
            assertThatThrownBy(this::open).hasMessageContaining("is damaged");
            Files.write(database, good);
            try (Workspace again = open()) {
                assertThat(again.isReadOnly()).as("try %d", i).isFalse();
            }
        }
        assertThat(openFiles()).isLessThanOrEqualTo(before + 2);
    }

    private static long openFiles() throws Exception {
        Path own = Path.of("/proc/self/fd");
        if (!Files.isDirectory(own)) {
            return 0;
        }
        try (var files = Files.list(own)) {
            return files.count();
        }
    }

    @Test
    void keep_folderReplacedUnderneath_isRefused_andNothingGoesIntoTheOther(@TempDir Path elsewhere) throws Exception {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
            Path database = folder.resolve("workspace.db");
            Path moved = elsewhere.resolve("moved.db");
            Files.move(database, moved);
            assertThatThrownBy(() -> keep(workspace, wearer("two"), "wrote two"))
                    .hasMessageContaining("was moved or replaced while it was open");
            Files.writeString(database, "another");
            assertThatThrownBy(() -> workspace.undo("w1", Wearer.class)).hasMessageContaining("moved or replaced");
            assertThat(Files.readString(database)).isEqualTo("another");
            Files.move(moved, database, StandardCopyOption.REPLACE_EXISTING);
            assertThat(keep(workspace, wearer("two"), "wrote two").value().note())
                    .isEqualTo("two");
        }
    }

    @Test
    void whatIsNotKnownHere_isWrittenBackWhereItWas() throws Exception {
        try (Workspace workspace = open()) {
            keep(workspace, wearer("one"), "began");
        }
        try (Handle handle =
                Jdbi.create("jdbc:sqlite:" + folder.resolve("workspace.db")).open()) {
            String stored = Json.unpacked(handle.createQuery("SELECT body FROM snapshot")
                    .mapTo(byte[].class)
                    .one());
            String later = stored.replaceFirst("\\{", "{\"pronoun\":\"she\",")
                    .replace("\"id\":\"s1\"", "\"id\":\"s1\",\"room\":\"cold\"");
            handle.execute("UPDATE snapshot SET body = ?", Json.packed(later));
        }
        try (Workspace workspace = open()) {
            Wearer ida = workspace.line("w1", Wearer.class).value();
            MeasurementSet first = MeasurementSet.of("s0", LocalDate.of(2025, 1, 1), "none", "", "", List.of());
            Wearer more =
                    Wearer.of("w1", "Ida", "two", List.of(first, ida.sets().get(0)));
            keep(workspace, more, "wrote two");
            keep(workspace, wearer("three"), "wrote three");
            assertThat(workspace.undo("w1", Wearer.class).value()).isEqualTo(more);
            keep(workspace, wearer("four"), "wrote four");
        }
        try (Handle handle =
                Jdbi.create("jdbc:sqlite:" + folder.resolve("workspace.db")).open()) {
            String stored = ActionLog.replayed(handle, "w1", 2).toString();
            assertThat(stored).contains("\"pronoun\":\"she\"", "\"room\":\"cold\"", "\"note\":\"four\"");
        }
    }
}
