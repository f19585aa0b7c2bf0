package org.soberhem.library.input;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/**
 * Reads files that a maker gives, and no more of them than belongs there: what a file says of its own size is not
 * believed.
 */
public final class GivenFile {

    /** A text has fewer bytes. */
    public static final int MOST_TEXT = 8_000_000;

    private GivenFile() {}

    /**
     * Reads a whole file.
     *
     * @param most bytes that it may have
     * @throws FormatException if it is larger, or cannot be read; the message says why
     */
    public static byte[] bytes(Path file, int most) {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] content = in.readNBytes(most + 1);
            if (content.length > most) {
                throw new FormatException("it is larger than " + most + " bytes: no file that is read here is");
            }
            return content;
        } catch (NoSuchFileException missing) {
            throw new FormatException("there is no such file");
        } catch (IOException broken) {
            throw new FormatException("it cannot be read: " + Failure.reason(broken));
        }
    }

    /**
     * Reads a text.
     *
     * @throws FormatException as {@link #bytes}, or if it is not UTF-8
     */
    public static String text(Path file) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes(file, MOST_TEXT)))
                    .toString();
        } catch (CharacterCodingException binary) {
            throw new FormatException("it is not UTF-8 text");
        }
    }
}
