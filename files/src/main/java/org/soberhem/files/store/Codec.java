package org.soberhem.files.store;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.annotation.JsonValue;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Terms;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Line;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.length.Length;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;

/** Turns core's values into JSON and back. Names in JSON are those of the record components. */
public final class Codec {

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonIgnoreProperties("sentence")
    private interface AlterationJson {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Line.class, name = "line"),
        @JsonSubTypes.Type(value = Cubic.class, name = "curve")
    })
    private interface SegmentJson {}

    /** Two numbers instead of two names and two numbers: a finished pattern has thousands of places. */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    private interface PointJson {}

    /** How a mock-up was tried on stands among what a fitting says of itself, as in older workspaces. */
    private interface FittingJson {
        @JsonUnwrapped
        Conditions conditions();
    }

    private abstract static class LengthJson {
        @JsonCreator
        LengthJson(long nanometres) {}

        @JsonValue
        abstract long nanometres();
    }

    private final JsonMapper mapper = JsonMapper.builder()
            .addMixIn(Alteration.class, AlterationJson.class)
            .addMixIn(Length.class, LengthJson.class)
            .addMixIn(Segment.class, SegmentJson.class)
            .addMixIn(Point.class, PointJson.class)
            .addMixIn(Fitting.class, FittingJson.class)
            .registerSubtypes(kinds())
            // What a record can tell about itself is not a part of it.
            .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
            .build();

    private static NamedType[] kinds() {
        return Arrays.stream(Alteration.class.getPermittedSubclasses())
                .map(type -> new NamedType(type, Terms.kind(type)))
                .toArray(NamedType[]::new);
    }

    /** Returns a value of core as JSON. */
    public JsonNode tree(Object value) {
        return mapper.valueToTree(value);
    }

    /** Returns the value that JSON stands for. */
    public <T> T value(JsonNode tree, Class<T> type) {
        return mapper.treeToValue(tree, type);
    }

    public String text(JsonNode tree) {
        return mapper.writeValueAsString(tree);
    }

    public JsonNode parse(String text) {
        return mapper.readTree(text);
    }

    byte[] packed(JsonNode tree) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(mapper.writeValueAsBytes(tree));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    JsonNode unpacked(byte[] bytes) {
        try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return mapper.readTree(zip);
        } catch (IOException damaged) {
            throw new StoreException("The workspace is damaged: a stored value cannot be unpacked", damaged);
        }
    }
}
