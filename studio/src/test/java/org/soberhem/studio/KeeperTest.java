package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.stubbing.OngoingStubbing;
import org.soberhem.core.body.Wearer;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;

class KeeperTest {

    private static final Wearer ADA = Wearer.of("ada", "Ada", "", List.of());
    private static final HistoryLine<Wearer> KEPT = new HistoryLine<>("ada", ADA, "Began", false, "");
    private static final StoreException FULL = new StoreException("The disk is full");

    private final Workspace workspace = mock(Workspace.class);
    private final Keeper keeper = Keeper.inBackground(workspace, Runnable::run);
    private final List<HistoryLine<Wearer>> done = new ArrayList<>();
    private final List<String> said = new ArrayList<>();

    @AfterEach
    void close() {
        if (!keeper.isHolding()) {
            keeper.close();
        }
    }

    private void keep(Wearer wearer, String sentence) {
        keeper.keep("wearer", wearer.id(), wearer, Action.of("new", sentence), Wearer.class, done::add);
    }

    private void keep(String sentence) {
        keep(ADA, sentence);
    }

    private OngoingStubbing<HistoryLine<Wearer>> whenKept(String id) {
        return when(workspace.keep(anyString(), eq(id), any(Wearer.class), any(), any()));
    }

    private void settle() {
        keeper.settled().join();
    }

    @Test
    void keep_saysKeptOnlyWhenItIsDurable() {
        whenKept("ada").thenReturn(KEPT);
        assertThat(keeper.state().get()).isEmpty();
        keep("Began");
        settle();
        assertThat(keeper.state().get()).isEqualTo("kept");
        assertThat(done).containsExactly(KEPT);
    }

    @Test
    void keep_actionsReachTheWorkspaceInTheirOrder() {
        whenKept("ada").thenReturn(KEPT);
        keep("first");
        keep("second");
        keeper.step("ada", Wearer.class, true, done::add, said::add);
        settle();
        var order = inOrder(workspace);
        order.verify(workspace).keep("wearer", "ada", ADA, Action.of("new", "first"), Wearer.class);
        order.verify(workspace).keep("wearer", "ada", ADA, Action.of("new", "second"), Wearer.class);
        order.verify(workspace).undo("ada", Wearer.class);
    }

    @Test
    void keep_fullDisk_isTold_andNothingOvertakesIt() {
        whenKept("ada").thenThrow(FULL).thenThrow(FULL).thenReturn(KEPT);
        keep("first");
        settle();
        assertThat(keeper.state().get()).isEqualTo("not kept");
        assertThat(keeper.fault().get())
                .isEqualTo("Not kept: first. The disk is full. It stays here and is tried again.");
        assertThat(keeper.isHolding()).isTrue();
        keep("second");
        settle();
        assertThat(done).as("the first still cannot be kept").isEmpty();
        keep("third");
        settle();
        assertThat(keeper.fault().get()).isEmpty();
        assertThat(keeper.state().get()).isEqualTo("kept");
        assertThat(done).hasSize(3);
        var order = inOrder(workspace);
        order.verify(workspace, times(3)).keep("wearer", "ada", ADA, Action.of("new", "first"), Wearer.class);
        order.verify(workspace).keep("wearer", "ada", ADA, Action.of("new", "second"), Wearer.class);
        order.verify(workspace).keep("wearer", "ada", ADA, Action.of("new", "third"), Wearer.class);
    }

    @Test
    void keep_otherLines_areNotHeldBack() {
        Wearer bea = Wearer.of("bea", "Bea", "", List.of());
        whenKept("ada").thenThrow(FULL);
        whenKept("bea").thenReturn(new HistoryLine<>("bea", bea, "", false, ""));
        keep("first");
        settle();
        keep(bea, "of another");
        settle();
        assertThat(done).hasSize(1);
        assertThat(keeper.state().get()).as("one is still held back").isEqualTo("not kept");
        assertThat(keeper.fault().get()).contains("Not kept: first");
    }

    @Test
    void keep_anythingThatIsThrown_isTold_loggedAndTriedAgainByItself() {
        whenKept("ada")
                .thenThrow(new IllegalStateException("Ada, waist 27"))
                .thenThrow(new StackOverflowError())
                .thenReturn(KEPT);
        keep("Began");
        settle();
        assertThat(keeper.state().get()).isEqualTo("not kept");
        assertThat(keeper.fault().get())
                .contains("Not kept: Began", "should not have happened (IllegalStateException)", "\"log\"")
                .doesNotContain("waist 27");
        verify(workspace).log(anyString(), any(IllegalStateException.class));
        await().atMost(20, TimeUnit.SECONDS).until(() -> !keeper.isHolding());
        settle();
        assertThat(done).containsExactly(KEPT);
        assertThat(keeper.fault().get()).isEmpty();
    }

    @Test
    void line_isTheValueThatIsStillToBeKept() {
        whenKept("ada").thenThrow(FULL).thenReturn(KEPT);
        keep("Began");
        settle();
        assertThat(keeper.line("ada", Wearer.class).value()).isEqualTo(ADA);
        verify(workspace, never()).line(any(), any());
        keep("again");
        settle();
        keeper.line("ada", Wearer.class);
        verify(workspace).line("ada", Wearer.class);
    }

    @Test
    void step_whileSomethingIsHeldBack_isRefusedInWords() {
        whenKept("ada").thenThrow(FULL);
        keep("Began");
        keeper.step("ada", Wearer.class, true, done::add, said::add);
        settle();
        assertThat(said).singleElement().asString().contains("Nothing can be taken back while something is not kept");
        verify(workspace, never()).undo(any(), any());
        assertThatThrownBy(keeper::close).isInstanceOf(StoreException.class).hasMessageContaining("Not kept: Began");
    }

    @Test
    void step_thatFails_isTold() {
        when(workspace.undo("ada", Wearer.class)).thenThrow(new StoreException("The workspace is damaged"));
        keeper.step("ada", Wearer.class, true, done::add, said::add);
        settle();
        assertThat(said).containsExactly("The workspace is damaged");
    }

    /** The interface thread asks and goes on: a backup that lasts keeps neither an action nor an undo waiting. */
    @Test
    void care_lastsBesideWhatIsQueued() throws InterruptedException {
        whenKept("ada").thenReturn(KEPT);
        CountDownLatch backingUp = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        keeper.care(
                each -> {
                    backingUp.countDown();
                    await().until(() -> go.getCount() == 0);
                    return "Backed up";
                },
                said::add,
                said::add);
        backingUp.await();
        keep("Began");
        keeper.step("ada", Wearer.class, true, done::add, said::add);
        settle();
        verify(workspace).undo("ada", Wearer.class);
        assertThat(said).isEmpty();
        go.countDown();
    }

    @Test
    void readOnlyWorkspace_isToldAtOnce_andNothingIsHeld() {
        Workspace other = mock(Workspace.class);
        when(other.isReadOnly()).thenReturn(true);
        when(other.keep(anyString(), anyString(), any(Wearer.class), any(), any()))
                .thenThrow(new StoreException("It is open in another window"));
        Keeper reader = Keeper.atOnce(other);
        assertThat(reader.fault().get()).contains("you can look, but nothing will be kept");
        reader.keep("wearer", "ada", ADA, Action.of("new", "Began"), Wearer.class, done::add);
        assertThat(reader.fault().get()).contains("Not kept: Began. It is open in another window");
        assertThat(reader.isHolding()).isFalse();
        reader.careAfter(Duration.ZERO);
        reader.close();
        verify(other, never()).backUp();
    }

    @Test
    void backUp_thatFails_isTold() {
        doThrow(new StoreException("The backup cannot be written"))
                .when(workspace)
                .backUp();
        when(workspace.needsBackup()).thenReturn(true);
        keeper.careAfter(Duration.ZERO);
        await().atMost(10, TimeUnit.SECONDS).until(() -> !keeper.fault().get().isEmpty());
        assertThat(keeper.fault().get()).isEqualTo("The backup cannot be written");
    }

    @Test
    void lines_damagedWorkspace_failsWithItsOwnMessage() {
        when(workspace.lines("wearer", Wearer.class)).thenThrow(new StoreException("damaged"));
        assertThatThrownBy(() -> keeper.lines("wearer", Wearer.class))
                .isInstanceOf(StoreException.class)
                .hasMessage("damaged");
    }

    @Test
    void erase_dropsWhatWaits_soThatNothingComesBack() {
        whenKept("ada").thenThrow(FULL).thenThrow(FULL).thenReturn(KEPT);
        keep("Began");
        settle();
        List<Path> backups = new ArrayList<>();
        when(workspace.erase(Set.of("ada"), Map.of())).thenReturn(List.of(Path.of("workspace.db")));
        keeper.erase(Set.of("ada"), Map.of(), backups::addAll, said::add);
        settle();
        assertThat(backups).hasSize(1);
        assertThat(keeper.isHolding()).isFalse();
    }

    @Test
    void log_hasTheStack_andNeitherNamesNorFigures(@TempDir Path folder) throws Exception {
        try (Workspace real = Workspace.open(folder, Clock.systemUTC())) {
            real.log(
                    "Keeping an action",
                    new IllegalStateException("Wilhelmine, waist 27", new RuntimeException("Wilhelmine")));
        }
        try (var files = Files.list(folder.resolve("log"))) {
            Path log = files.filter(file -> file.toString().endsWith(".log"))
                    .findFirst()
                    .orElseThrow();
            assertThat(Files.readString(log))
                    .contains("Keeping an action", "IllegalStateException", "KeeperTest.log_has", "because of")
                    .doesNotContain("Wilhelmine", "waist 27");
        }
    }
}
