package org.soberhem.files.store.stored;

import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings values of form 1 up to form 2. Form 1 had the names of Java's records and grew with them: what a record got
 * later is lacking in what was written before. Here it gets what it then meant.
 */
final class FormOne {

    private static final JsonMapper JSON = JsonMapper.shared();

    private FormOne() {}

    /**
     * Returns a value of form 1 as one of form 2; what no form knows stays.
     *
     * @param kind costume, wearer or maker; others have not changed
     */
    static JsonNode toFormTwo(String kind, JsonNode old) {
        if (!(old instanceof ObjectNode value)) {
            return old;
        }
        switch (kind) {
            case "costume" -> costume(value);
            case "wearer" -> wearer(value);
            case "maker" -> maker(value);
            default -> {
                return value;
            }
        }
        return value;
    }

    /** Gives a part that is lacking or null what it means then. */
    private static void lacking(ObjectNode value, String part, String meant) {
        if (!value.hasNonNull(part)) {
            value.set(part, JSON.readTree(meant));
        }
    }

    private static Iterable<ObjectNode> each(JsonNode list) {
        return () -> list.values().stream()
                .filter(ObjectNode.class::isInstance)
                .map(ObjectNode.class::cast)
                .iterator();
    }

    private static void costume(ObjectNode costume) {
        lacking(costume, "choices", "{}");
        lacking(costume, "look", "{\"silhouette\": \"\", \"school\": \"\", \"departures\": {}}");
        lacking(costume, "papers", "{\"references\": [], \"passages\": [], \"wearings\": [], \"otherwise\": \"\"}");
        lacking(
                costume,
                "underway",
                "{\"cloth\": [], \"bench\": {\"tasks\": [], \"spells\": []}, \"archived\": false}");
        for (ObjectNode garment : each(costume.path("garments"))) {
            lacking(garment, "origin", "\"\"");
            for (ObjectNode version : each(garment.path("versions"))) {
                // They were drawn from the sheet that the garment had all along.
                if (version.path("sheet").asString("").isEmpty() && garment.has("sheet")) {
                    version.set("sheet", garment.get("sheet"));
                }
                lacking(version, "after", "0");
            }
        }
        for (ObjectNode fitting : each(costume.path("fittings"))) {
            fitting(fitting);
        }
    }

    private static void fitting(ObjectNode fitting) {
        for (String list : Set.of("off", "stance", "trials", "pictures")) {
            lacking(fitting, list, "[]");
        }
        lacking(fitting, "answers", "{}");
        lacking(fitting, "mark", "\"\"");
        lacking(fitting, "markTried", "false");
        lacking(fitting, "insideOut", "false");
        if (fitting.path("mockup") instanceof ObjectNode mockup) {
            for (String set : Set.of("differs", "planned", "putIn")) {
                lacking(mockup, set, "[]");
            }
        }
        for (ObjectNode remark : each(fitting.path("remarks"))) {
            lacking(remark, "followed", "{}");
            lacking(remark, "movement", "\"\"");
            lacking(remark, "tested", "{}");
            if (remark.path("decision") instanceof ObjectNode decision) {
                lacking(decision, "kind", decision.hasNonNull("alteration") ? "\"ALTER\"" : "\"OWN_WORDS\"");
            }
        }
    }

    private static void wearer(ObjectNode wearer) {
        lacking(wearer, "build", "{\"age\": \"ADULT\", \"bust\": true}");
        lacking(wearer, "consent", "{\"pictures\": false, \"words\": \"\"}");
        for (ObjectNode set : each(wearer.path("sets"))) {
            lacking(set, "worn", "{\"gap\": null, \"rings\": [], \"heel\": null, \"hair\": \"\"}");
            lacking(set, "start", "\"END\"");
            lacking(set, "settled", "[]");
        }
    }

    private static void maker(ObjectNode maker) {
        for (String map : Set.of("sheets", "silhouettes", "causes", "tracings")) {
            lacking(maker, map, "{}");
        }
        lacking(maker, "leftHanded", "false");
        if (maker.path("square").asDouble(0) == 0) {
            maker.put("square", 100.0);
        }
        lacking(maker, "habits", "{\"limit\": 3, \"rate\": 0}");
        for (JsonNode causes : maker.path("causes").values()) {
            for (ObjectNode cause : each(causes)) {
                renamed(cause.path("test"), "todo", "task");
                renamed(cause.path("remedy"), "todo", "task");
            }
        }
    }

    private static void renamed(JsonNode value, String was, String is) {
        if (value instanceof ObjectNode object && object.has(was) && !object.has(is)) {
            object.set(is, object.remove(was));
        }
    }
}
