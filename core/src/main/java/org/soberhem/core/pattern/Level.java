package org.soberhem.core.pattern;

import org.soberhem.core.geometry.Point;

/**
 * A line across a piece at a height of the body, such as the bust or the waist.
 *
 * @param name the height; pieces with a level of one name are measured together
 * @param from where it starts, nearer the centre
 * @param to where it ends
 */
public record Level(String name, Point from, Point to) {}
