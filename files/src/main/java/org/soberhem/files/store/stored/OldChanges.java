package org.soberhem.files.store.stored;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What workspaces of form 1 kept of an action: a list of {@code {at, was, is}}, where a missing {@code was} means added
 * and a missing {@code is} removed. {@code at} is a path of names and places as they are; names with a stroke in them
 * could not be kept and do not occur.
 */
public final class OldChanges {

    private OldChanges() {}

    /**
     * Returns the value after the changes.
     *
     * @throws IllegalArgumentException if they do not belong to the value
     */
    public static JsonNode forward(JsonNode value, JsonNode changes) {
        JsonNode result = value.deepCopy();
        for (JsonNode change : changes) {
            String at = change.get("at").asString();
            if (at.isEmpty()) {
                result = change.get("is");
            } else {
                put(result, at, change.get("is"));
            }
        }
        return result;
    }

    private static void put(JsonNode root, String at, JsonNode value) {
        String[] names = at.substring(1).split("/", -1);
        JsonNode parent = root;
        for (int i = 0; parent != null && i < names.length - 1; i++) {
            parent = parent instanceof ArrayNode array ? array.get(Integer.parseInt(names[i])) : parent.get(names[i]);
        }
        String name = names[names.length - 1];
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
            throw new IllegalArgumentException("a revision changes \"" + at + "\", which is not there");
        }
    }
}
