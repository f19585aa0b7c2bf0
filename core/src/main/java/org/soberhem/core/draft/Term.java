package org.soberhem.core.draft;

/** A compiled formula, or a part of one. Lengths are in millimetres, angles in radians, truth is 1 or 0. */
@FunctionalInterface
interface Term {
    double value(Frame frame);
}
