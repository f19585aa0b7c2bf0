package org.soberhem.files.store.stored;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.PropertyNamingStrategy;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.AnnotatedField;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedMethod;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;

/**
 * The table of names in stored values ({@code form.json}): for every record its parts, for every enum its constants,
 * for every variant of a sealed type its kind. An entry is {@code stored=inJava} where the two differ, so that a
 * renaming in Java is a changed entry here and never a changed file.
 */
final class StoredForm {

    /** The form that this application writes. */
    static final int NUMBER = 2;

    private static final String CORE = "org.soberhem.core.";

    private final Map<String, Map<String, String>> records;
    private final Map<String, Map<String, String>> enums;
    private final Map<String, String> kinds = new HashMap<>();

    StoredForm() {
        JsonNode table = read();
        if (table.get("form").asInt() != NUMBER) {
            throw new IllegalStateException("form.json must describe form " + NUMBER);
        }
        records = names(table.get("records"));
        enums = names(table.get("enums"));
        table.get("kinds")
                .properties()
                .forEach(kind -> kinds.put(kind.getKey(), kind.getValue().asString()));
    }

    private static JsonNode read() {
        try (InputStream in = StoredForm.class.getResourceAsStream("form.json")) {
            return JsonMapper.shared().readTree(in);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot read form.json", broken);
        }
    }

    /** Returns, by class, the stored names by those in Java. */
    private static Map<String, Map<String, String>> names(JsonNode types) {
        Map<String, Map<String, String>> all = new HashMap<>();
        types.properties().forEach(type -> {
            Map<String, String> names = new LinkedHashMap<>();
            for (String entry : type.getValue().asString().split(" ")) {
                int equals = entry.indexOf('=');
                names.put(entry.substring(equals + 1), equals < 0 ? entry : entry.substring(0, equals));
            }
            all.put(type.getKey(), names);
        });
        return all;
    }

    /** Returns every class that the table names, without the common beginning of their packages. */
    Set<String> types() {
        Set<String> all = new TreeSet<>(records.keySet());
        all.addAll(enums.keySet());
        return all;
    }

    /** Returns the parts of a record as they are called in Java. */
    Set<String> parts(Class<?> type) {
        return records.getOrDefault(key(type), Map.of()).keySet();
    }

    static String key(Class<?> type) {
        return type.getName().startsWith(CORE) ? type.getName().substring(CORE.length()) : type.getName();
    }

    /**
     * Returns the kind by which a variant of a sealed type is known.
     *
     * @throws IllegalStateException if the table does not name it
     */
    String kind(Class<?> variant) {
        return known(kinds.get(key(variant)), variant, "kind");
    }

    private static <T> T known(T found, Class<?> type, String what) {
        if (found == null) {
            throw new IllegalStateException("form.json must name the " + what + " of " + type.getName());
        }
        return found;
    }

    private String part(AnnotatedMember member, String inJava) {
        Class<?> type = member.getDeclaringClass();
        return type.isRecord() && type.getName().startsWith(CORE)
                ? known(known(records.get(key(type)), type, "parts").get(inJava), type, "part \"" + inJava + "\"")
                : inJava;
    }

    /** Names the parts of records. */
    PropertyNamingStrategy parts() {
        return new PropertyNamingStrategy() {
            private static final long serialVersionUID = 1L;

            @Override
            public String nameForField(MapperConfig<?> config, AnnotatedField field, String inJava) {
                return part(field, inJava);
            }

            @Override
            public String nameForGetterMethod(MapperConfig<?> config, AnnotatedMethod method, String inJava) {
                return part(method, inJava);
            }

            @Override
            public String nameForConstructorParameter(
                    MapperConfig<?> config, AnnotatedParameter parameter, String inJava) {
                return part(parameter, inJava);
            }
        };
    }

    /** Names the constants of enums. */
    JacksonAnnotationIntrospector constants() {
        return new JacksonAnnotationIntrospector() {
            private static final long serialVersionUID = 1L;

            @Override
            public String[] findEnumValues(
                    MapperConfig<?> config, AnnotatedClass type, Enum<?>[] constants, String[] names) {
                if (!type.getRawType().getName().startsWith(CORE)) {
                    return super.findEnumValues(config, type, constants, names);
                }
                Map<String, String> stored = known(enums.get(key(type.getRawType())), type.getRawType(), "constants");
                return Arrays.stream(constants)
                        .map(constant -> known(stored.get(constant.name()), type.getRawType(), constant.name()))
                        .toArray(String[]::new);
            }
        };
    }
}
