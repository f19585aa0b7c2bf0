package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Path;
import org.soberhem.library.input.Failure;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Says what is wrong with the workspace and what to do; nothing that was kept is lost. */
public final class StoreException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private static final String SAFE = ". Everything before it is safe; ";

    public StoreException(String message) {
        super(message);
    }

    public StoreException(String message, Throwable cause) {
        super(message, cause);
    }

    /**
     * Says what could not be done with a file, and why.
     *
     * @param what could not be done, as the beginning of a sentence
     */
    static StoreException of(String what, IOException broken, String remedy) {
        return new StoreException(what + ": " + Failure.reason(broken) + ". " + remedy, broken);
    }

    static StoreException damaged(Path folder, Throwable cause) {
        return new StoreException(
                "The workspace " + folder
                        + " is damaged and was not touched. Put the newest file of its folder \"backups\" in the place of workspace.db",
                cause);
    }

    static StoreException cannotKeep(Path folder) {
        return new StoreException(
                "The workspace " + folder
                        + " is open in another window or may not be written: nothing can be kept here. Close the other window and start again");
    }

    /** Puts whatever went wrong at the database into words. */
    static StoreException of(RuntimeException broken, Path folder) {
        for (Throwable cause = broken; cause != null; cause = cause.getCause()) {
            if (cause instanceof StoreException told) {
                return told;
            }
            if (cause instanceof SQLiteException sqlite) {
                return of(sqlite, broken, folder);
            }
        }
        return new StoreException(
                "It could not be done (" + broken.getClass().getSimpleName() + ")" + SAFE
                        + "do it again, or close and open the application",
                broken);
    }

    private static StoreException of(SQLiteException sqlite, RuntimeException broken, Path folder) {
        SQLiteErrorCode code = sqlite.getResultCode();
        int family = code.code & 0xff;
        if (code == SQLiteErrorCode.SQLITE_FULL) {
            return new StoreException(
                    "The disk is full: the last action could not be kept" + SAFE + "make room and do it again", broken);
        }
        if (family == SQLiteErrorCode.SQLITE_CORRUPT.code || family == SQLiteErrorCode.SQLITE_NOTADB.code) {
            return damaged(folder, broken);
        }
        if (family == SQLiteErrorCode.SQLITE_READONLY.code) {
            return new StoreException("The workspace " + folder + " is read-only: nothing can be kept in it", broken);
        }
        if (family == SQLiteErrorCode.SQLITE_BUSY.code || family == SQLiteErrorCode.SQLITE_LOCKED.code) {
            return new StoreException(
                    "Another program holds the workspace " + folder + ": the last action could not be kept" + SAFE
                            + "close the other program and do it again",
                    broken);
        }
        return new StoreException(
                "The disk with the workspace " + folder + " refused to be read or written (" + code.name()
                        + "): it was not done" + SAFE + "look after the disk and do it again",
                broken);
    }
}
