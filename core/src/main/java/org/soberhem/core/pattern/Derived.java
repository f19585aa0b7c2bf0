package org.soberhem.core.pattern;

/** Names of what an alteration makes out of named things: the parent's name, a stroke, and what it is. */
public final class Derived {

    private Derived() {}

    /** Says whether a name is another or was derived from it. */
    public static boolean isOf(String name, String parent) {
        return name.equals(parent)
                || name.length() > parent.length() && name.startsWith(parent) && name.charAt(parent.length()) == '/';
    }

    /** Returns the name in a piece for what it took over from another piece that was joined to it. */
    public static String takenOver(String piece, String part) {
        return piece + "/" + part;
    }

    /** Returns the name that a name was derived from, however often. */
    public static String parent(String name) {
        int stroke = name.indexOf('/');
        return stroke < 0 ? name : name.substring(0, stroke);
    }
}
