package org.soberhem.core.plan;

/** How a maker sews: it changes how long the steps take and where they can be done. */
public enum Manner {
    MIXED("long seams by machine, the rest by hand"),
    BY_HAND("all by hand"),
    BY_MACHINE("all by machine");

    private final String words;

    Manner(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * What a manner of sewing changes, from memory.
     *
     * @param bench how many times as long work takes that is usually done by machine
     * @param hand how many times as long work takes that is usually done by hand
     */
    public record Factors(double bench, double hand) {}
}
