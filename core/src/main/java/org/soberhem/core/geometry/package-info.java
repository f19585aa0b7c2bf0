/**
 * Plane geometry of pieces, in millimetres and radians.
 *
 * <p>x runs to the right, across the base line ("out" on a sheet); y runs down, along it. Outlines run clockwise as
 * seen. A positive allowance lies outside the outline. Tolerances are arguments; iteration counts are fixed, so that
 * results do not differ between machines. JTS answers questions of crossing and overlay, here and nowhere else.
 */
package org.soberhem.core.geometry;
