package org.soberhem.files.store;

import jakarta.json.JsonArray;
import jakarta.json.JsonReader;
import jakarta.json.JsonStructure;
import jakarta.json.JsonValue;
import jakarta.json.spi.JsonProvider;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** JSON as it lies in the database: whole values packed, what an action changed as a patch after RFC 6902. */
final class Json {

    static final JsonProvider PROVIDER = JsonProvider.provider();

    /**
     * Arrays whose lengths multiply to more are not compared element by element: that takes their product in memory.
     */
    private static final long MOST_COMPARED = 1_000_000;

    private Json() {}

    static JsonStructure parse(String text) {
        try (JsonReader reader = PROVIDER.createReader(new StringReader(text))) {
            return reader.read();
        }
    }

    /** Returns what leads from one value to another; empty where they are equal. */
    static JsonArray patch(JsonStructure from, JsonStructure to) {
        if (from.equals(to)) {
            return JsonValue.EMPTY_JSON_ARRAY;
        }
        if (!JsonDifference.isTooLarge(from, to, MOST_COMPARED)) {
            JsonArray patch = PROVIDER.createDiff(from, to).toJsonArray();
            if (to.equals(patched(from, patch))) {
                return patch;
            }
        }
        return JsonDifference.memberByMember(from, to);
    }

    /**
     * Returns a value after a patch.
     *
     * @throws jakarta.json.JsonException if the patch does not belong to the value
     */
    static JsonStructure patched(JsonStructure value, JsonArray patch) {
        return PROVIDER.createPatch(patch).apply(value);
    }

    static byte[] packed(String text) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    static String unpacked(byte[] bytes) {
        try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException damaged) {
            throw new StoreException("The workspace is damaged: a stored value cannot be unpacked", damaged);
        }
    }
}
