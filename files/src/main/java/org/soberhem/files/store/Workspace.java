package org.soberhem.files.store;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.soberhem.core.costume.Overview;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** The maker's workspace: one folder, open in one process for writing. Calls block; keep them off the interface thread. */
public final class Workspace implements AutoCloseable {

    /** The schema this application writes. */
    static final int SCHEMA = Schema.CURRENT;

    /** A whole value is stored every so many revisions. */
    static final int SNAPSHOT_EVERY = 64;

    private static final String DATABASE = "workspace.db";
    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int USER_VERSION_AT = 60;
    private static final int BACKUPS_KEPT = 7;

    /** So long a picture stays after the last revision that names it. */
    private static final Duration ATTACHMENT_STAYS = Duration.ofDays(30);

    private static final Pattern HASH = Pattern.compile("[0-9a-f]{64}");

    private final Path folder;
    private final Clock clock;
    private final Codec codec = new Codec();
    private final FileChannel lockChannel;
    private final boolean readOnly;
    private final Attachments attachments;
    private final Jdbi jdbi;
    private final Handle keeper;

    private Workspace(Path folder, Clock clock) throws IOException {
        this.folder = folder;
        this.clock = clock;
        this.attachments = new Attachments(folder.resolve("attachments"));
        Path database = folder.resolve(DATABASE);
        this.lockChannel =
                FileChannel.open(folder.resolve("workspace.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        boolean alone = locked(lockChannel);
        if (alone) {
            Restoring.ifChosen(folder);
        }
        int stored = storedSchema(database);
        this.readOnly = !alone || Files.exists(database) && !Files.isWritable(database);
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(readOnly);
        if (!readOnly) {
            config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        }
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(2000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + database);
        if (stored < SCHEMA && !readOnly) {
            Schema.bring(source, stored);
        }
        this.jdbi = Jdbi.create(source);
        // One connection stays open: SQLite forgets its settings with the last one.
        this.keeper = jdbi.open();
    }

    /**
     * Opens the workspace in a folder, or makes a new one.
     *
     * @throws StoreException if it cannot be used; the message says why and what to do
     */
    public static Workspace open(Path folder, Clock clock) {
        try {
            Files.createDirectories(folder);
            return new Workspace(folder, clock);
        } catch (IOException broken) {
            throw new StoreException(
                    "The workspace " + folder + " cannot be written: " + reason(broken)
                            + ". Choose another folder or change its rights",
                    broken);
        } catch (RuntimeException broken) {
            throw told(broken, folder);
        }
    }

    private static String reason(IOException broken) {
        return broken instanceof AccessDeniedException ? "no permission" : String.valueOf(broken.getMessage());
    }

    /** Reads the schema number from the file's header, without opening or touching it; 0 if there is no file. */
    private static int storedSchema(Path database) throws IOException {
        if (!Files.exists(database) || Files.size(database) == 0) {
            return 0;
        }
        byte[] magic = new byte[MAGIC.length];
        int version;
        try (RandomAccessFile file = new RandomAccessFile(database.toFile(), "r")) {
            if (file.length() < 100) {
                throw damaged(database.getParent(), null);
            }
            file.readFully(magic);
            file.seek(USER_VERSION_AT);
            version = file.readInt();
        }
        if (!Arrays.equals(magic, MAGIC)) {
            throw damaged(database.getParent(), null);
        }
        if (version > SCHEMA) {
            throw new StoreException("The workspace " + database.getParent() + " was made by a newer Sober Hem (format "
                    + version + ", this one knows " + SCHEMA + "): it was not touched. Use the newer application");
        }
        return version;
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException taken) {
            return false;
        }
    }

    private static StoreException damaged(Path folder, Throwable cause) {
        return new StoreException(
                "The workspace " + folder
                        + " is damaged and was not touched. Put the newest file of its folder \"backups\" in the place of "
                        + DATABASE,
                cause);
    }

    private static StoreException told(RuntimeException broken, Path folder) {
        for (Throwable cause = broken; cause != null; cause = cause.getCause()) {
            if (cause instanceof StoreException told) {
                return told;
            }
            if (cause instanceof SQLiteException sqlite) {
                SQLiteErrorCode code = sqlite.getResultCode();
                if (code == SQLiteErrorCode.SQLITE_FULL) {
                    return new StoreException(
                            "The disk is full: the last action could not be kept. Everything before it is safe; make room and do it again",
                            broken);
                }
                if (code == SQLiteErrorCode.SQLITE_CORRUPT || code == SQLiteErrorCode.SQLITE_NOTADB) {
                    return damaged(folder, broken);
                }
                if (code == SQLiteErrorCode.SQLITE_READONLY) {
                    return new StoreException(
                            "The workspace " + folder + " is read-only: nothing can be kept in it", broken);
                }
            }
        }
        return new StoreException("The workspace " + folder + " cannot be used: " + broken.getMessage(), broken);
    }

    /** Says whether another process has the workspace open, or it may not be written. */
    public boolean isReadOnly() {
        return readOnly;
    }

    public Path folder() {
        return folder;
    }

    /** Returns every line of a kind, by id. */
    public <T> List<Line<T>> lines(String kind, Class<T> type) {
        return asked(handle -> {
            List<String> ids = handle.createQuery("SELECT id FROM line WHERE kind = :kind ORDER BY id")
                    .bind("kind", kind)
                    .mapTo(String.class)
                    .list();
            List<Line<T>> lines = new ArrayList<>();
            ids.forEach(id -> lines.add(line(handle, id, type)));
            return lines;
        });
    }

    /** Returns a line as it stands. */
    public <T> Line<T> line(String id, Class<T> type) {
        return asked(handle -> line(handle, id, type));
    }

    /** Returns the overview of every line of a kind as it was last kept, by id; an empty one where none was. */
    public Map<String, Optional<Overview>> overviews(String kind) {
        return asked(handle -> {
            Map<String, Optional<Overview>> found = new LinkedHashMap<>();
            handle.createQuery("SELECT id, in_way FROM line WHERE kind = :kind ORDER BY id")
                    .bind("kind", kind)
                    .map((row, context) -> Map.entry(row.getString("id"), row.getString("in_way")))
                    .forEach(row -> found.put(row.getKey(), overview(row.getValue())));
            return found;
        });
    }

    /** Older workspaces have words in its place. */
    private Optional<Overview> overview(String stored) {
        if (!stored.startsWith("{")) {
            return Optional.empty();
        }
        try {
            return Optional.of(codec.value(codec.parse(stored), Overview.class));
        } catch (JacksonException other) {
            return Optional.empty();
        }
    }

    /** Keeps the overview of a line that stays as it is. */
    public void note(String id, Overview overview) {
        if (readOnly) {
            return;
        }
        changed(handle -> handle.createUpdate("UPDATE line SET in_way = :way WHERE id = :id")
                .bind("id", id)
                .bind("way", codec.text(codec.tree(overview)))
                .execute());
    }

    /** Returns an overview as it is stored with a line. */
    public static String stored(Overview overview) {
        Codec codec = new Codec();
        return codec.text(codec.tree(overview));
    }

    /**
     * Keeps a new value of a line; the line begins with its first one. What could be redone is forgotten.
     *
     * @param kind kind of the line
     * @param action short name of what was done
     * @param sentence what was done, in words
     * @param inWay its overview, as {@link #stored} puts it; words where there is none
     * @return the line as it stands, durable on disk
     */
    public <T> Line<T> keep(
            String kind, String id, T value, String action, String sentence, String inWay, Class<T> type) {
        return changed(handle -> {
            JsonNode after = codec.tree(value);
            int head = head(handle, id).orElse(-1);
            handle.createUpdate(
                            "INSERT INTO line (id, kind, head, in_way) VALUES (:id, :kind, 0, :way) ON CONFLICT (id) DO UPDATE SET in_way = :way")
                    .bind("id", id)
                    .bind("kind", kind)
                    .bind("way", inWay)
                    .execute();
            if (head < 0) {
                snapshot(handle, id, 0, after);
                return line(handle, id, type);
            }
            JsonNode before = value(handle, id, head);
            JsonNode changes = Changes.between(before, after);
            if (changes.isEmpty()) {
                return line(handle, id, type);
            }
            forget(handle, id, head);
            handle.createUpdate(
                            "INSERT INTO revision (line, seq, made, action, sentence, changes) VALUES (:id, :seq, :made, :action, :sentence, :changes)")
                    .bind("id", id)
                    .bind("seq", head + 1)
                    .bind("made", Instant.now(clock).toString())
                    .bind("action", action)
                    .bind("sentence", sentence)
                    .bind("changes", codec.text(changes))
                    .execute();
            if ((head + 1) % SNAPSHOT_EVERY == 0) {
                snapshot(handle, id, head + 1, after);
            }
            move(handle, id, head + 1);
            return line(handle, id, type);
        });
    }

    private void forget(Handle handle, String id, int head) {
        for (String table : List.of("revision", "snapshot")) {
            handle.createUpdate("DELETE FROM " + table + " WHERE line = :id AND seq > :head")
                    .bind("id", id)
                    .bind("head", head)
                    .execute();
        }
    }

    private void snapshot(Handle handle, String id, int seq, JsonNode value) {
        handle.createUpdate("INSERT INTO snapshot (line, seq, body) VALUES (:id, :seq, :body)")
                .bind("id", id)
                .bind("seq", seq)
                .bind("body", codec.packed(value))
                .execute();
    }

    private static void move(Handle handle, String id, int head) {
        handle.createUpdate("UPDATE line SET head = :head WHERE id = :id")
                .bind("id", id)
                .bind("head", head)
                .execute();
    }

    /** Takes back the last action of a line; does nothing where there is none. */
    public <T> Line<T> undo(String id, Class<T> type) {
        return step(id, type, -1);
    }

    /** Does the action again that was taken back last; does nothing where there is none. */
    public <T> Line<T> redo(String id, Class<T> type) {
        return step(id, type, 1);
    }

    private <T> Line<T> step(String id, Class<T> type, int by) {
        return changed(handle -> {
            int head = head(handle, id).orElseThrow(() -> new StoreException("There is no line \"" + id + "\""));
            int to = head + by;
            if (to >= 0 && (by < 0 || sentence(handle, id, to).isPresent())) {
                move(handle, id, to);
            }
            return line(handle, id, type);
        });
    }

    private static Optional<Integer> head(Handle handle, String id) {
        return handle.createQuery("SELECT head FROM line WHERE id = :id")
                .bind("id", id)
                .mapTo(Integer.class)
                .findOne();
    }

    private static Optional<String> sentence(Handle handle, String id, int seq) {
        return handle.createQuery("SELECT sentence FROM revision WHERE line = :id AND seq = :seq")
                .bind("id", id)
                .bind("seq", seq)
                .mapTo(String.class)
                .findOne();
    }

    private <T> Line<T> line(Handle handle, String id, Class<T> type) {
        int head = head(handle, id).orElseThrow();
        return new Line<>(
                id,
                codec.value(value(handle, id, head), type),
                sentence(handle, id, head).orElse(""),
                head > 0,
                sentence(handle, id, head + 1).orElse(""));
    }

    private JsonNode value(Handle handle, String id, int seq) {
        var start = handle.createQuery(
                        "SELECT seq, body FROM snapshot WHERE line = :id AND seq <= :seq ORDER BY seq DESC LIMIT 1")
                .bind("id", id)
                .bind("seq", seq)
                .map((row, context) -> Map.entry(row.getInt("seq"), row.getBytes("body")))
                .one();
        JsonNode value = codec.unpacked(start.getValue());
        List<String> changes = handle.createQuery(
                        "SELECT changes FROM revision WHERE line = :id AND seq > :from AND seq <= :to ORDER BY seq")
                .bind("id", id)
                .bind("from", start.getKey())
                .bind("to", seq)
                .mapTo(String.class)
                .list();
        for (String change : changes) {
            value = Changes.forward(value, codec.parse(change));
        }
        return value;
    }

    /**
     * Keeps a picture beside the database.
     *
     * @return the hash of its content, by which values name it; it is durable on disk
     */
    public String attach(byte[] content) {
        if (readOnly) {
            throw cannotKeep();
        }
        try {
            return attachments.keep(content);
        } catch (IOException broken) {
            throw new StoreException(
                    "The picture could not be kept in " + folder + ": " + reason(broken)
                            + ". Make room and take it again",
                    broken);
        }
    }

    /** Finds the file of a picture that a value names. */
    public Optional<Path> attachment(String hash) {
        return attachments.find(hash);
    }

    /** Lets go of pictures that no value names and that no revision of the last thirty days named. */
    public void sweep() {
        if (readOnly) {
            return;
        }
        try {
            Set<String> unnamed = new HashSet<>(attachments.all());
            if (unnamed.isEmpty()) {
                return;
            }
            asked(handle -> {
                for (String id : handle.createQuery("SELECT id FROM line")
                        .mapTo(String.class)
                        .list()) {
                    unnamed.removeAll(
                            named(codec.text(value(handle, id, head(handle, id).orElseThrow()))));
                }
                return null;
            });
            Instant gone = Instant.now(clock).minus(ATTACHMENT_STAYS);
            for (String hash : unnamed) {
                if (lastNamed(hash).isBefore(gone)) {
                    attachments.drop(hash);
                }
            }
        } catch (IOException broken) {
            throw new StoreException(
                    "The pictures in " + folder + " could not be looked through: " + reason(broken), broken);
        }
    }

    private static Set<String> named(String text) {
        return HASH.matcher(text).results().map(MatchResult::group).collect(Collectors.toSet());
    }

    private Instant lastNamed(String hash) throws IOException {
        Optional<String> made =
                asked(handle -> handle.createQuery("SELECT max(made) FROM revision WHERE instr(changes, :hash) > 0")
                        .bind("hash", hash)
                        .mapTo(String.class)
                        .findOne());
        if (made.isPresent()) {
            return Instant.parse(made.get());
        }
        return Files.getLastModifiedTime(attachment(hash).orElseThrow()).toInstant();
    }

    /**
     * Copies the database to the folder "backups" once a day with the pictures that it lacks, and keeps the newest seven
     * copies.
     */
    public void backUp() {
        if (needsBackup()) {
            backUpNow();
        }
    }

    /** Says whether today has no backup yet. */
    public boolean needsBackup() {
        return !readOnly && !Files.exists(todaysBackup());
    }

    private Path todaysBackup() {
        return folder.resolve("backups").resolve("workspace-" + LocalDate.now(clock) + ".db");
    }

    /** Copies the database and the pictures to the folder "backups", in the place of a copy of the same day. */
    public void backUpNow() {
        if (readOnly) {
            throw cannotKeep();
        }
        Path copy = todaysBackup();
        Path part = copy.resolveSibling(copy.getFileName() + ".part");
        try {
            Files.createDirectories(copy.getParent());
            Files.deleteIfExists(part);
            asked(handle -> handle.execute("VACUUM INTO ?", part.toString()));
            Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
            List<Path> copies = backups().stream()
                    .filter(file -> file.getFileName().toString().startsWith("workspace-"))
                    .toList();
            for (Path old : copies.subList(Math.min(BACKUPS_KEPT, copies.size()), copies.size())) {
                Files.delete(old);
            }
            attachments.copyTo(copy.resolveSibling("attachments"));
        } catch (IOException broken) {
            throw new StoreException("The backup " + copy + " cannot be written: " + reason(broken), broken);
        }
    }

    /** Returns the backups, the newest first. */
    public List<Path> backups() {
        try {
            return Restoring.backups(folder);
        } catch (IOException broken) {
            throw new StoreException("The backups in " + folder + " cannot be read: " + reason(broken), broken);
        }
    }

    /** Chooses a backup that the next opening of the workspace goes back to; what is there then is put aside. */
    public void restoreNext(Path backup) {
        if (readOnly) {
            throw cannotKeep();
        }
        try {
            Restoring.choose(folder, backup);
        } catch (IOException broken) {
            throw new StoreException("The backup cannot be chosen: " + reason(broken), broken);
        }
    }

    /** Writes everything into one file, to carry to another computer. */
    public void copyWhole(Path zip) {
        Path copy = folder.resolve("whole-copy.db.part");
        try {
            Files.deleteIfExists(copy);
            asked(handle -> handle.execute("VACUUM INTO ?", copy.toString()));
            WholeCopy.pack(copy, attachments, zip);
            Files.delete(copy);
        } catch (IOException broken) {
            throw new StoreException("The copy " + zip + " cannot be written: " + reason(broken), broken);
        }
    }

    /**
     * Unpacks what {@link #copyWhole} wrote into a new folder.
     *
     * @throws StoreException if it is not a copy of a workspace, or the folder is not empty; nothing was changed then
     */
    public static void fromWhole(Path zip, Path folder) {
        try {
            WholeCopy.unpack(zip, folder);
        } catch (IOException broken) {
            throw new StoreException("The copy " + zip + " cannot be read: " + reason(broken), broken);
        }
    }

    /**
     * Erases lines for good, with their whole history, and lets others begin anew, without theirs; pictures that only they named are gone at
     * once.
     *
     * @param lines ids of those that are erased
     * @param anew what is left of others, by id, all of one type
     * @return backups that still hold what was erased, and their folder of pictures if it does; they are the maker's to delete
     */
    public <T> List<Path> erase(Set<String> lines, Map<String, T> anew) {
        Set<String> pictures = new HashSet<>();
        changed(handle -> {
            List<String> all = new ArrayList<>(lines);
            all.addAll(anew.keySet());
            for (String id : all) {
                pictures.addAll(everNamed(handle, id));
                for (String table : List.of("revision", "snapshot")) {
                    handle.createUpdate("DELETE FROM " + table + " WHERE line = :id")
                            .bind("id", id)
                            .execute();
                }
                if (lines.contains(id)) {
                    handle.createUpdate("DELETE FROM line WHERE id = :id")
                            .bind("id", id)
                            .execute();
                } else {
                    snapshot(handle, id, 0, codec.tree(anew.get(id)));
                    move(handle, id, 0);
                    handle.createUpdate("UPDATE line SET in_way = '[]' WHERE id = :id")
                            .bind("id", id)
                            .execute();
                }
            }
            return null;
        });
        // What was deleted still stands in free pages and in the log until both are written anew.
        asked(handle -> handle.execute("VACUUM"));
        asked(handle ->
                handle.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
        try {
            for (String hash : pictures) {
                if (!isNamed(hash)) {
                    attachments.drop(hash);
                }
            }
        } catch (IOException broken) {
            throw new StoreException("A picture could not be erased: " + reason(broken), broken);
        }
        List<Path> holding = new ArrayList<>(backups());
        Path copies = folder.resolve("backups").resolve("attachments");
        if (pictures.stream().anyMatch(hash -> Files.exists(copies.resolve(hash)))) {
            holding.add(copies);
        }
        return holding;
    }

    /** Returns the pictures that any state of a line named. */
    private Set<String> everNamed(Handle handle, String id) {
        Set<String> found = new HashSet<>();
        handle.createQuery("SELECT body FROM snapshot WHERE line = :id")
                .bind("id", id)
                .map((row, context) -> row.getBytes("body"))
                .forEach(body -> found.addAll(named(codec.text(codec.unpacked(body)))));
        handle.createQuery("SELECT changes FROM revision WHERE line = :id")
                .bind("id", id)
                .mapTo(String.class)
                .forEach(text -> found.addAll(named(text)));
        return found;
    }

    private boolean isNamed(String hash) {
        return asked(handle -> {
            boolean changed = handle.createQuery("SELECT count(*) FROM revision WHERE instr(changes, :hash) > 0")
                            .bind("hash", hash)
                            .mapTo(Integer.class)
                            .one()
                    > 0;
            return changed
                    || handle.createQuery("SELECT id FROM line").mapTo(String.class).list().stream()
                            .anyMatch(id -> everNamed(handle, id).contains(hash));
        });
    }

    /** Checks the whole database and every picture; the message of what is thrown says what to do. */
    public void verify() {
        List<String> found = asked(handle ->
                handle.createQuery("PRAGMA integrity_check").mapTo(String.class).list());
        if (!found.equals(List.of("ok"))) {
            throw damaged(folder, null);
        }
        pictures();
    }

    private void pictures() {
        try {
            for (String hash : attachments.all()) {
                if (!Attachments.hash(Files.readAllBytes(attachment(hash).orElseThrow()))
                        .equals(hash)) {
                    throw new StoreException("The picture " + hash + " in " + folder
                            + " is damaged: put the one of its folder \"backups/attachments\" in its place");
                }
            }
        } catch (IOException broken) {
            throw new StoreException("The pictures in " + folder + " cannot be read: " + reason(broken), broken);
        }
    }

    private <R> R asked(Function<Handle, R> question) {
        try {
            return question.apply(keeper);
        } catch (JdbiException | StoreException broken) {
            throw told(broken, folder);
        }
    }

    private StoreException cannotKeep() {
        return new StoreException(
                "The workspace " + folder
                        + " is open in another window or may not be written: nothing can be kept here. Close the other window and start again");
    }

    private <R> R changed(Function<Handle, R> change) {
        if (readOnly) {
            throw cannotKeep();
        }
        try {
            return keeper.inTransaction(change::apply);
        } catch (JdbiException | StoreException broken) {
            throw told(broken, folder);
        }
    }

    /** For tests: lets the database grow to so many pages and no further, as a full disk would. */
    void limitPages(int pages) {
        keeper.execute("PRAGMA max_page_count = " + pages);
    }

    @Override
    public void close() {
        keeper.close();
        try {
            lockChannel.close();
        } catch (IOException broken) {
            throw new StoreException(
                    "The workspace " + folder + " could not be closed: " + broken.getMessage(), broken);
        }
    }
}
