package org.soberhem.files.store;

import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import jakarta.json.JsonPatchBuilder;
import jakarta.json.JsonStructure;
import jakarta.json.JsonValue;

/** What is too large to be compared element by element is replaced member by member. */
final class JsonDifference {

    private JsonDifference() {}

    /**
     * Says whether two values hold, at the same place, arrays that differ and whose lengths multiply to more than a
     * number.
     */
    static boolean isTooLarge(JsonValue from, JsonValue to, long most) {
        if (from instanceof JsonArray before && to instanceof JsonArray after) {
            if ((long) before.size() * after.size() > most && !before.equals(after)) {
                return true;
            }
            int common = Math.min(before.size(), after.size());
            for (int i = 0; i < common; i++) {
                if (isTooLarge(before.get(i), after.get(i), most)) {
                    return true;
                }
            }
        } else if (from instanceof JsonObject before && to instanceof JsonObject after) {
            return before.entrySet().stream()
                    .anyMatch(member -> after.containsKey(member.getKey())
                            && isTooLarge(member.getValue(), after.get(member.getKey()), most));
        }
        return false;
    }

    /** Returns a patch that replaces each member that differs as a whole. */
    static JsonArray memberByMember(JsonStructure from, JsonStructure to) {
        JsonPatchBuilder patch = Json.PROVIDER.createPatchBuilder();
        if (from instanceof JsonObject before && to instanceof JsonObject after) {
            before.forEach((name, value) -> {
                if (!after.containsKey(name)) {
                    patch.remove(pointer(name));
                }
            });
            after.forEach((name, value) -> {
                if (!value.equals(before.get(name))) {
                    patch.add(pointer(name), value);
                }
            });
        } else {
            patch.replace("", to);
        }
        return patch.build().toJsonArray();
    }

    private static String pointer(String name) {
        return "/" + jakarta.json.Json.encodePointer(name);
    }
}
