package org.soberhem.files.store;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What changed between two JSON values: a list of {@code {at, was, is}}, where a missing {@code was} means added and a
 * missing {@code is} removed.
 */
final class Changes {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private Changes() {}

    static ArrayNode between(JsonNode before, JsonNode after) {
        ArrayNode changes = JSON.arrayNode();
        compare("", before, after, changes);
        return changes;
    }

    private static void compare(String at, JsonNode before, JsonNode after, ArrayNode changes) {
        if (before.equals(after)) {
            return;
        }
        if (before.isObject() && after.isObject()) {
            before.propertyNames().forEach(name -> {
                if (!after.has(name)) {
                    changes.addObject().put("at", at + "/" + name).set("was", before.get(name));
                }
            });
            after.propertyNames().forEach(name -> {
                if (before.has(name)) {
                    compare(at + "/" + name, before.get(name), after.get(name), changes);
                } else {
                    changes.addObject().put("at", at + "/" + name).set("is", after.get(name));
                }
            });
        } else if (before.isArray() && after.isArray()) {
            int common = Math.min(before.size(), after.size());
            for (int i = 0; i < common; i++) {
                compare(at + "/" + i, before.get(i), after.get(i), changes);
            }
            for (int i = before.size() - 1; i >= common; i--) {
                changes.addObject().put("at", at + "/" + i).set("was", before.get(i));
            }
            for (int i = common; i < after.size(); i++) {
                changes.addObject().put("at", at + "/" + i).set("is", after.get(i));
            }
        } else {
            ObjectNode change = changes.addObject().put("at", at);
            change.set("was", before);
            change.set("is", after);
        }
    }

    /** Returns the value after the changes. */
    static JsonNode forward(JsonNode value, JsonNode changes) {
        JsonNode result = value.deepCopy();
        for (JsonNode change : changes) {
            result = put(result, change.get("at").asString(), change.get("is"));
        }
        return result;
    }

    /** Returns the value before the changes. */
    static JsonNode backward(JsonNode value, JsonNode changes) {
        JsonNode result = value.deepCopy();
        for (int i = changes.size() - 1; i >= 0; i--) {
            result = put(
                    result, changes.get(i).get("at").asString(), changes.get(i).get("was"));
        }
        return result;
    }

    private static JsonNode put(JsonNode root, String at, JsonNode value) {
        if (at.isEmpty()) {
            return value;
        }
        int slash = at.lastIndexOf('/');
        JsonNode parent = root.at(at.substring(0, slash));
        String name = at.substring(slash + 1);
        if (parent instanceof ObjectNode object) {
            if (value == null) {
                object.remove(name);
            } else {
                object.set(name, value);
            }
        } else if (parent instanceof ArrayNode array) {
            int index = Integer.parseInt(name);
            if (value == null) {
                array.remove(index);
            } else if (index < array.size()) {
                array.set(index, value);
            } else {
                array.add(value);
            }
        } else {
            throw new StoreException("The workspace is damaged: a revision changes \"" + at + "\", which is not there");
        }
        return root;
    }
}
