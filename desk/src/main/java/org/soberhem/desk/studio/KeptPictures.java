package org.soberhem.desk.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Photograph;
import org.soberhem.files.picture.Pictures;
import org.soberhem.library.input.Failure;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.Keeper;

/** Pictures kept beside the workspace: asked for, kept, and read again off the interface thread. */
public final class KeptPictures {

    /** A picture that cannot be read at this size cannot be read at all, in points. */
    private static final int TRIED = 200;

    private final Keeper keeper;
    private final FileDesk files;

    public KeptPictures(Keeper keeper, FileDesk files) {
        this.keeper = keeper;
        this.files = files;
    }

    /**
     * Asks for a picture; one that cannot be read is refused before it is kept.
     *
     * @param then gets its content and its name
     * @param said gets what is wrong with it, in words
     */
    public void ask(BiConsumer<byte[], String> then, Consumer<String> said) {
        files.read(Pictures.MOST_BYTES, KeptPictures::checked, then, said);
    }

    private static byte[] checked(byte[] content) {
        Pictures.small(content, TRIED);
        return content;
    }

    /** Keeps a picture; {@code done} gets its hash when it is durable. */
    public void keep(byte[] content, Consumer<String> done) {
        keeper.attach(List.of(content), hashes -> done.accept(hashes.get(0)));
    }

    /**
     * Reads a kept picture upright.
     *
     * @param longest of its sides, in points
     * @param then gets it on the interface thread
     * @param said gets why it cannot be read, in words
     */
    public void load(String hash, int longest, Consumer<Image> then, Consumer<String> said) {
        files.load(() -> Photograph.of(Pictures.small(content(hash), longest)), then, said);
    }

    private byte[] content(String hash) {
        try {
            return Files.readAllBytes(
                    keeper.attachment(hash)
                            .orElseThrow(
                                    () -> new FormatException(
                                            "A picture is missing in the folder \"attachments\" of the workspace: put it back from \"backups\"")));
        } catch (IOException broken) {
            throw new FormatException("A picture cannot be read: " + Failure.reason(broken));
        }
    }
}
