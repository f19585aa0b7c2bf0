package org.soberhem.files.store.stored;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Pattern;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/** Turns core's values into JSON and back, by the names of the stored form. */
public final class Codec {

    /** The form that values are written in. */
    public static final int FORM = StoredForm.NUMBER;

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonIgnoreProperties("sentence")
    private interface AlterationJson {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface SegmentJson {}

    /** Two numbers instead of two names and two numbers: a finished pattern has thousands of places. */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    private interface PointJson {}

    /** How a mock-up was tried on stands among what a fitting says of itself. */
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

    private static final StoredForm FORMS = new StoredForm();
    private static final JsonMapper WHOLE = mapper();

    private final JsonMapper mapper;
    private final PartedContent parts;

    private Codec(JsonMapper mapper, PartedContent parts) {
        this.mapper = mapper;
        this.parts = parts;
    }

    /** Returns a codec whose JSON holds everything itself. */
    public static Codec whole() {
        return new Codec(WHOLE, null);
    }

    /** Returns a codec whose JSON names finished patterns and sheets, which lie beside it. */
    public static Codec beside(Content content) {
        PartedContent parts = new PartedContent(content, WHOLE);
        SimpleModule module = new SimpleModule();
        module.addSerializer(Pattern.class, parts.patternOut());
        module.addDeserializer(Pattern.class, parts.patternIn());
        return new Codec(WHOLE.rebuild().addModule(module).build(), parts);
    }

    private static JsonMapper mapper() {
        return JsonMapper.builder()
                .addMixIn(Alteration.class, AlterationJson.class)
                .addMixIn(Length.class, LengthJson.class)
                .addMixIn(Segment.class, SegmentJson.class)
                .addMixIn(Point.class, PointJson.class)
                .addMixIn(Fitting.class, FittingJson.class)
                .registerSubtypes(kinds(Alteration.class))
                .registerSubtypes(kinds(Segment.class))
                .propertyNamingStrategy(FORMS.parts())
                .annotationIntrospector(FORMS.constants())
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                // What a record can tell about itself is not a part of it.
                .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .build();
    }

    private static NamedType[] kinds(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .map(type -> new NamedType(type, FORMS.kind(type)))
                .toArray(NamedType[]::new);
    }

    /** Returns a value of core as JSON. */
    public JsonNode tree(Object value) {
        JsonNode tree = mapper.valueToTree(value);
        return parts == null ? tree : parts.detached(tree);
    }

    /** Returns the value that JSON of the present form stands for. */
    public <T> T value(JsonNode tree, Class<T> type) {
        return mapper.treeToValue(parts == null ? tree : parts.attached(tree), type);
    }

    /**
     * Returns JSON of an older form as JSON of the present one, with what it names beside it.
     *
     * @param form the form that it has, from 1
     * @param kind what it is: costume, wearer, maker, stash
     */
    public JsonNode brought(int form, String kind, JsonNode old) {
        JsonNode now = form < 2 ? FormOne.toFormTwo(kind, old.deepCopy()) : old;
        return parts == null ? now : parts.detached(now);
    }

    public String text(JsonNode tree) {
        return mapper.writeValueAsString(tree);
    }

    public JsonNode parse(String text) {
        return mapper.readTree(text);
    }
}
