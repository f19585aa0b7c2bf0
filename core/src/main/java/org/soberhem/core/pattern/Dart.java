package org.soberhem.core.pattern;

import org.soberhem.core.geometry.Point;

/**
 * Cloth folded away between two legs that meet in a point.
 *
 * @param name unique in its piece
 * @param point where it vanishes
 * @param first leg's open end
 * @param second leg's open end
 */
public record Dart(String name, Point point, Point first, Point second) {}
