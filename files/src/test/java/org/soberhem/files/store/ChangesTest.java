package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

class ChangesTest {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void between_anyTwoValues_goesForthAndBack(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            JsonNode before = value(random, 3);
            JsonNode after = random.nextBoolean() ? value(random, 3) : mutated(before.deepCopy(), random);
            ArrayNode changes = Changes.between(before, after);
            assertThat(Changes.forward(before, changes))
                    .as("seed %d, round %d", seed, i)
                    .isEqualTo(after);
            assertThat(Changes.backward(after, changes))
                    .as("seed %d, round %d", seed, i)
                    .isEqualTo(before);
            assertThat(changes.isEmpty()).isEqualTo(before.equals(after));
        }
    }

    @Test
    void between_oneFieldDeepInside_namesOnlyThat() {
        JsonNode before = MAPPER.readTree("{\"a\": {\"b\": [1, 2, 3], \"c\": 4}, \"d\": 5}");
        JsonNode after = MAPPER.readTree("{\"a\": {\"b\": [1, 9, 3], \"c\": 4}, \"d\": 5}");
        assertThat(Changes.between(before, after).toString()).isEqualTo("[{\"at\":\"/a/b/1\",\"was\":2,\"is\":9}]");
    }

    @Test
    void forward_placeThatIsNotThere_saysThatTheWorkspaceIsDamaged() {
        JsonNode changes = MAPPER.readTree("[{\"at\": \"/a/b/c\", \"is\": 1}]");
        assertThatThrownBy(() -> Changes.forward(MAPPER.readTree("{\"a\": 1}"), changes))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("/a/b/c");
    }

    private static JsonNode value(Random random, int depth) {
        int kind = random.nextInt(depth > 0 ? 6 : 4);
        return switch (kind) {
            case 0 -> JSON.numberNode(random.nextInt(100));
            case 1 -> JSON.stringNode("text " + random.nextInt(20));
            case 2 -> JSON.booleanNode(random.nextBoolean());
            case 3 -> JSON.nullNode();
            case 4 -> {
                ArrayNode array = JSON.arrayNode();
                for (int i = random.nextInt(4); i > 0; i--) {
                    array.add(value(random, depth - 1));
                }
                yield array;
            }
            default -> {
                ObjectNode object = JSON.objectNode();
                for (int i = random.nextInt(4); i > 0; i--) {
                    object.set("k" + random.nextInt(6), value(random, depth - 1));
                }
                yield object;
            }
        };
    }

    private static JsonNode mutated(JsonNode node, Random random) {
        if (node instanceof ObjectNode object) {
            object.set("k" + random.nextInt(6), value(random, 1));
        } else if (node instanceof ArrayNode array) {
            array.add(value(random, 1));
        }
        return node;
    }
}
