package org.soberhem.files.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** The lock of a workspace: whoever holds it alone may write. */
final class WorkspaceLock implements AutoCloseable {

    private final FileChannel channel;
    private final boolean held;

    private WorkspaceLock(FileChannel channel, boolean held) {
        this.channel = channel;
        this.held = held;
    }

    /** Tries to take the lock; it is held, or another holds it. */
    static WorkspaceLock tried(Path folder) throws IOException {
        FileChannel channel =
                FileChannel.open(folder.resolve("workspace.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            return new WorkspaceLock(channel, lock != null);
        } catch (OverlappingFileLockException taken) {
            return new WorkspaceLock(channel, false);
        } catch (IOException | RuntimeException broken) {
            channel.close();
            throw broken;
        }
    }

    boolean isHeld() {
        return held;
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
