package org.soberhem.core.formula;

/** A compiled formula, or a part of one. Lengths are in millimetres, angles in radians, truth is 1 or 0. */
@FunctionalInterface
public interface Term {
    double value(Frame frame);
}
