package org.soberhem.desk.widget;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.soberhem.library.input.Failure;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.input.GivenFile;

/** Asks where files go to or come from, and writes and reads them away from the interface. */
public final class FileDesk {

    /** A larger file is none of those that are read here. */
    private static final int MOST_BYTES = 5_000_000;

    private final Function<String, Optional<Path>> destination;
    private final Supplier<Optional<Path>> origin;
    private final Executor background;
    private final Executor ui;

    /**
     * @param destination asks where a file of a suggested name goes; empty if the maker changes their mind
     * @param origin asks which file is read
     * @param background where files are written and read
     * @param ui runs on the interface thread
     */
    public FileDesk(
            Function<String, Optional<Path>> destination,
            Supplier<Optional<Path>> origin,
            Executor background,
            Executor ui) {
        this.destination = destination;
        this.origin = origin;
        this.background = background;
        this.ui = ui;
    }

    /**
     * Asks where a file goes, and writes it.
     *
     * @param name suggested
     * @param content made in the background
     * @param said gets what becomes of it, in words
     */
    public void write(String name, Supplier<byte[]> content, Consumer<String> said) {
        destination.apply(name).ifPresent(file -> {
            said.accept("Writing " + file.getFileName() + " …");
            background.execute(() -> {
                String answer = written(file, content);
                ui.execute(() -> said.accept(answer));
            });
        });
    }

    private static String written(Path file, Supplier<byte[]> content) {
        try {
            Files.write(file, content.get());
            return "Written: " + file;
        } catch (IOException broken) {
            return "Not written: " + file + " (" + Failure.reason(broken) + "). Choose another folder.";
        } catch (RuntimeException | Error broken) {
            return "Not written: " + file + ". " + Failure.sentence(broken);
        }
    }

    /**
     * Asks where a file goes that something else writes.
     *
     * @param name suggested
     */
    public void where(String name, Consumer<Path> then) {
        destination.apply(name).ifPresent(then);
    }

    /**
     * Asks which file is read, and reads it.
     *
     * @param text gets its text and its name
     * @param said gets why it cannot be read, in words
     */
    public void read(BiConsumer<String, String> text, Consumer<String> said) {
        read(MOST_BYTES, content -> new String(content, StandardCharsets.UTF_8), text, said);
    }

    /**
     * Asks which file is read, and makes something of it in the background.
     *
     * @param most bytes that it may have
     * @param made makes something of what it holds; what is wrong with that it says by a {@link FormatException}
     * @param then gets it, with the file's name
     * @param said gets why it cannot be read, in words
     */
    public <T> void read(int most, Function<byte[], T> made, BiConsumer<T, String> then, Consumer<String> said) {
        origin.get()
                .ifPresent(file -> background.execute(() -> {
                    try {
                        T content = made.apply(GivenFile.bytes(file, most));
                        ui.execute(() -> then.accept(content, String.valueOf(file.getFileName())));
                    } catch (RuntimeException | Error wrong) {
                        ui.execute(() -> said.accept(file.getFileName() + ": " + Failure.sentence(wrong)));
                    }
                }));
    }

    /**
     * Makes something in the background.
     *
     * @param made what is wrong with it, it says by a {@link FormatException}
     * @param then gets it
     * @param said gets why it cannot be made, in words
     */
    public <T> void load(Supplier<T> made, Consumer<T> then, Consumer<String> said) {
        background.execute(() -> {
            try {
                T content = made.get();
                ui.execute(() -> then.accept(content));
            } catch (RuntimeException | Error wrong) {
                ui.execute(() -> said.accept(Failure.sentence(wrong)));
            }
        });
    }

    /** Returns words as a file name, without its ending. */
    public static String nameOf(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }
}
