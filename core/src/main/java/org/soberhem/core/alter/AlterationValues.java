package org.soberhem.core.alter;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.pattern.EdgeRef;

/**
 * An alteration taken apart into named values and put together again, so that one form, one file and one command line
 * serve all.
 *
 * <p>The names are those of the record's components; the values are {@link EdgeRef}, text, numbers, truth values or
 * constants.
 */
public final class AlterationValues {

    private AlterationValues() {}

    /** Returns the name of an alteration's kind, such as {@code take-in-seam}. */
    public static String kind(Class<?> type) {
        return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    /**
     * Returns the record of a kind.
     *
     * @throws IllegalArgumentException if there is no such kind
     */
    public static Class<?> type(String kind) {
        for (Class<?> type : Alteration.class.getPermittedSubclasses()) {
            if (kind(type).equals(kind)) {
                return type;
            }
        }
        throw new IllegalArgumentException("There must be a kind of alteration \"" + kind + "\"");
    }

    /** Returns what an alteration consists of, in order. */
    public static Map<String, Object> of(Alteration alteration) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (RecordComponent component : alteration.getClass().getRecordComponents()) {
            try {
                values.put(component.getName(), component.getAccessor().invoke(alteration));
            } catch (ReflectiveOperationException impossible) {
                throw new IllegalStateException("A public record must tell its components", impossible);
            }
        }
        return values;
    }

    /**
     * Makes an alteration of a kind.
     *
     * @param values one for each component; a number may be given as any number, a constant by its name
     * @throws IllegalArgumentException if a value is missing or is not what the kind takes
     */
    public static Alteration make(String kind, Map<String, Object> values) {
        Class<?> type = type(kind);
        RecordComponent[] components = type.getRecordComponents();
        Class<?>[] types = new Class<?>[components.length];
        Object[] taken = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            Object value = values.get(components[i].getName());
            if (value == null) {
                throw new IllegalArgumentException("\"" + components[i].getName() + "\" must be given for " + kind);
            }
            taken[i] = taken(types[i], value);
        }
        try {
            Constructor<?> constructor = type.getDeclaredConstructor(types);
            return (Alteration) constructor.newInstance(taken);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) {
                throw why;
            }
            throw new IllegalStateException("A record of " + kind + " could not be made", refused);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("A record of " + kind + " could not be made", impossible);
        }
    }

    /** Returns the ways that a value of a kind can be: the constants of its type. */
    public static List<Object> ways(String kind, String name) {
        for (RecordComponent component : type(kind).getRecordComponents()) {
            if (component.getName().equals(name) && component.getType().isEnum()) {
                return List.of(component.getType().getEnumConstants());
            }
        }
        throw new IllegalArgumentException("\"" + name + "\" of " + kind + " must be one of several ways");
    }

    private static Object taken(Class<?> type, Object value) {
        if (type == double.class && value instanceof Number number) {
            return number.doubleValue();
        }
        if (type == int.class && value instanceof Number number) {
            return number.intValue();
        }
        if (type.isEnum() && value instanceof String name) {
            for (Object constant : type.getEnumConstants()) {
                if (((Enum<?>) constant).name().equalsIgnoreCase(name.replace('-', '_'))) {
                    return constant;
                }
            }
            throw new IllegalArgumentException("\"" + name + "\" is not one of the ways of " + kind(type));
        }
        if (type == EdgeRef.class && value instanceof String text) {
            return EdgeRef.parse(text);
        }
        return value;
    }
}
