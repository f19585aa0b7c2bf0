package org.soberhem.desk.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Wearer;
import org.soberhem.files.store.Line;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import org.testfx.util.WaitForAsyncUtils;

class KeeperTest {

    private static final Wearer ADA = Wearer.of("ada", "Ada", "", List.of());
    private static final Line<Wearer> KEPT = new Line<>("ada", ADA, "Began", false, "");

    private final Workspace workspace = mock(Workspace.class);
    private final List<Line<Wearer>> done = new ArrayList<>();

    private void keep(Keeper keeper, String sentence) {
        keeper.keep("wearer", "ada", ADA, "new", sentence, "[]", Wearer.class, done::add);
    }

    private void whenKept() {
        when(workspace.keep(anyString(), anyString(), any(Wearer.class), anyString(), anyString(), anyString(), any()))
                .thenReturn(KEPT);
    }

    /** Waits until everything queued before has been done. */
    private void settle(Keeper keeper) {
        keeper.lines("wearer", Wearer.class);
    }

    @Test
    void keep_saysKeptOnlyWhenItIsDurable() {
        whenKept();
        Keeper keeper = new Keeper(workspace, Runnable::run);
        assertThat(keeper.stateProperty().get()).isEmpty();
        keep(keeper, "Began");
        settle(keeper);
        assertThat(keeper.stateProperty().get()).isEqualTo("kept");
        assertThat(done).containsExactly(KEPT);
        keeper.close();
        verify(workspace).close();
    }

    @Test
    void keep_actionsReachTheWorkspaceInTheirOrder() {
        whenKept();
        Keeper keeper = new Keeper(workspace, Runnable::run);
        keep(keeper, "first");
        keep(keeper, "second");
        keeper.step("ada", Wearer.class, true);
        var order = inOrder(workspace);
        order.verify(workspace).keep("wearer", "ada", ADA, "new", "first", "[]", Wearer.class);
        order.verify(workspace).keep("wearer", "ada", ADA, "new", "second", "[]", Wearer.class);
        order.verify(workspace).undo("ada", Wearer.class);
        keeper.close();
    }

    @Test
    void keep_fullDisk_isTold_andTheNextActionClearsIt() {
        when(workspace.keep(anyString(), anyString(), any(Wearer.class), anyString(), anyString(), anyString(), any()))
                .thenThrow(new StoreException("The disk is full"))
                .thenReturn(KEPT);
        Keeper keeper = new Keeper(workspace, Runnable::run);
        keep(keeper, "lost");
        settle(keeper);
        assertThat(keeper.stateProperty().get()).isEqualTo("not kept");
        assertThat(keeper.faultProperty().get()).isEqualTo("The disk is full");
        assertThat(done).isEmpty();
        keep(keeper, "again");
        settle(keeper);
        assertThat(keeper.faultProperty().get()).isEmpty();
        assertThat(done).containsExactly(KEPT);
        keeper.close();
    }

    @Test
    void whatIsAskedWhileAnActionIsToldOf_doesNotWaitForItself() {
        whenKept();
        Keeper keeper = new Keeper(workspace, Runnable::run);
        List<Integer> asked = new ArrayList<>();
        keeper.keep(
                "wearer",
                "ada",
                KEPT.value(),
                "new",
                "began",
                "[]",
                Wearer.class,
                line -> asked.add(keeper.lines("wearer", Wearer.class).size()));
        settle(keeper);
        assertThat(asked).containsExactly(0);
        keeper.close();
    }

    @Test
    void readOnlyWorkspace_isToldAtOnce_andNotBackedUp() {
        when(workspace.isReadOnly()).thenReturn(true);
        Keeper keeper = new Keeper(workspace, Runnable::run);
        assertThat(keeper.faultProperty().get()).contains("you can look, but nothing will be kept");
        keeper.careAfter(Duration.ZERO);
        settle(keeper);
        verify(workspace, never()).backUp();
        keeper.close();
    }

    @Test
    void backUp_thatFails_isTold() throws TimeoutException {
        doThrow(new StoreException("The backup cannot be written"))
                .when(workspace)
                .backUp();
        when(workspace.needsBackup()).thenReturn(true);
        Keeper keeper = new Keeper(workspace, Runnable::run);
        keeper.careAfter(Duration.ZERO);
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> !keeper.faultProperty().get().isEmpty());
        assertThat(keeper.faultProperty().get()).isEqualTo("The backup cannot be written");
        keeper.close();
    }

    @Test
    void lines_damagedWorkspace_failsWithItsOwnMessage() {
        when(workspace.lines("wearer", Wearer.class)).thenThrow(new StoreException("damaged"));
        Keeper keeper = new Keeper(workspace, Runnable::run);
        assertThatThrownBy(() -> keeper.lines("wearer", Wearer.class))
                .isInstanceOf(StoreException.class)
                .hasMessage("damaged");
        keeper.close();
    }
}
