package org.soberhem.files.store.stored;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a stored value has and this application does not know: it is written back where it was, as long as its place is
 * there. An element of a list is found again by its id, name or number, or by its place in the list where it has none
 * of them.
 */
public final class Unknown {

    /** Nothing unknown. */
    public static final Unknown NOTHING = new Unknown(List.of());

    private static final List<String> TELLING = List.of("id", "name", "number", "hash");

    private record Step(String member, Optional<Telling> telling, int place) {}

    private record Telling(String member, JsonNode value) {}

    private record Found(List<Step> where, String member, JsonNode value) {}

    private final List<Found> found;

    private Unknown(List<Found> found) {
        this.found = List.copyOf(found);
    }

    /**
     * Returns what is in a stored value and not in what this application makes of it.
     *
     * @param stored as it lies in the workspace
     * @param known the same value, read and written again
     */
    public static Unknown in(JsonNode stored, JsonNode known) {
        List<Found> found = new ArrayList<>();
        look(stored, known, List.of(), found);
        return found.isEmpty() ? NOTHING : new Unknown(found);
    }

    private static void look(JsonNode stored, JsonNode known, List<Step> where, List<Found> found) {
        if (stored instanceof ObjectNode object && known instanceof ObjectNode other) {
            object.properties().forEach(member -> {
                if (!other.has(member.getKey())) {
                    found.add(new Found(where, member.getKey(), member.getValue()));
                } else {
                    Step step = new Step(member.getKey(), Optional.empty(), -1);
                    look(member.getValue(), other.get(member.getKey()), then(where, step), found);
                }
            });
        } else if (stored instanceof ArrayNode list
                && known instanceof ArrayNode other
                && list.size() == other.size()) {
            for (int i = 0; i < list.size(); i++) {
                look(list.get(i), other.get(i), then(where, new Step("", telling(list.get(i)), i)), found);
            }
        }
    }

    private static List<Step> then(List<Step> where, Step step) {
        List<Step> all = new ArrayList<>(where);
        all.add(step);
        return all;
    }

    private static Optional<Telling> telling(JsonNode element) {
        return TELLING.stream()
                .filter(element::hasNonNull)
                .map(member -> new Telling(member, element.get(member)))
                .findFirst();
    }

    /** Puts what is unknown into a value that is about to be written. */
    public void into(JsonNode value) {
        for (Found each : found) {
            JsonNode at = value;
            for (Step step : each.where()) {
                at = at == null ? null : next(at, step);
            }
            if (at instanceof ObjectNode object && !object.has(each.member())) {
                object.set(each.member(), each.value());
            }
        }
    }

    private static JsonNode next(JsonNode at, Step step) {
        if (step.place() < 0) {
            return at.get(step.member());
        }
        if (step.telling().isEmpty()) {
            return at.get(step.place());
        }
        Telling telling = step.telling().get();
        return at.values().stream()
                .filter(element -> telling.value().equals(element.get(telling.member())))
                .findFirst()
                .orElse(null);
    }
}
