package org.soberhem.core.pattern;

/**
 * A mark on an edge that meets its fellow when sewn.
 *
 * @param name unique in its piece
 * @param edge name of the edge
 * @param share where on the edge, 0 at its start to 1 at its end
 */
public record Notch(String name, String edge, double share) {}
