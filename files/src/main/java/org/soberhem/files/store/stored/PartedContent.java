package org.soberhem.files.store.stored;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.soberhem.core.pattern.Pattern;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Puts finished patterns and the texts of sheets beside a value, as {@code {"part": hash}}, and back into it. */
final class PartedContent {

    private static final String PART = "part";
    private static final int PATTERNS_KEPT = 128;

    private final Content content;
    private final JsonMapper whole;
    private final JsonMapper sorted;

    /** The hashes of patterns at hand: the same one is not written out again. */
    private final Cache<Pattern, String> hashes =
            Caffeine.newBuilder().weakKeys().build();

    private final Cache<String, Pattern> patterns =
            Caffeine.newBuilder().maximumSize(PATTERNS_KEPT).softValues().build();

    PartedContent(Content content, JsonMapper whole) {
        this.content = content;
        this.whole = whole;
        this.sorted = JsonMapper.builder()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
    }

    private String keep(JsonNode part) {
        String hash = hash(part);
        if (!content.has(hash)) {
            content.add(hash, whole.writeValueAsString(part));
        }
        return hash;
    }

    /** The order of members makes no other part. */
    private String hash(JsonNode part) {
        byte[] text = sorted.writeValueAsBytes(sorted.treeToValue(part, Object.class));
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }

    private String keep(Pattern pattern) {
        String known = hashes.getIfPresent(pattern);
        if (known != null && content.has(known)) {
            return known;
        }
        String hash = keep(whole.<JsonNode>valueToTree(pattern));
        hashes.put(pattern, hash);
        return hash;
    }

    private Pattern pattern(String hash) {
        return patterns.get(hash, missing -> {
            Pattern read = whole.readValue(content.get(missing), Pattern.class);
            hashes.put(read, missing);
            return read;
        });
    }

    ValueSerializer<Pattern> patternOut() {
        return new ValueSerializer<>() {
            @Override
            public void serialize(Pattern pattern, JsonGenerator out, SerializationContext context) {
                out.writeStartObject();
                out.writeStringProperty(PART, keep(pattern));
                out.writeEndObject();
            }
        };
    }

    ValueDeserializer<Pattern> patternIn() {
        return new ValueDeserializer<>() {
            @Override
            public Pattern deserialize(JsonParser in, DeserializationContext context) {
                JsonNode node = context.readTree(in);
                return node.path(PART).isString()
                        ? pattern(node.get(PART).asString())
                        : whole.treeToValue(node, Pattern.class);
            }
        };
    }

    /** Returns a costume's JSON with what stands in it put beside it; other values as they are. */
    JsonNode detached(JsonNode value) {
        for (JsonNode garment : value.path("garments").values()) {
            detach(garment, "sheet");
            for (JsonNode version : garment.path("versions").values()) {
                detach(version, "sheet");
                detach(version, "finished");
            }
        }
        return value;
    }

    private void detach(JsonNode from, String name) {
        JsonNode part = from.path(name);
        boolean there = part.isObject() ? !part.has(PART) : !part.asString("").isEmpty();
        if (from instanceof ObjectNode object && there) {
            object.set(name, JsonNodeFactory.instance.objectNode().put(PART, keep(part)));
        }
    }

    /** Returns a costume's JSON with the texts of its sheets in it. */
    JsonNode attached(JsonNode value) {
        if (!value.path("garments").isArray()) {
            return value;
        }
        JsonNode copy = value.deepCopy();
        for (JsonNode garment : copy.path("garments").values()) {
            attach(garment);
            garment.path("versions").values().forEach(this::attach);
        }
        return copy;
    }

    private void attach(JsonNode of) {
        JsonNode part = of.path("sheet").path(PART);
        if (of instanceof ObjectNode object && part.isString()) {
            object.set("sheet", whole.readTree(content.get(part.asString())));
        }
    }
}
